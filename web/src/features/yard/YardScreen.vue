<script setup lang="ts">
import { onScopeDispose, ref, shallowRef } from 'vue'
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
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import YardSettings from './YardSettings.vue'

const router = useRouter()
const settings = ref(false)
const jobs = shallowRef<Job[] | null>(null)
const verdicts = ref<Record<string, Verdict[]>>({})
const problem = shallowRef<Said[]>([])
/** What a person asked for and did not get, in words that lead to the reason. */
const refused = shallowRef<{ what: string; said: Said[]; plain?: string } | null>(null)
const removing = shallowRef<Job | null>(null)
const words = (said: Said[]) => said.map((s) => say(s, unitWorld.value)).join('; ')
let retry = 0

async function load() {
  try {
    jobs.value = await api.get<Job[]>('/api/jobs')
    problem.value = []
    await Promise.all(
      jobs.value.map(
        async (j) => (verdicts.value[j.id] = await api.post<Verdict[]>('/api/compute/verdicts', contentOf(j))),
      ),
    )
  } catch (e) {
    problem.value = (e as ApiProblem).said
    retry = window.setTimeout(load, 2000)
  }
}
void load()
onScopeDispose(() => clearTimeout(retry))

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

async function remove() {
  const job = removing.value
  if (!job) return
  removing.value = null
  await attempt(`${job.about.body.name} was not removed`, async () => {
    await api.remove(`/api/jobs/${job.id}`)
    await load()
  })
}

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
    <article v-for="job in jobs ?? []" :key="job.id" class="job">
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
      <div class="tools">
        <a class="act" :href="`/api/jobs/${job.id}/export`" download :aria-label="`Export ${job.about.body.name}`"
          >Export</a
        >
        <button type="button" class="act" :aria-label="`Copy ${job.about.body.name}`" @click="copy(job)">Copy</button>
        <button type="button" class="act" :aria-label="`Remove ${job.about.body.name}`" @click="removing = job">
          Remove
        </button>
      </div>
    </article>
    <el-dialog :model-value="!!removing" title="Remove this job?" width="440px" @close="removing = null">
      <p>{{ removing?.about.body.name }} and all its builds will be gone. Export it first if you may want it back.</p>
      <template #footer>
        <button type="button" class="act" @click="removing = null">Keep it</button>
        <button type="button" class="act main" @click="remove">Remove</button>
      </template>
    </el-dialog>
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
.tools {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 14px;
  border-left: 1px solid var(--rule-soft);
  justify-content: center;
}
.tools .act {
  justify-content: center;
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
