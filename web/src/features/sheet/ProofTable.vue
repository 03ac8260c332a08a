<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { useDriving } from '@/job/driving'
import { useShownGauges } from '@/job/shownGauges'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import DataTable from '@/shared/ui/DataTable.vue'

/** What the road should show, with room for what it did: filled in by hand. */
const job = useJob()
const t = (v: number, digits?: number) => format(v, 'temperature', unitWorld.value, digits)
const driving = useDriving()
const shown = useShownGauges(() => driving.hasRoad)
const rows = computed(() => {
  const { journey, ambientC, speedKmh } = job.content.haul
  return [
    ...(journey
      ? [{ what: 'Ambient, hottest of the day', predicted: t(journey.hottestC, 0) }]
      : [
          { what: 'Ambient', predicted: t(ambientC, 0) },
          { what: 'Speed held', predicted: format(speedKmh, 'speed', unitWorld.value) },
        ]),
    ...shown.value.map(({ label, gauge, at }) => ({
      what: `${label}, ${at ? `highest, at ${at}` : 'settled'}`,
      predicted: [t(gauge.peakC), gauge.bandK !== null && `± ${format(gauge.bandK, 'difference', unitWorld.value, 1)}`]
        .filter(Boolean)
        .join(' '),
    })),
  ]
})
const columns = computed(() => [
  { key: 'what', label: `On ${job.content.haul.journey?.name ?? job.content.haul.road}` },
  { key: 'predicted', label: 'predicted' },
  { key: 'measured', label: 'measured' },
  { key: 'by', label: 'by whom, with what, when' },
])
</script>

<template>
  <DataTable label="Proof" :columns="columns" :rows="rows" :row-key="(r) => r.what" class="proof" data-proof />
</template>

<style scoped>
.proof :deep(td),
.proof :deep(tbody th) {
  border: 1px solid var(--rule);
  padding: 8px;
  height: 36px;
}
.proof :deep(.of-measured) {
  min-width: 110px;
}
.proof :deep(.of-by) {
  width: 38%;
}
</style>
