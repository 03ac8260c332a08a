<script setup lang="ts">
import { computed, onScopeDispose, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { Road } from '@/shared/api/types'
import { same } from '@/job/paths'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useAskedField } from '@/job/fields/fieldPlace'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import HillDrawing from './HillDrawing.vue'
import MarginMap from './MarginMap.vue'

const job = useJob()
useAskedField()
const heaters = [
  ['weather', 'by weather'],
  ['on', 'on'],
  ['off', 'off'],
] as const
const heater = computed({
  get: () => (job.content.haul.heater == null ? 'weather' : job.content.haul.heater ? 'on' : 'off'),
  set: (to: (typeof heaters)[number][0]) => job.edit('haul.heater', to === 'weather' ? null : to === 'on'),
})
const roads = shallowRef<Road[]>([])
let retry = 0
async function load() {
  try {
    roads.value = await api.get<Road[]>('/api/roads')
  } catch {
    retry = window.setTimeout(load, 2000)
  }
}
void load()
onScopeDispose(() => clearTimeout(retry))
</script>

<template>
  <div class="haul">
    <section class="panel where">
      <header>
        <h2>The worst stretch</h2>
        <span class="soft small">held until temperatures settle</span>
      </header>
      <HillDrawing />
      <div class="fields">
        <QuantityField label="Trailer mass" path="rig.trailer.massKg" quantity="mass" :step="50" big />
        <QuantityField label="Grade" path="haul.gradePercent" quantity="percent" :step="0.5" big />
        <QuantityField label="Speed" path="haul.speedKmh" quantity="speed" :step="5" big />
        <QuantityField label="Ambient" path="haul.ambientC" quantity="temperature" :step="1" big />
        <QuantityField label="Altitude" path="haul.altitudeM" quantity="altitude" :step="100" big />
        <div class="ac">
          <span>Air conditioning</span>
          <ToggleInput
            :model-value="job.content.haul.airConditioning"
            label="Air conditioning"
            @update:model-value="(on) => job.edit('haul.airConditioning', on)"
            >{{ job.content.haul.airConditioning ? 'on' : 'off' }}</ToggleInput
          >
        </div>
        <div class="ac wide">
          <span>Cab heater</span>
          <ChoiceInput v-model="heater" label="Cab heater" :choices="heaters" />
        </div>
        <QuantityField
          label="No gear above"
          path="haul.holdGear"
          quantity="count"
          :step="1"
          big
          optional
          placeholder="free"
        />
      </div>
      <div class="roads" role="group" aria-label="Roads of the yard">
        <button
          v-for="r in roads"
          :key="r.haul.road"
          type="button"
          :aria-pressed="same(r.haul, job.content.haul)"
          @click="job.edit('haul', r.haul)"
        >
          <b>{{ r.haul.road }}</b>
          <span class="small"
            >{{ format(r.haul.gradePercent, 'percent', unitWorld) }} ·
            {{ format(r.haul.speedKmh, 'speed', unitWorld) }} ·
            {{ format(r.haul.ambientC, 'temperature', unitWorld, 0) }}</span
          >
        </button>
      </div>
    </section>
    <MarginMap />
  </div>
</template>

<style scoped>
.haul {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.05fr);
  gap: 14px;
  padding: 14px;
  flex: 1;
}
.where {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.where > header {
  margin: 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 14px;
}
.ac {
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  gap: 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.wide {
  grid-column: span 2;
}
.ac .act {
  min-height: 46px;
  font-size: 20px;
  justify-content: center;
}
.roads {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 6px;
  margin-top: 4px;
}
.roads button {
  display: flex;
  flex-direction: column;
  gap: 1px;
  padding: 9px 12px;
  border: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.roads b {
  font: 600 17px/1.1 var(--rb-font-head);
}
.roads button[aria-pressed='true'] {
  background: var(--accent-wash);
  border-color: var(--accent);
}
@media (max-width: 900px) {
  .haul {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
