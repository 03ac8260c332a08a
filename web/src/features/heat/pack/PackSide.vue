<script setup lang="ts">
import { computed, ref } from 'vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { spread } from '@/shared/ui/spread'
import { placeAt, section, type Slab } from './section'
import { picked, usePack } from './usePack'

/** The pack cut from the side, air from the left, depths and gaps to one scale. A cooler is dragged to another depth. */
const { job, cooling, build, radiator, opening, inDepth, trouble } = usePack()

const slabs = computed(() => section(job.content, build.value))

const SCALE = 1.5
/** Height of the names under the pack, and the least from one to the next. */
const NAMES = 236
const NAME_ROOM = 36
const view = computed(() => {
  const front = -cooling.value.openingDepthMm
  const width = (slabs.value.end - front + 70) * SCALE + 40
  const top = Math.max(opening.value.bottom + opening.value.height, radiator.value.bottom + radiator.value.height) + 44
  const bottom = Math.min(opening.value.bottom, radiator.value.bottom) - 44
  return { front, width, top, floor: top - bottom, height: top - bottom + NAMES }
})
const X = (z: number) => 30 + (z - view.value.front) * SCALE
const Y = (mm: number) => view.value.top - mm
const fans = computed(() => build.value.fans.filter((f) => f.mount === 'PULLER'))
const pushers = computed(() => build.value.fans.filter((f) => f.mount === 'PUSHER'))

const svg = ref<SVGSVGElement | null>(null)
let grab: { piece: NonNullable<Slab['piece']>; depth: number; dz: number } | null = null
const depthAt = (event: PointerEvent) =>
  (new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse()).x - 30) / SCALE +
  view.value.front
function take(event: PointerEvent, slab: Slab) {
  if (slab.piece == null || event.button !== 0) return
  // A finger moves only what a tap has picked; a swipe scrolls.
  if (event.pointerType === 'touch' && !isPicked(slab)) return
  picked.value = slab.piece
  grab = { piece: slab.piece, depth: slab.depth, dz: depthAt(event) - slab.front }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function carry(event: PointerEvent) {
  if (!grab) return
  const to = placeAt(job.content, build.value, grab.depth, depthAt(event) - grab.dz, event.altKey)
  job.drag(inDepth(grab.piece, to))
}
function letGo() {
  grab = null
  job.drop()
}
function nudge(event: KeyboardEvent, slab: Slab) {
  if (slab.piece?.kind !== 'coolers') return
  const { id } = slab.piece
  const cooler = build.value.coolers.find((c) => c.id === id)
  const d = event.key === 'ArrowLeft' ? 5 : event.key === 'ArrowRight' ? -5 : 0
  if (!d || cooler?.place !== 'FRONT') return
  event.preventDefault()
  job.replace(inDepth(slab.piece, { gapMm: Math.max(0, cooler.gapMm + d) }))
}
const gapOf = computed(() => {
  const p = picked.value
  if (p?.kind !== 'coolers') return null
  const slab = slabs.value.list.find((s) => s.piece?.kind === 'coolers' && s.piece.id === p.id)
  const cooler = build.value.coolers.find((c) => c.id === p.id)
  if (!slab || cooler?.place !== 'FRONT' || cooler.gapMm <= 0) return null
  return {
    x1: X(slab.front + slab.depth),
    x2: X(slab.front + slab.depth + cooler.gapMm),
    y: Y(slab.bottom + slab.height) - 22,
    text: format(cooler.gapMm, 'size', unitWorld.value),
  }
})
const isPicked = (s: Slab) => s.piece != null && picked.value?.kind === s.piece.kind && picked.value.id === s.piece.id
/** Under each core its name, led to where two would stand in each other's way. */
const names = computed(() => {
  const named = slabs.value.list.map((s) => ({
    name: s.name,
    x: X(s.front) + (s.depth * SCALE) / 2,
    y: Y(s.bottom),
  }))
  const pullers = fans.value.map((f) => ({ name: 'fan', x: X(slabs.value.end) + 13, y: Y(f.bottomMm) }))
  const before = pushers.value.map((f) => ({ name: 'fan', x: X(-30) - 13, y: Y(f.bottomMm) }))
  const all = [...named, ...pullers.slice(0, 1), ...before.slice(0, 1)]
  const places = spread(
    all.map((n) => n.x),
    NAME_ROOM,
  )
  return all.map((n, i) => ({ ...n, at: places[i]! }))
})
const fill = (s: Slab) =>
  s.piece != null
    ? s.piece.kind === 'coolers'
      ? 'var(--accent)'
      : 'var(--metal)'
    : s.name === 'radiator'
      ? 'var(--ink)'
      : s.name === 'condenser'
        ? 'var(--ink-soft)'
        : 'var(--rb-asphalt-300)'
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${view.width} ${view.height}`"
    role="group"
    aria-label="Section from the side, air from the left"
    class="side"
    data-side
  >
    <path
      :d="`M${X(view.front)} ${Y(opening.bottom + opening.height)}V${Y(opening.bottom)}`"
      stroke="var(--ink-soft)"
      stroke-width="3"
      stroke-dasharray="14 8"
    />
    <path
      v-for="k in 4"
      :key="k"
      :d="`M4 ${(view.floor * (k - 0.5)) / 4}h22m-8-6l8 6l-8 6`"
      fill="none"
      stroke="var(--accent)"
      stroke-width="3"
    />
    <g
      v-for="s in slabs.list"
      :key="s.name + (s.piece?.id ?? '')"
      :class="{
        cooler: s.piece != null,
        picked: isPicked(s),
        bad: s.piece != null && trouble(s.piece.id),
      }"
      :tabindex="s.piece != null ? 0 : undefined"
      :role="s.piece != null ? 'button' : undefined"
      :aria-label="s.piece != null ? `${s.name} in depth; left and right arrow change its gap` : undefined"
      :data-slab="s.name"
      @pointerdown="take($event, s)"
      @pointermove="carry"
      @pointerup="letGo"
      @pointercancel="letGo"
      @click="s.piece && (picked = s.piece)"
      @keydown="nudge($event, s)"
    >
      <rect
        :x="X(s.front)"
        :y="Y(s.bottom + s.height)"
        :width="Math.max(0, s.depth) * SCALE"
        :height="Math.max(0, s.height)"
        :fill="fill(s)"
      />
    </g>
    <g v-if="gapOf">
      <path
        :d="`M${gapOf.x1} ${gapOf.y}H${gapOf.x2}M${gapOf.x1} ${gapOf.y - 9}v18M${gapOf.x2} ${gapOf.y - 9}v18`"
        stroke="var(--accent-ink)"
        stroke-width="2.5"
      />
      <text :x="gapOf.x2 - 6" :y="gapOf.y - 14" text-anchor="end" class="head gap">{{ gapOf.text }}</text>
    </g>
    <path
      v-for="(f, i) in fans"
      :key="'f' + i"
      :d="`M${X(slabs.end)} ${Y(f.bottomMm + f.heightMm)}q26 ${f.heightMm / 2} 0 ${f.heightMm}`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="5"
    />
    <path
      v-for="(f, i) in pushers"
      :key="'p' + i"
      :d="`M${X(-30)} ${Y(f.bottomMm + f.heightMm)}q-26 ${f.heightMm / 2} 0 ${f.heightMm}`"
      fill="none"
      stroke="var(--accent)"
      stroke-width="5"
    />
    <g v-for="(n, i) in names" :key="'n' + i">
      <path
        :d="`M${n.x} ${n.y + 6}V${view.floor - 14}L${n.at} ${view.floor + 8}`"
        fill="none"
        stroke="var(--rule)"
        stroke-width="2.5"
      />
      <text :transform="`translate(${n.at + 11} ${view.floor + 14}) rotate(-90)`" text-anchor="end" class="name">
        {{ n.name }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.side {
  width: 100%;
  max-height: 400px;
  display: block;
}
.picked {
  touch-action: none;
}
.name {
  font-size: 31px;
}
.gap {
  font-size: 34px;
  fill: var(--accent-ink);
}
.cooler {
  cursor: ew-resize;
  outline: none;
}
.cooler rect {
  stroke: transparent;
  stroke-width: 5;
}
.cooler.picked rect {
  stroke: var(--rb-breeze-700);
}
.cooler.bad rect {
  stroke: var(--over);
  stroke-dasharray: 14 6;
}
.cooler:focus-visible rect {
  stroke: var(--accent-ink);
  stroke-width: 9;
}
</style>
