<script setup lang="ts">
import { computed } from 'vue'
import type { LineResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** Pressure along the oil's way from the gearbox's pump to its pan, hot and on a cold morning. */
const props = defineProps<{ result: LineResult }>()
const LEFT = 70
const WIDE = 500
const TOP = 18
const HIGH = 120
const WORDS = {
  FEED_LINE: 'feed line',
  RETURN_LINE: 'return line',
  COOLER: 'cooler',
  HOSE: 'hose',
  FILTER: 'filter',
} as const
const stretches = computed(() => props.result.profile)
type Stretch = LineResult['profile'][number]
type State = 'hot' | 'cold'
const most = computed(() => Math.max(...stretches.value.map((s) => s.cold.kpa), 1))
const x = (n: number) => LEFT + (WIDE * n) / stretches.value.length
const y = (kpa: number) => TOP + HIGH * (1 - kpa / most.value)
/** Stretch by stretch: a branch begins at the pressure that the oil parts at. */
const line = (which: State) =>
  stretches.value
    .map((s, n) => `M${x(n)} ${y(s[which].kpa)}L${x(n + 1)} ${y(s[which].kpa - s[which].dropKpa)}`)
    .join('')
const called = (s: Stretch) => (s.number > 1 && s.what === 'COOLER' ? `${WORDS[s.what]} ${s.number}` : WORDS[s.what])
const parts = (n: number) => n > 0 && stretches.value[n]!.branch !== stretches.value[n - 1]!.branch
const lost = (n: number, which: State) => stretches.value[n]![which].dropKpa
const flow = (lpm: number) => format(lpm, 'flow', unitWorld.value, 1)
/** How coolers side by side share the oil. */
const sides = computed(() =>
  stretches.value
    .filter((s) => s.branch > 0 && s.what === 'COOLER')
    .map((s) => `${called(s)} ${flow(s.hot.flowLpm)} hot, ${flow(s.cold.flowLpm)} cold`),
)
const past = computed(() =>
  (['hot', 'cold'] as const)
    .filter((w) => props.result[w].pastLpm > 0.005)
    .map((w) => `${flow(props.result[w].pastLpm)} ${w}`),
)
const p = (kpa: number) => format(kpa, 'pressure', unitWorld.value, unitWorld.value === 'metric' ? 0 : 1)
</script>

<template>
  <figure data-profile>
    <figcaption>
      <b>Pressure along the way</b>
      <span class="small soft">
        over the pan<template v-if="sides.length">; side by side: {{ sides.join('; ') }}</template
        ><template v-if="past.length">; past the block: {{ past.join(', ') }}</template
        >; a cold start pushes {{ p(result.cold.feedKpa) }} at the feed, hot {{ p(result.hot.feedKpa) }}
      </span>
    </figcaption>
    <svg
      viewBox="0 0 600 196"
      role="img"
      :aria-label="
        stretches.map((s, n) => `${called(s)} loses ${p(lost(n, 'hot'))} hot, ${p(lost(n, 'cold'))} cold`).join('; ')
      "
    >
      <path :d="`M${LEFT} ${y(0)}H${LEFT + WIDE}`" class="axis" />
      <g v-for="(s, n) in stretches" :key="n">
        <path v-if="n" :d="`M${x(n)} ${TOP}V${y(0)}`" class="joint" :class="{ parts: parts(n) }" />
        <text :x="(x(n) + x(n + 1)) / 2" :y="y(0) + 18" text-anchor="middle" class="sub">{{ called(s) }}</text>
        <text :x="(x(n) + x(n + 1)) / 2" :y="y(0) + 36" text-anchor="middle" class="sub lost">
          −{{ p(lost(n, 'hot')) }}
        </text>
        <text :x="(x(n) + x(n + 1)) / 2" :y="y(0) + 52" text-anchor="middle" class="sub cold">
          −{{ p(lost(n, 'cold')) }}
        </text>
      </g>
      <path :d="line('cold')" class="way cold" />
      <path :d="line('hot')" class="way hot" />
      <text :x="LEFT - 8" :y="y(stretches[0]!.cold.kpa) + 5" text-anchor="end" class="sub cold">
        {{ p(stretches[0]!.cold.kpa) }}
      </text>
      <text :x="LEFT - 8" :y="y(stretches[0]!.hot.kpa) + 5" text-anchor="end" class="sub lost">
        {{ p(stretches[0]!.hot.kpa) }}
      </text>
      <text :x="LEFT + WIDE" :y="TOP" text-anchor="end" class="sub cold">cold morning</text>
      <text :x="LEFT + WIDE" :y="TOP + 17" text-anchor="end" class="sub lost">hot</text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 10px 0 0;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
figcaption {
  display: flex;
  gap: 10px;
  align-items: baseline;
  flex-wrap: wrap;
}
figcaption b {
  font: 600 18px/1 var(--rb-font-head);
}
svg {
  width: 100%;
  display: block;
}
.axis {
  stroke: var(--ink);
  stroke-width: 2;
}
.joint.parts {
  stroke: var(--ink);
  stroke-width: 2;
}
.joint {
  stroke: var(--rule);
  stroke-width: 1;
  stroke-dasharray: 3 4;
}
.way {
  fill: none;
  stroke-width: 4;
  stroke-linejoin: round;
}
.way.hot {
  stroke: var(--over);
}
.way.cold {
  stroke: var(--accent);
  stroke-dasharray: 9 5;
}
.sub {
  font-size: 14px;
  font-weight: 500;
  fill: var(--ink);
}
.sub.lost {
  fill: var(--over-ink, var(--over));
  font-weight: 600;
}
.sub.cold {
  fill: var(--accent-ink);
  font-weight: 600;
}
</style>
