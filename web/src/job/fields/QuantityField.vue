<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { type JobPath, valueAt } from '@/job/paths'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import type { QuantityName } from '@/shared/units/units'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** A number of the job: every value taken is an edit that saves itself. */
const props = defineProps<{
  label: string
  path: JobPath
  quantity: QuantityName
  step?: number
  big?: boolean
  optional?: boolean
}>()

const job = useJob()
const value = computed({
  get: () => (valueAt(job.content, props.path) as number | null | undefined) ?? null,
  set: (v) => job.edit(props.path, v),
})
const error = computed(() => {
  const said = job.fields[props.path]
  return said && say(said, unitWorld.value)
})
</script>

<template>
  <QuantityInput
    v-model="value"
    :label="label"
    :quantity="quantity"
    :step="step"
    :big="big"
    :optional="optional"
    :error="error"
  />
</template>
