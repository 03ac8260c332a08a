<script setup lang="ts">
import { computed } from 'vue'
import type { WiringResult, WiringSituation } from '@/shared/api/types'
import { camel, partName, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { KEYS, stateLike, warmths, type Key } from './wiring'

/** In which situations does what run, and how fast: one row for each temperature, one column for each place of the key. */
const props = defineProps<{ result: WiringResult }>()
const at = defineModel<WiringSituation>({ required: true })
const rows = computed(() => warmths(props.result.states))
/** A gauge works whenever it is fed: it is told only where there is nothing else. */
const devices = computed(() => {
  const switched = props.result.devices.filter((d) => d.kind !== 'GAUGE')
  return switched.length ? switched : props.result.devices
})
const several = computed(() => ({
  coolant: new Set(rows.value.map((r) => r.coolantC)).size > 1,
  oil: new Set(rows.value.map((r) => r.oilC)).size > 1,
}))
const t = (v: number) => format(v, 'temperature', unitWorld.value, 0)
const label = (r: { coolantC: number; oilC: number }) => {
  const cold = (v: number, all: number[]) => (v === Math.min(...all) ? 'cold' : t(v))
  const parts = [
    several.value.coolant
      ? `coolant ${cold(
          r.coolantC,
          rows.value.map((x) => x.coolantC),
        )}`
      : '',
    several.value.oil
      ? `oil ${cold(
          r.oilC,
          rows.value.map((x) => x.oilC),
        )}`
      : '',
  ]
  return parts.filter(Boolean).join(', ') || 'at any temperature'
}
const state = (r: { coolantC: number; oilC: number }, key: Key) =>
  stateLike(props.result.states, { ...at.value, ...r, key })
const now = (r: { coolantC: number; oilC: number }, key: Key) => {
  const here = stateLike(props.result.states, at.value)?.situation
  return here?.key === key && here.coolantC === r.coolantC && here.oilC === r.oilC
}
const percent = (share: number) => (Math.abs(share) < 0.02 ? '–' : `${Math.round(share * 100)} %`)
</script>

<template>
  <table class="truth" aria-label="What runs when" data-truth>
    <thead>
      <tr>
        <th scope="col"></th>
        <th v-for="k in KEYS" :key="k" scope="col">{{ word(`key.${camel(k)}`) }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="`${r.coolantC}/${r.oilC}`">
        <th scope="row">{{ label(r) }}</th>
        <td v-for="k in KEYS" :key="k" :class="{ now: now(r, k) }">
          <button
            type="button"
            :aria-label="`${word(`key.${camel(k)}`)}, ${label(r)}`"
            @click="at = { ...at, ...r, key: k }"
          >
            <span
              v-for="d in devices"
              :key="d.name.id"
              :class="['run', { on: Math.abs(state(r, k)?.speeds[d.name.id] ?? 0) > 0.02 }]"
              :title="partName(d.name)"
              :data-runs="d.name.id"
              >{{ percent(state(r, k)?.speeds[d.name.id] ?? 0) }}</span
            >
          </button>
        </td>
      </tr>
    </tbody>
  </table>
  <p class="small soft keyline">
    {{ devices.map((d) => partName(d.name)).join(' · ') }}, share of full speed{{
      at.airConditioning ? '; with cold air asked for' : ''
    }}{{ at.driver ? '; with the driver’s switch on' : '' }}
  </p>
</template>

<style scoped>
.truth {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
thead th {
  font: 600 14px/1.05 var(--rb-font-head);
  color: var(--ink-soft);
  text-align: center;
  padding: 0 4px 4px;
}
thead th:first-child {
  width: 28%;
}
tbody th {
  text-align: left;
  font: 600 15px/1.1 var(--rb-font-head);
  padding: 0 6px 0 0;
}
td {
  border: 1px solid var(--rule-soft);
  padding: 0;
}
td.now {
  outline: 2.5px solid var(--ink);
  outline-offset: -2px;
}
button {
  width: 100%;
  min-height: 44px;
  border: 0;
  background: none;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 3px;
  align-items: center;
  cursor: pointer;
  color: var(--ink-soft);
  font: 600 17px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.run.on {
  background: var(--accent);
  color: var(--on-accent);
  padding: 5px 4px;
  font-size: 15px;
  white-space: nowrap;
}
.keyline {
  margin-top: 6px;
}
</style>
