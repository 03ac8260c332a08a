<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { OWN_STRETCH } from '@/job/document'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { MapAxes, MapResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, type QuantityName, roundValues } from '@/shared/units/units'
import { along, area, fieldOf, line, span } from './contour'
import AgainstCard from '@/features/strip/AgainstCard.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'

/** Where a build holds, two things against each other. Hover reads values, a click moves the haul there. */
const job = useJob()
/** Points along each axis: of the first answer, and of the one that takes its place. */
const COARSE = 13
const FINE = 41
const axes = ref<MapAxes>('AMBIENT_GRADE')
const against = ref<string | null>(null)
const choices: [MapAxes, string][] = [
  ['AMBIENT_GRADE', 'heat × grade'],
  ['AMBIENT_MASS', 'heat × mass'],
  ['SPEED_GRADE', 'speed × grade'],
]
const acrossKind = computed<QuantityName>(() => (drawn.value === 'SPEED_GRADE' ? 'speed' : 'temperature'))
const upKind = computed<QuantityName>(() => (drawn.value === 'AMBIENT_MASS' ? 'mass' : 'percent'))
const ends = computed(() => span(axes.value, job.content.haul, job.content.rig.trailer.massKg))
const other = computed(() =>
  against.value !== job.selected && job.content.builds.some((b) => b.id === against.value) ? against.value : null,
)
const asked = computed(
  () =>
    job.content &&
    !job.stale &&
    !job.dragging && {
      job: job.content,
      build: job.selected,
      axes: axes.value,
      acrossFrom: ends.value.across[0],
      acrossTo: ends.value.across[1],
      upFrom: ends.value.up[0],
      upTo: ends.value.up[1],
      against: other.value,
    },
)
/** The question whose coarse answer stands: it is asked again, finely. */
const coarse = shallowRef<unknown>(null)
const {
  result: map,
  problem,
  queueing,
  older,
} = useComputed<MapResult>(
  '/api/compute/map',
  () => asked.value && { ...asked.value, steps: coarse.value === asked.value ? FINE : COARSE },
)
/** Axes of the answer in hand, which may be to the question before. */
const drawn = ref<MapAxes>(axes.value)
watch(map, () => {
  drawn.value = axes.value
  coarse.value = asked.value
})
const refining = computed(() => older.value && coarse.value === asked.value)
const steps = computed(() => map.value?.across.length ?? COARSE)
const difference = computed(() => (map.value?.gainK.length ?? 0) > 0)

const W = 560
const H = 450
const box = { left: 62, top: 10, right: W - 26, bottom: H - 44 }
const x = (i: number) => box.left + (i / (steps.value - 1)) * (box.right - box.left)
const y = (j: number) => box.bottom - (j / (steps.value - 1)) * (box.bottom - box.top)

/** No steady state counts as far over. */
const HOPELESS = -80
type Key = 'worstK' | 'sureK' | 'gainK' | 'coolantC' | 'feedC' | 'panC'
const field = (key: Key, missing: number) => fieldOf(map.value![key], missing)

const fills = computed(() => {
  if (!map.value) return []
  const bands: [number, string][] = difference.value
    ? [
        [-200, 'var(--map-over)'],
        [-0.5, 'var(--map-same)'],
        [0.5, 'var(--map-holds)'],
        [5, 'var(--map-easy)'],
        [15, 'var(--map-most)'],
      ]
    : [
        [-15, 'var(--map-over)'],
        [0, 'var(--map-marginal)'],
        [8, 'var(--map-holds)'],
        [20, 'var(--map-easy)'],
      ]
  const values = difference.value ? field('gainK', -300) : field('worstK', HOPELESS)
  return bands.map(([at, fill]) => ({ d: area(values, { x, y }, at), fill }))
})

interface LimitLine {
  name: string
  dash: string
  width: number
  colour: string
  d: string
}
const lines = computed<LimitLine[]>(() => {
  const m = map.value
  if (!m) return []
  const all: [string, Key, number, number, string, number, string][] = [
    ['coolant at its limit', 'coolantC', m.coolantLimitC, 300, '', 2, 'var(--ink)'],
    ['oil pan at its limit', 'panC', m.panLimitC, 300, '7 4', 2, 'var(--ink)'],
    ['oil feed at its limit', 'feedC', m.feedLimitC, 300, '2 4', 2, 'var(--ink)'],
    ['kept in 9 of 10', 'sureK', 0, HOPELESS, '', 4, 'var(--accent)'],
  ]
  return all
    .map(([name, key, at, missing, dash, width, colour]) => ({
      name,
      dash,
      width,
      colour,
      d: line(field(key, missing), { x, y }, at),
    }))
    .filter((l) => l.d)
})

const targetValues = computed(() => {
  const { haul } = job.content
  const { trailer } = job.content.rig
  return {
    across: drawn.value === 'SPEED_GRADE' ? haul.speedKmh : haul.ambientC,
    up: drawn.value === 'AMBIENT_MASS' ? trailer.massKg : haul.gradePercent,
  }
})
const target = computed(() => {
  const m = map.value
  return m && { x: x(along(targetValues.value.across, m.across)), y: y(along(targetValues.value.up, m.upwards)) }
})
const marks = computed(() => {
  const m = map.value
  const of = (axis: number[], kind: QuantityName) =>
    roundValues(axis[0] ?? 0, axis.at(-1) ?? 1, kind, unitWorld.value, 5)
  return {
    across: m ? of(m.across, acrossKind.value).map((v) => ({ v, x: x(along(v, m.across)) })) : [],
    up: m ? of(m.upwards, upKind.value).map((v) => ({ v, y: y(along(v, m.upwards)) })) : [],
  }
})

const svg = ref<SVGSVGElement | null>(null)
const hover = ref<{ i: number; j: number } | null>(null)
function place(event: MouseEvent) {
  const r = svg.value!.getBoundingClientRect()
  const px = ((event.clientX - r.left) / r.width) * W
  const py = ((event.clientY - r.top) / r.height) * H
  const i = Math.round(((px - box.left) / (box.right - box.left)) * (steps.value - 1))
  const j = Math.round(((box.bottom - py) / (box.bottom - box.top)) * (steps.value - 1))
  return i < 0 || j < 0 || i >= steps.value || j >= steps.value ? null : { i, j }
}
/** With the keys: arrows from where the haul stands, Enter takes it there. */
function step(event: KeyboardEvent) {
  const m = map.value
  if (event.key === 'Enter') return moveHaul(hover.value)
  const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowDown: [0, -1], ArrowUp: [0, 1] }[event.key]
  if (!m || !way) return
  event.preventDefault()
  const inside = (k: number) => Math.min(steps.value - 1, Math.max(0, k))
  const at = hover.value ?? {
    i: Math.round(along(targetValues.value.across, m.across)),
    j: Math.round(along(targetValues.value.up, m.upwards)),
  }
  hover.value = { i: inside(at.i + way[0]!), j: inside(at.j + way[1]!) }
}
function moveHaul(at: { i: number; j: number } | null) {
  const m = map.value
  if (!at || !m) return
  const content = job.content
  const across = Number(m.across[at.i]!.toFixed(2))
  const up = Number(m.upwards[at.j]!.toFixed(2))
  const haul = {
    ...content.haul,
    ...(drawn.value === 'SPEED_GRADE' ? { speedKmh: across } : { ambientC: across }),
    ...(drawn.value === 'AMBIENT_MASS' ? {} : { gradePercent: up, road: OWN_STRETCH }),
  }
  job.replace({
    ...content,
    haul,
    rig:
      drawn.value === 'AMBIENT_MASS'
        ? { ...content.rig, trailer: { ...content.rig.trailer, massKg: Math.round(up) } }
        : content.rig,
  })
}
const reading = computed(() => {
  const m = map.value
  if (!m || !hover.value) return null
  const { i, j } = hover.value
  const where = `${format(m.upwards[j], upKind.value, unitWorld.value)} at ${format(m.across[i], acrossKind.value, unitWorld.value, 0)}`
  const v = (columns: (number | null)[][]) => columns[i]?.[j] ?? null
  const t = (columns: (number | null)[][]) => format(v(columns), 'temperature', unitWorld.value, 0)
  if (v(m.coolantC) == null) return { where, what: 'no steady state, or it cannot climb there' }
  const gain =
    difference.value && v(m.gainK) != null ? `, ${format(v(m.gainK), 'difference', unitWorld.value)} more headroom` : ''
  return {
    where,
    what: `coolant ${t(m.coolantC)}, feed ${t(m.feedC)}, pan ${t(m.panC)}, ${format(v(m.speedKmh), 'speed', unitWorld.value)}${gain}`,
  }
})
</script>

<template>
  <section class="panel map" :class="{ older: older && !refining }">
    <header>
      <h2>Where {{ job.build.name }} holds</h2>
      <span v-if="refining" class="soft small">drawing it finer …</span>
      <span v-else-if="older" class="soft small" data-older>{{ queueing || 'from before the last edit …' }}</span>
      <span v-else-if="!map && !problem" class="soft small">{{ queueing || 'working it out …' }}</span>
      <ChoiceInput v-model="axes" label="Axes of the map" :choices="choices" small />
      <div class="against">
        against
        <el-select
          v-model="against"
          aria-label="Difference to another build"
          class="other"
          placeholder="nothing"
          clearable
        >
          <template v-for="b in job.content.builds" :key="b.id"
            ><el-option v-if="b.id !== job.selected" :value="b.id" :label="b.name"
          /></template>
        </el-select>
      </div>
    </header>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <AgainstCard v-if="other" :build="job.selected" :other="other" />
    <svg
      v-if="map"
      ref="svg"
      :viewBox="`0 0 ${W} ${H}`"
      class="chart"
      role="application"
      tabindex="0"
      :aria-label="`Margin map, ${choices.find(([value]) => value === axes)![1]}; arrows read it, Enter moves the haul`"
      data-map
      @pointermove="hover = place($event)"
      @pointerleave="hover = null"
      @blur="hover = null"
      @click="moveHaul(place($event))"
      @keydown="step"
    >
      <rect
        :x="box.left"
        :y="box.top"
        :width="box.right - box.left"
        :height="box.bottom - box.top"
        fill="var(--map-far)"
      />
      <path v-for="(f, k) in fills" :key="k" :d="f.d" :fill="f.fill" />
      <path
        v-for="l in lines"
        :key="l.name"
        :d="l.d"
        fill="none"
        :stroke="l.colour"
        :stroke-width="l.width"
        :stroke-dasharray="l.dash"
      />
      <g v-for="t in marks.across" :key="'a' + t.v">
        <path :d="`M${t.x} ${box.bottom}v5`" stroke="var(--ink)" />
        <text :x="t.x" :y="H - 24" text-anchor="middle" class="tick">{{ format(t.v, acrossKind, unitWorld, 0) }}</text>
      </g>
      <g v-for="t in marks.up" :key="'g' + t.v">
        <path :d="`M${box.left} ${t.y}h-5`" stroke="var(--ink)" />
        <text :x="box.left - 8" :y="t.y + 5" text-anchor="end" class="tick">
          {{ format(t.v, upKind, unitWorld, 0) }}
        </text>
      </g>
      <text :x="(box.left + box.right) / 2" :y="H - 4" text-anchor="middle" class="tick">
        {{ drawn === 'SPEED_GRADE' ? 'speed asked' : 'ambient' }}
      </text>
      <template v-if="!difference">
        <text :x="box.left + 12" :y="box.bottom - 14" class="head word">holds</text>
        <text :x="box.right - 12" :y="box.top + 26" text-anchor="end" class="head word">too hot</text>
      </template>
      <g v-if="target">
        <path
          :d="`M${target.x} ${box.top}V${box.bottom}M${box.left} ${target.y}H${box.right}`"
          stroke="var(--ink)"
          stroke-width="1"
          stroke-dasharray="1 5"
        />
        <rect
          :x="target.x - 9"
          :y="target.y - 9"
          width="18"
          height="18"
          fill="var(--paper)"
          stroke="var(--ink)"
          stroke-width="4"
          :transform="`rotate(45 ${target.x} ${target.y})`"
          data-target
        />
      </g>
      <circle v-if="hover" :cx="x(hover.i)" :cy="y(hover.j)" r="5" fill="none" stroke="var(--ink)" stroke-width="2" />
    </svg>
    <p class="reading" data-reading>
      <template v-if="reading"
        ><b>{{ reading.where }}</b
        >: {{ reading.what }}</template
      >
      <template v-else>Point at the map to read it; click to move the haul there.</template>
    </p>
    <ul class="legend">
      <li v-for="l in lines" :key="l.name">
        <svg width="34" height="8">
          <path d="M0 4h34" :stroke="l.colour" :stroke-width="l.width" :stroke-dasharray="l.dash" /></svg
        >{{ l.name }}
      </li>
      <template v-if="difference">
        <li><i style="background: var(--map-over)"></i>worse</li>
        <li><i style="background: var(--map-holds)"></i>up to {{ format(5, 'difference', unitWorld, 0) }} better</li>
        <li><i style="background: var(--map-most)"></i>over {{ format(15, 'difference', unitWorld, 0) }}</li>
      </template>
      <li v-else>
        <i style="background: var(--map-marginal)"></i>under {{ format(8, 'difference', unitWorld, 0) }} to spare
      </li>
    </ul>
  </section>
</template>

<style scoped>
.map {
  --map-far: #dd9380;
  --map-over: #f0bfae;
  --map-marginal: #f6e0ae;
  --map-holds: #c4e1dc;
  --map-easy: #9fd0ca;
  --map-most: #6fb5ad;
  --map-same: #ece5d6;
  display: flex;
  flex-direction: column;
}
:global(html.dark .map) {
  --map-far: #7a3325;
  --map-over: #59291f;
  --map-marginal: #57431a;
  --map-holds: #1d4a4a;
  --map-easy: #23605f;
  --map-most: #2f807d;
  --map-same: #2b3033;
}
.chart {
  width: 100%;
  flex: 1;
  min-height: 0;
  cursor: crosshair;
  display: block;
}
.map > header {
  align-items: center;
}
.map > header h2 {
  flex-basis: 100%;
}
.against {
  margin-left: auto;
  font-size: 14px;
  color: var(--ink-soft);
  display: flex;
  align-items: center;
  gap: 6px;
}
.other {
  width: 140px;
}
.tick {
  font-size: 15px;
}
.word {
  font-size: 20px;
}
.reading {
  font-size: 15px;
  min-height: 24px;
  margin-top: 4px;
}
.legend {
  list-style: none;
  display: flex;
  gap: 4px 18px;
  flex-wrap: wrap;
  margin: 6px 0 0;
  padding: 0;
  font-size: 14px;
}
.legend li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.legend i {
  width: 18px;
  height: 12px;
}
</style>
