<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import type { TripTrace } from '@/shared/api/types'
import { night, unitWorld } from '@/shared/ui/preferences'
import { toShown, unitLabel } from '@/shared/units/units'

use([LineChart, GridComponent, TooltipComponent, SVGRenderer])

/** The coolant over the road as it is set and with a colder thermostat, and under it when the fan blows. */
const props = defineProps<{ chosen: TripTrace; colder: TripTrace | null }>()
const option = computed(() => {
  const ink = night.value ? '#f2eee5' : '#1d2022'
  const rule = night.value ? '#454c4f' : '#d0c7b5'
  const teal = night.value ? '#3aa6a4' : '#0d7377'
  const red = night.value ? '#e2654f' : '#b3321f'
  const shown = (t: number) => Number(toShown(t, 'temperature', unitWorld.value).toFixed(2))
  const over = (t: TripTrace, values: number[]) => t.timeS.map((s, i) => [s / 60, shown(values[i]!)])
  const all = [...props.chosen.coolantC, ...props.chosen.coolantLimitC, ...(props.colder?.coolantC ?? [])]
  const end = props.chosen.timeS.at(-1)! / 60
  const line = (name: string, data: number[][], width: number, color: string, type = 'solid') => ({
    name,
    type: 'line',
    showSymbol: false,
    data,
    lineStyle: { width, color, type },
    itemStyle: { color },
  })
  return {
    animation: false,
    textStyle: { fontFamily: 'Barlow', fontSize: 15, color: ink },
    grid: [
      { left: 58, right: 16, top: 14, bottom: 108 },
      { left: 58, right: 16, height: 34, bottom: 52 },
    ],
    tooltip: {
      trigger: 'axis',
      axisPointer: { snap: true },
      valueFormatter: (v: number) => `${v.toFixed(1)} ${unitLabel('temperature', unitWorld.value)}`,
    },
    xAxis: [
      { type: 'value', min: 0, max: end, gridIndex: 0, axisLabel: { show: false }, splitLine: { show: false } },
      {
        type: 'value',
        min: 0,
        max: end,
        gridIndex: 1,
        name: 'minutes on the road',
        nameLocation: 'middle',
        nameGap: 28,
        nameTextStyle: { color: ink, fontSize: 15 },
        axisLabel: { color: ink, fontSize: 14 },
        splitLine: { show: false },
        axisLine: { lineStyle: { color: ink } },
      },
    ],
    yAxis: [
      {
        type: 'value',
        gridIndex: 0,
        min: Math.floor(shown(Math.min(...all)) / 5) * 5,
        max: Math.ceil(shown(Math.max(...all) + 2) / 5) * 5,
        axisLabel: { color: ink, fontSize: 14, formatter: `{value} ${unitLabel('temperature', unitWorld.value)}` },
        splitLine: { lineStyle: { color: rule } },
      },
      {
        type: 'value',
        gridIndex: 1,
        min: 0,
        max: 1,
        name: 'fan',
        nameLocation: 'middle',
        nameRotate: 0,
        nameGap: 24,
        nameTextStyle: { color: ink, fontSize: 15 },
        axisLabel: { show: false },
        splitLine: { show: false },
      },
    ],
    series: [
      line('limit', over(props.chosen, props.chosen.coolantLimitC), 3, red),
      ...(props.colder ? [line('colder thermostat', over(props.colder, props.colder.coolantC), 3, ink, 'dashed')] : []),
      line('as it is set', over(props.chosen, props.chosen.coolantC), 4, teal),
      {
        name: 'fan',
        type: 'line',
        step: 'end',
        silent: true,
        xAxisIndex: 1,
        yAxisIndex: 1,
        showSymbol: false,
        data: props.chosen.timeS.map((s, i) => [s / 60, Math.min(1, props.chosen.fanShare[i]!)]),
        lineStyle: { width: 0 },
        areaStyle: { color: teal, opacity: 0.85 },
        tooltip: { show: false },
      },
    ],
  }
})
</script>

<template>
  <VChart :option="option" autoresize class="chart" />
  <p class="small key">
    <i></i> as it is set <template v-if="colder"><b></b> colder thermostat</template>
  </p>
</template>

<style scoped>
.chart {
  min-height: 330px;
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
  background: var(--accent);
}
.key b {
  width: 26px;
  border-top: 3px dashed var(--ink);
  margin-left: 14px;
}
</style>
