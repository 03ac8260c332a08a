<script setup lang="ts">
import { computed } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import type { Fluid } from '@/shared/api/types'
import { flag } from '@/shared/ui/words'

/** One fluid on one scale: the limit as a post, the other builds as flags above, the one in hand below with its band. */
const props = defineProps<{ fluid: Fluid; low: number; high: number }>()
const job = useJob()
const driving = useDriving()
const W = 300
const x = (t: number) => Math.max(4, Math.min(W - 4, ((t - props.low) / (props.high - props.low)) * W))
const here = computed(() => (driving.onRoad ? driving.gaugeOf(job.selected, props.fluid) : job.verdict?.[props.fluid]))
const flags = computed(() => {
  const builds = job.content.builds
  const all = (driving.onRoad ? driving.trips : job.verdicts).flatMap((v) => {
    const build = builds.find((b) => b.id === v.build)
    return build ? [{ id: v.build, t: v[props.fluid]?.peakC, letter: flag(build, builds) }] : []
  })
  return all.filter((f) => f.t != null && f.id !== job.selected)
})
/** What it is at the moment under the road's cursor, °C. */
const now = computed(() => {
  const trace = driving.onRoad ? driving.trip?.trace : null
  if (!trace || driving.momentS === null) return null
  const i = trace.timeS.findIndex((t) => t >= driving.momentS!)
  return { coolant: trace.coolantC, feed: trace.feedC, pan: trace.panC }[props.fluid][
    i < 0 ? trace.timeS.length - 1 : i
  ]!
})
const mine = computed(() => flag(job.build, job.content.builds))
</script>

<template>
  <svg v-if="here" :viewBox="`0 0 ${W} 44`" class="scale" aria-hidden="true" preserveAspectRatio="none">
    <rect x="0" y="18" :width="W" height="9" fill="var(--rule-soft)" />
    <rect :x="x(here.limitC)" y="18" :width="W - x(here.limitC)" height="9" fill="var(--over-wash)" />
    <rect
      v-if="here.bandK !== null"
      :x="x(here.peakC - here.bandK)"
      y="15"
      :width="Math.max(2, x(here.peakC + here.bandK) - x(here.peakC - here.bandK))"
      height="15"
      fill="var(--accent)"
      opacity=".28"
    />
    <rect :x="x(here.limitC) - 1.5" y="9" width="3" height="26" fill="var(--over)" />
    <g v-for="f in flags" :key="f.id">
      <path :d="`M${x(f.t!)} 18l-5-6h10z`" fill="var(--ink-soft)" />
      <text :x="x(f.t!)" y="10" text-anchor="middle" class="head letter soft">{{ f.letter }}</text>
    </g>
    <path v-if="now !== null" :d="`M${x(now)} 15v15`" stroke="var(--ink)" stroke-width="4" data-now />
    <path :d="`M${x(here.peakC)} 27l-7 9h14z`" fill="var(--accent-ink)" />
    <text :x="x(here.peakC) > W - 24 ? x(here.peakC) - 20 : x(here.peakC) + 10" y="41" class="head letter mine">
      {{ mine }}
    </text>
  </svg>
</template>

<style scoped>
.scale {
  width: 100%;
  height: 44px;
  display: block;
}
.letter {
  font-size: 13px;
}
.letter.soft {
  fill: var(--ink-soft);
}
.letter.mine {
  fill: var(--accent-ink);
  font-size: 15px;
}
</style>
