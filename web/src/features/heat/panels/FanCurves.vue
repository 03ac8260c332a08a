<script setup lang="ts">
import { computed } from 'vue'
import type { FanReport } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The fan's curve with what the pack asks of it at four road speeds; the crossings are where it works. */
const props = defineProps<{ fan: FanReport['fans'][number] }>()
const W = 460
const H = 220
const box = { left: 50, top: 10, right: W - 14, bottom: H - 34 }
const most = computed(() => Math.max(props.fan.freeFlow * 1.3, ...props.fan.at.map((a) => a.flow * 1.1), 0.1))
const high = computed(() => Math.max(40, ...props.fan.curve.map((p) => p.pressurePa)) * 1.08)
const low = computed(() => -0.25 * high.value)
const x = (q: number) => box.left + (q / most.value) * (box.right - box.left)
const y = (p: number) => box.bottom - ((p - low.value) / (high.value - low.value)) * (box.bottom - box.top)
const line = (points: { flow: number; pressurePa: number }[]) => {
  const inside = points.filter(
    (p) => p.flow >= 0 && p.flow <= most.value && p.pressurePa >= low.value && p.pressurePa <= high.value,
  )
  return inside.length ? 'M' + inside.map((p) => `${x(p.flow).toFixed(1)} ${y(p.pressurePa).toFixed(1)}`).join('L') : ''
}
const opacity = [1, 0.8, 0.6, 0.42]
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Fan curve against the pack at four road speeds" data-fan-curve>
    <path :d="`M${box.left} ${y(0)}H${box.right}`" stroke="var(--rule)" />
    <text :x="box.left - 6" :y="y(0) + 5" text-anchor="end" class="tick">0</text>
    <text :x="box.left - 6" :y="y(fan.curve[0]?.pressurePa ?? 0) + 5" text-anchor="end" class="tick">
      {{ format(fan.curve[0]?.pressurePa ?? 0, 'fanPressure', unitWorld) }}
    </text>
    <g v-for="(a, i) in fan.at" :key="a.speedKmh">
      <path
        :d="line(a.pack)"
        fill="none"
        stroke="var(--ink-soft)"
        stroke-width="2"
        stroke-dasharray="5 4"
        :opacity="opacity[i]"
      />
    </g>
    <path :d="line(fan.curve)" fill="none" stroke="var(--accent)" stroke-width="4" />
    <g v-for="(a, i) in fan.at" :key="'p' + a.speedKmh">
      <circle
        :cx="x(a.flow)"
        :cy="y(Math.max(low, a.pressurePa))"
        r="6"
        fill="var(--paper)"
        stroke="var(--ink)"
        stroke-width="3"
      />
      <text :x="box.right" :y="box.top + 14 + i * 19" text-anchor="end" class="tick">
        {{ format(a.speedKmh, 'speed', unitWorld, 0) }} · {{ format(a.flow, 'airflow', unitWorld) }}
      </text>
    </g>
    <path :d="`M${x(fan.freeFlow)} ${y(0) - 6}v12`" stroke="var(--accent)" stroke-width="4" />
    <text :x="x(fan.freeFlow)" :y="H - 10" text-anchor="middle" class="tick">
      {{ format(fan.freeFlow, 'airflow', unitWorld) }} free air
    </text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.tick {
  font-size: 14px;
}
</style>
