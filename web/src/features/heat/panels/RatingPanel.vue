<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/store'
import { useComputed } from '@/job/useComputed'
import type { RatingResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, parse, restate, type QuantityName } from '@/shared/units/units'

/** What the rating on a box means on this truck and road. */
const job = useJob()
const kind = ref<'heat' | 'mass'>('heat')
const heat = ref('6 kW')
const difference = ref('')
const mass = ref('9000 kg')
const read = (text: string, quantity: QuantityName) => (text.trim() ? parse(text, quantity, unitWorld.value) : null)
const parsed = computed(() => ({ heat: read(heat.value, 'power'), difference: read(difference.value, 'difference'), mass: read(mass.value, 'mass') }))
const value = (p: ReturnType<typeof read>) => (p?.ok ? p.value : null)
const why = computed(() => {
  const p = kind.value === 'heat' ? (parsed.value.heat ?? { ok: false as const, why: 'Enter a number.' }) : (parsed.value.mass ?? { ok: false as const, why: 'Enter a number.' })
  if (!p.ok) return p.why
  const d = parsed.value.difference
  return kind.value === 'heat' && d && !d.ok ? d.why : ''
})
const { result, problem } = useComputed<RatingResult>('/api/compute/rating', () =>
  job.content && !why.value && {
    job: job.content,
    build: job.selected,
    heatKw: kind.value === 'heat' ? value(parsed.value.heat) : null,
    differenceK: kind.value === 'heat' ? value(parsed.value.difference) : null,
    massKg: kind.value === 'mass' ? value(parsed.value.mass) : null,
  },
)
</script>

<template>
  <div class="rating">
    <div class="choice" role="radiogroup" aria-label="What the box says">
      <button type="button" role="radio" :aria-checked="kind === 'heat'" @click="kind = 'heat'">a heat</button>
      <button type="button" role="radio" :aria-checked="kind === 'mass'" @click="kind = 'mass'">for up to a mass</button>
    </div>
    <div v-if="kind === 'heat'" class="fields">
      <label>The box says<input v-model="heat" aria-label="Rated heat" :aria-invalid="!!why" placeholder="20 000 BTU/h" /></label>
      <label>at oil over air by<input v-model="difference" aria-label="Rated difference" placeholder="not said" /></label>
    </div>
    <label v-else>For up to<input v-model="mass" aria-label="Rated mass" :aria-invalid="!!why" /></label>
    <p v-if="why" role="alert" class="why">{{ why }}</p>
    <p v-else-if="problem" role="alert" class="why">{{ restate(problem, unitWorld) }}</p>
    <div v-else-if="result" data-rating>
      <div class="figures">
        <div><span class="figure">{{ format(result.neededKw, 'power', unitWorld) }}</span><span class="small">must leave the oil here</span></div>
        <div v-if="result.claimedHereKw != null"><span class="figure">{{ format(result.claimedHereKw, 'power', unitWorld) }}</span><span class="small">the box, on this truck</span></div>
        <div v-if="kind === 'mass'"><span class="figure">{{ result.massHeldKg == null ? 'all it pulls' : format(result.massHeldKg, 'mass', unitWorld) }}</span><span class="small">this build holds here</span></div>
      </div>
      <ul><li v-for="r in result.reading" :key="r">{{ restate(r, unitWorld) }}</li></ul>
    </div>
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.rating { display: flex; flex-direction: column; gap: 12px; }
.rating .fields { grid-template-columns: 1fr 1fr; }
label { display: flex; flex-direction: column; gap: 2px; font-size: 14px; color: var(--ink-soft); }
input { min-height: 44px; border: 1px solid var(--rule); background: var(--paper); color: var(--ink); font: 600 20px/1 var(--rb-font-head); padding: 0 10px; width: 100%; }
.why { color: var(--over-ink); }
.figures { display: flex; gap: 24px; margin-bottom: 8px; }
.figures div { display: grid; gap: 2px; }
ul { margin: 0; padding: 0; list-style: none; display: grid; gap: 7px; }
li { border-left: 4px solid var(--accent); padding-left: 10px; }
</style>
