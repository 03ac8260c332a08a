<script setup lang="ts" generic="T extends string">
/** Several of a long list, under their names. */
defineProps<{ label: string; choices: readonly (readonly [T, string])[]; create?: boolean }>()
const value = defineModel<T[]>({ required: true })
</script>

<template>
  <div class="many">
    <span class="small soft" aria-hidden="true">{{ label }}</span>
    <el-select
      v-model="value"
      multiple
      filterable
      :allow-create="create"
      default-first-option
      :aria-label="label"
      placeholder="none"
    >
      <el-option v-for="[choice, words] in choices" :key="choice" :value="choice" :label="words" />
    </el-select>
  </div>
</template>

<style scoped>
.many {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.many :deep(.el-tag) {
  height: 30px;
  background: var(--ground);
  border-color: var(--rule);
  color: var(--ink);
  font: 500 15px/1 var(--rb-font-head);
}
.many :deep(.el-tag .el-icon) {
  color: var(--ink);
}
.many :deep(.el-select__wrapper) {
  min-height: 44px;
}
</style>
