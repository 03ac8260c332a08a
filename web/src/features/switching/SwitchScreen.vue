<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { edited } from '@/job/origin'
import { useJob } from '@/job/useJob'
import { later } from '@/shared/ui/later'
import { useComputed } from '@/job/useComputed'
import { fanName } from '@/features/heat/pack/geometry'
import type { AnyPart, FittedFan, SwitchResult, ThermostatPart } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useAskedField } from '@/job/fields/fieldPlace'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import TemperatureLadder from './TemperatureLadder.vue'
import DataTable from '@/shared/ui/DataTable.vue'

const ClimbRun = later(() => import('./ClimbRun.vue'))

const job = useJob()
useAskedField()
const { result, problem, queueing } = useComputed<SwitchResult>(
  '/api/compute/switching',
  () => job.content && { job: job.content, build: job.selected },
)
const thermostat = computed(() => `builds.${job.selected}.thermostat` as const)
const fanPath = (id: string) => `builds.${job.selected}.fans.${id}.switchPoints` as const
/** Points that a fan starts with when a switch is given to it. */
const USUAL = { onC: 103, offC: 98 }
const clutched = computed(
  () => job.build.fans.find((f) => f.part.kind === 'VISCOUS' || f.part.kind === 'CONTROLLED')?.part,
)
const shelf = ref<'thermostats' | 'controllers' | 'caps' | null>(null)
const opened = (part: AnyPart) => {
  const { startC, fullC } = part as ThermostatPart
  return edited(job.content, thermostat.value, { startC, fullC })
}
function fit(part: AnyPart) {
  shelf.value = null
  if ('startC' in part) job.replace(opened(part))
  else if ('capKpa' in part) job.edit('rig.vehicle.cooling.capKpa', part.capKpa)
  else if ('hysteresisK' in part) {
    // A controller takes over every switched fan, or the first where none is.
    const switched = job.build.fans.filter((f) => f.switchPoints)
    const fans = switched.length ? switched : job.build.fans.slice(0, 1)
    const set = (f: FittedFan) => {
      const on = Math.min(part.onToC, Math.max(part.onFromC, f.switchPoints?.onC ?? USUAL.onC))
      return { ...f, switchPoints: { onC: on, offC: on - part.hysteresisK } }
    }
    job.edit(
      `builds.${job.selected}.fans`,
      job.build.fans.map((f) => (fans.includes(f) ? set(f) : f)),
    )
  }
}
/** When the first switched fan comes on. */
function fanOn(run: SwitchResult['chosen']): string {
  const first = run.fans[0]
  return !first ? 'no switch' : first.afterS == null ? 'never needed' : `${Math.round(first.afterS)} s`
}
const t = (v: number) => format(v, 'temperature', unitWorld.value, 1)
const RUNS = [
  { key: 'thermostat', label: 'Thermostat' },
  { key: 'foot', label: 'at the foot' },
  { key: 'fan', label: 'fan after' },
  { key: 'top', label: 'at the top' },
]
</script>

<template>
  <div class="switching">
    <section class="panel ladder">
      <header><h2>One scale for all</h2></header>
      <TemperatureLadder :limit="result?.limitC ?? null" :boiling="result?.boilingC ?? null" />
    </section>
    <section class="panel set">
      <header>
        <h2>Set the points</h2>
        <span class="soft small">{{ job.build.name }}</span>
      </header>
      <div class="fields">
        <QuantityField label="Thermostat opens" :path="`${thermostat}.startC`" quantity="temperature" :step="1" big />
        <QuantityField label="Fully open at" :path="`${thermostat}.fullC`" quantity="temperature" :step="1" big />
      </div>
      <div v-for="(f, i) in job.build.fans" :key="f.id" class="fan">
        <div class="who">
          <div>
            <h3>{{ fanName(i) }}</h3>
            <p class="soft small">{{ f.part.name }}</p>
          </div>
          <ToggleInput
            :model-value="!!f.switchPoints"
            :label="`${fanName(i)} has a switch`"
            @update:model-value="(on) => job.edit(fanPath(f.id), on ? USUAL : null)"
            >switched</ToggleInput
          >
        </div>
        <div v-if="f.switchPoints" class="fields">
          <QuantityField label="Fan on" :path="`${fanPath(f.id)}.onC`" quantity="temperature" :step="1" big />
          <QuantityField label="Fan off" :path="`${fanPath(f.id)}.offC`" quantity="temperature" :step="1" big />
        </div>
      </div>
      <div class="shelves">
        <button type="button" class="act" @click="shelf = 'thermostats'">Thermostats</button>
        <button type="button" class="act" @click="shelf = 'controllers'">Controllers</button>
        <button type="button" class="act" @click="shelf = 'caps'">Caps</button>
      </div>
      <p v-if="clutched" class="small soft">
        The main fan's own clutch follows
        {{ clutched.kind === 'VISCOUS' ? 'the air behind the radiator' : 'the coolant' }} ({{
          t(clutched.gripsFromC!)
        }}
        to {{ t(clutched.gripsFullyC!) }}); these two points are for a switched fan or a warning lamp.
      </p>
      <p v-if="problem" role="alert" class="finding bad">{{ problem }}</p>
      <p v-else-if="!result" class="soft">{{ queueing || 'Running the climb with these switch points …' }}</p>
      <ul data-findings>
        <li
          v-for="(f, i) in result?.findings ?? []"
          :key="i"
          class="finding"
          :class="{
            bad: f.bad,
            sound: f.said.code === 'switchFinding.sound' || f.said.code === 'switchFinding.neverNeeded',
          }"
        >
          {{ say(f.said, unitWorld) }}
        </li>
      </ul>
      <h3 class="against">Against a colder thermostat</h3>
      <DataTable
        v-if="result"
        label="Against a colder thermostat"
        :columns="RUNS"
        :rows="[result.chosen, result.colder]"
        data-compare
      >
        <template #thermostat="{ row, index }"
          >{{ index ? 'colder' : 'chosen' }}, {{ format(row.thermostatStartC, 'temperature', unitWorld, 0) }}</template
        >
        <template #foot="{ row }">{{ t(row.coolantC[0]!) }}</template>
        <template #fan="{ row }">{{ fanOn(row) }}</template>
        <template #top="{ row }">{{ t(row.coolantC.at(-1)!) }}</template>
      </DataTable>
      <p class="small soft">
        A colder thermostat starts lower; once it is wide open the peak is the radiator's and the air's, not the
        thermostat's.
      </p>
    </section>
    <section class="panel run">
      <header>
        <h2>The climb, first order</h2>
        <span class="soft small">{{ job.content.haul.road }}, from the level road before it</span>
      </header>
      <ClimbRun v-if="result" :result="result" />
    </section>
    <PartShelf
      v-if="shelf"
      :shelf="shelf"
      :fitted="shelf === 'thermostats' ? opened : undefined"
      @close="shelf = null"
      @fit="fit"
    />
  </div>
</template>

<style scoped>
.fan {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  margin-top: 12px;
  padding-top: 10px;
}
.who {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
.who h3::first-letter {
  text-transform: uppercase;
}
.shelves {
  display: flex;
  gap: 8px;
  margin: 12px 0;
  flex-wrap: wrap;
}
.shelves .act {
  padding: 0 12px;
}
.switching {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 14px;
  padding: 14px;
  flex: 1;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
.finding {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 8px 12px;
}
.finding.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
.finding.sound {
  border-color: var(--holds);
  background: var(--accent-wash);
}
.against {
  margin-top: 22px;
}
.run {
  display: flex;
  flex-direction: column;
}
@media (max-width: 1100px) {
  .switching {
    grid-template-columns: 250px minmax(0, 1fr);
  }
  .run {
    grid-column: 1 / -1;
    min-height: 440px;
  }
}
@media (max-width: 900px) {
  .switching {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
