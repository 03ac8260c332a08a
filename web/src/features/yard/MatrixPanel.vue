<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { JobCard, MatrixState, Said } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { clockOf } from '@/shared/ui/clock'
import { standingWord } from '@/shared/ui/words'
import PickInput from '@/shared/ui/PickInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import { format } from '@/shared/units/units'
import { between, hoursThatHold } from './matrix'

/** Which truck of the yard takes which road, on how hot a day, with which trailer, and how late it may leave. */
const props = defineProps<{ jobs: JobCard[] }>()
const OWN = ''
const OWN_WORDS = 'each its own trailer'
const trailerOf = ref(OWN)
const hottest = ref(38)
const state = shallowRef<MatrixState | null>(null)
const problem = shallowRef<Said[]>([])
interface Picked {
  truck: number
  road: number
}
const picked = ref<Picked | null>(null)
const departures = shallowRef<{ hour: number; at: MatrixState['cells'][number]['heats'][number] }[] | null>(null)
let timer = 0
let run = 0

async function ask() {
  const mine = ++run
  clearTimeout(timer)
  problem.value = []
  state.value = null
  departures.value = null
  try {
    let now = await api.post<MatrixState>('/api/yard-matrix', { trailerOf: trailerOf.value || null })
    while (mine === run && now.status === 'RUNNING') {
      state.value = now
      await new Promise((resolve) => (timer = window.setTimeout(resolve, 400)))
      if (mine !== run) return
      now = await api.get<MatrixState>(`/api/yard-matrix/${now.id}`)
    }
    if (mine === run) state.value = now
  } catch (e) {
    if (mine === run) problem.value = (e as ApiProblem).said
  }
}
watch(trailerOf, ask, { immediate: true })
onScopeDispose(() => {
  run++
  clearTimeout(timer)
})

const pulled = computed(() => [
  [OWN, OWN_WORDS] as const,
  ...props.jobs
    .filter((j) => !j.about.body.archived)
    .map((j) => [j.id, `${j.trailer} of ${j.about.body.name}`] as const),
])
const cell = (truck: number, road: number) => {
  const found = state.value?.cells.find((c) => c.truck === truck && c.road === road)
  return found && between(found.heats, hottest.value)
}
const k = (v: number) => (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 0)

const ways = computed(() => departures.value && hoursThatHold(departures.value))
let departing = 0
async function pick(truck: number, road: number) {
  picked.value = { truck, road }
  departures.value = null
  const mine = ++departing
  try {
    const all = await api.get<NonNullable<typeof departures.value>>(
      `/api/yard-matrix/${state.value!.id}/departures?truck=${truck}&road=${road}&hottestC=${hottest.value}`,
    )
    if (mine === departing) departures.value = all
  } catch (e) {
    if (mine === departing) problem.value = (e as ApiProblem).said
  }
}
watch(hottest, () => {
  departing++
  picked.value = null
  departures.value = null
})
</script>

<template>
  <section class="panel" data-matrix>
    <header>
      <h2>Which truck takes it?</h2>
      <span class="small soft">each with the last build of its job, on every road of the yard</span>
      <span v-if="state?.status === 'RUNNING'" class="small" role="status">{{ Math.round(100 * state.share) }} %</span>
    </header>
    <div class="asked">
      <PickInput
        v-model="trailerOf"
        class="trailer"
        label="Trailer that all pull"
        :choices="pulled"
        :placeholder="OWN_WORDS"
      />
      <div class="heat">
        Hottest of the day
        <el-slider v-model="hottest" :min="-5" :max="46" :show-tooltip="false" aria-label="Hottest of the day" />
        <b class="figure">{{ format(hottest, 'temperature', unitWorld, 0) }}</b>
      </div>
    </div>
    <p v-if="problem.length" role="alert" class="bad">{{ problem.map((s) => say(s, unitWorld)).join('; ') }}</p>
    <table v-if="state" class="data" aria-label="Which truck takes which road">
      <thead>
        <tr>
          <th scope="col">Truck</th>
          <th v-for="r in state.roads" :key="r" scope="col">{{ r }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(t, i) in state.trucks" :key="t.job">
          <th scope="row">
            {{ t.name }}<span class="small soft">&ensp;{{ t.build }}</span>
            <span v-if="t.overRatings.length" class="small bad rating"
              >{{ t.overRatings.map((s) => say(s, unitWorld)).join('; ') }}. No cooling clears that.</span
            >
          </th>
          <td v-for="(r, n) in state.roads" :key="r">
            <span v-if="t.overRatings.length" class="bad"
              ><VerdictMark standing="RATING" :size="18" /> {{ standingWord('RATING') }}</span
            >
            <button
              v-else-if="cell(i, n)"
              type="button"
              :aria-label="`${t.name} over ${r}: ${standingWord(cell(i, n)!.standing)}`"
              :class="cell(i, n)!.standing ?? 'none'"
              :aria-pressed="picked?.truck === i && picked?.road === n"
              @click="pick(i, n)"
            >
              <VerdictMark :standing="cell(i, n)!.standing" :size="18" />
              <span
                ><b>{{ standingWord(cell(i, n)!.standing) }}</b
                ><span v-if="cell(i, n)!.limitedBy" class="small soft"
                  >&ensp;{{ word(`fluid.${cell(i, n)!.limitedBy!.toLowerCase()}`) }} {{ k(cell(i, n)!.sureK!) }}</span
                ></span
              >
            </button>
            <span v-else class="soft">…</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="picked && state" class="leave" role="status" data-departures>
      <b>{{ state.trucks[picked.truck]!.name }} over {{ state.roads[picked.road] }}</b> on a day of
      {{ format(hottest, 'temperature', unitWorld, 0)
      }}<template v-if="trailerOf">, pulling {{ state.trailer }}</template
      >:
      <template v-if="!ways">trying every hour …</template>
      <template v-else-if="ways.always">holds in nine of ten whenever it leaves.</template>
      <template v-else-if="!ways.spans.length">holds in nine of ten at no hour of that day.</template>
      <template v-else
        >holds in nine of ten if it leaves
        <template v-for="(s, i) in ways.spans" :key="i"
          ><template v-if="i">, or </template>from {{ clockOf(s.from, 0) }} to {{ clockOf(s.to, 0) }}</template
        >.</template
      >
    </p>
    <p class="small soft">
      Figures are the headroom that nine of ten keep at what limits first; between the nine days that were driven lies a
      straight line.
    </p>
  </section>
</template>

<style scoped>
.asked {
  display: flex;
  gap: 24px;
  align-items: end;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.trailer {
  width: 320px;
}
.heat {
  display: grid;
  font-size: 14px;
  color: var(--ink-soft);
  grid-template-columns: auto 280px auto;
  align-items: center;
  gap: 12px;
}
.heat b {
  color: var(--ink);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 4px 8px;
  border-bottom: 1px solid var(--rule-soft);
}
thead th {
  font: 600 17px/1.1 var(--rb-font-head);
  border-bottom: 2px solid var(--ink);
}
td button {
  display: flex;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 44px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
td button[aria-pressed='true'] {
  background: var(--accent-wash);
}
.OVER b {
  color: var(--over-ink);
}
.MARGINAL b {
  color: var(--marginal-ink);
}
.HOLDS b {
  color: var(--holds-ink);
}
.leave {
  font-size: 17px;
  border-left: 6px solid var(--accent);
  padding: 6px 12px;
  margin: 10px 0;
}
.bad {
  color: var(--over-ink);
}
.rating {
  display: block;
  max-width: 40ch;
}
</style>
