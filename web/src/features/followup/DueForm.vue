<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { FollowUpData, FollowUpKind } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import TextInput from '@/shared/ui/TextInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { format } from '@/shared/units/units'

/** What is looked at, and when that is due; whichever of them comes first. */
const props = defineProps<{ start: FollowUpData; kinds?: FollowUpKind[]; problem: string }>()
const emit = defineEmits<{ keep: [FollowUpData]; close: [] }>()
const copy = (d: FollowUpData): FollowUpData => JSON.parse(JSON.stringify(d))
const data = reactive(copy(props.start))
const bad = ref('')
function choose(id: string | undefined) {
  const kind = props.kinds?.find((k) => k.id === id)
  if (kind)
    Object.assign(data, copy({ ...data, kind: kind.id, title: kind.title, every: kind.every, again: kind.again }))
  else data.kind = null
}
const COUNTS = [
  ['days', 'Days'],
  ['heatCycles', 'Heat cycles'],
  ['hauls', 'Hauls'],
] as const
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
function season(month: number) {
  const has = data.every.seasonMonths.includes(month)
  data.every.seasonMonths = has
    ? data.every.seasonMonths.filter((m) => m !== month)
    : [...data.every.seasonMonths, month].sort((a, b) => a - b)
}
const whole = (v: number | null) => (v == null ? null : Math.round(v))
function keep() {
  bad.value = data.title.trim() ? '' : 'It needs a name.'
  if (!bad.value) emit('keep', copy(data))
}
</script>

<template>
  <section class="panel form" data-due-form>
    <PickInput
      v-if="kinds"
      :model-value="data.kind ?? 'own'"
      label="What"
      :choices="[...kinds.map((k) => [k.id, k.title] as const), ['own', 'something else']]"
      @update:model-value="choose"
    />
    <NameInput v-model="data.title" label="Called" :most="120" />
    <label class="small soft">Counted since<input v-model="data.since" type="date" class="entry" /></label>
    <p class="small soft wide">Due by whichever comes first; what is empty does not count.</p>
    <QuantityInput
      v-for="[key, label] in COUNTS"
      :key="key"
      :model-value="data.every[key] ?? null"
      :label="label"
      quantity="count"
      optional
      @update:model-value="data.every[key] = whole($event)"
    />
    <QuantityInput v-model="data.every.distanceKm" label="Distance" quantity="distance" optional />
    <QuantityInput
      v-model="data.every.oilLifeH"
      :label="`Oil life, hours at ${format(80, 'temperature', unitWorld, 0)}`"
      quantity="count"
      optional
    />
    <ToggleInput v-model="data.again" label="comes again each time" />
    <div class="wide months" role="group" aria-label="At the beginning of">
      <span class="small soft">At the beginning of</span>
      <button
        v-for="(m, i) in MONTHS"
        :key="m"
        type="button"
        class="act month"
        :aria-pressed="data.every.seasonMonths.includes(i + 1)"
        @click="season(i + 1)"
      >
        {{ m }}
      </button>
    </div>
    <TextInput
      :model-value="data.note"
      label="What to look at"
      :most="600"
      optional
      class="wide"
      @update:model-value="data.note = $event ?? ''"
    />
    <p v-if="bad || problem" role="alert" class="refused wide">{{ bad || problem }}</p>
    <p class="wide row">
      <button type="button" class="act main" data-keep-due @click="keep">Keep it</button>
      <button type="button" class="act" @click="emit('close')">Not now</button>
    </p>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 14px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.months,
.row {
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
  align-items: center;
}
.month {
  padding: 0 10px;
}
.month[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
</style>
