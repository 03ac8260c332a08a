<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useDocument } from '@/job/document'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { Run, RunData } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import DrivenPanel from './DrivenPanel.vue'
import LogImport from './LogImport.vue'
import MomentTable from './MomentTable.vue'
import RunPicture from './RunPicture.vue'
import RunSaid from './RunSaid.vue'
import TermsPanel from './TermsPanel.vue'
import TunePanel from './TunePanel.vue'
import { clock, count, endOf } from './runs'

/** Drives of this truck as they were recorded: taken in, drawn, and what is not to be believed of them. */
const job = useJob()
const document = useDocument()
const runs = shallowRef<Run[] | null>(null)
const problem = ref('')
const chosen = ref<string | null>(null)
const BENCHES = [
  ['recorded', 'As recorded'],
  ['driven', 'As driven'],
  ['terms', 'Before and after'],
  ['tune', 'Tune the model'],
] as const
const bench = ref<(typeof BENCHES)[number][0]>('recorded')
const run = computed(() => runs.value?.find((r) => r.id === chosen.value) ?? null)
const told = (e: unknown) => (problem.value = refusal(e))

async function load() {
  try {
    runs.value = await api.get<Run[]>(`/api/jobs/${document.jobId}/runs`)
    if (!run.value) chosen.value = runs.value[0]?.id ?? null
    problem.value = ''
  } catch (e) {
    told(e)
  }
}
watch(() => document.jobId, load, { immediate: true })

const SORTS = (['BEFORE', 'AFTER', 'OTHER'] as const).map((s) => [s, word(`runSort.${camel(s)}`)] as const)
async function add() {
  const before = !runs.value?.some((r) => r.data.sort === 'BEFORE')
  const data: RunData = {
    name: `Drive ${(runs.value?.length ?? 0) + 1}`,
    sort: before ? 'BEFORE' : 'AFTER',
    build: before ? (job.content.builds[0]?.id ?? null) : job.selected,
    ambientC: null,
    trailerKg: null,
    airConditioning: null,
    roadFromKm: null,
    moments: [],
    note: '',
  }
  try {
    const made = await api.post<Run>(`/api/jobs/${document.jobId}/runs`, data)
    runs.value = [...(runs.value ?? []), made]
    chosen.value = made.id
  } catch (e) {
    told(e)
  }
}
const put = (next: Run) => (runs.value = (runs.value ?? []).map((r) => (r.id === next.id ? next : r)))
let saving: Promise<void> = Promise.resolve()
/** Shown at once and saved one after the other, so that quick hands do not overtake their own versions. */
function edit(change: Partial<RunData>) {
  if (!run.value) return
  const id = run.value.id
  put({ ...run.value, data: { ...run.value.data, ...change } })
  saving = saving.then(() => save(id))
}
async function save(id: string) {
  const now = runs.value?.find((r) => r.id === id)
  if (!now) return
  try {
    const saved = await api.put<Run>(`/api/runs/${id}`, { version: now.version, data: now.data })
    const since = runs.value?.find((r) => r.id === id)
    if (since) put({ ...saved, data: since.data === now.data ? saved.data : since.data })
    problem.value = ''
  } catch (e) {
    await load()
    told(e)
  }
}
/** A drive that was recorded elsewhere, in the cab: taken in once, however often it comes. */
async function bring(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    const at = `/api/jobs/${document.jobId}/runs/import`
    const made = await api.upload<Run>(at, file, 'application/jsonl', () => undefined)
    await load()
    chosen.value = made.id
  } catch (e) {
    told(e)
  }
}
const removing = ref(false)
async function remove() {
  if (!run.value) return
  try {
    await api.remove(`/api/runs/${run.value.id}`)
    removing.value = false
    chosen.value = null
    await load()
  } catch (e) {
    told(e)
  }
}
watch(chosen, () => (removing.value = false))
const builds = computed(() => job.content.builds.map((b) => [b.id, b.name] as const))
const AIR = [
  ['on', 'on'],
  ['off', 'off'],
  ['unknown', 'not known'],
] as const
const air = computed(() => {
  const on = run.value?.data.airConditioning
  return on == null ? 'unknown' : on ? 'on' : 'off'
})
const has = (r: Run) => r.tracks.length > 0 || r.data.moments.length > 0
const rows = (r: Run) => r.tracks.reduce((n, t) => n + t.rows, 0)
</script>

<template>
  <div class="proof" :data-ready="runs ? 'true' : undefined">
    <section class="panel list">
      <h2>Drives</h2>
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
      <p v-if="!runs && !problem" class="soft">Fetching them …</p>
      <p v-if="runs && !runs.length" class="soft">
        Nothing is recorded of this truck yet. A drive before the work and one after it, on the same road, prove what it
        was worth.
      </p>
      <button
        v-for="r in runs ?? []"
        :key="r.id"
        type="button"
        class="run"
        :aria-pressed="r.id === chosen"
        :data-run="r.id"
        @click="chosen = r.id"
      >
        <b>{{ r.data.name }}</b>
        <span class="sort" :class="r.data.sort.toLowerCase()">{{ word(`runSort.${camel(r.data.sort)}`) }}</span>
        <span class="small soft">{{
          r.tracks.length
            ? `${clock(endOf(r))}, ${count(rows(r))} rows`
            : r.data.moments.length
              ? `${r.data.moments.length} ${r.data.moments.length === 1 ? 'reading' : 'readings'}`
              : 'no recording yet'
        }}</span>
      </button>
      <button type="button" class="act main" data-new-run @click="add">New drive</button>
      <label class="act bring"
        >A drive from the cab<input type="file" accept=".jsonl" data-bring @change="bring"
      /></label>
    </section>
    <div v-if="run" class="of">
      <section class="panel head">
        <NameInput
          :model-value="run.data.name"
          label="Drive"
          :most="80"
          @update:model-value="edit({ name: $event! })"
        />
        <ChoiceInput
          :model-value="run.data.sort"
          label="Compared as"
          :choices="SORTS"
          small
          @update:model-value="edit({ sort: $event! })"
        />
        <PickInput
          :model-value="run.data.build ?? undefined"
          label="On the truck"
          :choices="builds"
          @update:model-value="edit({ build: $event ?? null })"
        />
        <QuantityInput
          :model-value="run.data.ambientC"
          label="Air outside"
          quantity="temperature"
          optional
          @update:model-value="edit({ ambientC: $event })"
        />
        <QuantityInput
          :model-value="run.data.trailerKg"
          label="Trailer"
          quantity="mass"
          optional
          @update:model-value="edit({ trailerKg: $event })"
        />
        <PickInput
          :model-value="air"
          label="Air conditioning"
          :choices="AIR"
          @update:model-value="edit({ airConditioning: $event === 'unknown' ? null : $event === 'on' })"
        />
        <QuantityInput
          v-if="job.content.haul.journey"
          :model-value="run.data.roadFromKm"
          label="Began on the job’s road at"
          quantity="distance"
          optional
          @update:model-value="edit({ roadFromKm: $event })"
        />
        <a v-if="run.tracks.length" class="act" :href="`/api/runs/${run.id}/file`" download data-run-file>As a file</a>
        <button v-if="!removing" type="button" class="act" @click="removing = true">Remove …</button>
        <button v-else type="button" class="act refused" @click="remove">Remove it with all its rows</button>
      </section>
      <BenchTabs v-model="bench" :benches="BENCHES" />
      <template v-if="bench === 'recorded'">
        <RunPicture v-if="run.tracks.length" :key="run.id" :run="run" />
        <LogImport :run="run" @taken="put" />
        <MomentTable :key="run.id" :run="run" @edit="edit({ moments: $event })" />
        <RunSaid v-if="run.tracks.length" :run="run" @moved="put" />
      </template>
      <template v-else-if="bench === 'driven'">
        <DrivenPanel v-if="has(run)" :run="run" />
        <p v-else class="panel soft">Nothing is recorded of this drive yet.</p>
      </template>
      <TermsPanel v-else-if="bench === 'terms'" :runs="runs!" />
      <TunePanel v-else :runs="runs!" />
    </div>
  </div>
</template>

<style scoped>
.proof {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 12px;
  align-items: start;
}
.list,
.of {
  display: grid;
  gap: 10px;
}
.bring input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
.bring:focus-within {
  outline: 3px solid var(--accent);
}
.run {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  text-align: left;
  border: 1px solid var(--rule);
  border-left: 6px solid var(--rule);
  background: none;
  color: var(--ink);
  padding: 8px 10px;
  min-height: 56px;
  cursor: pointer;
}
.run b {
  font: 600 20px/1.1 var(--rb-font-head);
}
.run[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.run .small {
  grid-column: 1 / -1;
}
.sort {
  font: 600 15px/1.2 var(--rb-font-head);
  align-self: center;
}
.head {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
@media (max-width: 1100px) {
  .proof {
    grid-template-columns: 1fr;
  }
  .head {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
