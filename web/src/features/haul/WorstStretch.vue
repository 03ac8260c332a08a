<script setup lang="ts">
import { useJob } from '@/job/useJob'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import HillDrawing from './HillDrawing.vue'
import MarginMap from './MarginMap.vue'
import RoadChoice from './RoadChoice.vue'
import RoadExchange from './RoadExchange.vue'
import { heaters, useHeater } from './useHeater'

const job = useJob()
const heater = useHeater()
</script>

<template>
  <div class="stretch">
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
      <RoadChoice />
      <RoadExchange v-if="!job.content.haul.journey" />
    </section>
    <MarginMap />
  </div>
</template>

<style scoped>
.stretch {
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
@media (max-width: 900px) {
  .stretch {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
