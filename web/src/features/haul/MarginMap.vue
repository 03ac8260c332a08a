<script setup lang="ts">
import { contours } from 'd3-contour'
import { computed, ref } from 'vue'
import { useJob } from '@/job/store'
import { useComputed } from '@/job/useComputed'
import type { MapResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** Grade against ambient: where this build holds. Hover reads values, a click moves the haul there. */
const job = useJob()
const STEPS = 41
const { result: map, problem } = useComputed<MapResult>('/api/compute/map', () =>
  job.content && !job.stale && {
    job: job.content,
    build: job.selected,
    gradeFrom: 0,
    gradeTo: Math.max(12, Math.min(25, Math.ceil(job.content.haul.gradePercent + 2))),
    ambientFromC: Math.min(10, job.content.haul.ambientC - 5),
    ambientToC: Math.max(50, Math.min(60, job.content.haul.ambientC + 5)),
    steps: STEPS,
  },
)

const W = 560
const H = 470
const box = { left: 48, top: 10, right: W - 26, bottom: H - 44 }
const x = (i: number) => box.left + (i / (STEPS - 1)) * (box.right - box.left)
const y = (j: number) => box.bottom - (j / (STEPS - 1)) * (box.bottom - box.top)

/** No steady state counts as far over. */
const HOPELESS = -80
type Key = 'worstK' | 'coolantC' | 'feedC' | 'panC'

function field(key: Key, missing: number): number[] {
  const flat: number[] = []
  for (let j = 0; j < STEPS; j++) for (let i = 0; i < STEPS; i++) flat.push(map.value![key][i][j] ?? missing)
  return flat
}

function path(values: number[], threshold: number): string {
  const [c] = contours().size([STEPS, STEPS]).smooth(true).thresholds([threshold])(values)
  // The contour's own frame puts samples at cell centres.
  return c.coordinates
    .flatMap((polygon) => polygon.map((ring) => 'M' + ring.map(([px, py]) => `${x(clamp(px - 0.5)).toFixed(1)} ${y(clamp(py - 0.5)).toFixed(1)}`).join('L') + 'Z'))
    .join('')
}
const clamp = (v: number) => Math.max(0, Math.min(STEPS - 1, v))

const fills = computed(() => {
  if (!map.value) return []
  const worst = field('worstK', HOPELESS)
  return [
    { at: -15, fill: 'var(--map-over)' },
    { at: 0, fill: 'var(--map-marginal)' },
    { at: 8, fill: 'var(--map-holds)' },
    { at: 20, fill: 'var(--map-easy)' },
  ].map(({ at, fill }) => ({ d: path(worst, at), fill }))
})

/** Open limit lines: the ring's parts that run along the frame are cut away. */
function line(values: number[], threshold: number): { d: string; label?: [number, number] } {
  const [c] = contours().size([STEPS, STEPS]).smooth(true).thresholds([threshold])(values)
  const edge = (v: number) => v <= 0.51 || v >= STEPS - 0.51
  let d = ''
  let best: [number, number] | undefined
  for (const polygon of c.coordinates) {
    for (const ring of polygon) {
      let open = false
      for (const [px, py] of ring) {
        if (edge(px) || edge(py)) {
          open = false
          continue
        }
        const at: [number, number] = [x(clamp(px - 0.5)), y(clamp(py - 0.5))]
        d += `${open ? 'L' : 'M'}${at[0].toFixed(1)} ${at[1].toFixed(1)}`
        open = true
        if (!best || at[0] > best[0]) best = at
      }
    }
  }
  return { d, label: best }
}

const lines = computed(() => {
  const m = map.value
  if (!m) return []
  return (
    [
      ['coolant', 'coolantC', m.coolantLimitC, ''],
      ['oil pan', 'panC', m.panLimitC, '7 4'],
      ['oil feed', 'feedC', m.feedLimitC, '2 4'],
    ] as [string, Key, number, string][]
  )
    .map(([name, key, limit, dash]) => ({ name, dash, ...line(field(key, 300), limit) }))
    .filter((l) => l.d)
})

const target = computed(() => {
  const m = map.value
  if (!m) return null
  const h = job.content!.haul
  const at = (v: number, axis: number[]) => ((v - axis[0]) / (axis[STEPS - 1] - axis[0])) * (STEPS - 1)
  return { x: x(at(h.ambientC, m.ambientC)), y: y(at(h.gradePercent, m.gradePercent)) }
})
const ticks = computed(() => {
  const m = map.value
  if (!m) return { ambient: [], grade: [] }
  const of = (axis: number[], step: number) => {
    const list: number[] = []
    for (let v = Math.ceil(axis[0] / step) * step; v <= axis[STEPS - 1] + 1e-9; v += step) list.push(v)
    return list
  }
  return {
    ambient: of(m.ambientC, 10).map((v) => ({ v, x: x(((v - m.ambientC[0]) / (m.ambientC[STEPS - 1] - m.ambientC[0])) * (STEPS - 1)) })),
    grade: of(m.gradePercent, 2).map((v) => ({ v, y: y(((v - m.gradePercent[0]) / (m.gradePercent[STEPS - 1] - m.gradePercent[0])) * (STEPS - 1)) })),
  }
})

const svg = ref<SVGSVGElement | null>(null)
const hover = ref<{ i: number; j: number } | null>(null)
function place(event: MouseEvent) {
  const r = svg.value!.getBoundingClientRect()
  const px = ((event.clientX - r.left) / r.width) * W
  const py = ((event.clientY - r.top) / r.height) * H
  const i = Math.round(((px - box.left) / (box.right - box.left)) * (STEPS - 1))
  const j = Math.round(((box.bottom - py) / (box.bottom - box.top)) * (STEPS - 1))
  return i < 0 || j < 0 || i >= STEPS || j >= STEPS ? null : { i, j }
}
function moveHaul(event: MouseEvent) {
  const at = place(event)
  const m = map.value
  if (!at || !m) return
  const haul = job.content!.haul
  job.edit('haul', {
    ...haul,
    gradePercent: Number(m.gradePercent[at.j].toFixed(2)),
    ambientC: Number(m.ambientC[at.i].toFixed(2)),
  })
}
const reading = computed(() => {
  const m = map.value
  if (!m || !hover.value) return null
  const { i, j } = hover.value
  const where = `${format(m.gradePercent[j], 'percent', unitWorld.value)} at ${format(m.ambientC[i], 'temperature', unitWorld.value, 0)}`
  if (m.coolantC[i][j] == null) return { where, what: 'no steady state, or it cannot climb there' }
  const t = (v: number) => format(v, 'temperature', unitWorld.value, 0)
  return { where, what: `coolant ${t(m.coolantC[i][j])}, feed ${t(m.feedC[i][j])}, pan ${t(m.panC[i][j])}, ${format(m.speedKmh[i][j], 'speed', unitWorld.value)}` }
})
</script>

<template>
  <section class="panel map">
    <header>
      <h2>Where {{ job.build!.name }} holds</h2>
      <span class="soft small">at {{ format(job.content!.haul.speedKmh, 'speed', unitWorld) }}, or what it can hold</span>
    </header>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <svg v-if="map" ref="svg" :viewBox="`0 0 ${W} ${H}`" class="chart" role="img" aria-label="Margin map: grade against ambient" data-map @mousemove="hover = place($event)" @mouseleave="hover = null" @click="moveHaul">
      <rect :x="box.left" :y="box.top" :width="box.right - box.left" :height="box.bottom - box.top" fill="var(--map-far)" />
      <path v-for="(f, k) in fills" :key="k" :d="f.d" :fill="f.fill" />
      <path v-for="l in lines" :key="l.name" :d="l.d" fill="none" stroke="var(--ink)" stroke-width="2" :stroke-dasharray="l.dash" />
      <g v-for="t in ticks.ambient" :key="'a' + t.v">
        <path :d="`M${t.x} ${box.bottom}v5`" stroke="var(--ink)" />
        <text :x="t.x" :y="H - 24" text-anchor="middle" class="tick">{{ format(t.v, 'temperature', unitWorld, 0) }}</text>
      </g>
      <g v-for="t in ticks.grade" :key="'g' + t.v">
        <path :d="`M${box.left} ${t.y}h-5`" stroke="var(--ink)" />
        <text :x="box.left - 8" :y="t.y + 5" text-anchor="end" class="tick">{{ t.v }} %</text>
      </g>
      <text :x="(box.left + box.right) / 2" :y="H - 4" text-anchor="middle" class="tick">ambient</text>
      <text :x="box.left + 12" :y="box.bottom - 14" class="head word">holds</text>
      <text :x="box.right - 12" :y="box.top + 26" text-anchor="end" class="head word">too hot</text>
      <g v-if="target">
        <path :d="`M${target.x} ${box.top}V${box.bottom}M${box.left} ${target.y}H${box.right}`" stroke="var(--ink)" stroke-width="1" stroke-dasharray="1 5" />
        <rect :x="target.x - 9" :y="target.y - 9" width="18" height="18" fill="var(--paper)" stroke="var(--ink)" stroke-width="4" :transform="`rotate(45 ${target.x} ${target.y})`" data-target />
      </g>
      <circle v-if="hover" :cx="x(hover.i)" :cy="y(hover.j)" r="5" fill="none" stroke="var(--ink)" stroke-width="2" />
    </svg>
    <p class="reading" data-reading>
      <template v-if="reading"><b>{{ reading.where }}</b>: {{ reading.what }}</template>
      <template v-else>Point at the map to read it; click to move the haul there.</template>
    </p>
    <ul class="legend">
      <li v-for="l in lines" :key="l.name"><svg width="34" height="8"><path d="M0 4h34" stroke="var(--ink)" stroke-width="2" :stroke-dasharray="l.dash" /></svg>{{ l.name }} at its limit</li>
      <li><i style="background: var(--map-marginal)"></i>under 8 K to spare</li>
    </ul>
  </section>
</template>

<style scoped>
.map { --map-far: #dd9380; --map-over: #f0bfae; --map-marginal: #f6e0ae; --map-holds: #c4e1dc; --map-easy: #9fd0ca; display: flex; flex-direction: column; }
:global(html.dark .map) { --map-far: #7a3325; --map-over: #59291f; --map-marginal: #57431a; --map-holds: #1d4a4a; --map-easy: #23605f; }
.chart { width: 100%; flex: 1; min-height: 0; cursor: crosshair; display: block; }
.tick { font-size: 15px; }
.word { font-size: 20px; }
.reading { font-size: 15px; min-height: 24px; margin-top: 4px; }
.legend { list-style: none; display: flex; gap: 4px 18px; flex-wrap: wrap; margin: 6px 0 0; padding: 0; font-size: 14px; }
.legend li { display: flex; align-items: center; gap: 6px; }
.legend i { width: 18px; height: 12px; }
</style>
