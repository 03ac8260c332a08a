<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import ListField from '@/job/fields/ListField.vue'
import { choiceWord } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'

/** What the plate and the manual say of engine, gearbox and limits: nothing to measure, all to be entered. */
const job = useJob()
const e = 'rig.vehicle.engine'
const g = 'rig.vehicle.gearbox'
const engine = computed(() => job.content.rig.vehicle.engine)
const kinds = [
  ['PETROL', 'petrol'],
  ['DIESEL', 'diesel'],
  ['BOOSTED_DIESEL', 'boosted diesel'],
] as const
function choose(kind: (typeof kinds)[number][0] | undefined) {
  if (!kind) return
  const boosted = kind === 'BOOSTED_DIESEL'
  job.edit(e, { ...engine.value, kind, boostRatio: boosted ? (engine.value.boostRatio ?? 2.2) : null })
}

const fluids = computed(() => job.content.rig.fluids)
const LEVELS = (['DIPSTICK', 'OVERFLOW'] as const).map((l) => [l, choiceWord(l)] as const)
const CAPS = (['RADIATOR_NECK', 'HEADER_TANK'] as const).map((c) => [c, `cap on the ${choiceWord(c)}`] as const)

const bypass = computed(() => job.content.rig.vehicle.gearbox.bypass)
const bypasses = [
  [false, 'none'],
  [true, 'it has one'],
] as const
function guard(there: boolean | undefined) {
  job.edit(`${g}.bypass`, there ? { startC: 70, fullC: 85 } : null)
}
</script>

<template>
  <h3>From the plate and the manual</h3>
  <ChoiceInput :model-value="engine.kind" label="Engine" :choices="kinds" class="engine" @update:model-value="choose" />
  <div class="wide">
    <ListField label="Full-load torque at" :path="`${e}.torqueRpm`" quantity="rpm" />
    <ListField label="Torque there" :path="`${e}.torqueNm`" quantity="torque" />
    <ListField label="Gear ratios, first to top" :path="`${g}.gearRatios`" quantity="ratio" />
    <QuantityField
      v-if="engine.boostRatio != null"
      label="Boost, outlet over inlet"
      :path="`${e}.boostRatio`"
      quantity="ratio"
      :step="0.1"
    />
  </div>
  <div class="narrow">
    <QuantityField label="Locks from gear" :path="`${g}.lockFromGear`" quantity="count" :step="1" />
    <QuantityField label="and above" :path="`${g}.lockAboveKmh`" quantity="speed" :step="2" />
    <QuantityField
      label="Idles at"
      :path="`${e}.idleRpm`"
      quantity="rpm"
      :step="50"
      optional
      :placeholder="engine.kind === 'PETROL' ? '700 usual' : '650 usual'"
    />
    <QuantityField label="Lugs below" :path="`${g}.luggingRpm`" quantity="rpm" :step="50" />
    <QuantityField label="Climbs up to" :path="`${g}.highestRpm`" quantity="rpm" :step="100" />
    <QuantityField label="Stall speed" :path="`${g}.stallRpm`" quantity="rpm" :step="50" />
    <QuantityField label="Stall torque ratio" :path="`${g}.stallTorqueRatio`" quantity="ratio" :step="0.1" />
    <QuantityField label="Efficiency, gears" :path="`${g}.meshEfficiency`" quantity="ratio" :step="0.005" />
    <QuantityField label="Efficiency, axle" :path="`${g}.axleEfficiency`" quantity="ratio" :step="0.005" />
    <QuantityField label="Spin loss, 3000 rpm" :path="`${g}.spinLossKw`" quantity="shaftPower" :step="0.1" />
    <QuantityField label="Oil at 40 °C" :path="`${g}.oilKv40`" quantity="viscosity" :step="1" />
    <QuantityField label="Oil at 100 °C" :path="`${g}.oilKv100`" quantity="viscosity" :step="0.1" />
  </div>
  <h3>The gearbox's own thermal bypass</h3>
  <ChoiceInput
    :model-value="bypass != null"
    label="Thermal bypass of the gearbox"
    :choices="bypasses"
    @update:model-value="guard"
  />
  <div v-if="bypass" class="narrow">
    <QuantityField label="First oil to the coolers" :path="`${g}.bypass.startC`" quantity="temperature" :step="1" />
    <QuantityField label="All of it" :path="`${g}.bypass.fullC`" quantity="temperature" :step="1" />
  </div>
  <h3>Limits, from the manual where it has them</h3>
  <div class="narrow">
    <QuantityField label="Coolant" path="rig.vehicle.limits.coolantC" quantity="temperature" :step="1" />
    <QuantityField label="under boiling by" path="rig.vehicle.limits.belowBoilingK" quantity="difference" :step="1" />
    <QuantityField label="Pan, sustained" path="rig.vehicle.limits.panC" quantity="temperature" :step="1" />
    <QuantityField label="Oil feed, peak" path="rig.vehicle.limits.feedC" quantity="temperature" :step="1" />
    <QuantityField
      label="Pan too cold under"
      path="rig.vehicle.limits.overcooledPanC"
      quantity="temperature"
      :step="1"
    />
  </div>
  <h3>Fluids</h3>
  <div class="narrow">
    <QuantityField
      label="Coolant in all"
      path="rig.fluids.coolantL"
      quantity="volume"
      :step="0.5"
      optional
      placeholder="not looked up"
    />
    <QuantityField
      label="Gearbox oil in all"
      path="rig.fluids.oilL"
      quantity="volume"
      :step="0.5"
      optional
      placeholder="not looked up"
    />
    <QuantityField label="Level counts from, pan" path="rig.fluids.levelFromC" quantity="temperature" :step="5" />
    <QuantityField label="Level counts to, pan" path="rig.fluids.levelToC" quantity="temperature" :step="5" />
  </div>
  <div class="fluids">
    <ChoiceInput
      :model-value="fluids.level"
      label="How the gearbox’s level is read"
      :choices="LEVELS"
      @update:model-value="(v) => v && job.edit('rig.fluids.level', v)"
    />
    <ChoiceInput
      :model-value="fluids.capAt"
      label="Where the pressure cap sits"
      :choices="CAPS"
      @update:model-value="(v) => v && job.edit('rig.fluids.capAt', v)"
    />
  </div>
  <h3>Electrics</h3>
  <div class="narrow">
    <QuantityField label="Truck’s voltage" path="rig.electrics.volts" quantity="voltage" :step="12" />
    <QuantityField
      label="Alternator, by its plate"
      path="rig.electrics.alternatorA"
      quantity="current"
      :step="5"
      optional
      placeholder="not read"
    />
    <QuantityField label="Battery" path="rig.electrics.batteryAh" quantity="charge" :step="5" />
    <QuantityField label="On already at a warm idle" path="rig.electrics.loadA" quantity="current" :step="5" />
    <QuantityField
      label="Fuse box has to spare"
      path="rig.electrics.boxSpareA"
      quantity="current"
      :step="5"
      optional
      placeholder="not known"
    />
  </div>
</template>

<style scoped>
h3 {
  margin: 16px 0 8px;
}

.fluids {
  display: grid;
  gap: 8px;
  margin-top: 8px;
}
.engine {
  margin-bottom: 10px;
}
.wide {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin-bottom: 10px;
}
.narrow {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
