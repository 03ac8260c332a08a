<script setup lang="ts">
import { computed, ref } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { AskedProbe, BenchResult, BrokenThing, DrillResult, WiringResult } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { formatNumber } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import DataTable from '@/shared/ui/DataTable.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import CircuitDrawing from './CircuitDrawing.vue'
import { defectLabel, labelOf, terminalLabel } from './labels'
import type { UseWiringReturn } from './useWiring'

/** Something broken: what the driver notices and how it is found; or hidden, to be found. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { situation } = props.wiring
const MODES = [
  ['break', 'Break something'],
  ['drill', 'Find what is broken'],
] as const
const mode = ref<'break' | 'drill'>('break')
const picked = ref<string | null>(null)
const defect = ref<BrokenThing | null>(null)
const asked = () => ({ job: job.content, build: job.selected })
const {
  result: bench,
  problem,
  older,
} = useComputed<BenchResult>('/api/compute/wiring-bench', () => ({ ...asked(), defect: defect.value }))
/** The circuit with the defect in it, where its sign shows. */
const { result: broken } = useComputed<WiringResult>(
  '/api/compute/wiring',
  () =>
    mode.value === 'break' && { ...asked(), situation: bench.value?.way?.in ?? situation.value, defect: defect.value },
)
const { result: sound } = useComputed<WiringResult>('/api/compute/wiring', () => ({
  ...asked(),
  situation: (mode.value === 'drill' ? drill.value?.in : bench.value?.way?.in) ?? situation.value,
  defect: null,
}))
const ofPicked = computed(() => bench.value?.cases.filter((c) => c.defect.at === picked.value) ?? [])
const shownCase = computed(() =>
  bench.value?.cases.find((c) => c.defect.at === defect.value?.at && c.defect.kind === defect.value?.kind),
)
const volts = (v: number) => `${formatNumber(v, 1)} V`
function reads(tool: AskedProbe['tool'], v: number): string {
  if (tool === 'EAR') return v > 0.5 ? 'clicks' : 'silent'
  if (tool === 'LAMP') return v > 9 ? 'burns' : v > 3 ? 'glows' : 'dark'
  return volts(v)
}
const probeAt = (p: AskedProbe) => {
  if (!sound.value) return ''
  return p.tool === 'EAR' ? labelOf(sound.value, p.at) : terminalLabel(sound.value, p.at)
}
/** Every terminal that a tip can be held to, with what it reads when all is well: the test sheet. */
const sheet = computed(() => {
  const s = sound.value
  const b = broken.value
  if (!s || !b) return []
  const nodes = [...new Set(s.wires.flatMap((w) => [w.from, w.to]))].filter(
    (n) => s.parts.find((p) => p.id === n.slice(0, n.lastIndexOf(':')))?.sort !== 'SPLICE',
  )
  return nodes.map((node) => ({
    node,
    where: terminalLabel(s, node),
    sound: s.standing.volts[node] ?? 0,
    now: b.standing.volts[node] ?? 0,
  }))
})
const SHEET = [
  { key: 'where', label: 'Held to' },
  { key: 'sound', label: 'Sound', figure: true },
  { key: 'now', label: 'With this fault', figure: true },
  { key: 'blank', label: 'Read', figure: true },
]

// The drill.
const seed = ref(Date.now() % 1_000_000)
const probes = ref<AskedProbe[]>([])
const guess = ref<BrokenThing | null>(null)
const { result: drill } = useComputed<DrillResult>(
  '/api/compute/wiring-drill',
  () =>
    mode.value === 'drill' &&
    !!bench.value?.cases.length && { ...asked(), seed: seed.value, probes: probes.value, guess: guess.value },
)
/** Nothing of what goes on inside is seen while one looks for it. */
const unlit = computed<WiringResult | null>(
  () =>
    sound.value && {
      ...sound.value,
      standing: { ...sound.value.standing, volts: {}, amps: {}, live: [] },
    },
)
const pickedPart = computed(() => sound.value?.parts.find((p) => p.id === picked.value))
const terminals = computed(
  () => sound.value?.diagram.parts.find((p) => p.id === picked.value)?.terminals.filter((t) => t.name) ?? [],
)
function measure(tool: AskedProbe['tool'], at: string) {
  if (drill.value) probes.value = [...probes.value, { tool, at, in: drill.value.in }]
}
function anew() {
  seed.value = (seed.value * 7919 + 13) % 1_000_000
  probes.value = []
  guess.value = null
  picked.value = null
}
const keyOf = (d: BrokenThing) => `${d.kind} ${d.at}`
const guesses = computed(() =>
  (bench.value?.cases ?? [])
    .filter((c) => c.signs.length)
    .map((c) => [keyOf(c.defect), sound.value ? defectLabel(sound.value, c.defect) : ''] as const),
)
const think = (key: string | undefined) => {
  guess.value = bench.value?.cases.find((c) => keyOf(c.defect) === key)?.defect ?? null
}
const printed = () => window.print()
</script>

<template>
  <div class="bench" :data-ready="bench && sound ? 'true' : undefined">
    <section class="panel drawing">
      <header>
        <h2>{{ mode === 'break' ? 'Tap what breaks' : 'Tap where you measure' }}</h2>
        <ChoiceInput v-model="mode" label="Bench" :choices="MODES" small class="unprinted" />
      </header>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <p v-else-if="bench && !bench.cases.length" class="soft">Nothing of this build is fed by wire.</p>
      <CircuitDrawing
        v-if="mode === 'break' && broken?.devices.length"
        v-model="picked"
        :result="broken"
        :along="defect ? [defect.at] : []"
      />
      <CircuitDrawing v-else-if="unlit?.devices.length" v-model="picked" :result="unlit" :along="[]" />
    </section>
    <section v-if="mode === 'break'" class="panel told" :class="{ older }" data-fault-bench>
      <template v-if="sound && picked && ofPicked.length">
        <h3>{{ labelOf(sound, picked) }}</h3>
        <div class="kinds unprinted">
          <button
            v-for="c in ofPicked"
            :key="c.defect.kind"
            type="button"
            class="act"
            :aria-pressed="defect?.at === c.defect.at && defect.kind === c.defect.kind"
            @click="defect = c.defect"
          >
            {{ word(`defect.${camel(c.defect.kind)}`) }}
          </button>
          <button v-if="defect" type="button" class="act" @click="defect = null">all well again</button>
        </div>
      </template>
      <p v-else-if="!defect" class="soft">A wire can break, a fuse blow, a relay stick, an earth corrode.</p>
      <template v-if="sound && defect && shownCase">
        <h3>The driver notices</h3>
        <ul v-if="shownCase.signs.length" data-signs>
          <li v-for="(s, k) in shownCase.signs" :key="k">{{ say(s, unitWorld) }}</li>
        </ul>
        <p v-else>Nothing: it shows only to who looks for it.</p>
        <p v-if="shownCase.signs.length > 0" class="soft">
          {{
            shownCase.alike === 1 ? 'Nothing else looks like it.' : `${shownCase.alike} faults look the same to him.`
          }}
        </p>
        <template v-if="bench?.way">
          <h3>How it is found, {{ say(bench.way.where, unitWorld) }}</h3>
          <ol class="way" data-way>
            <li v-for="(m, k) in bench.way.steps" :key="k">
              <b>{{ word(`probeTool.${camel(m.probe.tool)}`) }}</b> at {{ probeAt(m.probe) }}:
              <span class="should">{{ reads(m.probe.tool, m.soundV) }} when all is well</span>,
              <b>{{ reads(m.probe.tool, m.readsV) }} here</b>
              <span class="soft small">leaves {{ m.after }} of {{ m.before }}</span>
            </li>
          </ol>
          <p v-if="bench.way.steps.length === 0" class="soft">Its sign tells it at once.</p>
          <ul v-if="bench.way.left.length > 1">
            <li v-for="d in bench.way.left" :key="keyOf(d)">{{ defectLabel(sound, d) }}</li>
          </ul>
          <p v-if="bench.way.left.length > 1" class="soft small">No measurement tells these apart: look at them.</p>
        </template>
        <details class="sheet" open>
          <summary>Test sheet: volts at every point</summary>
          <DataTable label="Test sheet" :columns="SHEET" :rows="sheet" :row-key="(r) => r.node">
            <template #sound="{ row }">{{ volts(row.sound) }}</template>
            <template #now="{ row }"
              ><span :class="{ off: Math.abs(row.now - row.sound) > 0.5 }">{{ volts(row.now) }}</span></template
            >
            <template #blank><span class="blank"></span></template>
          </DataTable>
          <button type="button" class="act unprinted" @click="printed">Print the test sheet</button>
        </details>
      </template>
    </section>
    <section v-else class="panel told" data-drill>
      <template v-if="drill && sound">
        <h3>The driver says</h3>
        <ul>
          <li v-for="(s, k) in drill.signs" :key="k">{{ say(s, unitWorld) }}</li>
        </ul>
        <p class="soft">{{ drill.possible }} {{ drill.possible === 1 ? 'fault looks' : 'faults look' }} like that.</p>
        <div v-if="picked && pickedPart && pickedPart.sort !== 'SPLICE' && drill.right == null" class="tips">
          <h3>{{ labelOf(sound, picked) }}</h3>
          <div class="kinds">
            <button
              v-for="t in terminals"
              :key="t.name"
              type="button"
              class="act"
              @click="measure('METER', `${picked}:${t.name}`)"
            >
              meter at {{ t.name }}
            </button>
            <button v-if="pickedPart.sort === 'RELAY'" type="button" class="act" @click="measure('EAR', picked)">
              listen
            </button>
            <button
              v-if="pickedPart.sort === 'MOTOR'"
              type="button"
              class="act"
              @click="measure('LAMP', `${picked}:+`)"
            >
              lamp at +
            </button>
          </div>
        </div>
        <p class="count">
          <b class="big">{{ probes.length }}</b>
          <span class="soft">{{ probes.length === 1 ? 'measurement' : 'measurements' }}</span>
        </p>
        <ol class="way">
          <li v-for="(p, k) in probes" :key="k">
            {{ word(`probeTool.${camel(p.tool)}`) }} at {{ probeAt(p) }}:
            <b>{{ drill.readings[k] == null ? '…' : reads(p.tool, drill.readings[k]!) }}</b>
          </li>
        </ol>
        <PickInput
          v-if="drill.right == null"
          :model-value="guess ? keyOf(guess) : undefined"
          label="It is"
          :choices="guesses"
          placeholder="choose when you know"
          filterable
          @update:model-value="think"
        />
        <div v-else class="verdict" :class="{ bad: !drill.right }" data-verdict>
          <b>{{ drill.right ? 'Found.' : 'No.' }}</b>
          {{ drill.defect ? defectLabel(sound, drill.defect) : '' }}. The shortest way takes {{ drill.best }}
          {{ drill.best === 1 ? 'measurement' : 'measurements' }}, you took {{ probes.length }}.
        </div>
        <button type="button" class="act" @click="anew">Another fault</button>
      </template>
      <p v-else class="soft">Hiding a fault …</p>
    </section>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 14px;
  align-items: start;
}
header {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  flex-wrap: wrap;
}
.told {
  display: grid;
  gap: 10px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.kinds .act {
  padding: 0 12px;
}
.kinds .act[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
ul,
ol {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}
.way .small {
  display: block;
}
.should {
  color: var(--ink-soft);
}
.off {
  color: var(--over-ink);
}
.sheet :deep(td) {
  white-space: nowrap;
}
.blank {
  display: inline-block;
  width: 64px;
  border-bottom: 1px solid var(--ink);
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font: 600 17px/1 var(--rb-font-head);
}
.count {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.count .big {
  font: 600 40px/1 var(--rb-font-head);
}
.verdict {
  border-left: 6px solid var(--holds);
  background: var(--accent-wash);
  padding: 10px 12px;
}
.verdict.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
.older {
  opacity: 0.6;
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 1000px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .unprinted {
    display: none;
  }
}
</style>
