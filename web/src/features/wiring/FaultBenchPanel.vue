<script setup lang="ts">
import { ref } from 'vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import BreakBench from './BreakBench.vue'
import DrillBench from './DrillBench.vue'
import type { UseWiringReturn } from './useWiring'

/** Something is broken on purpose, or hidden to be found. */
defineProps<{ wiring: UseWiringReturn }>()
const MODES = [
  ['break', 'Break something'],
  ['drill', 'Find what is broken'],
] as const
const mode = ref<'break' | 'drill'>('break')
</script>

<template>
  <div class="faults">
    <ChoiceInput v-model="mode" label="Bench" :choices="MODES" small class="mode" />
    <BreakBench v-if="mode === 'break'" :wiring="wiring" />
    <DrillBench v-else :wiring="wiring" />
  </div>
</template>

<style scoped>
.faults {
  display: grid;
  gap: 12px;
}
.mode {
  max-width: 420px;
  background: var(--paper);
}
@media print {
  .mode {
    display: none;
  }
}
</style>
