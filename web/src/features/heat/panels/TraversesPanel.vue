<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { newId } from '@/job/paths'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { AirTraverse, FittedFan, TraverseReport } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import DataTable from '@/shared/ui/DataTable.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format, listText, parseList } from '@/shared/units/units'

/** What an anemometer said of fans: kept one after another, each with the fan it was and how it ran. */
const props = defineProps<{ fan: FittedFan }>()
const job = useJob()
const MOST = 12
const READ_AT = [
  ['AT_CORE', 'at the core'],
  ['FREE_AIR', 'free air'],
] as const
const COLUMNS = [
  { key: 'fan', label: 'Fan, as it ran' },
  { key: 'measured', label: 'read', figure: true },
  { key: 'model', label: 'model', figure: true },
  { key: 'factor', label: 'factor', figure: true },
  { key: 'open', label: '' },
]

const taken = computed(() => job.content.rig.traverses)
const { result, problem, queueing } = useComputed<TraverseReport>(
  '/api/compute/traverses',
  () => taken.value.length && job.content && !job.stale && !job.dragging && { job: job.content, build: job.selected },
)
const read = (t: AirTraverse) => result.value?.rows.find((r) => r.id === t.id)

/** The traverse that is open; null while a new one is written down. */
const openId = ref<string | null>(taken.value.at(-1)?.id ?? null)
const open = computed(() => taken.value.find((t) => t.id === openId.value))
const fresh = (): AirTraverse => ({
  id: newId(taken.value, 'traverse'),
  where: 'AT_CORE',
  build: job.selected,
  fan: props.fan.id,
  part: props.fan.part,
  engineRpm: null,
  volts: null,
  airConditioning: false,
  columns: 3,
  readingsMs: [],
  factor: null,
})
const draft = ref<AirTraverse>(open.value ?? fresh())
const readings = ref('')
const readingProblem = ref('')
const onEngine = computed(() => draft.value.part.kind !== 'ELECTRIC')
// The fields follow the job: what is undone, or read in another window, shows here, too.
watch(
  // The fan in hand matters only to a new one.
  [open, () => !open.value && props.fan, () => !open.value && job.selected, unitWorld],
  () => {
    draft.value = { ...(open.value ?? fresh()) }
    readings.value = listText(draft.value.readingsMs, 'velocity', unitWorld.value)
    readingProblem.value = ''
  },
  { immediate: true },
)

function write(row: AirTraverse) {
  job.edit('rig.traverses', open.value ? taken.value.map((t) => (t.id === row.id ? row : t)) : [...taken.value, row])
  openId.value = row.id
}
function take() {
  const parsed = parseList(readings.value, 'velocity', unitWorld.value, draft.value.readingsMs)
  if (!parsed.ok) readingProblem.value = parsed.why
  else if (!parsed.values.length) readingProblem.value = 'Type the readings, row by row from the upper left.'
  else if (parsed.values.length % draft.value.columns)
    readingProblem.value = `${parsed.values.length} readings do not fill rows of ${draft.value.columns}.`
  else {
    readingProblem.value = ''
    // In free air the fan's speed is read, and nothing of its pressure.
    const factor = draft.value.where === 'AT_CORE' ? draft.value.factor : null
    write({ ...draft.value, readingsMs: parsed.values, factor })
  }
}
function correct() {
  const found = open.value && read(open.value)
  if (!open.value || !found) return
  if (found.fanFactor != null) write({ ...open.value, factor: Number(found.fanFactor.toFixed(3)) })
  else if (found.speedPercent != null)
    job.edit(`builds.${open.value.build}.fans.${open.value.fan}.speedPercent`, Math.round(found.speedPercent))
}
/** Its fan still stands where it was read, so that its speed can be set. */
const stands = computed(() =>
  job.content.builds.some((b) => b.id === open.value?.build && b.fans.some((f) => f.id === open.value?.fan)),
)
const corrects = computed(() => {
  const found = open.value && read(open.value)
  return found?.fanFactor != null || (found?.speedPercent != null && stands.value)
})
function remove() {
  const gone = openId.value
  openId.value = taken.value.filter((t) => t.id !== gone).at(-1)?.id ?? null
  job.edit(
    'rig.traverses',
    taken.value.filter((t) => t.id !== gone),
  )
}

/** What the server refuses of a field of the open traverse. */
function refused(field: string): string | undefined {
  const at = `rig.traverses.${openId.value}.${field}`
  const said = Object.entries(job.fields).find(([path]) => path === at || path.startsWith(`${at}.`))?.[1]
  return said && say(said, unitWorld.value)
}

const f = (v: number | null | undefined, quantity: 'airflow' | 'velocity' | 'rpm' | 'voltage') =>
  v == null ? '–' : format(v, quantity, unitWorld.value)
const how = (t: AirTraverse) =>
  [
    t.where === 'AT_CORE' ? 'at the core' : 'free air',
    t.engineRpm != null && f(t.engineRpm, 'rpm'),
    t.volts != null && f(t.volts, 'voltage'),
    t.airConditioning ? 'A/C on' : 'A/C off',
  ]
    .filter(Boolean)
    .join(' · ')
const rows = computed(() => {
  const t = open.value
  if (!t) return []
  const grid: number[][] = []
  for (let i = 0; i < t.readingsMs.length; i += t.columns) grid.push(t.readingsMs.slice(i, i + t.columns))
  return grid
})
const strongest = computed(() => Math.max(...(open.value?.readingsMs ?? [0]), 0.01))
const compared = computed(() => result.value?.compared ?? [])
</script>

<template>
  <p class="caution small">
    Truck standing, chocked, brakes on, park or neutral as its manual says. Hands, sleeves and the anemometer’s lead
    clear of the blades; nobody in front of the truck; read from the grille side.
  </p>
  <DataTable v-if="taken.length" label="Traverses taken" :columns="COLUMNS" :rows="taken" :row-key="(t) => t.id">
    <template #fan="{ row }"
      ><b>{{ row.part.name }}</b
      ><br /><span class="small soft">{{ how(row) }}</span></template
    >
    <template #measured="{ row }">{{ f(read(row)?.measuredFlow, 'airflow') }}</template>
    <template #model="{ row }">{{ f(read(row)?.modelFlow, 'airflow') }}</template>
    <template #factor="{ row }"
      ><template v-if="row.factor != null">{{ format(row.factor, 'ratio', unitWorld, 2) }}</template
      ><span v-else title="not used">–</span></template
    >
    <template #open="{ row }"
      ><button
        type="button"
        class="act"
        :class="{ main: row.id === openId }"
        :aria-pressed="row.id === openId"
        :aria-label="`Open traverse of ${row.part.name}, ${how(row)}`"
        @click="openId = row.id"
      >
        Open
      </button></template
    >
  </DataTable>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <p v-else-if="taken.length && !result" class="soft">{{ queueing || 'Holding the readings against the model …' }}</p>

  <template v-if="compared.length">
    <h4>On equal terms</h4>
    <p class="small soft">
      In the pack of {{ job.build.name }}, truck standing, other fans at rest, voltage as on the sheet.
    </p>
    <p v-for="(c, i) in compared" :key="i" data-compared>
      <template v-if="c.rpm != null">At {{ f(c.rpm, 'rpm') }}: </template>{{ say(c.said, unitWorld) }}
    </p>
  </template>

  <div class="entry">
    <h4>{{ open ? 'Traverse of' : 'New traverse of' }} {{ draft.part.name }}</h4>
    <div class="row">
      <ChoiceInput v-model="draft.where" label="Where it was read" :choices="READ_AT" class="grow" />
      <ToggleInput v-model="draft.airConditioning" label="air conditioning on">A/C on</ToggleInput>
    </div>
    <div class="fields">
      <QuantityInput
        v-model="draft.engineRpm"
        label="Engine speed"
        quantity="rpm"
        optional
        :placeholder="onEngine ? 'read the dial' : 'any'"
        :error="refused('engineRpm')"
      />
      <QuantityInput
        v-if="!onEngine"
        v-model="draft.volts"
        label="At the fan"
        quantity="voltage"
        optional
        :error="refused('volts')"
      />
      <QuantityInput v-model="draft.columns" label="Columns" quantity="count" :step="1" :error="refused('columns')" />
    </div>
    <label class="small"
      >Readings, row by row from the upper left
      <textarea
        v-model="readings"
        rows="2"
        :aria-invalid="!!readingProblem"
        placeholder="3.1 3.4 3.0  2.8 3.2 2.9  2.7 3.0 2.8"
      ></textarea>
    </label>
    <p v-if="readingProblem || refused('readingsMs')" role="alert" class="why">
      {{ readingProblem || refused('readingsMs') }}
    </p>
    <div class="row">
      <button type="button" class="act" @click="take">Take the readings</button>
      <button v-if="corrects" type="button" class="act main" @click="correct">Correct the model</button>
      <button v-if="open?.factor != null" type="button" class="act" @click="write({ ...open, factor: null })">
        Do not use it
      </button>
      <button v-if="open && taken.length < MOST" type="button" class="act" @click="openId = null">Another one</button>
      <button v-if="open" type="button" class="act" @click="remove">Forget it</button>
    </div>
    <table v-if="rows.length" class="grid" aria-label="Readings where they were taken">
      <tbody>
        <tr v-for="(row, r) in rows" :key="r">
          <td v-for="(v, k) in row" :key="k" :style="{ '--share': `${Math.round((45 * v) / strongest)}%` }">
            {{ f(v, 'velocity') }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="(s, i) in open && result ? read(open)?.said : []" :key="i" data-traverse>{{ say(s, unitWorld) }}</p>
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.grow {
  flex: 1;
}
h4 {
  margin: 0;
  font: 600 18px/1.2 var(--rb-font-head);
}
.entry {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--rule-soft);
  padding-top: 10px;
}
textarea {
  display: block;
  width: 100%;
  background: var(--paper);
  color: var(--ink);
  border: 1px solid var(--rule);
  font: inherit;
  padding: 6px 8px;
}
.why {
  color: var(--over-ink);
  font-size: 14px;
}
.grid {
  border-collapse: collapse;
}
.grid td {
  border: 1px solid var(--rule);
  padding: 6px 12px;
  text-align: right;
  background: color-mix(in srgb, var(--accent) var(--share), var(--paper));
}
</style>
