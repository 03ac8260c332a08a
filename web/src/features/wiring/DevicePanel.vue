<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { DeviceWiring, WiredDevice, WiringPlan } from '@/shared/api/types'
import { camel, partName, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import ProbePicker from './ProbePicker.vue'
import { wiredOtherwise } from './wiring'

/** How one thing is switched: its school, its triggers, its earth. */
const props = defineProps<{
  device: WiredDevice
  plan: WiringPlan
  /** What is wrong with single fields, by their path in the job. */
  refused: Record<string, string>
}>()
const emit = defineEmits<{ change: [plan: WiringPlan] }>()
const job = useJob()
const w = computed(() => props.plan.devices.find((d) => d.id === props.device.name.id) ?? props.device.wiring)
const name = computed(() => partName(props.device.name))
const set = (change: Partial<DeviceWiring>) => emit('change', wiredOtherwise(props.plan, props.device, change))
const SCHOOLS = (
  [
    'THERMAL_SWITCH',
    'CONTROLLER',
    'COMPUTER_LOW',
    'COMPUTER_HIGH',
    'DRIVER_SWITCH',
    'TWO_RELAYS',
    'SERIES_PARALLEL',
    'PULSE_WIDTH',
    'COMPUTER_PULSED',
    'WITH_KEY',
  ] as const
).map((s) => [s, word(`school.${camel(s)}`)] as const)
const AIR = (['REQUEST', 'COMPRESSOR'] as const).map((a) => [a, word(`consumerAir.${camel(a)}`)] as const)
const JOINED = (['RELAY', 'DIODE', 'WIRE'] as const).map((a) => [a, word(`consumerJoined.${camel(a)}`)] as const)
const EARTHS = (['BODY', 'BATTERY_POST', 'WITH_SENSOR'] as const).map(
  (g) => [g, word(`partGround.${camel(g)}`)] as const,
)
const ADJUSTERS = (['BOX', 'CAB'] as const).map((a) => [a, word(`adjusterPlace.${camel(a)}`)] as const)
const SWITCHES = (['DASH', 'CONSOLE', 'REAR', 'UNDER_BONNET'] as const).map(
  (s) => [s, word(`switchPlace.${camel(s)}`)] as const,
)
const wrong = (field: keyof DeviceWiring) =>
  props.refused[`builds.${job.selected}.wiring.devices.${props.device.name.id}.${field}`] ?? ''
/** Two motors are wanted for running them in line. */
const schools = computed(() => SCHOOLS.filter(([s]) => s !== 'SERIES_PARALLEL' || fan.value?.part.count === 2))
const motor = computed(() => ['FAN', 'COOLER_FAN', 'PUMP'].includes(props.device.kind))
const switched = computed(() => motor.value || props.device.kind === 'CLUTCH')
const fan = computed(() => job.build.fans.find((f) => f.id === props.device.name.id))
/** The air conditioning is asked for on Switch points; here is by which wire. */
function withAir(on: boolean) {
  const points = fan.value?.switchPoints
  if (points)
    job.edit(`builds.${job.selected}.fans.${fan.value!.id}.switchPoints`, { ...points, withAirConditioning: on })
}
const byDriver = computed(() => switched.value && (w.value.driver || w.value.school === 'DRIVER_SWITCH'))
const staged = computed(() => props.device.fullC != null)
/** What it draws and when it runs, in one line. */
const says = computed(() => {
  const d = props.device
  const lines: string[] = []
  if (d.amps != null) lines.push(format(d.amps, 'current', unitWorld.value, 1) + (d.assumed ? ' assumed' : ''))
  if (d.onC != null && d.kind !== 'GAUGE') lines.push(`on at ${t(d.onC)}`)
  if (d.fullC != null) lines.push(`full at ${t(d.fullC)}`)
  if (d.lagS) lines.push(`felt ${Math.round(d.lagS)} s late`)
  return lines.join(', ')
})
const t = (v: number) => format(v, 'temperature', unitWorld.value, 0)
</script>

<template>
  <section class="device" :data-device="device.name.id">
    <header>
      <h3>{{ name }}</h3>
      <span class="small soft">{{ says }}</span>
    </header>
    <PickInput
      v-if="motor"
      :model-value="w.school"
      label="Switched by"
      :choices="schools"
      @update:model-value="(school) => set({ school: school! })"
    />
    <div class="row">
      <ToggleInput
        v-if="switched && w.school !== 'COMPUTER_PULSED'"
        :model-value="w.keyed"
        :label="`${name} stops with the key`"
        @update:model-value="(keyed) => set({ keyed })"
        >stops with the key</ToggleInput
      >
      <ToggleInput
        v-if="switched && w.school !== 'DRIVER_SWITCH'"
        :model-value="w.driver"
        :label="`${name}: the driver has a switch`"
        @update:model-value="(driver) => set({ driver })"
        >driver’s switch</ToggleInput
      >
      <ToggleInput
        v-if="fan?.switchPoints"
        :model-value="fan.switchPoints.withAirConditioning"
        :label="`${name} runs with the air conditioning`"
        @update:model-value="withAir"
        >with cold air</ToggleInput
      >
    </div>
    <PickInput
      v-if="byDriver"
      :model-value="w.switchAt"
      label="The driver’s switch is"
      :choices="SWITCHES"
      @update:model-value="(switchAt) => set({ switchAt: switchAt! })"
    />
    <template v-if="device.adjusted">
      <span class="small soft">set by hand</span>
      <ChoiceInput
        :model-value="w.adjusterAt"
        :label="`${name}: controller is`"
        :choices="ADJUSTERS"
        small
        @update:model-value="(adjusterAt) => set({ adjusterAt: adjusterAt! })"
      />
    </template>
    <ProbePicker v-if="device.probe" :device="device" :wiring="w" @change="set" />
    <template v-if="device.withAir && switched">
      <span class="small soft">told by</span>
      <ChoiceInput
        :model-value="w.air === 'NONE' ? 'REQUEST' : w.air"
        :label="`${name}: air conditioning by`"
        :choices="AIR"
        small
        @update:model-value="(air) => set({ air: air! })"
      />
      <template v-if="!device.wiring.school.includes('PULSE') && device.kind !== 'CLUTCH'">
        <span class="small soft">joined by</span>
        <ChoiceInput
          :model-value="w.by"
          :label="`${name}: joined by`"
          :choices="JOINED"
          small
          @update:model-value="(by) => set({ by: by! })"
        />
      </template>
    </template>
    <span v-if="motor" class="small soft">earth at</span>
    <ChoiceInput
      v-if="motor"
      :model-value="w.earth"
      :label="`${name}: earth at`"
      :choices="EARTHS"
      small
      @update:model-value="(earth) => set({ earth: earth! })"
    />
    <div class="fields">
      <QuantityInput
        v-if="motor"
        :model-value="w.amps"
        :label="device.assumed ? 'Draws, by its plate' : 'Draws'"
        quantity="current"
        :placeholder="device.amps == null ? '' : String(device.amps)"
        optional
        :error="wrong('amps')"
        @update:model-value="(amps: number | null) => set({ amps })"
      />
      <QuantityInput
        v-if="staged"
        :model-value="w.fullC ?? device.fullC"
        label="Full at"
        quantity="temperature"
        :error="wrong('fullC')"
        @update:model-value="(fullC: number | null) => set({ fullC })"
      />
      <QuantityInput
        v-if="motor"
        :model-value="w.delayS"
        label="Starts later by"
        quantity="duration"
        :error="wrong('delayS')"
        @update:model-value="(delayS: number | null) => set({ delayS: delayS ?? 0 })"
      />
    </div>
    <div class="row">
      <ToggleInput
        v-if="device.lagS != null && ['THERMAL_SWITCH'].includes(w.school)"
        :model-value="w.oneWire"
        :label="`${name}: sensor of one wire`"
        @update:model-value="(oneWire) => set({ oneWire })"
        >sensor of one wire</ToggleInput
      >
      <ToggleInput
        v-if="motor"
        :model-value="w.swapped"
        :label="`${name}: motor’s wires swapped`"
        @update:model-value="(swapped) => set({ swapped })"
        >motor’s wires swapped</ToggleInput
      >
      <template v-if="device.kind === 'FAN'">
        <ToggleInput
          :model-value="w.otherSide"
          :label="`${name}: made for the other side`"
          @update:model-value="(otherSide) => set({ otherSide })"
          >made for the other side</ToggleInput
        >
        <ToggleInput
          :model-value="w.bladesTurned"
          :label="`${name}: blades turned round`"
          @update:model-value="(bladesTurned) => set({ bladesTurned })"
          >blades turned round</ToggleInput
        >
      </template>
    </div>
  </section>
</template>

<style scoped>
.device {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
header {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 8px;
  flex-wrap: wrap;
}
h3::first-letter {
  text-transform: uppercase;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.row:empty {
  display: none;
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
</style>
