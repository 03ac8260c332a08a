<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { useComputed } from '@/job/useComputed'
import type { AirTraverse, AnyPart, ClutchPart, FanPart, FanReport, FittedFan, JobContent } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, parse, toShown } from '@/shared/units/units'
import ListField from '@/job/fields/ListField.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { edited } from '@/job/origin'
import { newId } from '@/job/paths'
import { picked, usePack } from '../pack/usePack'
import FanCurves from './FanCurves.vue'

/** The fans of the build on their curves, and the anemometer's word on them. */
const { job, build, radiator } = usePack()
const { result, problem, queueing } = useComputed<FanReport>(
  '/api/compute/fans',
  () => job.content && !job.stale && !job.dragging && { job: job.content, build: job.selected },
)
/** Id of the fan whose part is chosen; empty for one more. */
const choosing = ref<string | null>(null)
const fan = computed(
  () => build.value.fans.find((f) => picked.value?.kind === 'fans' && f.id === picked.value.id) ?? build.value.fans[0]!,
)
const report = computed(() => result.value?.fans.find((f) => f.name.id === fan.value.id))
const path = <F extends string>(field: F) => `builds.${job.selected}.fans.${fan.value.id}.${field}` as const

/** The job with a part in place of the fan that is chosen, or as a helper in front. */
function fitted(part: AnyPart, id = choosing.value || newId(build.value.fans, 'fan')): JobContent {
  const p = part as FanPart
  const there = build.value.fans.find((f) => f.id === id)
  if (there) return edited(job.content, `builds.${job.selected}.fans.${id}`, { ...there, part: p, speedPercent: 100 })
  const made: FittedFan = {
    id,
    part: p,
    mount: 'PUSHER',
    shrouded: false,
    speedPercent: 100,
    held: false,
    switchPoints: null,
    leftMm: radiator.value.left,
    bottomMm: radiator.value.bottom,
    widthMm: p.diameterMm * p.count,
    heightMm: p.diameterMm,
  }
  return edited(job.content, `builds.${job.selected}.fans`, [...build.value.fans, made])
}
function fit(part: AnyPart) {
  const id = choosing.value || newId(build.value.fans, 'fan')
  job.replace(fitted(part, id))
  choosing.value = null
  picked.value = { kind: 'fans', id }
}
function takeOut() {
  job.edit(
    `builds.${job.selected}.fans`,
    build.value.fans.filter((f) => f !== fan.value),
  )
  picked.value = null
}
const changingClutch = ref(false)
function fitClutch(part: AnyPart) {
  const { kind, gripsFromC, gripsFullyC } = part as ClutchPart
  job.edit(path('part'), { ...fan.value.part, kind, gripsFromC, gripsFullyC })
  changingClutch.value = false
}
const onEngine = (p: FanPart) => p.kind !== 'ELECTRIC'
const fits = (part: AnyPart) => {
  const p = part as FanPart
  const other = build.value.fans.some((f) => f.id !== choosing.value && onEngine(f.part))
  return onEngine(p) && other ? 'one on the engine' : p.diameterMm > radiator.value.height + 60 ? 'too large' : ''
}

const readings = ref('')
const columns = ref(3)
const where = ref<AirTraverse['where']>('AT_CORE')
const readingProblem = ref('')
// The fields follow the job: what is undone, or read in another window, shows here, too.
watch(
  () => job.content.rig.traverse,
  (t) => {
    readings.value = (t?.readingsMs ?? [])
      .map((v) => formatNumber(toShown(v, 'velocity', unitWorld.value), 2, false))
      .join(' ')
    columns.value = t?.columns ?? 3
    where.value = t?.where ?? 'AT_CORE'
    readingProblem.value = ''
  },
  { immediate: true },
)
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
  job.edit('rig.traverse', { where: where.value, columns: columns.value, readingsMs: list })
}
function apply() {
  const t = result.value?.traverse
  if (t?.fanFactor != null) job.edit('rig.vehicle.cooling.fanFactor', Number(t.fanFactor.toFixed(3)))
  else if (t?.speedPercent != null)
    job.edit(`builds.${job.selected}.fans.${build.value.fans[0]!.id}.speedPercent`, Math.round(t.speedPercent))
}
const grid = computed(() => {
  const t = job.content.rig.traverse
  if (!t) return []
  const rows: number[][] = []
  for (let i = 0; i < t.readingsMs.length; i += t.columns) rows.push(t.readingsMs.slice(i, i + t.columns))
  return rows
})
const MOUNTS = [
  ['PULLER', 'puller'],
  ['PUSHER', 'pusher'],
] as const
const READ_AT = [
  ['AT_CORE', 'at the core'],
  ['FREE_AIR', 'free air'],
] as const
</script>

<template>
  <div class="fans">
    <div class="row">
      <button
        v-for="f in build.fans"
        :key="f.id"
        type="button"
        class="tab"
        :aria-pressed="f === fan"
        @click="picked = { kind: 'fans', id: f.id }"
      >
        {{ f.part.name }}
      </button>
    </div>
    <div class="row">
      <button type="button" class="act main" @click="choosing = fan.id">Change</button>
      <button
        v-if="fan.part.kind === 'VISCOUS' || fan.part.kind === 'CONTROLLED'"
        type="button"
        class="act"
        @click="changingClutch = true"
      >
        Change its clutch
      </button>
      <button v-if="build.fans.length > 1" type="button" class="act" @click="takeOut">Take out</button>
      <button v-if="build.fans.length < 4" type="button" class="act" @click="choosing = ''">Add a helper fan</button>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!result" class="soft">{{ queueing || 'Laying the fans on their curves …' }}</p>
    <FanCurves v-if="report" :fan="report" />
    <p v-if="report?.estimated" class="small soft">Only its free-air figure is known: the curve is an estimate.</p>
    <div class="row">
      <ChoiceInput
        :model-value="fan.mount"
        label="Side of the pack"
        :choices="MOUNTS"
        class="grow"
        @update:model-value="(mount) => job.edit(path('mount'), mount)"
      />
      <ToggleInput
        :model-value="fan.shrouded"
        label="Shroud on"
        @update:model-value="(on) => job.edit(path('shrouded'), on)"
        >shroud on</ToggleInput
      >
      <ToggleInput
        v-if="fan.part.kind === 'CONTROLLED'"
        :model-value="fan.held"
        label="driver holds it"
        @update:model-value="(on) => job.edit(path('held'), on)"
      />
    </div>
    <div class="fields">
      <QuantityField label="Fan speed" :path="path('speedPercent')" quantity="percent" :step="5" />
      <QuantityField label="Free-air flow" :path="path('part.freeFlowM3s')" quantity="airflow" :step="0.05" />
      <QuantityField label="Shroud from left edge" :path="path('leftMm')" quantity="size" :step="5" />
      <QuantityField label="Shroud above lower edge" :path="path('bottomMm')" quantity="size" :step="5" />
      <QuantityField label="Shroud width" :path="path('widthMm')" quantity="size" :step="10" />
      <QuantityField label="Shroud height" :path="path('heightMm')" quantity="size" :step="10" />
      <QuantityField
        v-if="fan.part.gripsFromC != null"
        label="Grips from"
        :path="path('part.gripsFromC')"
        quantity="temperature"
        :step="1"
      />
      <QuantityField
        v-if="fan.part.gripsFullyC != null"
        label="Grips fully"
        :path="path('part.gripsFullyC')"
        quantity="temperature"
        :step="1"
      />
      <QuantityField
        v-if="fan.part.gripsFullyC != null"
        label="Clutch carries at most"
        :path="path('part.clutchLimitRpm')"
        quantity="rpm"
        :step="100"
        optional
        placeholder="2600 usual"
      />
    </div>
    <details>
      <summary>Curve, voltage, current</summary>
      <p class="small soft">
        Points from its sheet win over the free-air figure; without points or a shut-off pressure the curve is
        estimated.
      </p>
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
          <QuantityField
            label="Power at reference"
            :path="path('part.referenceKw')"
            quantity="shaftPower"
            :step="0.5"
          />
        </template>
        <QuantityField label="Blade diameter" :path="path('part.diameterMm')" quantity="size" :step="5" />
      </div>
    </details>
    <details :open="!!job.content.rig.traverse">
      <summary>Air measured by hand</summary>
      <p class="caution small">
        Truck standing, brakes on. Hands, sleeves and the anemometer's lead clear of the blades; read from the grille
        side.
      </p>
      <div class="row">
        <ChoiceInput v-model="where" label="Where it was read" :choices="READ_AT" class="grow" />
        <label class="cols small">columns <input v-model.number="columns" type="number" min="1" max="12" /></label>
      </div>
      <label class="small"
        >Readings, row by row from the upper left
        <textarea
          v-model="readings"
          rows="2"
          :aria-invalid="!!readingProblem"
          placeholder="3.1 3.4 3.0  2.8 3.2 2.9"
        ></textarea>
      </label>
      <p v-if="readingProblem" role="alert" class="why">{{ readingProblem }}</p>
      <div class="row">
        <button type="button" class="act" @click="takeReadings">Take the readings</button>
        <button
          v-if="result?.traverse?.fanFactor != null || result?.traverse?.speedPercent != null"
          type="button"
          class="act main"
          @click="apply"
        >
          Correct the model
        </button>
        <button v-if="job.content.rig.traverse" type="button" class="act" @click="job.edit('rig.traverse', null)">
          Forget them
        </button>
      </div>
      <table v-if="grid.length" class="grid">
        <tbody>
          <tr v-for="(row, r) in grid" :key="r">
            <td v-for="(v, k) in row" :key="k">{{ format(v, 'velocity', unitWorld) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="result?.traverse" data-traverse>{{ say(result.traverse.said, unitWorld) }}</p>
    </details>
    <PartShelf v-if="changingClutch" shelf="clutches" @close="changingClutch = false" @fit="fitClutch" />
    <PartShelf
      v-if="choosing != null"
      shelf="fans"
      :now="choosing ? fan.part : undefined"
      :fits="fits"
      :fitted="fitted"
      @close="choosing = null"
      @fit="fit"
    />
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.grow {
  flex: 1;
}
textarea,
.cols input {
  background: var(--paper);
  color: var(--ink);
  border: 1px solid var(--rule);
  font: inherit;
  padding: 6px 8px;
}
textarea {
  width: 100%;
  display: block;
}
.cols input {
  width: 64px;
  min-height: 44px;
}
.why {
  color: var(--over-ink);
  font-size: 14px;
}
.grid {
  border-collapse: collapse;
}
.grid td {
  border: 1px solid var(--rule);
  padding: 4px 10px;
  text-align: right;
}
</style>
