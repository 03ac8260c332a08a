<script setup lang="ts">
import { computed } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import { useShelf } from '@/features/parts/useShelf'
import type { Bracket, RadiatorFit, RadiatorPart } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import PickInput from '@/shared/ui/PickInput.vue'
import { bench } from '../bench'
import OrderSheet from './OrderSheet.vue'
import PlatePanel from './PlatePanel.vue'
import RadiatorDrawing from './RadiatorDrawing.vue'
import SeatPanel from './SeatPanel.vue'

/** A radiator from the shelf held against this truck: what fits, what is made or bought for it, what carries over. */
const job = useJob()
const shelf = useShelf<RadiatorPart>('radiators')
const { result, problem } = useComputed<RadiatorFit>('/api/compute/radiator', () => ({
  job: job.content,
  build: job.selected,
}))
const part = computed(() => job.build.radiator)
const OWN = 'own'
const choices = computed(() => {
  const codes = shelf.value.map((p) => [p.code, p.name] as const)
  const chosen = part.value
  const gone = chosen && !codes.some(([code]) => code === chosen.code)
  return [[OWN, 'keeps the truck’s own'] as const, ...(gone ? [[chosen.code, chosen.name] as const] : []), ...codes]
})
const chosen = computed({
  get: () => part.value?.code ?? OWN,
  set: (code: string) => {
    if (code === part.value?.code) return
    job.edit(`builds.${job.selected}.radiator`, shelf.value.find((p) => p.code === code) ?? null)
  },
})
const count = (state: string) => result.value?.rows.filter((r) => r.state === state).length ?? 0

const { working, failed, ask } = useAsked()
const held = computed(() => job.build.mounting.brackets.some((b) => b.tie?.cooler === 'radiator'))
const missing = computed(() => result.value?.rows.some((r) => r.what === 'TOPS' && r.state === 'MAKE') ?? false)
function bend() {
  void ask<Bracket[]>('/api/compute/radiator-brackets', {}, (made) => {
    if (!made.length) {
      failed.value = 'No plain strip goes between these holes: washers, or a plate with both holes in it.'
      return
    }
    const others = job.build.mounting.brackets.filter((b) => b.tie?.cooler !== 'radiator')
    job.edit(`builds.${job.selected}.mounting.brackets`, [...others, ...made])
    bench.value = 'brackets'
  })
}
const fates = computed(() => {
  const groups = new Map<string, string[]>()
  for (const c of result.value?.carried ?? []) {
    const items = groups.get(c.fate) ?? []
    groups.set(c.fate, [...items, word(`carriedOverItem.${camel(c.item)}`)])
  }
  return [...groups]
})
</script>

<template>
  <div class="radiator-bench" :data-ready="result ? 'true' : undefined">
    <section class="panel">
      <header>
        <h2>Radiator</h2>
        <PickInput
          v-model="chosen"
          class="choose"
          :label="`Radiator of ${job.build.name}`"
          :choices="choices"
          filterable
        />
      </header>
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
      <RadiatorDrawing v-if="result && !part" :fit="result" :seat="job.content.nose.radiator" />
      <template v-if="result && part">
        <p class="verdict" data-verdict :class="{ over: count('WRONG') }">
          <b>{{ count('WRONG') ? 'Does not go in like this' : count('ASK') ? 'Not known yet' : 'Goes in' }}</b>
          <span
            >{{ count('FITS') }} fit as they are · {{ count('MAKE') }} to make or buy · {{ count('WRONG') }} wrong ·
            {{ count('ASK') }} to ask</span
          >
        </p>
        <RadiatorDrawing :fit="result" :seat="job.content.nose.radiator" />
        <OrderSheet :rows="result.rows" />
        <div v-if="missing" class="mend">
          <button type="button" class="act" :disabled="working || !result.bracketed" data-tops @click="bend">
            {{ held ? 'Bend the upper brackets anew' : 'Bend a bracket for each upper hole' }}
          </button>
          <p v-if="failed" role="alert" class="refused">{{ failed }}</p>
        </div>
        <PlatePanel v-if="result.plates.length" :plates="result.plates" />
        <section v-if="result.bought.length" data-bought>
          <h3>To buy with it</h3>
          <ul class="plain">
            <li v-for="b in result.bought" :key="say(b, unitWorld)">{{ say(b, unitWorld) }}</li>
          </ul>
        </section>
        <section data-carried>
          <h3>From the old one</h3>
          <dl class="fates">
            <template v-for="[fate, items] in fates" :key="fate">
              <dt>{{ word(`carriedOverFate.${camel(fate)}`) }}</dt>
              <dd>{{ items.join(', ') }}</dd>
            </template>
          </dl>
          <p class="small soft">
            Moved on the bench before the new one goes in. Bolts shared with latch, horn, bottle or battery tray: look
            twice. Two people lift it.
          </p>
        </section>
      </template>
      <p v-else-if="!problem && part" class="soft" role="status">Holding it against this truck …</p>
      <p v-else-if="!problem" class="soft" data-own>
        {{ job.build.name }} keeps the truck’s own radiator. Choose another from the shelf to hold it against this
        truck; what is round the old one can be measured meanwhile.
      </p>
    </section>
    <SeatPanel />
  </div>
</template>

<style scoped>
.radiator-bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.panel > header {
  margin: 0;
}
.choose {
  flex: 1;
  max-width: 420px;
}
.verdict {
  margin: 0;
  padding: 8px 12px;
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 14px;
  border-left: 6px solid var(--marginal);
  background: var(--rule-soft);
}
.verdict b {
  font: 600 24px/1.1 var(--rb-font-head);
}
.verdict.over {
  border-left-color: var(--over);
  background: var(--over-wash);
}
.mend {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: flex-start;
}
.plain {
  margin: 0;
  padding-left: 20px;
}
.fates {
  margin: 0 0 6px;
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 4px 12px;
}
.fates dt {
  font: 600 17px/1.2 var(--rb-font-head);
}
.fates dd {
  margin: 0;
}
@media (max-width: 1000px) {
  .radiator-bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
