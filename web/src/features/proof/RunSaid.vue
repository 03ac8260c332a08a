<script setup lang="ts">
import { computed, ref } from 'vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { Run, RunTrack } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { clock, count } from './runs'

/** What each device recorded, where its clock lies, and what of its rows is not to be believed. */
const props = defineProps<{ run: Run }>()
const emit = defineEmits<{ moved: [run: Run] }>()
const said = ref<Record<number, string>>({})
const of = (t: RunTrack, column: number) =>
  column < 0 ? '' : word(`channel.${camel(t.body.columns[column]!.channel)}`) || t.body.columns[column]!.name

async function move(t: RunTrack, offsetS: number | null) {
  if (offsetS == null) return
  try {
    emit('moved', await api.put<Run>(`/api/runs/${props.run.id}/tracks/${t.number}/offset`, { offsetS }))
  } catch (e) {
    said.value = { ...said.value, [t.number]: refusal(e) }
  }
}
async function match(t: RunTrack) {
  try {
    const m = await api.post<{ run: Run; offsetS: number; agreement: number; overlapS: number }>(
      `/api/runs/${props.run.id}/tracks/${t.number}/match`,
      {},
    )
    emit('moved', m.run)
    said.value = {
      ...said.value,
      [t.number]: `Speeds agree to ${Math.round(m.agreement * 100)} % over ${clock(m.overlapS)}.`,
    }
  } catch (e) {
    said.value = { ...said.value, [t.number]: refusal(e) }
  }
}
/** Limits that only some trucks have a gauge for. */
const BESIDE = [
  { channel: 'EXHAUST', path: 'rig.vehicle.limits.exhaustC', label: 'Exhaust gas not over', quantity: 'temperature' },
  { channel: 'BOOST', path: 'rig.vehicle.limits.boostKpa', label: 'Boost not over', quantity: 'pressure' },
  { channel: 'VOLTAGE', path: 'rig.vehicle.limits.lowVolts', label: 'Voltage not under', quantity: 'voltage' },
] as const
const beside = computed(() =>
  BESIDE.filter((b) => props.run.tracks.some((t) => t.body.columns.some((c) => c.channel === b.channel))),
)
const world = () => unitWorld.value.toUpperCase()
</script>

<template>
  <section class="panel said">
    <h2>What was recorded</h2>
    <article v-for="t in run.tracks" :key="t.number" :data-track="t.number">
      <header>
        <b>{{ t.name }}</b>
        <span class="soft">{{ count(t.rows) }} rows over {{ clock(t.seconds) }}</span>
        <a class="act" :href="`/api/runs/${run.id}/tracks/${t.number}/csv?world=${world()}`" download>As CSV</a>
      </header>
      <div v-if="run.tracks.length > 1" class="clocks">
        <QuantityInput
          :model-value="t.offsetS"
          label="Begins after the drive"
          quantity="duration"
          @update:model-value="move(t, $event)"
        />
        <button type="button" class="act" @click="match(t)">Lay it over the others by speed</button>
        <span v-if="said[t.number]" role="status">{{ said[t.number] }}</span>
      </div>
      <ul v-if="Object.keys(t.body.broken).length || Object.keys(t.body.marked).length" class="marks">
        <li v-for="(n, fault) in t.body.broken" :key="fault" class="wrong">
          <details>
            <summary>{{ count(n!) }} × {{ word(`logRowsFault.${camel(fault)}`) }}</summary>
            <p v-for="r in t.body.shown.filter((s) => s.fault === fault)" :key="r.line" class="row">
              <span class="soft">{{ r.line }}</span> <code>{{ r.text }}</code>
            </p>
          </details>
        </li>
        <li v-for="(n, what) in t.body.marked" :key="what">
          <details>
            <summary>{{ count(n!) }} × {{ word(`logMarkWhat.${camel(what)}`) }}</summary>
            <p v-for="(m, i) in t.body.marks.filter((k) => k.what === what).slice(0, 30)" :key="i" class="row">
              <span class="soft">{{ clock(m.from + t.offsetS) }}</span>
              {{ of(t, m.column) }}
              <template v-if="m.to > m.from"> for {{ clock(m.to - m.from) }}</template>
            </p>
          </details>
        </li>
      </ul>
      <p v-else class="soft small">Every row could be read; nothing looks wrong.</p>
    </article>
    <div v-if="beside.length" class="clocks">
      <QuantityField
        v-for="b in beside"
        :key="b.path"
        :path="b.path"
        :label="b.label"
        :quantity="b.quantity"
        optional
      />
    </div>
    <p class="small soft">What is marked stays in the record; it is left out where something is reckoned.</p>
  </section>
</template>

<style scoped>
.said {
  display: grid;
  gap: 10px;
}
article {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  display: grid;
  gap: 6px;
}
header {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
header b {
  font: 600 20px/1.1 var(--rb-font-head);
}
header .act {
  margin-left: auto;
}
.clocks {
  display: flex;
  gap: 10px;
  align-items: end;
  flex-wrap: wrap;
}
.marks {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.marks li {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 4px 10px;
}
.marks .wrong {
  border-color: var(--over);
  background: var(--over-wash);
}
summary {
  cursor: pointer;
  min-height: 32px;
}
.row {
  margin: 2px 0;
  overflow-wrap: anywhere;
}
</style>
