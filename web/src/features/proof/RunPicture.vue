<script setup lang="ts">
import { nice, ticks } from 'd3-array'
import { useElementSize, watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { refusal } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import type { Run, RunPicture } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, ofSi, toShown, type QuantityName } from '@/shared/units/units'
import { beginOf, clock, endOf, PANELS, timeTicks, unbroken, type Channel } from './runs'

/** A drive as it was recorded: lowest to highest of each step as a band, its mean as a line; holes stay holes. */
const props = defineProps<{ run: Run }>()
const job = useJob()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const LEFT = 66
const RIGHT = 12
const HIGH = 112
const GAP = 26
const across = computed(() => Math.max(200, width.value - LEFT - RIGHT))
const from = ref(beginOf(props.run))
const to = ref(endOf(props.run))
const whole = () => {
  from.value = beginOf(props.run)
  to.value = endOf(props.run)
}
watch(() => props.run, whole)

const picture = shallowRef<RunPicture | null>(null)
const problem = ref('')
let asked = 0
watchDebounced(
  [from, to, width, () => props.run],
  async () => {
    if (!width.value) return
    const mine = ++asked
    try {
      const path = `/api/runs/${props.run.id}/picture?from=${from.value}&to=${to.value}&most=${Math.round(across.value)}`
      const got = await api.get<RunPicture>(path)
      if (mine === asked) picture.value = got
      problem.value = ''
    } catch (e) {
      problem.value = refusal(e)
    }
  },
  { debounce: 60, immediate: true },
)

const X = (t: number) => LEFT + ((t - from.value) / (to.value - from.value)) * across.value
interface Line {
  key: string
  label: string
  channel: Channel
  t: number[]
  low: (number | null)[]
  high: (number | null)[]
  mean: (number | null)[]
}
const lines = computed<Line[]>(() =>
  (picture.value?.tracks ?? []).flatMap((p) => {
    const track = props.run.tracks.find((t) => t.number === p.number)
    return (track?.body.columns ?? []).map((c, i) => ({
      key: `${p.number}-${i}`,
      label: c.channel === 'OTHER' ? c.name : word(`channel.${camel(c.channel)}`),
      channel: c.channel,
      t: p.t,
      low: p.low[i]!,
      high: p.high[i]!,
      mean: p.mean[i]!,
    }))
  }),
)
const shown = (v: number, kind: QuantityName) => toShown(ofSi(v, kind), kind, unitWorld.value)
const DASHES = ['', '7 4', '2 3', '10 3 2 3', '1 4', '4 2']
const panels = computed(() => {
  let top = 8
  return PANELS.flatMap((panel) => {
    const here = lines.value.filter((l) => panel.channels.includes(l.channel))
    const values = here.flatMap((l) => [...l.low, ...l.high]).filter((v): v is number => v != null)
    if (!values.length) return []
    const lowest = Math.min(...values)
    const highest = Math.max(...values)
    // What never changes lies in the middle of a scale.
    const flat = highest - lowest < 1e-6 * Math.max(1, Math.abs(highest))
    const low = shown(lowest, panel.kind) - (flat ? 1 : 0)
    const high = shown(highest, panel.kind) + (flat ? 1 : 0)
    const [foot, head] = nice(low, high, 4)
    const mine = top
    top += HIGH + GAP
    const Y = (v: number) => mine + HIGH - ((shown(v, panel.kind) - foot) / (head - foot)) * HIGH
    return [
      {
        ...panel,
        top: mine,
        limits: here.flatMap((l) => {
          const at = limits.value[l.channel]
          const y = at == null ? -1 : Y(at)
          return at == null || y < mine || y > mine + HIGH ? [] : [{ key: l.key, y, label: `limit ${l.label}` }]
        }),
        ticks: ticks(foot, head, 4).map((v) => ({ v, y: mine + HIGH - ((v - foot) / (head - foot)) * HIGH })),
        lines: here.map((l, n) => ({ ...l, ...drawn(l, Y), dash: DASHES[n % DASHES.length]! })),
      },
    ]
  })
})
/** What the truck must stay under, in the units of the record; the voltage over. */
const limits = computed<Partial<Record<Channel, number | null>>>(() => {
  const l = job.content.rig.vehicle.limits
  return {
    COOLANT: l.coolantC,
    PAN: l.panC,
    OIL_FEED: l.feedC,
    EXHAUST: l.exhaustC,
    BOOST: l.boostKpa == null ? null : l.boostKpa * 1000,
    VOLTAGE: l.lowVolts,
  }
})
const tall = computed(() => 8 + panels.value.length * (HIGH + GAP) + 8)

function drawn(l: Line, Y: (v: number) => number) {
  let line = ''
  let band = ''
  for (const [a, b] of unbroken(l.t, l.mean, gaps.value)) {
    const at = (v: number, i: number) => `${X(l.t[i]!).toFixed(1)},${Y(v).toFixed(1)}`
    const steps = Array.from({ length: b - a + 1 }, (_, k) => a + k)
    line += 'M' + steps.map((i) => at(l.mean[i]!, i)).join('L')
    band += 'M' + steps.map((i) => at(l.high[i]!, i)).join('L') + 'L'
    band +=
      steps
        .reverse()
        .map((i) => at(l.low[i]!, i))
        .join('L') + 'Z'
  }
  return { line, band }
}
const times = computed(() => timeTicks(from.value, to.value))
const marks = computed(() =>
  props.run.tracks.flatMap((t) =>
    t.body.marks
      .map((m) => ({ what: m.what, from: m.from + t.offsetS, to: m.to + t.offsetS }))
      .filter((m) => m.to >= from.value && m.from <= to.value),
  ),
)

const gaps = computed(() => marks.value.filter((m) => m.what === 'GAP'))

/** Under the hand, s. */
const cursor = ref<number | null>(null)
const grabbed = ref<number | null>(null)
const timeAt = (e: PointerEvent | WheelEvent) => {
  const x = e.clientX - box.value!.getBoundingClientRect().left
  return from.value + ((x - LEFT) / across.value) * (to.value - from.value)
}
function down(e: PointerEvent) {
  grabbed.value = timeAt(e)
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
}
function move(e: PointerEvent) {
  const t = timeAt(e)
  cursor.value = t >= from.value && t <= to.value ? t : null
}
function up(e: PointerEvent) {
  const a = grabbed.value
  grabbed.value = null
  if (a == null) return
  const b = timeAt(e)
  const [low, high] = a < b ? [a, b] : [b, a]
  if (high - low > (to.value - from.value) / 60) {
    from.value = Math.max(beginOf(props.run), low)
    to.value = Math.min(endOf(props.run), high)
  }
}
function zoom(by: number, at = (from.value + to.value) / 2) {
  const low = at - (at - from.value) * by
  const high = at + (to.value - at) * by
  from.value = Math.max(beginOf(props.run), low)
  to.value = Math.min(endOf(props.run), Math.max(low + 5, high))
}
function slide(by: number) {
  const span = to.value - from.value
  from.value = Math.min(Math.max(beginOf(props.run), from.value + by * span), endOf(props.run) - span)
  to.value = from.value + span
}
const read = computed(() => {
  const at = cursor.value
  if (at == null) return []
  return panels.value.flatMap((p) =>
    p.lines.flatMap((l) => {
      const after = l.t.findIndex((t) => t > at)
      const i = (after < 0 ? l.t.length : after) - 1
      const v = i < 0 ? null : l.mean[i]
      return v == null ? [] : [{ key: l.key, label: l.label, value: format(ofSi(v, p.kind), p.kind, unitWorld.value) }]
    }),
  )
})
</script>

<template>
  <section class="panel picture" data-run-picture>
    <header>
      <h2>The drive</h2>
      <p class="read" aria-live="off">
        <template v-if="cursor != null"
          ><b>{{ clock(cursor) }}</b>
          <span v-for="r in read" :key="r.key"
            >{{ r.label }} <b>{{ r.value }}</b></span
          ></template
        >
        <span v-else class="soft">Drag over a stretch to look closer.</span>
      </p>
      <div class="keys">
        <button type="button" class="act" aria-label="Earlier" @click="slide(-0.5)">←</button>
        <button type="button" class="act" aria-label="Closer" @click="zoom(0.5)">+</button>
        <button type="button" class="act" aria-label="Farther" @click="zoom(2)">−</button>
        <button type="button" class="act" aria-label="Later" @click="slide(0.5)">→</button>
        <button type="button" class="act" @click="whole">Whole</button>
      </div>
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <div ref="box" class="box">
      <svg
        v-if="picture"
        :width="width"
        :height="tall + 18"
        role="img"
        :aria-label="`${run.data.name}, ${lines.length} columns over ${clock(endOf(run))}`"
        @pointerdown="down"
        @pointermove="move"
        @pointerup="up"
        @pointerleave="cursor = null"
        @wheel.ctrl.prevent="zoom($event.deltaY > 0 ? 1.3 : 1 / 1.3, timeAt($event))"
      >
        <rect
          v-for="(m, i) in marks"
          :key="i"
          class="mark"
          :class="m.what.toLowerCase()"
          :x="X(Math.max(from, m.from))"
          y="0"
          :width="Math.max(2, X(Math.min(to, m.to)) - X(Math.max(from, m.from)))"
          :height="tall"
        />
        <g v-for="p in panels" :key="p.label">
          <text :x="LEFT" :y="p.top - 4 + 12" class="label">{{ p.label }}</text>
          <g v-for="t in p.ticks" :key="t.v">
            <line class="grid" :x1="LEFT" :x2="LEFT + across" :y1="t.y" :y2="t.y" />
            <text :x="LEFT - 6" :y="t.y + 4" class="tick" text-anchor="end">{{ Math.round(t.v * 100) / 100 }}</text>
          </g>
          <g v-for="(m, k) in p.limits" :key="`limit ${m.key}`">
            <line class="limit" :x1="LEFT" :x2="LEFT + across" :y1="m.y" :y2="m.y" />
            <text :x="LEFT + across - 4 - k * 110" :y="m.y - 4" class="tick" text-anchor="end">{{ m.label }}</text>
          </g>
          <g v-for="(l, n) in p.lines" :key="l.key" :class="['line', `n${n % 6}`]">
            <path class="band" :d="l.band" />
            <path class="mean" :d="l.line" :stroke-dasharray="l.dash" />
          </g>
        </g>
        <g v-for="t in times" :key="t">
          <line class="grid" :x1="X(t)" :x2="X(t)" y1="0" :y2="tall" />
          <text :x="X(t)" :y="tall + 14" class="tick" text-anchor="middle">{{ clock(t) }}</text>
        </g>
        <line v-if="cursor != null" class="cursor" :x1="X(cursor)" :x2="X(cursor)" y1="0" :y2="tall" />
        <rect
          v-if="grabbed != null && cursor != null"
          class="chosen"
          :x="X(Math.min(grabbed, cursor))"
          :width="Math.abs(X(cursor) - X(grabbed))"
          y="0"
          :height="tall"
        />
      </svg>
      <p v-else-if="!problem" class="soft">Drawing it …</p>
    </div>
    <ul class="legend">
      <template v-for="p in panels.filter((q) => q.lines.length > 1)" :key="p.label">
        <li v-for="(l, n) in p.lines" :key="l.key" :class="['line', `n${n % 6}`]">
          <svg width="34" height="10" aria-hidden="true">
            <line class="mean" x1="0" x2="34" y1="5" y2="5" :stroke-dasharray="l.dash" /></svg
          >{{ l.label }}
        </li>
      </template>
    </ul>
  </section>
</template>

<style scoped>
.picture {
  display: grid;
  gap: 8px;
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
}
.read {
  flex: 1;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-variant-numeric: tabular-nums;
  min-height: 26px;
}
.keys {
  display: flex;
  gap: 4px;
}
.box {
  min-height: 240px;
}
svg {
  display: block;
  touch-action: pan-y;
  user-select: none;
}
.grid {
  stroke: var(--rule-soft);
}
.tick {
  font: 13px var(--rb-font-text, sans-serif);
  fill: var(--ink-soft);
}
.label {
  font: 600 15px var(--rb-font-head);
  fill: var(--ink);
}
.band {
  fill: currentColor;
  opacity: 0.22;
}
.mean {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}
.line {
  color: var(--ink);
}
.n0 {
  color: var(--accent-ink);
}
.n1 {
  color: var(--marginal-ink, var(--marginal));
}
.n2 {
  color: var(--ink-soft);
}
.mark {
  fill: var(--marginal);
  opacity: 0.25;
}
.mark.gap {
  fill: var(--ink-soft);
  opacity: 0.14;
}
.mark.impossible {
  fill: var(--over);
}
.limit {
  stroke: var(--over);
  stroke-width: 2;
}
.cursor {
  stroke: var(--ink);
}
.chosen {
  fill: var(--accent);
  opacity: 0.2;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
