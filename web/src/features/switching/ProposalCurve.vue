<script setup lang="ts">
import { computed } from 'vue'
import type { SwitchProposal } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, roundValues, toShown } from '@/shared/units/units'

/** What was tried: how long the fan is loud against how much is to spare in nine of ten. */
const props = defineProps<{ proposal: SwitchProposal }>()
const W = 420
const H = 210
const LEFT = 50
const BOTTOM = 40
const all = computed(() => [...props.proposal.tried, ...(props.proposal.today ? [props.proposal.today] : [])])
const most = computed(() => Math.max(1, ...all.value.map((o) => o.loudS / 60)))
const span = computed(() => {
  const sure = all.value.map((o) => o.sureK)
  return [Math.min(-1, ...sure) - 1, Math.max(1, ...sure) + 1] as const
})
const x = (loudS: number) => LEFT + (loudS / 60 / most.value) * (W - LEFT - 14)
const y = (k: number) => 8 + ((span.value[1] - k) / (span.value[1] - span.value[0])) * (H - BOTTOM - 8)
const rules = computed(() => roundValues(span.value[0], span.value[1], 'difference', unitWorld.value, 4))
const minutes = computed(() => roundValues(0, most.value, 'period', unitWorld.value, 5))
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    aria-label="Loud minutes against what is to spare in nine of ten, for every setting tried"
  >
    <rect :x="LEFT" :y="y(0)" :width="W - LEFT - 14" :height="H - BOTTOM - y(0)" fill="var(--over-wash)" />
    <g v-for="v in rules" :key="`r${v}`">
      <path :d="`M${LEFT} ${y(v)}H${W - 14}`" stroke="var(--rule)" />
      <text :x="LEFT - 6" :y="y(v) + 5" text-anchor="end" class="tick">
        {{ formatNumber(toShown(v, 'difference', unitWorld), 0) }}
      </text>
    </g>
    <path :d="`M${LEFT} ${y(0)}H${W - 14}`" stroke="var(--over)" stroke-width="3" />
    <text v-for="v in minutes" :key="`m${v}`" :x="x(v * 60)" :y="H - BOTTOM + 17" text-anchor="middle" class="tick">
      {{ formatNumber(v, 0) }}
    </text>
    <text :x="(W + LEFT) / 2" :y="H - 5" text-anchor="middle" class="tick">minutes with the fan loud</text>
    <circle
      v-for="(o, i) in proposal.tried"
      :key="i"
      :cx="x(o.loudS)"
      :cy="y(o.sureK)"
      r="4"
      :fill="o.sureK >= 0 ? 'var(--accent)' : 'var(--ink-soft)'"
      opacity=".55"
    />
    <g v-if="proposal.best" :transform="`translate(${x(proposal.best.loudS)} ${y(proposal.best.sureK)})`">
      <circle r="9" fill="none" stroke="var(--accent-ink)" stroke-width="3" />
      <text x="13" y="-6" class="head mark">{{ format(proposal.best.onC, 'temperature', unitWorld, 0) }}</text>
    </g>
    <g v-if="proposal.today" :transform="`translate(${x(proposal.today.loudS)} ${y(proposal.today.sureK)})`">
      <path d="M-8 -8L8 8M8 -8L-8 8" stroke="var(--ink)" stroke-width="3.5" />
      <text x="-11" y="18" text-anchor="end" class="head mark">today</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.tick {
  font-size: 14px;
}
.mark {
  font-size: 17px;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
</style>
