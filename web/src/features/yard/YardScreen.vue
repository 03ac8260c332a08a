<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiProblem } from '@/shared/api/client'
import type { IntakeStart, Job, JobCard, JobContent, Said, Verdict, WholeBook } from '@/shared/api/types'
import { contentOf } from '@/job/sections'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { yard } from '@/shared/ui/yard'
import { asked } from '@/shared/ui/asked'
import PickInput from '@/shared/ui/PickInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { placeOf, stateOf, STATES, wordsOf } from '@/shared/ui/book'
import MatrixPanel from './MatrixPanel.vue'
import YardCard, { type Deed } from './YardCard.vue'
import YardSettings from './YardSettings.vue'

const router = useRouter()
const settings = ref(false)
/** It drives the whole yard, so only who asks has it. */
const matrix = ref(false)
const jobs = shallowRef<JobCard[] | null>(null)
const book = shallowRef<WholeBook | null>(null)
const verdicts = ref<Record<string, Verdict[]>>({})
const problem = shallowRef<Said[]>([])
/** What a person asked for and did not get, in words that lead to the reason. */
const refused = shallowRef<{ what: string; said: Said[]; plain?: string } | null>(null)
const words = (said: Said[]) => said.map((s) => say(s, unitWorld.value)).join('; ')
let retry = 0

async function load() {
  try {
    jobs.value = await api.get<JobCard[]>('/api/jobs')
    book.value = await api.get<WholeBook>('/api/book')
    problem.value = []
    // The demo yard is filled a moment after it opens, and others may put jobs into an empty one.
    if (!jobs.value.length) retry = window.setTimeout(load, 5000)
    await judge(jobs.value)
  } catch (e) {
    if (here.signal.aborted) return
    problem.value = (e as ApiProblem).said
    retry = window.setTimeout(load, 2000)
  }
}
void load()

/** The yard asks what the strip asks: the road, or its worst stretch held. */
const asks = asked.value === 'road' ? 'road-verdicts' : 'verdicts'

/** A few at a time, so that what is asked for meanwhile need not queue behind the whole yard; none for who has left. */
const AT_ONCE = 3
const here = new AbortController()
async function judge(all: JobCard[]) {
  const queue = [...all]
  const worker = async () => {
    for (let job = queue.shift(); job; job = queue.shift())
      verdicts.value[job.id] = await api.get<Verdict[]>(`/api/jobs/${job.id}/${asks}`, here.signal)
  }
  await Promise.all(Array.from({ length: AT_ONCE }, worker))
}
onScopeDispose(() => {
  clearTimeout(retry)
  here.abort()
})

const label = (kind: IntakeStart['kind']) => word(`vehicleKind.${camel(kind)}`)

/** Does what was asked; a refusal is said and nothing is half done. */
async function attempt(what: string, work: () => Promise<unknown>) {
  refused.value = null
  try {
    await work()
  } catch (e) {
    refused.value = e instanceof ApiProblem ? { what, said: e.said } : { what, said: [], plain: 'it is not JSON.' }
  }
}

const kinds = shallowRef<IntakeStart[] | null>(null)
const intake = () =>
  attempt('A new job cannot be started', async () => (kinds.value = await api.get<IntakeStart[]>('/api/intake/kinds')))

async function begin(start: IntakeStart) {
  await attempt('The new job was not saved', async () => {
    const made = await api.post<Job>('/api/jobs', start.job)
    await router.push({ name: 'rig', params: { id: made.id } })
  })
  kinds.value = null
}

const copy = (job: JobCard) =>
  attempt(`${job.about.body.name} was not copied`, async () => {
    const content = contentOf(await api.get<Job>(`/api/jobs/${job.id}`))
    const about = { ...content.about, name: `${content.about.name} (copy)`.slice(0, 80) }
    const made = await api.post<Job>('/api/jobs', { ...content, about } satisfies JobContent)
    await router.push({ name: 'haul', params: { id: made.id } })
  })

/** The plan as it is; all that was measured is to be measured anew on the other truck. */
const sister = (job: JobCard) =>
  attempt(`${job.about.body.name} was not taken over`, async () => {
    const name = `${job.about.body.name}, its sister`.slice(0, 80)
    const made = await api.post<Job>(`/api/jobs/${job.id}/sister`, { name })
    await router.push({ name: 'rig', params: { id: made.id } })
  })

const archive = (job: JobCard) =>
  attempt(`${job.about.body.name} was not moved`, async () => {
    const body = { ...job.about.body, archived: !job.about.body.archived }
    await api.put(`/api/jobs/${job.id}/about`, { version: job.about.version, body })
    await load()
  })

function download(job: JobCard) {
  const link = document.createElement('a')
  link.href = `/api/jobs/${job.id}/export`
  link.download = ''
  link.click()
}

/** Taken off the screen at once and off the server a little later, so that it can be brought back. */
const UNDO_MS = 10_000
const leaving = shallowRef<JobCard | null>(null)
let gone = 0
async function remove(job: JobCard) {
  await removeNow()
  leaving.value = job
  gone = window.setTimeout(() => void removeNow(), UNDO_MS)
}
async function removeNow() {
  clearTimeout(gone)
  const job = leaving.value
  if (!job) return
  await attempt(`${job.about.body.name} was not removed`, async () => {
    await api.remove(`/api/jobs/${job.id}`)
    jobs.value = jobs.value?.filter((j) => j.id !== job.id) ?? null
  })
  leaving.value = null
}
function bringBack() {
  clearTimeout(gone)
  leaving.value = null
}
onScopeDispose(() => void removeNow())

const deeds: Record<Deed, (job: JobCard) => unknown> = { copy, sister, download, archive, remove }

const wanted = ref('')
const withArchive = ref(false)
const state = ref<(typeof STATES)[number] | 'ANY'>('ANY')
const states = computed(() => [
  ['ANY', 'any state'] as const,
  ...STATES.filter((s) => book.value?.jobs.some((j) => j.state === s)).map(
    (s) => [s, word(`jobState.${camel(s)}`)] as const,
  ),
])
const stateWord = (job: string) => {
  const s = stateOf(book.value, job)
  return s ? word(`jobState.${camel(s)}`) : undefined
}
const whose = (job: string) => {
  const at = placeOf(book.value, job)
  return at ? [at.customer, at.truck].filter(Boolean).join(': ') : undefined
}
const archived = computed(() => (jobs.value ?? []).filter((j) => j.about.body.archived).length)
const shown = computed(() => {
  const words = wanted.value.toLowerCase().split(/\s+/).filter(Boolean)
  const text = (j: JobCard) =>
    [j.about.body.name, j.about.body.complaint, j.truck, j.trailer, j.stretch.road, wordsOf(book.value, j.id)]
      .join(' ')
      .toLowerCase()
  return (jobs.value ?? []).filter(
    (j) =>
      j !== leaving.value &&
      (withArchive.value || !j.about.body.archived) &&
      (state.value === 'ANY' || stateOf(book.value, j.id) === state.value) &&
      words.every((word) => text(j).includes(word)),
  )
})

async function importFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  if (file.size > 1_000_000) {
    refused.value = { what: `${file.name} was not imported`, said: [], plain: 'it is larger than any job file can be.' }
    return
  }
  await attempt(`${file.name} was not imported`, async () => {
    const made = await api.post<Job>('/api/jobs/import', JSON.parse(await file.text()))
    await router.push({ name: 'haul', params: { id: made.id } })
  })
}
</script>

<template>
  <section class="yard" :data-ready="!!jobs && Object.keys(verdicts).length >= jobs.length">
    <header>
      <div>
        <h1>{{ yard?.name ?? 'The yard' }}</h1>
        <p class="soft">Which trucks hold their worst road, and which do not.</p>
      </div>
      <div class="starts">
        <button type="button" class="act main" @click="intake">New job</button>
        <router-link class="act" :to="{ name: 'parts' }">Parts</router-link>
        <button type="button" class="act" @click="settings = true">Yard settings</button>
        <label class="act"
          >Import a job file<input type="file" accept=".json,application/json" class="hidden" @change="importFile"
        /></label>
      </div>
    </header>
    <YardSettings v-model="settings" />
    <el-dialog :model-value="!!kinds" title="What drives in?" width="560px" @close="kinds = null">
      <p>Start from the kind of truck. Its numbers are assumed until you measure or enter them, and marked so.</p>
      <div class="kinds">
        <button v-for="k in kinds ?? []" :key="k.kind" type="button" class="act" @click="begin(k)">
          {{ label(k.kind) }}
        </button>
      </div>
    </el-dialog>
    <p v-if="refused" class="band" role="alert">{{ refused.what }}: {{ refused.plain ?? words(refused.said) }}</p>
    <p v-if="problem.length" class="band" role="alert">
      <b>The yard cannot be reached.</b> {{ words(problem) }} It is tried again every two seconds.
    </p>
    <p v-if="jobs && !jobs.length" class="empty">
      No jobs yet. Start one, import a job file, or run the demo yard to see four.
    </p>
    <div v-if="jobs?.length" class="find">
      <input
        v-model="wanted"
        type="search"
        class="entry"
        aria-label="Search the yard"
        placeholder="Job, truck, trailer, road"
      />
      <PickInput v-if="states.length > 2" v-model="state" label="State" :choices="states" class="states" />
      <ToggleInput v-if="archived" v-model="withArchive" :label="`archived, ${archived}`" />
      <p v-if="!shown.length" class="soft">Nothing in the yard is called that.</p>
    </div>
    <YardCard
      v-for="job in shown"
      :key="job.id"
      :job="job"
      :verdicts="verdicts[job.id] ?? []"
      :state="stateWord(job.id)"
      :whose="whose(job.id)"
      @deed="(what) => deeds[what](job)"
    />
    <button v-if="jobs?.length && !matrix" type="button" class="act ask" @click="matrix = true">
      Which truck takes which road?
    </button>
    <MatrixPanel v-if="jobs?.length && matrix" :jobs="jobs" />
    <div v-if="leaving" class="leaving" role="status">
      <span>{{ leaving.about.body.name }} is removed.</span>
      <button type="button" class="act" @click="bringBack">Undo</button>
    </div>
  </section>
</template>

<style scoped>
.starts {
  display: flex;
  gap: 10px;
}
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 14px;
}
.kinds .act {
  min-height: 52px;
  justify-content: center;
}
.yard {
  padding: 22px 24px;
  display: grid;
  gap: 16px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.find {
  display: flex;
  gap: 14px;
  align-items: end;
}
.find input {
  max-width: 420px;
}
.states {
  width: 220px;
}
.ask {
  justify-self: start;
}
.leaving {
  position: fixed;
  right: 24px;
  bottom: 24px;
  z-index: 30;
  display: flex;
  gap: 16px;
  align-items: center;
  background: var(--paper);
  border: 2px solid var(--ink);
  padding: 8px 12px 8px 18px;
}
.hidden {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
label.act:focus-within {
  outline: 3px solid var(--accent);
}
.band {
  background: var(--marginal-wash);
  border-left: 6px solid var(--marginal);
  padding: 10px 16px;
}
.empty {
  padding: 40px;
  background: var(--paper);
}
.act + .act {
  margin-left: 0;
}
@media (max-width: 1180px) {
  .yard {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
