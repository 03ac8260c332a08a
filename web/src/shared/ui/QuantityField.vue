<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useJob } from '@/job/store'
import { valueAt } from '@/job/changes'
import { editText, parse, type QuantityName, restate } from '@/shared/units/units'
import { unitWorld } from '@/shared/ui/preferences'

/** A number of the job with any sensible unit. Saves on Enter or when left; a bad text stays to be mended. */
const props = defineProps<{ label: string; path: string; quantity: QuantityName; step?: number; big?: boolean; origin?: string; optional?: boolean }>()

const job = useJob()
const id = useId()
const text = ref('')
const why = ref('')
const editing = ref(false)
const value = computed(() => valueAt(job.content, props.path.split('.')) as number | null | undefined)
const error = computed(() => why.value || job.fieldErrors[props.path] || '')

const shown = () => (value.value == null ? '' : editText(value.value, props.quantity, unitWorld.value))

watch([value, unitWorld], () => {
  if (!editing.value || !why.value) {
    text.value = shown()
    why.value = ''
  }
}, { immediate: true })

function commit() {
  editing.value = false
  if (text.value === shown()) {
    why.value = ''
    return
  }
  if (props.optional && !text.value.trim()) {
    why.value = ''
    job.edit(props.path, null, props.origin)
    return
  }
  const parsed = parse(text.value, props.quantity, unitWorld.value)
  if (!parsed.ok) {
    why.value = parsed.why
    return
  }
  why.value = ''
  job.edit(props.path, parsed.value, props.origin)
  text.value = shown()
}

function nudge(event: Event, direction: number) {
  if (!props.step || value.value == null) return
  event.preventDefault()
  job.edit(props.path, Number((value.value + direction * props.step).toFixed(6)), props.origin)
}
</script>

<template>
  <div class="field" :class="{ big, wrong: error }">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      :aria-invalid="!!error"
      :aria-describedby="error ? id + '-why' : undefined"
      autocomplete="off"
      spellcheck="false"
      @focus="editing = true"
      @blur="commit"
      @keydown.enter="commit(); ($event.target as HTMLInputElement).select()"
      @keydown.escape="text = shown(); why = ''; ($event.target as HTMLInputElement).blur()"
      @keydown.up="nudge($event, 1)"
      @keydown.down="nudge($event, -1)"
    />
    <p v-if="error" :id="id + '-why'" class="why" role="alert">{{ restate(error, unitWorld) }}</p>
  </div>
</template>

<style scoped>
.field { display: flex; flex-direction: column; gap: 2px; min-width: 0; }
label { font-size: var(--rb-size-1); color: var(--ink-soft); }
.big :deep(.el-input__inner) { font: 600 24px/1.2 var(--rb-font-head); }
.big :deep(.el-input__wrapper) { min-height: 46px; }
.why { margin: 2px 0 0; color: var(--over-ink); font-size: 13px; line-height: 1.25; }
.wrong :deep(.el-input__wrapper) { box-shadow: 0 0 0 2px var(--over) inset; }
</style>
