<script setup lang="ts">
import { nextTick } from 'vue'
import { useAskedField } from '@/job/fields/fieldPlace'
import BracketBench from './brackets/BracketBench.vue'
import { bench } from './bench'
import SpacePanel from './space/SpacePanel.vue'
import { pick } from './space/state'

/** Where it sits and how it is held: one bench after the other. */
const BENCHES = [
  ['space', 'Front end'],
  ['brackets', 'Brackets'],
] as const
useAskedField((path) => {
  bench.value = path.includes('.mounting') ? 'brackets' : 'space'
  const [, list, id] = path.split('.')
  if (list === 'solids' || list === 'holes') void nextTick(() => pick(`${list === 'solids' ? 'solid' : 'hole'}/${id}`))
})
</script>

<template>
  <div class="mounting">
    <nav class="benches" aria-label="Benches">
      <button
        v-for="[name, label] in BENCHES"
        :key="name"
        type="button"
        :aria-pressed="bench === name"
        @click="bench = name"
      >
        {{ label }}
      </button>
    </nav>
    <SpacePanel v-if="bench === 'space'" />
    <BracketBench v-else />
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
.benches {
  display: flex;
  gap: 4px;
  border-bottom: 1.5px solid var(--ink);
}
.benches button {
  min-height: 44px;
  padding: 0 16px;
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
  color: var(--ink-soft);
  font: 600 18px/1 var(--rb-font-head);
  cursor: pointer;
}
.benches button[aria-pressed='true'] {
  color: var(--ink);
  border-bottom-color: var(--accent);
}
</style>
