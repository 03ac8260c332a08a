<script setup lang="ts">
import type { OrderResult } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import DataTable from '@/shared/ui/DataTable.vue'
import { dayClock } from './dayClock'

/** The steps one under the other, with the first reason of each. */
defineProps<{ order: OrderResult; dayHours: number }>()
const emit = defineEmits<{ pick: [id: string] }>()
const COLUMNS = [
  { key: 'at', label: 'At' },
  { key: 'title', label: 'Step' },
  { key: 'takes', label: 'Takes', figure: true },
  { key: 'who', label: 'Who' },
  { key: 'why', label: 'Stands here' },
]
</script>

<template>
  <DataTable label="Steps in their order" :columns="COLUMNS" :rows="order.steps" :row-key="(s) => s.id" class="list">
    <template #at="{ row }">{{ row.start == null ? '' : dayClock(row.start, dayHours) }}</template>
    <template #title="{ row }"
      ><button type="button" class="open" @click="emit('pick', row.id)">
        {{ inText(row.title, unitWorld) }}
      </button></template
    >
    <template #takes="{ row }"
      >{{ row.hands ? time(row.hands) : '' }}{{ row.hands && row.waits ? ' + ' : ''
      }}{{ row.waits ? `${time(row.waits)} waiting` : '' }}</template
    >
    <template #who="{ row }">{{ row.lanes.map((l) => l + 1).join(' and ') || '–' }}</template>
    <template #why="{ row }">{{ row.because[0] ? say(row.because[0], unitWorld) : '' }}</template>
  </DataTable>
</template>

<style scoped>
.open {
  border: 0;
  background: none;
  padding: 8px 0;
  min-height: 44px;
  text-align: left;
  color: var(--ink);
  font: 600 17px/1.15 var(--rb-font-head);
  cursor: pointer;
}
.open:hover {
  color: var(--accent-ink);
}
</style>
