<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { listText, parseList, type QuantityName, unitLabel } from '@/shared/units/units'
import { unitWorld } from '@/shared/ui/preferences'

/** Several numbers in one field, with blanks between: gear ratios, the points of a curve. Taken like one number. */
const props = defineProps<{ label: string; quantity: QuantityName; error?: string; optional?: boolean }>()
const value = defineModel<number[] | null>({ required: true })
/** True while what stands in the field is not taken. */
const bad = defineModel<boolean>('bad', { default: false })

const id = useId()
const text = ref('')
const why = ref('')
const said = computed(() => why.value || props.error || '')
const unit = computed(() => unitLabel(props.quantity, unitWorld.value))
const shown = () => listText(value.value ?? [], props.quantity, unitWorld.value)

function say(reason: string) {
  why.value = reason
  bad.value = !!reason
}
watch(
  [value, unitWorld],
  () => {
    text.value = shown()
    say('')
  },
  { immediate: true },
)

function commit() {
  say('')
  if (text.value === shown()) return
  if (props.optional && !text.value.trim()) {
    value.value = null
    return
  }
  const parsed = parseList(text.value, props.quantity, unitWorld.value, value.value ?? [])
  if (parsed.ok) value.value = parsed.values
  else say(parsed.why)
}
</script>

<template>
  <div class="field" :class="{ wrong: said }">
    <div class="top">
      <label :for="id"
        >{{ label }}<template v-if="unit">, {{ unit }}</template></label
      >
      <slot />
    </div>
    <input
      :id="id"
      v-model="text"
      :aria-invalid="!!said"
      :aria-describedby="said ? id + '-why' : undefined"
      autocomplete="off"
      spellcheck="false"
      @blur="commit"
      @keydown.enter="commit"
    />
    <p v-if="said" :id="id + '-why'" class="why" role="alert">{{ said }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  column-gap: 6px;
  /* In a row of fields a name of two lines pushes nobody out of line. */
  flex: 1;
  align-content: flex-end;
}
label {
  font-size: var(--rb-size-1);
  color: var(--ink-soft);
}
input {
  min-height: 44px;
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
