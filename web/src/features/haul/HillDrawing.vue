<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import { ordinal } from '@/shared/ui/words'
import TruckShape from './TruckShape.vue'

/** Truck and trailer on the grade, drawn at its true angle, with what the driveline does there. */
const job = useJob()
const b = computed(() => job.detail?.balance)
const angle = computed(() => (Math.atan(job.content.haul.gradePercent / 100) * 180) / Math.PI)
const rise = computed(() => Math.tan((angle.value * Math.PI) / 180))
const W = 560
const H = 220
const x0 = 210
/** On a steep hill the rig stands higher, so that its trailer stays in the frame. */
const y0 = computed(() => Math.min(168 + Math.min(24, Math.max(-20, rise.value * 120)), 206 - 175 * rise.value))
const roadY = (x: number) => y0.value - (x - x0) * rise.value
const trailer = computed(() => Math.min(1.25, 0.55 + job.content.rig.trailer.massKg / 6000))
const mass = computed(() => job.content.rig.vehicle.massKg + job.content.rig.trailer.massKg)
const gear = computed(() => {
  if (!b.value) return '–'
  return `${ordinal(b.value.gear)} gear`
})
const slowed = computed(() => b.value && b.value.speedKmh < job.content.haul.speedKmh - 0.5)
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    :aria-label="`Truck on a grade of ${job.content.haul.gradePercent} percent`"
    class="hill"
  >
    <path :d="`M0 ${roadY(0)}L${W} ${roadY(W)}V${H}H0z`" fill="var(--rule-soft)" />
    <path :d="`M0 ${roadY(0)}L${W} ${roadY(W)}`" stroke="var(--ink)" stroke-width="4" />
    <path
      :d="`M0 ${roadY(0) + 11}L${W} ${roadY(W) + 11}`"
      stroke="var(--paper)"
      stroke-width="2.5"
      stroke-dasharray="18 12"
    />
    <g :transform="`translate(${x0} ${roadY(x0) - 2}) rotate(${-angle})`">
      <g v-if="job.content.rig.trailer.massKg > 0" :transform="`translate(-28 0) scale(${trailer})`">
        <path d="M28 -13H0M-112 -16H-4V-62H-112z" fill="none" stroke="var(--ink)" stroke-width="3" />
        <rect
          v-for="x in [-104, -80, -56, -32]"
          :key="x"
          :x="x"
          y="-58"
          width="22"
          height="38"
          fill="var(--rb-amber-100)"
          stroke="var(--ink)"
          stroke-width="1.5"
        />
        <circle cx="-70" cy="-10" r="10" fill="var(--ink)" />
        <circle cx="-46" cy="-10" r="10" fill="var(--ink)" />
      </g>
      <TruckShape />
      <path d="M176 -30h26m-9 -6 9 6-9 6" stroke="var(--accent)" stroke-width="3" fill="none" />
    </g>
    <g v-if="b">
      <text x="14" y="30" class="head big">{{ gear }}</text>
      <text x="14" y="50" class="note">
        {{ b.locked ? 'converter locked' : `converter slips, ${formatNumber(b.speedRatio, 2)}` }} ·
        {{ formatNumber(b.engineRpm, 0) }} rpm
      </text>
      <text :x="W - 12" y="30" class="head big" text-anchor="end" :fill="slowed ? 'var(--over-ink)' : undefined">
        {{ format(b.speedKmh, 'speed', unitWorld) }}{{ slowed ? ' is all it holds' : '' }}
      </text>
      <text x="14" :y="H - 8" class="note">{{ format(mass, 'mass', unitWorld) }} together</text>
      <text :x="W - 12" :y="H - 8" class="note" text-anchor="end">
        {{ format(b.heat.brake, 'shaftPower', unitWorld) }} at the engine ·
        {{ format(b.heat.converter + b.heat.gearbox, 'power', unitWorld) }} into the oil
      </text>
    </g>
  </svg>
</template>

<style scoped>
.hill {
  width: 100%;
  display: block;
  background: linear-gradient(var(--accent-wash), transparent 70%);
}
.big {
  font-size: 26px;
}
.note {
  font-size: 15px;
  font-weight: 500;
}
</style>
