<script setup lang="ts">
import { ref } from 'vue'
import { useAskedField } from '@/job/fields/fieldPlace'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import CircuitPanel from './CircuitPanel.vue'
import FaultBenchPanel from './FaultBenchPanel.vue'
import WaysPanel from './WaysPanel.vue'
import WiresPanel from './WiresPanel.vue'
import { useWiring } from './useWiring'

/** How what is fitted is fed and switched: as a circuit, as wires to be cut, and when something breaks. */
const BENCHES = [
  ['circuit', 'Circuit'],
  ['ways', 'Ways of the loom'],
  ['wires', 'Wires and box'],
  ['faults', 'Fault bench'],
] as const
const bench = ref<(typeof BENCHES)[number][0]>('circuit')
useAskedField((path) => {
  bench.value = /\.wiring\.ways/.test(path) ? 'ways' : /\.wiring\.(wires|guards|box)/.test(path) ? 'wires' : 'circuit'
})
const wiring = useWiring()
</script>

<template>
  <div class="screen">
    <BenchTabs v-model="bench" :benches="BENCHES" />
    <CircuitPanel v-if="bench === 'circuit'" :wiring="wiring" />
    <WaysPanel v-else-if="bench === 'ways'" :wiring="wiring" />
    <WiresPanel v-else-if="bench === 'wires'" :wiring="wiring" />
    <FaultBenchPanel v-else :wiring="wiring" />
  </div>
</template>

<style scoped>
.screen {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 4px 14px 14px;
  flex: 1;
}
</style>
