<script setup lang="ts">
import type { Outcome } from './words'

/** The standing as a shape as well as a colour: disc, diamond, stop board; a warning triangle over a rating, crossed boards where it cannot be built. */
defineProps<{ standing: Outcome; size?: number }>()
</script>

<template>
  <svg :width="size ?? 18" :height="size ?? 18" viewBox="0 0 20 20" aria-hidden="true" class="mark">
    <circle v-if="standing === 'HOLDS'" cx="10" cy="10" r="8" fill="var(--holds)" />
    <path v-else-if="standing === 'MARGINAL'" d="M10 1 19 10 10 19 1 10z" fill="var(--marginal)" />
    <g v-else-if="standing === 'OVER'">
      <path d="M6 .5h8L19.5 6v8L14 19.5H6L.5 14V6z" fill="var(--over)" />
      <path d="M4.5 8h11v4h-11z" fill="var(--paper)" />
    </g>
    <path v-else-if="standing === 'RATING'" d="M10 1 19.5 18.5H.5zM10 7v6M10 15v2" class="rating" />
    <path v-else-if="standing === 'CLASH'" d="M3 3 17 17M17 3 3 17" stroke="var(--over)" stroke-width="5" />
    <circle v-else cx="10" cy="10" r="7" fill="none" stroke="var(--ink-soft)" stroke-width="2" stroke-dasharray="3 3" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
}
.rating {
  fill: none;
  stroke: var(--over);
  stroke-width: 2.4;
}
</style>
