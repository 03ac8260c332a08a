<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import QuantityField from '@/job/fields/QuantityField.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { WARM } from './roadEdits'
import { heaters, useHeater } from './useHeater'
import RoadChoice from './RoadChoice.vue'

/** The day the road is driven on, and how the truck starts. */
const job = useJob()
const heater = useHeater()
const starts = [
  ['cold', 'stood overnight'],
  ['warm', 'warm'],
] as const
const start = computed({
  get: () => (job.content.haul.journey!.start ? 'warm' : 'cold'),
  set: (to: (typeof starts)[number][0]) => job.edit('haul.journey.start', to === 'warm' ? WARM : null),
})
</script>

<template>
  <div class="day">
    <RoadChoice />
    <div class="fields">
      <QuantityField label="Trailer mass" path="rig.trailer.massKg" quantity="mass" :step="50" />
      <QuantityField label="Leaves at" path="haul.journey.departureHour" quantity="time" :step="0.5" />
      <QuantityField label="Hottest, 15 h" path="haul.journey.hottestC" quantity="temperature" :step="1" />
      <QuantityField label="Coldest, 3 h" path="haul.journey.coldestC" quantity="temperature" :step="1" />
      <QuantityField
        label="No gear above"
        path="haul.holdGear"
        quantity="count"
        :step="1"
        optional
        placeholder="free"
      />
      <div class="one">
        <span>Air conditioning</span>
        <ToggleInput
          :model-value="job.content.haul.airConditioning"
          label="Air conditioning"
          @update:model-value="(on) => job.edit('haul.airConditioning', on)"
          >{{ job.content.haul.airConditioning ? 'on' : 'off' }}</ToggleInput
        >
      </div>
    </div>
    <div class="one">
      <span>Cab heater</span>
      <ChoiceInput v-model="heater" label="Cab heater" :choices="heaters" small />
    </div>
    <div class="one">
      <span>The truck starts</span>
      <ChoiceInput v-model="start" label="The truck starts" :choices="starts" small />
    </div>
    <div v-if="job.content.haul.journey!.start" class="fields three">
      <QuantityField label="Engine" path="haul.journey.start.engineC" quantity="temperature" :step="5" />
      <QuantityField label="Outlet tank" path="haul.journey.start.outletTankC" quantity="temperature" :step="5" />
      <QuantityField label="Pan" path="haul.journey.start.oilC" quantity="temperature" :step="5" />
    </div>
    <p class="small soft">
      The air follows the hour and falls with height; a point of the road that has its own air overrides it.
    </p>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.fields.three {
  grid-template-columns: repeat(3, 1fr);
}
.one {
  display: flex;
  flex-direction: column;
  gap: 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
</style>
