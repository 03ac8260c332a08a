<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { FinderPick, FinderState, Said } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, roundValues } from '@/shared/units/units'
import { outcomeOf, standingWord } from '@/shared/ui/words'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'

/** What is the cheapest thing that fixes it in this opening? Searched over the whole catalogue. */
const job = useJob()
const router = useRouter()
const within = ref<Record<'budget' | 'hours' | 'amps', number | null>>({ budget: 600, hours: 12, amps: 60 })
const unread = ref({ budget: false, hours: false, amps: false })
const refused = shallowRef<Record<string, Said>>({})
const atField = (name: string) => refused.value[name] && say(refused.value[name], unitWorld.value)
const what = ref({ fixes: true, fans: true, radiators: true, thermostats: false })
const from = ref((job.content.builds.find((b) => b.kind === 'RESTORED') ?? job.build).id)
const state = shallowRef<FinderState | null>(null)
const problem = shallowRef<Said[]>([])
let timer = 0
onScopeDispose(() => clearTimeout(timer))

/** A search goes on without this window: coming back to the job finds it again. */
const memory = computed(() => `rb-search-${job.id}`)
watch(
  memory,
  (key) => {
    const id = sessionStorage.getItem(key)
    if (id) void watchSearch(id)
  },
  { immediate: true },
)

async function start() {
  clearTimeout(timer)
  problem.value = []
  refused.value = {}
  state.value = null
  try {
    const begun = await api.post<FinderState>('/api/finder', {
      job: job.content,
      build: from.value,
      ...within.value,
      ...what.value,
    })
    state.value = begun
    sessionStorage.setItem(memory.value, begun.id)
    timer = window.setTimeout(() => watchSearch(begun.id), 300)
  } catch (e) {
    refused.value = (e as ApiProblem).fields(null)
    if (!('budget' in refused.value || 'hours' in refused.value || 'amps' in refused.value))
      problem.value = (e as ApiProblem).said
  }
}
async function watchSearch(id: string) {
  try {
    state.value = await api.get<FinderState>(`/api/finder/${id}`)
    problem.value = []
  } catch (e) {
    problem.value = (e as ApiProblem).said
    if (!(e as ApiProblem).passing) {
      sessionStorage.removeItem(memory.value)
      return
    }
  }
  if (!state.value || state.value.status === 'RUNNING') timer = window.setTimeout(() => watchSearch(id), 500)
}
async function cancel() {
  if (!state.value) return
  try {
    await api.remove(`/api/finder/${state.value.id}`)
    await watchSearch(state.value.id)
  } catch (e) {
    problem.value = (e as ApiProblem).said
  }
}
function toPlan(pick: FinderPick) {
  job.addPlan(pick.build)
  void router.push({ name: 'heat', params: { id: job.id } })
}

const words = (all: Said[], joint = '; ') => all.map((s) => say(s, unitWorld.value)).join(joint)
const merits = (merit: string) => word(`resultMerit.${camel(merit)}`).toLowerCase()
const k = (v: number) => (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 1)
const time = (minutes: number) => `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`
const running = computed(() => state.value?.status === 'RUNNING')

/** Headroom against cost, hours as the size of the mark. */
const W = 480
const H = 330
const box = { left: 84, top: 16, right: W - 20, bottom: H - 56 }
const plot = computed(() => {
  const picks = state.value?.picks ?? []
  if (!picks.length) return null
  const costs = picks.map((p) => p.cost)
  const rooms = picks.map((p) => p.headroomK)
  const high = Math.max(4, ...rooms) + 2
  const low = Math.min(-2, ...rooms) - 2
  const most = Math.max(100, ...costs) * 1.08
  const x = (c: number) => box.left + (c / most) * (box.right - box.left)
  const y = (r: number) => box.bottom - ((r - low) / (high - low)) * (box.bottom - box.top)
  const path = [...picks].sort((a, b) => a.cost - b.cost)
  return {
    x,
    y,
    ticks: roundValues(low, high, 'difference', unitWorld.value, 4),
    costTicks: roundValues(0, most, 'count', unitWorld.value, 5),
    zero: y(0),
    line: 'M' + path.map((p) => `${x(p.cost).toFixed(1)} ${y(p.headroomK).toFixed(1)}`).join('L'),
    picks,
  }
})
const first = computed(() => state.value?.picks[0])
const hover = ref<number | null>(null)
</script>

<template>
  <div class="finder">
    <section class="panel ask">
      <header>
        <h2>Find parts</h2>
        <span class="soft small">{{ job.content.haul.road }}</span>
      </header>
      <label
        >Start from
        <select v-model="from" aria-label="Start from">
          <option v-for="b in job.content.builds" :key="b.id" :value="b.id">{{ b.name }}</option>
        </select>
      </label>
      <QuantityInput
        v-model="within.budget"
        v-model:bad="unread.budget"
        label="Spend at most"
        quantity="count"
        :step="50"
        :error="atField('budget')"
        big
      />
      <QuantityInput
        v-model="within.hours"
        v-model:bad="unread.hours"
        label="Work at most"
        quantity="time"
        :step="1"
        :error="atField('hours')"
        big
      />
      <QuantityInput
        v-model="within.amps"
        v-model:bad="unread.amps"
        label="Fan current at most"
        quantity="current"
        :step="5"
        :error="atField('amps')"
        big
      />
      <p class="small soft">Every oil cooler, in every place of the opening and order, always. Besides:</p>
      <div class="switches">
        <button
          v-for="(label, key) in {
            fixes: 'small fixes',
            fans: 'other fans',
            radiators: 'other radiators',
            thermostats: 'colder thermostats',
          }"
          :key="key"
          type="button"
          role="switch"
          class="act"
          :class="{ main: what[key] }"
          :aria-checked="what[key]"
          @click="what[key] = !what[key]"
        >
          {{ label }}
        </button>
      </div>
      <button
        v-if="!running"
        type="button"
        class="act main go"
        :disabled="unread.budget || unread.hours || unread.amps"
        @click="start"
      >
        Search
      </button>
      <button v-else type="button" class="act go" @click="cancel">Cancel</button>
      <p v-if="problem.length" role="alert" class="bad">{{ problem.map((s) => say(s, unitWorld)).join('; ') }}</p>
      <div v-if="state" class="progress" data-finder :data-status="state.status">
        <div
          class="bar"
          role="progressbar"
          :aria-valuenow="Math.round(state.share * 100)"
          aria-valuemin="0"
          aria-valuemax="100"
          aria-label="Search"
        >
          <i :style="{ width: state.share * 100 + '%' }"></i>
        </div>
        <p class="small">
          <b>{{ state.tried.toLocaleString('en').replaceAll(',', '\u202f') }}</b> builds tried in
          {{ state.seconds.toFixed(1) }} s{{
            running
              ? ' …'
              : state.status === 'CANCELLED'
                ? ', cancelled'
                : state.status === 'FAILED'
                  ? '; it failed, see the server’s log'
                  : ''
          }}
        </p>
      </div>
    </section>
    <section class="panel found">
      <header>
        <h2>Worth considering</h2>
        <span class="soft small">every limit’s least headroom, as computed · sure in nine of ten</span>
      </header>
      <div v-if="state?.status === 'DONE'" class="verdict" :class="{ none: !state.enough }" data-verdict>
        <template v-if="state.enough && state.picks[0]?.merit === 'NOTHING_BOUGHT'"
          ><b>Nothing needs buying.</b> Restored, this truck holds the road.</template
        >
        <template v-else-if="state.enough && first"
          >Enough for <b>{{ Math.round(first.cost) }}</b> in parts and {{ time(first.minutes) }}: {{ words(first.parts)
          }}{{ first.standing === 'HOLDS' ? '' : '; kept as computed, not yet in nine of ten' }}.</template
        >
        <template v-else
          ><b>Nothing in this opening is enough.</b> What would be, with the best of it:
          {{ words(state.instead) }}.</template
        >
      </div>
      <p v-else-if="!state" class="soft hint">
        The search lays every cooler of the catalogue into the measured opening, clear of what stands in it, and works
        each build out on {{ job.content.haul.road }}. It goes on if you leave this screen.
      </p>
      <div v-if="plot" class="two">
        <div>
          <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Headroom against cost">
            <rect
              :x="box.left"
              :y="box.top"
              :width="box.right - box.left"
              :height="Math.max(0, plot.zero - box.top)"
              fill="var(--accent-wash)"
              opacity=".6"
            />
            <rect
              :x="box.left"
              :y="plot.zero"
              :width="box.right - box.left"
              :height="Math.max(0, box.bottom - plot.zero)"
              fill="var(--over-wash)"
              opacity=".6"
            />
            <path :d="`M${box.left} ${plot.zero}H${box.right}`" stroke="var(--over)" stroke-width="3" />
            <g v-for="t in plot.ticks" :key="t">
              <text :x="box.left - 8" :y="plot.y(t) + 5" text-anchor="end" class="tick">{{ k(t) }}</text>
            </g>
            <g v-for="t in plot.costTicks" :key="'c' + t">
              <path :d="`M${plot.x(t)} ${box.bottom}v5`" stroke="var(--ink)" />
              <text :x="plot.x(t)" :y="H - 30" text-anchor="middle" class="tick">{{ t }}</text>
            </g>
            <text :x="(box.left + box.right) / 2" :y="H - 6" text-anchor="middle" class="tick">cost</text>
            <path :d="plot.line" fill="none" stroke="var(--ink-soft)" stroke-width="1.5" stroke-dasharray="4 4" />
            <g v-for="(p, i) in plot.picks" :key="i" @pointerenter="hover = i" @pointerleave="hover = null">
              <circle
                :cx="plot.x(p.cost)"
                :cy="plot.y(p.headroomK)"
                :r="8 + p.minutes / 60"
                :fill="hover === i ? 'var(--accent)' : 'var(--paper)'"
                stroke="var(--accent-ink)"
                stroke-width="3"
              />
              <text
                :x="plot.x(p.cost)"
                :y="plot.y(p.headroomK) + 6"
                text-anchor="middle"
                class="head num"
                :class="{ on: hover === i }"
              >
                {{ i + 1 }}
              </text>
            </g>
          </svg>
          <p class="small soft">The larger the ring, the more hours.</p>
          <h3 class="why">Why the others fell out</h3>
          <ul class="fallen">
            <li v-for="f in state!.fallen" :key="f.reason">
              <b>{{ f.count.toLocaleString('en').replaceAll(',', '\u202f') }}</b><span>{{ word(f.reason) }}</span>
            </li>
          </ul>
        </div>
        <ol class="picks">
          <li
            v-for="(p, i) in state!.picks"
            :key="i"
            :class="{ lit: hover === i }"
            data-pick
            @pointerenter="hover = i"
            @pointerleave="hover = null"
            @focusin="hover = i"
            @focusout="hover = null"
          >
            <span class="head n">{{ i + 1 }}</span>
            <div>
              <p class="merit">
                <VerdictMark :standing="outcomeOf(p)" :size="15" /> {{ merits(p.merit) }}
                <span class="soft small">{{ standingWord(outcomeOf(p)) }}</span>
              </p>
              <p class="parts">{{ p.parts.length ? words(p.parts, ' + ') : 'The truck restored, nothing bought' }}</p>
              <p class="small soft">
                coolant {{ format(p.coolant?.peakC, 'temperature', unitWorld, 0) }} · feed
                {{ format(p.feed?.peakC, 'temperature', unitWorld, 0) }} · pan
                {{ format(p.pan?.peakC, 'temperature', unitWorld, 0) }} · {{ time(p.minutes) }}
              </p>
            </div>
            <span class="room">{{ k(p.headroomK) }}</span>
            <span class="cost">{{ Math.round(p.cost) }}</span>
            <button
              type="button"
              class="act"
              :aria-label="`Make a plan of number ${i + 1}`"
              :disabled="job.content.builds.length >= 6"
              @click="toPlan(p)"
            >
              Plan
            </button>
          </li>
        </ol>
      </div>
    </section>
  </div>
</template>

<style scoped>
.finder {
  flex: 1;
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr);
  gap: 14px;
  padding: 14px;
}
.ask {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.two svg {
  max-height: 340px;
}
.ask > label {
  display: flex;
  flex-direction: column;
  gap: 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.ask select {
  min-height: 44px;
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 600 20px/1 var(--rb-font-head);
  padding: 0 10px;
}
.switches {
  display: grid;
  gap: 6px;
}
.go {
  min-height: 46px;
  justify-content: center;
  font-size: 20px;
}
.bad {
  color: var(--over-ink);
}
.bar {
  height: 12px;
  background: var(--rule-soft);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--accent);
}
.progress {
  display: grid;
  gap: 4px;
}
.fallen {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
  font-size: 15px;
}
.fallen li {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 8px;
}
.fallen b {
  text-align: right;
  font: 600 17px/1.2 var(--rb-font-head);
}
.verdict {
  font: 600 21px/1.25 var(--rb-font-head);
  border-left: 6px solid var(--holds);
  background: var(--accent-wash);
  padding: 10px 14px;
  margin-bottom: 10px;
}
.verdict.none {
  border-color: var(--over);
  background: var(--over-wash);
}
.hint {
  max-width: 60ch;
  font-size: 17px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.35fr);
  gap: 14px;
  align-items: start;
}
.tick {
  font-size: 20px;
}
.num {
  font-size: 19px;
}
.why {
  margin: 12px 0 6px;
}
.num.on {
  fill: #fff;
}
.picks {
  list-style: none;
  margin: 0;
  padding: 0;
}
.picks li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto auto auto;
  gap: 12px;
  align-items: center;
  padding: 7px 4px;
  border-top: 1px solid var(--rule-soft);
}
.picks li.lit {
  background: var(--accent-wash);
}
.n {
  font: 600 20px/1 var(--rb-font-head);
}
.merit {
  font: 600 17px/1.2 var(--rb-font-head);
  display: flex;
  gap: 6px;
  align-items: center;
}
.parts {
  font-weight: 500;
  font-size: 15px;
}
.room {
  font: 600 22px/1 var(--rb-font-head);
}
.cost {
  font: 600 18px/1 var(--rb-font-head);
  min-width: 42px;
  text-align: right;
}
@media (max-width: 1100px) {
  .finder {
    grid-template-columns: 230px minmax(0, 1fr);
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 900px) {
  .finder {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
