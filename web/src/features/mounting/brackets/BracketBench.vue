<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { say, whatToDo } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { editText, format } from '@/shared/units/units'
import { useAskedField } from '@/job/fields/fieldPlace'
import QuantityField from '@/job/fields/QuantityField.vue'
import StripDrawing from './StripDrawing.vue'
import { useComputed } from '@/job/useComputed'
import { newId } from '@/job/paths'
import type { FlatStrip, FromCooler, MountingStrip } from '@/shared/api/types'
import DataTable from '@/shared/ui/DataTable.vue'

const job = useJob()
const strips = computed(() => job.build.strips)
const at = ref('')
useAskedField((path) => (at.value = path.split('.')[3] ?? ''))
const strip = computed(() => strips.value.find((s) => s.id === at.value) ?? strips.value[0])
const { result: flat, problem } = useComputed<FlatStrip>('/api/compute/strip', () => strip.value)

const { result: cooler } = useComputed<FromCooler>('/api/compute/from-cooler', () =>
  job.build.coolers.length ? { job: job.content, build: job.selected } : null,
)
const misfits = computed(() =>
  (cooler.value?.mismatches ?? []).filter((m) => m.code.includes('strip') || m.code.includes('Strip')),
)
function startFromCooler() {
  job.edit(`builds.${job.selected}.strips`, cooler.value!.strips)
  at.value = ''
}

function add() {
  const like = strips.value.at(-1) ?? {
    quantity: 1,
    thicknessMm: 3.2,
    widthMm: 25,
    insideRadiusMm: 3.2,
    leftLegMm: 60,
    offsetMm: 20,
    offsetDegrees: 45,
    rightLegMm: 200,
    tabMm: 25,
    tabDegrees: 90,
  }
  const made: MountingStrip = { ...like, id: newId(strips.value, 'strip'), name: `strip ${strips.value.length + 1}` }
  job.edit(`builds.${job.selected}.strips`, [...strips.value, made])
  at.value = made.id
}
function remove() {
  job.edit(
    `builds.${job.selected}.strips`,
    strips.value.filter((s) => s !== strip.value),
  )
  at.value = ''
}
const path = <F extends string>(field: F) => `builds.${job.selected}.strips.${strip.value!.id}.${field}` as const
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 3)
const BENDS = [
  { key: 'bend', label: 'Bend' },
  { key: 'centreMm', label: 'centre from left', figure: true },
  { key: 'startMm', label: 'from', figure: true },
  { key: 'endMm', label: 'to', figure: true },
  { key: 'degrees', label: 'angle' },
]
</script>

<template>
  <div class="bench-screen">
    <section class="panel list">
      <header><h2>Strips</h2></header>
      <button
        v-for="s in strips"
        :key="s.id"
        type="button"
        :aria-pressed="s === strip"
        class="strip"
        @click="at = s.id"
      >
        <b>{{ s.name }}</b><span class="small"
          >{{ s.quantity }} × {{ format(s.widthMm, 'size', unitWorld) }} ×
          {{ editText(s.thicknessMm, 'size', unitWorld) }}</span
        >
      </button>
      <button type="button" class="act" :disabled="strips.length >= 12" @click="add">Add a strip</button>
      <template v-if="job.build.coolers.length && cooler?.strips.length">
        <button type="button" class="act" :class="{ main: !strips.length }" @click="startFromCooler">
          {{ strips.length ? 'Start again from the cooler' : 'Start from the cooler' }}
        </button>
        <p v-for="m in misfits" :key="say(m, unitWorld)" class="misfit small" data-misfit>
          {{ say(m, unitWorld) }}: {{ whatToDo(m, unitWorld) }}.
        </p>
      </template>
      <p class="caution">
        Cut strip is sharp: gloves and eye protection. Nothing metal may touch a core; vibration wears a hole.
      </p>
    </section>
    <section v-if="strip" class="panel bench">
      <header>
        <h2>{{ strip.name }}</h2>
        <span class="soft small">offsets measured on the truck in, flat strip out</span>
        <button type="button" class="act remove" @click="remove">Remove</button>
      </header>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <StripDrawing v-if="flat" :strip="strip" :flat="flat" />
      <div class="result" data-flat>
        <div>
          <span class="soft small">cut flat</span>
          <p class="cut">{{ flat ? mm(flat.flatMm) : '–' }}</p>
        </div>
        <DataTable v-if="flat" label="Bends" :columns="BENDS" :rows="flat.marks" class="bends">
          <template #bend="{ index }">{{ index + 1 }}</template>
          <template #centreMm="{ row }">{{ mm(row.centreMm) }}</template>
          <template #startMm="{ row }">{{ mm(row.startMm) }}</template>
          <template #endMm="{ row }">{{ mm(row.endMm) }}</template>
          <template #degrees="{ row }"
            >{{ format(Math.abs(row.degrees), 'angle', 'metric', 0) }} {{ row.degrees > 0 ? 'up' : 'down' }}</template
          >
        </DataTable>
      </div>
      <div class="fields">
        <QuantityField label="Left leg" :path="path('leftLegMm')" quantity="size" :step="1" />
        <QuantityField label="Offset" :path="path('offsetMm')" quantity="size" :step="1" />
        <QuantityField label="Offset bend" :path="path('offsetDegrees')" quantity="angle" :step="5" />
        <QuantityField label="Right leg" :path="path('rightLegMm')" quantity="size" :step="1" />
        <QuantityField label="Tab at the end" :path="path('tabMm')" quantity="size" :step="1" />
        <QuantityField label="Tab bend" :path="path('tabDegrees')" quantity="angle" :step="5" />
        <QuantityField label="Thickness" :path="path('thicknessMm')" quantity="size" :step="0.5" />
        <QuantityField label="Width" :path="path('widthMm')" quantity="size" :step="1" />
        <QuantityField label="Inside radius" :path="path('insideRadiusMm')" quantity="size" :step="0.5" />
        <QuantityField label="How many" :path="path('quantity')" quantity="count" :step="1" />
      </div>
    </section>
  </div>
</template>

<style scoped>
.bench-screen {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 14px;
  flex: 1;
}
.misfit {
  border-left: 4px solid var(--marginal);
  padding-left: 8px;
}
.list {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.strip {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 10px;
  border: 1.5px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.strip b {
  font: 600 18px/1.1 var(--rb-font-head);
}
.strip[aria-pressed='true'] {
  background: var(--accent-wash);
  border-color: var(--accent);
}
.caution {
  margin-top: auto;
  border-left: 6px solid var(--marginal);
  padding-left: 10px;
  font-size: 15px;
}
.remove {
  margin-left: auto;
  min-height: 44px;
}
.bench {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.bench > header {
  margin: 0;
}
.result {
  display: flex;
  gap: 40px;
  align-items: flex-start;
}
.cut {
  font: 600 54px/1 var(--rb-font-head);
  white-space: nowrap;
}
.bends {
  flex: 1;
}
.fields {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 12px;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 8px 12px;
}
@media (max-width: 900px) {
  .bench-screen {
    grid-template-columns: minmax(0, 1fr);
  }
  .fields {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
