<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { RoadStop } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, toShown } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import RoadExchange from './RoadExchange.vue'
import { MOST_POINTS, oneMoreLap, outAndBack, pointAfter, withGrade } from './roadEdits'
import { stretchAt } from './stretch'

/** The road point by point: one is opened and edited, all of them are in sight. */
const job = useJob()
const points = computed(() => job.content.haul.journey!.points)
const opened = defineModel<string | null>({ required: true })
const index = computed(() =>
  Math.max(
    0,
    points.value.findIndex((p) => p.id === opened.value),
  ),
)
const here = computed(() => points.value[index.value]!)
const last = computed(() => index.value === points.value.length - 1)
const path = computed(() => `haul.journey.points.${here.value.id}` as const)
const set = (to: typeof points.value) => job.edit('haul.journey.points', to)
const surfaces = (['ASPHALT', 'GRAVEL', 'SNOW', 'SAND'] as const).map((s) => [s, word(`choice.${s}`)] as const)
const surface = computed({
  get: () => here.value.surface,
  set: (to) => job.edit(`${path.value}.surface`, to),
})
const grade = computed({
  get: () =>
    last.value ? null : Number(stretchAt(points.value, here.value.distanceKm + 1e-6).gradePercent.toFixed(2)),
  set: (to) => to !== null && set(withGrade(points.value, index.value, to)),
})
const engines = (['IDLE', 'IDLE_IN_GEAR', 'FAST_IDLE', 'OFF'] as const).map((e) => [e, word(`choice.${e}`)] as const)
const USUAL: RoadStop = { minutes: 5, engine: 'IDLE', fansDead: false }
const engine = computed({
  get: () => here.value.stop?.engine,
  set: (to) => to && job.edit(`${path.value}.stop.engine`, to),
})
function add() {
  const next = pointAfter(points.value, index.value)
  set(next)
  opened.value = next[index.value + 1]!.id
}
/** A road without a name keeps the one it had. */
function rename(field: HTMLInputElement) {
  const name = field.value.trim()
  if (name) job.edit('haul.journey.name', name)
  else field.value = job.content.haul.journey!.name
}
function remove() {
  const at = index.value
  const next = points.value.filter((p) => p.id !== here.value.id)
  set(next)
  opened.value = next[Math.min(at, next.length - 1)]!.id
}
</script>

<template>
  <div class="points">
    <label class="one"
      ><span>Name of the road</span>
      <input
        class="entry"
        maxlength="80"
        :value="job.content.haul.journey!.name"
        @change="rename($event.target as HTMLInputElement)"
    /></label>
    <ol class="rows" aria-label="Points of the road">
      <li v-for="p in points" :key="p.id">
        <button type="button" class="row" :aria-pressed="p.id === here.id" @click="opened = p.id">
          <span class="figure">{{ formatNumber(toShown(p.distanceKm, 'distance', unitWorld), 1) }}</span>
          <span>{{ formatNumber(toShown(p.elevationM, 'altitude', unitWorld), 0) }}</span>
          <span>{{ format(p.speedKmh, 'speed', unitWorld) }}</span>
          <span class="name"
            >{{ p.place }}<template v-if="p.stop">&ensp;◼ {{ formatNumber(p.stop.minutes, 0) }} min</template
            ><template v-if="p.surface !== 'ASPHALT'">&ensp;{{ word(`choice.${p.surface}`) }}</template></span
          >
        </button>
      </li>
    </ol>
    <div class="acts">
      <button type="button" class="act" :disabled="points.length >= MOST_POINTS" @click="add">Point after it</button>
      <button type="button" class="act" :disabled="points.length <= 2" @click="remove">Take it out</button>
      <button
        type="button"
        class="act"
        :disabled="2 * points.length - 1 > MOST_POINTS"
        @click="set(outAndBack(points))"
      >
        There and back
      </button>
      <button
        type="button"
        class="act"
        :disabled="2 * points.length - 1 > MOST_POINTS"
        @click="set(oneMoreLap(points))"
      >
        One more lap
      </button>
    </div>
    <div :key="here.id" class="fields">
      <QuantityField label="From the start" :path="`${path}.distanceKm`" quantity="distance" :step="0.1" />
      <QuantityField label="Height" :path="`${path}.elevationM`" quantity="altitude" :step="1" />
      <QuantityField label="Speed from here" :path="`${path}.speedKmh`" quantity="speed" :step="5" />
      <QuantityInput v-if="!last" v-model="grade" label="Grade to the next" quantity="percent" :step="0.5" />
      <QuantityField label="Headwind" :path="`${path}.headwindKmh`" quantity="speed" :step="5" />
      <QuantityField
        label="Air here"
        :path="`${path}.ambientC`"
        quantity="temperature"
        :step="1"
        optional
        placeholder="by the day"
      />
    </div>
    <label class="one"
      ><span>Name of the place</span>
      <input
        class="entry"
        maxlength="40"
        :value="here.place"
        @change="(e) => job.edit(`${path}.place`, (e.target as HTMLInputElement).value.trim())"
    /></label>
    <ChoiceInput v-if="!last" v-model="surface" label="Surface from here" :choices="surfaces" small />
    <div class="one">
      <ToggleInput
        :model-value="!!here.stop"
        label="A stop here"
        @update:model-value="(on) => job.edit(`${path}.stop`, on ? USUAL : null)"
        >a stop here</ToggleInput
      >
    </div>
    <template v-if="here.stop">
      <div class="fields">
        <QuantityField label="Minutes" :path="`${path}.stop.minutes`" quantity="period" :step="1" />
        <div class="one low">
          <ToggleInput
            :model-value="here.stop.fansDead"
            label="Fans dead"
            @update:model-value="(on) => job.edit(`${path}.stop.fansDead`, on)"
            >fans dead</ToggleInput
          >
        </div>
      </div>
      <ChoiceInput v-model="engine" label="The engine meanwhile" :choices="engines" small />
    </template>
    <RoadExchange />
  </div>
</template>

<style scoped>
.points {
  display: grid;
  gap: 12px;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 216px;
  overflow-y: auto;
  border: 1px solid var(--rule);
}
.row {
  display: grid;
  grid-template-columns: 48px 52px 72px minmax(0, 1fr);
  align-items: center;
  gap: 6px;
  width: 100%;
  min-height: 36px;
  padding: 2px 8px;
  border: 0;
  border-bottom: 1px solid var(--rule-soft);
  background: none;
  color: inherit;
  font: 500 15px/1.1 var(--rb-font-text);
  text-align: left;
  cursor: pointer;
}
@media (pointer: coarse) {
  .row {
    min-height: 44px;
  }
}
.row[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.row .figure {
  font: 600 18px/1 var(--rb-font-head);
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.acts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.acts .act {
  justify-content: center;
  padding: 0 8px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.one {
  display: flex;
  flex-direction: column;
  gap: 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.low {
  justify-content: flex-end;
}
</style>
