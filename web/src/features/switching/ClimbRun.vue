<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import type { SwitchResult } from '@/shared/api/types'
import { night, unitWorld } from '@/shared/ui/preferences'
import { format, toShown, unitLabel } from '@/shared/units/units'

use([LineChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer])

const props = defineProps<{ result: SwitchResult }>()
const option = computed(() => {
  const r = props.result
  const ink = night.value ? '#f2eee5' : '#1d2022'
  const rule = night.value ? '#454c4f' : '#d0c7b5'
  const shown = (t: number) => Number(toShown(t, 'temperature', unitWorld.value).toFixed(2))
  const all = [...r.chosen.coolantC, ...r.colder.coolantC, r.limitC]
  const points = (run: SwitchResult['chosen']) => run.timeS.map((s, i) => [s / 60, shown(run.coolantC[i] ?? 0)])
  return {
    animation: false,
    textStyle: { fontFamily: 'Barlow', fontSize: 15, color: ink },
    grid: { left: 58, right: 16, top: 30, bottom: 46 },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (v: number) => `${v.toFixed(1)} ${unitLabel('temperature', unitWorld.value)}`,
    },
    xAxis: {
      type: 'value',
      min: 0,
      max: 15,
      name: 'minutes into the climb',
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: ink, fontSize: 15 },
      axisLabel: { color: ink, fontSize: 14 },
      splitLine: { show: false },
      axisLine: { lineStyle: { color: ink } },
    },
    yAxis: {
      type: 'value',
      min: Math.floor(shown(Math.min(...all)) / 5) * 5,
      max: Math.ceil(shown(Math.max(...all) + 2) / 5) * 5,
      axisLabel: { color: ink, fontSize: 14, formatter: `{value} ${unitLabel('temperature', unitWorld.value)}` },
      splitLine: { lineStyle: { color: rule } },
    },
    series: [
      {
        name: 'chosen thermostat',
        type: 'line',
        showSymbol: false,
        data: points(r.chosen),
        lineStyle: { width: 4, color: '#0d7377' },
        itemStyle: { color: '#0d7377' },
        markLine: {
          symbol: 'none',
          silent: true,
          data: [
            {
              yAxis: shown(r.limitC),
              lineStyle: { color: '#b3321f', width: 3, type: 'solid' },
              label: {
                formatter: `limit ${format(r.limitC, 'temperature', unitWorld.value, 0)}`,
                position: 'insideEndTop',
                color: ink,
                fontSize: 15,
              },
            },
          ],
        },
      },
      {
        name: 'colder thermostat',
        type: 'line',
        showSymbol: false,
        data: points(r.colder),
        lineStyle: { width: 3, color: ink, type: 'dashed' },
        itemStyle: { color: ink },
      },
    ],
  }
})
</script>

<template>
  <VChart :option="option" autoresize class="chart" />
  <p class="small key"><i></i> chosen <b></b> colder</p>
</template>

<style scoped>
.chart {
  min-height: 300px;
  flex: 1;
}
.key {
  display: flex;
  align-items: center;
  gap: 6px;
}
.key i {
  width: 26px;
  height: 4px;
  background: #0d7377;
}
.key b {
  width: 26px;
  border-top: 3px dashed var(--ink);
  margin-left: 14px;
}
</style>
