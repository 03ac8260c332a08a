<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What limits this build, in words and by what a tenth more of each thing would buy. */
const job = useJob()
const names: Record<string, string> = {
  AIR: '10 % more air',
  CORE: '10 % better cores',
  OIL_FLOW: '10 % more oil flow',
  MASS: '10 % less mass',
  SPEED: '10 % slower',
  SLIP: '10 % less slip heat',
  PREHEAT: '10 % less heat in front',
}
const levers = computed(() => [...(job.detail?.levers ?? [])].sort((a, b) => a.coolantK - b.coolantK))
const most = computed(() => Math.max(0.5, ...levers.value.map((l) => Math.abs(l.coolantK))))
const d = (k: number) => (k > 0.05 ? '+' : '') + format(k, 'difference', unitWorld.value, 1)
</script>

<template>
  <div>
    <ul class="advice">
      <li v-for="a in job.detail?.advice ?? []" :key="a.code">{{ say(a, unitWorld) }}</li>
    </ul>
    <table v-if="levers.length" class="levers">
      <thead>
        <tr>
          <th scope="col">What it would buy</th>
          <th></th>
          <th scope="col">coolant</th>
          <th scope="col">pan</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in levers" :key="l.kind">
          <th scope="row">{{ names[l.kind] }}</th>
          <td class="bar">
            <i :style="{ width: (100 * Math.abs(l.coolantK)) / most + '%' }" :class="{ wrong: l.coolantK > 0.05 }"></i>
          </td>
          <td>{{ d(l.coolantK) }}</td>
          <td>{{ d(l.panK) }}</td>
        </tr>
      </tbody>
    </table>
    <ul class="warnings small">
      <li v-for="x in job.detail?.balance?.warnings ?? []" :key="x.code">{{ say(x, unitWorld) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.advice {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 7px;
  font-size: 16px;
}
.advice li {
  border-left: 4px solid var(--rule);
  padding-left: 10px;
}
.levers {
  width: 100%;
  border-collapse: collapse;
}
.levers th {
  font-weight: 500;
  text-align: left;
  padding: 3px 8px 3px 0;
  white-space: nowrap;
}
.levers thead th {
  font: 600 15px/1 var(--rb-font-head);
  color: var(--ink-soft);
  padding-bottom: 5px;
}
.levers td {
  font: 600 18px/1 var(--rb-font-head);
  text-align: right;
  white-space: nowrap;
  padding: 3px 0 3px 8px;
}
.levers thead th:nth-child(n + 3) {
  text-align: right;
  padding-right: 0;
}
.bar {
  width: 30%;
}
.bar i {
  display: block;
  height: 10px;
  background: var(--accent);
}
.bar i.wrong {
  background: var(--ink-soft);
}
.warnings {
  margin: 10px 0 0;
  padding-left: 18px;
  color: var(--ink-soft);
}
</style>
