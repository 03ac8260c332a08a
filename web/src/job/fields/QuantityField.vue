<script setup lang="ts">
import type { JobPath } from '@/job/paths'
import type { QuantityName } from '@/shared/units/units'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import OriginMark from './OriginMark.vue'
import { useField } from './useField'

/** A number of the job: every value taken is an edit that saves itself. */
const props = defineProps<{
  label: string
  path: JobPath
  quantity: QuantityName
  step?: number
  big?: boolean
  optional?: boolean
  /** What holds while the field is empty. */
  placeholder?: string
}>()

const { value, error } = useField<number>(props)
</script>

<template>
  <QuantityInput
    v-model="value"
    :data-path="path"
    :label="label"
    :quantity="quantity"
    :step="step"
    :big="big"
    :optional="optional"
    :placeholder="placeholder"
    :error="error"
    ><OriginMark :label="label" :path="path" :quantity="quantity"
  /></QuantityInput>
</template>
