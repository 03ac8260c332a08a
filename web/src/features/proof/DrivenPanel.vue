<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useDocument } from '@/job/document'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { ReadingResult, Run } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import DataTable, { type TableColumn } from '@/shared/ui/DataTable.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format, type QuantityName } from '@/shared/units/units'
import DrivenPicture from './DrivenPicture.vue'
import { clock } from './runs'

/** A recorded drive read back: what was driven, and where it stood still long enough to tell something. */
const props = defineProps<{ run: Run }>()
const document = useDocument()
const reading = shallowRef<ReadingResult | null>(null)
const problem = ref('')
const lit = ref<number | null>(null)
let asked = 0
watch(
  () => [props.run.id, props.run.version, props.run.tracks] as const,
  async () => {
    const mine = ++asked
    problem.value = ''
    try {
      const got = await api.get<ReadingResult>(`/api/jobs/${document.jobId}/runs/${props.run.id}/reading`)
      if (mine === asked) reading.value = got
    } catch (e) {
      if (mine === asked) problem.value = refusal(e)
    }
  },
  { immediate: true },
)
const world = computed(() => unitWorld.value)
const q = (v: number | null | undefined, kind: QuantityName, digits?: number) =>
  v == null ? '–' : format(v, kind, world.value, digits)
type Row = ReadingResult['windows'][number]
const held = (w: Row, fluid: string) => w.held.find((h) => h.fluid === fluid)!
const perKw = (w: Row, fluid: string) => {
  const h = held(w, fluid)
  return h.kelvinPerKw == null ? '' : `${h.kelvinPerKw.toFixed(2)} ± ${h.spreadKPerKw!.toFixed(2)} K/kW`
}
const columns: TableColumn[] = [
  { key: 'when', label: 'Window' },
  { key: 'drive', label: 'Driven at' },
  { key: 'state', label: 'Gear, fans, air' },
  { key: 'heat', label: 'Heat in, coolant and oil', figure: true },
  { key: 'coolant', label: 'Coolant', figure: true },
  { key: 'pan', label: 'Pan', figure: true },
]
</script>

<template>
  <section class="panel driven" :data-reading="reading ? 'ready' : undefined">
    <h2>As it was driven</h2>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-else-if="!reading" class="soft">Reading the drive …</p>
    <template v-else>
      <p v-for="s in reading.says" :key="s.code" class="note">{{ say(s, world) }}</p>
      <p v-if="run.tracks.length" class="facts">
        <span>{{ q(reading.lengthKm, 'distance') }}</span>
        <span>grade {{ word(`drivenRoadHeights.${camel(reading.heights)}`) }}</span>
        <span v-if="reading.clusteredPercent != null"
          >{{ reading.clusteredPercent.toFixed(0) }} % in a locked gear<template
            v-if="Math.abs(reading.tyresOffPercent) > 1"
            >, tyres or speed {{ Math.abs(reading.tyresOffPercent).toFixed(1) }} % off what is entered</template
          ></span
        >
        <span>fans {{ word(`fanReadingSource.${camel(reading.fans)}`) }}</span>
      </p>
      <DrivenPicture v-if="run.tracks.length" :reading="reading" :lit="lit" />
      <template v-if="reading.windows.length">
        <h3>Steady windows</h3>
        <DataTable label="Steady windows" :columns="columns" :rows="reading.windows">
          <template #when="{ row, index }">
            <button
              type="button"
              class="find"
              @focus="lit = index"
              @mouseenter="lit = index"
              @mouseleave="lit = null"
              @blur="lit = null"
            >
              <b>{{ index + 1 }}</b> {{ clock(row.fromS) }} – {{ clock(row.toS) }}
            </button>
          </template>
          <template #drive="{ row }"
            >{{ row.stands ? 'standing' : `${q(row.speedKmh, 'speed', 0)}, ${row.gradePercent.toFixed(1)} %` }},
            {{ q(row.ambientC, 'temperature', 0) }}</template
          >
          <template #state="{ row }"
            >{{ row.gear ?? '–' }}, {{ row.fansPercent == null ? '?' : `${row.fansPercent.toFixed(0)} %` }},
            {{ row.airConditioning == null ? '?' : row.airConditioning ? 'on' : 'off' }}</template
          >
          <template #heat="{ row }">{{ q(row.engineKw, 'power', 0) }}, {{ q(row.oilKw, 'power', 1) }}</template>
          <template #coolant="{ row }">
            {{ q(held(row, 'COOLANT').meanC, 'temperature', 0) }}
            <small v-if="perKw(row, 'COOLANT')">{{ perKw(row, 'COOLANT') }}</small>
            <small v-else-if="held(row, 'COOLANT').silent" class="soft">{{
              say(held(row, 'COOLANT').silent!, world)
            }}</small>
          </template>
          <template #pan="{ row }">
            {{ q(held(row, 'PAN').meanC, 'temperature', 0) }}
            <small v-if="perKw(row, 'PAN')">{{ perKw(row, 'PAN') }}</small>
            <small v-else-if="held(row, 'PAN').silent" class="soft">{{ say(held(row, 'PAN').silent!, world) }}</small>
          </template>
        </DataTable>
      </template>
      <p v-else class="note">
        Nowhere did everything stand still for two minutes:
        <span v-for="(r, i) in reading.rules" :key="r.rule"
          >{{ i ? ', ' : '' }}{{ word(`windowFinderRule.${camel(r.rule)}`) }} ({{ clock(r.seconds) }})</span
        >.
      </p>
    </template>
  </section>
</template>

<style scoped>
.driven {
  display: grid;
  gap: 8px;
}
.facts {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  color: var(--ink-soft);
}
.note {
  margin: 0;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 8px 12px;
}
.find {
  border: 0;
  background: none;
  color: var(--ink);
  padding: 6px 0;
  min-height: 40px;
  text-align: left;
  white-space: nowrap;
}
small {
  display: block;
  font-size: 14px;
}
</style>
