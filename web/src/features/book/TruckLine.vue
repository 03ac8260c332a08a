<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { LifeMoment } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { dateOf } from '@/shared/ui/time'
import { format } from '@/shared/units/units'

/** A truck's life as a road with its stones: what was photographed, signed, done, driven, tuned and looked at again. */
const props = defineProps<{ truck: string }>()
const life = shallowRef<LifeMoment[] | null>(null)
const problem = ref('')
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
onMounted(async () => {
  try {
    life.value = await api.get<LifeMoment[]>(`/api/book/${props.truck}/life`)
  } catch (e) {
    problem.value = refusal(e)
  }
})
const chosen = ref<number | null>(null)
const LANES = ['PHOTOGRAPHED', 'ESTIMATE', 'WORK_SIGNED', 'WORK_BEGUN', 'DRIVEN', 'TUNED', 'LOOKED_AGAIN'] as const
const LANE = 26
const LEFT = 118
const DAY = 86_400_000
const span = computed(() => {
  const times = (life.value ?? []).map((m) => Date.parse(m.at))
  const first = Math.min(...times)
  const last = Math.max(...times)
  const room = Math.max(3 * DAY, 0.05 * (last - first))
  return { first: first - room, last: last + room }
})
const stones = computed(() =>
  (life.value ?? []).map((m, i) => ({
    i,
    x:
      LEFT +
      ((width.value - LEFT - 10) * (Date.parse(m.at) - span.value.first)) / (span.value.last - span.value.first || 1),
    y: 14 + LANE * LANES.indexOf(m.what),
    m,
  })),
)
const months = computed(() => {
  const { first, last } = span.value
  if (!Number.isFinite(first)) return []
  const ticks: { x: number; text: string }[] = []
  const months = (last - first) / (30.4 * DAY)
  const step = months > 30 ? 12 : months > 10 ? 3 : 1
  const day = new Date(first)
  day.setDate(1)
  day.setHours(0, 0, 0, 0)
  for (day.setMonth(day.getMonth() + 1); day.getTime() < last; day.setMonth(day.getMonth() + 1)) {
    if (day.getMonth() % step) continue
    const x = LEFT + ((width.value - LEFT - 10) * (day.getTime() - first)) / (last - first)
    ticks.push({ x, text: day.toLocaleDateString('en-GB', { month: 'short', year: '2-digit' }) })
  }
  return ticks
})
const shown = computed(() => [...(life.value ?? [])].map((m, i) => ({ m, i })).reverse())
const label = (what: LifeMoment['what']) => word(`truckLifeHappened.${camel(what)}`)
const room = (m: LifeMoment) =>
  m.headroomK == null || !m.worst
    ? ''
    : `${word(`fluid.${camel(m.worst)}`)} ${m.headroomK > 0 ? '+' : '−'}${format(Math.abs(m.headroomK), 'difference', unitWorld.value, 1)}`
</script>

<template>
  <div ref="box" class="life" :data-life="life ? 'ready' : undefined">
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!life && !problem" class="soft">Going back through the years …</p>
    <p v-if="life && !life.length" class="soft">Nothing has happened to it here yet.</p>
    <svg
      v-if="life?.length && width"
      :width="width"
      :height="LANE * LANES.length + 28"
      role="img"
      aria-label="Its life"
    >
      <g v-for="t in months" :key="t.x">
        <line :x1="t.x" :x2="t.x" y1="0" :y2="LANE * LANES.length" stroke="var(--rule-soft)" />
        <text v-if="t.x < width - 56" :x="t.x + 3" :y="LANE * LANES.length + 16" font-size="13">{{ t.text }}</text>
      </g>
      <g v-for="(l, k) in LANES" :key="l">
        <line
          :x1="LEFT"
          :x2="width"
          :y1="14 + LANE * k"
          :y2="14 + LANE * k"
          stroke="var(--rule)"
          stroke-dasharray="10 7"
        />
        <text :x="0" :y="18 + LANE * k" class="head" font-size="15">{{ label(l) }}</text>
      </g>
      <circle
        v-for="s in stones"
        :key="s.i"
        :cx="s.x"
        :cy="s.y"
        :r="s.i === chosen ? 11 : 8"
        :class="['stone', { chosen: s.i === chosen }]"
      >
        <title>{{ s.m.said || label(s.m.what) }}</title>
      </circle>
    </svg>
    <ol v-if="life?.length">
      <li
        v-for="{ m, i } in shown"
        :key="i"
        :class="{ chosen: i === chosen }"
        @mouseenter="chosen = i"
        @focusin="chosen = i"
      >
        <span class="when">{{ dateOf(new Date(m.at)) }}</span>
        <span>
          <b>{{ label(m.what) }}</b> {{ m.said }}
          <em v-if="room(m)">{{ room(m) }}</em>
          <span v-if="m.readings" class="small soft"
            >{{ m.readings }} {{ m.readings === 1 ? 'reading' : 'readings' }}</span
          >
          <a v-if="m.paper" class="small" :href="`/api/papers/${m.paper}/pages`" target="_blank">its paper</a>
          <a v-for="p in m.photos.slice(0, 6)" :key="p" :href="p" target="_blank"
            ><img :src="p" alt="Photograph" loading="lazy"
          /></a>
        </span>
        <router-link class="small" :to="{ name: 'haul', params: { id: m.job } }">{{ m.jobName }}</router-link>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.life {
  display: grid;
  gap: 8px;
}
.stone {
  fill: var(--accent);
  stroke: var(--paper);
  stroke-width: 2;
}
.stone.chosen {
  fill: var(--ink);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 340px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) auto;
  gap: 12px;
  padding: 5px 4px;
  border-bottom: 1px solid var(--rule-soft);
}
li.chosen {
  background: var(--accent-wash);
}
.when {
  color: var(--ink-soft);
}
em {
  font: 600 16px/1 var(--rb-font-head);
  font-style: normal;
  margin: 0 8px;
}
img {
  height: 44px;
  vertical-align: middle;
  margin-left: 6px;
}
a {
  color: var(--accent-ink);
}
</style>
