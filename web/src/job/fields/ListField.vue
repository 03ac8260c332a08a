<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { type JobPath, valueAt } from '@/job/paths'
import { say } from '@/shared/message/say'
import { useJob } from '@/job/useJob'
import { listText, parseList, type QuantityName, unitLabel } from '@/shared/units/units'
import { unitWorld } from '@/shared/ui/preferences'

/** Several numbers of the job in one field, with blanks between: gear ratios, the points of a curve. */
const props = defineProps<{ label: string; path: JobPath; quantity: QuantityName; optional?: boolean }>()
const job = useJob()
const id = useId()
const text = ref('')
const why = ref('')
const value = computed(() => (valueAt(job.content, props.path) as number[] | null | undefined) ?? [])
const error = computed(() => why.value || (job.fields[props.path] ? say(job.fields[props.path]!, unitWorld.value) : ''))
const unit = computed(() => unitLabel(props.quantity, unitWorld.value))
const shown = () => listText(value.value, props.quantity, unitWorld.value)
watch(
  [value, unitWorld],
  () => {
    text.value = shown()
    why.value = ''
  },
  { immediate: true },
)

function commit() {
  why.value = ''
  if (text.value === shown()) return
  if (props.optional && !text.value.trim()) {
    job.edit(props.path, null)
    return
  }
  const parsed = parseList(text.value, props.quantity, unitWorld.value)
  if (parsed.ok) job.edit(props.path, parsed.values)
  else why.value = parsed.why
}
</script>

<template>
  <div class="field" :class="{ wrong: error }">
    <label :for="id"
      >{{ label }}<template v-if="unit">, {{ unit }}</template></label
    >
    <input
      :id="id"
      v-model="text"
      :aria-invalid="!!error"
      :aria-describedby="error ? id + '-why' : undefined"
      autocomplete="off"
      spellcheck="false"
      @blur="commit"
      @keydown.enter="commit"
    />
    <p v-if="error" :id="id + '-why'" class="why" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
label {
  font-size: var(--rb-size-1);
  color: var(--ink-soft);
}
input {
  min-height: 40px;
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 500 16px/1 var(--rb-font-text);
  padding: 0 10px;
  width: 100%;
  font-variant-numeric: tabular-nums;
}
.wrong input {
  border: 2px solid var(--over);
}
.why {
  color: var(--over-ink);
  font-size: 13px;
  line-height: 1.25;
}
</style>
