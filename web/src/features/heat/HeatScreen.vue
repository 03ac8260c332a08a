<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/store'
import type { Build, CoolerPart } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, restate } from '@/shared/units/units'
import QuantityField from '@/shared/ui/QuantityField.vue'
import PackDrawing from './PackDrawing.vue'
import PartPicker from './PartPicker.vue'
import HeatFlow from './HeatFlow.vue'

const job = useJob()
const picking = ref(false)
const build = computed(() => job.build!)
const state = computed(() => job.state)
const path = (field: string) => `builds.${job.selected}.${field}`
const orders: { value: Build['oilOrder']; label: string }[] = [
  { value: 'AFTER_TANK', label: 'after in-tank' },
  { value: 'BEFORE_TANK', label: 'before in-tank' },
  { value: 'TANK_BYPASSED', label: 'in-tank bypassed' },
]
const leverNames: Record<string, string> = {
  AIR: '10 % more air',
  CORE: '10 % better cores',
  OIL_FLOW: '10 % more oil flow',
  MASS: '10 % less mass',
  SPEED: '10 % slower',
}
const worstLever = computed(() => Math.max(0.5, ...(state.value?.levers ?? []).map((l) => Math.abs(l.coolantK))))

function fit(part: CoolerPart | null) {
  picking.value = false
  job.edit(path('cooler'), part)
}

function addPlan() {
  const builds = job.content!.builds
  const plans = builds.filter((b) => b.kind === 'PLAN').length
  const from = builds[job.selected]
  job.replace({ ...job.content!, builds: [...builds, { ...from, kind: 'PLAN', name: `Plan ${String.fromCharCode(65 + plans)}` }] })
  job.selected = job.content!.builds.length - 1
}

const d = (k: number) => (k > 0 ? '+' : '') + format(k, 'difference', unitWorld.value, 1)
</script>

<template>
  <div class="heat">
    <div class="column">
      <PackDrawing />
      <HeatFlow v-if="state?.balance" />
    </div>
    <div class="column">
    <section class="panel part">
      <header>
        <h2>{{ build.name }}</h2>
        <span class="soft small">oil cooler and its order</span>
        <button v-if="job.content!.builds.length < 6" type="button" class="act add" @click="addPlan">New plan from this</button>
      </header>
      <div class="fitted">
        <div v-if="build.cooler">
          <h3>{{ build.cooler.name }}</h3>
          <p class="small soft">{{ build.cooler.ports }}{{ build.cooler.bypassOpensC ? `, bypass below ${format(build.cooler.bypassOpensC, 'temperature', unitWorld, 0)}` : '' }}</p>
        </div>
        <p v-else class="soft">No oil cooler fitted.</p>
        <div class="acts">
          <button type="button" class="act main" @click="picking = true">{{ build.cooler ? 'Change' : 'Choose a cooler' }}</button>
          <button v-if="build.cooler" type="button" class="act" @click="fit(null)">Take out</button>
        </div>
      </div>
      <template v-if="build.cooler">
        <div class="orders" role="radiogroup" aria-label="Order of the elements">
          <button v-for="o in orders" :key="o.value" type="button" role="radio" :aria-checked="build.oilOrder === o.value" @click="job.edit(path('oilOrder'), o.value)">{{ o.label }}</button>
        </div>
        <div v-if="state?.coolerEffect" class="effects" data-effects>
          <div><span class="figure">{{ d(state.coolerEffect.panK) }}</span><span class="small">pan</span></div>
          <div><span class="figure">{{ d(state.coolerEffect.coolantK) }}</span><span class="small">coolant</span></div>
          <div><span class="figure">−{{ format(state.coolerEffect.airLostPercent, 'percent', 'metric') }}</span><span class="small">air through the face</span></div>
        </div>
        <div class="place">
          <QuantityField label="From left" :path="path('coolerLeftMm')" quantity="size" :step="5" />
          <QuantityField label="From bottom" :path="path('coolerBottomMm')" quantity="size" :step="5" />
          <QuantityField label="Fan speed" :path="path('fanSpeedPercent')" quantity="percent" :step="5" />
        </div>
      </template>
      <div v-else class="place">
        <QuantityField label="Fan speed" :path="path('fanSpeedPercent')" quantity="percent" :step="5" />
        <QuantityField label="Fins blocked" :path="path('finsBlockedPercent')" quantity="percent" :step="5" />
      </div>
    </section>
    <section class="panel why">
      <header><h2>What it means</h2></header>
      <ul class="advice"><li v-for="a in state?.advice ?? []" :key="a">{{ restate(a, unitWorld) }}</li></ul>
      <table v-if="state?.levers.length" class="levers">
        <thead><tr><th scope="col">What more would buy</th><th></th><th scope="col">coolant</th><th scope="col">pan</th></tr></thead>
        <tbody>
          <tr v-for="l in state.levers" :key="l.kind">
            <th scope="row">{{ leverNames[l.kind] }}</th>
            <td class="bar"><i :style="{ width: (100 * Math.abs(l.coolantK)) / worstLever + '%' }"></i></td>
            <td>{{ d(l.coolantK) }}</td>
            <td>{{ d(l.panK) }}</td>
          </tr>
        </tbody>
      </table>
      <ul class="warnings small"><li v-for="x in state?.balance?.warnings ?? []" :key="x.text">{{ restate(x.text, unitWorld) }}</li></ul>
    </section>
    </div>
    <PartPicker v-if="picking" @close="picking = false" @fit="fit" />
  </div>
</template>

<style scoped>
.heat { flex: 1; display: grid; grid-template-columns: minmax(0, 1.45fr) minmax(0, 1fr); gap: 14px; padding: 14px; }
.column { display: flex; flex-direction: column; gap: 14px; min-width: 0; }
.column > :last-child { flex: 1; }
.part { display: flex; flex-direction: column; gap: 12px; }
.part > header { margin: 0; }
.add { margin-left: auto; min-height: 34px; font-size: 15px; padding: 0 10px; }
.fitted { display: flex; justify-content: space-between; gap: 10px; align-items: center; flex-wrap: wrap; }
.acts { display: flex; gap: 8px; }
.orders { display: grid; grid-template-columns: repeat(3, 1fr); border: 1.5px solid var(--ink); }
.orders button { min-height: 42px; border: 0; border-left: 1.5px solid var(--ink); background: transparent; color: inherit; font: 600 16px/1.05 var(--rb-font-head); cursor: pointer; }
.orders button:first-child { border-left: 0; }
.orders button[aria-checked='true'] { background: var(--ink); color: var(--paper); }
.effects { display: grid; grid-template-columns: repeat(3, 1fr); gap: 8px; }
.effects div { display: grid; gap: 2px; }
.place { display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: 10px; }
.advice { margin: 0 0 12px; padding: 0; list-style: none; display: grid; gap: 8px; font-size: 16px; }
.advice li { border-left: 4px solid var(--accent); padding-left: 10px; }
.levers { width: 100%; border-collapse: collapse; }
.levers th { font-weight: 500; text-align: left; padding: 3px 8px 3px 0; white-space: nowrap; }
.levers thead th { font: 600 15px/1 var(--rb-font-head); color: var(--ink-soft); padding-bottom: 5px; }
.levers td { font: 600 18px/1 var(--rb-font-head); text-align: right; white-space: nowrap; padding: 3px 0 3px 8px; }
.levers thead th:nth-child(n + 3) { text-align: right; padding-right: 0; }
.bar { width: 30%; }
.bar i { display: block; height: 10px; background: var(--metal); }
.warnings { margin: 10px 0 0; padding-left: 18px; color: var(--ink-soft); }
</style>
