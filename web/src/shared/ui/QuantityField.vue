<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/store'
import { valueAt } from '@/job/changes'
import type { QuantityName } from '@/shared/units/units'
import QuantityInput from './QuantityInput.vue'

/** A number of the job: every value taken is an edit that saves itself. */
const props = defineProps<{ label: string; path: string; quantity: QuantityName; step?: number; big?: boolean; origin?: string; optional?: boolean }>()

const job = useJob()
const value = computed({
  get: () => (valueAt(job.content, props.path.split('.')) as number | null | undefined) ?? null,
  set: (v) => job.edit(props.path, v, props.origin),
})
</script>

<template>
  <QuantityInput v-model="value" :label="label" :quantity="quantity" :step="step" :big="big" :optional="optional" :error="job.fieldErrors[path]" />
</template>
