<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { ref } from 'vue'
import type { LiveNow } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What whoever drives the simulated truck can do; and what can be wrong with its gauge. */
const props = defineProps<{ now: LiveNow }>()
const emit = defineEmits<{ ask: [string] }>()
const fan = ref(false)
const gear = ref(0)
const fastest = ref(0)
/** As it was set out with, and asked since. */
const rate = useStorage('rb-gauge-rate', 5)
const held = ref(false)
const RATES = [1, 5, 10, 30]
function toggleFan() {
  fan.value = !fan.value
  emit('ask', `wheel fan=${fan.value ? 1 : 0}`)
}
const air = () => emit('ask', `wheel ac=${props.now.airConditioning ? 0 : 1}`)
const rest = () => emit('ask', `wheel rest=${props.now.resting ? 0 : 1}`)
function hold(by: number) {
  gear.value = Math.max(1, Math.min(18, (gear.value || props.now.gear || 1) + by))
  emit('ask', `wheel gear=${gear.value}`)
}
function free() {
  gear.value = 0
  emit('ask', 'wheel gear=0')
}
const STEP = 10
function limit(by: number) {
  const from = fastest.value || Math.round((props.now.speedKmh ?? 80) / STEP) * STEP
  fastest.value = Math.max(STEP, Math.min(130, from + by))
  emit('ask', `wheel fastest=${fastest.value}`)
}
function anySpeed() {
  fastest.value = 0
  emit('ask', 'wheel fastest=0')
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
      <button type="button" class="key" :aria-pressed="fan" data-fan @click="toggleFan">Fan full</button>
      <button type="button" class="key" :aria-pressed="!!now.airConditioning" data-air @click="air">
        Air conditioning
      </button>
      <button type="button" class="key" :aria-pressed="now.resting" data-rest @click="rest">
        {{ now.resting ? 'Go on' : 'Rest here' }}
      </button>
    </div>
    <div class="group" role="group" aria-label="Gear">
      <button type="button" class="key" aria-label="A gear lower" @click="hold(-1)">−</button>
      <button type="button" class="key wide" :aria-pressed="gear > 0" @click="free">
        {{ gear ? `no higher than ${gear}` : 'any gear' }}
      </button>
      <button type="button" class="key" aria-label="A gear higher" @click="hold(1)">+</button>
    </div>
    <div class="group" role="group" aria-label="Speed">
      <button type="button" class="key" aria-label="Slower" data-slower @click="limit(-STEP)">−</button>
      <button type="button" class="key wide" :aria-pressed="fastest > 0" @click="anySpeed">
        {{ fastest ? `no faster than ${format(fastest, 'speed', unitWorld, 0)}` : 'as the road goes' }}
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
