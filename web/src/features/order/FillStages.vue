<script setup lang="ts">
import type { StageSaid } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** Stages of filling, in their order. */
defineProps<{ stages: readonly StageSaid[] }>()
</script>

<template>
  <ol class="stages">
    <li v-for="(s, i) in stages" :key="i">
      {{ say(s.said, unitWorld) }}<b v-if="s.holdMinutes"> · watch it {{ s.holdMinutes }} min</b>
    </li>
  </ol>
</template>

<style scoped>
.stages {
  margin: 0;
  padding-left: 24px;
  display: grid;
  gap: 4px;
}
b {
  white-space: nowrap;
  color: var(--accent-ink);
}
</style>
