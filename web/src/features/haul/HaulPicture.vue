<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import type { Fluid, RoadPoint, TripTrace } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, roundValues, toShown } from '@/shared/units/units'
import { flag } from '@/shared/ui/words'
import { withValue } from '@/job/paths'
import { recorded } from './recorded'
import { withinGrades } from './roadEdits'
import { nearest, placeOf, placesOf, roadAxis, runs } from './roadAxis'
import RoadRibbons from './RoadRibbons.vue'
import TracePanel, { type Drawn } from './TracePanel.vue'

/**
 * The road as it lies, and under it what every build does on it: coolant, then oil, each against its limit, then gear
 * and fan. One cursor goes through all of it.
 */
const props = defineProps<{ editing: boolean }>()
const cursor = defineModel<number | null>({ required: true })
const opened = defineModel<string | null>('opened', { required: true })
const job = useJob()
const driving = useDriving()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const LEFT = 52
const RIGHT = 34
const PROFILE = { top: 30, height: 96 }
const COOLANT = { top: 150, height: 138 }
const OIL = { top: 312, height: 120 }
const RIBBONS = { top: 446, height: 22, gap: 5 }
const BOTTOM = 520

const points = computed(() => job.content.haul.journey!.points)
const axis = computed(() => roadAxis(points.value))
const DASHES = ['', '7 4', '2 3', '10 3 2 3', '5 5', '1 4']
const across = computed(() => Math.max(200, width.value - LEFT - RIGHT))
const X = (place: number) => LEFT + (place / axis.value.length) * across.value
const scale = (panel: { top: number; height: number }, low: number, high: number) => (v: number) =>
  panel.top + panel.height - ((v - low) / (high - low || 1)) * panel.height

const builds = computed(() =>
  job.content.builds.flatMap((b, i): (Drawn & { places: number[] })[] => {
    const trace = driving.tripOf(b.id)?.trace
    if (!trace) return []
    const places = placesOf(axis.value, trace)
    const own = b.id === job.selected
    const dash = own ? '' : DASHES[(i + 1) % DASHES.length]!
    return [{ id: b.id, letter: flag(b, job.content.builds), own, dash, trace, places, x: places.map(X) }]
  }),
)
const mine = computed(() => builds.value.find((b) => b.own))

/** A point of the road under the hand, the road and the length of its axis as they were when it was taken. */
const grabbed = ref<{ id: string; x: number; y: number; road: RoadPoint[]; length: number } | null>(null)
/** Under the hand the scale stands still: one that followed the point would run away with it. */
const heights = computed(() => {
  const all = (grabbed.value?.road ?? points.value).map((p) => p.elevationM)
  const low = Math.min(...all)
  const high = Math.max(...all, low + 40)
  return scale(PROFILE, low - 0.12 * (high - low), high)
})
/** The road's line over some of its points: level across each stop. */
const lineOf = (some: RoadPoint[], lower = 0) =>
  some.flatMap((p) => {
    const at = placeOf(axis.value, p.distanceKm)
    const stop = axis.value.stops.find((s) => s.point.id === p.id)
    const y = heights.value(p.elevationM) + lower
    return stop
      ? [
          [X(stop.from), y],
          [X(stop.to), y],
        ]
      : [[X(at), y]]
  })
const line = computed(() => lineOf(points.value))
/** As recorded, where the road was made of a recording and is still that. */
const raw = computed(() => {
  const r = recorded.value
  return r && r.of === points.value
    ? path(r.raw.map((s) => [X(placeOf(axis.value, s.distanceKm)), heights.value(s.elevationM)]))
    : ''
})
const path = (xy: number[][]) => xy.map(([x, y], i) => `${i ? 'L' : 'M'}${x!.toFixed(1)} ${y!.toFixed(1)}`).join('')
const ground = computed(
  () =>
    `${path(line.value)}L${X(axis.value.length)} ${PROFILE.top + PROFILE.height}L${LEFT} ${PROFILE.top + PROFILE.height}z`,
)
const SURFACES: Record<RoadPoint['surface'], { dash: string; word: string }> = {
  ASPHALT: { dash: '', word: '' },
  GRAVEL: { dash: '2 4', word: 'gravel' },
  SNOW: { dash: '9 4', word: 'snow' },
  SAND: { dash: '1 3', word: 'soft sand' },
}
const loose = computed(() =>
  runs(points.value.slice(0, -1).map((p) => p.surface))
    .filter((r) => r.value !== 'ASPHALT')
    .map((r) => {
      const from = points.value[r.from]!
      const to = points.value[Math.max(r.to, r.from + 1)]!
      const within = points.value.filter((p) => p.distanceKm >= from.distanceKm && p.distanceKm <= to.distanceKm)
      return {
        ...SURFACES[r.value],
        d: path(lineOf(within, 5)),
        x: (X(placeOf(axis.value, from.distanceKm)) + X(placeOf(axis.value, to.distanceKm))) / 2,
      }
    }),
)
/** Names of places, those that would run into the one before left to the cursor. */
const places = computed(() => {
  let free = -Infinity
  return points.value.flatMap((p) => {
    if (!p.place) return []
    const stop = axis.value.stops.find((s) => s.point.id === p.id)
    const x = X(stop ? (stop.from + stop.to) / 2 : placeOf(axis.value, p.distanceKm))
    const words = p.stop ? `${p.place}, ${formatNumber(p.stop.minutes, 0)} min` : p.place
    const wide = words.length * 6.4
    const anchor = x - wide / 2 < LEFT ? 'start' : x + wide / 2 > width.value - 4 ? 'end' : 'middle'
    const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2
    if (left < free) return []
    free = left + wide + 12
    return [{ id: p.id, x, y: heights.value(p.elevationM), words, anchor }]
  })
})

function span(of: (t: TripTrace) => number[][]): [number, number] {
  const all = builds.value.flatMap((b) => of(b.trace).flat())
  return all.length ? [Math.min(...all), Math.max(...all)] : [0, 1]
}
const coolantSpan = computed(() => {
  const [low, high] = span((t) => [t.coolantC, t.coolantLimitC])
  return [low - 2, high + 4] as const
})
const panLimit = computed(() => job.content.rig.vehicle.limits.panC)
const oilSpan = computed(() => {
  const [low, high] = span((t) => [t.panC, t.feedC])
  return [low - 2, Math.max(high, panLimit.value) + 4] as const
})
const yCoolant = computed(() => scale(COOLANT, coolantSpan.value[0], coolantSpan.value[1]))
const yOil = computed(() => scale(OIL, oilSpan.value[0], oilSpan.value[1]))
const feed = computed(() => path(mine.value!.x.map((x, i) => [x, yOil.value(mine.value!.trace.feedC[i]!)])))
const kilometres = computed(() =>
  roundValues(points.value[0]!.distanceKm, points.value.at(-1)!.distanceKm, 'distance', unitWorld.value, 7),
)
const whole = computed(() =>
  kilometres.value.every((v) => Math.abs(toShown(v, 'distance', unitWorld.value) % 1) < 1e-6),
)

/** The worst moment of the build in hand, where it lies. */
function worst(fluid: Fluid) {
  const b = mine.value
  const gauge = b && driving.gaugeOf(b.id, fluid)
  return gauge ? { ...gauge, fluid, x: b.x[nearest(b.trace.timeS, gauge.atS)]! } : null
}

const at = computed(() => {
  const b = mine.value
  return b && cursor.value !== null ? nearest(b.places, cursor.value) : null
})
const cursorX = computed(() => (at.value === null ? null : mine.value!.x[at.value]!))
const says = computed(() => {
  const t = mine.value?.trace
  const i = at.value
  return t && i !== null
    ? `${format(t.distanceKm[i], 'distance', unitWorld.value, 1)}, coolant ${format(t.coolantC[i], 'temperature', unitWorld.value)}`
    : ''
})

const perMetre = computed(() => Math.abs(heights.value(1) - heights.value(0)))
const perKm = computed(() => across.value / (grabbed.value?.length ?? axis.value.length))
const tenth = (v: number) => Math.round(v * 10) / 10
const hundredth = (v: number) => Math.round(v * 100) / 100

/** The road with one of its points elsewhere, but never past a neighbour, nor steeper than a road can be. */
function moved(id: string, km: number, metres: number) {
  const all = points.value
  const i = all.findIndex((p) => p.id === id)
  const low = i ? all[i - 1]!.distanceKm + 0.01 : all[0]!.distanceKm
  const high = i < all.length - 1 ? all[i + 1]!.distanceKm - 0.01 : Infinity
  const distanceKm = i ? hundredth(Math.max(low, Math.min(high, km))) : all[0]!.distanceKm
  const next = all.map((p) =>
    p.id === id ? { ...p, distanceKm, elevationM: tenth(withinGrades(all, i, distanceKm, metres)) } : p,
  )
  return withValue(job.content, 'haul.journey.points', next)
}
function grabPoint(e: PointerEvent, p: RoadPoint) {
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
  opened.value = p.id
  grabbed.value = { id: p.id, x: e.clientX, y: e.clientY, road: points.value, length: axis.value.length }
}
function dragPoint(e: PointerEvent) {
  const g = grabbed.value
  if (!g || !e.buttons) return
  const from = g.road.find((p) => p.id === g.id)!
  const km = from.distanceKm + (e.clientX - g.x) / perKm.value
  job.drag(moved(g.id, km, from.elevationM - (e.clientY - g.y) / perMetre.value))
}
function dropPoint() {
  grabbed.value = null
  job.drop()
}
const STEPS: Record<string, [number, number]> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowRight: [0.1, 0],
  ArrowLeft: [-0.1, 0],
}
function nudgePoint(e: KeyboardEvent, p: RoadPoint) {
  const step = STEPS[e.key]
  if (!step) return
  e.preventDefault()
  e.stopPropagation()
  const more = e.shiftKey ? 10 : 1
  job.replace(moved(p.id, p.distanceKm + step[0] * more, p.elevationM + step[1] * more))
}

function point(e: PointerEvent) {
  const left = box.value!.getBoundingClientRect().left
  cursor.value = Math.max(0, Math.min(1, (e.clientX - left - LEFT) / across.value)) * axis.value.length
}
function grab(e: PointerEvent) {
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
  point(e)
  // So that the arrow keys go on from there.
  box.value?.querySelector<SVGGElement>('.cursor')?.focus({ preventScroll: true })
}
function key(e: KeyboardEvent) {
  const step = axis.value.length / (e.shiftKey ? 20 : 200)
  const from = cursor.value ?? 0
  const to =
    e.key === 'ArrowRight'
      ? from + step
      : e.key === 'ArrowLeft'
        ? from - step
        : e.key === 'Home'
          ? 0
          : e.key === 'End'
            ? axis.value.length
            : null
  if (to === null) return
  e.preventDefault()
  cursor.value = Math.max(0, Math.min(axis.value.length, to))
}
</script>

<template>
  <div ref="box" class="box" :class="{ older: driving.older }">
    <svg
      v-if="width"
      :width="width"
      :height="BOTTOM"
      class="picture"
      data-haul
      role="group"
      aria-label="The road, and what every build does on it"
      @pointerdown="grab"
      @pointermove="(e) => e.buttons && point(e)"
    >
      <defs>
        <pattern id="standing" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="var(--rule)" stroke-width="3" />
        </pattern>
      </defs>
      <g v-for="s in axis.stops" :key="s.point.id">
        <rect
          :x="X(s.from)"
          :y="PROFILE.top"
          :width="X(s.to) - X(s.from)"
          :height="RIBBONS.top + 2 * RIBBONS.height + RIBBONS.gap - PROFILE.top"
          fill="url(#standing)"
          opacity=".55"
        />
      </g>
      <path :d="ground" fill="var(--rule-soft)" />
      <path v-if="raw" :d="raw" fill="none" stroke="var(--rb-breeze-400)" stroke-width="1.5" data-raw />
      <path :d="path(line)" fill="none" stroke="var(--ink)" stroke-width="4" stroke-linejoin="round" />
      <g v-for="(s, i) in loose" :key="i">
        <path :d="s.d" fill="none" stroke="var(--ink)" stroke-width="5" :stroke-dasharray="s.dash" />
        <text :x="s.x" :y="PROFILE.top + PROFILE.height - 5" class="soft note" text-anchor="middle">{{ s.word }}</text>
      </g>
      <g v-for="p in places" :key="p.id">
        <path :d="`M${p.x} ${p.y - 4}V${PROFILE.top - 8}`" stroke="var(--ink-soft)" stroke-width="1" />
        <text :x="p.x" :y="PROFILE.top - 13" :text-anchor="p.anchor" class="head place">{{ p.words }}</text>
      </g>
      <template v-if="props.editing">
        <circle
          v-for="p in points"
          :key="p.id"
          :cx="X(placeOf(axis, p.distanceKm))"
          :cy="heights(p.elevationM)"
          :r="p.id === opened ? 9 : 6"
          class="grip"
          :class="{ own: p.id === opened }"
          role="button"
          tabindex="0"
          :data-point="p.id"
          :aria-label="`Point at ${format(p.distanceKm, 'distance', unitWorld)}, ${format(p.elevationM, 'altitude', unitWorld)}: arrow keys move it`"
          @pointerdown.stop="grabPoint($event, p)"
          @pointermove.stop="dragPoint"
          @pointerup.stop="dropPoint"
          @pointercancel="dropPoint"
          @keydown="nudgePoint($event, p)"
          @focus="opened = p.id"
        />
      </template>
      <text :x="LEFT - 6" :y="heights(points[0]!.elevationM) + 4" text-anchor="end" class="note soft">
        {{ formatNumber(toShown(points[0]!.elevationM, 'altitude', unitWorld), 0) }}
      </text>

      <template v-if="builds.length">
        <TracePanel
          :builds="builds"
          :values="(t) => t.coolantC"
          :left="LEFT"
          :across="across"
          :y="yCoolant"
          :span="coolantSpan"
          :limit="mine?.trace.coolantLimitC ?? []"
          :worst="worst('coolant')"
        >
          <text :x="LEFT + 6" :y="COOLANT.top + 12" class="head title">Coolant</text>
        </TracePanel>
        <TracePanel
          :builds="builds"
          :values="(t) => t.panC"
          :left="LEFT"
          :across="across"
          :y="yOil"
          :span="oilSpan"
          :limit="mine?.trace.panC.map(() => panLimit) ?? []"
          :worst="worst('pan')"
        >
          <text :x="LEFT + 6" :y="OIL.top + 12" class="head title">
            Oil pan
            <tspan class="thin">and feed</tspan>
          </text>
          <path v-if="mine" :d="feed" fill="none" stroke="var(--accent)" stroke-width="1.5" opacity=".75" />
        </TracePanel>
        <RoadRibbons v-if="mine" :trace="mine.trace" :x="mine.x" :left="LEFT" :across="across" v-bind="RIBBONS" />
      </template>
      <text
        v-for="v in kilometres"
        :key="`k${v}`"
        :x="X(placeOf(axis, v))"
        :y="BOTTOM - 6"
        text-anchor="middle"
        class="note"
      >
        {{ format(v, 'distance', unitWorld, whole ? 0 : 1) }}
      </text>
      <g
        v-if="cursorX !== null && mine"
        class="cursor"
        role="slider"
        tabindex="0"
        aria-label="Place on the road"
        :aria-valuemin="0"
        :aria-valuemax="Number(axis.length.toFixed(2))"
        :aria-valuenow="Number((cursor ?? 0).toFixed(2))"
        :aria-valuetext="says"
        @keydown="key"
      >
        <path :d="`M${cursorX} ${PROFILE.top - 6}V${BOTTOM - 22}`" stroke="var(--ink)" stroke-width="2" />
        <path
          :d="`M${cursorX - 9} ${PROFILE.top - 6}h18l-9 10z`"
          fill="var(--ink)"
          stroke="var(--paper)"
          stroke-width="1.5"
        />
        <circle :cx="cursorX" :cy="yCoolant(mine.trace.coolantC[at!]!)" r="5" fill="var(--ink)" />
        <circle :cx="cursorX" :cy="yOil(mine.trace.panC[at!]!)" r="5" fill="var(--ink)" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 520px;
}
.picture {
  display: block;
  touch-action: pan-y;
  cursor: ew-resize;
}
.older {
  opacity: 0.55;
}
.cursor {
  outline: none;
}
.cursor:focus-visible path {
  stroke: var(--accent);
  stroke-width: 4;
}
.grip {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2.5;
  cursor: move;
  touch-action: none;
}
.grip.own {
  fill: var(--accent);
}
.note {
  font-size: 14px;
  fill: var(--ink);
}
.note.soft,
.soft {
  fill: var(--ink-soft);
}
.place {
  font-size: 15px;
}
.title {
  font-size: 17px;
}
.thin {
  font-weight: 500;
  fill: var(--ink-soft);
}
text {
  pointer-events: none;
  user-select: none;
}
</style>
