<script setup lang="ts">
import { nextTick } from 'vue'
import { useAskedField } from '@/job/fields/fieldPlace'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import BracketBench from './brackets/BracketBench.vue'
import { bench } from './bench'
import FanBench from './fan/FanBench.vue'
import RadiatorBench from './radiator/RadiatorBench.vue'
import PhotoBench from './photo/PhotoBench.vue'
import SpacePanel from './space/SpacePanel.vue'
import { pick } from './space/state'

/** Where it sits and how it is held: one bench after the other. */
const BENCHES = [
  ['space', 'Front end'],
  ['photo', 'Photograph'],
  ['brackets', 'Brackets'],
  ['fan', 'Fan and shroud'],
  ['radiator', 'Radiator'],
] as const
useAskedField((path) => {
  bench.value = /\.mounting\.radiator|^nose\.radiator/.test(path)
    ? 'radiator'
    : path.includes('.mounting')
      ? 'brackets'
      : path.startsWith('nose.photos')
        ? 'photo'
        : /fanRoom|\.seat/.test(path)
          ? 'fan'
          : 'space'
  const [, list, id] = path.split('.')
  if (list === 'solids' || list === 'holes') void nextTick(() => pick(`${list === 'solids' ? 'solid' : 'hole'}/${id}`))
})
</script>

<template>
  <div class="mounting">
    <BenchTabs v-model="bench" :benches="BENCHES" />
    <SpacePanel v-if="bench === 'space'" />
    <PhotoBench v-else-if="bench === 'photo'" />
    <BracketBench v-else-if="bench === 'brackets'" />
    <FanBench v-else-if="bench === 'fan'" />
    <RadiatorBench v-else />
  </div>
</template>

<style scoped>
.mounting {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 4px 14px 14px;
  flex: 1;
}
</style>
