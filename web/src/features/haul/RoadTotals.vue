<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { keep } from '@/shared/ui/keep'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import { flag } from '@/shared/ui/words'
import DataTable from '@/shared/ui/DataTable.vue'

/** What the road comes to with each build. */
const job = useJob()
const driving = useDriving()
const COLUMNS = [
  { key: 'name', label: 'Over the whole road' },
  { key: 'coolant', label: 'coolant at worst', figure: true },
  { key: 'overCoolant', label: 'over', figure: true },
  { key: 'pan', label: 'pan at worst', figure: true },
  { key: 'overPan', label: 'over', figure: true },
  { key: 'life', label: 'oil ages as in', figure: true },
  { key: 'loud', label: 'fan loud', figure: true },
  { key: 'fan', label: 'fan and A/C', figure: true },
  { key: 'fuel', label: 'fuel', figure: true },
  { key: 'time', label: 'takes', figure: true },
]
const said = shallowRef<Said[]>([])
async function give() {
  said.value = []
  try {
    keep(
      await api.save('/api/compute/hauls/csv', job.content),
      `${job.content.about.name}, ${job.content.haul.journey!.name}.csv`,
    )
  } catch (e) {
    said.value = (e as ApiProblem).said
  }
}
const rows = computed(() =>
  job.content.builds.map((b) => ({ ...b, letter: flag(b, job.content.builds), trip: driving.tripOf(b.id) })),
)
const over = (s: number) => (s < 1 ? '–' : s < 90 ? `${Math.round(s)} s` : `${formatNumber(s / 60, 1)} min`)
const minutes = (s: number) => format(s / 60, 'period', unitWorld.value)
</script>

<template>
  <div class="totals">
    <DataTable label="Over the whole road" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id" data-totals>
      <template #name="{ row }"
        ><b :class="{ own: row.id === job.selected }">{{ row.letter }}</b> {{ row.name
        }}<small v-if="row.trip?.problem" class="problem">: {{ say(row.trip.problem, unitWorld) }}</small></template
      >
      <template #coolant="{ row }"
        ><span v-if="row.trip?.coolant" :class="{ bad: row.trip.coolant.headroomK < 0 }">{{
          format(row.trip.coolant.peakC, 'temperature', unitWorld)
        }}</span></template
      >
      <template #overCoolant="{ row }">{{ row.trip?.coolant ? over(row.trip.coolant.overS) : '' }}</template>
      <template #pan="{ row }"
        ><span v-if="row.trip?.pan" :class="{ bad: row.trip.pan.headroomK < 0 }">{{
          format(row.trip.pan.peakC, 'temperature', unitWorld)
        }}</span></template
      >
      <template #overPan="{ row }">{{ row.trip?.pan ? over(row.trip.pan.overS) : '' }}</template>
      <template #life="{ row }">{{
        row.trip?.totals ? `${formatNumber(row.trip.totals.oilLifeH, 1)} h` : ''
      }}</template>
      <template #loud="{ row }">{{ row.trip?.totals ? minutes(row.trip.totals.loudS) : '' }}</template>
      <template #fan="{ row }">{{
        row.trip?.totals
          ? format(row.trip.totals.fanFuelL + row.trip.totals.airConditioningFuelL, 'volume', unitWorld)
          : ''
      }}</template>
      <template #fuel="{ row }">{{
        row.trip?.totals ? format(row.trip.totals.fuelL, 'volume', unitWorld, 1) : ''
      }}</template>
      <template #time="{ row }">{{ row.trip?.totals ? minutes(row.trip.totals.timeS) : '' }}</template>
    </DataTable>
    <p v-if="said.length" role="alert">{{ said.map((s) => say(s, unitWorld)).join('; ') }}</p>
    <p class="small soft">
      <button type="button" class="act csv" @click="give">Table as CSV</button>
      Worst: coolant over 5 s, pan over 2 min. Oil ages as in so many hours at
      {{ format(80, 'temperature', unitWorld, 0) }}; it lives half as long for each
      {{ format(11, 'difference', unitWorld, 0) }} above, a rule of thumb. Loud: a fan above 70 % of its top speed.
    </p>
  </div>
</template>

<style scoped>
.totals {
  margin-top: 8px;
  overflow-x: auto;
}
.totals :deep(th),
.totals :deep(td) {
  padding-right: 8px;
}
.totals :deep(td) {
  white-space: nowrap;
}
.csv {
  float: right;
  margin: 4px 0 4px 14px;
}
.own {
  color: var(--accent-ink);
}
.bad {
  color: var(--over-ink);
}
.problem {
  color: var(--over-ink);
}
</style>
