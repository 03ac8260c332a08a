<script lang="ts">
export interface TableColumn {
  key: string
  label: string
  /** Read down the column: set to the right, head and all. */
  figure?: boolean
}
</script>

<script setup lang="ts" generic="R">
/**
 * Rows to be read, on screen and on paper: the first column names its row. A cell is the slot of its
 * column's key, or else what the row has under that key.
 */
defineProps<{
  label: string
  columns: readonly TableColumn[]
  rows: readonly R[]
  /** What a row is known by; its place where that is all there is. */
  rowKey?: (row: R) => string
  /** Without heads, where the rows explain themselves. */
  bare?: boolean
}>()
defineSlots<Record<string, (props: { row: R; index: number }) => unknown>>()
const text = (row: R, key: string) => String((row as Record<string, unknown>)[key] ?? '')
</script>

<template>
  <table class="data" :aria-label="label">
    <thead v-if="!bare">
      <tr>
        <th v-for="c in columns" :key="c.key" scope="col" :class="{ figures: c.figure }">{{ c.label }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, index) in rows" :key="rowKey ? rowKey(row) : index">
        <template v-for="(c, k) in columns" :key="c.key">
          <component
            :is="k ? 'td' : 'th'"
            :scope="k ? undefined : 'row'"
            :class="[`of-${c.key}`, { figures: c.figure }]"
          >
            <slot :name="c.key" :row="row" :index="index">{{ text(row, c.key) }}</slot>
          </component>
        </template>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.data {
  width: 100%;
  border-collapse: collapse;
  margin: 6px 0;
}
thead th {
  font: 600 15px/1.05 var(--rb-font-head);
  color: var(--ink-soft);
  text-align: left;
  vertical-align: bottom;
  padding: 0 12px 4px 0;
}
tbody th {
  font-weight: 500;
  text-align: left;
}
tbody th,
td {
  padding: 6px 12px 6px 0;
  border-top: 1px solid var(--rule-soft);
  vertical-align: baseline;
}
td {
  font: 600 18px/1.1 var(--rb-font-head);
}
.figures {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
th:last-child,
td:last-child {
  padding-right: 0;
}
@media print {
  .data {
    break-inside: avoid;
  }
  td {
    font-size: 11pt;
  }
}
</style>
