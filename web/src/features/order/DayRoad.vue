<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import type { OrderResult } from '@/shared/api/types'
import { dayClock } from './dayClock'
import { blocks, waits } from './dayRoad'

/** The day as a road: people are its lanes, states of the truck run along it, waits lie beside it. */
const props = defineProps<{ order: OrderResult; dayHours: number }>()
const picked = defineModel<string | null>('picked', { required: true })

const LANE = 58
const BAND = 22
const WAIT = 20
const NAMES = 132
const ZOOMS = [
  [1, 'whole day'],
  [2, 'half'],
  [5, 'close'],
] as const
const zoom = ref<number>(1)
const frame = ref<HTMLElement | null>(null)
const { width: room } = useElementSize(frame)
const scale = computed(() => (Math.max(400, room.value - NAMES - 4) / Math.max(1, props.order.length)) * zoom.value)
const width = computed(() => props.order.length * scale.value)
const bars = computed(() => waits(props.order.steps, scale.value))
const rows = computed(() => Math.max(0, ...bars.value.map((b) => b.row + 1)))
const top = computed(() => 26 + props.order.bands.length * BAND + 10)
const road = computed(() => props.order.people * LANE)
const height = computed(() => top.value + road.value + 12 + rows.value * WAIT + 6)
const every = computed(() => [30, 60, 120, 240].find((m) => m * scale.value >= 88) ?? 480)
const ticks = computed(() => {
  const all: number[] = []
  for (let m = 0; m < props.order.length - 40 / scale.value; m += every.value) all.push(m)
  return all
})
const nights = computed(() => {
  const all: number[] = []
  for (let m = props.dayHours * 60; m < props.order.length; m += props.dayHours * 60) all.push(m)
  return all
})
const pick = (id: string) => (picked.value = picked.value === id ? null : id)
/** So many letters fit into a block. */
const fits = (text: string, px: number) => {
  const letters = Math.floor((px - 10) / 6.6)
  return letters < 5 ? '' : text.length <= letters ? text : `${text.slice(0, letters - 1).trimEnd()}…`
}
const words = (s: { title: string; hands: number; waits: number }, start: number) =>
  `${s.title}, from ${dayClock(start, props.dayHours)}, ${s.hands} min${s.waits ? ` and ${s.waits} min waiting` : ''}`
</script>

<template>
  <figure class="day" data-day>
    <figcaption>
      <span class="small soft">A block is a step: tap it. Hatched: waits that pass by themselves.</span>
      <ChoiceInput v-model="zoom" label="How near" :choices="ZOOMS" small />
    </figcaption>
    <div ref="frame" class="frame">
      <div class="names" aria-hidden="true">
        <p v-for="(b, i) in order.bands" :key="b.state" :style="{ top: `${26 + i * BAND}px`, height: `${BAND}px` }">
          {{ b.title }}
        </p>
        <p
          v-for="n in order.people"
          :key="n"
          class="who"
          :style="{ top: `${top + (n - 1) * LANE}px`, height: `${LANE}px` }"
        >
          {{ order.people > 1 ? `person ${n}` : 'one person' }}
        </p>
        <p v-if="rows" :style="{ top: `${top + road + 12}px`, height: `${WAIT}px` }">waits</p>
      </div>
      <div class="scroll">
        <svg :width="width + 2" :height="height" role="group" aria-label="The day, step by step">
          <defs>
            <pattern id="hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <line x1="0" y1="0" x2="0" y2="8" class="hatching" />
            </pattern>
          </defs>
          <g v-for="m in ticks" :key="m">
            <line :x1="m * scale" :x2="m * scale" :y1="18" :y2="height" class="tick" />
            <text :x="m * scale + 3" y="14" class="clock">{{ dayClock(m, dayHours) }}</text>
          </g>
          <g v-for="(b, i) in order.bands" :key="b.state">
            <rect
              v-for="s in b.spans"
              :key="s.from"
              :x="s.from * scale"
              :y="27 + i * BAND + 4"
              :width="Math.max(1, (s.to - s.from) * scale)"
              :height="BAND - 9"
              class="band"
            >
              <title>{{ b.title }}</title>
            </rect>
          </g>
          <rect x="0" :y="top" :width="width" :height="road" class="asphalt" />
          <line
            v-for="n in order.people - 1"
            :key="n"
            x1="0"
            :x2="width"
            :y1="top + n * LANE"
            :y2="top + n * LANE"
            class="centre"
          />
          <g
            v-for="b in blocks(order.steps, scale)"
            :key="b.step.id"
            class="block"
            :class="{
              picked: picked === b.step.id,
              runs: b.step.engine !== 'engineState.stopped',
              under: b.step.under,
            }"
            role="button"
            tabindex="0"
            :aria-label="words(b.step, b.step.start!)"
            :aria-pressed="picked === b.step.id"
            :data-step="b.step.id"
            @click="pick(b.step.id)"
            @keydown.enter.prevent="pick(b.step.id)"
            @keydown.space.prevent="pick(b.step.id)"
          >
            <title>{{ words(b.step, b.step.start!) }}</title>
            <rect
              :x="b.x + 0.75"
              :y="top + b.lane * LANE + 5"
              :width="Math.max(2, b.width - 1.5)"
              :height="b.lanes * LANE - 10"
            />
            <text v-if="b.width >= 18" :x="b.x + 6" :y="top + b.lane * LANE + 22" class="number">{{ b.number }}</text>
            <text v-if="b.width >= 44" :x="b.x + 6" :y="top + b.lane * LANE + 42">
              {{ fits(b.step.title, b.width) }}
            </text>
          </g>
          <g v-for="w in bars" :key="`w-${w.step.id}`" class="wait">
            <title>{{ w.step.title }}: {{ w.step.waits }} min</title>
            <rect
              :x="w.x"
              :y="top + road + 12 + w.row * WAIT + 2"
              :width="w.width"
              :height="WAIT - 5"
              fill="url(#hatch)"
            />
            <text v-if="w.width > 60" :x="w.x + 5" :y="top + road + 12 + w.row * WAIT + 13">
              {{ fits(w.step.title, w.width) }}
            </text>
          </g>
          <g v-for="n in nights" :key="`n-${n}`">
            <line :x1="n * scale" :x2="n * scale" y1="0" :y2="height" class="night" />
          </g>
        </svg>
      </div>
    </div>
  </figure>
</template>

<style scoped>
.day {
  margin: 0;
  display: grid;
  gap: 8px;
}
figcaption {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.frame {
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr);
  background: var(--paper);
}
.names {
  position: relative;
}
.names p {
  position: absolute;
  left: 8px;
  right: 6px;
  display: flex;
  align-items: center;
  font: 500 15px/1 var(--rb-font-head);
  color: var(--ink-soft);
  white-space: nowrap;
  overflow: hidden;
}
.names .who {
  font: 600 18px/1 var(--rb-font-head);
  color: var(--ink);
}
.scroll {
  overflow-x: auto;
}
svg {
  display: block;
}
.tick {
  stroke: var(--rule);
  stroke-width: 1;
}
.clock {
  font: 500 14px/1 var(--rb-font-head);
  fill: var(--ink-soft);
}
.band {
  fill: var(--accent);
  opacity: 0.75;
}
.asphalt {
  fill: var(--rb-asphalt-700);
}
.centre {
  stroke: var(--rb-chalk-100);
  stroke-width: 2;
  stroke-dasharray: 14 12;
  opacity: 0.6;
}
.block {
  cursor: pointer;
  outline: none;
}
.block rect {
  fill: var(--rb-chalk-100);
}
.block text {
  font: 500 14px/1 var(--rb-font-head);
  fill: var(--rb-asphalt-900);
  pointer-events: none;
}
.block .number {
  font: 600 15px/1 var(--rb-font-head);
}
.block.under rect {
  fill: var(--rb-chalk-300);
}
.block.runs rect {
  fill: var(--rb-breeze-100);
}
.block.picked rect {
  fill: var(--rb-breeze-600);
}
.block.picked text {
  fill: #fff;
}
.block:focus-visible rect {
  stroke: var(--rb-breeze-400);
  stroke-width: 3;
}
.wait rect {
  stroke: var(--ink-soft);
  stroke-width: 1;
}
.wait text {
  font: 600 13px/1 var(--rb-font-head);
  fill: var(--ink);
  stroke: var(--paper);
  stroke-width: 4;
  paint-order: stroke;
}
.hatching {
  stroke: var(--ink-soft);
  stroke-width: 2;
  opacity: 0.6;
}
.night {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 4;
}
</style>
