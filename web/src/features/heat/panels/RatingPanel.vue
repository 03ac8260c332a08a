<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { RatingResult } from '@/shared/api/types'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What the rating on a box means on this truck and road. */
const job = useJob()
const kind = ref<'heat' | 'mass'>('heat')
const heat = ref<number | null>(6)
const difference = ref<number | null>(null)
const mass = ref<number | null>(9000)
const { result, problem, refused } = useComputed<RatingResult>(
  '/api/compute/rating',
  () =>
    job.content &&
    (kind.value === 'heat' ? heat.value : mass.value) != null && {
      job: job.content,
      build: job.selected,
      heatKw: kind.value === 'heat' ? heat.value : null,
      differenceK: kind.value === 'heat' ? difference.value : null,
      massKg: kind.value === 'mass' ? mass.value : null,
    },
)
const atField = computed(() => !!(refused.value.heatKw || refused.value.differenceK || refused.value.massKg))
</script>

<template>
  <div class="rating">
    <ChoiceInput
      v-model="kind"
      label="What the box says"
      :choices="[
        ['heat', 'a heat'],
        ['mass', 'for up to a mass'],
      ]"
    />
    <div v-if="kind === 'heat'" class="fields">
      <QuantityInput
        v-model="heat"
        label="The box says"
        quantity="power"
        placeholder="20 000 BTU/h"
        :error="refused.heatKw"
        big
      />
      <QuantityInput
        v-model="difference"
        label="at oil over air by"
        quantity="difference"
        placeholder="not said"
        :error="refused.differenceK"
        optional
        big
      />
    </div>
    <QuantityInput v-else v-model="mass" label="For up to" quantity="mass" :step="100" :error="refused.massKg" big />
    <p v-if="problem && !atField" role="alert" class="why">{{ problem }}</p>
    <div v-if="result && !problem" data-rating>
      <div class="figures">
        <div>
          <span class="figure">{{ format(result.neededKw, 'power', unitWorld) }}</span><span class="small"
            >must leave the oil here</span
          >
        </div>
        <div v-if="result.claimedHereKw != null">
          <span class="figure">{{ format(result.claimedHereKw, 'power', unitWorld) }}</span><span class="small"
            >the box, on this truck</span
          >
        </div>
        <div v-if="kind === 'mass'">
          <span class="figure">{{
            result.massHeldKg == null ? 'all it pulls' : format(result.massHeldKg, 'mass', unitWorld)
          }}</span><span class="small">this build holds here</span>
        </div>
      </div>
      <ul>
        <li v-for="r in result.reading" :key="r.code">{{ say(r, unitWorld) }}</li>
      </ul>
    </div>
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.rating {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.rating .fields {
  grid-template-columns: 1fr 1fr;
}
.why {
  color: var(--over-ink);
}
.figures {
  display: flex;
  gap: 24px;
  margin-bottom: 8px;
}
.figures div {
  display: grid;
  gap: 2px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 7px;
}
li {
  border-left: 4px solid var(--accent);
  padding-left: 10px;
}
</style>
