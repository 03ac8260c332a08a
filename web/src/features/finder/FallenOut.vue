<script setup lang="ts">
import { computed } from 'vue'
import type { FinderState } from '@/shared/api/types'
import { word } from '@/shared/message/say'

/** Where every set of parts went: the counts add up to those tried. */
const props = defineProps<{ state: FinderState }>()
const count = (n: number) => n.toLocaleString('en').replaceAll(',', '\u202f')
const beforehand = computed(() => props.state.refused.reduce((sum, f) => sum + f.count, 0))
</script>

<template>
  <h3>Where {{ count(state.sets) }} sets of parts went</h3>
  <ul>
    <li>
      <b>{{ count(state.unbeaten) }}</b><span>keep every limit, and none is better for less</span>
    </li>
    <li v-for="f in state.fallen" :key="f.reason">
      <b>{{ count(f.count) }}</b><span>{{ word(f.reason) }}</span>
    </li>
  </ul>
  <template v-if="beforehand">
    <h3>Parts left out beforehand</h3>
    <ul>
      <li v-for="f in state.refused" :key="f.reason">
        <b>{{ count(f.count) }}</b><span>{{ word(f.reason) }}</span>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h3 {
  margin: 12px 0 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
  font-size: 15px;
}
li {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 8px;
}
b {
  text-align: right;
  font: 600 17px/1.2 var(--rb-font-head);
}
</style>
