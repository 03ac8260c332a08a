<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDocument } from '@/job/document'
import { newId } from '@/job/paths'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { FollowUp, TruckUse, TruckUseEdit } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { dateOf } from '@/shared/ui/time'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { format } from '@/shared/units/units'
import { amount, today } from './due'

/** How the truck is used while nobody records it: from this, its drives and its odometer the days are reckoned. */
const props = defineProps<{ edit: TruckUseEdit; followUps: FollowUp[] }>()
const emit = defineEmits<{ saved: [] }>()
const document = useDocument()
const use = computed(() => props.edit.use)
const problem = ref('')
const USUAL = [
  ['kmPerWeek', 'A week', 'distance'],
  ['startsPerWeek', 'Cold starts a week', 'count'],
  ['haulsPerMonth', 'Hauls a month', 'count'],
  ['haulKm', 'A haul is', 'distance'],
] as const
async function save(change: Partial<TruckUse>) {
  try {
    await api.put(`/api/jobs/${document.jobId}/truck-use`, {
      version: props.edit.version,
      use: { ...use.value, ...change },
    })
    problem.value = ''
  } catch (e) {
    problem.value = refusal(e)
  }
  emit('saved')
}
const km = ref<number | null>(null)
async function read() {
  if (km.value == null) return
  const others = use.value.odometer.filter((o) => o.day !== today())
  await save({ odometer: [...others, { id: newId(others, 'read'), day: today(), km: km.value }] })
  km.value = null
}
const reads = computed(() => [...use.value.odometer].sort((a, b) => b.day.localeCompare(a.day)).slice(0, 6))
const oil = computed(() => {
  const f = props.followUps.find((f) => f.data.kind === 'gearbox-oil' && f.state !== 'DROPPED')
  const share = f?.shares.find((s) => s.measure === 'OIL_LIFE')
  return share ? { ...share, left: Math.max(0, 1 - share.used / share.every) } : null
})
</script>

<template>
  <aside class="use">
    <section v-if="oil" class="panel oil">
      <h3>Gearbox oil</h3>
      <p class="big" data-oil-left>{{ Math.round(100 * oil.left) }} %<span> of its life left</span></p>
      <p class="small soft">
        {{ amount('OIL_LIFE', oil.used, unitWorld) }} used, of which
        {{ amount('OIL_LIFE', oil.recorded ?? 0, unitWorld) }} recorded. A rule of thumb: it ages twice as fast for each
        {{ format(11, 'difference', unitWorld, 0) }} more. Its maker’s word on years and on water counts more.
      </p>
    </section>
    <section class="panel fields">
      <h3>How it is used</h3>
      <p class="small soft">
        For what nobody records. What drives and odometer say counts more{{
          edit.version < 0 ? '; assumed until you say it' : ''
        }}.
      </p>
      <QuantityInput
        v-for="[key, label, quantity] in USUAL"
        :key="key"
        :model-value="use[key]"
        :label="label"
        :quantity="quantity"
        @update:model-value="$event != null && save({ [key]: $event })"
      />
      <QuantityInput
        :model-value="use.haulOilLifeH ?? null"
        :label="`It ages the oil by, hours at ${format(80, 'temperature', unitWorld, 0)}`"
        quantity="count"
        optional
        @update:model-value="save({ haulOilLifeH: $event })"
      />
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    </section>
    <section class="panel fields">
      <h3>Odometer</h3>
      <QuantityInput v-model="km" label="Today" quantity="distance" optional />
      <button type="button" class="act" :disabled="km == null" data-odometer @click="read">Put it down</button>
      <ul>
        <li v-for="o in reads" :key="o.id">
          <span>{{ dateOf(new Date(o.day)) }}</span><b>{{ format(o.km, 'distance', unitWorld, 0) }}</b>
        </li>
      </ul>
    </section>
  </aside>
</template>

<style scoped>
.use,
.fields {
  display: grid;
  gap: 10px;
}
.big {
  font: 600 46px/1 var(--rb-font-head);
}
.big span {
  font-size: 18px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule-soft);
}
</style>
