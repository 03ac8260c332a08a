<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import DataTable from '@/shared/ui/DataTable.vue'

/** What limits this build, in words and by what a tenth more of each thing would buy. */
const job = useJob()
const names: Record<string, string> = {
  AIR: '10 % more air',
  CORE: '10 % better cores',
  OIL_FLOW: '10 % more oil flow',
  MASS: '10 % less mass',
  SPEED: '10 % slower',
  SLIP: '10 % less slip heat',
  PREHEAT: '10 % less heat in front',
}
const COLUMNS = [
  { key: 'kind', label: 'What it would buy' },
  { key: 'bar', label: '' },
  { key: 'coolantK', label: 'coolant', figure: true },
  { key: 'panK', label: 'pan', figure: true },
]
const levers = computed(() => [...(job.detail?.levers ?? [])].sort((a, b) => a.coolantK - b.coolantK))
const most = computed(() => Math.max(0.5, ...levers.value.map((l) => Math.abs(l.coolantK))))
const d = (k: number) => (k > 0.05 ? '+' : '') + format(k, 'difference', unitWorld.value, 1)
</script>

<template>
  <div>
    <ul class="advice">
      <li v-for="a in job.detail?.advice ?? []" :key="a.code">{{ say(a, unitWorld) }}</li>
    </ul>
    <DataTable
      v-if="levers.length"
      label="What it would buy"
      :columns="COLUMNS"
      :rows="levers"
      :row-key="(l) => l.kind"
      class="levers"
    >
      <template #kind="{ row }">{{ names[row.kind] }}</template>
      <template #bar="{ row }"
        ><i :style="{ width: (100 * Math.abs(row.coolantK)) / most + '%' }" :class="{ wrong: row.coolantK > 0.05 }"></i
      ></template>
      <template #coolantK="{ row }">{{ d(row.coolantK) }}</template>
      <template #panK="{ row }">{{ d(row.panK) }}</template>
    </DataTable>
    <ul class="warnings small">
      <li v-for="x in job.detail?.balance?.warnings ?? []" :key="x.code">{{ say(x, unitWorld) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.advice {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 7px;
  font-size: 16px;
}
.advice li {
  border-left: 4px solid var(--rule);
  padding-left: 10px;
}
.levers :deep(th),
.levers :deep(td) {
  white-space: nowrap;
}
.levers :deep(.of-bar) {
  width: 30%;
}
.levers i {
  display: block;
  height: 10px;
  background: var(--accent);
}
.levers i.wrong {
  background: var(--ink-soft);
}
.warnings {
  margin: 10px 0 0;
  padding-left: 18px;
  color: var(--ink-soft);
}
</style>
