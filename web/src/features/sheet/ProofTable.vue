<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { gauges } from '@/shared/api/gauges'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What the road should show, with room for what it did: filled in by hand. */
const job = useJob()
const t = (v: number, digits?: number) => format(v, 'temperature', unitWorld.value, digits)
const rows = computed(() => [
  ['Ambient', t(job.content.haul.ambientC, 0)],
  ['Speed held', format(job.content.haul.speedKmh, 'speed', unitWorld.value)],
  ...gauges(job.verdict).map(({ label, gauge }) => [
    `${label}, settled`,
    `${t(gauge.peakC)} ± ${format(gauge.bandK, 'difference', unitWorld.value, 1)}`,
  ]),
])
</script>

<template>
  <table class="proof" data-proof>
    <thead>
      <tr>
        <th scope="col">On {{ job.content.haul.road }}</th>
        <th scope="col">predicted</th>
        <th scope="col">measured</th>
        <th scope="col">by whom, with what, when</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="[what, predicted] in rows" :key="what">
        <th scope="row">{{ what }}</th>
        <td>{{ predicted }}</td>
        <td class="hand"></td>
        <td class="hand wide"></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.proof {
  width: 100%;
  border-collapse: collapse;
  margin: 6px 0;
  break-inside: avoid;
}
th {
  text-align: left;
  font: 600 15px/1.1 var(--rb-font-head);
  padding-right: 10px;
}
td,
tbody th {
  border: 1px solid var(--rule);
  padding: 8px;
  height: 36px;
}
.hand {
  min-width: 110px;
}
.wide {
  width: 38%;
}
</style>
