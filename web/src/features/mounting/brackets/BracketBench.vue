<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { useAskedField } from '@/job/fields/fieldPlace'
import { newId } from '@/job/paths'
import type { Bracket, MountingResult } from '@/shared/api/types'
import { say, whatToDo } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { editText, format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { useDrawings } from '../drawings'
import AcrossPanel from './AcrossPanel.vue'
import BracketDrawing from './BracketDrawing.vue'
import ChannelBench from './ChannelBench.vue'
import HoldingPanel from './HoldingPanel.vue'
import ScrewStacks from './ScrewStacks.vue'
import TiePanel from './TiePanel.vue'
import { METALS, plain, stepNames, withBend, withoutBend } from './bracketEdits'

/** Brackets from hole to hole: forms proposed, flat pattern and bends, and whether the set holds. */
const job = useJob()
const plan = computed(() => job.build.mounting)
const brackets = computed(() => plan.value.brackets)
const at = ref('')
useAskedField((path) => (at.value = path.split('.')[4] ?? ''))
const channel = computed(() => plan.value.channels.find((c) => c.id === at.value))
const bracket = computed(() =>
  channel.value ? undefined : (brackets.value.find((b) => b.id === at.value) ?? brackets.value[0]),
)
const here = computed(() => `builds.${job.selected}.mounting` as const)
const path = computed(() => `${here.value}.brackets.${bracket.value?.id ?? ''}` as const)

const ask = () => ({ job: job.content, build: job.selected })
const { result, problem } = useComputed<MountingResult>('/api/compute/mounting', ask)
const flat = computed(() => result.value?.brackets.find((b) => b.id === bracket.value?.id))
const stacksOf = (id: string | undefined) => (result.value?.stacks ?? []).filter((s) => s.piece === id)
const stacks = computed(() => stacksOf(bracket.value?.id))
const { result: proposed } = useComputed<Bracket[]>('/api/compute/bracket-start', () =>
  job.build.coolers.length && job.content.nose.holes.length ? ask() : null,
)
/** What holds another thing than the first cooler stays as it is. */
function propose() {
  const first = job.build.coolers[0]?.id
  const others = brackets.value.filter((b) => b.tie && b.tie.cooler !== first)
  job.edit(`${here.value}.brackets`, [...proposed.value!, ...others])
  at.value = ''
}
function add() {
  const made = plain(newId(brackets.value, 'bracket'), `bracket ${brackets.value.length + 1}`, brackets.value.at(-1))
  job.edit(`${here.value}.brackets`, [...brackets.value, made])
  at.value = made.id
}
function remove() {
  job.edit(
    `${here.value}.brackets`,
    brackets.value.filter((b) => b !== bracket.value),
  )
  at.value = ''
}
const replace = (next: Bracket) => job.edit(path.value, next)
const names = computed(() => stepNames(bracket.value?.steps ?? []))
const legs = computed(() =>
  (bracket.value?.steps ?? []).flatMap((s, n) => (s.kind === 'LEG' ? [[s.id, names.value[n]!] as const] : [])),
)
function addHole() {
  const holes = bracket.value!.holes
  const leg = bracket.value!.steps.at(-1)!
  const made = {
    id: newId(holes, 'hole'),
    leg: leg.id,
    atMm: Math.round(leg.lengthMm / 2),
    acrossMm: 0,
    diameterMm: 6.6,
    slotMm: 0,
  }
  job.edit(`${path.value}.holes`, [...holes, made])
}
const dropHole = (id: string) =>
  job.edit(
    `${path.value}.holes`,
    bracket.value!.holes.filter((h) => h.id !== id),
  )
const { refused, draw, drawBuild } = useDrawings()
const give = (kind: 'svg' | 'dxf') =>
  draw(`bracket-${kind}`, { bracket: bracket.value }, `${bracket.value!.name}.${kind}`)
const sheets = (paper: 'A4' | 'LETTER') => drawBuild('brackets-pdf', { paper }, 'brackets.pdf')
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 3)
</script>

<template>
  <div class="bench-screen" :data-ready="result ? 'true' : undefined">
    <section class="panel list">
      <header><h2>Brackets</h2></header>
      <HoldingPanel v-if="result?.holding" :held="result.holding" :rods="result.rods" :rough="plan.roughGround" />
      <p v-for="f in result?.findings ?? []" :key="say(f, unitWorld)" class="misfit small" data-misfit>
        {{ say(f, unitWorld) }}: {{ whatToDo(f, unitWorld) }}.
      </p>
      <button
        v-for="b in brackets"
        :key="b.id"
        type="button"
        :aria-pressed="b === bracket"
        class="strip"
        @click="at = b.id"
      >
        <b>{{ b.name }}</b>
        <span class="small"
          >{{ b.quantity }} × {{ format(b.widthMm, 'size', unitWorld) }} ×
          {{ editText(b.thicknessMm, 'size', unitWorld) }}</span
        >
      </button>
      <button
        v-for="c in plan.channels"
        :key="c.id"
        type="button"
        :aria-pressed="c === channel"
        class="strip"
        data-channel
        @click="at = c.id"
      >
        <b>{{ c.name }}</b>
        <span class="small"
          >channel {{ format(c.webMm, 'size', unitWorld) }} × {{ format(c.legMm, 'size', unitWorld) }} ×
          {{ editText(c.thicknessMm, 'size', unitWorld) }}</span
        >
      </button>
      <button
        v-if="proposed?.length"
        type="button"
        class="act"
        :class="{ main: !brackets.length }"
        data-propose
        @click="propose"
      >
        {{ brackets.length ? 'Propose them anew' : 'Propose from ear to hole' }}
      </button>
      <button type="button" class="act" :disabled="brackets.length >= 12" @click="add">Add a bracket</button>
      <AcrossPanel v-if="job.build.coolers.length && job.content.nose.holes.length > 1" @pick="(id) => (at = id)" />
      <div class="fields two">
        <QuantityField
          label="Rubber"
          :path="`${here}.isolatorNmm`"
          quantity="stiffness"
          :step="10"
          optional
          placeholder="none"
        />
        <QuantityField label="Stand-off" :path="`${here}.standOffMm`" quantity="size" :step="1" />
      </div>
      <ToggleInput
        :model-value="plan.roughGround"
        label="works off the road"
        @update:model-value="(on) => job.edit(`${here}.roughGround`, on)"
      />
      <p class="caution">
        Cut strip is sharp: gloves and eye protection. Nothing metal may touch a core; vibration wears a hole.
      </p>
    </section>
    <ChannelBench
      v-if="channel"
      :channel="channel"
      :flat="result?.channels.find((c) => c.id === channel!.id)"
      :stacks="stacksOf(channel.id)"
      @pick="(id) => (at = id)"
    />
    <section v-else-if="bracket" class="panel bench">
      <header>
        <h2>{{ bracket.name }}</h2>
        <span class="soft small">a card template first, then strip</span>
        <div class="out" role="group" aria-label="Drawings to scale">
          <button type="button" class="act" @click="give('svg')">SVG</button>
          <button type="button" class="act" @click="give('dxf')">DXF</button>
          <button type="button" class="act" @click="sheets('A4')">All, A4</button>
          <button type="button" class="act" @click="sheets('LETTER')">All, Letter</button>
        </div>
        <button type="button" class="act" @click="remove">Remove</button>
      </header>
      <p v-if="refused" role="alert" class="refused">{{ refused }}</p>
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
      <TiePanel :bracket="bracket" />
      <BracketDrawing v-if="flat && flat.flatMm > 0" :bracket="bracket" :flat="flat" />
      <p v-for="f in flat?.faults ?? []" :key="say(f, unitWorld)" role="alert" class="refused" data-fault>
        {{ say(f, unitWorld) }}<template v-if="whatToDo(f, unitWorld)">: {{ whatToDo(f, unitWorld) }}</template
        >.
      </p>
      <div v-if="flat && flat.flatMm > 0" class="result" data-flat>
        <div>
          <span class="soft small">cut flat</span>
          <p class="cut">{{ mm(flat.flatMm) }}</p>
          <p class="small soft">{{ format(flat.kg, 'mass', unitWorld, 2) }}, reaches {{ mm(flat.reachMm) }}</p>
        </div>
        <div v-if="flat.order?.length" class="order" data-order>
          <span class="soft small">in the vice, in this order</span>
          <ol>
            <li v-for="t in flat.order" :key="t.bend">
              <b>bend {{ t.bend }}</b> to {{ Math.abs(Math.round(t.degrees * 10) / 10) }}°
              {{ t.degrees > 0 ? 'up' : 'down' }}, the {{ t.holdsRest ? 'long rest' : 'first end' }} in the jaws
            </li>
          </ol>
          <p class="small soft">Springback is in it. Twists last, cold, with a fork.</p>
        </div>
        <p v-if="bracket.tabMm > 0" class="caution">
          A tab of {{ mm(bracket.tabMm) }} is welded across its last end. Battery off, welder’s earth beside the weld;
          coated steel gives zinc fumes.
        </p>
      </div>
      <ScrewStacks v-if="stacks.length" :stacks="stacks" />
      <h3>Along the strip</h3>
      <div class="steps">
        <div v-for="(s, n) in bracket.steps" :key="s.id" class="step" :class="s.kind">
          <b>{{ names[n] }}</b>
          <QuantityField
            v-if="s.kind !== 'BEND'"
            :label="`${names[n]}, length`"
            :path="`${path}.steps.${s.id}.lengthMm`"
            quantity="size"
            :step="1"
          />
          <QuantityField
            v-if="s.kind !== 'LEG'"
            :label="`${names[n]}, angle`"
            :path="`${path}.steps.${s.id}.degrees`"
            quantity="angle"
            :step="5"
          />
          <template v-if="s.kind === 'LEG'">
            <button
              type="button"
              class="link"
              :disabled="bracket.steps.length >= 21"
              :aria-label="`A bend after ${names[n]}`"
              @click="replace(withBend(bracket, s.id, 'BEND'))"
            >
              bend after
            </button>
            <button
              type="button"
              class="link"
              :disabled="bracket.steps.length >= 21"
              :aria-label="`A twist after ${names[n]}`"
              @click="replace(withBend(bracket, s.id, 'TWIST'))"
            >
              twist after
            </button>
          </template>
          <button
            v-else
            type="button"
            class="link"
            :aria-label="`Take ${names[n]} out`"
            @click="replace(withoutBend(bracket, s.id))"
          >
            take out
          </button>
        </div>
      </div>
      <h3>
        Holes
        <button type="button" class="act" :disabled="bracket.holes.length >= 12" @click="addHole">Add a hole</button>
      </h3>
      <div v-for="(h, n) in bracket.holes" :key="h.id" class="hole">
        <PickInput
          :model-value="h.leg"
          :label="`Hole ${n + 1} in`"
          :choices="legs"
          @update:model-value="(leg) => job.edit(`${path}.holes.${h.id}.leg`, leg)"
        />
        <QuantityField
          :label="`Hole ${n + 1}, from the leg’s start`"
          :path="`${path}.holes.${h.id}.atMm`"
          quantity="size"
          :step="1"
        />
        <QuantityField
          :label="`Hole ${n + 1}, across`"
          :path="`${path}.holes.${h.id}.acrossMm`"
          quantity="size"
          :step="1"
        />
        <QuantityField
          :label="`Hole ${n + 1}, diameter`"
          :path="`${path}.holes.${h.id}.diameterMm`"
          quantity="size"
          :step="0.5"
        />
        <QuantityField
          :label="`Hole ${n + 1}, slot`"
          :path="`${path}.holes.${h.id}.slotMm`"
          quantity="size"
          :step="1"
        />
        <button type="button" class="link" :aria-label="`Remove hole ${n + 1}`" @click="dropHole(h.id)">remove</button>
      </div>
      <h3>Stock</h3>
      <div class="fields">
        <NameInput
          :model-value="bracket.name"
          label="Name"
          :most="80"
          @update:model-value="(n) => job.edit(`${path}.name`, n)"
        />
        <QuantityField label="Thickness" :path="`${path}.thicknessMm`" quantity="size" :step="0.5" />
        <QuantityField label="Width" :path="`${path}.widthMm`" quantity="size" :step="1" />
        <QuantityField label="Inside radius" :path="`${path}.insideRadiusMm`" quantity="size" :step="0.5" />
        <QuantityField label="How many" :path="`${path}.quantity`" quantity="count" :step="1" />
      </div>
      <ChoiceInput
        :model-value="bracket.metal"
        label="Metal of the strip"
        :choices="METALS"
        class="metals"
        @update:model-value="(m) => job.edit(`${path}.metal`, m)"
      />
    </section>
    <section v-else class="panel bench">
      <header><h2>No bracket yet</h2></header>
      <p class="soft">
        {{
          job.build.coolers.length
            ? 'Propose them from the cooler’s ears to the holes of the front end, or add one and bend it by hand.'
            : `${job.build.name} has no oil cooler to be hung.`
        }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.bench-screen {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: 14px;
  flex: 1;
}
.misfit {
  border-left: 4px solid var(--marginal);
  padding-left: 8px;
}
.list {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.strip {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 8px 10px;
  border: 1.5px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.strip b {
  font: 600 18px/1.1 var(--rb-font-head);
}
.strip[aria-pressed='true'] {
  background: var(--accent-wash);
  border-color: var(--accent);
}
.caution {
  border-left: 6px solid var(--marginal);
  padding-left: 10px;
  font-size: 15px;
}
.out {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.bench {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.bench > header {
  margin: 0;
}
.result {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  align-items: flex-start;
}
.cut {
  font: 600 54px/1 var(--rb-font-head);
  white-space: nowrap;
}
.order ol {
  margin: 4px 0;
  padding-left: 22px;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.step {
  display: flex;
  flex-direction: column;
  gap: 4px;
  border-top: 3px solid var(--metal);
  padding-top: 6px;
}
.step.BEND,
.step.TWIST {
  border-top-color: var(--accent);
}
.hole,
.fields {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr)) auto;
  gap: 10px;
  align-items: end;
}
.fields.two {
  grid-template-columns: 1fr 1fr;
}
.metals {
  max-width: 320px;
}
.link {
  padding: 0 6px;
  border: 0;
  background: none;
  font: 600 15px/1.1 var(--rb-font-text);
  text-underline-offset: 3px;
  text-align: left;
  cursor: pointer;
}
h3 {
  display: flex;
  align-items: center;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
@media (max-width: 900px) {
  .bench-screen {
    grid-template-columns: minmax(0, 1fr);
  }
  .hole,
  .fields {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
