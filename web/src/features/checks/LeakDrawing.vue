<script setup lang="ts">
import { LEAK_PLACES, leaksOf } from './leakPlaces'

/** The coolant's loop from the side: each press marks a place where it weeps, or takes the mark off. */
const marks = defineModel<(number | null)[]>({ required: true })
defineProps<{ label: string }>()
const isMarked = (i: number) => (marks.value[i] ?? 0) > 0
function toggle(i: number) {
  marks.value = marks.value.map((v, k) => (k === i ? (isMarked(i) ? 0 : 100) : (v ?? 0)))
}
</script>

<template>
  <div class="loop">
    <svg viewBox="0 0 540 290" role="group" :aria-label="label">
      <g class="hose">
        <path d="M140 74C200 74 210 64 292 64" />
        <path d="M140 232C190 232 200 214 250 214" />
        <path d="M402 92H466M402 128H466" class="thin" />
        <path d="M104 40C120 26 150 26 170 34" class="thin" />
      </g>
      <g class="part">
        <rect x="62" y="52" width="78" height="26" />
        <rect x="62" y="226" width="78" height="26" />
        <rect x="168" y="14" width="46" height="34" />
        <path d="M292 52H402V250H292ZM292 112H402" />
        <circle cx="266" cy="214" r="27" />
        <rect x="466" y="80" width="46" height="62" />
      </g>
      <path d="M70 78V226M80 78V226M90 78V226M100 78V226M110 78V226M120 78V226M130 78V226" class="fins" />
      <path d="M438 30V270" class="wall" />
      <path d="M90 52V38H112V52" class="part" />
      <text x="101" y="274" text-anchor="middle">radiator</text>
      <text x="347" y="274" text-anchor="middle">engine</text>
      <text x="490" y="168" text-anchor="middle">heater</text>
      <g
        v-for="(p, i) in LEAK_PLACES"
        :key="p.name"
        role="button"
        tabindex="0"
        class="spot"
        :aria-label="`${p.name} weeps`"
        :aria-pressed="isMarked(i)"
        @click="toggle(i)"
        @keydown.enter.prevent="toggle(i)"
        @keydown.space.prevent="toggle(i)"
      >
        <circle :cx="p.x" :cy="p.y" r="17" />
        <path
          v-if="isMarked(i)"
          :d="`M${p.x} ${p.y - 10}C${p.x + 12} ${p.y + 4} ${p.x + 7} ${p.y + 11} ${p.x} ${p.y + 11}S${p.x - 12} ${p.y + 4} ${p.x} ${p.y - 10}`"
          class="drop"
        />
      </g>
    </svg>
    <p>
      <span class="small soft">{{ label }}</span><br /><b v-if="marks.some((m) => m)">{{ leaksOf(marks).join(', ') }}</b
      ><span v-else class="soft">nothing marked</span>
    </p>
  </div>
</template>

<style scoped>
.loop {
  display: flex;
  gap: 14px;
  align-items: end;
  flex-wrap: wrap;
}
svg {
  width: min(100%, 520px);
}
.part {
  fill: var(--paper);
  stroke: var(--metal);
  stroke-width: 4;
}
.hose path {
  fill: none;
  stroke: var(--metal);
  stroke-width: 14;
}
.hose .thin {
  stroke-width: 8;
}
.fins {
  stroke: var(--rule);
  stroke-width: 2;
}
.wall {
  stroke: var(--rule);
  stroke-width: 6;
}
text {
  font-size: 16px;
}
.spot {
  cursor: pointer;
}
.spot circle {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.spot[aria-pressed='true'] circle {
  fill: var(--over-wash);
  stroke: var(--over);
  stroke-width: 3;
  stroke-dasharray: none;
}
.spot:focus {
  outline: none;
}
.spot:focus-visible circle {
  stroke: var(--accent);
  stroke-width: 5;
}
.drop {
  fill: var(--over);
  pointer-events: none;
}
</style>
