<script setup lang="ts">
import { computed, ref } from 'vue'
import type { NosePhoto } from '@/shared/api/types'

/** A photograph that places are clicked on: wheel or buttons enlarge it, a drag moves it, arrow keys nudge what is in hand. */
export interface Spot {
  key: string
  label: string
  xPx: number
  yPx: number
}
const props = defineProps<{ photo: NosePhoto; spots: Spot[]; picked: string }>()
const emit = defineEmits<{
  click: [x: number, y: number]
  pick: [key: string]
  move: [key: string, x: number, y: number]
}>()
const zoom = ref(1)
const middle = ref<[number, number]>([0.5, 0.5])
const view = computed(() => {
  const w = props.photo.widthPx / zoom.value
  const h = props.photo.heightPx / zoom.value
  const within = (v: number, size: number, all: number) => Math.min(Math.max(v * all - size / 2, 0), all - size)
  return {
    x: within(middle.value[0], w, props.photo.widthPx),
    y: within(middle.value[1], h, props.photo.heightPx),
    w,
    h,
  }
})
/** One px of the screen is so many of the photograph. */
const svg = ref<SVGSVGElement | null>(null)
const fine = computed(() => view.value.w / 760)
function at(e: { clientX: number; clientY: number }): [number, number] {
  const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  return [p.x, p.y]
}
function enlarge(by: number, to?: [number, number]) {
  const next = Math.min(16, Math.max(1, zoom.value * by))
  if (to) {
    const share = 1 - zoom.value / next
    const v = view.value
    middle.value = [
      (v.x + v.w / 2 + (to[0] - v.x - v.w / 2) * share) / props.photo.widthPx,
      (v.y + v.h / 2 + (to[1] - v.y - v.h / 2) * share) / props.photo.heightPx,
    ]
  }
  zoom.value = next
}
let from: { x: number; y: number; moved: boolean } | null = null
function down(e: PointerEvent) {
  from = { x: e.clientX, y: e.clientY, moved: false }
  svg.value!.setPointerCapture(e.pointerId)
}
function drag(e: PointerEvent) {
  if (!from) return
  if (!from.moved && Math.hypot(e.clientX - from.x, e.clientY - from.y) < 5) return
  const [a, b] = [at({ clientX: from.x, clientY: from.y }), at(e)]
  const v = view.value
  middle.value = [
    (v.x + v.w / 2 + a[0] - b[0]) / props.photo.widthPx,
    (v.y + v.h / 2 + a[1] - b[1]) / props.photo.heightPx,
  ]
  from = { x: e.clientX, y: e.clientY, moved: true }
}
function up(e: PointerEvent) {
  if (from && !from.moved) emit('click', ...at(e))
  from = null
}
function key(e: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key]
  const spot = props.spots.find((s) => s.key === props.picked)
  if (!step || !spot) return
  e.preventDefault()
  const far = e.shiftKey ? 10 : 1
  emit('move', spot.key, spot.xPx + step[0]! * far, spot.yPx + step[1]! * far)
}
</script>

<template>
  <div class="photo">
    <svg
      ref="svg"
      :viewBox="`${view.x} ${view.y} ${view.w} ${view.h}`"
      tabindex="0"
      role="application"
      :aria-label="`${photo.name}: click places, arrow keys nudge what is in hand`"
      data-photo
      @pointerdown="down"
      @pointermove="drag"
      @pointerup="up"
      @wheel.prevent="(e) => enlarge(e.deltaY < 0 ? 1.3 : 1 / 1.3, at(e))"
      @keydown="key"
    >
      <image :href="`/api/photos/${photo.image}`" :width="photo.widthPx" :height="photo.heightPx" />
      <g
        v-for="s in spots"
        :key="s.key"
        :transform="`translate(${s.xPx} ${s.yPx}) scale(${fine})`"
        :class="{ picked: s.key === picked }"
        :data-spot="s.key"
      >
        <path d="M-16 0H-5M5 0H16M0 -16V-5M0 5V16" class="under" />
        <path d="M-16 0H-5M5 0H16M0 -16V-5M0 5V16" class="cross" />
        <circle r="11" class="ring" @pointerdown.stop="emit('pick', s.key)" />
        <text x="15" y="-9">{{ s.label }}</text>
      </g>
    </svg>
    <div class="zoom">
      <button type="button" class="act" aria-label="Enlarge" @click="enlarge(1.6)">+</button>
      <button type="button" class="act" aria-label="Make smaller" :disabled="zoom === 1" @click="enlarge(1 / 1.6)">
        −
      </button>
    </div>
  </div>
</template>

<style scoped>
.photo {
  position: relative;
}
svg {
  width: 100%;
  max-height: 620px;
  display: block;
  background: var(--ink);
  cursor: crosshair;
  touch-action: none;
}
.under {
  stroke: #fff;
  stroke-width: 5;
}
.cross {
  stroke: #b3261e;
  stroke-width: 2;
}
.ring {
  fill: transparent;
  stroke: #b3261e;
  stroke-width: 2.5;
  cursor: pointer;
}
.picked .ring {
  stroke-width: 5;
}
text {
  font: 600 18px/1 var(--rb-font-head);
  fill: #b3261e;
  paint-order: stroke;
  stroke: #fff;
  stroke-width: 5px;
}
.zoom {
  position: absolute;
  right: 10px;
  top: 10px;
  display: grid;
  gap: 6px;
}
.zoom .act {
  min-width: 48px;
  min-height: 48px;
  background: var(--paper);
  font-size: 24px;
}
</style>
