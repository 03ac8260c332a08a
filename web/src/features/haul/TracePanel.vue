<script setup lang="ts">
import { computed } from 'vue'
import type { TripTrace } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, roundValues, toShown } from '@/shared/units/units'

/** One temperature of every build over the road, against its limit; drawn inside the haul's picture. */
export interface Drawn {
  id: string
  letter: string
  dash: string
  /** In hand: drawn last, and named by its worst moment. */
  own: boolean
  trace: TripTrace
  /** Across, px, of each moment. */
  x: number[]
}

const props = defineProps<{
  builds: Drawn[]
  values: (t: TripTrace) => number[]
  left: number
  across: number
  /** Down, px, of a temperature. */
  y: (t: number) => number
  span: readonly [number, number]
  /** Of the build in hand, one for each moment. */
  limit: number[]
  worst: { peakC: number; bandK: number | null; x: number; fluid: string } | null
}>()
/** px */
const LETTER_HEIGHT = 15
const own = computed(() => props.builds.find((b) => b.own))
/** Those that are not in hand first, so that it lies over them. */
const ordered = computed(() => [...props.builds].sort((a, b) => Number(a.own) - Number(b.own)))
const rules = computed(() => roundValues(props.span[0], props.span[1], 'temperature', unitWorld.value, 4))
const path = (x: number[], values: number[]) =>
  x.map((at, i) => `${i ? 'L' : 'M'}${at.toFixed(1)} ${props.y(values[i]!).toFixed(1)}`).join('')
const right = computed(() => !!props.worst && props.worst.x > props.left + props.across * 0.7)
/** Letters at the ends of the lines, pushed apart where they would meet. */
const ends = computed(() => {
  const all = props.builds
    .map((b) => ({ ...b, at: props.y(props.values(b.trace).at(-1)!) + 5 }))
    .sort((a, b) => a.at - b.at)
  const mean = () => all.reduce((sum, e) => sum + e.at, 0) / (all.length || 1)
  const middle = mean()
  all.forEach((e, i) => (e.at = Math.max(e.at, (all[i - 1]?.at ?? -Infinity) + LETTER_HEIGHT)))
  const pushed = mean() - middle
  return all.map((e) => ({ ...e, at: e.at - pushed }))
})
</script>

<template>
  <g>
    <g v-for="v in rules" :key="v">
      <path :d="`M${left} ${y(v)}h${across}`" stroke="var(--rule)" stroke-width="1" />
      <text :x="left - 6" :y="y(v) + 5" text-anchor="end" class="note">
        {{ formatNumber(toShown(v, 'temperature', unitWorld), 0) }}
      </text>
    </g>
    <slot />
    <path v-if="own" :d="path(own.x, limit)" fill="none" stroke="var(--over)" stroke-width="3" />
    <path
      v-for="b in ordered"
      :key="b.id"
      :d="path(b.x, values(b.trace))"
      class="line"
      :class="{ own: b.own }"
      :stroke-dasharray="b.dash"
    />
    <text v-for="e in ends" :key="e.id" :x="left + across + 8" :y="e.at" class="head letter" :class="{ own: e.own }">
      {{ e.letter }}
    </text>
    <g v-if="worst" :data-worst="worst.fluid">
      <path
        v-if="worst.bandK !== null"
        :d="`M${worst.x} ${y(worst.peakC - worst.bandK)}V${y(worst.peakC + worst.bandK)}`"
        stroke="var(--accent)"
        stroke-width="9"
        opacity=".25"
      />
      <circle :cx="worst.x" :cy="y(worst.peakC)" r="6" class="mark" />
      <text
        :x="worst.x + (right ? -11 : 11)"
        :y="y(worst.peakC) - 9"
        :text-anchor="right ? 'end' : 'start'"
        class="head peak"
      >
        {{ format(worst.peakC, 'temperature', unitWorld) }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.note {
  font-size: 14px;
  fill: var(--ink);
}
.line {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.line.own {
  stroke: var(--accent);
  stroke-width: 4;
}
.letter {
  font-size: 16px;
  fill: var(--ink-soft);
}
.letter.own {
  fill: var(--accent-ink);
  font-size: 19px;
}
.mark {
  fill: var(--paper);
  stroke: var(--accent-ink);
  stroke-width: 3;
}
.peak {
  font-size: 18px;
  fill: var(--accent-ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
</style>
