<script setup lang="ts" generic="T extends string">
/** The benches of a screen, of which one is worked at. */
defineProps<{ benches: readonly (readonly [T, string])[] }>()
const bench = defineModel<T>({ required: true })
</script>

<template>
  <nav class="benches" aria-label="Benches">
    <button
      v-for="[name, label] in benches"
      :key="name"
      type="button"
      :aria-pressed="bench === name"
      @click="bench = name"
    >
      {{ label }}
    </button>
  </nav>
</template>

<style scoped>
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
