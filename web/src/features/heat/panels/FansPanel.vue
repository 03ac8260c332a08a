<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { useComputed } from '@/job/useComputed'
import type { AnyPart, ClutchPart, FanPart, FanReport, FittedFan, JobContent } from '@/shared/api/types'
import ListField from '@/job/fields/ListField.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { edited } from '@/job/origin'
import { newId } from '@/job/paths'
import { picked, usePack } from '../pack/usePack'
import FanCurves from './FanCurves.vue'
import TraversesPanel from './TraversesPanel.vue'

/** The fans of the build on their curves. */
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
  // Spacers and shims were for the fan that was there.
  const seat = { spacerMm: 0, shroudBackMm: 0, shroudRightMm: 0, shroudUpMm: 0 }
  const there = build.value.fans.find((f) => f.id === id)
  if (there)
    return edited(job.content, `builds.${job.selected}.fans.${id}`, { ...there, part: p, speedPercent: 100, seat })
  const made: FittedFan = {
    id,
    part: p,
    mount: 'PUSHER',
    shrouded: false,
    speedPercent: 100,
    held: false,
    switchPoints: null,
    seat,
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

const MOUNTS = [
  ['PULLER', 'puller'],
  ['PUSHER', 'pusher'],
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
    <details :open="job.content.rig.traverses.length > 0">
      <summary>Air measured by hand</summary>
      <TraversesPanel :fan="fan" />
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
</style>
