<script setup lang="ts">
/** A part of the bay that lies over the step, from the left or the right, between head and foot. */
defineProps<{ label: string; left?: boolean }>()
</script>

<template>
  <section class="panel" :class="{ left }" :aria-label="label"><slot /></section>
</template>

<style scoped>
.panel {
  position: absolute;
  inset: 58px 0 92px auto;
  width: min(640px, 92vw);
  background: var(--paper);
  border-left: 4px solid var(--accent);
  overflow-y: auto;
  z-index: 5;
  padding: 14px 18px;
  display: grid;
  gap: 12px;
  align-content: start;
}
.panel.left {
  inset: 58px auto 92px 0;
  border-left: 0;
  border-right: 4px solid var(--accent);
  padding: 0;
}
.panel :deep(h2) {
  font: 600 24px/1 var(--rb-font-head);
}
.panel :deep(ul),
.panel :deep(ol) {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
