<script setup lang="ts">
import { computed, ref } from 'vue'
import type { JobContent, NosePhoto, SpaceResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { openingBox } from '@/features/heat/pack/geometry'
import { laidOver, type Window } from './plane'

/** A photograph at its true scale under what is drawn: the opening, clicked places, and the new part laid over the old one. */
const props = defineProps<{
  photo: NosePhoto
  toPlane: number[]
  content: JobContent
  /** Clicked places of its plane, mm. */
  places: { label: string; across: number; up: number }[]
  /** The cooler that is laid over, null for none. */
  over: SpaceResult['pieces'][number] | null
}>()
const WIDE = 760
const HIGH = 560
const opening = computed(() => openingBox(props.content.rig.vehicle.cooling))
const window = computed<Window>(() => {
  const o = opening.value
  const scale = Math.min(WIDE / (o.width + 240), HIGH / (o.height + 240))
  return { left: o.left + o.width / 2 - WIDE / scale / 2, top: o.bottom + o.height / 2 + HIGH / scale / 2, scale }
})
const x = (mm: number) => (mm - window.value.left) * window.value.scale
const y = (mm: number) => (window.value.top - mm) * window.value.scale

const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)
/** From line to line, mm: 100 mm, or 4 in. */
const apart = computed(() => (unitWorld.value === 'metric' ? 100 : 101.6))
const grid = computed(() => {
  const w = window.value
  const lines = (from: number, to: number) =>
    Array.from(
      { length: Math.floor(to / apart.value) - Math.ceil(from / apart.value) + 1 },
      (_, i) => apart.value * (Math.ceil(from / apart.value) + i),
    )
  return { across: lines(w.left, w.left + WIDE / w.scale), up: lines(w.top - HIGH / w.scale, w.top) }
})
/** Where a hand has laid the part, mm from where it stands. */
const shift = ref<[number, number]>([0, 0])
const part = computed(() => {
  const p = props.over
  if (!p) return null
  const [right, up] = shift.value
  return {
    left: p.box.leftMm + right,
    low: p.box.bottomMm + up,
    w: p.box.widthMm,
    h: p.box.heightMm,
    holes: p.ears.map((e) => [e.acrossMm + right, e.upMm + up] as const),
  }
})
/** From each hole of the new part to the nearest place that was clicked on the old one, where that is near. */
const offs = computed(() =>
  (part.value?.holes ?? []).map((h) => {
    const near = props.places
      .map((p) => ({ p, far: Math.hypot(p.across - h[0], p.up - h[1]) }))
      .sort((a, b) => a.far - b.far)[0]
    return near && near.far < 60 ? { h, near } : null
  }),
)
let from: { x: number; y: number; shift: [number, number] } | null = null
function down(e: PointerEvent) {
  from = { x: e.clientX, y: e.clientY, shift: [...shift.value] }
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
}
function drag(e: PointerEvent) {
  if (!from) return
  const size = (e.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect().width / WIDE
  const mm = window.value.scale * size
  shift.value = [from.shift[0] + (e.clientX - from.x) / mm, from.shift[1] - (e.clientY - from.y) / mm]
}
</script>

<template>
  <figure data-true-plane>
    <div class="frame" :style="{ aspectRatio: `${WIDE} / ${HIGH}` }">
      <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" role="img" aria-label="The photograph at its true scale">
        <foreignObject :width="WIDE" :height="HIGH">
          <img
            :src="`/api/photos/${photo.image}`"
            :width="photo.widthPx"
            :height="photo.heightPx"
            alt=""
            :style="{ transform: laidOver(toPlane, window) }"
          />
        </foreignObject>
        <path v-for="g in grid.across" :key="`a${g}`" :d="`M${x(g)} 0V${HIGH}`" class="grid" :class="{ zero: !g }" />
        <path v-for="g in grid.up" :key="`u${g}`" :d="`M0 ${y(g)}H${WIDE}`" class="grid" :class="{ zero: !g }" />
        <rect
          :x="x(opening.left)"
          :y="y(opening.bottom + opening.height)"
          :width="opening.width * window.scale"
          :height="opening.height * window.scale"
          class="opening"
        />
        <g v-if="part" class="part" data-laid-over @pointerdown="down" @pointermove="drag" @pointerup="from = null">
          <rect
            :x="x(part.left)"
            :y="y(part.low + part.h)"
            :width="part.w * window.scale"
            :height="part.h * window.scale"
          />
          <circle v-for="(h, n) in part.holes" :key="n" :cx="x(h[0])" :cy="y(h[1])" r="6" />
        </g>
        <g v-for="(o, n) in offs" :key="`o${n}`">
          <template v-if="o">
            <path :d="`M${x(o.h[0])} ${y(o.h[1])}L${x(o.near.p.across)} ${y(o.near.p.up)}`" class="off" />
            <text :x="x(o.h[0]) + 8" :y="y(o.h[1]) - 8">{{ mm(o.near.far) }} off</text>
          </template>
        </g>
        <g v-for="p in places" :key="p.label">
          <circle :cx="x(p.across)" :cy="y(p.up)" r="5" class="place" />
          <text :x="x(p.across) + 8" :y="y(p.up) + 16">{{ p.label }}</text>
        </g>
      </svg>
    </div>
    <figcaption class="small soft">
      The card’s plane at its true scale, lines every {{ mm(apart) }}; what stands before or behind that plane looks
      shifted.
      {{ over ? 'Drag the new part over the old one: each of its holes says how far off it is.' : '' }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.frame {
  overflow: hidden;
  border: 1px solid var(--rule);
  background: var(--rule-soft);
}
svg {
  width: 100%;
  display: block;
}
img {
  display: block;
  max-width: none;
  transform-origin: 0 0;
}
.grid {
  stroke: #fff;
  stroke-width: 1;
  opacity: 0.5;
}
.grid.zero {
  stroke-width: 2.5;
  opacity: 0.9;
}
.opening {
  fill: none;
  stroke: #0c6b6b;
  stroke-width: 3;
  stroke-dasharray: 9 5;
}
.part {
  cursor: grab;
}
.part rect {
  fill: rgb(12 107 107 / 30%);
  stroke: #0c6b6b;
  stroke-width: 3;
}
.part circle {
  fill: #fff;
  stroke: #0c6b6b;
  stroke-width: 3;
}
.off {
  stroke: #b3261e;
  stroke-width: 3;
}
.place {
  fill: #b3261e;
  stroke: #fff;
  stroke-width: 2;
}
text {
  font: 600 16px/1 var(--rb-font-head);
  fill: #1d2023;
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 5px;
}
</style>
