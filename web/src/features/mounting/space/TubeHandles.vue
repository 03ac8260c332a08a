<script setup lang="ts">
import { computed } from 'vue'
import { pickedPoint } from './state'
import { lineOf, type Thing } from './things'
import { type FlatView, onSheet } from './views'

/** What a tube in hand is taken by: its corners, and for a hose a + where it can be given one more. */
const props = defineProps<{ thing: Thing; view: FlatView; px: number }>()
const emit = defineEmits<{
  take: [event: PointerEvent, point: number]
  grow: [event: PointerEvent, after: number]
}>()

const corners = computed(() => props.thing.tube!.points.map((p) => onSheet(props.view, p)))
/** In the middle of each straight piece of a hose. */
const middles = computed(() => {
  if (props.thing.kind !== 'hose') return []
  const line = lineOf(props.thing.tube!)
  const stops = [line[0]!, ...props.thing.tube!.points, line.at(-1)!]
  return stops.slice(1).map((p, n) => {
    const [a, b] = [onSheet(props.view, stops[n]!), onSheet(props.view, p)]
    return { after: n, x: (a[0] + b[0]) / 2, y: (a[1] + b[1]) / 2 }
  })
})
</script>

<template>
  <circle
    v-for="(p, n) in corners"
    :key="n"
    :cx="p[0]"
    :cy="p[1]"
    :r="9 * px"
    class="point"
    :class="{ taken: n === pickedPoint }"
    :stroke-width="2.5 * px"
    @pointerdown.stop="emit('take', $event, n)"
  />
  <g
    v-for="m in middles"
    :key="`m${m.after}`"
    class="more"
    :transform="`translate(${m.x} ${m.y}) scale(${px})`"
    data-more
    @pointerdown.stop="emit('grow', $event, m.after)"
  >
    <circle r="9" />
    <path d="M-4 0h8M0-4v8" />
  </g>
</template>

<style scoped>
.point {
  fill: var(--paper);
  stroke: var(--accent-ink);
  cursor: grab;
}
.point.taken {
  fill: var(--accent);
}
.more circle {
  fill: var(--paper);
  stroke: var(--accent-ink);
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
  cursor: copy;
}
.more path {
  stroke: var(--accent-ink);
  stroke-width: 2;
  pointer-events: none;
}
</style>
