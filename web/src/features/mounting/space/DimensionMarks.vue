<script setup lang="ts">
import { computed } from 'vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { isSpot, placeOf, type Thing } from './things'
import { type Axis, type FlatView, type Sheet, sizeOf } from './views'

/** Dimensions of the thing in hand, outside its view: from the frame's zero, and its own. What may be typed is pressed. */
const props = defineProps<{ thing: Thing; view: FlatView; sheet: Sheet; px: number }>()
const emit = defineEmits<{ type: [axis: Axis, what: 'low' | 'size', on: Element] }>()

/** Distance of the dimension lines from the sheet, and the least length that has its number within, pixels. */
const OUT = 22
const ROOM = 54
const WAYS = ['across', 'up', 'back']

const marks = computed(() => {
  const { right: R, up: U } = props.view
  const { thing, sheet, px } = props
  const b = thing.bounds
  const low = sheet.top + sheet.height + OUT * px
  const side = sheet.left - OUT * px
  const all = [
    { axis: R, what: 'low' as const, value: placeOf(thing, R), x1: 0, x2: placeOf(thing, R), y1: low, y2: low },
    { axis: U, what: 'low' as const, value: placeOf(thing, U), x1: side, x2: side, y1: 0, y2: -placeOf(thing, U) },
    { axis: R, what: 'size' as const, value: sizeOf(b)[R], x1: b.low[R], x2: b.high[R], y1: low, y2: low },
    { axis: U, what: 'size' as const, value: sizeOf(b)[U], x1: side, x2: side, y1: -b.low[U], y2: -b.high[U] },
  ]
  return all
    .filter((m) => m.what === 'low' || !isSpot(thing))
    .map((m) => {
      const flat = m.y1 === m.y2
      return {
        ...m,
        flat,
        text: format(m.value, 'size', unitWorld.value),
        x: (m.x1 + m.x2) / 2,
        y: (m.y1 + m.y2) / 2,
        // A short one has its number beside it: places on one side, sizes on the other.
        beside: Math.abs(flat ? m.x2 - m.x1 : m.y2 - m.y1) / px < ROOM ? (m.what === 'size' ? 19 : -19) : 0,
        typed: m.what === 'size' ? thing.kind === 'solid' : thing.free.includes(m.axis),
        ends: [
          [m.x1, m.y1],
          [m.x2, m.y2],
        ] as const,
      }
    })
})
function ask(event: Event, m: (typeof marks.value)[number]) {
  if (m.typed) emit('type', m.axis, m.what, event.currentTarget as Element)
}
</script>

<template>
  <g v-for="m in marks" :key="`${m.axis}${m.what}`" class="dim" :class="{ own: m.what === 'size' }">
    <path :d="`M${m.x1} ${m.y1}L${m.x2} ${m.y2}`" :stroke-width="1.5 * px" />
    <path
      v-for="[x, y] in m.ends"
      :key="`${x} ${y}`"
      :d="m.flat ? `M${x} ${y - 6 * px}v${12 * px}` : `M${x - 6 * px} ${y}h${12 * px}`"
      :stroke-width="1.5 * px"
    />
    <g
      :transform="`translate(${m.x} ${m.y}) scale(${px})${m.flat ? '' : ' rotate(-90)'} translate(0 ${m.beside})`"
      :role="m.typed ? 'button' : undefined"
      :tabindex="m.typed ? 0 : undefined"
      :aria-label="`${WAYS[m.axis]}, ${m.what === 'size' ? 'size' : 'place'}: ${m.text}`"
      :class="{ typed: m.typed }"
      :data-dim="`${m.axis}-${m.what}`"
      @click="ask($event, m)"
      @keydown.enter.prevent="ask($event, m)"
    >
      <rect x="-36" y="-12" width="72" height="24" class="plate" />
      <text y="6" text-anchor="middle" class="head figure">{{ m.text }}</text>
    </g>
  </g>
</template>

<style scoped>
.dim path {
  stroke: var(--ink-soft);
  fill: none;
}
.dim.own path {
  stroke: var(--accent-ink);
}
.plate {
  fill: var(--paper);
  opacity: 0.92;
}
.figure {
  font-size: 17px;
  fill: var(--ink);
}
.typed {
  cursor: text;
}
.typed .plate {
  stroke: var(--rule);
  stroke-width: 1.5;
}
</style>
