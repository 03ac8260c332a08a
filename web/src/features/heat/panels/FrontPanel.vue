<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import type { AnyPart } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { edited } from '@/job/origin'
import { inOpening } from '../pack/geometry'
import { picked, usePack } from '../pack/usePack'

/** Radiator, dirt, seals, and what hangs in front of the pack or stands in its opening. */
const { job, build, cooling } = usePack()
const choosing = ref<'radiators' | 'pumps' | null>(null)
const path = <F extends string>(field: F) => `builds.${job.selected}.${field}` as const
type Flag = 'bugScreen' | 'winch' | 'plough' | 'lightBar'
const flags: { key: Flag; label: string }[] = [
  { key: 'bugScreen', label: 'bug screen' },
  { key: 'winch', label: 'winch' },
  { key: 'plough', label: 'plough' },
  { key: 'lightBar', label: 'light bar' },
]
const seals = [
  [0.02, 'sealed'],
  [0.08, 'gaps'],
  [0.15, 'none'],
] as const
const condition = computed(() => build.value.condition)
const radiator = computed(() => {
  const own = cooling.value.radiator
  const mm = (v: number) => format(v, 'size', unitWorld.value)
  return build.value.radiator?.name ?? `The truck's own, ${mm(own.widthMm)} × ${mm(own.heightMm)} × ${mm(own.depthMm)}`
})
const fitted = (part: AnyPart) => edited(job.content, path(choosing.value === 'pumps' ? 'pump' : 'radiator'), part)
function fit(part: AnyPart) {
  job.replace(fitted(part))
  choosing.value = null
}
const standing = computed(() => inOpening(job.content))
const obstacle = computed(() =>
  standing.value.find((o) => picked.value?.kind === 'obstacles' && o.id === picked.value.id),
)
const pump = computed(() => {
  const flow = (v: number) => format(v, 'massFlow', unitWorld.value)
  const part = build.value.pump
  return part
    ? `${part.name}, ${flow(part.kgsAt4000)}`
    : `The truck’s own, ${flow(cooling.value.pumpKgsAt4000)} at 4000 rpm`
})
const TUBES = [
  ['USUAL', 'usual tubes'],
  ['DIMPLED', 'dimpled'],
  ['PLAIN', 'plain'],
] as const
const tubes = computed(() => (build.value.radiator ?? cooling.value.radiator).tubes ?? 'USUAL')
function setTubes(to: (typeof TUBES)[number][0] | undefined) {
  const at = build.value.radiator ? path('radiator.tubes') : 'rig.vehicle.cooling.radiator.tubes'
  if (to) job.edit(at, to === 'USUAL' ? null : to)
}
function move(id: string) {
  const { moved } = build.value
  job.edit(path('moved'), moved.includes(id) ? moved.filter((m) => m !== id) : [...moved, id])
}
</script>

<template>
  <div class="front">
    <h3>
      Radiator <span class="soft small">{{ build.name }}</span>
    </h3>
    <p>{{ radiator }}</p>
    <div class="row">
      <button type="button" class="act main" @click="choosing = 'radiators'">Change</button>
      <button v-if="build.radiator" type="button" class="act" @click="job.edit(path('radiator'), null)">
        Back to its own
      </button>
    </div>
    <div v-if="build.radiator" class="fields">
      <QuantityField label="Depth" :path="path('radiator.depthMm')" quantity="size" :step="4" />
      <QuantityField label="Fins" :path="path('radiator.finsPerInch')" quantity="fins" :step="1" />
      <QuantityField
        label="In-tank cooler"
        :path="path('radiator.inTankWattsPerKelvin')"
        quantity="conductance"
        :step="10"
        optional
      />
    </div>
    <ChoiceInput
      :model-value="tubes"
      label="Inside of the radiator’s tubes"
      :choices="TUBES"
      @update:model-value="setTubes"
    />
    <div class="fields">
      <QuantityField
        label="Radiator blocked"
        :path="path('condition.radiatorBlockedPercent')"
        quantity="percent"
        :step="5"
      />
      <QuantityField
        label="Condenser blocked"
        :path="path('condition.condenserBlockedPercent')"
        quantity="percent"
        :step="5"
      />
    </div>
    <h3>Coolant pump</h3>
    <p>{{ pump }}</p>
    <div class="row">
      <button type="button" class="act" @click="choosing = 'pumps'">Change the pump</button>
      <button v-if="build.pump" type="button" class="act" @click="job.edit(path('pump'), null)">Back to its own</button>
    </div>
    <h3>Seals and flaps round the pack</h3>
    <ChoiceInput
      :model-value="seals.find(([share]) => Math.abs(condition.recirculation - share) < 0.03)?.[0]"
      label="Seals"
      :choices="seals"
      @update:model-value="(share) => job.edit(path('condition.recirculation'), share)"
    />
    <h3>In front of the grille</h3>
    <div class="row">
      <ToggleInput
        v-for="f in flags"
        :key="f.key"
        :model-value="build.inFront[f.key]"
        :label="f.label"
        @update:model-value="(on) => job.edit(path(`inFront.${f.key}`), on)"
      />
    </div>
    <h3>In the opening</h3>
    <div class="row">
      <button
        v-for="o in standing"
        :key="o.id"
        type="button"
        class="tab"
        :aria-pressed="obstacle?.id === o.id"
        @click="picked = { kind: 'obstacles', id: o.id }"
      >
        {{ o.name }}
      </button>
      <router-link class="act" :to="{ name: 'mounting', params: { id: job.id } }">Measure the front end</router-link>
    </div>
    <template v-if="obstacle">
      <div class="fields">
        <QuantityField
          label="From left edge"
          :path="`nose.solids.${obstacle.id}.box.leftMm`"
          quantity="size"
          :step="5"
        />
        <QuantityField
          label="Above lower edge"
          :path="`nose.solids.${obstacle.id}.box.bottomMm`"
          quantity="size"
          :step="5"
        />
        <QuantityField label="Width" :path="`nose.solids.${obstacle.id}.box.widthMm`" quantity="size" :step="5" />
        <QuantityField label="Height" :path="`nose.solids.${obstacle.id}.box.heightMm`" quantity="size" :step="5" />
      </div>
      <div class="row">
        <ToggleInput
          :model-value="obstacle.takesAir"
          label="takes the ram air"
          @update:model-value="(on) => job.edit(`nose.solids.${obstacle!.id}.takesAir`, on)"
        />
        <ToggleInput
          v-if="obstacle.move"
          :model-value="build.moved.includes(obstacle.id)"
          label="moved away in this build"
          @update:model-value="move(obstacle.id)"
        />
      </div>
    </template>
    <PartShelf v-if="choosing" :shelf="choosing" :fitted="fitted" @close="choosing = null" @fit="fit" />
  </div>
</template>

<style scoped src="./panel.css"></style>
