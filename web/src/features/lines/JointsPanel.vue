<script setup lang="ts">
import { computed } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import { newId } from '@/job/paths'
import type { AdapterPart, FilterPart, Hose, InHose, LineResult, SensorPart } from '@/shared/api/types'
import { camel, choiceWord, partName, say, whatToDo, why, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useShelf } from '@/features/parts/useShelf'
import QuantityField from '@/job/fields/QuantityField.vue'

/** What sits in the hoses, and how each end is joined to its port: seal, torque, spanners. */
const props = defineProps<{ result: LineResult }>()
const job = useJob()
const lines = computed(() => job.build.lines)
const path = computed(() => `builds.${job.selected}.lines` as const)

/** The way that a clamp's screw looks, as a hand comes to it. */
const LOOKS = {
  FORWARD: 'to the front: grille off',
  UP: 'up: bonnet open',
  DOWN: 'down: from under',
  LEFT: 'to the left',
  RIGHT: 'to the right',
  BACKWARD: 'to the back',
} as const
const adapters = useShelf<AdapterPart>('adapters')
const filters = useShelf<FilterPart>('filters')
const everySensor = useShelf<SensorPart>('sensors')
const sensors = computed(() => everySensor.value.filter((s) => s.measures === 'OIL'))

const WHAT = { FILTER: 'Filter', SENSOR_TEE: 'Sensor tee', BYPASS: 'Bypass block' } as const
type What = keyof typeof WHAT
const HOSES = computed(() => lines.value.hoses.map((h) => [h.id, h.name] as const))
const NONE = ''
const FILTERS = computed(() => [[NONE, 'not chosen'] as const, ...filters.value.map((p) => [p.code, p.name] as const)])
const SENSORS = computed(() => [[NONE, 'not chosen'] as const, ...sensors.value.map((p) => [p.code, p.name] as const)])
const ADAPTERS = computed(() => [[NONE, 'none'] as const, ...adapters.value.map((p) => [p.code, p.name] as const)])
const ARROW = [
  [false, 'arrow with the oil'],
  [true, 'arrow against it'],
] as const

/** A filter before the cooler keeps it clean: where nothing is said it goes into the first hose. */
function add(what: What) {
  const made: InHose = {
    id: newId(lines.value.inline, camel(what)),
    what,
    hose: lines.value.hoses[0]!.id,
    reversed: false,
    filter: null,
    sensor: null,
    opensKpa: null,
    opensC: what === 'BYPASS' ? 70 : null,
  }
  job.edit(`${path.value}.inline`, [...lines.value.inline, made])
}
const change = (id: string, next: Partial<InHose>) =>
  job.edit(
    `${path.value}.inline`,
    lines.value.inline.map((i) => (i.id === id ? { ...i, ...next } : i)),
  )
const remove = (id: string) =>
  job.edit(
    `${path.value}.inline`,
    lines.value.inline.filter((i) => i.id !== id),
  )

type Joint = LineResult['joints'][number]
const JOINING = [
  ['BACK_TO_STOCK', 'adapters, back to stock'],
  ['CUT', 'cut and barb'],
] as const
function adapt(joint: Joint, code: string | undefined) {
  const adapter = adapters.value.find((a) => a.code === code) ?? null
  const end = joint.first ? 'from' : 'to'
  job.edit(
    `${path.value}.hoses`,
    lines.value.hoses.map((h) => (h.id === joint.hose ? { ...h, [end]: { ...h[end]!, adapter } } : h)),
  )
}
const { working, failed, ask } = useAsked()
const joinAll = () => ask<Hose[]>('/api/compute/join-hoses', {}, (hoses) => job.edit(`${path.value}.hoses`, hoses))
const open = computed(() => props.result.joints.filter((j) => j.faults.length).length)
/** How a family seals, and what goes wrong with it. */
const seals = (j: Joint) => word(`coupling.${camel(j.there)}`, 'do')
</script>

<template>
  <div class="joints">
    <section class="panel" data-inline>
      <header>
        <h2>In the hoses</h2>
        <span class="adds">
          <button
            v-for="(label, what) in WHAT"
            :key="what"
            type="button"
            class="act"
            :disabled="!lines.hoses.length || lines.inline.length >= 8"
            @click="add(what)"
          >
            {{ label }}
          </button>
        </span>
      </header>
      <p v-if="!lines.inline.length" class="soft">
        Nothing but hose. A filter goes in after a gearbox that shed metal or with a used core; a tee in the feed reads
        what the gearbox gives off.
      </p>
      <div v-for="i in lines.inline" :key="i.id" class="inline" :data-in="i.id">
        <h3>{{ WHAT[i.what] }}</h3>
        <PickInput
          :model-value="i.hose"
          label="In hose"
          :choices="HOSES"
          @update:model-value="(hose) => hose && change(i.id, { hose })"
        />
        <PickInput
          v-if="i.what === 'FILTER'"
          :model-value="i.filter?.code ?? NONE"
          label="Filter"
          :choices="FILTERS"
          @update:model-value="(c) => change(i.id, { filter: filters.find((f) => f.code === c) ?? null })"
        />
        <PickInput
          v-if="i.what === 'SENSOR_TEE'"
          :model-value="i.sensor?.code ?? NONE"
          label="Sensor"
          :choices="SENSORS"
          @update:model-value="(c) => change(i.id, { sensor: sensors.find((s) => s.code === c) ?? null })"
        />
        <QuantityField
          v-if="i.what === 'BYPASS'"
          label="Opens at"
          :path="`${path}.inline.${i.id}.opensC`"
          quantity="temperature"
          optional
          placeholder="no such valve"
        />
        <QuantityField
          v-if="i.what !== 'SENSOR_TEE'"
          :label="i.what === 'FILTER' ? 'Its own valve opens at' : 'Gives way at'"
          :path="`${path}.inline.${i.id}.opensKpa`"
          quantity="pressure"
          :step="5"
          optional
          placeholder="no such valve"
        />
        <ChoiceInput
          v-if="i.what !== 'SENSOR_TEE'"
          :model-value="i.reversed"
          label="Arrow"
          :choices="ARROW"
          small
          @update:model-value="(reversed) => change(i.id, { reversed })"
        />
        <button type="button" class="act" :aria-label="`Remove ${WHAT[i.what]}`" @click="remove(i.id)">Remove</button>
      </div>
      <p v-for="f in result.inline" :key="say(f, unitWorld)" class="note" data-inline-fault>
        <b>{{ say(f, unitWorld) }}</b>
        <span v-if="why(f, unitWorld)" class="small soft">{{ why(f, unitWorld) }}</span>
        <span class="small">{{ whatToDo(f, unitWorld) }}</span>
      </p>
    </section>
    <section v-if="result.order.length" class="panel" data-order>
      <header>
        <h2>Hidden afterwards</h2>
        <span class="soft small">what comes first, because nobody gets there later</span>
      </header>
      <ul class="order">
        <li v-for="o in result.order" :key="say(o, unitWorld)">{{ say(o, unitWorld) }}</li>
      </ul>
    </section>
    <section class="panel" data-joints>
      <header>
        <h2>Joints</h2>
        <span class="soft small">{{
          result.joints.length
            ? open
              ? open === 1
                ? '1 does not join yet'
                : `${open} do not join yet`
              : 'all of them join'
            : 'draw the hoses first'
        }}</span>
        <ChoiceInput
          :model-value="lines.joining"
          label="The truck’s own lines"
          :choices="JOINING"
          small
          class="joining"
          @update:model-value="(j) => job.edit(`${path}.joining`, j)"
        />
        <button
          v-if="result.joints.length"
          type="button"
          class="act"
          :class="{ main: open }"
          data-join
          :disabled="working"
          @click="joinAll"
        >
          Choose adapters
        </button>
      </header>
      <p v-if="failed" role="alert" class="note">{{ failed }}</p>
      <div v-for="j in result.joints" :key="`${j.hose}${j.first}`" class="joint" :class="{ open: j.faults.length }">
        <div>
          <b>{{ partName(j.port) }}</b>
          <span class="small soft">{{ j.hoseName }}, {{ j.first ? 'where oil comes in' : 'where it leaves' }}</span>
        </div>
        <span class="there">{{ choiceWord(j.there) }}</span>
        <PickInput
          :model-value="j.adapter ?? NONE"
          label="Adapter"
          :choices="ADAPTERS"
          @update:model-value="(c) => adapt(j, c)"
        />
        <div class="how small">
          <span v-for="f in j.faults" :key="f.code" class="bad"
            >{{ say(f, unitWorld) }}: {{ whatToDo(f, unitWorld) }}</span
          >
          <span>{{ seals(j) }}</span>
          <span v-if="j.torqueNm !== null">
            {{ format(j.torqueNm, 'torque', unitWorld) }} as usual for its size, a quarter less with anti-seize on the
            thread; its sheet wins
          </span>
          <span v-if="j.clamp?.looks" data-clamp
            >clamp screw {{ LOOKS[j.clamp.looks]
            }}<template v-if="j.clamp.before">; tight before the {{ partName(j.clamp.before) }} goes in</template></span
          >
          <span v-else-if="j.clamp" class="bad"
            >no driver gets on its clamp: join it on the bench, or take a spring clamp</span
          >
          <span v-if="j.twoSpanners">Two spanners: one holds, one turns.</span>
        </div>
      </div>
    </section>
  </div>
</template>

<style scoped>
.order {
  margin: 0;
  padding-left: 20px;
}
/* Its panels are cells of the screen that it stands in. */
.joints {
  display: contents;
}
section {
  grid-column: 1 / -1;
}
.adds {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.inline {
  display: grid;
  grid-template-columns: 110px repeat(4, minmax(120px, 1fr)) auto;
  gap: 12px;
  align-items: end;
  padding: 8px 0;
  border-top: 1px solid var(--rule-soft);
}
.inline h3 {
  align-self: center;
}
.joint {
  display: grid;
  grid-template-columns: minmax(170px, 1.1fr) 120px minmax(200px, 1.2fr) minmax(0, 2fr);
  gap: 14px;
  align-items: center;
  padding: 8px 0 8px 10px;
  border-top: 1px solid var(--rule-soft);
  border-left: 5px solid var(--holds);
}
.joint.open {
  border-left-color: var(--over);
}
.joint > div:first-child,
.how {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.there {
  font: 600 18px/1 var(--rb-font-head);
}
.bad {
  font-weight: 600;
}
.joining {
  margin-left: auto;
}
.note {
  display: flex;
  flex-direction: column;
  margin: 8px 0 0;
  padding: 8px 12px;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
}
@media (max-width: 1000px) {
  .inline,
  .joint {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
