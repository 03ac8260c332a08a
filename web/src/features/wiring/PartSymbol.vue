<script setup lang="ts">
import { computed } from 'vue'
import type { CircuitDiagram, WiredPart, WiringStanding } from '@/shared/api/types'
import { flows, live } from './wiring'

/** One part of a circuit as it stands: contacts open or closed, motors turning or not. */
const props = defineProps<{
  part: WiredPart
  drawn: CircuitDiagram['parts'][number]
  standing: WiringStanding
  /** Lines that stand beside it. */
  lines: string[]
}>()
const at = (fed: boolean, k = 0) => props.drawn.terminals.filter((t) => t.fed === fed)[k]
const top = computed(() => at(true))
const foot = computed(() => at(false))
const named = (name: string) => props.drawn.terminals.find((t) => t.name === name)
const carries = computed(() => flows(props.standing, props.part.id))
/** An open contact is no part of the solved circuit. */
const closed = computed(() => props.part.id in props.standing.amps)
const awake = computed(() => props.standing.live.includes(props.part.id))
/** Middle of its symbol: words stand to the right of it. */
const mid = computed(() => top.value?.x ?? foot.value?.x ?? props.drawn.x)
const low = computed(() => props.drawn.y + props.drawn.height)
const lamps = ['load.lamp']
/** The box of parts that are drawn as one; words stand in it. */
const boxed = computed(() => ['CONTROLLER', 'MODULE', 'LINE', 'TAP'].includes(props.part.sort))
const liveBox = computed(() => {
  if (props.part.sort === 'LINE') return live(props.standing, `${props.part.id}:15`)
  if (props.part.sort === 'TAP') return true
  return awake.value
})
const relay = computed(() => {
  const d = props.drawn
  return { x: d.x, w: Math.max(26, Math.max(...d.terminals.map((t) => t.x)) - d.x + 6.5) }
})
const contact = computed(() => ({ from: named('30'), made: named('87'), rest: named('87a') }))
const coil = computed(() => ({ a: named('86'), b: named('85') }))
</script>

<template>
  <g>
    <template v-if="boxed">
      <rect
        :x="drawn.x"
        :y="drawn.y"
        :width="drawn.width"
        :height="drawn.height"
        :class="['box', { on: liveBox, post: part.sort === 'TAP' }]"
      />
      <text
        v-for="(line, k) in lines"
        :key="k"
        :x="drawn.x + drawn.width / 2"
        :y="drawn.y + drawn.height / 2 + 1.4 + (k - (lines.length - 1) / 2) * 4.4"
        text-anchor="middle"
        :class="[k ? 'sub' : 'name', { post: part.sort === 'TAP' }]"
      >
        {{ line }}
      </text>
    </template>
    <template v-else-if="part.sort === 'RELAY'">
      <rect :x="relay.x" :y="drawn.y" :width="relay.w" :height="drawn.height" class="box" />
      <template v-if="contact.from && contact.made">
        <path :d="`M${contact.from.x} ${contact.from.y}V${drawn.y + 7}`" class="line" />
        <path :d="`M${contact.made.x} ${low}V${low - 7}`" class="line" />
        <path v-if="contact.rest" :d="`M${contact.rest.x} ${low}V${low - 7}`" class="line" />
        <path
          :d="
            awake
              ? `M${contact.from.x} ${drawn.y + 7}L${contact.made.x} ${low - 7}`
              : contact.rest
                ? `M${contact.from.x} ${drawn.y + 7}L${contact.rest.x} ${low - 7}`
                : `M${contact.from.x} ${drawn.y + 7}L${contact.made.x - 5} ${low - 8}`
          "
          :class="['lever', { on: carries }]"
        />
      </template>
      <template v-if="coil.a && coil.b">
        <path :d="`M${coil.a.x} ${drawn.y}V${low}`" class="line" />
        <rect :x="coil.a.x - 4" :y="drawn.y + 8" width="8" height="8" :class="['coil', { on: awake }]" />
      </template>
      <text :x="relay.x + relay.w + 2" :y="drawn.y + 11" class="name">{{ lines[0] }}</text>
      <text :x="relay.x + relay.w + 2" :y="drawn.y + 15.4" class="sub">{{ lines[1] }}</text>
    </template>
    <template v-else-if="part.sort === 'SPLICE'">
      <circle :cx="mid" :cy="drawn.y + 1" r="1.3" class="dot" />
    </template>
    <template v-else-if="part.sort === 'EARTH' || part.sort === 'THREAD'">
      <path
        :d="`M${mid} ${drawn.y}v3M${mid - 5} ${drawn.y + 3}h10M${mid - 3.2} ${drawn.y + 4.6}h6.4M${mid - 1.4} ${drawn.y + 6.2}h2.8`"
        class="line"
      />
      <text :x="mid + 6.4" :y="drawn.y + 6" class="sub">{{ lines[0] }}</text>
    </template>
    <template v-else>
      <template v-if="part.sort === 'GUARD'">
        <path :d="`M${mid} ${drawn.y}V${low}`" class="line" />
        <rect :x="mid - 2.6" :y="drawn.y + 4" width="5.2" :height="drawn.height - 8" class="open" />
        <path :d="`M${mid} ${drawn.y + 4}V${low - 4}`" class="thin" />
      </template>
      <template v-else-if="part.sort === 'CONTACT'">
        <path :d="`M${mid} ${drawn.y}v4.5M${mid} ${low}v-4.5`" class="line" />
        <path
          :d="closed ? `M${mid} ${drawn.y + 4.5}V${low - 4.5}` : `M${mid} ${drawn.y + 4.5}L${mid - 4.4} ${low - 5.5}`"
          :class="['lever', { on: carries }]"
        />
        <circle :cx="mid" :cy="low - 4.5" r="0.9" class="dot" />
      </template>
      <template v-else-if="part.sort === 'DIODE'">
        <path :d="`M${mid} ${drawn.y}V${low}`" class="line" />
        <path :d="`M${mid - 3} ${drawn.y + 3.4}h6l-3 5z`" class="dot" />
        <path :d="`M${mid - 3} ${drawn.y + 8.6}h6`" class="line" />
      </template>
      <template v-else-if="part.sort === 'MOTOR'">
        <circle :cx="mid" :cy="drawn.y + 9" r="8" :class="['wheel', { on: carries }]" />
        <g :class="{ turning: carries }" :style="{ transformOrigin: `${mid}px ${drawn.y + 9}px` }">
          <path
            v-for="a in [0, 120, 240]"
            :key="a"
            :transform="`rotate(${a} ${mid} ${drawn.y + 9})`"
            :d="`M${mid} ${drawn.y + 9}c-3 -2.4 -2.4 -6 0.4 -6.8c1.4 2 1.2 4.4 -0.4 6.8z`"
            :class="['blade', { on: carries }]"
          />
        </g>
      </template>
      <template v-else-if="part.kind && lamps.includes(part.kind)">
        <path :d="`M${mid} ${drawn.y}v4.5M${mid} ${low}v-4.5`" class="line" />
        <circle :cx="mid" :cy="drawn.y + drawn.height / 2" r="4" :class="['lamp', { on: carries }]" />
        <path
          v-if="carries"
          :d="`M${mid - 6.4} ${drawn.y + drawn.height / 2}h1.6M${mid + 4.8} ${drawn.y + drawn.height / 2}h1.6`"
          class="ray"
        />
      </template>
      <template v-else>
        <path :d="`M${mid} ${drawn.y}V${low}`" class="line" />
        <rect :x="mid - 3" :y="drawn.y + 3.5" width="6" :height="drawn.height - 7" :class="['coil', { on: carries }]" />
      </template>
      <text
        v-for="(line, k) in part.sort === 'DIODE' ? lines.slice(0, 1) : lines"
        :key="k"
        :x="mid + (part.sort === 'MOTOR' ? 10 : part.kind && lamps.includes(part.kind) ? 8 : 6)"
        :y="drawn.y + drawn.height / 2 + 1.4 + (k - (lines.length - 1) / 2) * 4.4"
        :class="k ? 'sub' : 'name'"
      >
        {{ line }}
      </text>
    </template>
    <template v-if="part.sort !== 'SPLICE'">
      <text
        v-for="t in drawn.terminals.filter(
          (v) => /^[0-9A-Z]/.test(v.name) && part.sort !== 'GUARD' && part.sort !== 'EARTH',
        )"
        :key="t.name"
        :x="t.x - 1.3"
        :y="t.fed ? t.y - 1.2 : t.y + 3.6"
        text-anchor="end"
        class="pin"
      >
        {{ ['CONTACT', 'DIODE', 'LOAD', 'THREAD'].includes(part.sort) ? '' : t.name }}
      </text>
    </template>
  </g>
</template>

<style scoped>
.box {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.7;
}
.box.on {
  fill: var(--accent-wash);
}
.box.post {
  fill: var(--ink);
}
text {
  fill: var(--ink);
}
text.name {
  font: 600 4.4px/1 var(--rb-font-head);
}
text.sub {
  font: 500 4px/1 var(--rb-font-head);
  fill: var(--ink-soft);
}
text.post {
  fill: var(--paper);
}
text.pin {
  font: 500 3.2px/1 var(--rb-font-head);
  fill: var(--ink-soft);
}
.line,
.thin,
.open,
.lever,
.wheel,
.lamp,
.coil {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.7;
}
.thin {
  stroke-width: 0.4;
}
.lever {
  stroke-width: 1.1;
  stroke-linecap: square;
}
.lever.on {
  stroke: var(--accent);
  stroke-width: 1.5;
}
.open,
.wheel,
.lamp {
  fill: var(--paper);
}
.coil {
  fill: var(--paper);
}
.coil.on,
.lamp.on {
  fill: var(--accent);
}
.wheel.on {
  stroke: var(--accent);
  stroke-width: 1.2;
}
.blade {
  fill: var(--rule);
}
.blade.on {
  fill: var(--accent);
}
.dot {
  fill: var(--ink);
}
.ray {
  stroke: var(--accent);
  stroke-width: 0.8;
}
@media (prefers-reduced-motion: no-preference) {
  .turning {
    animation: turn 1.4s linear infinite;
  }
}
@keyframes turn {
  to {
    transform: rotate(360deg);
  }
}
@media print {
  .turning {
    animation: none;
  }
}
</style>
