<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/store'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { heatColour, inkOn } from './heatColour'

/** The pack from the front and cut from the side, to scale; cells coloured by what the air does in them. */
const job = useJob()
type Mode = 'reachesRadiatorC' | 'velocity' | 'heatKw'
const mode = ref<Mode>('reachesRadiatorC')
const modes: { value: Mode; label: string }[] = [
  { value: 'reachesRadiatorC', label: 'Air at radiator' },
  { value: 'velocity', label: 'Air speed' },
  { value: 'heatKw', label: 'Heat given' },
]
const c = computed(() => job.content!.vehicle.cooling)
const build = computed(() => job.build!)
const balance = computed(() => job.state?.balance)
const view = computed(() => {
  const pad = 40
  const w = Math.max(c.value.openingWidthMm, c.value.radiator.widthMm)
  const h = Math.max(c.value.openingHeightMm, c.value.radiator.heightMm)
  const left = c.value.radiator.leftMm + (c.value.radiator.widthMm - w) / 2
  const bottom = c.value.radiator.bottomMm + (c.value.radiator.heightMm - h) / 2
  return { left: left - pad, top: bottom + h + pad, width: w + 2 * pad, height: h + 2 * pad }
})
const X = (mm: number) => mm - view.value.left
const Y = (mm: number) => view.value.top - mm
const opening = computed(() => ({
  x: X(c.value.radiator.leftMm + (c.value.radiator.widthMm - c.value.openingWidthMm) / 2),
  y: Y(c.value.radiator.bottomMm + (c.value.radiator.heightMm + c.value.openingHeightMm) / 2),
}))
const value = (cell: { reachesRadiatorC: number; velocity: number; heatKw: number; widthMm: number; heightMm: number }) =>
  mode.value === 'heatKw' ? cell.heatKw / ((cell.widthMm * cell.heightMm) / 1e6) : cell[mode.value]
const span = computed(() => {
  const values = (balance.value?.cells ?? []).map(value).filter((v) => v != null)
  return { low: Math.min(...values), high: Math.max(...values) }
})
const share = (v: number) => (span.value.high - span.value.low < 1e-6 ? 0.5 : (v - span.value.low) / (span.value.high - span.value.low))
const say = (v: number) =>
  mode.value === 'reachesRadiatorC' ? format(v, 'temperature', unitWorld.value, 0) : mode.value === 'velocity' ? format(v, 'velocity', unitWorld.value) : `${Math.round(v)} kW/m²`
/** One label per kind of cell, in its largest rectangle. */
const labels = computed(() => {
  const best = new Map<string, { area: number; x: number; y: number; text: string; ink: string; sub: string }>()
  for (const cell of balance.value?.cells ?? []) {
    if (cell.reachesRadiatorC == null) continue
    const area = Math.min(cell.widthMm, 3 * cell.heightMm) * Math.min(cell.heightMm, 2 * cell.widthMm)
    const key = cell.velocity.toFixed(4)
    const text = say(value(cell))
    if (cell.widthMm < 70 || cell.heightMm < 46 || (best.get(key)?.area ?? 0) >= area) continue
    best.set(key, {
      area, text, sub: mode.value === 'velocity' ? '' : format(cell.velocity, 'velocity', unitWorld.value),
      x: X(cell.leftMm + cell.widthMm / 2), y: Y(cell.bottomMm + cell.heightMm / 2), ink: inkOn(share(value(cell))),
    })
  }
  return [...best.values()]
})
const fan = computed(() => c.value.fan)

/** Side section: air from the left, depths at twice the scale of the front view's heights. */
const side = computed(() => {
  const list: { x: number; w: number; top: number; h: number; fill: string; name: string }[] = []
  let x = 72
  const gap = 34
  const add = (depth: number, bottom: number, height: number, fill: string, name: string) => {
    list.push({ x, w: depth * 1.6, top: Y(bottom + height), h: height, fill, name })
    x += depth * 1.6 + gap
  }
  const b = build.value
  if (b.cooler) add(b.cooler.depthMm, b.coolerBottomMm, b.cooler.heightMm, 'var(--accent)', 'oil cooler')
  if (c.value.condenser) add(c.value.condenser.depthMm, c.value.condenser.bottomMm, c.value.condenser.heightMm, 'var(--ink-soft)', 'condenser')
  if (c.value.chargeAirCooler) add(c.value.chargeAirCooler.depthMm, c.value.chargeAirCooler.bottomMm, c.value.chargeAirCooler.heightMm, 'var(--rb-asphalt-300)', 'charge air')
  add(c.value.radiator.depthMm, c.value.radiator.bottomMm, c.value.radiator.heightMm, 'var(--ink)', 'radiator')
  return { list, end: x }
})
</script>

<template>
  <section class="panel">
    <header>
      <h2>The pack, to scale</h2>
      <div class="modes" role="radiogroup" aria-label="Cells show">
        <button v-for="m in modes" :key="m.value" type="button" role="radio" :aria-checked="mode === m.value" @click="mode = m.value">{{ m.label }}</button>
      </div>
    </header>
    <div class="views">
      <svg :viewBox="`0 0 ${view.width} ${view.height}`" role="img" aria-label="Cooling pack from the front" class="front">
        <rect :x="opening.x" :y="opening.y" :width="c.openingWidthMm" :height="c.openingHeightMm" fill="none" stroke="var(--ink-soft)" stroke-width="3" stroke-dasharray="14 8" />
        <template v-if="balance">
          <rect v-for="(cell, i) in balance.cells" :key="i" :x="X(cell.leftMm)" :y="Y(cell.bottomMm + cell.heightMm)" :width="cell.widthMm" :height="cell.heightMm" :fill="cell.reachesRadiatorC == null ? 'var(--rule)' : heatColour(share(value(cell)))" data-cell />
        </template>
        <rect v-if="c.condenser" :x="X(c.condenser.leftMm)" :y="Y(c.condenser.bottomMm + c.condenser.heightMm)" :width="c.condenser.widthMm" :height="c.condenser.heightMm" fill="none" stroke="var(--rb-asphalt-900)" stroke-width="2" stroke-dasharray="4 5" />
        <rect v-if="c.chargeAirCooler" :x="X(c.chargeAirCooler.leftMm)" :y="Y(c.chargeAirCooler.bottomMm + c.chargeAirCooler.heightMm)" :width="c.chargeAirCooler.widthMm" :height="c.chargeAirCooler.heightMm" fill="none" stroke="var(--rb-asphalt-900)" stroke-width="2" stroke-dasharray="12 4" />
        <ellipse :cx="X(fan.shroudLeftMm + fan.shroudWidthMm / 2)" :cy="Y(fan.shroudBottomMm + fan.shroudHeightMm / 2)" :rx="Math.min(fan.shroudWidthMm, fan.shroudHeightMm) / 2 - 12" :ry="Math.min(fan.shroudWidthMm, fan.shroudHeightMm) / 2 - 12" fill="none" stroke="var(--rb-chalk-50)" stroke-width="2.5" stroke-dasharray="3 7" />
        <rect :x="X(c.radiator.leftMm)" :y="Y(c.radiator.bottomMm + c.radiator.heightMm)" :width="c.radiator.widthMm" :height="c.radiator.heightMm" fill="none" stroke="var(--ink)" stroke-width="5" />
        <rect v-if="build.cooler" :x="X(build.coolerLeftMm)" :y="Y(build.coolerBottomMm + build.cooler.heightMm)" :width="build.cooler.widthMm" :height="build.cooler.heightMm" fill="none" stroke="var(--rb-asphalt-900)" stroke-width="5" />
        <g v-for="(l, i) in labels" :key="i" :fill="l.ink">
          <text :x="l.x" :y="l.y + (l.sub ? 0 : 10)" text-anchor="middle" class="head value" :style="{ fill: l.ink }">{{ l.text }}</text>
          <text v-if="l.sub" :x="l.x" :y="l.y + 26" text-anchor="middle" class="sub" :style="{ fill: l.ink }">{{ l.sub }}</text>
        </g>
      </svg>
      <svg :viewBox="`0 0 ${side.end + 70} ${view.height}`" role="img" aria-label="Pack from the side" class="side">
        <path v-for="k in 4" :key="k" :d="`M4 ${(view.height * k) / 5}h26m-8 -7 8 7-8 7`" stroke="var(--accent)" stroke-width="4" fill="none" />
        <g v-for="l in side.list" :key="l.name">
          <rect :x="l.x" :y="l.top" :width="l.w" :height="l.h" :fill="l.fill" />
          <text :transform="`translate(${l.x - 8} ${l.top + l.h}) rotate(-90)`" class="sub">{{ l.name }}</text>
        </g>
        <path :d="`M${side.end} ${Y(fan.shroudBottomMm + fan.shroudHeightMm) + 14}q34 ${fan.shroudHeightMm / 2 - 14} 0 ${fan.shroudHeightMm - 28}`" stroke="var(--ink)" stroke-width="6" fill="none" />
        <text :transform="`translate(${side.end + 44} ${Y(fan.shroudBottomMm)}) rotate(-90)`" class="sub">main fan</text>
      </svg>
    </div>
    <p v-if="balance" class="air">
      <span><b class="figure">{{ format(balance.air.fanFlow, 'airflow', unitWorld) }}</b> by the fan here; {{ format(balance.air.fanFreeFlow, 'airflow', unitWorld) }} in free air{{ balance.air.fanEstimated ? ' (curve estimated)' : '' }}</span>
      <span class="soft small">solid: radiator and cooler · dotted: condenser · circle: fan · outer dashes: opening</span>
    </p>
  </section>
</template>

<style scoped>
.modes { margin-left: auto; display: flex; border: 1.5px solid var(--ink); }
.modes button { min-height: 36px; padding: 0 12px; border: 0; border-left: 1.5px solid var(--ink); background: transparent; color: inherit; font: 600 15px/1 var(--rb-font-head); cursor: pointer; }
.modes button:first-child { border-left: 0; }
.modes button[aria-checked='true'] { background: var(--ink); color: var(--paper); }
.views { display: grid; grid-template-columns: minmax(0, 2.25fr) minmax(0, 1fr); gap: 12px; align-items: stretch; }
.front, .side { width: 100%; height: 300px; display: block; }
.value { font-size: 38px; }
.sub { font-size: 24px; font-weight: 500; }
.air { display: flex; flex-wrap: wrap; gap: 4px 20px; align-items: baseline; justify-content: space-between; margin-top: 8px; }
.air .figure { font-size: 22px; }
</style>
