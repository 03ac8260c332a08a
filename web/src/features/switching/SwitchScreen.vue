<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { useJob } from '@/job/store'
import { useComputed } from '@/job/useComputed'
import type { AnyPart, SwitchResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, restate } from '@/shared/units/units'
import QuantityField from '@/shared/ui/QuantityField.vue'
import ClimbRun from './ClimbRun.vue'
import TemperatureLadder from './TemperatureLadder.vue'

const job = useJob()
const { result, problem } = useComputed<SwitchResult>('/api/compute/switching', () => job.content && { job: job.content, build: job.selected })
const path = (field: string) => `builds.${job.selected}.switching.${field}`
const clutched = computed(() => job.build!.fans.find((f) => f.part.kind === 'VISCOUS' || f.part.kind === 'CONTROLLED')?.part)
const shelf = ref<'thermostats' | 'controllers' | 'caps' | null>(null)
function fit(part: AnyPart) {
  shelf.value = null
  const set = job.build!.switching
  if ('startC' in part) job.edit(`builds.${job.selected}.switching`, { ...set, thermostatStartC: part.startC, thermostatFullC: part.fullC })
  else if ('capKpa' in part) job.edit('vehicle.cooling.capKpa', part.capKpa)
  else if ('hysteresisK' in part) {
    const on = Math.min(part.onToC, Math.max(part.onFromC, set.fanOnC))
    job.edit(`builds.${job.selected}.switching`, { ...set, fanOnC: on, fanOffC: on - part.hysteresisK })
  }
}
const bad = (kind: string) => kind === 'NEVER_STOPS' || kind === 'TOO_LATE'
const t = (v: number) => format(v, 'temperature', unitWorld.value, 1)
</script>

<template>
  <div class="switching">
    <section class="panel ladder">
      <header><h2>One scale for all</h2></header>
      <TemperatureLadder :limit="result?.limitC ?? null" :boiling="result?.boilingC ?? null" />
    </section>
    <section class="panel set">
      <header><h2>Set the points</h2><span class="soft small">{{ job.build!.name }}</span></header>
      <div class="fields">
        <QuantityField label="Thermostat opens" :path="path('thermostatStartC')" quantity="temperature" :step="1" big />
        <QuantityField label="Fully open at" :path="path('thermostatFullC')" quantity="temperature" :step="1" big />
        <QuantityField label="Fan on" :path="path('fanOnC')" quantity="temperature" :step="1" big />
        <QuantityField label="Fan off" :path="path('fanOffC')" quantity="temperature" :step="1" big />
      </div>
      <div class="shelves">
        <button type="button" class="act" @click="shelf = 'thermostats'">Thermostats</button>
        <button type="button" class="act" @click="shelf = 'controllers'">Controllers</button>
        <button type="button" class="act" @click="shelf = 'caps'">Caps</button>
      </div>
      <p v-if="clutched" class="small soft">The main fan's own clutch follows {{ clutched.kind === 'VISCOUS' ? 'the air behind the radiator' : 'the coolant' }} ({{ t(clutched.gripsFromC!) }} to {{ t(clutched.gripsFullyC!) }}); these two points are for a switched fan or a warning lamp.</p>
      <p v-if="problem" role="alert" class="finding bad">{{ problem }}</p>
      <ul data-findings>
        <li v-for="f in result?.findings ?? []" :key="f.kind" class="finding" :class="{ bad: bad(f.kind), sound: f.kind === 'SOUND' || f.kind === 'NEVER_NEEDED' }">{{ restate(f.text, unitWorld) }}</li>
      </ul>
      <h3 class="against">Against a colder thermostat</h3>
      <table v-if="result" data-compare>
        <thead><tr><th scope="col">Thermostat</th><th scope="col">at the foot</th><th scope="col">fan after</th><th scope="col">at the top</th></tr></thead>
        <tbody>
          <tr v-for="(run, k) in [result.chosen, result.colder]" :key="k">
            <th scope="row">{{ k ? 'colder' : 'chosen' }}, {{ format(run.thermostatStartC, 'temperature', unitWorld, 0) }}</th>
            <td>{{ t(run.coolantC[0]) }}</td>
            <td>{{ run.fanOnAfterS == null ? 'never needed' : Math.round(run.fanOnAfterS) + ' s' }}</td>
            <td>{{ t(run.coolantC[run.coolantC.length - 1]) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="small soft">A colder thermostat starts lower; once it is wide open the peak is the radiator's and the air's, not the thermostat's.</p>
    </section>
    <section class="panel run">
      <header>
        <h2>The climb, first order</h2>
        <span class="soft small">{{ job.content!.haul.road }}, from the level road before it</span>
      </header>
      <ClimbRun v-if="result" :result="result" />
    </section>
    <PartShelf v-if="shelf" :shelf="shelf" @close="shelf = null" @fit="fit" />
  </div>
</template>

<style scoped>
.shelves { display: flex; gap: 8px; margin: 12px 0; flex-wrap: wrap; }
.shelves .act { padding: 0 12px; }
.switching { display: grid; grid-template-columns: 300px minmax(0, 1fr) minmax(0, 1.25fr); gap: 14px; padding: 14px; flex: 1; }
.fields { display: grid; grid-template-columns: 1fr 1fr; gap: 12px; }
ul { list-style: none; margin: 14px 0 0; padding: 0; display: grid; gap: 10px; }
.finding { border-left: 6px solid var(--marginal); background: var(--marginal-wash); padding: 8px 12px; }
.finding.bad { border-color: var(--over); background: var(--over-wash); }
.finding.sound { border-color: var(--holds); background: var(--accent-wash); }
.against { margin-top: 22px; }
.run { display: flex; flex-direction: column; }
table { width: 100%; border-collapse: collapse; margin: 8px 0; }
thead th { font: 600 15px/1 var(--rb-font-head); color: var(--ink-soft); text-align: left; }
tbody th { font-weight: 500; text-align: left; }
td, tbody th { padding: 6px 8px 6px 0; border-top: 1px solid var(--rule-soft); }
td { font: 600 20px/1 var(--rb-font-head); }
@media (max-width: 1100px) { .switching { grid-template-columns: 250px minmax(0, 1fr); } .run { grid-column: 1 / -1; min-height: 440px; } }
@media (max-width: 900px) { .switching { grid-template-columns: minmax(0, 1fr); } }
</style>
