<script setup lang="ts" generic="T extends string | number | boolean">
/** One of a few, all in sight. */
defineProps<{ label: string; choices: readonly (readonly [T, string])[] }>()
const value = defineModel<T | undefined>({ required: true })
</script>

<template>
  <div class="choice" role="radiogroup" :aria-label="label">
    <button
      v-for="[choice, words] in choices"
      :key="String(choice)"
      type="button"
      role="radio"
      :aria-checked="value === choice"
      @click="value = choice"
    >
      {{ words }}
    </button>
  </div>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  border: 1.5px solid var(--ink);
}
button {
  flex: 1;
  min-height: 42px;
  padding: 0 4px;
  border: 0;
  border-left: 1.5px solid var(--ink);
  background: transparent;
  color: inherit;
  font: 600 16px/1.05 var(--rb-font-head);
  cursor: pointer;
}
button:first-child {
  border-left: 0;
}
button[aria-checked='true'] {
  background: var(--ink);
  color: var(--paper);
}
</style>
