<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import type { Box } from '@/features/heat/pack/snap'
import DimensionMarks from './DimensionMarks.vue'
import NearMarks from './NearMarks.vue'
import SheetPatterns from './SheetPatterns.vue'
import TubeHandles from './TubeHandles.vue'
import { cursor, pick, picked, pickedPoint, type Step } from './state'
import { isSpot, lineOf, type NearMark, type Thing } from './things'
import { type Axis, type Bounds, farFirst, type FlatView, onSheet, type Point, sheetOf, stepOf } from './views'

/** One flat view of the nose, to scale. Things are taken and dragged in it, or nudged by arrow keys. */
const props = defineProps<{
  view: FlatView
  shown: Bounds
  opening: Box
  things: Thing[]
  near: NearMark[]
  big: boolean
}>()
const emit = defineEmits<{
  drag: [step: Step]
  drop: []
  nudge: [step: Step]
  type: [axis: Axis, what: 'low' | 'size', at: { x: number; y: number }]
  /** One more corner of a hose, after so many. */
  grow: [key: string, after: number]
}>()

const svg = ref<SVGSVGElement | null>(null)
const { width, height } = useElementSize(svg)
const sheet = computed(() => sheetOf(props.view, props.shown))
/** Millimetres that a pixel is. */
const px = computed(() =>
  Math.max(sheet.value.width / (width.value || 560), sheet.value.height / (height.value || 460)),
)
const margin = computed(() => (props.big ? 60 : 6) * px.value)
const frame = computed(() => ({
  x: sheet.value.left - margin.value,
  y: sheet.value.top - 6 * px.value,
  w: sheet.value.width + margin.value + 6 * px.value,
  h: sheet.value.height + margin.value + 6 * px.value,
}))

const { right: R, up: U, into: I } = props.view
/** A sheet seen face on hides nothing. */
const THIN = 16
/** The front is seen whole; from above and from the side it is cut through the opening. */
const cut = computed<[number, number]>(() =>
  I === 0
    ? [props.opening.left, props.opening.left + props.opening.width]
    : I === 1
      ? [props.opening.bottom, props.opening.bottom + props.opening.height]
      : [-Infinity, Infinity],
)
const outside = (t: Thing) => t.bounds.high[I] <= cut.value[0] || t.bounds.low[I] >= cut.value[1]
/** What is cut away lies under all; hoses and ports are what their screen is for and lie over all. */
const layer = (t: Thing) => (t.kind === 'hose' ? 2 : t.kind === 'port' ? 3 : outside(t) ? 0 : 1)
const drawn = computed(() =>
  [...props.things]
    .sort((a, b) => layer(a) - layer(b) || farFirst(props.view)(a.bounds, b.bounds))
    .map((t) => {
      const [x1, y2] = onSheet(props.view, t.bounds.low)
      const [x2, y1] = onSheet(props.view, t.bounds.high)
      return {
        t,
        x: x1,
        y: y1,
        w: x2 - x1,
        h: y2 - y1,
        disc: t.round === I,
        path:
          t.tube &&
          'M' +
            lineOf(t.tube)
              .map((p) => onSheet(props.view, p).join(' '))
              .join('L'),
        /** Seen end on a tube has no length: a dot of its size. */
        dots: t.tube ? lineOf(t.tube).map((p) => onSheet(props.view, p)) : [],
        bare: t.kind === 'solid' && !t.tube && t.bounds.high[I] - t.bounds.low[I] < THIN,
        ghost: layer(t) === 0,
      }
    }),
)
const hand = computed(() => drawn.value.find((d) => d.t.key === picked.value))
/** Letters of a name are about so wide and high, pixels. */
const LETTER = 7.2
const LINE = 18
/** The name of the thing in hand, else of all that have room for it and are seen, nearest first. */
const names = computed(() => {
  if (!props.big) return []
  // A hose's name is beside its drawing, and would lie over its corners.
  if (hand.value) return hand.value.t.kind === 'hose' ? [] : [hand.value]
  const taken: { x: number; y: number; w: number }[] = []
  const nearest = [...drawn.value].reverse()
  return nearest.filter((d, n) => {
    if (isSpot(d.t) || d.bare || d.ghost) return false
    const wide = d.t.name.length * LETTER * px.value
    if (d.w < wide || d.h < (LINE + 6) * px.value) return false
    const at = { x: d.x + d.w / 2, y: d.y + d.h / 2, w: wide }
    const hidden = nearest
      .slice(0, n)
      .some((o) => !o.bare && !o.ghost && !o.path && at.x > o.x && at.x < o.x + o.w && at.y > o.y && at.y < o.y + o.h)
    if (hidden || taken.some((o) => Math.abs(o.x - at.x) < (o.w + at.w) / 2 && Math.abs(o.y - at.y) < LINE * px.value))
      return false
    taken.push(at)
    return true
  })
})

const openingRect = computed(() => {
  const o = props.opening
  if (props.view.name === 'front') return { x: o.left, y: -(o.bottom + o.height), w: o.width, h: o.height }
  return null
})
/** The lines that the frame is measured from: across and up from the radiator's edges, back from the grille. */
const zeros = computed(() => [
  { d: `M0 ${frame.value.y}v${frame.value.h}`, axis: R },
  { d: `M${frame.value.x} 0h${frame.value.w}`, axis: U },
])

function at(event: PointerEvent): [number, number] {
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  return [p.x, p.y]
}
let grab: { key: string; point: number | null; x: number; y: number } | null = null
/** A finger moves only what a tap has picked; a swipe over the drawing scrolls the page. */
function take(event: PointerEvent, t: Thing, point: number | null = null) {
  if (event.button !== 0) return
  if (event.pointerType === 'touch' && picked.value !== t.key) return
  pick(t.key, point)
  const [x, y] = at(event)
  grab = { key: t.key, point, x, y }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function carry(event: PointerEvent) {
  const [x, y] = at(event)
  cursor.value = { [R]: x, [U]: -y }
  if (!grab) return
  emit('drag', {
    key: grab.key,
    by: stepOf(props.view, x - grab.x, y - grab.y),
    point: grab.point,
    loose: event.altKey,
  })
}
function letGo() {
  if (!grab) return
  grab = null
  emit('drop')
}
function grow(event: PointerEvent, t: Thing, after: number) {
  if (event.button !== 0) return
  emit('grow', t.key, after)
  const [x, y] = at(event)
  grab = { key: t.key, point: after, x, y }
  svg.value!.setPointerCapture(event.pointerId)
}
const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(event: KeyboardEvent, t: Thing) {
  const way = WAYS[event.key]
  if (!way) return
  event.preventDefault()
  pick(t.key, picked.value === t.key ? pickedPoint.value : null)
  const far = event.shiftKey ? 25 : event.altKey ? 1 : 5
  const by: Point = stepOf(props.view, way[0] * far, way[1] * far)
  emit('nudge', { key: t.key, by, point: pickedPoint.value, loose: true })
}
function ask(axis: Axis, what: 'low' | 'size', on: Element) {
  const box = on.getBoundingClientRect()
  const around = svg.value!.parentElement!.getBoundingClientRect()
  emit('type', axis, what, { x: box.left - around.left, y: box.top - around.top })
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`${frame.x} ${frame.y} ${frame.w} ${frame.h}`"
    role="group"
    :aria-label="`The front end ${view.label}, to scale`"
    :class="{ big }"
    :data-view="view.name"
    @pointermove="carry"
    @pointerleave="cursor = null"
    @pointerup="letGo"
    @pointercancel="letGo"
    @pointerdown.self="pick('')"
  >
    <SheetPatterns :view="view.name" />
    <path v-for="z in zeros" :key="z.axis" :d="z.d" class="zero" />
    <rect
      v-if="openingRect"
      :x="openingRect.x"
      :y="openingRect.y"
      :width="openingRect.w"
      :height="openingRect.h"
      class="opening"
    />
    <g
      v-for="d in drawn"
      :key="d.t.key"
      class="thing"
      :class="[d.t.kind, d.t.look, { picked: d.t.key === picked, bare: d.bare, ghost: d.ghost, gone: d.t.gone }]"
      :style="{
        '--fill': `url(#${d.t.kind === 'piece' ? 'core' : d.t.look === 'HOT' ? 'hot' : d.t.look === 'MOVING' ? 'moving' : 'metal'}-${view.name})`,
      }"
      :tabindex="big ? 0 : undefined"
      :role="big ? 'button' : undefined"
      :aria-hidden="big ? undefined : true"
      :aria-label="big ? `${d.t.name}; arrow keys move it` : undefined"
      :aria-pressed="big ? d.t.key === picked : undefined"
      :data-thing="d.t.key"
      @pointerdown="take($event, d.t)"
      @pointerup="letGo"
      @pointercancel="letGo"
      @click="picked === d.t.key || pick(d.t.key)"
      @focus="picked === d.t.key || pick(d.t.key)"
      @keydown="key($event, d.t)"
    >
      <title>{{ d.t.name }}</title>
      <template v-if="d.path">
        <path :d="d.path" class="tube-edge" :stroke-width="d.t.tube!.radius * 2 + 4 * px" />
        <path :d="d.path" class="tube-body" :stroke-width="d.t.tube!.radius * 2" />
        <circle v-for="(p, n) in d.dots" :key="n" :cx="p[0]" :cy="p[1]" :r="d.t.tube!.radius" class="tube-joint" />
      </template>
      <circle v-else-if="isSpot(d.t)" :cx="d.x + d.w / 2" :cy="d.y + d.h / 2" :r="7 * px" class="shape" />
      <circle v-else-if="d.disc" :cx="d.x + d.w / 2" :cy="d.y + d.h / 2" :r="d.w / 2" class="shape" />
      <rect v-else :x="d.x" :y="d.y" :width="d.w" :height="Math.max(d.h, px)" class="shape" />
    </g>
    <g v-if="hand" class="in-hand" pointer-events="none">
      <rect
        :x="hand.x - 3 * px"
        :y="hand.y - 3 * px"
        :width="hand.w + 6 * px"
        :height="hand.h + 6 * px"
        :stroke-width="2.5 * px"
      />
    </g>
    <TubeHandles
      v-if="hand?.t.tube && hand.t.free.length && big"
      :thing="hand.t"
      :view="view"
      :px="px"
      @take="(event, n) => take(event, hand!.t, n)"
      @grow="(event, after) => grow(event, hand!.t, after)"
    />
    <NearMarks :near="near" :view="view" :px="px" :big="big" />
    <g
      v-for="d in names"
      :key="'n' + d.t.key"
      pointer-events="none"
      :transform="`translate(${d.x + d.w / 2} ${d.y + d.h / 2}) scale(${px})`"
    >
      <text y="5" text-anchor="middle" class="name" :class="{ picked: d.t.key === picked }">{{ d.t.name }}</text>
    </g>
    <DimensionMarks
      v-if="hand && big && !hand.t.tube && hand.t.free.length"
      :thing="hand.t"
      :view="view"
      :sheet="sheet"
      :px="px"
      @type="(axis, what, on) => ask(axis, what, on)"
    />
    <path
      v-if="cursor && cursor[R] !== undefined && !big"
      :d="`M${cursor[R]} ${frame.y}v${frame.h}`"
      class="cross"
      :stroke-width="px"
    />
    <path
      v-if="cursor && cursor[U] !== undefined && !big"
      :d="`M${frame.x} ${-cursor[U]!}h${frame.w}`"
      class="cross"
      :stroke-width="px"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 100%;
  display: block;
}
.zero {
  stroke: var(--rule);
  stroke-width: 1.5;
  stroke-dasharray: 12 8;
  vector-effect: non-scaling-stroke;
  fill: none;
}
.opening {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 9 6;
  vector-effect: non-scaling-stroke;
}
.thing {
  cursor: grab;
  outline: none;
}
.thing:active {
  cursor: grabbing;
}
.thing:focus-visible .shape,
.thing:focus-visible .tube-edge {
  stroke: var(--accent);
}
.shape {
  fill: var(--fill);
  stroke: var(--ink);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
.bare .shape {
  fill: none;
  stroke-dasharray: 5 4;
  pointer-events: stroke;
}
.piece .shape {
  stroke-width: 2.5;
}
.piece.OIL_COOLER .shape,
.piece.OTHER_COOLER .shape {
  fill: var(--accent-wash);
  stroke: var(--accent-ink);
}
.piece.FAN .shape {
  fill: none;
  stroke-dasharray: 2 5;
  pointer-events: stroke;
}
.hole .shape {
  fill: var(--paper);
  stroke-width: 2.5;
}
.hole.STUD .shape {
  fill: var(--ink);
}
.tube-edge {
  fill: none;
  stroke: var(--ink);
  stroke-linejoin: round;
  stroke-linecap: round;
}
.tube-body,
.tube-joint {
  fill: none;
  stroke: var(--rule);
  stroke-linejoin: round;
  stroke-linecap: round;
}
.tube-joint {
  fill: var(--rule);
  stroke: none;
}
.WIRE .tube-body {
  stroke: var(--ink-soft);
}
.port .shape {
  fill: var(--accent);
  stroke: var(--ink);
}
.hose .tube-body {
  stroke: var(--hose, var(--accent));
}
.hose .tube-joint {
  fill: var(--hose, var(--accent));
}
.hose.HOT_OIL {
  --hose: var(--over);
}
.BRACKET .tube-body {
  stroke: var(--accent);
}
.BRACKET .tube-joint {
  fill: var(--accent);
}
.HOT .tube-body {
  stroke: var(--metal);
}
.ghost .shape {
  fill: none;
  stroke: var(--rb-asphalt-300);
  stroke-width: 1;
  pointer-events: stroke;
}
.ghost .tube-edge {
  stroke: var(--rb-asphalt-300);
}
.ghost .tube-body {
  stroke: var(--paper);
}
.ghost .tube-joint {
  fill: var(--paper);
}
.gone {
  opacity: 0.25;
}
.in-hand rect {
  fill: none;
  stroke: var(--accent);
  stroke-dasharray: 8 5;
}
.name {
  font-size: 14px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  stroke-linejoin: round;
}
.name.picked {
  font-weight: 700;
}
.cross,
.zero,
.opening {
  pointer-events: none;
}
.cross {
  stroke: var(--accent);
  opacity: 0.6;
}
</style>
