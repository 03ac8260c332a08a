<script setup lang="ts">
import { computed } from 'vue'
import type { WorkPlan } from '@/shared/api/types'
import { choiceWord } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** Who does the work, where, and by which school. */
const props = defineProps<{ plan: WorkPlan; refused: Record<string, string>; path: string }>()
const emit = defineEmits<{ change: [change: Partial<WorkPlan>] }>()
const field = <K extends keyof WorkPlan>(key: K) =>
  computed({
    get: () => props.plan[key],
    set: (value: WorkPlan[K]) => emit('change', { [key]: value } as Partial<WorkPlan>),
  })
const people = field('people')
const lift = field('lift')
const cold = field('comesCold')
const indoors = field('extracted')
const hours = field('dayHours')
const filling = field('filling')
const gasket = field('gasket')
const FILLINGS = (['FUNNEL', 'VACUUM', 'NECK', 'HEADER', 'HIGHEST'] as const).map((f) => [f, choiceWord(f)] as const)
const GASKETS = (['DRY', 'SEALED'] as const).map((g) => [g, choiceWord(g)] as const)
const PEOPLE = [
  [1, 'one person'],
  [2, 'two people'],
] as const
</script>

<template>
  <div class="settings">
    <ChoiceInput v-model="people" label="People" :choices="PEOPLE" small />
    <ToggleInput v-model="lift" label="On a lift">{{ lift ? 'on a lift' : 'on stands' }}</ToggleInput>
    <ToggleInput v-model="cold" label="Comes in cold">{{ cold ? 'comes in cold' : 'comes in warm' }}</ToggleInput>
    <ToggleInput v-model="indoors" label="Indoors">{{
      indoors ? 'indoors, exhaust drawn off' : 'outdoors'
    }}</ToggleInput>
    <PickInput v-model="filling" label="Coolant is filled by" :choices="FILLINGS" />
    <PickInput v-model="gasket" label="Housing is sealed with" :choices="GASKETS" />
    <QuantityInput
      v-model="hours"
      label="Hours in a day"
      quantity="count"
      :step="1"
      :error="refused[`${path}.dayHours`]"
      class="hours"
    />
  </div>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
}
.settings > .pick {
  width: 160px;
}
.hours {
  width: 100px;
}
</style>
