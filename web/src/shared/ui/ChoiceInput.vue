<script setup lang="ts" generic="T extends string | number | boolean">
/** One of a few, all in sight. Arrow keys walk them. */
defineProps<{ label: string; choices: readonly (readonly [T, string])[]; small?: boolean }>()
const value = defineModel<T | undefined>({ required: true })
</script>

<template>
  <el-radio-group v-model="value" class="choice" :class="{ tight: small }" :aria-label="label">
    <el-radio-button v-for="[choice, words] in choices" :key="String(choice)" :value="choice">{{
      words
    }}</el-radio-button>
  </el-radio-group>
</template>

<style scoped>
.choice {
  display: flex;
  border: 1.5px solid var(--ink);
}
.choice :deep(.el-radio-button) {
  flex: 1;
  position: relative;
  min-width: 0;
}
.choice :deep(.el-radio-button + .el-radio-button) {
  border-left: 1.5px solid var(--ink);
}
.choice :deep(.el-radio-button__inner) {
  display: grid;
  place-items: center;
  width: 100%;
  height: 100%;
  min-height: 44px;
  padding: 0 6px;
  border: 0;
  box-shadow: none !important;
  background: transparent;
  color: inherit;
  font: 600 16px/1.05 var(--rb-font-head);
  text-align: center;
  white-space: normal;
}
.choice.tight :deep(.el-radio-button__inner) {
  font-size: 15px;
  padding: 0 9px;
}
.choice :deep(.el-radio-button.is-active .el-radio-button__original-radio + .el-radio-button__inner) {
  background: var(--ink) !important;
  color: var(--paper) !important;
}
/* The radio itself lies over its words: it is what a pointer and a screen reader meet. */
.choice :deep(.el-radio-button__original-radio) {
  inset: 0;
  width: 100%;
  height: 100%;
  margin: 0;
  opacity: 0;
  z-index: 1;
  cursor: pointer;
}
.choice :deep(.el-radio-button:has(:focus-visible)) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
  z-index: 1;
}
</style>
