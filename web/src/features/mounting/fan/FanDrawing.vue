<script setup lang="ts">
import { computed } from 'vue'
import type { FanFit } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { ringPath, type RingShape } from './ring'

/** The fan in its shroud from the front, gaps drawn wider than they are, and cut through from the side. */
const props = defineProps<{
  fit: FanFit
  /** Blade width and how much of it is in the ring, as it stands in the build, mm; null until measured. */
  bladeMm: number | null
  inMm: number | null
  beltMm: number | null
}>()
/** Gaps are drawn so many times as wide, so that they can be seen. */
const WIDER = 5
const R = 118
const shape = computed<RingShape | null>(() => {
  const r = props.fit.ring
  if (!r) return null
  const px = (mm: number) => (mm * WIDER * R) / (props.fit.diameterMm / 2)
  return {
    radius: R,
    halfWidth: R + px(r.halfWidthMm - props.fit.diameterMm / 2),
    halfHeight: R + px(r.halfHeightMm - props.fit.diameterMm / 2),
    right: px(r.rightMm),
    up: px(r.upMm),
    roll: px(props.fit.sidewaysMm),
  }
})
const bad = computed(() => !!props.fit.ring && props.fit.ring.rolledMm < props.fit.ring.toSpareMm)
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)
const mm1 = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 2)
/** From the side, mm to px: the core's back is x = 0. */
const SCALE = 1.35
const side = computed(() => {
  const blade = props.bladeMm ?? 60
  const front = 40 + props.fit.toCoreMm * SCALE
  return { front, back: front + blade * SCALE, ring: front + (props.inMm ?? blade / 2) * SCALE }
})
</script>

<template>
  <div class="drawing">
    <figure>
      <svg viewBox="-190 -180 380 360" role="img" aria-label="Fan in its shroud, from the front" data-ring>
        <template v-if="shape && fit.ring">
          <path :d="ringPath(shape)" class="shroud" />
          <ellipse cx="0" cy="0" :rx="shape.halfWidth" :ry="shape.halfHeight" class="edge" />
          <template v-if="shape.roll">
            <circle :cx="shape.right - shape.roll" :cy="-shape.up" :r="R" class="rolled" :class="{ bad }" />
            <circle :cx="shape.right + shape.roll" :cy="-shape.up" :r="R" class="rolled" :class="{ bad }" />
          </template>
          <circle :cx="shape.right" :cy="-shape.up" :r="R" class="fan" />
          <g v-for="n in 7" :key="n" :transform="`translate(${shape.right} ${-shape.up}) rotate(${(n * 360) / 7})`">
            <path :d="`M14 -6 Q${R * 0.6} -26 ${R - 3} -16 L${R - 3} 10 Q${R * 0.6} 4 14 8Z`" class="blade" />
          </g>
          <circle :cx="shape.right" :cy="-shape.up" r="20" class="hub" />
          <text x="0" :y="shape.halfHeight + 24" text-anchor="middle" class="head">
            {{ mm1(fit.ring.leastMm) }} least at rest
          </text>
          <text x="0" :y="-shape.halfHeight - 14" text-anchor="middle" class="head" :class="{ over: bad }">
            {{ shape.roll ? `${mm1(fit.ring.rolledMm)} least when it rolls` : 'on the pack: it does not roll' }}
          </text>
        </template>
        <template v-else>
          <circle r="150" class="edge" />
          <circle :r="R" class="fan" />
          <text text-anchor="middle" y="-4">measure the gap at the tips</text>
          <text text-anchor="middle" y="18">above, below, left and right</text>
        </template>
      </svg>
      <figcaption class="small soft">from the front; gaps drawn {{ WIDER }} times as wide</figcaption>
    </figure>
    <figure>
      <svg viewBox="0 0 300 300" role="img" aria-label="Fan in its shroud, cut through from the side" data-side>
        <rect x="10" y="30" width="30" height="240" class="core" />
        <path :d="`M40 34H${side.ring}M40 266H${side.ring}`" class="ring" />
        <path :d="`M${side.ring} 34v-18M${side.ring} 266v18`" class="ring" />
        <rect
          :x="side.front"
          y="46"
          :width="side.back - side.front"
          height="208"
          class="fan"
          :class="{ unknown: bladeMm === null }"
        />
        <path :d="`M${side.front} 150H${side.back + 34}`" class="shaft" />
        <rect v-if="beltMm !== null" :x="side.back + beltMm * SCALE" y="92" width="9" height="116" class="belt" />
        <g class="dim">
          <path :d="`M40 150H${side.front}`" />
          <text
            :x="(40 + side.front) / 2"
            y="142"
            text-anchor="middle"
            :class="{ over: fit.toCoreMm < fit.toCoreWantedMm }"
          >
            {{ mm(fit.toCoreMm) }}
          </text>
        </g>
        <text v-if="fit.inShare !== null" :x="(side.front + side.back) / 2" y="84" text-anchor="middle" class="head">
          {{ Math.round(fit.inShare * 100) }} % in
        </text>
        <text v-if="beltMm !== null" :x="side.back + (beltMm * SCALE) / 2" y="222" text-anchor="middle" class="dim">
          {{ mm(beltMm) }}
        </text>
      </svg>
      <figcaption class="small soft">
        from the side, to scale: core, {{ mm(fit.toCoreWantedMm) }} wanted before the blades, ring, belt
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.drawing {
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: 14px;
}
figure {
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
svg {
  width: 100%;
  background: var(--paper);
  border: 1px solid var(--rule);
}
.shroud {
  fill: var(--rule-soft);
  fill-rule: evenodd;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.fan {
  fill: var(--accent-wash);
  stroke: var(--accent-ink);
  stroke-width: 2;
}
.fan.unknown {
  stroke-dasharray: 5 4;
}
.blade {
  fill: var(--accent);
  opacity: 0.55;
}
.hub {
  fill: var(--ink);
}
.rolled {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
.rolled.bad {
  stroke: var(--over);
  stroke-width: 2.5;
}
.core {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.shaft {
  stroke: var(--ink);
  stroke-width: 6;
}
.belt {
  fill: var(--ink);
}
.dim path {
  stroke: var(--accent-ink);
  stroke-width: 1.5;
  fill: none;
}
text {
  fill: var(--ink);
  font-size: 15px;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
text.head {
  font: 600 18px/1 var(--rb-font-head);
}
text.over {
  fill: var(--over-ink, var(--over));
}
@media (max-width: 700px) {
  .drawing {
    grid-template-columns: 1fr;
  }
}
</style>
