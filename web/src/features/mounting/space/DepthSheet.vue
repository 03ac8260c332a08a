<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { pick, picked } from './state'
import type { Thing } from './things'
import {
  around,
  type Bounds,
  type Eye,
  type Face,
  facesOf,
  grown,
  middle,
  painted,
  type Point,
  projected,
} from './views'

/** The nose in a projected view, to see what lies before what. Dragged or by arrow keys it turns. */
const props = defineProps<{ shown: Bounds; things: Thing[]; big: boolean }>()

const eye = ref<Eye>({ turn: -0.62, raise: 0.5 })
const svg = ref<SVGSVGElement | null>(null)
const { width, height } = useElementSize(svg)

/** Middle and half size of what is shown stay in sight however it turns. */
const view = computed(() => {
  const m = projected(eye.value, middle(props.shown))
  const b = props.shown
  const reach = Math.hypot(b.high[0] - b.low[0], b.high[1] - b.low[1], b.high[2] - b.low[2]) / 2.15
  const wide = (width.value || 4) / (height.value || 3)
  const [w, h] = wide > 1 ? [2 * reach * wide, 2 * reach] : [2 * reach, (2 * reach) / wide]
  return { x: m.x - w / 2, y: m.y - h / 2, w, h }
})
const px = computed(() => view.value.w / (width.value || 400))

interface Drawn {
  key: string
  part: string
  bounds: Bounds
  faces: Face[]
  line: { d: string; wide: number } | null
  thing: Thing
}
const at = (p: Point): Bounds => ({ low: p, high: p })
const LONG = 120
/** A tube in pieces, so that each can lie before or behind its neighbours. */
function pieces(from: Point, to: Point): [Point, Point][] {
  const n = Math.max(1, Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) / LONG))
  const at = (k: number): Point => [0, 1, 2].map((a) => from[a]! + ((to[a]! - from[a]!) * k) / n) as unknown as Point
  return Array.from({ length: n }, (_, k) => [at(k), at(k + 1)])
}
const drawn = computed(() => {
  const list: Drawn[] = []
  for (const t of props.things) {
    if (t.tube) {
      const line = t.tube.line ?? t.tube.points
      line.slice(1).forEach((p, n) =>
        pieces(line[n]!, p).forEach(([a, b], m) => {
          const [p1, p2] = [projected(eye.value, a), projected(eye.value, b)]
          list.push({
            key: t.key,
            part: `${t.key}/${n}/${m}`,
            bounds: grown(around([at(a), at(b)]), t.tube!.radius),
            faces: [],
            line: { d: `M${p1.x} ${p1.y}L${p2.x} ${p2.y}`, wide: t.tube!.radius * 2 },
            thing: t,
          })
        }),
      )
    } else {
      list.push({
        key: t.key,
        part: t.key,
        bounds: t.bounds,
        faces: facesOf(eye.value, t.bounds),
        line: null,
        thing: t,
      })
    }
  }
  return painted(
    eye.value,
    list.map((d) => d.bounds),
  ).map((n) => list[n]!)
})
const SEEN_THROUGH = new Set(['bonnet', 'grille'])
const clear = (t: Thing) => t.gone || t.look === 'FAN' || SEEN_THROUGH.has(t.id)

let from: { x: number; y: number; eye: Eye; on: string } | null = null
function take(event: PointerEvent, on = '') {
  if (event.button !== 0) return
  from = { x: event.clientX, y: event.clientY, eye: eye.value, on }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
const keyOf = (event: PointerEvent) => (event.target as Element).closest('[data-key]')?.getAttribute('data-key') ?? ''
const held = (v: number, low: number, high: number) => Math.min(high, Math.max(low, v))
function turn(e: Eye) {
  eye.value = { turn: held(e.turn, -1.5, 1.5), raise: held(e.raise, -0.2, 1.4) }
}
function carry(event: PointerEvent) {
  if (!from) return
  turn({
    turn: from.eye.turn + (event.clientX - from.x) / 220,
    raise: from.eye.raise + (event.clientY - from.y) / 220,
  })
}
/** What is let go where it was taken was not turned but picked. */
function letGo(event: PointerEvent) {
  if (from && Math.hypot(event.clientX - from.x, event.clientY - from.y) < 4) pick(from.on)
  from = null
}
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-0.1, 0],
  ArrowRight: [0.1, 0],
  ArrowUp: [0, 0.1],
  ArrowDown: [0, -0.1],
}
function key(event: KeyboardEvent) {
  const by = KEYS[event.key]
  if (!by) return
  event.preventDefault()
  turn({ turn: eye.value.turn + by[0], raise: eye.value.raise + by[1] })
}
const points = (f: Face) => f.points.map((p) => p.join(',')).join(' ')
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
    role="group"
    tabindex="0"
    aria-label="The front end projected; drag or arrow keys turn it"
    :class="{ big }"
    data-view="depth"
    @pointerdown="take($event, keyOf($event))"
    @pointermove="carry"
    @pointerup="letGo"
    @pointercancel="from = null"
    @keydown="key"
  >
    <g
      v-for="d in drawn"
      :key="d.part"
      class="thing"
      :class="[d.thing.kind, d.thing.look, { picked: d.key === picked, clear: clear(d.thing) }]"
      :data-key="d.key"
    >
      <template v-if="d.line">
        <path :d="d.line.d" class="edge" :stroke-width="d.line.wide + 3 * px" />
        <path :d="d.line.d" class="body" :stroke-width="d.line.wide" />
      </template>
      <polygon v-for="(f, n) in d.faces" :key="n" :points="points(f)" :style="{ '--light': f.light }" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 100%;
  display: block;
  cursor: move;
  touch-action: none;
}
polygon {
  fill: color-mix(in srgb, var(--rb-asphalt-300) calc(var(--light) * 100%), var(--rb-asphalt-500));
  stroke: var(--ink);
  stroke-width: 1;
  stroke-linejoin: round;
  vector-effect: non-scaling-stroke;
}
.piece polygon {
  fill: color-mix(in srgb, var(--rb-chalk-200) calc(var(--light) * 100%), var(--rb-asphalt-300));
}
.OIL_COOLER polygon,
.OTHER_COOLER polygon {
  fill: color-mix(in srgb, var(--rb-breeze-400) calc(var(--light) * 100%), var(--rb-breeze-700));
}
.hole polygon,
.port polygon {
  fill: var(--ink);
}
.clear polygon {
  fill-opacity: 0.08;
}
.edge {
  fill: none;
  stroke: var(--ink);
}
.body {
  fill: none;
  stroke: var(--rb-asphalt-300);
  stroke-linecap: round;
}
.hose .body {
  stroke: var(--accent);
}
.hose.HOT_OIL .body {
  stroke: var(--over);
}
.BRACKET .body {
  stroke: var(--rb-breeze-600);
}
.WIRE .body {
  stroke: var(--rb-asphalt-500);
}
.picked polygon {
  stroke: var(--accent);
  stroke-width: 3;
}
.picked .edge {
  stroke: var(--accent);
}
</style>
