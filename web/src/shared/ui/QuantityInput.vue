<script setup lang="ts">
import { computed, nextTick, ref, useId, watch } from 'vue'
import { editText, parse, type QuantityName } from '@/shared/units/units'
import { unitWorld } from '@/shared/ui/preferences'

/** A number with any sensible unit. Taken on Enter or when left; a bad text stays to be mended. */
const props = defineProps<{
  label: string
  quantity: QuantityName
  error?: string
  step?: number
  big?: boolean
  optional?: boolean
  placeholder?: string
}>()
const value = defineModel<number | null>({ required: true })
/** True while what stands in the field is not taken. */
const bad = defineModel<boolean>('bad', { default: false })

const id = useId()
const text = ref('')
const why = ref('')
const editing = ref(false)
const shown = () => (value.value == null ? '' : editText(value.value, props.quantity, unitWorld.value))
const said = computed(() => why.value || props.error || '')

function say(reason: string) {
  why.value = reason
  bad.value = !!reason
}
watch(
  [value, unitWorld],
  () => {
    if (!editing.value || !why.value) {
      text.value = shown()
      say('')
    }
  },
  { immediate: true },
)

function commit() {
  editing.value = false
  if (text.value === shown()) {
    say('')
    return
  }
  if (props.optional && !text.value.trim()) {
    say('')
    value.value = null
    return
  }
  const parsed = parse(text.value, props.quantity, unitWorld.value)
  say(parsed.ok ? '' : parsed.why)
  if (!parsed.ok) return
  value.value = parsed.value
  text.value = editText(parsed.value, props.quantity, unitWorld.value)
}

function take(event: Event) {
  commit()
  ;(event.target as HTMLInputElement).select()
}

/** As it was before the typing, and the field keeps the focus; with nothing to put back the field is left. */
function leave(event: Event) {
  const field = event.target as HTMLInputElement
  if (text.value === shown()) {
    field.blur()
    return
  }
  text.value = shown()
  say('')
  void nextTick(() => field.select())
}

function nudge(event: Event, direction: number) {
  if (!props.step || value.value == null) return
  event.preventDefault()
  value.value = Number((value.value + direction * props.step).toFixed(6))
}
</script>

<template>
  <div class="field" :class="{ big, wrong: said }">
    <div class="top">
      <label :for="id">{{ label }}</label>
      <slot />
    </div>
    <el-input
      :id="id"
      v-model="text"
      :placeholder="placeholder"
      :aria-invalid="!!said"
      :aria-describedby="said ? id + '-why' : undefined"
      autocomplete="off"
      spellcheck="false"
      @focus="editing = true"
      @blur="commit"
      @keydown.enter="take"
      @keydown.escape="leave"
      @keydown.up="nudge($event, 1)"
      @keydown.down="nudge($event, -1)"
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
.big :deep(.el-input__inner) {
  font: 600 24px/1.2 var(--rb-font-head);
}
.big :deep(.el-input__wrapper) {
  min-height: 46px;
}
.why {
  margin: 2px 0 0;
  color: var(--over-ink);
  font-size: 13px;
  line-height: 1.25;
}
.wrong :deep(.el-input__wrapper) {
  box-shadow: 0 0 0 2px var(--over) inset;
}
</style>
