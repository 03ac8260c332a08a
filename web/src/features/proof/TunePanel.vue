<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { useDocument } from '@/job/document'
import { useJob } from '@/job/useJob'
import { newId } from '@/job/paths'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { CalibrationResult, MomentRead, ReadingResult, Run } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { me } from '@/shared/ui/account'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The model tuned to this truck by its drives: shown with what they cannot tell, and kept only if a person accepts it. */
const props = defineProps<{ runs: Run[] }>()
const document = useDocument()
const job = useJob()
const router = useRouter()
const recorded = computed(() => props.runs.filter((r) => r.tracks.length || r.data.moments.length))
const from = ref<string[]>(recorded.value.length ? [recorded.value.at(-1)!.id] : [])
const builds = computed(() => new Map(job.content.builds.map((b) => [b.id, b.name])))
const kept = computed(() => job.content.rig.calibrations)
const found = shallowRef<CalibrationResult | null>(null)
const problem = ref('')
const working = ref(false)

async function tune() {
  working.value = true
  problem.value = ''
  found.value = null
  try {
    found.value = await api.post<CalibrationResult>(`/api/jobs/${document.jobId}/calibrate`, {
      from: from.value,
      checks: recorded.value.filter((r) => !from.value.includes(r.id)).map((r) => r.id),
    })
  } catch (e) {
    problem.value = refusal(e)
  } finally {
    working.value = false
  }
}
function choose(id: string, on: boolean) {
  from.value = on ? [...from.value, id] : from.value.filter((f) => f !== id)
  found.value = null
}
function accept() {
  if (!found.value) return
  const accepted = { ...found.value.data, id: newId(kept.value, 'tuned'), by: me.value?.name ?? '' }
  job.edit('rig.calibrations', [...kept.value.slice(-23), accepted])
  found.value = null
}
const last = computed(() => kept.value.filter((c) => c.used).at(-1))

/** The latest drive's hottest window, as something that was read on the road. */
async function checkBench() {
  const run = recorded.value.find((r) => r.id === from.value[0])
  if (!run) return
  try {
    const reading = await api.get<ReadingResult>(`/api/jobs/${document.jobId}/runs/${run.id}/reading`)
    const warm = (w: ReadingResult['windows'][number]) => w.held.find((h) => h.fluid === 'COOLANT')?.meanC ?? -99
    const w = [...reading.windows].sort((a, b) => warm(b) - warm(a))[0]
    const moments = job.content.checks.moments
    if (w && moments.length < 12 && !w.stands) {
      const made: MomentRead = {
        id: newId(moments, 'moment'),
        gradePercent: Math.round(w.gradePercent * 10) / 10,
        speedKmh: Math.max(6, Math.round(w.speedKmh)),
        ambientC: Math.round(w.ambientC),
        airConditioning: w.airConditioning ?? false,
        readBy: 'READER',
        coolantC: w.held.find((h) => h.fluid === 'COOLANT')?.meanC ?? null,
        needlePlace: null,
        panC: w.held.find((h) => h.fluid === 'PAN')?.meanC ?? null,
      }
      job.edit('checks.moments', [...moments, made])
    }
    await router.push(`/jobs/${document.jobId}/checks`)
  } catch (e) {
    problem.value = refusal(e)
  }
}

const rows = computed(() =>
  (found.value?.rows ?? []).map((r) => {
    const middle = r.gauge ? 0 : 1
    const most = 1.6 * r.prior
    const at = (v: number) => 50 + (50 * Math.max(-most, Math.min(most, v - middle))) / most
    return {
      ...r,
      label: word(r.of),
      said: r.gauge
        ? `${r.value > 0 ? '+' : '−'}${format(Math.abs(r.value), 'difference', unitWorld.value, 1)}`
        : `× ${r.value.toFixed(2)}`,
      sure: r.gauge ? format(r.spread, 'difference', unitWorld.value, 1) : `${(100 * r.spread).toFixed(0)} %`,
      was: r.gauge ? format(r.prior, 'difference', unitWorld.value, 1) : `${(100 * r.prior).toFixed(0)} %`,
      at: at(r.value),
      low: at(r.value - r.spread),
      high: at(r.value + r.spread),
      priorLow: at(middle - r.prior),
      priorHigh: at(middle + r.prior),
    }
  }),
)
const day = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <section class="panel tune" :data-tuned="found ? 'ready' : undefined">
    <h2>Tune the model to this truck</h2>
    <p v-if="!recorded.length" class="soft">A recorded drive is needed first.</p>
    <template v-else>
      <p class="soft small">
        Choose the drives to tune to, all of one build; those left out are what it is checked on. A climb until nothing
        moves tells most; a stop at idle and some slip tell the rest.
      </p>
      <div class="from">
        <ToggleInput
          v-for="r in recorded"
          :key="r.id"
          :model-value="from.includes(r.id)"
          :label="`${r.data.name} (${builds.get(r.data.build ?? '') ?? 'as found'})`"
          @update:model-value="choose(r.id, !!$event)"
        />
        <button type="button" class="act main" :disabled="!from.length || working" data-tune @click="tune">
          {{ working ? 'Driving the model …' : 'Tune' }}
        </button>
      </div>
    </template>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <template v-if="found">
      <p class="big">
        {{ format(found.beforeK, 'difference', unitWorld, 1) }} → {{ format(found.afterK, 'difference', unitWorld, 1) }}
        <span>off the readings, before and after tuning</span>
      </p>
      <table class="fit">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Tuned</th>
            <th scope="col">Known to ±</th>
            <th scope="col">Before ±</th>
            <th scope="col">Pale: any truck. Dark: this truck.</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.of" :class="{ untold: !r.told }">
            <th scope="row">{{ r.label }}</th>
            <td>{{ r.said }}</td>
            <td>{{ r.told ? r.sure : 'not told' }}</td>
            <td>{{ r.was }}</td>
            <td class="bars">
              <svg viewBox="0 0 100 20" preserveAspectRatio="none" aria-hidden="true">
                <rect class="prior" :x="r.priorLow" :width="r.priorHigh - r.priorLow" y="3" height="14" />
                <rect class="post" :x="r.low" :width="Math.max(0.5, r.high - r.low)" y="6" height="8" />
                <path class="zero" d="M50 0V20" />
              </svg>
            </td>
          </tr>
        </tbody>
      </table>
      <ul class="says">
        <li v-for="(s, i) in found.says" :key="i">{{ say(s, unitWorld) }}</li>
      </ul>
      <details>
        <summary>How they hang together</summary>
        <table class="tied" aria-label="Correlations">
          <tbody>
            <tr v-for="(row, i) in found.correlation" :key="i">
              <th scope="row">{{ word(found.rows[i]!.of) }}</th>
              <td
                v-for="(c, j) in row.slice(0, i)"
                :key="j"
                :style="{ '--strong': Math.abs(c) }"
                :class="{ against: c < 0 }"
                :title="word(found.rows[j]!.of)"
              >
                {{ c.toFixed(1) }}
              </td>
            </tr>
          </tbody>
        </table>
      </details>
      <div class="acts">
        <button type="button" class="act main" data-accept @click="accept">Accept it for this truck</button>
        <button type="button" class="act" @click="found = null">Leave it</button>
        <button v-if="found.drifted" type="button" class="act" @click="checkBench">Look for what is wrong</button>
      </div>
    </template>
    <template v-if="kept.length">
      <h3>Kept with this truck</h3>
      <p v-if="last" class="soft small">
        Every verdict counts with the one of {{ day(last.at) }}, and its bands shrink by it.
      </p>
      <article v-for="c in [...kept].reverse()" :key="c.id" :data-calibration="c.id">
        <b
          >{{ day(c.at) }}<template v-if="c.by">, {{ c.by }}</template></b
        >
        <span>{{ c.runs.join(', ') }}</span>
        <span class="soft">{{
          c.factors.map((f) => `${word(`factor.${camel(f.factor)}`)} × ${f.value.toFixed(2)}`).join(', ')
        }}</span>
        <ToggleInput
          :model-value="c.used"
          label="count with it"
          @update:model-value="job.edit(`rig.calibrations.${c.id}.used`, !!$event)"
        />
        <button
          type="button"
          class="act"
          @click="
            job.edit(
              'rig.calibrations',
              kept.filter((k) => k.id !== c.id),
            )
          "
        >
          Remove
        </button>
      </article>
    </template>
  </section>
</template>

<style scoped>
.tune {
  display: grid;
  gap: 10px;
}
.from,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.big {
  margin: 0;
  font: 700 40px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.big span {
  font-size: 19px;
  color: var(--ink-soft);
}
.fit {
  border-collapse: collapse;
  width: 100%;
}
.fit th,
.fit td {
  text-align: left;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule-soft);
  font-variant-numeric: tabular-nums;
}
.fit thead th {
  font: 600 15px/1.1 var(--rb-font-head);
  color: var(--ink-soft);
}
.untold {
  color: var(--ink-soft);
}
.bars {
  width: 34%;
}
.bars svg {
  display: block;
  width: 100%;
  height: 20px;
}
.prior {
  fill: var(--rule);
}
.post {
  fill: var(--accent);
}
.untold .post {
  fill: var(--ink-soft);
}
.zero {
  stroke: var(--ink);
  stroke-width: 0.4;
}
.says {
  margin: 0;
  padding-left: 18px;
}
.tied td {
  width: 46px;
  text-align: center;
  font-size: 14px;
  background: color-mix(in srgb, var(--accent) calc(var(--strong) * 70%), transparent);
}
.tied td.against {
  background: color-mix(in srgb, var(--marginal) calc(var(--strong) * 70%), transparent);
}
.tied th {
  text-align: left;
  font-weight: 400;
  padding-right: 10px;
}
article {
  display: grid;
  grid-template-columns: auto 1fr auto auto;
  gap: 2px 14px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding-top: 6px;
}
article .soft {
  grid-column: 1 / -1;
  order: 5;
  font-size: 15px;
}
</style>
