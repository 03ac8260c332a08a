<script setup lang="ts">
import { computed, ref } from 'vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { picked, usePack, type Place } from './usePack'

/** The pack cut from the side, air from the left, depths and gaps to one scale. A cooler is dragged to another depth. */
const { job, cooling, build, radiator, radiatorDepth, opening, box, withCooler, trouble, coolerName } = usePack()

interface Slab { name: string; front: number; depth: number; bottom: number; height: number; cooler: number | null }
/** Distance from the first fixed core's face, mm; in front of it negative. */
const slabs = computed(() => {
  const list: Slab[] = []
  const c = cooling.value
  let z = 0
  const own: Slab[] = []
  const fixed = (name: string, part: { depthMm: number; bottomMm: number; heightMm: number } | null) =>
    part && own.push({ name, front: 0, depth: part.depthMm, bottom: part.bottomMm, height: part.heightMm, cooler: null })
  fixed('condenser', c.condenser)
  if (c.chargeAirCooler) {
    const slab = { name: 'charge air', front: 0, depth: c.chargeAirCooler.depthMm, bottom: c.chargeAirCooler.bottomMm, height: c.chargeAirCooler.heightMm, cooler: null }
    if (c.chargeAirFirst) own.unshift(slab)
    else own.push(slab)
  }
  for (const slab of own) {
    list.push({ ...slab, front: z })
    z += slab.depth + c.coreGapMm
  }
  const inPlace = (place: Place) => build.value.coolers.map((k, i) => ({ k, i })).filter(({ k }) => k.place === place)
  const slabOf = (i: number, front: number): Slab => {
    const k = build.value.coolers[i]
    return { name: coolerName(i), front, depth: k.part.depthMm, bottom: k.bottomMm, height: k.part.heightMm, cooler: i }
  }
  for (const { k, i } of inPlace('BEHIND_CONDENSER')) list.push(slabOf(i, z - c.coreGapMm / 2 - k.part.depthMm / 2))
  const radiatorAt = z
  list.push({ name: 'radiator', front: z, depth: radiatorDepth.value, bottom: radiator.value.bottom, height: radiator.value.height, cooler: null })
  z += radiatorDepth.value
  for (const { i } of inPlace('BEHIND_RADIATOR')) list.push(slabOf(i, z + 5))
  let ahead = 0
  const front = inPlace('FRONT')
  for (const { k, i } of front) {
    // Those that overlap on the face stand one before the other.
    const b = box({ kind: 'coolers', index: i })!
    const clash = front.some(({ i: j }) => j < i && overlap(b, box({ kind: 'coolers', index: j })!))
    ahead = clash ? ahead : 0
    list.push(slabOf(i, -ahead - k.gapMm - k.part.depthMm))
    ahead += k.gapMm + k.part.depthMm
  }
  return { list, radiatorAt, end: z + c.fanToCoreMm }
})
const overlap = (a: { left: number; width: number; bottom: number; height: number }, b: typeof a) =>
  a.left < b.left + b.width && b.left < a.left + a.width && a.bottom < b.bottom + b.height && b.bottom < a.bottom + a.height

const SCALE = 1.5
const view = computed(() => {
  const front = -cooling.value.openingDepthMm
  const width = (slabs.value.end - front + 70) * SCALE + 40
  const top = Math.max(opening.value.bottom + opening.value.height, radiator.value.bottom + radiator.value.height) + 44
  const bottom = Math.min(opening.value.bottom, radiator.value.bottom) - 44
  return { front, width, top, height: top - bottom }
})
const X = (z: number) => 30 + (z - view.value.front) * SCALE
const Y = (mm: number) => view.value.top - mm
const fans = computed(() => build.value.fans.filter((f) => f.mount === 'PULLER'))
const pushers = computed(() => build.value.fans.filter((f) => f.mount === 'PUSHER'))

const svg = ref<SVGSVGElement | null>(null)
let grab: { index: number; dz: number } | null = null
const depthAt = (event: PointerEvent) => (new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse()).x - 30) / SCALE + view.value.front
function take(event: PointerEvent, slab: Slab) {
  if (slab.cooler == null || event.button !== 0) return
  picked.value = { kind: 'coolers', index: slab.cooler }
  grab = { index: slab.cooler, dz: depthAt(event) - slab.front }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function carry(event: PointerEvent) {
  if (!grab) return
  const cooler = build.value.coolers[grab.index]
  const front = depthAt(event) - grab.dz
  const middle = front + cooler.part.depthMm / 2
  const first = cooling.value.condenser ?? cooling.value.chargeAirCooler
  if (middle > slabs.value.radiatorAt + radiatorDepth.value / 2) job.drag(withCooler(grab.index, { place: 'BEHIND_RADIATOR' }))
  else if (first && middle > first.depthMm / 2) job.drag(withCooler(grab.index, { place: 'BEHIND_CONDENSER' }))
  else {
    // Standard gaps: tight against foam at 5, 10, 20, 25 mm.
    const free = Math.max(0, Math.min(300, -front - cooler.part.depthMm))
    const standard = [5, 10, 20, 25].find((g) => Math.abs(g - free) < 3)
    job.drag(withCooler(grab.index, { place: 'FRONT', gapMm: Math.round(event.altKey ? free : (standard ?? free)) }))
  }
}
function letGo() {
  grab = null
  job.drop()
}
function nudge(event: KeyboardEvent, slab: Slab) {
  if (slab.cooler == null) return
  const cooler = build.value.coolers[slab.cooler]
  const d = event.key === 'ArrowLeft' ? 5 : event.key === 'ArrowRight' ? -5 : 0
  if (!d || cooler.place !== 'FRONT') return
  event.preventDefault()
  job.replace(withCooler(slab.cooler, { gapMm: Math.max(0, cooler.gapMm + d) }))
}
const gapOf = computed(() => {
  const p = picked.value
  if (p?.kind !== 'coolers') return null
  const slab = slabs.value.list.find((s) => s.cooler === p.index)
  const cooler = build.value.coolers[p.index]
  if (!slab || cooler?.place !== 'FRONT' || cooler.gapMm <= 0) return null
  return { x1: X(slab.front + slab.depth), x2: X(slab.front + slab.depth + cooler.gapMm), y: Y(slab.bottom + slab.height) - 22, text: format(cooler.gapMm, 'size', unitWorld.value) }
})
/** Thick enough to carry its own name. */
const inside = (s: Slab) => s.depth * SCALE > 38 && s.height > 170
const fill = (s: Slab) => (s.cooler != null ? 'var(--accent)' : s.name === 'radiator' ? 'var(--ink)' : s.name === 'condenser' ? 'var(--ink-soft)' : 'var(--rb-asphalt-300)')
</script>

<template>
  <svg ref="svg" :viewBox="`0 0 ${view.width} ${view.height}`" role="group" aria-label="Section from the side, air from the left" class="side" data-side>
    <path :d="`M${X(view.front)} ${Y(opening.bottom + opening.height)}V${Y(opening.bottom)}`" stroke="var(--ink-soft)" stroke-width="3" stroke-dasharray="14 8" />
    <path v-for="k in 4" :key="k" :d="`M4 ${(view.height * (k - 0.5)) / 4}h22m-8-6l8 6l-8 6`" fill="none" stroke="var(--accent)" stroke-width="3" />
    <g
      v-for="s in slabs.list"
      :key="s.name"
      :class="{ cooler: s.cooler != null, picked: picked?.kind === 'coolers' && picked.index === s.cooler, bad: s.cooler != null && trouble(s.name) }"
      :tabindex="s.cooler != null ? 0 : undefined"
      :role="s.cooler != null ? 'button' : undefined"
      :aria-label="s.cooler != null ? `${s.name} in depth; left and right arrow change its gap` : undefined"
      :data-slab="s.name"
      @pointerdown="take($event, s)"
      @pointermove="carry"
      @pointerup="letGo"
      @pointercancel="letGo"
      @keydown="nudge($event, s)"
    >
      <rect :x="X(s.front)" :y="Y(s.bottom + s.height)" :width="s.depth * SCALE" :height="s.height" :fill="fill(s)" />
      <text :transform="`translate(${inside(s) ? X(s.front) + (s.depth * SCALE) / 2 + 10 : X(s.front) - 8} ${Y(s.bottom) - 12}) rotate(-90)`" class="name" :class="{ inside: inside(s) }">{{ s.name }}</text>
    </g>
    <g v-if="gapOf">
      <path :d="`M${gapOf.x1} ${gapOf.y}H${gapOf.x2}M${gapOf.x1} ${gapOf.y - 9}v18M${gapOf.x2} ${gapOf.y - 9}v18`" stroke="var(--accent-ink)" stroke-width="2.5" />
      <text :x="gapOf.x2 - 6" :y="gapOf.y - 14" text-anchor="end" class="head gap">{{ gapOf.text }}</text>
    </g>
    <path v-for="(f, i) in fans" :key="'f' + i" :d="`M${X(slabs.end)} ${Y(f.bottomMm + f.heightMm)}q26 ${f.heightMm / 2} 0 ${f.heightMm}`" fill="none" stroke="var(--ink)" stroke-width="5" />
    <path v-for="(f, i) in pushers" :key="'p' + i" :d="`M${X(-30)} ${Y(f.bottomMm + f.heightMm)}q-26 ${f.heightMm / 2} 0 ${f.heightMm}`" fill="none" stroke="var(--accent)" stroke-width="5" />
    <text :transform="`translate(${X(slabs.end) + 44} ${Y(radiator.bottom) - 6}) rotate(-90)`" class="name">fan</text>
  </svg>
</template>

<style scoped>
.side { width: 100%; display: block; touch-action: none; }
.name { font-size: 31px; }
svg .name.inside { fill: var(--paper); }
.gap { font-size: 34px; fill: var(--accent-ink); }
.cooler { cursor: ew-resize; outline: none; }
.cooler rect { stroke: transparent; stroke-width: 5; }
.cooler.picked rect { stroke: var(--rb-breeze-700); }
.cooler.bad rect { stroke: var(--over); stroke-dasharray: 14 6; }
.cooler:focus-visible rect { stroke: var(--accent-ink); stroke-width: 9; }
</style>
