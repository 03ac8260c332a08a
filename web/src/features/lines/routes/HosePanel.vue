<script setup lang="ts">
import { computed } from 'vue'
import { refDebounced } from '@vueuse/core'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { same } from '@/job/paths'
import type { Hose, HoseEnd, HosePart, HoseRoute, Laying, Mendable, RoutePort } from '@/shared/api/types'
import { camel, choiceWord, partName, say, word } from '@/shared/message/say'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import BlockedBy from './BlockedBy.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { useShelf } from '@/features/parts/useShelf'
import { pickedPoint } from '@/features/mounting/space/state'
import { endKey, withHose } from './routes'

/** The hose in hand: what it joins and is cut from, its corners, how it is held, and what is wrong with it. */
const props = defineProps<{
  hose: Hose
  route: HoseRoute | undefined
  ports: RoutePort[]
  names: Map<string, string>
  keyOf: (id: string) => string
  laying: boolean
  by: Laying['blocked'][string] | undefined
}>()
const emit = defineEmits<{ lay: [] }>()
const job = useJob()
const path = computed(() => `builds.${job.selected}.lines.hoses.${props.hose.id}` as const)
const change = (next: Partial<Hose>) =>
  job.replace(withHose(job.content, job.build, props.hose.id, (h) => ({ ...h, ...next })))

const PORTS = computed(() => props.ports.map((p) => [endKey(p.end), partName(p.name)] as const))
const NONE = ''
/** The way along which each direction looks. */
const ALONG = { LEFT: 0, RIGHT: 0, UP: 1, DOWN: 1, FORWARD: 2, BACKWARD: 2 } as const
/** An elbow turns a quarter: never on along its port's own way. */
function elbows(which: 'from' | 'to') {
  const looks = props.ports.find((p) => endKey(p.end) === endKey(props.hose[which]))?.looks
  return [
    [NONE, 'no elbow'] as const,
    ...(Object.keys(ALONG) as (keyof typeof ALONG)[])
      .filter((d) => !looks || ALONG[d] !== ALONG[looks])
      .map((d) => [d as string, `elbow ${choiceWord(d).toLowerCase()}`] as const),
  ]
}
function join(which: 'from' | 'to', key: string | undefined) {
  const port = props.ports.find((p) => endKey(p.end) === key)
  if (port) change({ [which]: port.end })
}
function elbow(which: 'from' | 'to', way: string | undefined) {
  const end = props.hose[which]
  if (end) change({ [which]: { ...end, elbow: way ? (way as NonNullable<HoseEnd['elbow']>) : null } })
}

const shelf = useShelf<HosePart>('hoses')
const STOCKS = computed(() => [[NONE, 'not chosen'] as const, ...shelf.value.map((p) => [p.code, p.name] as const)])
const take = (code: string | undefined) =>
  change({ stock: code ? (shelf.value.find((p) => p.code === code) ?? props.hose.stock) : null })

/** What mends is asked once a hand rests. */
const settled = refDebounced(
  computed(() => job.content),
  250,
)
const { result: mendables } = useComputed<Mendable[]>('/api/compute/route-mends', () =>
  props.route?.troubles.length ? { job: settled.value, build: job.selected, hose: props.hose.id } : null,
)
const troubles = computed(() =>
  (props.route?.troubles ?? []).map((t) => {
    const mends = mendables.value?.find((m) => same(m.trouble.said, t.said))?.mends ?? []
    return { t, words: say(t.said, unitWorld.value), mends }
  }),
)
const corner = computed(() => (pickedPoint.value === null ? undefined : props.hose.bends[pickedPoint.value]))
function leaveOut() {
  change({ bends: props.hose.bends.filter((b) => b !== corner.value) })
  pickedPoint.value = null
}
const comesOut = (id: string) => props.route?.corners.find((c) => c.bend === id)
const mm = (v: number) => format(v, 'size', unitWorld.value)
const nameOf = (id: string) => props.names.get(props.keyOf(id)) ?? id
</script>

<template>
  <div class="hand" data-hose-panel>
    <p v-if="route" class="cut">
      <b>{{ mm(route.cutMm) }}</b>
      <span class="small soft">to cut; {{ mm(route.fittedMm) }} from port to port</span>
    </p>
    <BlockedBy v-else-if="by" :hose="hose.id" :by="by" @moved="emit('lay')" />
    <p v-else class="note bad">Not drawn: choose both its ends.</p>
    <ul v-if="troubles.length" class="troubles">
      <li v-for="({ t, words, mends }, n) in troubles" :key="n" :class="{ serious: t.serious }" data-trouble>
        <span>{{ words }}</span>
        <span class="mends">
          <button
            v-for="m in mends"
            :key="m.way"
            type="button"
            class="act"
            :data-mend="m.way"
            @click="change({ bends: m.hose.bends, guards: m.hose.guards, clips: m.hose.clips })"
          >
            {{ word(`routeMendWay.${camel(m.way)}`) }}
          </button>
        </span>
      </li>
    </ul>
    <p v-else-if="route" class="note">Clear of everything, round enough, and held all along.</p>
    <NameInput
      :model-value="hose.name"
      label="Name"
      :most="80"
      @update:model-value="(name) => name && change({ name })"
    />
    <div class="ends">
      <PickInput
        :model-value="endKey(hose.from)"
        label="From"
        :choices="PORTS"
        @update:model-value="(k) => join('from', k)"
      />
      <PickInput
        :model-value="hose.from?.elbow ?? NONE"
        label="leaves it by"
        :choices="elbows('from')"
        placeholder="no elbow"
        @update:model-value="(e) => elbow('from', e)"
      />
      <PickInput
        :model-value="endKey(hose.to)"
        label="To"
        :choices="PORTS"
        @update:model-value="(k) => join('to', k)"
      />
      <PickInput
        :model-value="hose.to?.elbow ?? NONE"
        label="arrives by"
        :choices="elbows('to')"
        placeholder="no elbow"
        @update:model-value="(e) => elbow('to', e)"
      />
    </div>
    <PickInput
      :model-value="hose.stock?.code ?? NONE"
      label="Cut from"
      :choices="STOCKS"
      placeholder="not chosen"
      @update:model-value="take"
    />
    <button type="button" class="act" :disabled="laying || !hose.from || !hose.to" data-lay-one @click="emit('lay')">
      {{ laying ? 'Laying…' : 'Lay it anew' }}
    </button>
    <template v-if="route">
      <h3>Corners</h3>
      <div class="row">
        <button
          v-for="(b, n) in hose.bends"
          :key="b.id"
          type="button"
          class="tab"
          :aria-pressed="n === pickedPoint"
          @click="pickedPoint = n"
        >
          {{ n + 1 }}
        </button>
        <span v-if="!hose.bends.length" class="small soft">none of its own</span>
      </div>
      <div v-if="corner" class="fields">
        <QuantityField label="Across" :path="`${path}.bends.${corner.id}.acrossMm`" quantity="size" :step="5" />
        <QuantityField label="Up" :path="`${path}.bends.${corner.id}.upMm`" quantity="size" :step="5" />
        <QuantityField label="Back" :path="`${path}.bends.${corner.id}.backMm`" quantity="size" :step="5" />
        <QuantityField label="Radius" :path="`${path}.bends.${corner.id}.radiusMm`" quantity="size" :step="5" />
      </div>
      <p v-if="corner && comesOut(corner.id)" class="small soft">
        turns {{ Math.round(comesOut(corner.id)!.degrees) }}° in {{ mm(comesOut(corner.id)!.arcMm) }} of arc, at
        {{ mm(comesOut(corner.id)!.radiusMm) }}; this hose takes {{ mm(route.leastRadiusMm) }}
      </p>
      <button v-if="corner" type="button" class="act" @click="leaveOut">Leave corner {{ pickedPoint! + 1 }} out</button>
      <h3>How it is held</h3>
      <ul class="held">
        <li v-for="c in hose.clips" :key="c.id">
          <span>clip at {{ mm(c.atMm) }}</span>
          <button
            type="button"
            class="act"
            :aria-label="`Remove the clip at ${mm(c.atMm)}`"
            @click="change({ clips: hose.clips.filter((o) => o !== c) })"
          >
            ×
          </button>
        </li>
        <li v-for="g in hose.guards" :key="g.id">
          <span>{{ choiceWord(g.kind).toLowerCase() }} at the {{ nameOf(g.thing) }}</span>
          <button
            type="button"
            class="act"
            :aria-label="`Remove the ${choiceWord(g.kind).toLowerCase()} at the ${nameOf(g.thing)}`"
            @click="change({ guards: hose.guards.filter((o) => o !== g) })"
          >
            ×
          </button>
        </li>
        <li v-if="!hose.clips.length && !hose.guards.length" class="small soft">no clips, no sleeves</li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.hand {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.cut {
  display: grid;
  margin: 0;
}
.cut b {
  font: 600 44px/1 var(--rb-font-head);
}
.note {
  border-left: 6px solid var(--holds);
  padding: 6px 12px;
  margin: 0;
}
.note.bad {
  border-color: var(--marginal);
  background: var(--marginal-wash);
}
.troubles,
.held {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
.troubles li {
  display: grid;
  gap: 6px;
  padding: 6px 0 6px 10px;
  border-left: 6px solid var(--marginal);
}
.troubles .serious {
  border-left-color: var(--over);
}
.mends {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.mends .act {
  min-height: 44px;
}
.ends {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.tab {
  min-width: 44px;
  min-height: 44px;
  border: 1.5px solid var(--rule);
  background: none;
  color: inherit;
  font: 600 17px/1 var(--rb-font-head);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.held li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--rule-soft);
}
.held .act {
  min-width: 44px;
  min-height: 44px;
}
</style>
