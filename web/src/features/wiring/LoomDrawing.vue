<script setup lang="ts">
import { computed } from 'vue'
import type { LoomResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The loom laid out on the bench: its places on a trunk, each branch as long as it is, to one scale. */
const props = defineProps<{ loom: LoomResult; place: (p: LoomResult['bundles'][number]['from']) => string }>()
const longest = computed(() => Math.max(...props.loom.bundles.map((b) => b.lengthM), 0.1))
const ROW = 46
const WIDE = 420
const rows = computed(() =>
  props.loom.bundles.map((b, i) => ({
    key: i,
    y: 30 + i * ROW,
    to: 150 + (WIDE * b.lengthM) / longest.value,
    from: props.place(b.from),
    end: props.place(b.to),
    thick: Math.max(2, Math.min(12, b.diameterMm)),
    length: format(b.lengthM, 'length', unitWorld.value, 2),
    wires: b.wires.join(' · '),
    clips: Array.from(
      { length: b.clips },
      (_, k) => 150 + ((WIDE * b.lengthM) / longest.value) * ((k + 0.5) / b.clips),
    ),
    grommet: b.grommet,
  })),
)
</script>

<template>
  <svg :viewBox="`0 0 720 ${20 + rows.length * ROW}`" role="img" aria-label="Loom" class="bench">
    <g v-for="r in rows" :key="r.key">
      <text x="140" :y="r.y + 5" text-anchor="end" class="end">{{ r.from }}</text>
      <path :d="`M150 ${r.y}H${r.to}`" class="sleeve" :style="{ strokeWidth: r.thick }" />
      <rect
        v-for="(c, k) in r.clips"
        :key="k"
        :x="c - 1.5"
        :y="r.y - r.thick / 2 - 3"
        width="3"
        :height="r.thick + 6"
      />
      <circle v-if="r.grommet" :cx="r.to - 34" :cy="r.y" :r="r.thick / 2 + 5" class="grommet" />
      <text :x="r.to + 8" :y="r.y + 5" class="end">{{ r.end }}</text>
      <text :x="(150 + r.to) / 2" :y="r.y - r.thick / 2 - 6" text-anchor="middle" class="length">{{ r.length }}</text>
      <text :x="(150 + r.to) / 2" :y="r.y + r.thick / 2 + 14" text-anchor="middle" class="small">{{ r.wires }}</text>
    </g>
  </svg>
</template>

<style scoped>
.bench {
  width: 100%;
  display: block;
}
.sleeve {
  stroke: var(--metal);
  fill: none;
}
rect {
  fill: var(--accent);
}
.grommet {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
text {
  fill: var(--ink);
  font: 600 14px/1 var(--rb-font-head);
}
.length {
  font-size: 16px;
}
.small {
  fill: var(--ink-soft);
  font-weight: 500;
  font-size: 13px;
}
</style>
