<script setup lang="ts">
import { computed } from 'vue'
import type { MountingResult } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** Whether a set of brackets holds its core: what it shakes at, and what a shock does to it. */
const props = defineProps<{
  held: NonNullable<MountingResult['holding']>
  rods: MountingResult['rods']
  rough: boolean
}>()
const stress = computed(() => (props.rough ? props.held.roughStressMpa : props.held.stressMpa))
const kg = (v: number) => format(v, 'mass', unitWorld.value, 2)
const mm = (v: number) => format(v, 'size', unitWorld.value)
const mpa = (v: number) => format(v, 'stress', unitWorld.value)
</script>

<template>
  <div class="held" data-held>
    <div :class="{ bad: held.frequencyHz < held.leastHz }">
      <p class="big">{{ format(held.frequencyHz, 'frequency', unitWorld) }}</p>
      <p class="small soft">
        shakes at; the road drives what is under {{ format(held.leastHz, 'frequency', unitWorld, 0) }}
      </p>
    </div>
    <div :class="{ bad: stress > held.mostMpa }">
      <p class="big">{{ mpa(stress) }}</p>
      <p class="small soft">at the worst root under {{ rough ? 8 : 5 }} g; {{ mpa(held.mostMpa) }} lasts</p>
    </div>
    <p v-for="f in held.findings" :key="f.code" class="finding">{{ say(f, unitWorld) }}.</p>
    <details v-if="rods" class="rods" data-rods>
      <summary>Rods through the cores instead: {{ rods.risks.length }} risks</summary>
      <p class="small soft">
        Four rods of {{ mm(rods.lengthMm) }} and pads: quick, no holes in the body. What it shakes at and how long it
        lasts no source tells.
      </p>
      <ul>
        <li v-for="r in rods.risks" :key="r.code">{{ say(r, unitWorld) }}.</li>
      </ul>
    </details>
    <details class="small">
      <summary>Show the working</summary>
      <p>
        {{ held.brackets }} brackets under {{ kg(held.emptyKg)
        }}{{ held.assumed ? ' (assumed of its size, ± 25 %)' : ' (its sheet)' }} and {{ kg(held.oilKg) }} of oil.
      </p>
      <p>f = √(Σk/m)/2π, k = 3·E·I/L³, I = b·t³/12; a rubber’s stiffness in series.</p>
      <p>σ = F·L·(t/2)/I, F the bracket’s share of m·a by its stiffness; half of yield lasts.</p>
      <p>Straight cantilevers of the strip’s length between its holes (Euler and Bernoulli): a real set is softer.</p>
    </details>
  </div>
</template>

<style scoped>
.held {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.held > div {
  border-left: 6px solid var(--holds);
  padding-left: 10px;
}
.held > div.bad {
  border-left-color: var(--over);
}
.big {
  font: 600 36px/1 var(--rb-font-head);
  white-space: nowrap;
}
.finding {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 8px 10px;
}
.rods {
  border-top: 1px solid var(--rule-soft);
  padding-top: 8px;
}
.rods ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
.rods li {
  padding: 6px 0 6px 10px;
  border-left: 6px solid var(--marginal);
  margin-bottom: 4px;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
}
</style>
