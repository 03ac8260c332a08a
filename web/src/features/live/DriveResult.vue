<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { DriveResult } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import DataTable from '@/shared/ui/DataTable.vue'
import { format } from '@/shared/units/units'
import { clockOf } from './live'

/** What the drive came to, beside the same road driven as usual and at its best. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ close: [] }>()
const result = shallowRef<DriveResult | null>(null)
const problem = ref('')
onMounted(async () => {
  try {
    // What came last is kept within a second.
    await new Promise((resolve) => setTimeout(resolve, 1200))
    result.value = await api.get<DriveResult>(`/api/live/${props.id}/score`)
  } catch (e) {
    problem.value = refusal(e)
  }
})
const columns = computed(
  () =>
    [
      { key: 'who', label: 'Drive' },
      { key: 'over', label: 'Over a limit', figure: true },
      { key: 'time', label: 'Time', figure: true },
      { key: 'loud', label: 'Fan loud', figure: true },
      { key: 'room', label: 'Least room', figure: true },
      { key: 'oil', label: `Oil aged, h at ${format(80, 'temperature', unitWorld.value, 0)}`, figure: true },
    ] as const,
)
type Score = NonNullable<DriveResult['usual']>
const row = (who: string, s: Score | null | undefined) =>
  s
    ? {
        who,
        over: s.overS < 1 ? 'never' : clockOf(s.overS),
        time: clockOf(s.seconds),
        loud: clockOf(s.loudS),
        room: format(s.headroomK, 'difference', unitWorld.value, 1),
        oil: s.oilLifeH.toFixed(1),
      }
    : { who, over: 'does not get there', time: '', loud: '', room: '', oil: '' }
const best = computed(() => {
  const r = result.value
  if (!r?.act) return 'At its best: nothing done'
  return `At its best: ${say(r.act, unitWorld.value)} from ${format(r.fromKm, 'distance', unitWorld.value, 1)}`
})
const part = computed(() => !!result.value && result.value.kmDriven < 0.95 * result.value.roadKm)
</script>

<template>
  <section class="panel result" role="dialog" aria-label="What it came to" data-result>
    <header>
      <h2>What it came to</h2>
      <button type="button" class="act" @click="emit('close')">Close</button>
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!result && !problem" class="soft">Driving the same road in a hundred and twenty other ways …</p>
    <template v-if="result">
      <DataTable
        label="Drives beside each other"
        :columns="columns"
        :rows="[row('Yours', result.driven), row('Nobody does anything', result.usual), row(best, result.best)]"
      />
      <p v-if="part" class="soft">
        Yours is {{ format(result.kmDriven, 'distance', unitWorld, 1) }} of
        {{ format(result.roadKm, 'distance', unitWorld, 1) }}; the others are all of it.
      </p>
    </template>
  </section>
</template>

<style scoped>
.result {
  position: fixed;
  left: 50%;
  top: 90px;
  transform: translateX(-50%);
  width: min(1000px, 94vw);
  z-index: 20;
  border: 2px solid var(--ink);
  display: grid;
  gap: 10px;
}
.result > header {
  justify-content: space-between;
  margin: 0;
}
</style>
