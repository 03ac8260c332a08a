<script setup lang="ts">
import { computed } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { Against } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { money } from '@/shared/ui/yard'
import { format, formatNumber } from '@/shared/units/units'

/** One build against another in one line: what it buys and what it costs. */
const props = defineProps<{ build: string; other: string }>()
const job = useJob()
const { result, problem, older } = useComputed<Against>(
  '/api/compute/against',
  () => job.content && !job.dragging && { job: job.content, build: props.build, other: props.other },
)
const name = (id: string) => job.content.builds.find((b) => b.id === id)?.name ?? ''
const signed = (v: number, quantity: 'difference' | 'current') =>
  (v > 0 ? '+' : '') + format(v, quantity, unitWorld.value, quantity === 'current' ? 0 : 1)
const says = computed(() => {
  const a = result.value
  if (!a) return []
  const figures = (
    [
      ['coolant', a.coolantK],
      ['oil feed', a.feedK],
      ['oil pan', a.panK],
    ] as const
  ).map(([what, k]) => (k == null ? `${what}: no steady state to compare` : `${signed(k, 'difference')} ${what}`))
  const air =
    a.otherAirAtIdle > 0.001
      ? `${formatNumber(a.airAtIdle / a.otherAirAtIdle, 1)} × the air standing at idle`
      : `${format(a.airAtIdle, 'airflow', unitWorld.value)} of air standing at idle`
  return [
    ...figures,
    air,
    ...(Math.abs(a.amps) >= 0.5 ? [`${signed(a.amps, 'current')} for its fans`] : []),
    ...(Math.abs(a.price) >= 0.5 ? [`${money(Math.abs(a.price))} ${a.price > 0 ? 'more' : 'less'} in parts`] : []),
  ]
})
</script>

<template>
  <p class="versus" :class="{ older }" data-against>
    <b>{{ name(build) }} against {{ name(other) }}:</b>
    <template v-if="problem">{{ problem }}</template>
    <template v-else-if="!result">working it out …</template>
    <span v-for="s in says" v-else :key="s">{{ s }}</span>
  </p>
</template>

<style scoped>
.versus {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  border-left: 4px solid var(--ink);
  padding: 6px 12px;
  font: 600 17px/1.3 var(--rb-font-head);
}
.older {
  opacity: 0.5;
}
</style>
