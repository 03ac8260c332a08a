<script setup lang="ts">
import { computed } from 'vue'
import { boxOf, coolerName, obstaclesOf, openingBox, otherName, radiatorBox } from '@/features/heat/pack/geometry'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** The pack from the front, in ink, with the places to measure off: all from the radiator's left and lower edge. */
const job = useJob()
const cooling = computed(() => job.content.rig.vehicle.cooling)
const radiator = computed(() => radiatorBox(cooling.value, job.build))
const opening = computed(() => openingBox(cooling.value))
const PAD = 60
const view = computed(() => {
  const left = Math.min(opening.value.left, radiator.value.left) - PAD
  const bottom = Math.min(opening.value.bottom, radiator.value.bottom) - PAD
  const right = Math.max(opening.value.left + opening.value.width, radiator.value.left + radiator.value.width) + PAD
  const top = Math.max(opening.value.bottom + opening.value.height, radiator.value.bottom + radiator.value.height) + PAD
  return { left, top, width: right - left, height: top - bottom }
})
const X = (mm: number) => mm - view.value.left
const Y = (mm: number) => view.value.top - mm
const mm = (v: number) => format(v, 'size', unitWorld.value)
const depth: Record<string, string> = {
  FRONT: 'in front of the pack',
  BETWEEN: 'between condenser and radiator',
  BEHIND: 'behind the radiator',
}
/** What hangs in the pack by this plan, each with the pair of measures that places it. */
const hung = computed(() => [
  ...job.build.coolers
    .map((c, i) => ({ c, name: coolerName(i), size: c.part, gap: c.gapMm }))
    .filter(({ c }) => c.place !== 'ELSEWHERE')
    .map(({ c, name, size, gap }) => ({
      id: c.id,
      name,
      box: { left: c.leftMm, bottom: c.bottomMm, width: size.widthMm, height: size.heightMm },
      where: `${depth[c.place]}${c.place === 'FRONT' ? `, ${mm(gap)} off the core behind, rim ${c.sealed ? 'foamed' : 'open'}` : ''}`,
    })),
  ...job.build.otherCoolers
    .filter((o) => o.place !== 'ELSEWHERE')
    .map((o) => ({ id: o.id, name: otherName(o), box: boxOf(o.core), where: depth[o.place] ?? '' })),
])
const elsewhere = computed(() => job.build.coolers.filter((c) => c.place === 'ELSEWHERE'))
</script>

<template>
  <div v-if="hung.length || elsewhere.length" class="sketch" data-sketch>
    <svg :viewBox="`0 0 ${view.width} ${view.height}`" role="img" aria-label="The pack from the front, to scale">
      <rect
        :x="X(opening.left)"
        :y="Y(opening.bottom + opening.height)"
        :width="opening.width"
        :height="opening.height"
        class="dash"
      />
      <rect
        :x="X(radiator.left)"
        :y="Y(radiator.bottom + radiator.height)"
        :width="radiator.width"
        :height="radiator.height"
        class="line"
      />
      <rect
        v-for="o in obstaclesOf(job.content, job.build)"
        :key="o.id"
        :x="X(o.leftMm)"
        :y="Y(o.bottomMm + o.heightMm)"
        :width="o.widthMm"
        :height="o.heightMm"
        class="metal"
      />
      <g v-for="(h, i) in hung" :key="h.id">
        <rect
          :x="X(h.box.left)"
          :y="Y(h.box.bottom + h.box.height)"
          :width="h.box.width"
          :height="h.box.height"
          class="core"
        />
        <text
          :x="X(h.box.left + h.box.width / 2)"
          :y="Y(h.box.bottom + h.box.height / 2) + 14"
          text-anchor="middle"
          class="head"
        >
          {{ i + 1 }}
        </text>
        <path :d="`M${X(radiator.left)} ${Y(h.box.bottom + h.box.height / 2)}H${X(h.box.left)}`" class="measure" />
        <path :d="`M${X(h.box.left + h.box.width / 2)} ${Y(radiator.bottom)}V${Y(h.box.bottom)}`" class="measure" />
      </g>
      <circle :cx="X(radiator.left)" :cy="Y(radiator.bottom)" r="11" class="datum" />
    </svg>
    <div>
      <p class="small">Seen from the front; all places from the radiator core’s left and lower edge (the dot).</p>
      <ol>
        <li v-for="h in hung" :key="h.id">
          <b>{{ h.name }}</b>, {{ mm(h.box.width) }} × {{ mm(h.box.height) }}: {{ mm(h.box.left) }} from the left edge,
          {{ mm(h.box.bottom) }} above the lower edge, {{ h.where }}
        </li>
      </ol>
      <p v-for="c in elsewhere" :key="c.id" class="small">
        {{ c.part.name }}: elsewhere on the truck, with its own fan.
      </p>
    </div>
  </div>
</template>

<style scoped>
.sketch {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px;
  align-items: center;
  break-inside: avoid;
}
svg {
  width: 100%;
  max-height: 260px;
}
rect {
  fill: none;
  stroke: var(--ink);
}
.dash {
  stroke-width: 3;
  stroke-dasharray: 14 8;
}
.line {
  stroke-width: 6;
}
.metal {
  stroke-width: 3;
  fill: var(--rule);
}
.core {
  stroke-width: 5;
  fill: var(--paper);
}
.measure {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 4 6;
}
.datum {
  fill: var(--ink);
}
text {
  font-size: 42px;
}
ol {
  margin: 8px 0;
  padding-left: 20px;
}
@media (max-width: 700px) {
  .sketch {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
