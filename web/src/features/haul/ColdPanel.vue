<script setup lang="ts">
import { computed, ref } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { ColdRow } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { clock } from '@/shared/ui/clock'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** Stood overnight and driven off on the level: how soon the oil is warm, by each way of it. */
const job = useJob()
const ambient = ref<number | null>(-20)
const { result, problem, queueing, older, refused } = useComputed<ColdRow[]>(
  '/api/compute/cold-morning',
  () => !job.dragging && { job: job.content, build: job.selected, ambientC: ambient.value },
)
const camel = (code: string) => code.toLowerCase().replace(/_(.)/g, (_, c: string) => c.toUpperCase())
const ways = computed(() =>
  (result.value ?? []).map((row) => ({
    ...row,
    name:
      [
        row.tank && word(`coldMorningTank.${camel(row.tank)}`),
        row.bypass && word(`coldMorningValve.${camel(row.bypass)}`),
      ]
        .filter(Boolean)
        .join(', ') || 'as it is',
  })),
)
const soonest = computed(() => Math.min(...ways.value.map((w) => w.to40S ?? Infinity)))
const after = (s: number | null) => (s === null ? 'over an hour' : clock(s))
</script>

<template>
  <div class="cold">
    <QuantityInput
      v-model="ambient"
      label="The morning is"
      quantity="temperature"
      :step="5"
      big
      :error="refused.ambientC"
    />
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!result" class="soft">{{ queueing || 'Driving off cold, every way of the oil …' }}</p>
    <ul :class="{ older }" data-cold>
      <li v-for="w in ways" :key="w.name" :class="{ own: w.own }">
        <p>
          <b>{{ w.name }}</b> <span v-if="w.own" class="small">as {{ job.build.name }} has it</span>
        </p>
        <dl>
          <div>
            <dt>pan {{ format(40, 'temperature', unitWorld, 0) }}</dt>
            <dd :class="{ best: w.to40S !== null && w.to40S === soonest }">{{ after(w.to40S) }}</dd>
          </div>
          <div>
            <dt>pan {{ format(60, 'temperature', unitWorld, 0) }}</dt>
            <dd>{{ after(w.to60S) }}</dd>
          </div>
          <div>
            <dt>cab warms</dt>
            <dd>{{ after(w.coolantTo70S) }}</dd>
          </div>
          <div>
            <dt>pan in an hour</dt>
            <dd>{{ format(w.panAfterAnHourC, 'temperature', unitWorld, 0) }}</dd>
          </div>
          <div>
            <dt>lines at first</dt>
            <dd>{{ format(w.firstKpa, 'pressure', unitWorld, 0) }}</dd>
          </div>
        </dl>
      </li>
    </ul>
    <p class="small soft">
      On the level at {{ format(60, 'speed', unitWorld) }}, all as cold as the air at first, heater by the weather. An
      oil cooler in the outlet tank cools the oil until the thermostat opens; only coolant from the engine warms it, and
      the cab waits for that. A thermal bypass is taken as open at {{ format(80, 'temperature', unitWorld, 0) }} where
      its part does not say.
    </p>
  </div>
</template>

<style scoped>
.cold {
  display: grid;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
}
li {
  border-top: 1px solid var(--rule);
  padding: 7px 0;
}
li.own {
  border-left: 5px solid var(--accent);
  padding-left: 9px;
}
b {
  font: 600 17px/1.1 var(--rb-font-head);
}
b::first-letter {
  text-transform: uppercase;
}
dl {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 2px 10px;
  margin: 3px 0 0;
}
dt {
  color: var(--ink-soft);
  font-size: 14px;
}
dd {
  margin: 0;
  font: 600 17px/1.1 var(--rb-font-head);
}
.best {
  color: var(--holds-ink);
}
.older {
  opacity: 0.5;
}
</style>
