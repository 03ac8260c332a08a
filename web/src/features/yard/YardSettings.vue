<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import type { ApiProblem } from '@/shared/api/client'
import type { FaultWeights, Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import FaultShares from './FaultShares.vue'
import { currencies, loadYard, saveYard, yard } from '@/shared/ui/yard'

/** What the yard is called, in which money its prices are, and how often it meets which fault. */
const open = defineModel<boolean>({ required: true })
const name = ref('')
const currency = ref('')
const weights = shallowRef<FaultWeights | null>(null)
const rate = ref<number | null>(0)
const tax = ref<number | null>(0)
const consumables = ref<number | null>(0)
const problem = shallowRef<Said[]>([])

watch(open, (now) => {
  problem.value = []
  if (now) read()
})
function read() {
  name.value = yard.value?.name ?? ''
  currency.value = yard.value?.currency ?? ''
  weights.value = yard.value?.faultWeights ?? null
  rate.value = yard.value?.hourlyRate ?? 0
  tax.value = yard.value?.taxPercent ?? 0
  consumables.value = yard.value?.consumablesPercent ?? 0
}

async function save() {
  problem.value = []
  try {
    if (!yard.value) await loadYard()
    await saveYard({
      ...yard.value!,
      name: name.value,
      currency: currency.value,
      faultWeights: weights.value,
      hourlyRate: rate.value ?? 0,
      taxPercent: tax.value ?? 0,
      consumablesPercent: consumables.value ?? 0,
    })
    open.value = false
  } catch (e) {
    const refused = e as ApiProblem
    problem.value = refused.said
    if (refused.status === 409) {
      await loadYard().catch(() => {})
      read()
    }
  }
}
</script>

<template>
  <el-dialog v-model="open" title="The yard" width="460px">
    <form class="fields" @submit.prevent="save">
      <label>Name, as it stands on the sheets <input v-model="name" class="entry" maxlength="60" /></label>
      <PickInput
        v-model="currency"
        label="Money that all prices are in"
        filterable
        :choices="currencies().map((c) => [c.code, `${c.code} · ${c.name}`] as const)"
      />
      <p class="small soft">A change of the money converts no price of the catalogue.</p>
      <div class="rates">
        <QuantityInput v-model="rate" label="An hour of labour" quantity="count" :step="5" />
        <QuantityInput v-model="tax" label="Tax" quantity="percent" :step="1" />
        <QuantityInput v-model="consumables" label="Consumables, of the parts" quantity="percent" :step="1" />
      </div>
      <FaultShares v-if="open" v-model="weights" />
      <p v-if="problem.length" role="alert" class="bad">{{ problem.map((s) => say(s, unitWorld)).join('; ') }}</p>
      <div class="ends">
        <button type="button" class="act" @click="open = false">Leave as it was</button>
        <button type="submit" class="act main">Save</button>
      </div>
    </form>
  </el-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
}
label {
  display: grid;
  gap: 4px;
  color: var(--ink-soft);
}
.rates {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: end;
  gap: 10px;
}
.bad {
  color: var(--over-ink);
}
.ends {
  display: flex;
  gap: 10px;
  justify-content: flex-end;
}
</style>
