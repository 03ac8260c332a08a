<script setup lang="ts">
import { ref } from 'vue'
import { useAskedField } from '@/job/fields/fieldPlace'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import CircuitPanel from './CircuitPanel.vue'
import { useWiring } from './useWiring'

/** How what is fitted is fed and switched. */
const BENCHES = [['circuit', 'Circuit']] as const
const bench = ref<(typeof BENCHES)[number][0]>('circuit')
useAskedField()
const wiring = useWiring()
</script>

<template>
  <div class="screen">
    <BenchTabs v-model="bench" :benches="BENCHES" />
    <CircuitPanel :wiring="wiring" />
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
