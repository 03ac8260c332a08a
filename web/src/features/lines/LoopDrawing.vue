<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { LineResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The oil from the gearbox through its coolers and back, in the order of this build. */
const props = defineProps<{ result: LineResult | null }>()
const job = useJob()
interface Stop {
  label: string
  does: string
  heat: string
  fill: string
  ink: string
}
const stops = computed<Stop[]>(() => {
  const b = job.build
  // A radiator that is put in brings its own tank, or none.
  const inTank = b.radiator ? b.radiator.inTankWattsPerKelvin : job.content.rig.vehicle.gearbox.inTankWattsPerKelvin
  const tank = inTank != null && b.oilOrder !== 'TANK_BYPASSED'
  const heat = job.detail?.balance?.heat
  const does = (v: number | undefined) => ({
    does: v == null ? '' : v < 0 ? 'warms oil' : 'takes',
    heat: v == null ? '' : format(Math.abs(v), 'power', unitWorld.value),
  })
  const list: Stop[] = []
  const own = heat?.coolers ?? []
  if (b.parallel && b.coolers.length > 1)
    list.push({ label: `${b.coolers.length} side by side`, ...does(heat?.cooler), fill: 'var(--accent)', ink: '#fff' })
  else
    b.coolers.forEach((c, i) =>
      list.push({
        label: i ? `oil cooler ${i + 1}` : 'oil cooler',
        ...does(own.find((h) => h.id === c.id)?.heatKw),
        fill: 'var(--accent)',
        ink: '#fff',
      }),
    )
  if (tank)
    list.splice(b.oilOrder === 'BEFORE_TANK' ? list.length : 0, 0, {
      label: 'in-tank',
      ...does(heat?.tank),
      fill: 'var(--metal)',
      ink: 'var(--paper)',
    })
  return list
})
/** What sits in the hoses, where the oil passes it: before its cooler, or on the way back. */
const MARKS = { FILTER: 'filter', SENSOR_TEE: 'tee', BYPASS: 'bypass' } as const
const inHoses = computed(() => {
  const { hoses, inline } = job.build.lines
  const first = stops.value.findIndex((s) => s.label.startsWith('oil cooler') || s.label.includes('side by side'))
  return inline.map((i, n) => {
    const hose = hoses.findIndex((h) => h.id === i.hose)
    const back = hose === hoses.length - 1 && hoses.length > 1
    const beside = 26 * inline.slice(0, n).filter((o) => o.hose === i.hose).length
    return back
      ? {
          key: i.id,
          label: MARKS[i.what],
          x: x(stops.value.length) - 130 - 2 * beside,
          y: 200,
          turned: !i.reversed,
          what: i.what,
        }
      : {
          key: i.id,
          label: MARKS[i.what],
          x: x(Math.max(0, first) + Math.max(0, hose)) - 8 - beside,
          y: 90,
          turned: i.reversed,
          what: i.what,
        }
  })
})
const state = computed(() => job.detail?.balance)
const pitch = computed(() => (stops.value.length > 2 ? 150 : 190))
const x = (i: number) => 190 + i * pitch.value
</script>

<template>
  <svg viewBox="0 0 600 230" role="img" aria-label="Oil loop" class="loop">
    <rect x="10" y="70" width="120" height="100" fill="var(--rule-soft)" stroke="var(--ink)" stroke-width="3" />
    <path d="M10 150h120" stroke="var(--ink)" stroke-width="1.5" />
    <text x="70" y="104" text-anchor="middle" class="head name">gearbox</text>
    <text v-if="state" x="70" y="138" text-anchor="middle" class="head temp">
      {{ format(state.sumpC, 'temperature', unitWorld, 0) }}
    </text>
    <text x="70" y="166" text-anchor="middle" class="sub">pan</text>
    <path :d="`M130 90H${x(stops.length) - 40}`" stroke="var(--over)" stroke-width="6" fill="none" />
    <path :d="`M${x(stops.length) - 40} 87V200H70V170`" stroke="var(--accent)" stroke-width="6" fill="none" />
    <path d="M150 82l14 8-14 8z" fill="var(--over)" />
    <path d="M62 186l8-14 8 14z" fill="var(--accent)" />
    <text x="138" y="76" class="sub">
      feed{{ state ? ' ' + format(state.feedC, 'temperature', unitWorld, 0) : '' }}
    </text>
    <text x="96" y="222" class="sub">
      return{{ props.result ? ', ' + format(props.result.hot.plannedFlowLpm, 'flow', unitWorld) + ' hot' : '' }}
    </text>
    <g v-for="i in inHoses" :key="i.key" :transform="`translate(${i.x} ${i.y})`" :data-loop-in="i.what">
      <path v-if="i.what === 'FILTER'" d="M0 -13L13 0L0 13L-13 0Z" class="part" />
      <path v-else-if="i.what === 'SENSOR_TEE'" d="M-10 6H10V-2H3V-14H-3V-2H-10Z" class="part" />
      <path v-else d="M-12 -10H12V10H-12Z" class="part" />
      <path v-if="i.what !== 'SENSOR_TEE'" :d="i.turned ? 'M5 -5L-5 0L5 5Z' : 'M-5 -5L5 0L-5 5Z'" class="arrow" />
      <text y="-20" text-anchor="middle" class="sub">{{ i.label }}</text>
    </g>
    <g v-for="(s, i) in stops" :key="s.label">
      <rect :x="x(i) + 20" y="52" width="120" height="76" :fill="s.fill" />
      <text :x="x(i) + 80" y="78" text-anchor="middle" class="head name" :style="{ fill: s.ink }">{{ s.label }}</text>
      <text :x="x(i) + 80" y="98" text-anchor="middle" class="sub" :style="{ fill: s.ink }">{{ s.does }}</text>
      <text :x="x(i) + 80" y="117" text-anchor="middle" class="sub" :style="{ fill: s.ink }">{{ s.heat }}</text>
    </g>
  </svg>
</template>

<style scoped>
.loop {
  width: 100%;
  display: block;
}
.name {
  font-size: 22px;
}
.temp {
  font-size: 28px;
}
.part {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.arrow {
  fill: var(--ink);
}
.sub {
  font-size: 14px;
  font-weight: 500;
}
</style>
