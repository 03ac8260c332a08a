<script setup lang="ts">
import type { CellProblem } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** What is wrong with a file, cell by cell, as far as there is room. */
defineProps<{ problems: CellProblem[]; shown: number; more?: number }>()
</script>

<template>
  <ul class="rows">
    <li v-for="(p, k) in problems.slice(0, shown)" :key="k">
      row {{ p.row }}{{ p.column ? `, ${p.column}` : '' }}{{ p.value ? ` “${p.value}”` : '' }}:
      {{ say(p.said, unitWorld) }}
    </li>
  </ul>
  <p v-if="problems.length + (more ?? 0) > shown">and {{ problems.length + (more ?? 0) - shown }} more</p>
</template>

<style scoped>
.rows {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
