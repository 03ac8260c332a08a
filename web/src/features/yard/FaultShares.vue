<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { CheckCatalogue, FaultWeights } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** How often the yard meets each fault, of a hundred trucks that come in hot; null leaves that to what ships. */
const weights = defineModel<FaultWeights | null>({ required: true })
const catalogue = shallowRef<CheckCatalogue | null>(null)
onMounted(async () => (catalogue.value = await api.get<CheckCatalogue>('/api/checks')))
const now = computed(() => weights.value ?? catalogue.value?.shipped ?? null)
const set = (fault: string, share: number | null) =>
  share !== null && now.value && (weights.value = { ...now.value, faults: { ...now.value.faults, [fault]: share } })
</script>

<template>
  <details>
    <summary>How often each fault is met</summary>
    <p class="small soft">
      Of a hundred trucks that come in hot. What ships is our own judgement; nobody has counted. The checks are put in
      order by it.
    </p>
    <div v-if="now && catalogue" class="shares">
      <QuantityInput
        label="nothing wrong, too small"
        quantity="count"
        :model-value="now.none"
        @update:model-value="(v) => v !== null && now && (weights = { ...now, none: v })"
      />
      <QuantityInput
        v-for="f in catalogue.faults"
        :key="f"
        :label="word(`fault.${camel(f)}`)"
        quantity="count"
        :model-value="now.faults[f] ?? 0"
        @update:model-value="(v) => set(f, v)"
      />
    </div>
    <button v-if="weights" type="button" class="act" @click="weights = null">As it ships</button>
  </details>
</template>

<style scoped>
summary {
  font: 600 17px/1.4 var(--rb-font-head);
  min-height: 44px;
  align-content: center;
  cursor: pointer;
}
.shares {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 14px;
  max-height: 320px;
  overflow-y: auto;
  margin: 8px 0;
}
</style>
