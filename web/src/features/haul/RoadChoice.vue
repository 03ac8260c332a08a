<script setup lang="ts">
import { onScopeDispose, shallowRef } from 'vue'
import { same } from '@/job/paths'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import type { Road } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The yard's own roads: one click takes a road with its day and its worst stretch. */
const job = useJob()
const roads = shallowRef<Road[]>([])
let retry = 0
async function load() {
  try {
    roads.value = await api.get<Road[]>('/api/roads')
  } catch {
    retry = window.setTimeout(load, 2000)
  }
}
void load()
onScopeDispose(() => clearTimeout(retry))
</script>

<template>
  <div class="roads" role="group" aria-label="Roads of the yard">
    <button
      v-for="r in roads"
      :key="r.haul.road"
      type="button"
      :aria-pressed="same(r.haul, job.content.haul)"
      @click="job.edit('haul', r.haul)"
    >
      <b>{{ r.haul.road }}</b>
      <span class="small"
        >{{ format(r.haul.gradePercent, 'percent', unitWorld) }} · {{ format(r.haul.speedKmh, 'speed', unitWorld) }} ·
        {{ format(r.haul.ambientC, 'temperature', unitWorld, 0) }}</span
      >
    </button>
  </div>
</template>

<style scoped>
.roads {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 6px;
  margin-top: 4px;
}
.roads button {
  display: flex;
  flex-direction: column;
  gap: 1px;
  padding: 9px 12px;
  border: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.roads b {
  font: 600 17px/1.1 var(--rb-font-head);
}
.roads button[aria-pressed='true'] {
  background: var(--accent-wash);
  border-color: var(--accent);
}
</style>
