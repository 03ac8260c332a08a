<script setup lang="ts">
import { computed } from 'vue'
import type { RadiatorFit, RadiatorSeat } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** Both radiators from the front, to scale, between what stands round them. */
const props = defineProps<{ fit: RadiatorFit; seat: RadiatorSeat }>()
type Shape = RadiatorFit['own']
const left = (s: Shape) => s.coreLeftMm + s.coreWidthMm / 2 - s.widthMm / 2
const low = (s: Shape) => s.coreBottomMm + s.coreHeightMm / 2 - s.heightMm / 2
const POST = 46
const view = computed(() => {
  const { own, other } = props.fit
  const sides = [props.seat.leftMm, props.seat.rightMm].filter((v): v is number => v !== null)
  const x0 = Math.min(left(own), left(other), ...sides) - POST - 30
  const x1 = Math.max(left(own) + own.widthMm, left(other) + other.widthMm, ...sides) + POST + 30
  const tops = [own.capUpMm, other.capUpMm, props.seat.topMm].filter((v): v is number => v !== null)
  const y1 = Math.max(low(own) + own.heightMm, low(other) + other.heightMm, ...tops) + 56
  const y0 = Math.min(low(own), low(other)) - 66
  return { x0, x1, y0, y1 }
})
/** Up is up on paper. */
const y = (up: number) => -up
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)
const DRAIN = { LEFT: 0.06, MIDDLE: 0.5, RIGHT: 0.94 } as const
const drain = (s: Shape) =>
  s.drain && s.drain !== 'NONE' ? left(s) + s.widthMm * DRAIN[s.drain as keyof typeof DRAIN] : null
const cuts = computed(() => props.fit.plates.filter((p) => p.notchDepthMm !== null))
/** Where a cut begins, from the lower left. */
const cutLeft = (p: RadiatorFit['plates'][number]) =>
  p.side === 'LEFT' ? props.seat.leftMm! - p.notchDepthMm! : props.seat.rightMm!
/** The old one last: its dashes lie over the new. */
const alone = computed(() => !props.fit.rows.length)
const both = computed(() => [
  { key: 'new', shape: props.fit.other },
  ...(alone.value ? [] : [{ key: 'old', shape: props.fit.own }]),
])
</script>

<template>
  <figure>
    <svg
      :viewBox="`${view.x0} ${-view.y1} ${view.x1 - view.x0} ${view.y1 - view.y0}`"
      role="img"
      aria-label="Old and new radiator from the front"
      data-drawing
    >
      <defs>
        <pattern id="radiator-fins" width="9" height="9" patternUnits="userSpaceOnUse">
          <path d="M0 4.5H9" class="fin" />
        </pattern>
        <pattern id="radiator-cut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" class="cut-line" />
        </pattern>
      </defs>
      <rect
        v-if="seat.leftMm !== null"
        :x="seat.leftMm - POST"
        :y="y(view.y1 - 10)"
        :width="POST"
        :height="view.y1 - view.y0 - 20"
        class="post"
      />
      <rect
        v-if="seat.rightMm !== null"
        :x="seat.rightMm"
        :y="y(view.y1 - 10)"
        :width="POST"
        :height="view.y1 - view.y0 - 20"
        class="post"
      />
      <rect
        v-if="seat.topMm !== null"
        :x="view.x0 + 30"
        :y="y(seat.topMm + 34)"
        :width="view.x1 - view.x0 - 60"
        height="34"
        class="post"
      />
      <g v-for="{ key, shape } in both" :key="key" :class="key">
        <rect
          :x="left(shape)"
          :y="y(low(shape) + shape.heightMm)"
          :width="shape.widthMm"
          :height="shape.heightMm"
          class="tanks"
        />
        <rect
          :x="shape.coreLeftMm"
          :y="y(shape.coreBottomMm + shape.coreHeightMm)"
          :width="shape.coreWidthMm"
          :height="shape.coreHeightMm"
          class="core-back"
        />
        <rect
          :x="shape.coreLeftMm"
          :y="y(shape.coreBottomMm + shape.coreHeightMm)"
          :width="shape.coreWidthMm"
          :height="shape.coreHeightMm"
          class="core"
        />
        <rect
          v-for="(p, i) in shape.pins"
          :key="`pin-${i}`"
          :x="p.acrossMm - p.sizeMm / 2"
          :y="y(p.upMm)"
          :width="p.sizeMm"
          height="26"
          class="pin"
        />
        <circle v-for="(p, i) in shape.tops" :key="`top-${i}`" :cx="p.acrossMm" :cy="y(p.upMm)" r="8" class="hole" />
        <circle
          v-for="(p, i) in shape.necks"
          :key="`neck-${i}`"
          :cx="p.acrossMm"
          :cy="y(p.upMm)"
          :r="p.sizeMm / 2"
          class="neck"
        />
        <rect
          v-if="shape.capUpMm !== null"
          :x="left(shape) + shape.widthMm - 74"
          :y="y(shape.capUpMm)"
          width="44"
          height="18"
          class="cap"
        />
        <path v-if="drain(shape) !== null" :d="`M${drain(shape)! - 9} ${y(low(shape))}h18l-9 22z`" class="drain" />
      </g>
      <rect
        v-for="p in cuts"
        :key="p.side"
        :x="cutLeft(p)"
        :y="y(p.notchBottomMm! + p.notchHeightMm!)"
        :width="p.notchDepthMm!"
        :height="p.notchHeightMm!"
        class="cut"
      />
      <g class="dim">
        <path :d="`M${left(fit.other)} ${y(view.y0 + 18)}h${fit.other.widthMm}`" />
        <text :x="left(fit.other) + fit.other.widthMm / 2" :y="y(view.y0 + 26)" text-anchor="middle">
          {{ mm(fit.other.widthMm) }}
          <template v-if="!alone">new, {{ mm(fit.own.widthMm) }} old</template>
        </text>
      </g>
      <text
        v-for="p in cuts"
        :key="`t${p.side}`"
        :x="cutLeft(p) + p.notchDepthMm! / 2"
        :y="y(p.notchBottomMm! + p.notchHeightMm! / 2)"
        text-anchor="middle"
        class="over"
      >
        cut {{ mm(p.notchDepthMm!) }}
      </text>
    </svg>
    <figcaption class="small soft">
      from the front, to scale<template v-if="!alone">: the new one full, the old one dashed</template>; circles are
      necks, small rings upper holes, below the pins and the drain; hatched is cut out
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
svg {
  width: 100%;
  max-height: 440px;
  background: var(--paper);
  border: 1px solid var(--rule);
}
.fin {
  stroke: var(--ink-soft);
  stroke-width: 0.8;
  opacity: 0.5;
}
.cut-line {
  stroke: var(--over);
  stroke-width: 3;
}
.post {
  fill: var(--rule-soft);
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.new .tanks {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 3;
}
.new .core-back {
  fill: var(--paper);
}
.old .core-back {
  fill: none;
}
.new .core {
  fill: url(#radiator-fins);
  stroke: var(--ink);
  stroke-width: 2;
}
.new .pin,
.new .cap,
.new .drain {
  fill: var(--ink);
}
.new .neck {
  fill: var(--paper);
  stroke: var(--accent-ink);
  stroke-width: 4;
}
.new .hole {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 3;
}
.old .tanks,
.old .core,
.old .pin,
.old .cap,
.old .drain,
.old .neck,
.old .hole {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
  stroke-dasharray: 8 6;
}
.cut {
  fill: url(#radiator-cut);
  stroke: var(--over);
  stroke-width: 2.5;
}
.dim path {
  stroke: var(--accent-ink);
  stroke-width: 2;
}
text {
  font: 600 22px/1 var(--rb-font-head);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 5px;
}
text.over {
  fill: var(--over-ink, var(--over));
}
</style>
