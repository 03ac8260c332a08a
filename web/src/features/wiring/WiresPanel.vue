<script setup lang="ts">
import { computed } from 'vue'
import { useDrawings } from '@/features/mounting/drawings'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { LoomResult } from '@/shared/api/types'
import { camel, partName, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { change } from '@/shared/ui/yard'
import { format } from '@/shared/units/units'
import DataTable from '@/shared/ui/DataTable.vue'
import BoxPanel from './BoxPanel.vue'
import LoomDrawing from './LoomDrawing.vue'
import { terminalLabel } from './labels'
import type { UseWiringReturn } from './useWiring'

/** The loom as it is made on the bench: wires in their order, the box, the labels, what is ordered. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { result: circuit } = props.wiring
const { result, problem } = useComputed<LoomResult>('/api/compute/wiring-loom', () => ({
  job: job.content,
  build: job.selected,
}))
const { refused, drawBuild } = useDrawings()
const metres = (v: number) => format(v, 'length', unitWorld.value, 2)
const end = (e: LoomResult['wires'][number]['fromEnd']) =>
  `${e.sealed ? 'seal on, then ' : ''}${word(`wireEnd.${camel(e.kind)}`)}`
const at = (node: string) => (circuit.value ? terminalLabel(circuit.value, node) : '')
const WIRES = [
  { key: 'wire', label: 'Wire' },
  { key: 'cut', label: 'Cut', figure: true },
  { key: 'from', label: 'From' },
  { key: 'to', label: 'To' },
]
const place = (p: LoomResult['bundles'][number]['from']) => {
  const device = circuit.value?.devices.find((d) => d.name.id === p.device)
  return p.kind === 'DEVICE' && device ? partName(device.name) : word(`spot.${camel(p.kind)}`)
}
const groups = computed(() => {
  const r = result.value
  if (!r) return []
  const inside = r.wires.filter((w) => w.bundle < 0)
  const list = r.bundles.map((b, i) => ({
    key: `${i}`,
    title: `${place(b.from)} to ${place(b.to)}`,
    says: `${metres(b.lengthM)}, sleeve ${format(b.diameterMm, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)}, ${b.clips} clips${b.grommet ? ', grommet in the bulkhead' : ''}, ${word(`surround.${camel(b.surround)}`)}`,
    wires: r.wires.filter((w) => w.bundle === i),
  }))
  return inside.length
    ? [
        {
          key: 'box',
          title: 'Short ones, within one place',
          says: 'made first, in the box and at the feed',
          wires: inside,
        },
        ...list,
      ]
    : list
})
</script>

<template>
  <div class="loom" :data-ready="result && circuit ? 'true' : undefined">
    <section class="panel">
      <header>
        <h2>The loom</h2>
        <span class="soft small">{{ job.build.name }}</span>
      </header>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <p v-if="result && !result.wires.length" class="soft">Nothing of this build is fed by wire.</p>
      <LoomDrawing v-if="result?.bundles.length" :loom="result" :place="place" />
      <p class="soft small order">
        Seals go on before terminals, each crimp is tugged, sleeve and shrink hose go on before the second end; the fuse
        goes in last of all, when the box is closed and everybody stands clear of the fan.
      </p>
      <div v-for="g in groups" :key="g.key" class="group">
        <h3>{{ g.title }}</h3>
        <p class="small soft">{{ g.says }}</p>
        <DataTable :label="g.title" :columns="WIRES" :rows="g.wires" :row-key="(w) => w.id">
          <template #wire="{ row }"
            ><b>{{ say(row.label, unitWorld) }}</b></template
          >
          <template #cut="{ row }">{{ metres(row.cutM) }}</template>
          <template #from="{ row }"
            >{{ at(row.from) }} <span class="small soft block">{{ end(row.fromEnd) }}</span></template
          >
          <template #to="{ row }"
            >{{ at(row.to) }} <span class="small soft block">{{ end(row.toEnd) }}</span></template
          >
        </DataTable>
      </div>
    </section>
    <section class="panel side">
      <BoxPanel v-if="result" :loom="result" :wiring="wiring" />
      <template v-if="result?.order.length">
        <h3>To order</h3>
        <ul class="order" data-loom-order>
          <li v-for="(o, k) in result.order" :key="k">
            <span>{{ say(o.said, unitWorld) }}</span>
            <b v-if="o.price != null">{{ change(o.price) }}</b>
            <span v-else class="soft">by its invoice</span>
          </li>
        </ul>
        <div class="keep unprinted">
          <button type="button" class="act" @click="drawBuild('circuit-svg', {}, 'circuit.svg')">Circuit, SVG</button>
          <button type="button" class="act" @click="drawBuild('circuit-pdf', { paper: 'A4' }, 'circuit.pdf')">
            Circuit, PDF A4
          </button>
          <button type="button" class="act" @click="drawBuild('circuit-pdf', { paper: 'LETTER' }, 'circuit.pdf')">
            PDF Letter
          </button>
          <button type="button" class="act" @click="drawBuild('loom-svg', {}, 'loom.svg')">Loom, SVG</button>
          <button type="button" class="act" @click="drawBuild('wire-labels-pdf', { paper: 'A4' }, 'labels.pdf')">
            Labels, PDF
          </button>
        </div>
        <p v-if="refused" role="alert" class="bad">{{ refused }}</p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.loom {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 14px;
  align-items: start;
}
.side,
.group {
  display: grid;
  gap: 8px;
}
.group {
  border-top: 1px solid var(--rule);
  margin-top: 14px;
  padding-top: 10px;
}
.group h3::first-letter {
  text-transform: uppercase;
}
.block {
  display: block;
}
.order {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
.order li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule-soft);
}
.keep {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.keep .act {
  padding: 0 12px;
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 1000px) {
  .loom {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .unprinted {
    display: none;
  }
}
</style>
