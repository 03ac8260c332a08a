<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import NameInput from '@/shared/ui/NameInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { newRemotePlace } from './made'

/** Places away from the pack where a cooler with a fan of its own may hang, each measured. */
const job = useJob()
const places = computed(() => job.content.nose.remotePlaces)
const open = ref('')
const mm = (v: number) => format(v, 'size', unitWorld.value)
function add() {
  const made = newRemotePlace(job.content.nose)
  job.edit('nose.remotePlaces', [...places.value, made])
  open.value = made.id
}
const remove = (id: string) =>
  job.edit(
    'nose.remotePlaces',
    places.value.filter((p) => p.id !== id),
  )
</script>

<template>
  <section class="remote" data-remote-places>
    <h3>Away from the pack</h3>
    <p class="small soft">
      Under the bed, on the frame rail, before a wheel: where a cooler with its own fan would hang. Measured, it is one
      of the places that are looked at.
    </p>
    <div v-for="p in places" :key="p.id" class="place">
      <button type="button" class="head" :aria-expanded="open === p.id" @click="open = open === p.id ? '' : p.id">
        <b>{{ p.name }}</b>
        <span class="small soft"
          >{{ mm(p.widthMm) }} × {{ mm(p.heightMm) }} × {{ mm(p.depthMm) }}, ± {{ mm(p.plusMinusMm) }}</span
        >
      </button>
      <div v-if="open === p.id" class="fields">
        <NameInput
          :model-value="p.name"
          label="Name"
          :most="40"
          class="wide"
          @update:model-value="(n) => job.edit(`nose.remotePlaces.${p.id}.name`, n)"
        />
        <QuantityField label="Width" :path="`nose.remotePlaces.${p.id}.widthMm`" quantity="size" :step="10" />
        <QuantityField label="Height" :path="`nose.remotePlaces.${p.id}.heightMm`" quantity="size" :step="10" />
        <QuantityField label="Along the air" :path="`nose.remotePlaces.${p.id}.depthMm`" quantity="size" :step="10" />
        <QuantityField label="Known to ±" :path="`nose.remotePlaces.${p.id}.plusMinusMm`" quantity="size" :step="1" />
        <QuantityField
          label="Way of one hose"
          :path="`nose.remotePlaces.${p.id}.hoseM`"
          quantity="length"
          :step="0.1"
        />
        <QuantityField label="Holes to use" :path="`nose.remotePlaces.${p.id}.holes`" quantity="count" :step="1" />
        <QuantityField
          label="Air warmer by"
          :path="`nose.remotePlaces.${p.id}.warmerK`"
          quantity="difference"
          :step="1"
        />
        <ToggleInput
          :model-value="p.sprayed"
          label="in road spray"
          @update:model-value="(on) => job.edit(`nose.remotePlaces.${p.id}.sprayed`, on)"
        />
        <p class="small soft wide">
          The hose’s way is laid with a string from the ends of the truck’s lines, clear of exhaust, prop shaft and
          suspension. Air is warmer by what a thermometer there reads over the air outside, at work.
        </p>
        <button type="button" class="act wide" @click="remove(p.id)">Remove</button>
      </div>
    </div>
    <button type="button" class="act" :disabled="places.length >= 8" data-add-remote @click="add">
      Measure a place
    </button>
  </section>
</template>

<style scoped>
.remote {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.place {
  border-top: 1px solid var(--rule-soft);
}
.head {
  display: flex;
  flex-direction: column;
  width: 100%;
  min-height: 48px;
  padding: 6px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
  padding-bottom: 10px;
}
.wide {
  grid-column: 1 / -1;
}
</style>
