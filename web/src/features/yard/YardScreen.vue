<script setup lang="ts">
import { onScopeDispose, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiProblem } from '@/shared/api/client'
import type { Assessment, IntakeStart, Job, JobContent, Standing } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, restate } from '@/shared/units/units'
import { flag, standingWord } from '@/shared/ui/words'
import { FLUIDS, gauges } from '@/shared/api/gauges'
import VerdictMark from '@/shared/ui/VerdictMark.vue'

const router = useRouter()
const jobs = shallowRef<Job[] | null>(null)
const verdicts = ref<Record<string, Assessment>>({})
const problem = ref('')
const importProblem = ref('')
const removing = shallowRef<Job | null>(null)
let retry = 0

async function load() {
  try {
    jobs.value = await api.get<Job[]>('/api/jobs')
    problem.value = ''
    await Promise.all(jobs.value.map(async (j) => (verdicts.value[j.id] = await api.post<Assessment>('/api/compute/assessment', j.content))))
  } catch (e) {
    problem.value = (e as ApiProblem).message
    retry = window.setTimeout(load, 2000)
  }
}
void load()
onScopeDispose(() => clearTimeout(retry))

const worst = (job: Job): { name: string; standing: Standing | null } => {
  const builds = verdicts.value[job.id]?.builds ?? []
  const last = builds.at(-1)
  return { name: last?.name ?? '', standing: (last?.standing as Standing) ?? null }
}

const kinds = shallowRef<IntakeStart[] | null>(null)
async function intake() {
  try {
    kinds.value = await api.get<IntakeStart[]>('/api/intake/kinds')
  } catch (e) {
    importProblem.value = `A new job cannot be started: ${(e as ApiProblem).message}`
  }
}
async function begin(start: IntakeStart) {
  try {
    const made = await api.post<Job>('/api/jobs', start.job)
    await router.push({ name: 'rig', params: { id: made.id } })
  } catch (e) {
    importProblem.value = `The new job was not saved: ${(e as ApiProblem).message}`
    kinds.value = null
  }
}

async function copy(job: Job) {
  const made = await api.post<Job>('/api/jobs', { ...job.content, name: `${job.content.name} (copy)`.slice(0, 80) } satisfies JobContent)
  await router.push({ name: 'haul', params: { id: made.id } })
}

async function remove() {
  if (!removing.value) return
  await api.remove(`/api/jobs/${removing.value.id}`)
  removing.value = null
  await load()
}

async function importFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  importProblem.value = ''
  if (file.size > 1_000_000) {
    importProblem.value = `${file.name} is larger than any job file can be.`
    return
  }
  try {
    const made = await api.post<Job>('/api/jobs/import', JSON.parse(await file.text()))
    await router.push({ name: 'haul', params: { id: made.id } })
  } catch (e) {
    const why = e instanceof ApiProblem ? e.message : 'it is not JSON.'
    importProblem.value = `${file.name} was not imported: ${why}`
  }
}
</script>

<template>
  <section class="yard" :data-ready="!!jobs && Object.keys(verdicts).length >= jobs.length">
    <header>
      <div>
        <h1>The yard</h1>
        <p class="soft">Which trucks hold their worst road, and which do not.</p>
      </div>
      <div class="starts">
      <button type="button" class="act main" @click="intake">New job</button>
      <label class="act">Import a job file<input type="file" accept=".json,application/json" class="hidden" @change="importFile" /></label>
      </div>
    </header>
    <el-dialog :model-value="!!kinds" title="What drives in?" width="560px" @close="kinds = null">
      <p>Start from the kind of truck. Its numbers are assumed until you measure or enter them, and marked so.</p>
      <div class="kinds"><button v-for="k in kinds ?? []" :key="k.kind" type="button" class="act" @click="begin(k)">{{ k.label }}</button></div>
    </el-dialog>
    <p v-if="importProblem" class="band" role="alert">{{ importProblem }}</p>
    <p v-if="problem" class="band" role="alert"><b>The yard cannot be reached.</b> {{ problem }} It is tried again every two seconds.</p>
    <p v-if="jobs && !jobs.length" class="empty">No jobs yet. Start one, import a job file, or run the demo yard to see four.</p>
    <article v-for="job in jobs ?? []" :key="job.id" class="job">
      <router-link :to="{ name: 'haul', params: { id: job.id } }" class="open">
        <div class="plate">
          <VerdictMark :standing="worst(job).standing" :size="40" />
          <div>
            <h2>{{ job.content.name }}</h2>
            <p>{{ job.content.vehicle.name }}, {{ job.content.trailer.name }}</p>
            <p class="soft">
              {{ job.content.haul.road }} · {{ format(job.content.haul.gradePercent, 'percent', unitWorld) }} ·
              {{ format(job.content.haul.speedKmh, 'speed', unitWorld) }} · {{ format(job.content.haul.ambientC, 'temperature', unitWorld, 0) }}
            </p>
          </div>
        </div>
        <table v-if="verdicts[job.id]">
          <thead>
            <tr><th></th><th v-for="[key, label] in FLUIDS" :key="key" scope="col">{{ label }}</th></tr>
          </thead>
          <tbody>
            <tr v-for="(s, i) in verdicts[job.id].builds" :key="i">
              <th scope="row"><b>{{ flag(job.content.builds[i], job.content.builds) }}</b> {{ s.name }}</th>
              <td v-for="{ key, gauge } in gauges(s)" :key="key" :class="gauge.standing">
                <VerdictMark :standing="gauge.standing" :size="14" />
                {{ gauge.headroomK > 0 ? '+' : '' }}{{ format(gauge.headroomK, 'difference', unitWorld, 1) }}
                <span class="sr">{{ standingWord(gauge.standing) }}</span>
              </td>
              <td v-if="s.problem" colspan="3">{{ restate(s.problem, unitWorld) }}</td>
            </tr>
          </tbody>
        </table>
        <div class="verdict">
          <p class="figure">{{ worst(job).name }} {{ standingWord(worst(job).standing) }}</p>
          <p class="soft">{{ job.content.complaint }}</p>
        </div>
      </router-link>
      <div class="tools">
        <a class="act" :href="`/api/jobs/${job.id}/export`" download>Export</a>
        <button type="button" class="act" @click="copy(job)">Copy</button>
        <button type="button" class="act" @click="removing = job">Remove</button>
      </div>
    </article>
    <el-dialog :model-value="!!removing" title="Remove this job?" width="440px" @close="removing = null">
      <p>{{ removing?.content.name }} and all its builds will be gone. Export it first if you may want it back.</p>
      <template #footer>
        <button type="button" class="act" @click="removing = null">Keep it</button>
        <button type="button" class="act main" @click="remove">Remove</button>
      </template>
    </el-dialog>
  </section>
</template>

<style scoped>
.starts { display: flex; gap: 10px; }
.kinds { display: grid; grid-template-columns: 1fr 1fr; gap: 8px; margin-top: 14px; }
.kinds .act { min-height: 52px; justify-content: center; }
.yard { padding: 22px 24px; display: grid; gap: 16px; }
header { display: flex; justify-content: space-between; align-items: center; }
.job { background: var(--paper); border-top: 3px solid var(--ink); display: grid; grid-template-columns: 1fr auto; }
.open { display: grid; grid-template-columns: minmax(250px, 1fr) minmax(330px, 1.15fr) minmax(190px, 0.85fr); gap: 24px; padding: 16px; color: inherit; text-decoration: none; align-items: center; }
.open:hover { background: color-mix(in srgb, var(--accent-wash) 40%, transparent); }
.plate { display: flex; gap: 14px; align-items: flex-start; }
.plate h2 { font-size: 28px; }
table { border-collapse: collapse; font-size: 15px; }
thead th { font: 600 15px/1 var(--rb-font-head); color: var(--ink-soft); text-align: left; padding: 0 10px 4px 0; }
tbody th { font-weight: 500; text-align: left; padding: 4px 12px 4px 0; white-space: nowrap; }
td { font: 600 19px/1 var(--rb-font-head); padding: 4px 12px 4px 0; white-space: nowrap; }
td svg { vertical-align: -1px; margin-right: 3px; }
td.HOLDS { color: var(--holds-ink); }
td.MARGINAL { color: var(--marginal-ink); }
td.OVER { color: var(--over-ink); }
.verdict { display: grid; gap: 6px; }
.verdict .figure { font-size: 24px; }
.tools { display: flex; flex-direction: column; gap: 6px; padding: 14px; border-left: 1px solid var(--rule-soft); justify-content: center; }
.tools .act { justify-content: center; }
.hidden { position: absolute; opacity: 0; width: 1px; height: 1px; }
label.act:focus-within { outline: 3px solid var(--accent); }
.sr { position: absolute; clip-path: inset(50%); width: 1px; height: 1px; overflow: hidden; }
.band { background: var(--marginal-wash); border-left: 6px solid var(--marginal); padding: 10px 16px; }
.empty { padding: 40px; background: var(--paper); }
.act + .act { margin-left: 0; }
@media (max-width: 1180px) { .yard { grid-template-columns: minmax(0, 1fr); } .job { grid-template-columns: minmax(0, 1fr) auto; } .open { grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr); gap: 10px 18px; } .verdict { grid-column: 1 / -1; } }
</style>
