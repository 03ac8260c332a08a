<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { useComputed } from '@/job/useComputed'
import type { AirTraverse, AnyPart, FanPart, FanReport } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format, parse, restate } from '@/shared/units/units'
import ListField from '@/shared/ui/ListField.vue'
import QuantityField from '@/shared/ui/QuantityField.vue'
import { picked, usePack } from '../pack/usePack'
import FanCurves from './FanCurves.vue'

/** The fans of the build on their curves, and the anemometer's word on them. */
const { job, build, radiator } = usePack()
const { result, problem } = useComputed<FanReport>('/api/compute/fans', () => job.content && !job.stale && !job.dragging && { job: job.content, build: job.selected })
const choosing = ref<number | null>(null)
const at = computed(() => (picked.value?.kind === 'fans' ? Math.min(picked.value.index, build.value.fans.length - 1) : 0))
const fan = computed(() => build.value.fans[at.value])
const report = computed(() => result.value?.fans[at.value])
const path = (field: string) => `builds.${job.selected}.fans.${at.value}.${field}`

function fit(part: AnyPart) {
  const index = choosing.value!
  choosing.value = null
  const fans = [...build.value.fans]
  const p = part as FanPart
  const shroud = { leftMm: radiator.value.left, bottomMm: radiator.value.bottom, widthMm: radiator.value.width, heightMm: radiator.value.height }
  if (fans[index]) fans[index] = { ...fans[index], part: p, speedPercent: 100 }
  else fans.push({ part: p, mount: 'PUSHER', shrouded: false, speedPercent: 100, ...shroud, widthMm: p.diameterMm * p.count, heightMm: p.diameterMm })
  job.edit(`builds.${job.selected}.fans`, fans)
  picked.value = { kind: 'fans', index }
}
function takeOut() {
  job.edit(`builds.${job.selected}.fans`, build.value.fans.filter((_, i) => i !== at.value))
  picked.value = { kind: 'fans', index: 0 }
}
const onEngine = (p: FanPart) => p.kind !== 'ELECTRIC'
const fits = (part: AnyPart) => {
  const p = part as FanPart
  const other = build.value.fans.some((f, i) => i !== choosing.value && onEngine(f.part))
  return onEngine(p) && other ? 'one on the engine' : p.diameterMm > radiator.value.height + 60 ? 'too large' : ''
}

const readings = ref((job.content?.traverse?.readingsMs ?? []).map(String).join(' '))
const columns = ref(job.content?.traverse?.columns ?? 3)
const where = ref<AirTraverse['where']>(job.content?.traverse?.where ?? 'AT_CORE')
const readingProblem = ref('')
function takeReadings() {
  const list: number[] = []
  for (const text of readings.value.split(/[\s;]+/).filter(Boolean)) {
    const parsed = parse(text, 'velocity', unitWorld.value)
    if (!parsed.ok) {
      readingProblem.value = parsed.why
      return
    }
    list.push(parsed.value)
  }
  if (!list.length) {
    readingProblem.value = 'Type the readings, row by row from the upper left.'
    return
  }
  readingProblem.value = ''
  job.edit('traverse', { where: where.value, columns: columns.value, readingsMs: list })
}
function apply() {
  const t = result.value?.traverse
  if (t?.fanFactor != null) job.edit('vehicle.cooling.fanFactor', Number(t.fanFactor.toFixed(3)))
  else if (t?.speedPercent != null) job.edit(`builds.${job.selected}.fans.0.speedPercent`, Math.round(t.speedPercent))
}
const grid = computed(() => {
  const t = job.content?.traverse
  if (!t) return []
  const rows: number[][] = []
  for (let i = 0; i < t.readingsMs.length; i += t.columns) rows.push(t.readingsMs.slice(i, i + t.columns))
  return rows
})
</script>

<template>
  <div class="fans">
    <div class="row">
      <button v-for="(f, i) in build.fans" :key="i" type="button" class="tab" :aria-pressed="i === at" @click="picked = { kind: 'fans', index: i }">{{ f.part.name }}</button>
    </div>
    <div class="row">
      <button type="button" class="act main" @click="choosing = at">Change</button>
      <button v-if="build.fans.length > 1" type="button" class="act" @click="takeOut">Take out</button>
      <button v-if="build.fans.length < 4" type="button" class="act" @click="choosing = build.fans.length">Add a helper fan</button>
    </div>
    <p v-if="problem" role="alert">{{ restate(problem, unitWorld) }}</p>
    <FanCurves v-if="report" :fan="report" />
    <p v-if="report?.estimated" class="small soft">Only its free-air figure is known: the curve is an estimate.</p>
    <div class="row">
      <div class="choice grow" role="radiogroup" aria-label="Side of the pack">
        <button type="button" role="radio" :aria-checked="fan.mount === 'PULLER'" @click="job.edit(path('mount'), 'PULLER')">puller</button>
        <button type="button" role="radio" :aria-checked="fan.mount === 'PUSHER'" @click="job.edit(path('mount'), 'PUSHER')">pusher</button>
      </div>
      <button type="button" role="switch" class="act toggle" :class="{ main: fan.shrouded }" :aria-checked="fan.shrouded" @click="job.edit(path('shrouded'), !fan.shrouded)">{{ fan.shrouded ? 'shroud on' : 'no shroud' }}</button>
    </div>
    <div class="fields">
      <QuantityField label="Fan speed" :path="path('speedPercent')" quantity="percent" :step="5" />
      <QuantityField label="Free-air flow" :path="path('part.freeFlowM3s')" quantity="airflow" :step="0.05" origin="fan.freeFlowM3s" />
      <QuantityField label="Shroud left" :path="path('leftMm')" quantity="size" :step="5" />
      <QuantityField label="Shroud bottom" :path="path('bottomMm')" quantity="size" :step="5" />
      <QuantityField label="Shroud width" :path="path('widthMm')" quantity="size" :step="10" />
      <QuantityField label="Shroud height" :path="path('heightMm')" quantity="size" :step="10" />
      <QuantityField v-if="fan.part.gripsFromC != null" label="Grips from" :path="path('part.gripsFromC')" quantity="temperature" :step="1" />
      <QuantityField v-if="fan.part.gripsFullyC != null" label="Grips fully" :path="path('part.gripsFullyC')" quantity="temperature" :step="1" />
    </div>
    <details>
      <summary>Curve, voltage, current</summary>
      <p class="small soft">Points from its sheet win over the free-air figure; without points or a shut-off pressure the curve is estimated.</p>
      <ListField label="Flows" :path="path('part.curveM3s')" quantity="airflow" optional />
      <ListField label="Pressures there" :path="path('part.curvePa')" quantity="fanPressure" optional />
      <div class="fields">
        <QuantityField label="Shut-off" :path="path('part.shutoffPa')" quantity="fanPressure" :step="10" optional />
        <template v-if="fan.part.kind === 'ELECTRIC'">
          <QuantityField label="Voltage" :path="path('part.volts')" quantity="voltage" :step="0.5" optional />
          <QuantityField label="Current" :path="path('part.amps')" quantity="current" :step="1" optional />
        </template>
        <template v-else>
          <QuantityField label="Pulley ratio" :path="path('part.pulleyRatio')" quantity="ratio" :step="0.05" />
          <QuantityField label="Reference speed" :path="path('part.referenceRpm')" quantity="rpm" :step="50" />
          <QuantityField label="Power at reference" :path="path('part.referenceKw')" quantity="shaftPower" :step="0.5" />
        </template>
        <QuantityField label="Blade diameter" :path="path('part.diameterMm')" quantity="size" :step="5" />
      </div>
    </details>
    <details :open="!!job.content!.traverse">
      <summary>Air measured by hand</summary>
      <p class="caution small">Truck standing, brakes on. Hands, sleeves and the anemometer's lead clear of the blades; read from the grille side.</p>
      <div class="row">
        <div class="choice grow" role="radiogroup" aria-label="Where it was read">
          <button type="button" role="radio" :aria-checked="where === 'AT_CORE'" @click="where = 'AT_CORE'">at the core</button>
          <button type="button" role="radio" :aria-checked="where === 'FREE_AIR'" @click="where = 'FREE_AIR'">free air</button>
        </div>
        <label class="cols small">columns <input v-model.number="columns" type="number" min="1" max="12" /></label>
      </div>
      <label class="small">Readings, row by row from the upper left
        <textarea v-model="readings" rows="2" :aria-invalid="!!readingProblem" placeholder="3.1 3.4 3.0  2.8 3.2 2.9"></textarea>
      </label>
      <p v-if="readingProblem" role="alert" class="why">{{ readingProblem }}</p>
      <div class="row">
        <button type="button" class="act" @click="takeReadings">Take the readings</button>
        <button v-if="result?.traverse?.fanFactor != null || result?.traverse?.speedPercent != null" type="button" class="act main" @click="apply">Correct the model</button>
        <button v-if="job.content!.traverse" type="button" class="act" @click="job.edit('traverse', null)">Forget them</button>
      </div>
      <table v-if="grid.length" class="grid"><tbody><tr v-for="(row, r) in grid" :key="r"><td v-for="(v, k) in row" :key="k">{{ format(v, 'velocity', unitWorld) }}</td></tr></tbody></table>
      <p v-if="result?.traverse" data-traverse>{{ restate(result.traverse.text, unitWorld) }}</p>
    </details>
    <PartShelf v-if="choosing != null" shelf="fans" :fits="fits" @close="choosing = null" @fit="fit" />
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.grow { flex: 1; }
.caution { border-left: 5px solid var(--marginal); padding-left: 10px; }
textarea, .cols input { background: var(--paper); color: var(--ink); border: 1px solid var(--rule); font: inherit; padding: 6px 8px; }
textarea { width: 100%; display: block; }
.cols input { width: 64px; min-height: 40px; }
.why { color: var(--over-ink); font-size: 14px; }
.grid { border-collapse: collapse; }
.grid td { border: 1px solid var(--rule); padding: 4px 10px; text-align: right; }
</style>
