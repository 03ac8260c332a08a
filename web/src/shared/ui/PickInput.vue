<script setup lang="ts" generic="T extends string">
/** One of several, under its name: too many to be all in sight. */
defineProps<{
  label: string
  choices: readonly (readonly [T, string])[]
  placeholder?: string
  /** Whether typing narrows the choices, for a long list. */
  filterable?: boolean
}>()
const value = defineModel<T | undefined>({ required: true })
</script>

<template>
  <div class="pick">
    <span class="small soft" aria-hidden="true">{{ label }}</span>
    <el-select v-model="value" :aria-label="label" :placeholder="placeholder ?? 'none'" :filterable="filterable">
      <el-option v-for="[choice, words] in choices" :key="choice" :value="choice" :label="words" />
    </el-select>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.pick :deep(.el-select__wrapper) {
  min-height: 44px;
}
</style>
