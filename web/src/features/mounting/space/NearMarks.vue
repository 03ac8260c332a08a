<script setup lang="ts">
import { computed } from 'vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { picked } from './state'
import type { NearMark } from './things'
import { type FlatView, onSheet } from './views'

/** The shortest ways between things of one view: those of the thing in hand, else those that are too short. */
const props = defineProps<{ near: NearMark[]; view: FlatView; px: number; big: boolean }>()
const lines = computed(() =>
  props.near
    .filter((n) => (picked.value ? n.of.includes(picked.value) : n.state !== 'CLEAR'))
    .slice(0, 4)
    .map((n) => {
      const a = onSheet(props.view, n.from)
      const b = onSheet(props.view, n.to)
      return {
        key: n.key,
        a,
        b,
        state: n.state,
        seen: Math.hypot(a[0] - b[0], a[1] - b[1]) / props.px > 14,
        text: format(n.gapMm, 'size', unitWorld.value),
      }
    }),
)
</script>

<template>
  <g v-for="l in lines" :key="l.key" pointer-events="none" class="gap" :class="l.state" :data-gap="l.key">
    <path :d="`M${l.a.join(' ')}L${l.b.join(' ')}`" class="under" :stroke-width="6 * px" />
    <path :d="`M${l.a.join(' ')}L${l.b.join(' ')}`" :stroke-width="2.5 * px" />
    <circle :cx="l.a[0]" :cy="l.a[1]" :r="3.5 * px" />
    <circle :cx="l.b[0]" :cy="l.b[1]" :r="3.5 * px" />
    <g v-if="big && l.seen" :transform="`translate(${(l.a[0] + l.b[0]) / 2} ${(l.a[1] + l.b[1]) / 2}) scale(${px})`">
      <rect x="-34" y="-27" width="68" height="23" class="plate" />
      <text y="-10" text-anchor="middle" class="head figure">{{ l.text }}</text>
    </g>
  </g>
</template>

<style scoped>
.gap path,
.gap circle {
  stroke: var(--holds-ink);
  fill: none;
}
.gap circle {
  fill: var(--holds-ink);
  stroke: none;
}
.gap .under {
  stroke: var(--paper);
  opacity: 0.7;
}
.gap.DOUBTFUL path:not(.under) {
  stroke: var(--marginal);
}
.gap.DOUBTFUL circle {
  fill: var(--marginal);
}
.gap.SHORT path:not(.under) {
  stroke: var(--over);
}
.gap.SHORT circle {
  fill: var(--over);
}
.plate {
  fill: var(--paper);
  opacity: 0.92;
}
.figure {
  font-size: 17px;
  fill: var(--ink);
}
</style>
