<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { LiveNow } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What whoever drives the simulated truck can do; and what can be wrong with its gauge. */
const props = defineProps<{ now: LiveNow }>()
const emit = defineEmits<{ ask: [string] }>()
/** As it was set out with, and asked since. */
const rate = useStorage('rb-gauge-rate', 5)
const held = ref(false)
const RATES = [1, 5, 10, 30]
const wheel = computed(() => props.now.wheel)
const fan = () => emit('ask', `wheel fan=${wheel.value.fanFull ? 0 : 1}`)
const air = () => emit('ask', `wheel ac=${props.now.airConditioning ? 0 : 1}`)
const rest = () => emit('ask', `wheel rest=${props.now.resting ? 0 : 1}`)
const gear = (by: number) =>
  emit('ask', `wheel gear=${Math.max(1, Math.min(18, (wheel.value.gear || props.now.gear || 1) + by))}`)
const STEP = 10
function limit(by: number) {
  const from = wheel.value.fastestKmh || Math.round((props.now.speedKmh ?? 80) / STEP) * STEP
  emit('ask', `wheel fastest=${Math.max(STEP, Math.min(130, Math.round(from + by)))}`)
}
function times(r: number) {
  rate.value = r
  emit('ask', `rate ${r}`)
}
function stand() {
  held.value = !held.value
  emit('ask', held.value ? 'hold' : 'go')
}
const FAULTS = [
  ['fault noise 1.5', 'noise'],
  ['fault dropout 0.3', 'drop-outs'],
  ['fault units', 'pan in °F'],
  ['fault stuck coolant', 'coolant stuck'],
  ['fault core 0.6', 'chaff over the cores'],
  ['fault cut', 'cut the line'],
  ['fault none', 'all well again'],
] as const
const wrong = ref(false)
</script>

<template>
  <section class="wheel" aria-label="At the wheel" data-wheel>
    <div class="group">
      <button type="button" class="key" :aria-pressed="wheel.fanFull" data-fan @click="fan">Fan full</button>
      <button type="button" class="key" :aria-pressed="!!now.airConditioning" data-air @click="air">
        Air conditioning
      </button>
      <button type="button" class="key" :aria-pressed="now.resting" data-rest @click="rest">
        {{ now.resting ? 'Go on' : 'Rest here' }}
      </button>
    </div>
    <div class="group" role="group" aria-label="Gear">
      <button type="button" class="key" aria-label="A gear lower" @click="gear(-1)">−</button>
      <button type="button" class="key wide" :aria-pressed="wheel.gear > 0" @click="emit('ask', 'wheel gear=0')">
        {{ wheel.gear ? `no higher than ${wheel.gear}` : 'any gear' }}
      </button>
      <button type="button" class="key" aria-label="A gear higher" @click="gear(1)">+</button>
    </div>
    <div class="group" role="group" aria-label="Speed">
      <button type="button" class="key" aria-label="Slower" data-slower @click="limit(-STEP)">−</button>
      <button
        type="button"
        class="key wide"
        :aria-pressed="wheel.fastestKmh > 0"
        @click="emit('ask', 'wheel fastest=0')"
      >
        {{
          wheel.fastestKmh ? `no faster than ${format(wheel.fastestKmh, 'speed', unitWorld, 0)}` : 'as the road goes'
        }}
      </button>
      <button type="button" class="key" aria-label="Faster" @click="limit(STEP)">+</button>
    </div>
    <div class="group" role="group" aria-label="Time">
      <button
        v-for="r in RATES"
        :key="r"
        type="button"
        class="key"
        :aria-pressed="rate === r"
        :data-rate="r"
        @click="times(r)"
      >
        {{ r }} ×
      </button>
      <button type="button" class="key" :aria-pressed="held" @click="stand">{{ held ? 'Go' : 'Hold' }}</button>
    </div>
    <div class="group">
      <button type="button" class="key" :aria-expanded="wrong" data-wrong @click="wrong = !wrong">Gauge faults</button>
      <template v-if="wrong">
        <button v-for="[line, label] in FAULTS" :key="line" type="button" class="key" @click="emit('ask', line)">
          {{ label }}
        </button>
      </template>
    </div>
  </section>
</template>

<style scoped>
.wheel {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
}
.group {
  display: flex;
  gap: 4px;
  flex-wrap: wrap;
}
.key {
  min-height: 52px;
  min-width: 52px;
  padding: 0 14px;
  border: 1.5px solid var(--ink);
  background: var(--paper);
  color: var(--ink);
  font: 600 18px/1 var(--rb-font-head);
  cursor: pointer;
}
.key.wide {
  min-width: 170px;
}
.key[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
</style>
