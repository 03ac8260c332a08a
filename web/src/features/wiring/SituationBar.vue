<script setup lang="ts">
import { computed } from 'vue'
import type { WiringResult, WiringSituation } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { KEYS, warmths } from './wiring'

/** What the circuit is asked in: key, temperatures, air conditioning, the driver's own switch. */
const props = defineProps<{ result: WiringResult }>()
const at = defineModel<WiringSituation>({ required: true })
const keys = KEYS.map((k) => [k, word(`key.${camel(k)}`)] as const)
const t = (v: number) => format(v, 'temperature', unitWorld.value, 0)
/** Just the temperatures that make a difference, coolant and oil each. */
const coolants = computed(() => [...new Set(warmths(props.result.states).map((w) => w.coolantC))])
const oils = computed(() => [...new Set(warmths(props.result.states).map((w) => w.oilC))])
const step = (list: number[], v: number) => [...list].reverse().find((x) => v >= x) ?? list[0]!
const word0 = (list: number[], v: number) => (v === list[0] ? 'cold' : `from ${t(v)}`)
const set = (change: Partial<WiringSituation>) => (at.value = { ...at.value, ...change })
const asks = (what: 'airConditioning' | 'driver') => props.result.states.some((s) => s.situation[what])
</script>

<template>
  <div class="situation" data-situation>
    <ChoiceInput
      :model-value="at.key"
      label="Key"
      :choices="keys"
      small
      @update:model-value="(key) => set({ key: key! })"
    />
    <ChoiceInput
      v-if="coolants.length > 1"
      :model-value="step(coolants, at.coolantC)"
      label="Coolant"
      :choices="coolants.map((c) => [c, word0(coolants, c)] as const)"
      small
      @update:model-value="(c) => set({ coolantC: c! })"
    />
    <ChoiceInput
      v-if="oils.length > 1"
      :model-value="step(oils, at.oilC)"
      label="Oil"
      :choices="oils.map((c) => [c, `oil ${word0(oils, c)}`] as const)"
      small
      @update:model-value="(c) => set({ oilC: c! })"
    />
    <div class="asks">
      <ToggleInput
        v-if="asks('airConditioning')"
        :model-value="at.airConditioning"
        label="Air conditioning asked for"
        @update:model-value="(on) => set({ airConditioning: on })"
        >cold air asked for</ToggleInput
      >
      <ToggleInput
        v-if="asks('driver')"
        :model-value="at.driver"
        label="Driver’s switch on"
        @update:model-value="(on) => set({ driver: on })"
        >driver’s switch</ToggleInput
      >
    </div>
  </div>
</template>

<style scoped>
.situation {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.situation :deep(.choice) {
  flex: 1 1 auto;
}
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
