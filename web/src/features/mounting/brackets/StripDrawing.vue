<script setup lang="ts">
import { computed } from 'vue'
import type { FlatStrip, MountingStrip } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The strip bent, from its edge, and flat with its bend marks, both to one scale. */
const props = defineProps<{ strip: MountingStrip; flat: FlatStrip }>()
const W = 820
const scale = computed(() => (W - 40) / Math.max(props.flat.flatMm, props.flat.runMm + 10))

/** Neutral line of the bent strip: straight legs joined by arcs. */
const bent = computed(() => {
  const s = props.strip
  const r = s.insideRadiusMm + s.thicknessMm / 2
  let x = 0
  let y = 0
  let heading = 0
  const points: [number, number][] = [[0, 0]]
  const walk = (d: number) => {
    x += d * Math.cos(heading)
    y += d * Math.sin(heading)
    points.push([x, y])
  }
  const bend = (degrees: number) => {
    const n = 12
    const step = (degrees * Math.PI) / 180 / n
    for (let i = 0; i < n; i++) {
      heading += step / 2
      walk(2 * r * Math.sin(Math.abs(step) / 2))
      heading += step / 2
    }
  }
  if (s.offsetMm > 0) {
    walk(s.leftLegMm)
    bend(s.offsetDegrees)
    walk(props.flat.straightMm)
    bend(-s.offsetDegrees)
    walk(s.rightLegMm)
  } else walk(s.leftLegMm + s.rightLegMm)
  if (s.tabMm > 0) {
    bend(s.tabDegrees)
    walk(s.tabMm)
  }
  return points
})
const high = computed(() => Math.max(...bent.value.map((p) => p[1])) * scale.value + 20)
const top = computed(() => Math.min(150, high.value))
const bentPath = computed(() => {
  const fit = top.value / high.value
  return (
    'M' +
    bent.value
      .map(
        ([px, py]) => `${(20 + px * scale.value).toFixed(1)} ${(20 + top.value - py * scale.value * fit).toFixed(1)}`,
      )
      .join('L')
  )
})
const flatY = computed(() => top.value + 64)
const x = (mm: number) => 20 + mm * scale.value
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${flatY + 92}`" role="img" :aria-label="`${strip.name}, bent and flat`">
    <path
      :d="bentPath"
      fill="none"
      stroke="var(--metal)"
      :stroke-width="Math.max(5, strip.thicknessMm * scale)"
      stroke-linejoin="round"
    />
    <text x="20" :y="top + 44" class="note">
      bent, from its edge{{
        strip.offsetMm > 0
          ? `: offset ${format(strip.offsetMm, 'size', unitWorld)}, run ${format(flat.runMm, 'size', unitWorld, 1)}`
          : ''
      }}
    </text>
    <rect
      x="20"
      :y="flatY"
      :width="flat.flatMm * scale"
      height="34"
      fill="var(--rule-soft)"
      stroke="var(--ink)"
      stroke-width="2.5"
    />
    <g v-for="(m, i) in flat.marks" :key="i">
      <rect
        :x="x(m.startMm)"
        :y="flatY"
        :width="Math.max(2, (m.endMm - m.startMm) * scale)"
        height="34"
        fill="var(--accent)"
        opacity=".35"
      />
      <path
        :d="`M${x(m.centreMm)} ${flatY - 8}v50`"
        stroke="var(--accent-ink)"
        stroke-width="2.5"
        :stroke-dasharray="m.degrees > 0 ? '' : '7 4'"
      />
      <text :x="x(m.centreMm)" :y="flatY + 62 + (i % 2) * 22" text-anchor="middle" class="head mark">
        {{ i + 1 }} at {{ format(m.centreMm, 'size', unitWorld, unitWorld === 'metric' ? 1 : 3) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
  background: repeating-linear-gradient(90deg, transparent 0 39px, var(--rule-soft) 39px 40px);
}
.note {
  font-size: 15px;
}
.mark {
  font-size: 18px;
}
</style>
