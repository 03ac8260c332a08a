<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import type { FinderPick, FinderRequest, Said } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { outcomeOf, standingWord } from '@/shared/ui/words'
import { money } from '@/shared/ui/yard'
import { format } from '@/shared/units/units'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import FallenOut from './FallenOut.vue'
import FindPlot from './FindPlot.vue'
import { useSearch } from './useSearch'

/** What is the cheapest thing that fixes it in this opening? Searched over the whole catalogue. */
const job = useJob()
const driving = useDriving()
const router = useRouter()
const within = ref<Record<'budget' | 'hours' | 'amps', number | null>>({ budget: 600, hours: 12, amps: 60 })
const unread = ref({ budget: false, hours: false, amps: false })
const what = ref({ fixes: true, fans: true, radiators: true, thermostats: false })
const shelves = {
  fixes: 'small fixes',
  fans: 'other fans',
  radiators: 'other radiators',
  thermostats: 'colder thermostats',
} as const
const from = ref((job.content.builds.find((b) => b.kind === 'RESTORED') ?? job.build).id)
const start = computed(() => (job.content.builds.some((b) => b.id === from.value) ? from.value : job.build.id))
/** The job as it is asked about: its road from end to end, or its worst stretch held. */
const asked = computed(() =>
  driving.onRoad ? job.content : { ...job.content, haul: { ...job.content.haul, journey: null } },
)
const where = computed(() => asked.value.haul.journey?.name ?? asked.value.haul.road)
const { state, answers, outdated, running, problem, refused, ...search } = useSearch(
  () => ({ job: asked.value, build: start.value, ...within.value, ...what.value }) as FinderRequest,
)
const atField = (name: string) => refused.value[name] && say(refused.value[name], unitWorld.value)
const atBounds = computed(() => ['budget', 'hours', 'amps'].some((name) => name in refused.value))

function toPlan(pick: FinderPick) {
  job.addPlan(pick.build)
  void router.push({ name: 'heat', params: { id: job.id } })
}

const words = (all: Said[], joint = '; ') => all.map((s) => say(s, unitWorld.value)).join(joint)
const merits = (merit: string) => word(`resultMerit.${camel(merit)}`).toLowerCase()
const signed = (v: number) => (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 1)
const first = computed(() => state.value?.picks[0])
const lit = ref<number | null>(null)

/** The question that the finds answer, as it was asked. */
const question = computed(() => {
  const asked = answers.value
  if (!asked) return ''
  const { haul, builds } = asked.job
  const base = builds.find((b) => b.id === asked.build)
  const searched = (Object.keys(shelves) as (keyof typeof shelves)[]).filter((key) => asked[key])
  return [
    haul.journey
      ? `${haul.journey.name} from end to end, ${format(haul.journey.hottestC, 'temperature', unitWorld.value, 0)} in the afternoon`
      : `${haul.road}, ${format(haul.gradePercent, 'percent', unitWorld.value)}, ${format(haul.speedKmh, 'speed', unitWorld.value)}, ${format(haul.ambientC, 'temperature', unitWorld.value, 0)}`,
    `from ${base?.name ?? ''}`,
    `at most ${money(asked.budget)}, ${time(asked.hours * 60)} and ${format(asked.amps, 'current', unitWorld.value)}`,
    ['oil coolers', ...searched.map((key) => shelves[key])].join(', '),
  ].join(' · ')
})
const ended = computed(() =>
  running.value
    ? ' …'
    : state.value?.status === 'CANCELLED'
      ? ', cancelled'
      : state.value?.status === 'FAILED'
        ? '; it failed, see the server’s log'
        : '',
)
</script>

<template>
  <div class="finder">
    <section class="panel ask">
      <header>
        <h2>Find parts</h2>
        <span class="soft small">{{ where }}</span>
      </header>
      <PickInput v-model="from" label="Start from" :choices="job.content.builds.map((b) => [b.id, b.name] as const)" />
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
        <ToggleInput v-for="(label, key) in shelves" :key="key" v-model="what[key]" :label="label" />
      </div>
      <button
        v-if="!running"
        type="button"
        class="act main go"
        :disabled="unread.budget || unread.hours || unread.amps"
        @click="search.start()"
      >
        {{ outdated ? 'Search again' : 'Search' }}
      </button>
      <button v-else type="button" class="act go" @click="search.cancel()">Cancel</button>
      <p v-if="problem.length && !atBounds" role="alert" class="bad">
        {{ problem.map((s) => say(s, unitWorld)).join('; ') }}
      </p>
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
          {{ state.seconds.toFixed(1) }} s{{ ended }}
        </p>
      </div>
    </section>
    <section class="panel found">
      <header>
        <h2>Worth considering</h2>
        <span class="soft small">every limit’s least headroom, as computed · sure in nine of ten</span>
      </header>
      <p v-if="state && question" class="asked" data-question><b>Asked:</b> {{ question }}</p>
      <p v-if="state && outdated" class="again" role="status">
        The job or the bounds have changed since: this is the answer to the question above.
        <button type="button" class="act" :disabled="running" @click="search.start()">Search again</button>
      </p>
      <div
        v-if="state?.status === 'DONE'"
        class="verdict"
        :class="[{ old: outdated }, state.enough ? (first?.standing ?? '') : 'none']"
        data-verdict
      >
        <template v-if="state.enough && first?.merit === 'NOTHING_BOUGHT'"
          ><b>Nothing needs buying.</b> As it starts, this truck holds the road.</template
        >
        <template v-else-if="state.enough && first"
          >Enough for <b>{{ money(first.cost) }}</b> in parts and {{ time(first.minutes) }} of work:
          {{ words(first.parts)
          }}{{ first.standing === 'HOLDS' ? '' : '; kept as computed, not yet in nine of ten' }}.</template
        >
        <template v-else
          ><b>Nothing in this opening is enough.</b> What would be, with the best of it:
          {{ words(state.instead) }}.</template
        >
      </div>
      <p v-else-if="state?.picks.length" class="soft hint">
        {{ running ? 'Found so far; the search goes on.' : 'Found before the search was ended.' }}
      </p>
      <p v-else-if="!state" class="soft hint">
        The search lays every cooler of the catalogue into the measured opening, clear of what stands in it, and works
        each build out on {{ job.content.haul.road
        }}<template v-if="driving.onRoad"
          >, held until it settles; what none beats there is driven over {{ where }} from end to end, and that
          decides</template
        >. It goes on if you leave this screen.
      </p>
      <div v-if="state?.picks.length" class="two" :class="{ old: outdated }">
        <div>
          <FindPlot v-model:lit="lit" :picks="state.picks" />
          <p class="small soft">The larger the ring, the more hours of work beyond the build it starts from.</p>
          <FallenOut :state="state" />
        </div>
        <ol class="picks">
          <li
            v-for="(p, i) in state.picks"
            :key="i"
            :class="{ lit: lit === i }"
            data-pick
            @pointerenter="lit = i"
            @pointerleave="lit = null"
            @focusin="lit = i"
            @focusout="lit = null"
          >
            <span class="head n">{{ i + 1 }}</span>
            <div>
              <p class="merit">
                <VerdictMark :standing="outcomeOf(p)" :size="15" /> {{ merits(p.merit) }}
                <span class="soft small">{{ standingWord(outcomeOf(p)) }}</span>
              </p>
              <p class="parts">{{ p.parts.length ? words(p.parts, ' + ') : 'Nothing bought, nothing changed' }}</p>
              <p class="small soft">
                coolant {{ format(p.coolant?.peakC, 'temperature', unitWorld, 0) }} · feed
                {{ format(p.feed?.peakC, 'temperature', unitWorld, 0) }} · pan
                {{ format(p.pan?.peakC, 'temperature', unitWorld, 0) }} · {{ time(p.minutes) }}
              </p>
            </div>
            <span class="room">{{ signed(p.headroomK) }}</span>
            <span class="cost">{{ money(p.cost) }}</span>
            <button
              type="button"
              class="act"
              :aria-label="`Make a plan of number ${i + 1}`"
              :disabled="job.full"
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
.verdict {
  font: 600 21px/1.25 var(--rb-font-head);
  border-left: 6px solid var(--holds);
  background: var(--accent-wash);
  padding: 10px 14px;
  margin-bottom: 10px;
}
.verdict.MARGINAL {
  border-color: var(--marginal);
  background: var(--marginal-wash);
}
.verdict.none {
  border-color: var(--over);
  background: var(--over-wash);
}
.asked {
  font-size: 15px;
  margin-bottom: 8px;
}
.again {
  display: flex;
  gap: 12px;
  align-items: center;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 6px 12px;
  margin-bottom: 8px;
}
.old {
  opacity: 0.45;
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
