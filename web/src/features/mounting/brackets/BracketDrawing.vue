<script setup lang="ts">
import { computed } from 'vue'
import type { Bracket, FlatBracket } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** A bracket bent, from its edge, and flat with all that is marked on it, each to its own scale. */
const props = defineProps<{ bracket: Bracket; flat: FlatBracket }>()
const W = 860
const PAD = 46
const mm = (v: number, digits?: number) =>
  format(v, 'size', unitWorld.value, digits ?? (unitWorld.value === 'metric' ? 1 : 3))

/** The bent strip in a frame of its own, at most twice as large as life and never over a third of the sheet. */
const bent = computed(() => {
  const xs = props.flat.profile.map((p) => p.alongMm)
  const ys = props.flat.profile.map((p) => p.upMm)
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const scale = Math.min(2.2, (W - 2 * PAD) / Math.max(1, right - left), 200 / Math.max(1, high - low))
  const tall = (high - low) * scale
  const at = (p: { alongMm: number; upMm: number }) =>
    `${(PAD + (p.alongMm - left) * scale).toFixed(1)} ${(28 + tall - (p.upMm - low) * scale).toFixed(1)}`
  return {
    path: `M${props.flat.profile.map(at).join('L')}`,
    tall,
    scale,
    wide: (right - left) * scale,
    high: high - low,
  }
})
const flatY = computed(() => bent.value.tall + 92)
const scale = computed(() => (W - 2 * PAD) / Math.max(1, props.flat.flatMm))
const wide = computed(() => Math.max(26, Math.min(70, props.bracket.widthMm * scale.value)))
const x = (v: number) => PAD + v * scale.value
/** Across the strip the drawing is as wide as the strip looks best; holes keep their place in it. */
const y = (across: number) => flatY.value + wide.value / 2 - (across / props.bracket.widthMm) * wide.value
/** Marks from the first end, in the order a rule meets them, names kept apart. */
const marks = computed(() => {
  const all = [
    ...props.flat.holes.map((h) => ({ at: h.alongMm, text: `Ø ${mm(h.diameterMm)}`, kind: 'hole' as const })),
    ...props.flat.reliefs.map((r) => ({
      at: r.alongMm,
      text: `relief Ø ${mm(r.diameterMm)}, socket of hole ${r.hole}`,
      kind: 'hole' as const,
    })),
    ...props.flat.bends.map((b, n) => ({
      at: b.centreMm,
      text: `${n + 1}: ${Math.abs(Math.round(b.degrees * 10) / 10)}° ${b.degrees > 0 ? 'up' : 'down'}`,
      kind: 'bend' as const,
    })),
  ].sort((a, b) => a.at - b.at)
  const ROOM = 104
  const rows: number[] = []
  return all.map((m) => {
    let row = 0
    while ((rows[row] ?? -Infinity) > x(m.at) - ROOM) row++
    rows[row] = x(m.at)
    return { ...m, row }
  })
})
const rowsHigh = computed(() => 44 * (1 + Math.max(0, ...marks.value.map((m) => m.row))))
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${flatY + wide + rowsHigh + 30}`"
    role="img"
    :aria-label="`${bracket.name}, bent and flat`"
    data-bracket-drawing
  >
    <path
      :d="bent.path"
      fill="none"
      stroke="var(--metal)"
      :stroke-width="Math.max(4, bracket.thicknessMm * bent.scale)"
      stroke-linejoin="round"
    />
    <text :x="PAD" :y="bent.tall + 66" class="note">
      bent, from its edge: {{ mm(bent.wide / bent.scale) }} long, {{ mm(bent.high) }} high{{
        flat.twists.length ? '; the twist is drawn flat' : ''
      }}
    </text>
    <rect :x="PAD" :y="flatY" :width="flat.flatMm * scale" :height="wide" class="strip" />
    <g v-for="(t, n) in flat.twists" :key="`t${n}`">
      <rect :x="x(t.startMm)" :y="flatY" :width="x(t.endMm) - x(t.startMm)" :height="wide" class="twist" />
      <text :x="(x(t.startMm) + x(t.endMm)) / 2" :y="flatY + wide / 2 + 6" text-anchor="middle" class="head">
        twist {{ Math.round(t.degrees) }}°
      </text>
    </g>
    <g v-for="(b, n) in flat.bends" :key="`b${n}`">
      <rect
        :x="x(b.startMm)"
        :y="flatY"
        :width="Math.max(2, x(b.endMm) - x(b.startMm))"
        :height="wide"
        fill="var(--accent)"
        opacity=".28"
      />
      <path
        :d="`M${x(b.centreMm)} ${flatY - 7}v${wide + 14}`"
        class="bend"
        :stroke-dasharray="b.degrees > 0 ? '' : '8 5'"
      />
    </g>
    <g v-for="(h, n) in flat.holes" :key="`h${n}`" class="drill">
      <rect
        :x="x(h.alongMm - (h.diameterMm + h.slotMm) / 2)"
        :y="y(h.acrossMm) - (h.diameterMm * scale) / 2"
        :width="(h.diameterMm + h.slotMm) * scale"
        :height="h.diameterMm * scale"
        :rx="(h.diameterMm * scale) / 2"
      />
      <path :d="`M${x(h.alongMm) - 9} ${y(h.acrossMm)}h18M${x(h.alongMm)} ${y(h.acrossMm) - 9}v18`" />
    </g>
    <ellipse
      v-for="(r, n) in flat.reliefs"
      :key="`r${n}`"
      :cx="x(r.alongMm)"
      :cy="y(r.acrossMm)"
      :rx="(r.diameterMm / 2) * scale"
      :ry="(r.diameterMm / 2 / bracket.widthMm) * wide"
      class="relief"
    />
    <g v-for="(m, n) in marks" :key="`m${n}`">
      <path :d="`M${x(m.at)} ${flatY + wide + 4}v${14 + m.row * 44}`" class="lead" />
      <text :x="x(m.at)" :y="flatY + wide + 34 + m.row * 44" text-anchor="middle" class="head mark">
        {{ mm(m.at) }}
      </text>
      <text :x="x(m.at)" :y="flatY + wide + 52 + m.row * 44" text-anchor="middle" class="small">{{ m.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.note {
  font-size: 15px;
  fill: var(--ink-soft);
}
.strip {
  fill: var(--rule-soft);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.twist {
  fill: none;
  stroke: var(--accent-ink);
  stroke-width: 2;
  stroke-dasharray: 3 5;
}
.bend {
  stroke: var(--accent-ink);
  stroke-width: 2.5;
}
.drill rect {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2;
}
.relief {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.drill path {
  stroke: var(--ink);
  stroke-width: 1;
}
.lead {
  stroke: var(--ink-soft);
  stroke-width: 1;
  fill: none;
}
.mark {
  font-size: 18px;
  fill: var(--ink);
}
.small {
  font-size: 14px;
  fill: var(--ink-soft);
}
</style>
