<script setup lang="ts">
import { useBalance } from '../shownBalance'
import { computed, ref } from 'vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { heatColour, inkOn } from '../heatColour'
import { snap, type Box } from './snap'
import { boxOf, chargeAirBox, coolerName, fanName, obstaclesOf, otherName, type Piece } from './geometry'
import { intoOpening } from './putBack'
import { picked, usePack } from './usePack'

/** The pack to scale, cells coloured by what the air does in them. Pieces are dragged or nudged by arrow keys. */
export type Mode = 'reachesRadiatorC' | 'velocity' | 'heatKw'
const props = defineProps<{ mode: Mode; fromFan: boolean }>()
const { job, cooling, build, radiator, opening, box, catches, moved, trouble } = usePack()
const PAD = 44
const view = computed(() => {
  const boxes = [opening.value, radiator.value]
  const left = Math.min(...boxes.map((b) => b.left)) - PAD
  const right = Math.max(...boxes.map((b) => b.left + b.width)) + PAD
  const bottom = Math.min(...boxes.map((b) => b.bottom)) - PAD
  const top = Math.max(...boxes.map((b) => b.bottom + b.height)) + PAD
  return { left, right, bottom, top, width: right - left, height: top - bottom }
})
/** Left edge on the drawing; from the fan's side left and right change places. */
const X = (b: { left: number; width: number }) =>
  props.fromFan ? view.value.right - b.left - b.width : b.left - view.value.left
const Y = (b: { bottom: number; height: number }) => view.value.top - b.bottom - b.height

const balance = useBalance()
const cells = computed(() => (balance.value?.cells ?? []).map((c) => ({ ...c, ...boxOf(c) })))
type CellBox = (typeof cells.value)[number]
const value = (c: CellBox) => (props.mode === 'heatKw' ? c.heatKw / ((c.width * c.height) / 1e6) : c[props.mode])
const span = computed(() => {
  const values = cells.value.map(value).filter((v): v is number => v != null)
  return { low: Math.min(...values), high: Math.max(...values) }
})
const share = (v: number) =>
  span.value.high - span.value.low < 1e-6 ? 0.4 : (v - span.value.low) / (span.value.high - span.value.low)
const say = (v: number) =>
  props.mode === 'reachesRadiatorC'
    ? format(v, 'temperature', unitWorld.value, 0)
    : props.mode === 'velocity'
      ? format(v, 'velocity', unitWorld.value)
      : `${Math.round(v)} kW/m²`
/** One label per kind of cell, in its roomiest rectangle. */
const labels = computed(() => {
  const best = new Map<string, { room: number; x: number; y: number; text: string; sub: string; ink: string }>()
  for (const c of cells.value) {
    const v = value(c)
    if (v == null || c.width < 104 || c.height < 78) continue
    const room = Math.min(c.width, 3 * c.height) * Math.min(c.height, 2 * c.width)
    const key = c.velocity.toFixed(4)
    if ((best.get(key)?.room ?? 0) >= room) continue
    best.set(key, {
      room,
      x: X(c) + c.width / 2,
      y: Y(c) + c.height / 2,
      text: say(v),
      ink: inkOn(share(v)),
      sub: props.mode === 'velocity' ? '' : format(c.velocity, 'velocity', unitWorld.value),
    })
  }
  return [...best.values()]
})

const condenser = computed(() => cooling.value.condenser && boxOf(cooling.value.condenser))
const chargeAir = computed(() => chargeAirBox(cooling.value, build.value))
const otherCores = computed(() =>
  [
    { box: condenser.value, dash: '2 7' },
    { box: chargeAir.value, dash: '12 5' },
  ].flatMap(({ box, dash }) => (box ? [{ box, dash }] : [])),
)
const discs = computed(() =>
  build.value.fans.flatMap((f) => {
    const b = boxOf(f)
    const n = f.part.count
    return Array.from({ length: n }, (_, k) => ({
      key: `${f.id}-${k}`,
      cx: X(b) + (b.width * (2 * k + 1)) / (2 * n),
      cy: Y(b) + b.height / 2,
      r: f.part.diameterMm / 2,
    }))
  }),
)
const pieces = computed(() => {
  const list: { piece: Piece; name: string; b: Box; bad: boolean }[] = []
  if (chargeAir.value)
    list.push({ piece: { kind: 'chargeAirCooler', id: '' }, name: 'charge-air cooler', b: chargeAir.value, bad: false })
  if (condenser.value)
    list.push({ piece: { kind: 'condenser', id: '' }, name: 'condenser', b: condenser.value, bad: false })
  obstaclesOf(job.content, build.value).forEach((o) =>
    list.push({ piece: { kind: 'obstacles', id: o.id }, name: o.name, b: boxOf(o), bad: false }),
  )
  build.value.fans.forEach((f, index) =>
    list.push({ piece: { kind: 'fans', id: f.id }, name: fanName(index), b: boxOf(f), bad: trouble(f.id) }),
  )
  build.value.otherCoolers.forEach((o) => {
    if (o.place !== 'ELSEWHERE')
      list.push({
        piece: { kind: 'otherCoolers', id: o.id },
        name: otherName(o),
        b: boxOf(o.core),
        bad: trouble(o.id),
      })
  })
  build.value.coolers.forEach((c, index) => {
    if (c.place !== 'ELSEWHERE')
      list.push({
        piece: { kind: 'coolers', id: c.id },
        name: coolerName(index),
        b: box({ kind: 'coolers', id: c.id })!,
        bad: trouble(c.id),
      })
  })
  return list
})
/** What is in hand lies on top in a layer of its own: it can be taken wherever it is seen, and Tab keeps its order. */
const hand = computed(() => pieces.value.find((p) => isPicked(p.piece)))
const isPicked = (p: Piece) => picked.value?.kind === p.kind && picked.value.id === p.id

const svg = ref<SVGSVGElement | null>(null)
let grab: { piece: Piece; dx: number; dy: number } | null = null
function at(event: PointerEvent) {
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  return { x: props.fromFan ? view.value.right - p.x : p.x + view.value.left, y: view.value.top - p.y }
}
/** A finger picks with a tap and moves only what is picked, so that a swipe over the drawing scrolls the page. */
function take(event: PointerEvent, piece: Piece) {
  if (event.pointerType === 'touch' && !isPicked(piece)) return
  picked.value = piece
  const b = box(piece)
  if (!b || event.button !== 0) return
  const p = at(event)
  grab = { piece, dx: p.x - b.left, dy: p.y - b.bottom }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function carry(event: PointerEvent) {
  if (!grab) return
  const b = box(grab.piece)
  if (!b) return
  const p = at(event)
  const free = { ...b, left: p.x - grab.dx, bottom: p.y - grab.dy }
  const to = inside(grab.piece, event.altKey ? free : snap(free, catches(grab.piece)))
  job.drag(moved(grab.piece, to.left, to.bottom))
}
/** What stands before the pack stops at the opening. */
function inside(piece: Piece, to: Box): Box {
  const front = [...build.value.coolers, ...build.value.otherCoolers].find((c) => c.id === piece.id)?.place === 'FRONT'
  return front ? intoOpening(to, opening.value) : to
}
function letGo() {
  grab = null
  job.drop()
}
function nudge(event: KeyboardEvent, piece: Piece) {
  const b = box(piece)
  const step = event.shiftKey ? 25 : 5
  const mirror = props.fromFan ? -1 : 1
  const by: Record<string, [number, number]> = {
    ArrowLeft: [-step * mirror, 0],
    ArrowRight: [step * mirror, 0],
    ArrowUp: [0, step],
    ArrowDown: [0, -step],
  }
  const d = by[event.key]
  if (!d || !b) return
  event.preventDefault()
  picked.value = piece
  const to = inside(piece, { ...b, left: b.left + d[0], bottom: b.bottom + d[1] })
  job.replace(moved(piece, to.left, to.bottom))
}
/** Distances from the piece in hand to the opening's edges. */
const rulers = computed(() => {
  const p = picked.value
  const b =
    p && p.kind === 'coolers' && build.value.coolers.find((c) => c.id === p.id)?.place !== 'ELSEWHERE' ? box(p) : null
  if (!b) return []
  const o = opening.value
  const mm = (v: number) => format(v, 'size', unitWorld.value)
  const lines = [
    {
      x1: o.left,
      y1: b.bottom + b.height / 2,
      x2: b.left,
      y2: b.bottom + b.height / 2,
      text: mm(b.left - o.left),
      room: b.left - o.left,
    },
    {
      x1: b.left + b.width / 2,
      y1: o.bottom,
      x2: b.left + b.width / 2,
      y2: b.bottom,
      text: mm(b.bottom - o.bottom),
      room: b.bottom - o.bottom,
    },
  ]
  const px = (v: number) => (props.fromFan ? view.value.right - v : v - view.value.left)
  return lines
    .filter((l) => l.room > 30)
    .map((l) => ({
      d: `M${px(l.x1)} ${view.value.top - l.y1}L${px(l.x2)} ${view.value.top - l.y2}`,
      x: l.x1 === l.x2 ? px(l.x1) : px(l.x2 - Math.min(l.room / 2, 80)),
      y: view.value.top - (l.x1 === l.x2 ? l.y2 - Math.min(l.room / 2, 60) : l.y1),
      text: l.text,
      tall: l.x1 === l.x2,
    }))
})
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${view.width} ${view.height}`"
    role="group"
    :aria-label="`Cooling pack from the ${fromFan ? 'fan side' : 'front'}, to scale`"
    class="front"
    data-pack
  >
    <defs>
      <!-- On a cell of any colour, by day as by night: a name stands on paper. -->
      <filter id="plate" x="-0.03" y="0" width="1.06" height="1">
        <feFlood flood-color="var(--paper)" flood-opacity="0.88" />
        <feComposite in="SourceGraphic" operator="over" />
      </filter>
      <pattern id="hatch" width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="10" height="10" fill="var(--metal)" />
        <path d="M0 0V10" stroke="var(--paper)" stroke-width="3" opacity=".35" />
      </pattern>
    </defs>
    <rect
      :x="X(opening)"
      :y="Y(opening)"
      :width="opening.width"
      :height="opening.height"
      fill="none"
      stroke="var(--ink-soft)"
      stroke-width="3"
      stroke-dasharray="14 8"
    />
    <g>
      <rect
        v-for="(c, k) in cells"
        :key="k"
        :x="X(c)"
        :y="Y(c)"
        :width="c.width"
        :height="c.height"
        :fill="value(c) == null ? 'var(--rule-soft)' : heatColour(share(value(c)!))"
        stroke="var(--paper)"
        stroke-width=".7"
        stroke-opacity=".5"
        data-cell
      />
    </g>
    <rect
      :x="X(radiator)"
      :y="Y(radiator)"
      :width="radiator.width"
      :height="radiator.height"
      fill="none"
      stroke="var(--ink)"
      stroke-width="5"
    />
    <rect
      v-for="core in otherCores"
      :key="core.dash"
      :x="X(core.box)"
      :y="Y(core.box)"
      :width="core.box.width"
      :height="core.box.height"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2.5"
      :stroke-dasharray="core.dash"
    />
    <circle
      v-for="d in discs"
      :key="d.key"
      :cx="d.cx"
      :cy="d.cy"
      :r="d.r"
      fill="none"
      stroke="#fff"
      stroke-width="2.5"
      stroke-dasharray="3 6"
      pointer-events="none"
    />
    <g v-for="(l, k) in labels" :key="'l' + k" pointer-events="none" :style="{ '--on': l.ink }">
      <text :x="l.x" :y="l.y + (l.sub ? -4 : 14)" text-anchor="middle" class="head cell">{{ l.text }}</text>
      <text v-if="l.sub" :x="l.x" :y="l.y + 30" text-anchor="middle" class="cellsub">{{ l.sub }}</text>
    </g>
    <g
      v-for="p in pieces"
      :key="p.piece.kind + p.piece.id"
      class="piece"
      :class="[p.piece.kind, { picked: isPicked(p.piece), bad: p.bad }]"
      tabindex="0"
      role="button"
      :aria-label="`${p.name}, ${format(p.b.left, 'size', unitWorld)} from the radiator’s left edge, ${format(p.b.bottom, 'size', unitWorld)} above its lower edge; arrow keys move it`"
      :aria-pressed="isPicked(p.piece)"
      :data-piece="p.name"
      @pointerdown="take($event, p.piece)"
      @pointermove="carry"
      @pointerup="letGo"
      @pointercancel="letGo"
      @click="picked = p.piece"
      @keydown="nudge($event, p.piece)"
      @focus="picked = p.piece"
    >
      <rect :x="X(p.b)" :y="Y(p.b)" :width="p.b.width" :height="p.b.height" />
      <text
        v-if="p.piece.kind === 'obstacles' || p.piece.kind === 'otherCoolers'"
        :x="X(p.b) + p.b.width / 2"
        :y="Y(p.b) - 7"
        text-anchor="middle"
        class="name"
      >
        {{ p.name }}
      </text>
    </g>
    <g
      v-if="hand"
      class="piece hand"
      :class="[hand.piece.kind, 'picked', { bad: hand.bad }]"
      aria-hidden="true"
      data-hand
      @pointerdown="take($event, hand.piece)"
      @pointermove="carry"
      @pointerup="letGo"
      @pointercancel="letGo"
    >
      <rect :x="X(hand.b)" :y="Y(hand.b)" :width="hand.b.width" :height="hand.b.height" />
      <template v-if="['coolers', 'otherCoolers', 'obstacles'].includes(hand.piece.kind)">
        <rect
          v-for="[hx, hy] in [
            [0, 0],
            [1, 0],
            [0, 1],
            [1, 1],
          ]"
          :key="`${hx}${hy}`"
          :x="X(hand.b) + hx! * hand.b.width - 8"
          :y="Y(hand.b) + hy! * hand.b.height - 8"
          width="16"
          height="16"
          class="corner"
        />
      </template>
    </g>
    <g v-for="(r, k) in rulers" :key="'r' + k" pointer-events="none">
      <path :d="r.d" stroke="#fff" stroke-width="7" opacity=".55" />
      <path :d="r.d" stroke="var(--rb-breeze-700)" stroke-width="2.5" />
      <rect :x="r.x - 58" :y="r.y - 22" width="116" height="42" fill="var(--paper)" opacity=".86" />
      <text :x="r.x" :y="r.y + 11" text-anchor="middle" class="head rule">{{ r.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
.front {
  width: 100%;
  display: block;
}
/* A finger on what is in hand drags it; anywhere else it scrolls. */
.hand {
  touch-action: none;
}
.cell {
  font-size: 42px;
  fill: var(--on);
}
.cellsub {
  font-size: 30px;
  fill: var(--on);
}
.piece {
  cursor: grab;
  outline: none;
}
.piece:active {
  cursor: grabbing;
}
.otherCoolers > rect:first-child {
  fill: transparent;
  stroke: var(--metal);
  stroke-width: 5;
}
.otherCoolers.picked > rect:first-child {
  stroke: var(--rb-breeze-700);
  stroke-width: 6;
}
.coolers > rect:first-child {
  fill: transparent;
  stroke: var(--ink);
  stroke-width: 5;
}
.coolers.picked > rect:first-child {
  stroke: var(--rb-breeze-700);
  stroke-width: 6;
  fill: rgb(255 255 255 / 10%);
}
.fans {
  pointer-events: stroke;
}
.fans > rect:first-child {
  fill: none;
  stroke: #fff;
  stroke-width: 14;
  stroke-opacity: 0;
}
.fans.picked > rect:first-child {
  stroke: var(--rb-breeze-700);
  stroke-width: 5;
  stroke-dasharray: 4 8;
  stroke-opacity: 1;
}
.condenser,
.chargeAirCooler {
  pointer-events: stroke;
}
.condenser > rect:first-child,
.chargeAirCooler > rect:first-child {
  fill: none;
  stroke: #fff;
  stroke-width: 16;
  stroke-opacity: 0;
}
.condenser.picked > rect:first-child,
.chargeAirCooler.picked > rect:first-child {
  stroke: var(--rb-breeze-700);
  stroke-width: 5;
  stroke-opacity: 1;
}
.obstacles > rect:first-child {
  fill: url(#hatch);
  stroke: var(--ink);
  stroke-width: 2;
  opacity: 0.9;
}
.hand.obstacles > rect:first-child {
  fill: transparent;
}
.obstacles.picked > rect:first-child {
  stroke: var(--rb-breeze-700);
  stroke-width: 5;
}
.piece.bad > rect:first-child {
  stroke: var(--over);
  stroke-width: 7;
  stroke-dasharray: 16 6;
}
.piece:focus-visible > rect:first-child {
  stroke: var(--accent);
  stroke-width: 9;
  stroke-opacity: 1;
}
.corner {
  fill: #fff;
  stroke: var(--rb-breeze-700);
  stroke-width: 3;
  pointer-events: none;
}
.name {
  font-size: 32px;
  filter: url('#plate');
}
.rule {
  font-size: 34px;
}
</style>
