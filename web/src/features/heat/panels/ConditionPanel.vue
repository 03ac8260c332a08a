<script setup lang="ts">
import { computed } from 'vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { word } from '@/shared/message/say'
import { usePack } from '../pack/usePack'

/** What is worn or broken in this build; dirt on radiator and condenser, and seals, stand with the front. */
const { job, build, cooling } = usePack()
const path = <F extends string>(field: F) => `builds.${job.selected}.condition.${field}` as const
const condition = computed(() => build.value.condition)
const thermostats = [
  ['NONE', 'works'],
  ['STUCK_OPEN', 'stuck open'],
  ['STUCK_SHUT', 'stuck shut'],
] as const
const bypasses = [
  ['NONE', 'its bypass works'],
  ['STUCK_OPEN', 'stuck open'],
  ['STUCK_SHUT', 'stuck shut'],
] as const
const sound = computed(() => {
  const c = condition.value
  return (
    c.thermostat === 'NONE' &&
    c.gearboxBypass === 'NONE' &&
    !c.thermostatLateK &&
    !c.airPercent &&
    !c.chargeAirBlockedPercent &&
    !c.sensorLowK &&
    [c.pumpPercent, c.suctionPercent, c.capPercent, c.oilFlowPercent].every((p) => p === 100)
  )
})
</script>

<template>
  <div class="front">
    <h3>
      Worn or broken <span class="soft small">{{ build.name }}</span>
    </h3>
    <p v-if="build.kind !== 'AS_FOUND'" class="soft small">
      {{
        sound ? 'Everything here works as made.' : 'This build keeps a fault. Mend it here to see what that is worth.'
      }}
    </p>
    <h3>Thermostat</h3>
    <ChoiceInput
      :model-value="condition.thermostat"
      label="Thermostat"
      :choices="thermostats"
      @update:model-value="(fault) => job.edit(path('thermostat'), fault)"
    />
    <div class="fields">
      <QuantityField
        :label="word('field.thermostatLateK')"
        :path="path('thermostatLateK')"
        quantity="difference"
        :step="1"
      />
      <QuantityField :label="word('field.sensorLowK')" :path="path('sensorLowK')" quantity="difference" :step="1" />
    </div>
    <h3>Coolant</h3>
    <p class="caution small">{{ word('caution.hotCap') }}</p>
    <div class="fields">
      <QuantityField :label="word('field.pumpPercent')" :path="path('pumpPercent')" quantity="percent" :step="5" />
      <QuantityField
        :label="word('field.suctionPercent')"
        :path="path('suctionPercent')"
        quantity="percent"
        :step="5"
      />
      <QuantityField :label="word('field.airPercent')" :path="path('airPercent')" quantity="percent" :step="1" />
      <QuantityField :label="word('field.capPercent')" :path="path('capPercent')" quantity="percent" :step="10" />
    </div>
    <h3>Oil and charge air</h3>
    <div class="fields">
      <QuantityField
        :label="word('field.oilFlowPercent')"
        :path="path('oilFlowPercent')"
        quantity="percent"
        :step="5"
      />
      <QuantityField
        v-if="cooling.chargeAirCooler"
        :label="word('field.chargeAirBlockedPercent')"
        :path="path('chargeAirBlockedPercent')"
        quantity="percent"
        :step="5"
      />
    </div>
    <ChoiceInput
      v-if="job.content.rig.vehicle.gearbox.bypass"
      :model-value="condition.gearboxBypass"
      label="The gearbox’s own bypass"
      :choices="bypasses"
      @update:model-value="(fault) => job.edit(path('gearboxBypass'), fault)"
    />
    <p class="soft small">
      Dirt on radiator and condenser, and seals: under <i>Radiator</i>. A slow fan: under <i>Fans</i>.
    </p>
  </div>
</template>

<style scoped src="./panel.css"></style>
