<script setup lang="ts">
import { nice, ticks } from 'd3-array'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { ReadingResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, toShown } from '@/shared/units/units'
import { clock, timeTicks } from './runs'
import { path, reach, stays } from './driven'

/** A drive as it was driven: hill, gears and fans as read, temperatures as recorded over those of the model. */
const props = defineProps<{ reading: ReadingResult; lit: number | null }>()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const LEFT = 66
const RIGHT = 14
const HILL = 84
const STRIP = 26
const HEAT = 250
const across = computed(() => Math.max(200, width.value - LEFT - RIGHT))
const t = computed(() => props.reading.trace)
const begin = computed(() => t.value.timeS[0] ?? 0)
const end = computed(() => t.value.timeS.at(-1) ?? 1)
const X = (at: number) => LEFT + ((at - begin.value) / Math.max(1, end.value - begin.value)) * across.value

const hill = computed(() => {
  const span = reach(t.value.elevationM)
  if (!span) return null
  const high = Math.max(span[1], span[0] + 20)
  const y = (v: number) => 8 + HILL - ((v - span[0]) / (high - span[0])) * (HILL - 12)
  const line = path(t.value.timeS, t.value.elevationM, X, y)
  return { line, area: `${line}L${X(end.value)} ${HILL + 8}L${X(begin.value)} ${HILL + 8}Z`, low: span[0], high }
})
const gears = computed(() => stays(t.value.timeS, t.value.gear))
const fans = computed(() =>
  stays(
    t.value.timeS,
    t.value.fanPercent.map((v) => (v == null ? null : Math.round(v / 10) * 10)),
  ),
)
const GEAR_TOP = HILL + 18
const FAN_TOP = GEAR_TOP + STRIP + 6
const HEAT_TOP = FAN_TOP + STRIP + 16
const tall = HEAT_TOP + HEAT + 8

const LINES = [
  { key: 'coolant', label: 'coolant', own: 'coolantC', model: 'modelCoolantC' },
  { key: 'pan', label: 'oil pan', own: 'panC', model: 'modelPanC' },
  { key: 'feed', label: 'oil feed', own: 'feedC', model: 'modelFeedC' },
] as const
const shown = (c: number) => toShown(c, 'temperature', unitWorld.value)
const heat = computed(() => {
  const known = LINES.filter((l) => t.value[l.own].some((v) => v != null))
  const span = reach(...known.map((l) => t.value[l.own]), ...known.map((l) => t.value[l.model])) ?? [20, 100]
  const [foot, head] = nice(shown(span[0]), shown(span[1]), 6)
  const y = (c: number) => HEAT_TOP + HEAT - ((shown(c) - foot) / (head - foot)) * HEAT
  return {
    ticks: ticks(foot, head, 6).map((v) => ({ v, y: HEAT_TOP + HEAT - ((v - foot) / (head - foot)) * HEAT })),
    lines: known.map((l) => ({
      ...l,
      measured: path(t.value.timeS, t.value[l.own], X, y),
      modelled: path(t.value.timeS, t.value[l.model], X, y),
    })),
  }
})
const times = computed(() => timeTicks(begin.value, end.value))

const cursor = ref<number | null>(null)
function move(e: PointerEvent) {
  const x = e.clientX - box.value!.getBoundingClientRect().left
  const share = (x - LEFT) / across.value
  cursor.value = share < 0 || share > 1 ? null : Math.round(share * (t.value.timeS.length - 1))
}
const read = computed(() => {
  const i = cursor.value
  if (i == null) return null
  const warm = (v: number | null | undefined) => (v == null ? '–' : format(v, 'temperature', unitWorld.value))
  return {
    at: clock(t.value.timeS[i]!),
    x: X(t.value.timeS[i]!),
    speed: t.value.speedKmh[i] == null ? '–' : format(t.value.speedKmh[i]!, 'speed', unitWorld.value),
    grade: t.value.gradePercent[i] == null ? '–' : `${t.value.gradePercent[i]!.toFixed(1)} %`,
    slip: t.value.slipPercent[i] ? `slip ${t.value.slipPercent[i]!.toFixed(0)} %` : '',
    warm: heat.value.lines.map((l) => `${l.label} ${warm(t.value[l.own][i])}, model ${warm(t.value[l.model][i])}`),
  }
})
</script>

<template>
  <div class="driven">
    <p class="read">
      <template v-if="read">
        <b>{{ read.at }}</b> <span>{{ read.speed }}</span> <span>{{ read.grade }}</span> <span>{{ read.slip }}</span>
        <span v-for="w in read.warm" :key="w">{{ w }}</span>
      </template>
      <span v-else class="soft"
        >Solid as recorded, broken as the model has the same drive; numbers are steady windows.</span
      >
    </p>
    <div ref="box" @pointermove="move" @pointerleave="cursor = null">
      <svg
        :width="width"
        :height="tall + 20"
        role="img"
        aria-label="The drive as it was driven, with the model under it"
      >
        <g v-for="(w, i) in reading.windows" :key="w.fromS">
          <rect
            class="window"
            :class="{ lit: lit === i }"
            :x="X(w.fromS)"
            :width="X(w.toS) - X(w.fromS)"
            y="0"
            :height="tall"
          />
          <text :x="X(w.fromS) + 6" :y="HEAT_TOP + HEAT - 8" class="number">{{ i + 1 }}</text>
        </g>
        <template v-if="hill">
          <path class="hill" :d="hill.area" />
          <path class="ridge" :d="hill.line" />
          <text :x="LEFT - 6" y="22" class="tick" text-anchor="end">
            {{ format(hill.high, 'altitude', unitWorld) }}
          </text>
          <text :x="LEFT - 6" :y="HILL + 8" class="tick" text-anchor="end">
            {{ format(hill.low, 'altitude', unitWorld) }}
          </text>
        </template>
        <text v-else :x="LEFT" y="44" class="tick">Heights are not known.</text>
        <text :x="LEFT - 6" :y="GEAR_TOP + 18" class="tick" text-anchor="end">gear</text>
        <g v-for="(s, i) in gears" :key="`g${i}`">
          <rect
            v-if="s.value"
            class="gear"
            :style="{ '--deep': s.value }"
            :x="X(s.from)"
            :width="Math.max(0.5, X(s.to) - X(s.from))"
            :y="GEAR_TOP"
            :height="STRIP"
          />
          <text
            v-if="s.value && X(s.to) - X(s.from) > 16"
            :x="(X(s.from) + X(s.to)) / 2"
            :y="GEAR_TOP + 19"
            text-anchor="middle"
            class="in"
          >
            {{ s.value }}
          </text>
        </g>
        <text :x="LEFT - 6" :y="FAN_TOP + 18" class="tick" text-anchor="end">fans</text>
        <g v-for="(s, i) in fans" :key="`f${i}`">
          <rect
            :class="s.value == null ? 'unknown' : s.value ? 'blows' : 'rests'"
            :style="{ opacity: s.value ? 0.35 + s.value / 160 : 1 }"
            :x="X(s.from)"
            :width="Math.max(0.5, X(s.to) - X(s.from))"
            :y="FAN_TOP"
            :height="STRIP"
          />
          <text
            v-if="X(s.to) - X(s.from) > 44"
            :x="(X(s.from) + X(s.to)) / 2"
            :y="FAN_TOP + 19"
            text-anchor="middle"
            class="in"
          >
            {{ s.value == null ? '?' : s.value >= 100 ? 'on' : s.value ? `${s.value} %` : 'off' }}
          </text>
        </g>
        <g v-for="k in heat.ticks" :key="k.v">
          <line class="grid" :x1="LEFT" :x2="LEFT + across" :y1="k.y" :y2="k.y" />
          <text :x="LEFT - 6" :y="k.y + 4" class="tick" text-anchor="end">{{ k.v }}</text>
        </g>
        <g v-for="l in heat.lines" :key="l.key" :class="l.key">
          <path class="model" :d="l.modelled" />
          <path class="own" :d="l.measured" />
        </g>
        <g v-for="at in times" :key="at">
          <line class="grid" :x1="X(at)" :x2="X(at)" y1="0" :y2="tall" />
          <text :x="X(at)" :y="tall + 15" class="tick" text-anchor="middle">{{ clock(at) }}</text>
        </g>
        <line v-if="read" class="cursor" :x1="read.x" :x2="read.x" y1="0" :y2="tall" />
      </svg>
    </div>
    <ul class="legend">
      <li v-for="l in heat.lines" :key="l.key" :class="l.key">
        <svg width="56" height="10" aria-hidden="true">
          <line class="own" x1="0" x2="26" y1="5" y2="5" />
          <line class="model" x1="30" x2="56" y1="5" y2="5" />
        </svg>
        {{ l.label }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.driven {
  display: grid;
  gap: 6px;
}
.read {
  margin: 0;
  min-height: 26px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-variant-numeric: tabular-nums;
}
svg {
  display: block;
}
.window {
  fill: var(--accent);
  opacity: 0.09;
}
.window.lit {
  opacity: 0.24;
}
.number {
  font: 700 17px var(--rb-font-head);
  fill: var(--accent-ink);
}
.hill {
  fill: var(--rule-soft);
}
.ridge {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.tick {
  font: 13px var(--rb-font-text, sans-serif);
  fill: var(--ink-soft);
}
.in {
  font: 600 15px var(--rb-font-head);
  fill: var(--ink);
}
.gear {
  fill: var(--ink-soft);
  opacity: calc(0.55 - var(--deep) * 0.07);
}
.blows {
  fill: var(--accent);
}
.rests {
  fill: none;
  stroke: var(--rule);
}
.unknown {
  fill: var(--rule-soft);
}
.grid {
  stroke: var(--rule-soft);
}
.coolant {
  color: var(--accent-ink);
}
.pan {
  color: var(--marginal-ink, var(--marginal));
}
.feed {
  color: var(--ink-soft);
}
.own {
  fill: none;
  stroke: currentColor;
  stroke-width: 2.5;
}
.model {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
  stroke-dasharray: 6 5;
}
.cursor {
  stroke: var(--ink);
}
.legend {
  display: flex;
  gap: 4px 18px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.legend li {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
