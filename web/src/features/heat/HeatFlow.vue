<script setup lang="ts">
import { useBalance } from './shownBalance'
import { SankeyChart } from 'echarts/charts'
import { TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { useJob } from '@/job/useJob'
import { night, unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { coolerName, otherName } from './pack/geometry'

use([SankeyChart, TooltipComponent, SVGRenderer])

const kilowatts = (v: number) => format(v, 'power', unitWorld.value)

/** Where the heat comes from and where it goes, one ribbon per flow. */
const job = useJob()
const balance = useBalance()
const named = (id: string) => coolerName(job.build.coolers.findIndex((c) => c.id === id))
const other = (id: string) => otherName(job.build.otherCoolers.find((o) => o.id === id)!)
const option = computed(() => {
  const h = balance.value!.heat
  // Read here and not when the chart asks, so that the chart is drawn anew in other units.
  const world = unitWorld.value
  const kw = (v: number) => format(v, 'power', world)
  const ink = night.value ? '#f2eee5' : '#1d2022'
  const metal = night.value ? '#98a2a4' : '#5a6468'
  const links = (
    [
      ['engine heat', 'coolant', h.engineToCoolant],
      ['engine heat', 'charge air', h.chargeAir],
      ['converter slip', 'oil', h.converter],
      ['gearbox', 'oil', h.gearbox],
      h.tank >= 0 ? ['oil', 'coolant', h.tank] : ['coolant', 'oil', -h.tank],
      ['coolant', 'radiator', h.radiator],
      ['coolant', 'cab heater', h.heater],
      ['cab heater', 'air', h.heater],
      ...h.coolers.map((c) => ['oil', named(c.id), c.heatKw]),
      ['oil', 'gearbox case', h.gearboxCase],
      ['cab', 'condenser', h.condenser],
      ['radiator', 'air', h.radiator],
      ...h.coolers.map((c) => [named(c.id), 'air', c.heatKw]),
      ['gearbox case', 'air', h.gearboxCase],
      ['charge air', 'air', h.chargeAir],
      ['condenser', 'air', h.condenser],
      ...h.others.map((c) => [other(c.id), 'air', c.heatKw]),
    ] as [string, string, number][]
  ).filter(([, , v]) => v > 0.02)
  const names = [...new Set(links.flatMap(([a, b]) => [a, b]))]
  const colours: Record<string, string> = {
    'engine heat': '#a33b1d',
    cab: '#58a8a3',
    air: '#58a8a3',
    condenser: metal,
    'charge air': '#eccb85',
    'converter slip': '#db8a45',
    gearbox: '#db8a45',
    coolant: '#3aa6a4',
    oil: '#d0a24d',
    radiator: metal,
    'gearbox case': metal,
    'cab heater': metal,
  }
  const total = (name: string) =>
    Math.max(
      links.filter((l) => l[0] === name).reduce((s, l) => s + l[2], 0),
      links.filter((l) => l[1] === name).reduce((s, l) => s + l[2], 0),
    )
  return {
    animation: false,
    textStyle: { fontFamily: 'Barlow' },
    tooltip: {
      formatter: (p: { dataType: string; data: { source: string; target: string; value: number }; name: string }) =>
        p.dataType === 'edge'
          ? `${p.data.source} → ${p.data.target}: ${kw(p.data.value)}`
          : `${p.name}: ${kw(total(p.name))}`,
    },
    series: {
      type: 'sankey',
      left: 4,
      right: 118,
      top: 8,
      bottom: 20,
      nodeWidth: 12,
      nodeGap: 30,
      draggable: false,
      label: {
        color: ink,
        fontSize: 14,
        lineHeight: 16,
        fontWeight: 500,
        formatter: (p: { name: string }) => `${p.name}\n${kw(total(p.name))}`,
      },
      lineStyle: { color: 'source', opacity: 0.35, curveness: 0.5 },
      data: names.map((name) => ({ name, itemStyle: { color: colours[name] ?? '#0d7377', borderWidth: 0 } })),
      links: links.map(([source, target, value]) => ({ source, target, value })),
    },
  }
})
</script>

<template>
  <section class="panel" data-heat-flow>
    <header>
      <h2>Where the heat goes</h2>
      <span class="small soft"
        >{{ job.build.name }}: {{ kilowatts(balance!.heat.fuel) }} in the fuel,
        {{ format(balance!.heat.brake, 'shaftPower', unitWorld) }} at the engine's shaft</span
      >
      <span v-if="balance!.heat.tank < 0" class="small soft">the in-tank cooler warms the oil here</span>
    </header>
    <VChart :option="option" autoresize class="chart" />
  </section>
</template>

<style scoped>
.chart {
  height: 300px;
}
</style>
