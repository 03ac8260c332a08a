<script setup lang="ts">
import { computed } from 'vue'
import type { WiringResult } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { pathOf } from './diagram'
import PartSymbol from './PartSymbol.vue'
import { flows, live } from './wiring'

/** The circuit with its current flowing down the page, from the battery's post to earth. */
const props = defineProps<{
  result: WiringResult
  /** Ids of wires and parts that a finding is about. */
  along: readonly string[]
}>()
/** Id of the wire or part that is looked at. */
const picked = defineModel<string | null>({ required: true })
/** A small circuit is not blown up beyond this, px of a millimetre. */
const LARGEST = 4.2
const d = computed(() => props.result.diagram)
const parts = computed(() =>
  d.value.parts.map((drawn) => {
    const part = props.result.parts.find((p) => p.id === drawn.id)!
    return { drawn, part, lines: part.label.map((l) => say(l, unitWorld.value)) }
  }),
)
const ways = computed(() =>
  d.value.ways.map((w) => {
    const wire = props.result.wires.find((v) => v.id === w.id)
    const amps = props.result.standing.amps[w.id] ?? 0
    return {
      id: w.id,
      path: pathOf(w.points),
      at: w.number,
      wire,
      flows: flows(props.result.standing, w.id),
      back: amps < 0,
      live: wire ? live(props.result.standing, wire.from) : false,
      thick: wire?.role === 'FEED' || wire?.role === 'LOAD' || wire?.role === 'EARTH',
      meant: props.along.includes(w.id),
    }
  }),
)
const name = (w: (typeof ways.value)[number]) => (w.wire ? `Wire ${say(w.wire.label, unitWorld.value)}` : '')
</script>

<template>
  <svg
    :viewBox="`0 0 ${d.width} ${d.height}`"
    :style="{ maxWidth: `${d.width * LARGEST}px` }"
    class="circuit"
    preserveAspectRatio="xMidYMin meet"
    role="group"
    aria-label="Circuit"
    data-circuit
  >
    <g v-for="w in ways" :key="w.id">
      <path v-if="w.meant || picked === w.id" :d="w.path" :class="['under', { bad: w.meant }]" />
      <path :d="w.path" :class="['wire', { live: w.live, flows: w.flows, thick: w.thick }]" />
      <path v-if="w.flows" :d="w.path" :class="['current', { back: w.back, thick: w.thick }]" />
      <path
        v-if="w.wire"
        :d="w.path"
        class="grip"
        role="button"
        tabindex="0"
        :aria-label="name(w)"
        :data-wire="w.wire.number"
        @click="picked = w.id"
        @keydown.enter="picked = w.id"
      />
    </g>
    <circle v-for="(j, k) in d.joints" :key="k" :cx="j.x" :cy="j.y" r="1.1" class="joint" />
    <g
      v-for="p in parts"
      :key="p.part.id"
      role="button"
      tabindex="0"
      class="pick"
      :aria-label="p.lines.join(', ') || 'joint'"
      :data-part="p.part.id"
      @click="picked = p.part.id"
      @keydown.enter="picked = p.part.id"
    >
      <rect
        v-if="picked === p.part.id || along.includes(p.part.id)"
        :x="p.drawn.x - 2"
        :y="p.drawn.y - 2"
        :width="p.drawn.width + 4"
        :height="p.drawn.height + 4"
        :class="['halo', { bad: along.includes(p.part.id) }]"
      />
      <PartSymbol :part="p.part" :drawn="p.drawn" :lines="p.lines" :standing="result.standing" />
    </g>
    <g v-for="w in ways.filter((v) => v.wire)" :key="`n${w.id}`" class="number" :class="{ flows: w.flows }">
      <circle :cx="w.at.x" :cy="w.at.y" r="2.6" />
      <text :x="w.at.x" :y="w.at.y + 1.25" text-anchor="middle">{{ w.wire!.number }}</text>
    </g>
  </svg>
</template>

<style scoped>
.circuit {
  width: 100%;
  height: auto;
  margin: 0 auto;
  display: block;
  touch-action: manipulation;
}
path {
  fill: none;
}
.wire {
  stroke: var(--rule);
  stroke-width: 0.7;
}
.wire.thick {
  stroke-width: 1.3;
}
.wire.live {
  stroke: var(--ink);
}
.wire.flows {
  stroke: var(--accent);
  stroke-width: 1.2;
}
.wire.flows.thick {
  stroke-width: 2.2;
}
.current {
  stroke: var(--paper);
  stroke-width: 0.6;
  stroke-dasharray: 1.4 4.6;
}
.current.thick {
  stroke-width: 0.9;
}
@media (prefers-reduced-motion: no-preference) {
  .current {
    animation: flow 0.9s linear infinite;
  }
  .current.back {
    animation-direction: reverse;
  }
}
@keyframes flow {
  to {
    stroke-dashoffset: -6;
  }
}
.under {
  stroke: var(--accent-wash);
  stroke-width: 5;
}
.under.bad {
  stroke: var(--over);
  stroke-width: 4.4;
  opacity: 0.55;
}
.grip {
  stroke: transparent;
  stroke-width: 6;
  cursor: pointer;
}
.grip:focus,
.pick:focus {
  outline: none !important;
}
.grip:focus-visible {
  stroke: var(--accent);
  stroke-opacity: 0.4;
}
.pick {
  cursor: pointer;
}
.pick:focus-visible .halo,
.halo {
  fill: var(--accent-wash);
  stroke: none;
}
.halo.bad {
  fill: var(--over-wash);
  stroke: var(--over);
  stroke-width: 0.6;
}
.joint {
  fill: var(--ink);
}
.number {
  pointer-events: none;
}
.number circle {
  fill: var(--paper);
  stroke: var(--ink-soft);
  stroke-width: 0.3;
}
.number.flows circle {
  stroke: var(--accent);
  stroke-width: 0.5;
}
.number text {
  font: 600 3.4px/1 var(--rb-font-head);
  fill: var(--ink);
}
@media print {
  .current {
    display: none;
  }
}
</style>
