<script setup lang="ts">
import { computed, ref } from 'vue'
import { edited } from '@/job/origin'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format, roundValues } from '@/shared/units/units'
import type { SwitchResult } from '@/shared/api/types'
import { spread } from '@/shared/ui/spread'
import { flag } from '@/shared/ui/words'
import { switchedFans } from './fans'

/**
 * One vertical scale with the thermostat and fan bands of every build, and all that else answers a temperature on the
 * build in hand.
 */
const props = defineProps<{
  limit: number | null
  boiling: number | null
  clutch: SwitchResult['clutch'] | null
}>()
const job = useJob()
const low = 75
const high = 135
const H = 500
const W = 360
/** From here on stand the names of what is no switch of a fan. */
const NAMES = 240
/** Past its ends the scale stops; what is set there is refused at its field. */
const y = (t: number) => 14 + ((high - Math.max(low, Math.min(high, t))) / (high - low)) * (H - 28)
const ticks = computed(() => roundValues(low, high, 'temperature', unitWorld.value, 6))
const columns = computed(() =>
  job.content.builds.map((b, i) => ({
    b,
    fans: switchedFans(b),
    x: 62 + i * Math.min(62, 166 / job.content.builds.length),
    letter: flag(b, job.content.builds),
  })),
)

interface Device {
  key: string
  name: string
  from: number
  to: number
  oil?: boolean
  strong?: boolean
}
/** Bands and marks that belong to no switched fan, hottest first. */
const devices = computed<Device[]>(() => {
  const all: Device[] = []
  const at = (key: string, name: string, t: number | null | undefined, strong = false) =>
    t != null && all.push({ key, name, from: t, to: t, strong })
  at('limit', 'limit', props.limit, true)
  at('boils', 'boils at the top', props.boiling, true)
  at('warning', 'warning', job.content.rig.vehicle.limits.warningC)
  for (const n of job.content.checks.needle) at(`needle ${n.id}`, `needle at ${Math.round(n.place)} %`, n.celsius)
  const c = props.clutch
  const held = job.build.fans.some((f) => f.held)
  if (c) {
    const name = held ? 'clutch, held full' : c.byAir ? 'clutch, by its air' : 'clutch ramp'
    all.push({ key: 'clutch', name, from: c.fromC, to: c.toC })
  }
  const late = job.build.condition.thermostatLateK
  if (late) {
    const { startC, fullC } = job.build.thermostat
    all.push({ key: 'real', name: 'thermostat, real', from: startC + late, to: fullC + late })
  }
  const gearbox = job.content.rig.vehicle.gearbox.bypass
  if (gearbox && !job.build.bypassPinned)
    all.push({ key: 'gearbox', name: 'gearbox bypass', from: gearbox.startC, to: gearbox.fullC, oil: true })
  for (const cooler of job.build.coolers) {
    const opens = cooler.part.bypassOpensC
    if (opens != null)
      all.push({ key: `bypass ${cooler.id}`, name: 'cooler bypass', from: opens, to: opens, oil: true })
  }
  return all.sort((a, b) => b.to - a.to)
})
/** Names spread so that none meet, and whether a band goes on past the end of the scale. */
const named = computed(() => {
  const wanted = devices.value.map((d) => y((d.from + d.to) / 2) + 5)
  const places = spread(wanted, 19)
  return devices.value.map((d, i) => ({ d, y: places[i]!, off: d.to > high || d.from < low }))
})

type End = 'onC' | 'offC'
const grabbed = ref<{ fan: string; end: End; y: number; from: number } | null>(null)
const svg = ref<SVGSVGElement | null>(null)
/** Degrees that a pixel of the screen is. */
const perPixel = () => (high - low) / (((H - 28) / (H + 24)) * svg.value!.getBoundingClientRect().height)
const mine = computed(() => switchedFans(job.build))
const ends = [
  ['onC', 'on'],
  ['offC', 'off'],
] as const
/** On stays above off, by a degree at least. */
function moved(fan: string, end: End, to: number) {
  const { path, points } = mine.value.find((f) => f.id === fan)!
  const free = end === 'onC' ? Math.max(points.offC + 1, to) : Math.min(points.onC - 1, to)
  const half = Math.round(Math.max(low, Math.min(high, free)) * 2) / 2
  return edited(job.content, `${path}.${end}`, half)
}
function grab(e: PointerEvent, fan: string, end: End, from: number) {
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
  grabbed.value = { fan, end, y: e.clientY, from }
}
function drag(e: PointerEvent) {
  const g = grabbed.value
  if (g && e.buttons) job.drag(moved(g.fan, g.end, g.from - (e.clientY - g.y) * perPixel()))
}
function drop() {
  grabbed.value = null
  job.drop()
}
function nudge(e: KeyboardEvent, fan: string, end: End, from: number) {
  const by = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0
  if (!by) return
  e.preventDefault()
  job.replace(moved(fan, end, from + by * (e.shiftKey ? 5 : 1)))
}
const column = computed(() => columns.value.find((c) => c.b.id === job.selected))
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${W} ${H + 24}`"
    role="group"
    aria-label="Switch points of all builds on one temperature scale"
  >
    <rect
      v-if="props.limit"
      x="50"
      :y="y(high)"
      :width="NAMES - 60"
      :height="y(props.limit) - y(high)"
      fill="var(--over-wash)"
    />
    <g v-for="t in ticks" :key="t">
      <path :d="`M50 ${y(t)}H${NAMES - 10}`" stroke="var(--rule)" />
      <text x="44" :y="y(t) + 5" text-anchor="end" class="tick">{{ format(t, 'temperature', unitWorld, 0) }}</text>
    </g>
    <g v-for="{ d, y: at, off } in named" :key="d.key" :data-device="d.key.split(' ')[0]">
      <path
        v-if="d.from === d.to"
        :d="`M50 ${y(d.to)}H${NAMES - 10}L${NAMES - 2} ${at - 5}`"
        :stroke="d.strong ? 'var(--over)' : d.oil ? 'var(--marginal)' : 'var(--ink-soft)'"
        :stroke-width="d.key === 'limit' ? 4 : 2"
        :stroke-dasharray="d.key === 'limit' ? undefined : d.strong ? '3 4' : '1 4'"
        fill="none"
      />
      <template v-else>
        <rect
          :x="NAMES - 22"
          :y="y(d.to)"
          width="8"
          :height="Math.max(3, y(d.from) - y(d.to))"
          :fill="d.oil ? 'var(--marginal)' : 'var(--ink-soft)'"
        />
        <path :d="`M${NAMES - 14} ${(y(d.from) + y(d.to)) / 2}L${NAMES - 2} ${at - 5}`" stroke="var(--rule)" />
      </template>
      <text :x="NAMES" :y="at" class="tick">{{ d.name }}{{ off ? ' ↕' : '' }}</text>
    </g>
    <g v-for="c in columns" :key="c.b.id" :opacity="c.b.id === job.selected ? 1 : 0.62">
      <rect
        :x="c.x"
        :y="y(c.b.thermostat.fullC)"
        width="20"
        :height="Math.max(0, y(c.b.thermostat.startC) - y(c.b.thermostat.fullC))"
        fill="var(--accent)"
      />
      <path
        v-for="({ id, points: p, fan }, k) in c.fans"
        :key="id"
        :d="`M${c.x + 34 + 6 * k} ${y(p.offC)}V${y(p.onC)}m-8 0h16M${c.x + 26 + 6 * k} ${y(p.offC)}h16`"
        :stroke="fan ? 'var(--ink)' : 'var(--marginal)'"
        stroke-width="4"
        fill="none"
      />
      <text :x="c.x + 20" :y="H + 16" text-anchor="middle" class="head letter">{{ c.letter }}</text>
      <path v-if="c.b.id === job.selected" :d="`M${c.x} ${H + 21}h40`" stroke="var(--accent)" stroke-width="4" />
    </g>
    <template v-if="column">
      <template v-for="(f, k) in mine" :key="f.id">
        <circle
          v-for="[end, word] in ends"
          :key="end"
          :cx="column.x + 34 + 6 * k"
          :cy="y(f.points[end])"
          r="11"
          class="grip"
          role="slider"
          tabindex="0"
          :data-grip="`${f.id} ${word}`"
          :aria-label="`${f.name} ${word}`"
          :aria-valuemin="low"
          :aria-valuemax="high"
          :aria-valuenow="f.points[end]"
          :aria-valuetext="format(f.points[end], 'temperature', unitWorld)"
          @pointerdown="grab($event, f.id, end, f.points[end])"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="drop"
          @keydown="nudge($event, f.id, end, f.points[end])"
        />
      </template>
    </template>
  </svg>
  <p class="small key">
    <i></i> thermostat opens <b>I</b> fan on and off
    <template v-if="devices.some((d) => d.oil) || mine.some((f) => !f.fan)"><u></u> oil</template>
  </p>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 540px;
  display: block;
}
.tick {
  font-size: 16px;
}
.grip {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 3;
  cursor: ns-resize;
  touch-action: none;
}
.letter {
  font-size: 18px;
}
.key {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-top: 8px;
}
.key i {
  width: 14px;
  height: 14px;
  background: var(--accent);
}
.key u {
  width: 8px;
  height: 14px;
  margin-left: 10px;
  background: var(--marginal);
}
.key b {
  margin-left: 10px;
}
</style>
