<script setup lang="ts">
import { computed } from 'vue'
import type { FlatChannel } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import type { Channel } from './channelEdits'

/** A channel seen on its web with all that is drilled, and its section as it lies on the body. */
const props = defineProps<{ channel: Channel; flat: FlatChannel }>()
const W = 860
const PAD = 46
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 3)

const holes = computed(() => props.flat.web?.holes ?? [])
const scale = computed(() => (W - 2 * PAD) / Math.max(1, props.flat.lengthMm))
const wide = computed(() => Math.max(30, Math.min(70, props.channel.webMm * scale.value)))
/** Under its section. */
const flatY = computed(() => section.value.floor + 44)
const x = (v: number) => PAD + v * scale.value
const marks = computed(() => {
  const ROOM = 104
  const rows: number[] = []
  return holes.value.map((h, n) => {
    let row = 0
    while ((rows[row] ?? -Infinity) > x(h.atMm) - ROOM) row++
    rows[row] = x(h.atMm)
    const slot = h.slotMm ? `, slot + ${mm(h.slotMm)}` : ''
    const anchor = n === 0 ? 'start' : n === holes.value.length - 1 ? 'end' : 'middle'
    return { at: h.atMm, text: `Ø ${mm(h.diameterMm)}${slot}`, row, anchor }
  })
})
/** Welded tabs have no hole, but a place. */
const places = computed(() => (props.channel.welded ? props.flat.tabs : []))
const rowsHigh = computed(() => 44 * (1 + Math.max(0, ...marks.value.map((m) => m.row))))

/** Its section on the body, twice as large as life where there is room. */
const section = computed(() => {
  const s = Math.min(2.2, 90 / props.channel.legMm, 150 / props.channel.webMm)
  const [w, l, t] = [props.channel.webMm * s, props.channel.legMm * s, Math.max(3, props.channel.thicknessMm * s)]
  const floor = l + 18
  const web = props.channel.legsOut ? floor - t : floor - l
  const leg = props.channel.legsOut ? floor - l : floor - l + t
  return {
    web: { x: PAD, y: web, width: w, height: t },
    legs: [PAD, PAD + w - t].map((at) => ({ x: at, y: leg, width: t, height: l - t })),
    floor,
    right: PAD + w,
  }
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${flatY + wide + rowsHigh + 30}`"
    role="img"
    :aria-label="`${channel.name}, its section and its web`"
    data-channel-drawing
  >
    <rect :x="8" :y="section.floor" :width="section.right + 30" height="9" class="body" />
    <rect v-bind="section.web" class="metal" />
    <rect v-for="(l, n) in section.legs" :key="n" v-bind="l" class="metal" />
    <text :x="section.right + 54" :y="section.floor - 26" class="note">
      {{ channel.legsOut ? 'web on the body, legs off it' : 'on its legs, a tube round each end’s screw' }}
    </text>
    <text :x="section.right + 54" :y="section.floor - 4" class="note">
      tabs on the {{ channel.legsOut ? 'back of its web' : 'face of its web' }}
    </text>
    <rect :x="PAD" :y="flatY" :width="flat.lengthMm * scale" :height="wide" class="strip" />
    <g v-for="(h, n) in holes" :key="h.id" class="drill">
      <rect
        :x="x(h.atMm - (h.diameterMm + h.slotMm) / 2)"
        :y="flatY + wide / 2 - (h.diameterMm * scale) / 2"
        :width="(h.diameterMm + h.slotMm) * scale"
        :height="h.diameterMm * scale"
        :rx="(h.diameterMm * scale) / 2"
        :class="{ tab: n > 0 && n < holes.length - 1 }"
      />
    </g>
    <g v-for="p in places" :key="p.bracket">
      <path :d="`M${x(p.alongMm)} ${flatY - 6}v${wide + 12}`" class="weld" />
      <text :x="x(p.alongMm)" :y="flatY - 12" text-anchor="middle" class="small">tab at {{ mm(p.alongMm) }}</text>
    </g>
    <g v-for="(m, n) in marks" :key="`m${n}`">
      <path :d="`M${x(m.at)} ${flatY + wide + 4}v${14 + m.row * 44}`" class="lead" />
      <text :x="x(m.at)" :y="flatY + wide + 34 + m.row * 44" :text-anchor="m.anchor" class="mark">{{ mm(m.at) }}</text>
      <text :x="x(m.at)" :y="flatY + wide + 52 + m.row * 44" :text-anchor="m.anchor" class="small">{{ m.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.note {
  font-size: 16px;
  fill: var(--ink-soft);
}
.body {
  fill: var(--rule-soft);
  stroke: var(--rule);
}
.metal {
  fill: var(--metal);
}
.strip {
  fill: var(--rule-soft);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.drill rect {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2;
}
.drill rect.tab {
  stroke: var(--accent-ink);
  stroke-width: 2.5;
}
.weld {
  stroke: var(--accent-ink);
  stroke-width: 2.5;
  stroke-dasharray: 4 4;
}
.lead {
  stroke: var(--ink-soft);
  stroke-width: 1;
  fill: none;
}
.mark {
  font: 600 18px var(--rb-font-head);
  fill: var(--ink);
}
.small {
  font-size: 14px;
  fill: var(--ink-soft);
}
</style>
