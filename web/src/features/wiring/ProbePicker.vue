<script setup lang="ts">
import { computed } from 'vue'
import { useShelf } from '@/features/parts/useShelf'
import type { DeviceWiring, SensorAdapterPart, SensorPart, WiredDevice } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import PickInput from '@/shared/ui/PickInput.vue'
import { format } from '@/shared/units/units'

/** What feels a temperature, and what holds it in its hose. */
const props = defineProps<{ device: WiredDevice; wiring: DeviceWiring }>()
const emit = defineEmits<{ change: [change: Partial<DeviceWiring>] }>()
const probes = useShelf<SensorPart>('sensors')
const adapters = useShelf<SensorAdapterPart>('sensor-adapters')
const NONE = ''
const choices = (parts: readonly { code: string; name: string }[]) => [
  [NONE, 'not chosen yet'] as const,
  ...parts.map((p) => [p.code, p.name] as const),
]
/** What is chosen stands in the job, whether or not the shelf still has it. */
const withChosen = <P extends { code: string }>(shelf: P[], chosen: P | null | undefined) =>
  chosen && !shelf.some((p) => p.code === chosen.code) ? [...shelf, chosen] : shelf
const readers = computed(() =>
  withChosen(
    probes.value.filter((p) => p.measures === 'COOLANT' || p.measures === 'OIL'),
    props.wiring.probe,
  ),
)
const holders = computed(() => withChosen(adapters.value, props.wiring.adapter))
const bore = computed(() => props.device.probe?.boreMm)
</script>

<template>
  <div class="probe">
    <PickInput
      :model-value="wiring.probe?.code ?? NONE"
      label="Feels by"
      :choices="choices(readers)"
      filterable
      @update:model-value="(code) => emit('change', { probe: readers.find((p) => p.code === code) ?? null })"
    />
    <PickInput
      v-if="device.probe?.inHose"
      :model-value="wiring.adapter?.code ?? NONE"
      :label="bore == null ? 'Held by' : `Held in ${format(bore / 1000, 'size', unitWorld, 1)} of hose by`"
      :choices="choices(holders)"
      filterable
      @update:model-value="(code) => emit('change', { adapter: holders.find((a) => a.code === code) ?? null })"
    />
  </div>
</template>

<style scoped>
.probe {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 8px;
}
</style>
