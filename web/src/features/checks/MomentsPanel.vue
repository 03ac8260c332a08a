<script setup lang="ts">
import { computed, ref } from 'vue'
import { newId } from '@/job/paths'
import { useJob } from '@/job/useJob'
import QuantityField from '@/job/fields/QuantityField.vue'
import type { MomentRead } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** Temperatures that were read on the road, and what the places of this truck's needle mean. */
const job = useJob()
const MOST = 12
const moments = computed(() => job.content.checks.moments)
const needle = computed(() => job.content.checks.needle)
const openId = ref<string | null>(null)
const open = computed(() => moments.value.find((m) => m.id === openId.value) ?? null)
const path = computed(() => `checks.moments.${openId.value}` as const)
const INSTRUMENTS = [
  ['READER', 'reader'],
  ['THERMOMETER', 'by hand'],
  ['NEEDLE', 'needle'],
] as const
const readBy = computed({
  get: () => open.value?.readBy,
  set: (to) => to && job.edit(`${path.value}.readBy`, to),
})
function add() {
  const h = job.content.haul
  const made: MomentRead = {
    id: newId(moments.value, 'moment'),
    gradePercent: h.gradePercent,
    speedKmh: h.speedKmh,
    ambientC: h.ambientC,
    airConditioning: h.airConditioning,
    readBy: 'READER',
    coolantC: null,
    needlePlace: null,
    panC: null,
  }
  job.edit('checks.moments', [...moments.value, made])
  openId.value = made.id
}
function remove(id: string) {
  job.edit(
    'checks.moments',
    moments.value.filter((m) => m.id !== id),
  )
}
function place() {
  const made = { id: newId(needle.value, 'needle'), place: 50, celsius: 90 }
  job.edit('checks.needle', [...needle.value, made])
}
const t = (v: number | null) => (v === null ? '–' : format(v, 'temperature', unitWorld.value, 0))
const needles = computed(() => needle.value.length > 0 || moments.value.some((m) => m.readBy === 'NEEDLE'))
</script>

<template>
  <section class="panel">
    <header><h2>Read on the road</h2></header>
    <ol v-if="moments.length" class="moments">
      <li v-for="(m, i) in moments" :key="m.id">
        <button
          type="button"
          class="row"
          :aria-expanded="m.id === openId"
          @click="openId = m.id === openId ? null : m.id"
        >
          <b>{{ i + 1 }}</b>
          <span
            >{{ format(m.gradePercent, 'percent', unitWorld) }} · {{ format(m.speedKmh, 'speed', unitWorld) }}
            <span class="soft">at {{ t(m.ambientC) }}</span></span
          >
          <span class="read"
            >{{ m.readBy === 'NEEDLE' ? (m.needlePlace === null ? '–' : `${m.needlePlace} %`) : t(m.coolantC) }} ·
            {{ t(m.panC) }}</span
          >
        </button>
        <div v-if="open && m.id === openId" class="fields">
          <QuantityField label="Grade" :path="`${path}.gradePercent`" quantity="percent" :step="0.5" />
          <QuantityField label="Speed held" :path="`${path}.speedKmh`" quantity="speed" :step="5" />
          <QuantityField label="Air then" :path="`${path}.ambientC`" quantity="temperature" :step="1" />
          <ToggleInput
            :model-value="m.airConditioning"
            label="Air conditioning then"
            class="low"
            @update:model-value="(on) => job.edit(`${path}.airConditioning`, on)"
            >A/C on</ToggleInput
          >
          <ChoiceInput v-model="readBy" class="wide" label="Coolant read by" :choices="INSTRUMENTS" small />
          <QuantityField
            v-if="m.readBy === 'NEEDLE'"
            label="Needle, 0 to 100"
            :path="`${path}.needlePlace`"
            quantity="percent"
            :step="5"
            optional
          />
          <QuantityField v-else label="Coolant" :path="`${path}.coolantC`" quantity="temperature" :step="1" optional />
          <QuantityField label="Oil pan" :path="`${path}.panC`" quantity="temperature" :step="1" optional />
          <button type="button" class="act wide" @click="remove(m.id)">Take it out</button>
        </div>
      </li>
    </ol>
    <p v-else class="small soft">
      Coolant and pan at two moments tell more than any one check: a steep one held for some minutes, and a flat one.
    </p>
    <button type="button" class="act" :disabled="moments.length >= MOST" @click="add">Add a moment</button>

    <details :open="needles">
      <summary>This truck’s needle</summary>
      <p class="small soft">What its places mean, once read against a thermometer: 0 cold, 100 the end of the red.</p>
      <div v-for="n in needle" :key="n.id" class="fields needle">
        <QuantityField label="Place" :path="`checks.needle.${n.id}.place`" quantity="percent" :step="5" />
        <QuantityField label="Means" :path="`checks.needle.${n.id}.celsius`" quantity="temperature" :step="1" />
        <button
          type="button"
          class="act"
          :aria-label="`Take the place at ${n.place} % out`"
          @click="
            job.edit(
              'checks.needle',
              needle.filter((x) => x.id !== n.id),
            )
          "
        >
          ×
        </button>
      </div>
      <button type="button" class="act" :disabled="needle.length >= MOST" @click="place">Add a place</button>
    </details>
  </section>
</template>

<style scoped>
.moments {
  list-style: none;
  margin: 0 0 10px;
  padding: 0;
}
.row {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 6px;
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: 500 15px/1.2 var(--rb-font-text);
  text-align: left;
  cursor: pointer;
}
.read {
  font: 600 17px/1 var(--rb-font-head);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  padding: 10px 0;
}
.wide {
  grid-column: 1 / -1;
  justify-content: center;
}
.low {
  align-self: end;
}
.needle {
  grid-template-columns: 1fr 1fr 44px;
  align-items: end;
}
.needle .act {
  padding: 0;
  justify-content: center;
}
.act {
  margin-top: 10px;
}
.needle .act,
.fields .act {
  margin-top: 0;
}
details {
  margin-top: 14px;
}
summary {
  font: 600 17px/1.4 var(--rb-font-head);
  cursor: pointer;
  min-height: 32px;
}
</style>
