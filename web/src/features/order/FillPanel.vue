<script setup lang="ts">
import { computed } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import QuantityField from '@/job/fields/QuantityField.vue'
import type { JobPath } from '@/job/paths'
import type { FillResult } from '@/shared/api/types'
import { choiceWord, say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { money } from '@/shared/ui/yard'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import FillStages from './FillStages.vue'

/** What comes out and goes back in: litres and mix, the stages of filling, the level, how far the oil is renewed. */
const job = useJob()
const { result, problem, older } = useComputed<FillResult>(
  '/api/compute/fill',
  () => job.content && { job: job.content, build: job.selected },
)
const path = (field: string) => `builds.${job.selected}.fill.${field}` as JobPath
const litres = (l: number | null | undefined) => format(l, 'volume', unitWorld.value, 2)
const share = (p: number) => format(p, 'percent', unitWorld.value, 0)
const warm = (c: number) => format(c, 'temperature', unitWorld.value, 0)
/** What the loop holds once it is full, as parts of a bar. */
const bar = computed(() => {
  const r = result.value
  if (!r || r.drainedL == null || r.concentrateL == null || r.waterL == null) return []
  return [
    { what: 'stays in the engine', l: r.leftL ?? 0, as: 'left' },
    { what: 'concentrate', l: r.concentrateL, as: 'strong' },
    { what: 'water', l: r.waterL, as: 'water' },
  ].filter((p) => p.l > 0.005)
})
const CAPS = [
  ['NONE', 'nothing'],
  ['PLAIN', 'plain cap'],
  ['PRESSURE', 'pressure cap'],
] as const
const otherCap = computed({
  get: () => job.build.fill.otherCap,
  set: (v) => job.edit(path('otherCap'), v),
})
const serious = (code: string) => /drainMore|freezes|leaks|wentIn|panOutside|WentIn/.test(code)
</script>

<template>
  <div class="fill" :class="{ older }" data-fill>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <template v-if="result">
      <section class="card">
        <h2>Coolant</h2>
        <p v-if="result.concentrateL != null" class="big" data-mix>
          {{ litres(result.concentrateL) }} <small>concentrate</small> + {{ litres(result.waterL) }}
          <small>water</small>
        </p>
        <p v-else class="big">{{ share(result.refillPercent) }} <small>of concentrate</small></p>
        <div
          v-if="bar.length"
          class="bar"
          role="img"
          :aria-label="bar.map((b) => `${litres(b.l)} ${b.what}`).join(', ')"
        >
          <span v-for="b in bar" :key="b.as" :class="b.as" :style="{ flexGrow: b.l }"
            ><b>{{ litres(b.l) }}</b> {{ b.what }}</span
          >
        </div>
        <p class="facts">
          <span
            >{{ share(result.refillPercent) }} in what goes in, {{ share(result.wantedPercent) }} wanted in all</span
          >
          <span>freezes at {{ warm(result.freezesC) }}</span>
          <span
            >boils at {{ warm(result.boilsC) }} under its cap at
            {{ format(result.altitudeM, 'altitude', unitWorld) }}</span
          >
        </p>
        <p v-for="(s, i) in result.coolantSays" :key="i" :class="{ bad: serious(s.code) }" class="says">
          {{ say(s, unitWorld) }}
        </p>
        <div class="fields">
          <QuantityField
            label="Came out"
            :path="path('coolantOutL')"
            quantity="volume"
            optional
            placeholder="not measured"
          />
          <QuantityField
            label="Concentrate as found"
            :path="path('foundPercent')"
            quantity="percent"
            optional
            :placeholder="share(result.foundPercent)"
          />
          <QuantityField label="Coldest morning" :path="path('frostC')" quantity="temperature" :step="1" />
          <QuantityField
            label="Concentrate wanted"
            :path="path('wantedPercent')"
            quantity="percent"
            optional
            :placeholder="share(result.wantedPercent)"
          />
          <QuantityField
            label="Concentrate in the mix"
            :path="path('mixedPercent')"
            quantity="percent"
            optional
            :placeholder="share(result.refillPercent)"
          />
          <QuantityField
            label="Went in"
            :path="path('coolantInL')"
            quantity="volume"
            optional
            placeholder="not filled yet"
          />
          <QuantityField
            label="Lost in ten minutes"
            :path="path('lossKpa')"
            quantity="pressure"
            optional
            placeholder="not tried yet"
          />
        </div>
      </section>
      <section class="card">
        <h2>Filled by: {{ choiceWord(result.way) }}</h2>
        <FillStages :stages="result.fill" />
        <h3>The air out of it</h3>
        <FillStages :stages="result.bleed" />
        <h3>Does it hold?</h3>
        <FillStages :stages="result.check" />
      </section>
      <section class="card">
        <h2>Gearbox oil</h2>
        <p class="big">{{ litres(result.oilAddedL) }} <small>more than before: hoses, filter, cooler</small></p>
        <table v-if="result.oil" class="renewed" data-renewed>
          <tbody>
            <tr v-for="t in result.oil.times" :key="t.times" :class="{ chosen: t.times === job.build.fill.drains }">
              <th scope="row">{{ t.times === 1 ? 'once' : `${t.times} times` }}</th>
              <td class="way"><i :style="{ width: `${t.percent}%` }"></i></td>
              <td>
                <b>{{ share(t.percent) }}</b> new
              </td>
              <td>{{ litres(t.litres) }}</td>
              <td>{{ t.cost == null ? '' : money(t.cost) }}</td>
            </tr>
            <tr>
              <th scope="row">by machine</th>
              <td class="way"><i style="width: 100%"></i></td>
              <td><b>all</b> new</td>
              <td>{{ litres(result.oil.exchange.litres) }}</td>
              <td>{{ result.oil.exchange.cost == null ? '' : money(result.oil.exchange.cost) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-else class="soft">
          How far a drain renews it shows once the gearbox’s oil in all (on Rig) and what comes out are entered.
        </p>
        <p v-for="(s, i) in result.oilSays" :key="i" class="says bad">{{ say(s, unitWorld) }}</p>
        <div class="fields">
          <QuantityField
            label="Oil out each time"
            :path="path('oilOutL')"
            quantity="volume"
            optional
            placeholder="not measured"
          />
          <QuantityField label="Drained and filled" :path="path('drains')" quantity="count" :step="1" />
          <QuantityField
            label="Oil that went in"
            :path="path('oilInL')"
            quantity="volume"
            optional
            placeholder="not filled yet"
          />
          <QuantityField
            label="A litre costs"
            :path="path('oilPrice')"
            quantity="money"
            optional
            placeholder="not known"
          />
          <QuantityField
            label="Pan when it was read"
            :path="path('levelPanC')"
            quantity="temperature"
            optional
            placeholder="not read yet"
          />
        </div>
        <h3>Its level</h3>
        <FillStages :stages="result.level" />
      </section>
      <section class="card">
        <h2>One pressure cap</h2>
        <p :class="{ bad: result.capTwice }" class="says" data-cap>{{ say(result.cap, unitWorld) }}</p>
        <ChoiceInput v-model="otherCap" label="On the other place" :choices="CAPS" />
        <h3>Air is in it still when</h3>
        <ul>
          <li v-for="(s, i) in result.airSigns" :key="i">{{ say(s, unitWorld) }}</li>
        </ul>
        <template v-if="result.others.length">
          <h3>Opened beside</h3>
          <div class="fields">
            <QuantityField
              v-if="result.others.includes('STEERING')"
              label="Steering fluid that went in"
              :path="path('steeringInL')"
              quantity="volume"
              optional
              placeholder="not filled yet"
            />
            <QuantityField
              v-if="result.others.includes('HYDRAULIC')"
              label="Hydraulic oil that went in"
              :path="path('hydraulicInL')"
              quantity="volume"
              optional
              placeholder="not filled yet"
            />
          </div>
          <p class="small soft">
            Each with its own fluid, front raised, lock to lock with the engine off; steps of the work.
          </p>
        </template>
      </section>
    </template>
    <p v-else-if="!problem" class="soft">Measuring out the fill…</p>
  </div>
</template>

<style scoped>
.fill {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(460px, 1fr));
  gap: 12px;
  align-items: start;
}
.older {
  opacity: 0.6;
}
.card {
  background: var(--paper);
  border-top: 4px solid var(--rule);
  padding: 12px 16px 16px;
  display: grid;
  gap: 8px;
}
h2 {
  font: 600 24px/1.1 var(--rb-font-head);
}
h3 {
  font: 600 18px/1.1 var(--rb-font-head);
  color: var(--ink-soft);
  margin-top: 4px;
}
.big {
  font: 600 38px/1.05 var(--rb-font-head);
}
.big small {
  font: 500 18px/1 var(--rb-font-head);
  color: var(--ink-soft);
}
.bar {
  display: flex;
  min-height: 46px;
  gap: 2px;
}
.bar span {
  min-width: 0;
  flex-basis: 0;
  padding: 6px 8px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  font: 500 16px/1.1 var(--rb-font-head);
}
.left {
  background: var(--rule-soft);
}
.strong {
  background: var(--accent);
  color: var(--on-accent);
}
.water {
  background: var(--accent-wash);
  color: var(--accent-ink);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font: 500 17px/1.2 var(--rb-font-head);
}
.says.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 8px 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px;
  margin-top: 4px;
}
.renewed {
  border-collapse: collapse;
  font: 500 18px/1.2 var(--rb-font-head);
}
.renewed th {
  text-align: left;
  font-weight: 600;
  padding: 4px 12px 4px 0;
}
.renewed td {
  padding: 4px 8px;
  text-align: right;
  white-space: nowrap;
}
.renewed .way {
  width: 45%;
  padding: 4px 0;
}
.renewed i {
  display: block;
  height: 16px;
  background: var(--accent);
}
.chosen th {
  border-left: 4px solid var(--accent);
  padding-left: 6px;
}
ul {
  margin: 0;
  padding-left: 20px;
}
</style>
