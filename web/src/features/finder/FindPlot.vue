<script setup lang="ts">
import { computed } from 'vue'
import type { FinderPick } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { money } from '@/shared/ui/yard'
import { format, roundValues } from '@/shared/units/units'

/** Headroom against cost, hours as the size of the mark. */
const props = defineProps<{ picks: FinderPick[] }>()
const lit = defineModel<number | null>('lit', { required: true })

const W = 480
const H = 330
const box = { left: 84, top: 16, right: W - 20, bottom: H - 56 }
const signed = (v: number) => (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 1)
const plot = computed(() => {
  const costs = props.picks.map((p) => p.cost)
  const rooms = props.picks.map((p) => p.headroomK)
  const high = Math.max(4, ...rooms) + 2
  const low = Math.min(-2, ...rooms) - 2
  const most = Math.max(100, ...costs) * 1.08
  const x = (c: number) => box.left + (c / most) * (box.right - box.left)
  const y = (r: number) => box.bottom - ((r - low) / (high - low)) * (box.bottom - box.top)
  const path = [...props.picks].sort((a, b) => a.cost - b.cost)
  return {
    x,
    y,
    ticks: roundValues(low, high, 'difference', unitWorld.value, 4),
    costTicks: roundValues(0, most, 'count', unitWorld.value, 4),
    zero: y(0),
    line: 'M' + path.map((p) => `${x(p.cost).toFixed(1)} ${y(p.headroomK).toFixed(1)}`).join('L'),
  }
})
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Headroom against cost">
    <rect
      :x="box.left"
      :y="box.top"
      :width="box.right - box.left"
      :height="Math.max(0, plot.zero - box.top)"
      fill="var(--accent-wash)"
      opacity=".6"
    />
    <rect
      :x="box.left"
      :y="plot.zero"
      :width="box.right - box.left"
      :height="Math.max(0, box.bottom - plot.zero)"
      fill="var(--over-wash)"
      opacity=".6"
    />
    <path :d="`M${box.left} ${plot.zero}H${box.right}`" stroke="var(--over)" stroke-width="3" />
    <text v-for="t in plot.ticks" :key="t" :x="box.left - 8" :y="plot.y(t) + 5" text-anchor="end" class="tick">
      {{ signed(t) }}
    </text>
    <g v-for="t in plot.costTicks" :key="'c' + t">
      <path :d="`M${plot.x(t)} ${box.bottom}v5`" stroke="var(--ink)" />
      <text :x="plot.x(t)" :y="H - 30" text-anchor="middle" class="tick">{{ money(t) }}</text>
    </g>
    <text :x="(box.left + box.right) / 2" :y="H - 6" text-anchor="middle" class="tick">price of the parts</text>
    <path :d="plot.line" fill="none" stroke="var(--ink-soft)" stroke-width="1.5" stroke-dasharray="4 4" />
    <g v-for="(p, i) in picks" :key="i" @pointerenter="lit = i" @pointerleave="lit = null">
      <circle
        :cx="plot.x(p.cost)"
        :cy="plot.y(p.headroomK)"
        :r="8 + p.minutes / 60"
        :fill="lit === i ? 'var(--accent)' : 'var(--paper)'"
        stroke="var(--accent-ink)"
        stroke-width="3"
      />
      <text
        :x="plot.x(p.cost)"
        :y="plot.y(p.headroomK) + 6"
        text-anchor="middle"
        class="head num"
        :class="{ on: lit === i }"
      >
        {{ i + 1 }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  max-height: 340px;
}
.tick {
  font-size: 20px;
}
.num {
  font-size: 19px;
}
.num.on {
  fill: #fff;
}
</style>
