<script setup lang="ts">
import { ref } from 'vue'
import { useAskedField } from '@/job/fields/fieldPlace'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import CutListPanel from './CutListPanel.vue'
import OilWayPanel from './OilWayPanel.vue'
import RoutesPanel from './routes/RoutesPanel.vue'

/** The oil's way as a circuit, its hoses through the front end, and what is cut and bought for them. */
const BENCHES = [
  ['way', 'The oil’s way'],
  ['routes', 'Routes'],
  ['cut', 'Cut and buy'],
] as const
const bench = ref<'way' | 'routes' | 'cut'>('way')
useAskedField((path) => {
  bench.value = /\.(bends|clips|guards)\./.test(path) ? 'routes' : 'way'
})
</script>

<template>
  <div class="screen">
    <BenchTabs v-model="bench" :benches="BENCHES" />
    <OilWayPanel v-if="bench === 'way'" />
    <RoutesPanel v-else-if="bench === 'routes'" />
    <CutListPanel v-else />
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
