<script setup lang="ts">
import type { JobPath } from '@/job/paths'
import ListInput from '@/shared/ui/ListInput.vue'
import type { QuantityName } from '@/shared/units/units'
import OriginMark from './OriginMark.vue'
import { useField } from './useField'

/** Several numbers of the job: every list taken is an edit that saves itself. */
const props = defineProps<{ label: string; path: JobPath; quantity: QuantityName; optional?: boolean }>()
const { value, error } = useField<number[]>(props)
</script>

<template>
  <ListInput v-model="value" :data-path="path" :label="label" :quantity="quantity" :optional="optional" :error="error"
    ><OriginMark :label="label" :path="path" :quantity="quantity"
  /></ListInput>
</template>
