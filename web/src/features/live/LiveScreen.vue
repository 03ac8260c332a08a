<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { Job, LiveDrive, LiveState } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { dark, unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, toShown, unitLabel } from '@/shared/units/units'
import DriveResult from './DriveResult.vue'
import LiveLane from './LiveLane.vue'
import WheelPanel from './WheelPanel.vue'
import { clockOf, roadAhead, standing } from './live'
import { useLive } from './useLive'

/** A drive as it happens, to be read in a glance: one number wins, and one sentence where something is to be done. */
const route = useRoute()
const router = useRouter()
const id = route.params.drive as string
const { now, unheard, ask } = useLive(id)
const drive = shallowRef<LiveDrive | null>(null)
const job = shallowRef<Job | null>(null)
const problem = ref('')
const result = ref(false)
const { isSupported, request } = useWakeLock()
onMounted(async () => {
  if (isSupported.value) await request('screen').catch(() => undefined)
  try {
    drive.value = (await api.get<LiveState>(`/api/live/${id}`)).drive
    job.value = await api.get<Job>(`/api/jobs/${drive.value.job}`)
  } catch (e) {
    problem.value = refusal(e)
  }
})
const name = computed(() => job.value?.about.body.name ?? '')
const build = computed(() => job.value?.builds.find((b) => b.body.id === drive.value?.build)?.body.name ?? '')
const how = computed(() => standing(now.value))
const room = computed(() => {
  const k = now.value?.headroomK
  if (k == null) return '–'
  const shown = toShown(k, 'difference', unitWorld.value)
  return `${shown < 0 ? '−' : '+'}${formatNumber(Math.abs(shown), 0)}`
})
/** What comes as it is driven: it sees the hill that a trend does not. */
const least = computed(() => {
  const n = now.value
  if (n?.aheadK == null || !n.aheadOf) return ''
  const k = toShown(n.aheadK, 'difference', unitWorld.value)
  const much = `${k < 0 ? '−' : '+'}${formatNumber(Math.abs(k), 0)} ${unitLabel('difference', unitWorld.value)}`
  return `${word(`fluid.${camel(n.aheadOf)}`)} ${much} at ${format(n.aheadKm!, 'distance', unitWorld.value, 1)}`
})
const trend = computed(() => {
  const t = now.value?.trendKPerMin
  if (t == null || Math.abs(t) < 0.15) return { arrow: '→', words: 'steady' }
  const much = format(Math.abs(t), 'difference', unitWorld.value, 1)
  return t > 0 ? { arrow: '↘', words: `${much} less a minute` } : { arrow: '↗', words: `${much} more a minute` }
})
const points = computed(() =>
  (job.value?.haul.body.journey?.points ?? []).map((p) => ({ km: p.distanceKm, elevationM: p.elevationM })),
)
const ahead = computed(() => (now.value?.placeKm == null ? null : roadAhead(points.value, now.value.placeKm)))
const link = computed(() => {
  if (unheard.value) return `server away for ${Math.round(unheard.value)} s; these are the last numbers`
  const n = now.value
  if (!n) return 'connecting …'
  const words = word(`liveNowLink.${camel(n.link)}`)
  return n.link === 'LIVE' && n.silentS > 1.5 ? `silent for ${Math.round(n.silentS)} s` : words
})
const old = computed(() => unheard.value > 0 || (now.value !== null && now.value.link !== 'LIVE'))
const ended = computed(() => now.value?.link === 'ENDED' || !!drive.value?.endedAt)
watch(ended, (is) => (result.value ||= is))
async function end() {
  try {
    await api.remove(`/api/live/${id}`)
    result.value = true
  } catch (e) {
    problem.value = refusal(e)
  }
}
const back = () => router.push(drive.value ? { name: 'live', params: { id: drive.value.job } } : '/')
const fluids = computed(() => {
  const n = now.value
  return n
    ? ([
        ['coolant', n.coolantC, n.coolantLimitC],
        ['feed', n.feedC, n.feedLimitC],
        ['pan', n.panC, n.panLimitC],
      ] as const)
    : []
})
const speed = computed(() =>
  now.value?.speedKmh == null ? '–' : format(now.value.speedKmh, 'speed', unitWorld.value, 0),
)
const shownUnit = computed(() => unitLabel('difference', unitWorld.value))
</script>

<template>
  <div
    class="live"
    :class="[how, { old }]"
    :data-link="now?.link"
    :data-row="now?.t"
    :data-ready="now ? 'true' : undefined"
  >
    <header>
      <button type="button" class="act" data-back @click="back">Back</button>
      <p class="who">
        <b>{{ name }}</b> {{ build }}<template v-if="now?.simulated">, simulated</template>
      </p>
      <p class="link" role="status" data-link-words>{{ link }}</p>
      <p class="clock">{{ clockOf(now?.t ?? 0) }}</p>
      <button type="button" class="act" @click="unitWorld = unitWorld === 'metric' ? 'imperial' : 'metric'">
        {{ unitWorld === 'metric' ? '°C' : '°F' }}
      </button>
      <button type="button" class="act" @click="dark = !dark">{{ dark ? 'Day' : 'Night' }}</button>
      <button v-if="!ended" type="button" class="act" data-end-drive @click="end">End</button>
      <button v-else type="button" class="act main" @click="result = true">Result</button>
    </header>
    <p v-if="problem" role="alert" class="alarm">{{ problem }}</p>
    <p v-for="(a, i) in now?.alarms ?? []" :key="i" role="alert" class="alarm" data-alarm>{{ say(a, unitWorld) }}</p>
    <p v-if="now && (now.notKeptS > 3 || now.lostS > 0)" class="note" data-kept>
      <template v-if="now.notKeptS > 3"
        >Not kept for {{ Math.round(now.notKeptS) }} s: the database is away, and what comes waits for it.
      </template>
      <template v-if="now.lostS > 0">{{ now.lostS.toFixed(1) }} s of this drive were not recorded.</template>
    </p>
    <main>
      <section class="one" aria-live="off">
        <p class="label">
          {{ now?.worst ? word(`fluid.${camel(now.worst)}`) : 'no temperature yet' }}
          <span>{{ how === 'over' ? 'over its limit' : 'to its limit' }}</span>
        </p>
        <p class="number" data-headroom>
          {{ room }}<span>{{ shownUnit }}</span>
        </p>
        <p class="trend">
          <b>{{ trend.arrow }}</b> {{ trend.words }}
        </p>
        <p v-if="least" class="least" data-least>least in the next ten minutes: {{ least }}</p>
      </section>
      <section class="three" aria-label="Temperatures">
        <LiveLane
          v-for="[fluid, value, limit] in fluids"
          :key="fluid"
          :fluid="fluid"
          :value="value ?? null"
          :limit="limit ?? null"
          :worst="now?.worst?.toLowerCase() === fluid"
        />
        <dl class="rest">
          <div>
            <dt>speed</dt>
            <dd>{{ speed }}</dd>
          </div>
          <div>
            <dt>gear</dt>
            <dd>{{ now?.gear == null ? '–' : now.gear === 0 ? 'N' : now.gear }}</dd>
          </div>
          <div>
            <dt>fan</dt>
            <dd>{{ now?.fan == null ? '–' : `${Math.round(100 * now.fan)} %` }}</dd>
          </div>
          <div>
            <dt>air outside</dt>
            <dd>{{ now?.ambientC == null ? '–' : format(now.ambientC, 'temperature', unitWorld, 0) }}</dd>
          </div>
        </dl>
        <p v-if="now?.stale.length" class="stale">No word from: {{ now.stale.join(', ') }}</p>
      </section>
    </main>
    <section v-if="!ended" class="say" :class="{ urgent: now?.advice && !now.advice.keeps }" role="status" data-advice>
      <template v-if="now?.advice">{{ say(now.advice.said, unitWorld) }}</template>
      <span v-else-if="now?.link === 'LIVE'">Nothing is needed on the next ten minutes of road.</span>
      <span v-else>&nbsp;</span>
    </section>
    <section v-if="ahead" class="road" aria-label="Road ahead">
      <svg viewBox="0 0 1000 100" preserveAspectRatio="none" aria-hidden="true">
        <path :d="`${ahead.path}L1000 100L0 100Z`" class="ground" />
        <path :d="ahead.path" class="line" />
        <line :x1="ahead.x" :x2="ahead.x" y1="0" y2="100" class="here" />
      </svg>
      <p>
        <b>{{ format(now!.placeKm!, 'distance', unitWorld, 1) }}</b>
        {{ now!.gradePercent == null ? '' : `${formatNumber(now!.gradePercent, 1)} %` }}
        <span>next {{ format(9, 'distance', unitWorld, 0) }}</span>
      </p>
    </section>
    <WheelPanel
      v-if="now?.simulated && !ended"
      :now="now"
      @ask="(line) => ask(line).catch((e) => (problem = refusal(e)))"
    />
    <p v-else class="eyes">For who sits beside the driver. Whoever drives looks at the road.</p>
    <DriveResult v-if="result" :id="id" @close="result = false" />
  </div>
</template>

<style scoped>
.live {
  min-height: 100vh;
  padding: 10px 16px 12px;
  display: grid;
  grid-template-rows: auto;
  align-content: start;
  gap: 10px;
  background: var(--ground);
}
header {
  display: flex;
  gap: 12px;
  align-items: center;
}
.who {
  font: 600 20px/1.1 var(--rb-font-head);
}
.who b {
  font-size: 24px;
  margin-right: 6px;
}
.link {
  flex: 1;
  text-align: right;
  color: var(--ink-soft);
}
.old .link {
  color: var(--over-ink);
  font-weight: 600;
}
.clock {
  font: 600 24px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.alarm,
.note {
  font: 600 22px/1.2 var(--rb-font-head);
  border-left: 10px solid var(--over);
  background: var(--over-wash);
  padding: 8px 14px;
}
.note {
  font: inherit;
  border-left-color: var(--marginal);
  background: var(--marginal-wash);
}
main {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 14px;
}
.one {
  background: var(--paper);
  border-left: 16px solid var(--holds);
  padding: 10px 20px 12px;
  display: grid;
  align-content: center;
}
.near .one {
  border-left-color: var(--marginal);
}
.over .one {
  border-left-color: var(--over);
  background: var(--over-wash);
}
.unknown .one {
  border-left-color: var(--rule);
}
.label {
  font: 600 30px/1 var(--rb-font-head);
}
.label span {
  color: var(--ink-soft);
}
.number {
  font: 600 200px/0.95 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
  letter-spacing: -0.01em;
}
.old .number {
  opacity: 0.45;
}
.number span {
  font-size: 60px;
  margin-left: 6px;
}
.trend {
  font: 600 26px/1.1 var(--rb-font-head);
}
.trend b {
  font-size: 34px;
}
.least {
  font: 500 20px/1.2 var(--rb-font-text);
  color: var(--ink-soft);
}
.three {
  display: grid;
  gap: 8px;
  align-content: space-between;
}
.rest {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
  margin: 0;
}
.rest div {
  background: var(--paper);
  padding: 6px 10px;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
  font: 600 30px/1.05 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.stale {
  color: var(--over-ink);
}
.say {
  background: var(--rb-asphalt-900);
  color: var(--rb-chalk-50);
  border: 4px solid var(--rb-breeze-400);
  font: 600 36px/1.1 var(--rb-font-head);
  padding: 12px 20px;
  min-height: 70px;
  display: grid;
  align-items: center;
}
.say span {
  color: #a9b0b0;
  font-size: 24px;
}
.say.urgent {
  background: var(--rb-red-600);
  border-color: var(--rb-chalk-50);
}
.road {
  background: var(--paper);
}
.road svg {
  display: block;
  width: 100%;
  height: 104px;
}
.ground {
  fill: var(--rule-soft);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  vector-effect: non-scaling-stroke;
}
.here {
  stroke: var(--accent);
  stroke-width: 6;
  vector-effect: non-scaling-stroke;
}
.road p {
  display: flex;
  gap: 14px;
  align-items: baseline;
  padding: 4px 14px 6px;
  font: 600 22px/1 var(--rb-font-head);
}
.road p span {
  margin-left: auto;
  color: var(--ink-soft);
  font-size: 16px;
}
.eyes {
  color: var(--ink-soft);
  text-align: center;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
  }
  .number {
    font-size: 160px;
  }
  header {
    flex-wrap: wrap;
  }
}
</style>
