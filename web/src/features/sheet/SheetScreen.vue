<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { useSaving } from '@/job/saving'
import { useDriving } from '@/job/driving'
import { roadLength } from '@/job/roadLength'
import { useShownGauges } from '@/job/shownGauges'
import type { WorkSheet } from '@/shared/api/types'
import { say, whatToDo, why, word } from '@/shared/message/say'
import { printedOn, unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import { clockOf } from '@/shared/ui/clock'
import { dateOf, time } from '@/shared/ui/time'
import { standingWord } from '@/shared/ui/words'
import { money, yard } from '@/shared/ui/yard'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import { inText } from '@/shared/units/inText'
import { dayClock } from '@/features/order/dayClock'
import { useOrder } from '@/features/order/useOrder'
import { switchedFans } from '@/features/switching/fans'
import RatingBar from '@/features/strip/RatingBar.vue'
import PackSketch from './PackSketch.vue'
import ProofTable from './ProofTable.vue'
import DataTable from '@/shared/ui/DataTable.vue'

const job = useJob()
const { result, problem: refused } = useComputed<WorkSheet>(
  '/api/compute/work-sheet',
  () => job.content && { job: job.content, build: job.selected },
)
const { order } = useOrder()
const said = (text: string) => inText(text, unitWorld.value)
const saving = useSaving()
const priced = computed(() => (result.value?.parts ?? []).reduce((sum, p) => sum + (p.price ?? 0), 0))
const driving = useDriving()
const verdict = computed(() => job.verdict)
/** Paper is of the road wherever there is one, whichever is asked on the screen. */
const shown = useShownGauges(() => driving.hasRoad)
const sure = computed(() => shown.value.every((s) => s.gauge.standing && !s.older))
const problem = computed(() => (driving.hasRoad ? driving.trip?.problem : verdict.value?.problem))
const t = (v: number, d?: number) => format(v, 'temperature', unitWorld.value, d)
const spent = (hands: number, waits: number) =>
  [hands ? time(hands) : '', waits ? `${time(waits)} waiting` : ''].filter(Boolean).join(' + ')
const print = () => window.print()
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 3)
const switched = computed(() => switchedFans(job.build))
const haul = computed(() => job.content.haul)
const HOSES = [
  { key: 'name', label: 'Hose' },
  { key: 'boreMm', label: 'Bore', figure: true },
  { key: 'cutMm', label: 'Cut', figure: true },
  { key: 'fittedMm', label: 'Fitted', figure: true },
]
const STRIPS = [
  { key: 'name', label: 'Bracket or channel' },
  { key: 'flatMm', label: 'Cut flat', figure: true },
  { key: 'marks', label: 'Bend centres from the first end' },
  { key: 'holes', label: 'Drill' },
]
const bends = (marks: WorkSheet['brackets'][number]['bends']) =>
  marks
    .map((m) => `${mm(m.centreMm)} (${Math.abs(Math.round(m.degrees))}° ${m.degrees > 0 ? 'up' : 'down'})`)
    .join(', ')
const drilled = (holes: WorkSheet['brackets'][number]['holes']) =>
  holes.map((h) => `${mm(h.alongMm)} (Ø ${mm(h.diameterMm)}${h.slotMm ? `, slot + ${mm(h.slotMm)}` : ''})`).join(', ')
</script>

<template>
  <div class="desk">
    <div class="tools">
      <button type="button" class="act main" :disabled="!result || !sure" @click="print">Print</button>
      <a class="act" :href="`/api/jobs/${job.id}/export`" download>Export as JSON</a>
      <p class="soft small">Prints on A4 or Letter. Everything is computed afresh from what is entered.</p>
    </div>
    <p v-if="refused" role="alert" class="refused">{{ refused }}</p>
    <article v-if="result" class="sheet" data-sheet>
      <header>
        <div>
          <p class="brand">
            {{ yard?.name ?? 'Road Breeze' }}: work sheet, {{ dateOf(printedOn) }}, version {{ saving.version }}
          </p>
          <h1>{{ job.content.about.name }}: {{ job.build.name }}</h1>
          <p>
            {{ job.content.rig.vehicle.name }} with {{ job.content.rig.trailer.name }},
            {{ format(job.content.rig.vehicle.massKg + job.content.rig.trailer.massKg, 'mass', unitWorld) }} together
          </p>
          <p v-if="haul.journey">
            {{ haul.journey.name }}: {{ format(roadLength(haul.journey), 'distance', unitWorld, 0) }} from
            {{ clockOf(haul.journey.departureHour, 0) }}, {{ t(haul.journey.coldestC, 0) }} at dawn,
            {{ t(haul.journey.hottestC, 0) }} in the afternoon, air conditioning
            {{ haul.airConditioning ? 'on' : 'off' }}
          </p>
          <p v-else>
            {{ haul.road }}: {{ format(haul.gradePercent, 'percent', unitWorld) }},
            {{ format(haul.speedKmh, 'speed', unitWorld) }}, {{ t(haul.ambientC, 0) }},
            {{ format(haul.altitudeM, 'altitude', unitWorld) }}, air conditioning
            {{ haul.airConditioning ? 'on' : 'off' }}
          </p>
        </div>
        <p class="hours">
          <template v-if="order && !order.clashes.length">
            <b>{{ time(order.length) }}</b><template v-if="order.people > 1"> with two people</template><br />
            {{ time(order.hands) }} of hands<br />
            <template v-if="result.restoring && order.hands > result.restoring"
              >{{ time(order.hands - result.restoring) }} of it beyond restoring<br
            /></template>
            {{ order.steps.length }} steps
          </template>
        </p>
      </header>
      <RatingBar v-if="verdict?.overRatings.length" :over="verdict.overRatings" />
      <p v-if="verdict?.clashes.length" class="clash" role="alert">
        <b>Not buildable:</b> {{ verdict.clashes.map((c) => say(c.said, unitWorld)).join('; ') }}. What is below would
        be so if it fitted.
      </p>
      <section v-if="shown.length && !verdict?.clashes.length" class="verdict">
        <div v-for="{ key, label, gauge, at } in shown" :key="key">
          <h3>
            <VerdictMark :standing="gauge.standing" /> {{ label }}
            {{ gauge.standing ? standingWord(gauge.standing) : '' }}
          </h3>
          <p>
            <b>{{ t(gauge.peakC) }}</b>
            <template v-if="gauge.bandK !== null"> ± {{ format(gauge.bandK, 'difference', unitWorld, 1) }}</template>
            {{ at ? `at ${at}` : 'settled' }}, limit {{ t(gauge.limitC, 0) }}
          </p>
        </div>
      </section>
      <p v-else-if="problem && !verdict?.clashes.length">{{ say(problem, unitWorld) }}.</p>
      <ul class="advice" aria-label="What limits it">
        <li v-if="haul.journey" class="soft">
          On its worst stretch, {{ format(haul.gradePercent, 'percent', unitWorld) }} at
          {{ format(haul.speedKmh, 'speed', unitWorld) }} and {{ t(haul.ambientC, 0) }}, held until it settles:
        </li>
        <li v-for="a in job.detail?.advice ?? []" :key="a.code">{{ say(a, unitWorld) }}</li>
      </ul>
      <div class="columns">
        <section>
          <h2>Parts</h2>
          <ul class="rows">
            <li v-for="(p, i) in result.parts" :key="i" class="part">
              <span
                ><b>{{ say(p.said, unitWorld) }}</b
                >, {{ whatToDo(p.said, unitWorld) }}<br /><span class="small">{{ why(p.said, unitWorld) }}</span></span
              >
              <b v-if="p.price != null" class="price">{{ money(p.price) }}</b>
            </li>
            <li v-if="priced" class="part">
              <span>Together, where the catalogue has a price</span><b class="price">{{ money(priced) }}</b>
            </li>
            <li v-if="!result.parts.length">Nothing to buy.</li>
          </ul>
        </section>
        <section>
          <template v-if="result.comesOut.length">
            <h2>Comes out</h2>
            <ul class="rows">
              <li v-for="o in result.comesOut" :key="say(o, unitWorld)">{{ say(o, unitWorld) }}</li>
            </ul>
          </template>
          <template v-if="result.fuses.length">
            <h2>Fuse and relay</h2>
            <ul class="rows">
              <li v-for="f in result.fuses" :key="say(f, unitWorld)">
                <b>{{ say(f, unitWorld) }}</b>, {{ whatToDo(f, unitWorld) }}<br /><span class="small">{{
                  why(f, unitWorld)
                }}</span>
              </li>
            </ul>
          </template>
          <h2>Switch points</h2>
          <ul class="rows">
            <li>Thermostat {{ t(job.build.thermostat.startC, 0) }} to {{ t(job.build.thermostat.fullC, 0) }}</li>
            <li v-for="f in switched" :key="f.id">
              {{ f.fan ? f.says : f.name }} on {{ t(f.points.onC, 0) }}, off {{ t(f.points.offC, 0) }},
              {{ word(`choice.${f.points.sensor}`) }}
            </li>
            <li v-for="(f, i) in result.switching" :key="i" class="small">{{ say(f.said, unitWorld) }}</li>
          </ul>
          <h2>Fluids</h2>
          <ul class="rows">
            <li v-for="f in result.fluids" :key="f.code">
              <b>{{ say(f, unitWorld) }}</b>: {{ whatToDo(f, unitWorld) }}<br /><span class="small">{{
                why(f, unitWorld)
              }}</span>
            </li>
            <li v-if="!result.fluids.length">None opened.</li>
          </ul>
        </section>
      </div>
      <section v-if="job.build.coolers.length || job.build.otherCoolers.length">
        <h2>Where it hangs</h2>
        <PackSketch />
      </section>
      <p v-for="m in result.lines.mismatches" :key="say(m, unitWorld)" class="caution" data-misfit>
        {{ say(m, unitWorld) }}: {{ whatToDo(m, unitWorld) }}.
      </p>
      <p v-if="result.orderOpen" class="caution" data-order-open>
        Nothing is opened yet: {{ result.orderOpen }} lines of the radiator’s order check sheet are not held against the
        part in hand.
      </p>
      <section v-if="result.lines.order.length" data-order>
        <h2>Hidden afterwards</h2>
        <ul class="rows">
          <li v-for="o in result.lines.order" :key="say(o, unitWorld)">{{ say(o, unitWorld) }}</li>
        </ul>
      </section>
      <section v-if="result.lines.cuts.length">
        <h2>Hose cut list</h2>
        <DataTable label="Hoses to cut" :columns="HOSES" :rows="result.lines.cuts" :row-key="(c) => c.hose">
          <template #boreMm="{ row }">{{ mm(row.boreMm) }}</template>
          <template #cutMm="{ row }">{{ format(row.cutMm, 'size', unitWorld) }}</template>
          <template #fittedMm="{ row }">{{ format(row.fittedMm, 'size', unitWorld) }}</template>
        </DataTable>
        <p class="small">
          Flow left: hot {{ formatNumber(result.lines.hot.flowShare * 100, 0) }} %, at
          {{ t(result.lines.cold.oilC, 0) }} {{ formatNumber(result.lines.cold.flowShare * 100, 0) }} % of the flow as
          found.
        </p>
        <p v-for="w in result.lines.warnings" :key="w.code" class="small caution">{{ say(w, unitWorld) }}</p>
      </section>
      <section v-if="result.brackets.length">
        <h2>Brackets</h2>
        <DataTable label="Metal to cut" :columns="STRIPS" :rows="result.brackets" :row-key="(s) => s.id">
          <template #name="{ row }">{{ row.quantity }} × {{ row.name }}</template>
          <template #flatMm="{ row }">{{ mm(row.flatMm) }}</template>
          <template #marks="{ row }">{{ bends(row.bends) }}</template>
          <template #holes="{ row }">{{ drilled(row.holes) }}</template>
        </DataTable>
      </section>
      <section>
        <h2>In this order</h2>
        <p v-for="c in order?.cautions ?? []" :key="c" class="caution">{{ word(c) }}</p>
        <p v-if="order?.clashes.length" class="clash" role="alert">
          The work cannot be put in order as it is asked for: see Work order.
        </p>
        <ol class="steps">
          <li v-for="(s, i) in order?.steps ?? []" :key="s.id">
            <span class="box" aria-hidden="true"></span>
            <div>
              <h3>
                {{ i + 1 }}. {{ said(s.title) }}
                <span class="small"
                  ><template v-if="s.start != null">{{ dayClock(s.start, job.build.work.dayHours) }}, </template
                  >{{ spent(s.hands, s.waits) }}, {{ word(s.engine)
                  }}<template v-if="order!.people > 1 && s.lanes.length"
                    >, {{ s.lanes.length > 1 ? 'both' : `person ${s.lanes[0]! + 1}` }}</template
                  ></span
                >
              </h3>
              <p class="how">{{ said(s.how) }}</p>
              <ul v-if="s.shows.length" class="shows">
                <li v-for="(f, k) in s.shows" :key="k">{{ say(f, unitWorld) }}</li>
              </ul>
              <p v-for="r in s.readings" :key="r.id" class="reading">
                {{ said(r.title) }}: <span class="blank" aria-hidden="true"></span>
              </p>
              <p v-for="c in s.cautions" :key="c" class="caution small">{{ word(c) }}</p>
            </div>
          </li>
        </ol>
      </section>
      <section>
        <h2>Proof on the road</h2>
        <ProofTable />
      </section>
    </article>
  </div>
</template>

<style scoped>
.desk {
  padding: 14px;
  display: grid;
  gap: 12px;
  justify-items: center;
}
.tools {
  display: flex;
  gap: 12px;
  align-items: center;
  width: 100%;
  max-width: 900px;
}
.sheet {
  background: var(--paper);
  width: 100%;
  max-width: 900px;
  padding: 28px 34px;
  display: grid;
  gap: 16px;
  border-top: 3px solid var(--ink);
}
.sheet > header {
  display: flex;
  justify-content: space-between;
  gap: 20px;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 10px;
}
.brand {
  font: 600 16px/1 var(--rb-font-head);
  color: var(--accent-ink);
  margin-bottom: 6px;
}
.hours {
  text-align: right;
  white-space: nowrap;
}
.hours b {
  font: 600 26px/1 var(--rb-font-head);
}
.verdict {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 16px;
}
.verdict svg {
  vertical-align: -3px;
}
.advice,
.rows {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
}
.advice li {
  border-left: 4px solid var(--rule);
  padding-left: 10px;
}
.rows li {
  border-top: 1px solid var(--rule);
  padding-top: 4px;
}
.part {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
.price {
  font: 600 17px/1.2 var(--rb-font-head);
  white-space: nowrap;
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
.columns h2 {
  margin: 6px 0;
}
.steps {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
.steps li {
  display: grid;
  grid-template-columns: 26px 1fr;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  break-inside: avoid;
}
.box {
  width: 22px;
  height: 22px;
  border: 2px solid var(--ink);
  margin-top: 2px;
}
.shows {
  margin: 2px 0;
  padding-left: 18px;
}
.reading {
  display: flex;
  align-items: end;
  gap: 8px;
}
.blank {
  width: 130px;
  height: 22px;
  border-bottom: 1.5px solid var(--ink);
}
.caution {
  border-left: 4px solid var(--marginal);
  padding-left: 8px;
  margin-top: 3px;
}
@media print {
  /* How it is done stands on the step's card; on paper the steps are ticked. */
  .steps {
    display: block;
    columns: 2;
    column-gap: 14px;
  }
  .steps li {
    grid-template-columns: 16px 1fr;
    gap: 6px;
    padding: 3px 0;
  }
  .steps .how {
    display: none;
  }
  .steps h3 {
    font-size: 10pt;
  }
  .steps .caution,
  .shows,
  .reading {
    font-size: 8pt;
    line-height: 1.15;
  }
  .box {
    width: 13px;
    height: 13px;
  }
}
@media print {
  .tools {
    display: none;
  }
  .desk {
    padding: 0;
    display: block;
  }
  .sheet {
    max-width: none;
    padding: 0;
    border: 0;
    font-size: 10.5pt;
    gap: 10px;
    display: block;
  }
  .sheet > * {
    margin-bottom: 10px;
  }
}
</style>
<style>
@media print {
  .frame:has([data-sheet]) .strip {
    display: none !important;
  }
}
</style>
