<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiProblem } from '@/shared/api/client'
import type { IntakeStart, Job, JobContent, Said, Verdict } from '@/shared/api/types'
import { contentOf } from '@/job/sections'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { flag, type Outcome, outcomeOf, standingWord } from '@/shared/ui/words'
import { FLUIDS, gauges } from '@/shared/api/gauges'
import { yard } from '@/shared/ui/yard'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import YardSettings from './YardSettings.vue'

const router = useRouter()
const settings = ref(false)
const jobs = shallowRef<Job[] | null>(null)
const verdicts = ref<Record<string, Verdict[]>>({})
const problem = shallowRef<Said[]>([])
/** What a person asked for and did not get, in words that lead to the reason. */
const refused = shallowRef<{ what: string; said: Said[]; plain?: string } | null>(null)
const words = (said: Said[]) => said.map((s) => say(s, unitWorld.value)).join('; ')
let retry = 0

async function load() {
  try {
    jobs.value = await api.get<Job[]>('/api/jobs')
    problem.value = []
    await judge(jobs.value)
  } catch (e) {
    if (here.signal.aborted) return
    problem.value = (e as ApiProblem).said
    retry = window.setTimeout(load, 2000)
  }
}
void load()

/** A few at a time, so that what is asked for meanwhile need not queue behind the whole yard; none for who has left. */
const AT_ONCE = 3
const here = new AbortController()
async function judge(all: Job[]) {
  const queue = [...all]
  const worker = async () => {
    for (let job = queue.shift(); job; job = queue.shift())
      verdicts.value[job.id] = await api.post<Verdict[]>('/api/compute/verdicts', contentOf(job), here.signal)
  }
  await Promise.all(Array.from({ length: AT_ONCE }, worker))
}
onScopeDispose(() => {
  clearTimeout(retry)
  here.abort()
})

const worst = (job: Job): { name: string; standing: Outcome } => ({
  name: job.builds.at(-1)?.body.name ?? '',
  standing: outcomeOf(verdicts.value[job.id]?.at(-1)),
})
const nameOf = (job: Job, build: string) => job.builds.find((b) => b.body.id === build)?.body
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

const copy = (job: Job) =>
  attempt(`${job.about.body.name} was not copied`, async () => {
    const content = contentOf(job)
    const about = { ...content.about, name: `${content.about.name} (copy)`.slice(0, 80) }
    const made = await api.post<Job>('/api/jobs', { ...content, about } satisfies JobContent)
    await router.push({ name: 'haul', params: { id: made.id } })
  })

const archive = (job: Job) =>
  attempt(`${job.about.body.name} was not moved`, async () => {
    const body = { ...job.about.body, archived: !job.about.body.archived }
    await api.put(`/api/jobs/${job.id}/about`, { version: job.about.version, body })
    await load()
  })

function download(job: Job) {
  const link = document.createElement('a')
  link.href = `/api/jobs/${job.id}/export`
  link.download = ''
  link.click()
}

/** Taken off the screen at once and off the server a little later, so that it can be brought back. */
const UNDO_MS = 10_000
const leaving = shallowRef<Job | null>(null)
let gone = 0
async function remove(job: Job) {
  await removeNow()
  leaving.value = job
  gone = window.setTimeout(() => void removeNow(), UNDO_MS)
}
async function removeNow() {
  clearTimeout(gone)
  const job = leaving.value
  if (!job) return
  await attempt(`${job.about.body.name} was not removed`, () => api.remove(`/api/jobs/${job.id}`))
  jobs.value = jobs.value?.filter((j) => j.id !== job.id) ?? null
  leaving.value = null
}
function bringBack() {
  clearTimeout(gone)
  leaving.value = null
}
onScopeDispose(() => void removeNow())

const deeds = { copy, download, archive, remove }
type Deed = keyof typeof deeds

const wanted = ref('')
const withArchive = ref(false)
const archived = computed(() => (jobs.value ?? []).filter((j) => j.about.body.archived).length)
const shown = computed(() => {
  const words = wanted.value.toLowerCase().split(/\s+/).filter(Boolean)
  const text = (j: Job) =>
    [j.about.body.name, j.about.body.complaint, j.rig.body.vehicle.name, j.rig.body.trailer.name, j.haul.body.road]
      .join(' ')
      .toLowerCase()
  return (jobs.value ?? []).filter(
    (j) =>
      j !== leaving.value &&
      (withArchive.value || !j.about.body.archived) &&
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
        <button type="button" class="act" @click="settings = true">Name and money</button>
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
      <input v-model="wanted" type="search" aria-label="Search the yard" placeholder="Job, truck, trailer, road" />
      <ToggleInput v-if="archived" v-model="withArchive" :label="`archived, ${archived}`" />
      <p v-if="!shown.length" class="soft">Nothing in the yard is called that.</p>
    </div>
    <article v-for="job in shown" :key="job.id" class="job" :class="{ away: job.about.body.archived }">
      <router-link :to="{ name: 'haul', params: { id: job.id } }" class="open">
        <div class="plate">
          <VerdictMark :standing="worst(job).standing" :size="40" />
          <div>
            <h2>{{ job.about.body.name }}</h2>
            <p>{{ job.rig.body.vehicle.name }}, {{ job.rig.body.trailer.name }}</p>
            <p class="soft">
              {{ job.haul.body.road }} · {{ format(job.haul.body.gradePercent, 'percent', unitWorld) }} ·
              {{ format(job.haul.body.speedKmh, 'speed', unitWorld) }} ·
              {{ format(job.haul.body.ambientC, 'temperature', unitWorld, 0) }}
            </p>
          </div>
        </div>
        <table v-if="verdicts[job.id]">
          <thead>
            <tr>
              <th></th>
              <th v-for="[key, name] in FLUIDS" :key="key" scope="col">{{ name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in verdicts[job.id]" :key="s.build">
              <th scope="row">
                <b>{{
                  flag(
                    nameOf(job, s.build)!,
                    job.builds.map((b) => b.body),
                  )
                }}</b>
                {{ nameOf(job, s.build)!.name }}
              </th>
              <td v-if="s.overRatings.length" colspan="3" class="clash">
                <VerdictMark standing="RATING" :size="14" /> over its ratings: {{ say(s.overRatings[0]!, unitWorld) }}
              </td>
              <td v-else-if="s.clashes.length" colspan="3" class="clash">
                <VerdictMark standing="CLASH" :size="14" /> not buildable: {{ say(s.clashes[0]!.said, unitWorld) }}
              </td>
              <td
                v-for="{ key, gauge } in s.clashes.length || s.overRatings.length ? [] : gauges(s)"
                :key="key"
                :class="gauge.standing"
              >
                <VerdictMark :standing="gauge.standing" :size="14" />
                {{ gauge.headroomK > 0 ? '+' : '' }}{{ format(gauge.headroomK, 'difference', unitWorld, 1) }}
                <span class="sr">{{ standingWord(gauge.standing) }}</span>
              </td>
              <td v-if="s.problem && !s.clashes.length && !s.overRatings.length" colspan="3">
                {{ say(s.problem, unitWorld) }}
              </td>
            </tr>
          </tbody>
        </table>
        <div class="verdict">
          <p class="figure">{{ worst(job).name }} {{ standingWord(worst(job).standing) }}</p>
          <p class="soft">{{ job.about.body.complaint }}</p>
        </div>
      </router-link>
      <el-dropdown trigger="click" class="menu" @command="(what: Deed) => deeds[what](job)">
        <button type="button" class="act" :aria-label="`What to do with ${job.about.body.name}`">⋯</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item command="copy">Copy</el-dropdown-item>
            <el-dropdown-item command="download">Export</el-dropdown-item>
            <el-dropdown-item command="archive">{{
              job.about.body.archived ? 'Back to the yard' : 'Archive'
            }}</el-dropdown-item>
            <el-dropdown-item command="remove">Remove</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </article>
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
.job {
  background: var(--paper);
  border-top: 3px solid var(--ink);
  display: grid;
  grid-template-columns: 1fr auto;
}
.open {
  display: grid;
  grid-template-columns: minmax(250px, 1fr) minmax(330px, 1.15fr) minmax(190px, 0.85fr);
  gap: 24px;
  padding: 16px;
  color: inherit;
  text-decoration: none;
  align-items: center;
}
.open:hover {
  background: color-mix(in srgb, var(--accent-wash) 40%, transparent);
}
.plate {
  display: flex;
  gap: 14px;
  align-items: flex-start;
}
.plate h2 {
  font-size: 28px;
}
table {
  border-collapse: collapse;
  font-size: 15px;
}
thead th {
  font: 600 15px/1 var(--rb-font-head);
  color: var(--ink-soft);
  text-align: left;
  padding: 0 10px 4px 0;
}
tbody th {
  font-weight: 500;
  text-align: left;
  padding: 4px 12px 4px 0;
  white-space: nowrap;
}
td {
  font: 600 19px/1 var(--rb-font-head);
  padding: 4px 12px 4px 0;
  white-space: nowrap;
}
td svg {
  vertical-align: -1px;
  margin-right: 3px;
}
td.HOLDS {
  color: var(--holds-ink);
}
td.MARGINAL {
  color: var(--marginal-ink);
}
td.OVER {
  color: var(--over-ink);
}
.verdict {
  display: grid;
  gap: 6px;
}
.verdict .figure {
  font-size: 24px;
}
.menu {
  align-self: center;
  padding: 14px;
}
.find {
  display: flex;
  gap: 14px;
  align-items: center;
}
.find input[type='search'] {
  min-height: 44px;
  width: min(420px, 100%);
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font-size: 17px;
  padding: 0 12px;
}
.away {
  opacity: 0.7;
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
.sr {
  position: absolute;
  clip-path: inset(50%);
  width: 1px;
  height: 1px;
  overflow: hidden;
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
  .job {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .open {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
    gap: 10px 18px;
  }
  .verdict {
    grid-column: 1 / -1;
  }
}
@media (max-width: 900px) {
  .open {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
