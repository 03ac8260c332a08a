<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { valueAt } from '@/job/changes'
import { useJob } from '@/job/store'

/** Several numbers in one field, with blanks between: gear ratios, the points of a curve. */
const props = defineProps<{ label: string; path: string; unit?: string; optional?: boolean }>()
const job = useJob()
const id = useId()
const text = ref('')
const why = ref('')
const value = computed(() => (valueAt(job.content, props.path.split('.')) as number[] | null | undefined) ?? [])
const error = computed(() => why.value || job.fieldErrors[props.path] || '')
watch(value, (v) => {
  text.value = v.join('  ')
  why.value = ''
}, { immediate: true })

function commit() {
  const parts = text.value.trim().split(/[\s;]+/).filter(Boolean)
  const numbers = parts.map((p) => Number(p.replace(',', '.')))
  const wrong = parts.find((_, i) => !Number.isFinite(numbers[i]))
  if (wrong !== undefined) {
    why.value = `“${wrong}” is not a number.`
    return
  }
  if (!numbers.length && !props.optional) {
    why.value = 'Enter at least one number.'
    return
  }
  why.value = ''
  job.edit(props.path, numbers.length ? numbers : null)
}
</script>

<template>
  <div class="field" :class="{ wrong: error }">
    <label :for="id">{{ label }}<template v-if="unit">, {{ unit }}</template></label>
    <input :id="id" v-model="text" :aria-invalid="!!error" :aria-describedby="error ? id + '-why' : undefined" autocomplete="off" spellcheck="false" @blur="commit" @keydown.enter="commit" />
    <p v-if="error" :id="id + '-why'" class="why" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.field { display: flex; flex-direction: column; gap: 2px; min-width: 0; }
label { font-size: var(--rb-size-1); color: var(--ink-soft); }
input { min-height: 40px; border: 1px solid var(--rule); background: var(--paper); color: var(--ink); font: 500 16px/1 var(--rb-font-text); padding: 0 10px; width: 100%; font-variant-numeric: tabular-nums; }
.wrong input { border: 2px solid var(--over); }
.why { color: var(--over-ink); font-size: 13px; line-height: 1.25; }
</style>
