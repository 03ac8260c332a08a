<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import type { AnyPart, Obstacle } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { newId } from '@/job/paths'
import { picked, usePack } from '../pack/usePack'

/** Radiator, dirt, seals, and what hangs in front of the pack or stands in its opening. */
const { job, build, cooling, opening } = usePack()
const choosing = ref(false)
const path = <F extends string>(field: F) => `builds.${job.selected}.${field}` as const
type Flag = 'bugScreen' | 'winch' | 'plough' | 'lightBar'
const flags: { key: Flag; label: string }[] = [
  { key: 'bugScreen', label: 'bug screen' },
  { key: 'winch', label: 'winch' },
  { key: 'plough', label: 'plough' },
  { key: 'lightBar', label: 'light bar' },
]
const FIRST = [
  [false, 'condenser in front'],
  [true, 'charge air in front'],
] as const
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
function fit(part: AnyPart) {
  choosing.value = false
  job.edit(path('radiator'), part)
}
function addObstacle() {
  const made: Obstacle = {
    id: newId(job.content.rig.obstacles, 'obstacle'),
    name: 'brace',
    leftMm: Math.round(opening.value.left + opening.value.width / 2 - 20),
    bottomMm: Math.round(opening.value.bottom),
    widthMm: 40,
    heightMm: Math.round(opening.value.height),
    takesAir: false,
    movable: false,
  }
  job.edit('rig.obstacles', [...job.content.rig.obstacles, made])
  picked.value = { kind: 'obstacles', id: made.id }
}
function removeObstacle() {
  job.edit(
    'rig.obstacles',
    job.content.rig.obstacles.filter((o) => o !== obstacle.value),
  )
  picked.value = null
}
const obstacle = computed(() =>
  job.content.rig.obstacles.find((o) => picked.value?.kind === 'obstacles' && o.id === picked.value.id),
)
function nameIt(event: Event, id: string) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) job.edit(`rig.obstacles.${id}.name`, name)
}
const others = computed(() =>
  (
    [
      ['condenser', 'Condenser'],
      ['chargeAirCooler', 'Charge air'],
    ] as const
  )
    .filter(([key]) => cooling.value[key])
    .map(([key, label]) => ({ key, label })),
)
</script>

<template>
  <div class="front">
    <h3>
      Radiator <span class="soft small">{{ build.name }}</span>
    </h3>
    <p>{{ radiator }}</p>
    <div class="row">
      <button type="button" class="act main" @click="choosing = true">Change</button>
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
    <template v-if="cooling.condenser || cooling.chargeAirCooler">
      <h3>The truck’s other cores</h3>
      <p class="caution small">{{ word('caution.refrigerant') }}</p>
      <ChoiceInput
        v-if="cooling.condenser && cooling.chargeAirCooler"
        :model-value="cooling.chargeAirFirst"
        label="Which stands in front"
        :choices="FIRST"
        @update:model-value="(first) => job.edit('rig.vehicle.cooling.chargeAirFirst', first)"
      />
      <div v-for="core in others" :key="core.key" class="fields">
        <QuantityField
          :label="`${core.label}, left`"
          :path="`rig.vehicle.cooling.${core.key}.leftMm`"
          quantity="size"
          :step="5"
        />
        <QuantityField label="Bottom" :path="`rig.vehicle.cooling.${core.key}.bottomMm`" quantity="size" :step="5" />
        <QuantityField label="Width" :path="`rig.vehicle.cooling.${core.key}.widthMm`" quantity="size" :step="10" />
        <QuantityField label="Height" :path="`rig.vehicle.cooling.${core.key}.heightMm`" quantity="size" :step="10" />
      </div>
    </template>
    <h3>Seals and flaps round the pack</h3>
    <ChoiceInput
      :model-value="seals.find(([share]) => Math.abs(condition.recirculation - share) < 0.03)?.[0]"
      label="Seals"
      :choices="seals"
      @update:model-value="(share) => job.edit(path('condition.recirculation'), share)"
    />
    <h3>In front of the grille</h3>
    <div class="row">
      <button
        v-for="f in flags"
        :key="f.key"
        type="button"
        role="switch"
        class="act"
        :class="{ main: build.inFront[f.key] }"
        :aria-checked="build.inFront[f.key]"
        @click="job.edit(path(`inFront.${f.key}`), !build.inFront[f.key])"
      >
        {{ f.label }}
      </button>
    </div>
    <h3>In the opening</h3>
    <div class="row">
      <button
        v-for="o in job.content.rig.obstacles"
        :key="o.id"
        type="button"
        class="tab"
        :aria-pressed="obstacle === o"
        @click="picked = { kind: 'obstacles', id: o.id }"
      >
        {{ o.name }}
      </button>
      <button v-if="job.content.rig.obstacles.length < 20" type="button" class="act" @click="addObstacle">Add</button>
    </div>
    <template v-if="obstacle">
      <div class="fields">
        <label class="named small"
          >What it is<input :value="obstacle.name" maxlength="40" @change="nameIt($event, obstacle.id)"
        /></label>
        <QuantityField label="From left" :path="`rig.obstacles.${obstacle.id}.leftMm`" quantity="size" :step="5" />
        <QuantityField label="From bottom" :path="`rig.obstacles.${obstacle.id}.bottomMm`" quantity="size" :step="5" />
        <QuantityField label="Width" :path="`rig.obstacles.${obstacle.id}.widthMm`" quantity="size" :step="5" />
        <QuantityField label="Height" :path="`rig.obstacles.${obstacle.id}.heightMm`" quantity="size" :step="5" />
      </div>
      <div class="row">
        <button
          type="button"
          role="switch"
          class="act"
          :class="{ main: obstacle.takesAir }"
          :aria-checked="obstacle.takesAir"
          @click="job.edit(`rig.obstacles.${obstacle.id}.takesAir`, !obstacle.takesAir)"
        >
          takes the ram air
        </button>
        <button
          type="button"
          role="switch"
          class="act"
          :class="{ main: obstacle.movable }"
          :aria-checked="obstacle.movable"
          @click="job.edit(`rig.obstacles.${obstacle.id}.movable`, !obstacle.movable)"
        >
          can be moved
        </button>
        <button type="button" class="act" @click="removeObstacle">Remove</button>
      </div>
    </template>
    <PartShelf v-if="choosing" shelf="radiators" @close="choosing = false" @fit="fit" />
  </div>
</template>

<style scoped src="./panel.css"></style>
<style scoped>
.caution {
  border-left: 5px solid var(--marginal);
  padding-left: 10px;
}
.named {
  display: flex;
  flex-direction: column;
  gap: 2px;
  color: var(--ink-soft);
}
.named input {
  min-height: 40px;
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 500 16px/1 var(--rb-font-text);
  padding: 0 10px;
  width: 100%;
}
</style>
