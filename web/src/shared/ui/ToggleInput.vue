<script setup lang="ts">
/** Something that is so or not so; the words beside it say which. */
defineProps<{ label: string }>()
const on = defineModel<boolean>({ required: true })
</script>

<template>
  <div class="toggle" :class="{ on }">
    <el-switch v-model="on" :aria-label="label" /><span
      ><slot>{{ label }}</slot></span
    >
  </div>
</template>

<style scoped>
.toggle {
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  padding: 0 12px;
  border: 1.5px solid var(--rule);
  font: 600 16px/1.05 var(--rb-font-head);
  cursor: pointer;
}
.toggle.on {
  border-color: var(--ink);
}
.toggle:has(:focus-visible) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
.toggle :deep(.el-switch) {
  position: static;
  height: 24px;
}
/* The whole of it is the switch, for a finger as for a screen reader. */
.toggle :deep(.el-switch__input) {
  inset: 0;
  width: 100%;
  height: 100%;
  opacity: 0;
  cursor: pointer;
}
</style>
