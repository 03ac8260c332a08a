<script setup lang="ts">
import { computed } from 'vue'
import type { TripTrace } from '@/shared/api/types'
import { runs } from './roadAxis'

/** Gear with its lock-up, and the fastest fan, along the road; drawn inside the haul's picture. */
const props = defineProps<{
  trace: TripTrace
  /** Across, px, of each moment. */
  x: number[]
  left: number
  across: number
  top: number
  height: number
  gap: number
}>()
/** Narrower stretches of a gear have no room for its number, px. */
const NAMED = 15
/** A fan above this share of its top speed is loud. */
const LOUD = 0.7
const stretch = (r: { from: number; to: number }) => ({
  x: props.x[r.from]!,
  width: Math.max(0, props.x[r.to]! - props.x[r.from]!),
})
const gears = computed(() => runs(props.trace.gear).map((r) => ({ ...stretch(r), gear: r.value })))
const locked = computed(() =>
  runs(props.trace.locked)
    .filter((r) => r.value)
    .map(stretch),
)
const fans = computed(() =>
  runs(props.trace.fanShare.map((s) => Math.min(1, Math.round(s * 10) / 10)))
    .filter((r) => r.value > 0)
    .map((r) => ({ ...stretch(r), share: r.value })),
)
const fanTop = computed(() => props.top + props.height + props.gap)
</script>

<template>
  <g>
    <text :x="left - 6" :y="top + 16" text-anchor="end" class="note">gear</text>
    <g v-for="(g, i) in gears" :key="`g${i}`">
      <rect
        :x="g.x"
        :y="top"
        :width="Math.max(0, g.width - 1)"
        :height="height"
        :fill="g.gear ? 'var(--ink)' : 'none'"
        :opacity="g.gear ? 1 - 0.11 * (g.gear - 1) : 1"
        stroke="var(--ink)"
        stroke-width="1"
      />
      <text
        v-if="g.width > NAMED"
        :x="g.x + g.width / 2"
        :y="top + 16"
        text-anchor="middle"
        class="head gear"
        :class="{ in: g.gear }"
      >
        {{ g.gear || '–' }}
      </text>
    </g>
    <rect
      v-for="(l, i) in locked"
      :key="`l${i}`"
      :x="l.x"
      :y="top + height - 4"
      :width="l.width"
      height="4"
      fill="var(--accent)"
    />
    <text :x="left - 6" :y="fanTop + 16" text-anchor="end" class="note">fan</text>
    <rect :x="left" :y="fanTop" :width="across" :height="height" fill="none" stroke="var(--rule)" />
    <rect
      v-for="(f, i) in fans"
      :key="`f${i}`"
      :x="f.x"
      :y="fanTop + (1 - f.share) * height"
      :width="Math.max(1, f.width)"
      :height="f.share * height"
      :fill="f.share > LOUD ? 'var(--accent)' : 'var(--rb-breeze-400)'"
    />
  </g>
</template>

<style scoped>
.note {
  font-size: 14px;
  fill: var(--ink);
}
.gear {
  font-size: 15px;
}
.gear.in {
  fill: var(--paper);
}
</style>
