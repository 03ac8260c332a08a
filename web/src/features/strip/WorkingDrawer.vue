<script setup lang="ts">
import { computed } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Fluid, Working } from '@/shared/api/types'
import { say, sayValue, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { clock } from '@/shared/ui/clock'
import DataTable from '@/shared/ui/DataTable.vue'
import RoadDraws from './RoadDraws.vue'

const props = defineProps<{ fluid: Fluid }>()
const emit = defineEmits<{ close: [] }>()
const job = useJob()
const { result, problem } = useComputed<Working>(
  `/api/compute/working/${props.fluid.toUpperCase()}`,
  () => job.content && { job: job.content, build: job.selected },
)
const driving = useDriving()
const onRoad = computed(() => (driving.onRoad ? (driving.trip?.[props.fluid] ?? null) : null))
const COLUMNS = [
  { key: 'name', label: '' },
  { key: 'value', label: '' },
  { key: 'origin', label: '', figure: true },
]
const titles: Record<Fluid, string> = {
  coolant: 'Coolant at the radiator inlet',
  feed: 'Oil leaving for the coolers',
  pan: 'Oil in the pan',
}
</script>

<template>
  <el-drawer
    :model-value="true"
    size="min(640px, 92vw)"
    :title="`${titles[fluid]}, ${job.build.name}`"
    append-to-body
    @close="emit('close')"
  >
    <p v-if="problem" role="alert">{{ problem }}</p>
    <section v-if="onRoad" class="road" data-on-road>
      <p class="result">{{ format(onRoad.peakC, 'temperature', unitWorld) }} on the road</p>
      <p>
        The moment of least headroom: the mean over {{ format(onRoad.meanS, 'duration', unitWorld) }} round
        {{ format(onRoad.atKm, 'distance', unitWorld, 1) }}, {{ clock(onRoad.atS) }} after the start, where the limit is
        {{ format(onRoad.limitC, 'temperature', unitWorld) }}. Past the limit for
        {{ onRoad.overS < 1 ? 'no time' : clock(onRoad.overS) }} in all.
      </p>
      <p class="small soft">
        Heat in engine, outlet tank and sump, integrated along the road with everything taken anew every 3 s; entered:
        the road, its day, and the start. Below: its worst stretch, held until it settles, by the same equations.
      </p>
      <RoadDraws :fluid="fluid" />
    </section>
    <div v-if="result" class="working" data-working>
      <p class="result">{{ say(result.result, unitWorld, true) }}</p>
      <ol>
        <li v-for="(step, i) in result.steps" :key="i">
          <p class="formula">{{ step.formula }}</p>
          <p class="value">{{ say(step.result, unitWorld, true) }}</p>
          <DataTable
            :label="`Inputs of step ${i + 1}`"
            :columns="COLUMNS"
            :rows="step.inputs"
            :row-key="(input) => input.name"
            class="inputs"
            bare
          >
            <template #name="{ row }">{{ word(row.name) }}</template>
            <template #value="{ row }">{{ sayValue(row.value, unitWorld, undefined, true) }}</template>
            <template #origin="{ row }"
              ><span class="origin" :class="row.origin.toLowerCase()">{{
                word(`workingOrigin.${row.origin.toLowerCase()}`)
              }}</span></template
            >
          </DataTable>
          <p class="small soft">{{ step.source }}</p>
        </li>
      </ol>
      <h3>How sure</h3>
      <p>{{ say(result.sureness, unitWorld, true) }}</p>
    </div>
  </el-drawer>
</template>

<style scoped>
.working {
  display: grid;
  gap: 16px;
}
.road {
  display: grid;
  gap: 6px;
  border-left: 6px solid var(--accent);
  padding-left: 12px;
  margin-bottom: 18px;
}
.result {
  font: 600 26px/1.15 var(--rb-font-head);
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 16px;
}
li {
  border-top: 1.5px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 4px;
}
.formula {
  font-weight: 500;
  color: var(--accent-ink);
}
.value {
  font: 600 20px/1.2 var(--rb-font-head);
}
.inputs {
  margin: 0;
}
.inputs :deep(th) {
  font-weight: 400;
  color: var(--ink-soft);
}
.inputs :deep(th),
.inputs :deep(td) {
  border: 0;
  padding: 3px 8px 3px 0;
}
.inputs :deep(td) {
  font: inherit;
}
.origin {
  font-size: 13px;
}
.origin.entered {
  color: var(--accent-ink);
  font-weight: 600;
}
.origin.assumed {
  color: var(--marginal-ink);
  font-weight: 600;
}
</style>
