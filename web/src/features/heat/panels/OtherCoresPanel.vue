<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { edited } from '@/job/origin'
import { newId } from '@/job/paths'
import type { AnyPart, FittedOther, HydraulicCoolerPart } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { otherName } from '../pack/geometry'
import { picked, PLACES, usePack } from '../pack/usePack'

/** Condenser and charge-air cooler, and the pack's coolers of steering, engine oil, hydraulics or fuel. */
const { job, build, cooling, opening } = usePack()
const path = <F extends string>(field: F) => `builds.${job.selected}.${field}` as const
const cooler = computed(() =>
  build.value.otherCoolers.find((o) => picked.value?.kind === 'otherCoolers' && o.id === picked.value.id),
)
const mine = <F extends string>(field: F) => `builds.${job.selected}.otherCoolers.${cooler.value!.id}.${field}` as const
const KINDS = (['STEERING', 'ENGINE_OIL', 'HYDRAULIC', 'FUEL'] as const).map(
  (kind) => [kind, word(`otherCooler.${camel(kind)}`)] as const,
)
const ORDERS = [
  ['BEFORE_OIL', 'before the oil coolers'],
  ['BEHIND_OIL', 'behind the oil coolers'],
] as const
const FIRST = [
  [false, 'condenser in front'],
  [true, 'charge air in front'],
] as const
const gives = computed(() => job.detail?.balance?.heat.others.find((o) => o.id === cooler.value?.id)?.heatKw)
const own = computed(() =>
  (
    [
      ['condenser', 'Condenser'],
      ['chargeAirCooler', 'Charge air'],
    ] as const
  )
    .filter(([key]) => cooling.value[key])
    .map(([key, label]) => ({ key, label })),
)
const choosing = ref<'chargeAirCoolers' | 'hydraulicCoolers' | null>(null)
const mm = (v: number) => format(v, 'size', unitWorld.value)
const chargeAir = computed(() => {
  const c = cooling.value.chargeAirCooler
  return (
    build.value.chargeAirCooler?.name ??
    (c ? `The truck’s own, ${mm(c.widthMm)} × ${mm(c.heightMm)} × ${mm(c.depthMm)}` : '')
  )
})

function add(kind: FittedOther['kind'], size: { widthMm: number; heightMm: number; depthMm: number }) {
  const made: FittedOther = {
    id: newId(build.value.otherCoolers, 'other'),
    kind,
    core: {
      leftMm: Math.round(opening.value.left + (opening.value.width - size.widthMm) / 2),
      bottomMm: Math.round(opening.value.bottom),
      widthMm: size.widthMm,
      heightMm: size.heightMm,
      depthMm: size.depthMm,
      finsPerInch: 12,
      metal: 'ALUMINIUM',
      tubes: null,
    },
    place: 'FRONT',
    order: 'BEHIND_OIL',
    heatKw: null,
  }
  job.edit(path('otherCoolers'), [...build.value.otherCoolers, made])
  picked.value = { kind: 'otherCoolers', id: made.id }
}
/** A hydraulic cooler is taken by its outline only; what it sheds is entered beside it. */
const chargeAirFitted = (part: AnyPart) => edited(job.content, path('chargeAirCooler'), part)
function fit(part: AnyPart) {
  if (choosing.value === 'chargeAirCoolers') job.edit(path('chargeAirCooler'), part)
  else {
    const p = part as HydraulicCoolerPart
    const size = { widthMm: p.widthMm, heightMm: p.heightMm, depthMm: p.depthMm }
    if (cooler.value) job.edit(mine('core'), { ...cooler.value.core, ...size })
    else add(p.circuit === 'STEERING' ? 'STEERING' : 'HYDRAULIC', size)
  }
  choosing.value = null
}
function takeOut() {
  job.edit(
    path('otherCoolers'),
    build.value.otherCoolers.filter((o) => o !== cooler.value),
  )
  picked.value = null
}
</script>

<template>
  <div class="front">
    <h3>
      Other coolers in the pack <span class="soft small">{{ build.name }}</span>
    </h3>
    <p v-if="!build.otherCoolers.length" class="soft small">
      None yet. Steering, engine oil, hydraulics and fuel warm and hold up the air of what stands behind them.
    </p>
    <div class="row">
      <button
        v-for="o in build.otherCoolers"
        :key="o.id"
        type="button"
        class="tab"
        :aria-pressed="o === cooler"
        @click="picked = { kind: 'otherCoolers', id: o.id }"
      >
        {{ otherName(o) }}
      </button>
    </div>
    <div class="row">
      <template v-if="cooler">
        <button type="button" class="act main" @click="choosing = 'hydraulicCoolers'">Take one off the shelf</button>
        <button type="button" class="act" @click="takeOut">Take out</button>
        <button type="button" class="act" @click="picked = null">Done</button>
      </template>
      <template v-else-if="build.otherCoolers.length < 6">
        <button
          v-for="[kind, label] in KINDS"
          :key="kind"
          type="button"
          class="act"
          @click="add(kind, { widthMm: 320, heightMm: 70, depthMm: 20 })"
        >
          + {{ label }}
        </button>
        <button type="button" class="act" @click="choosing = 'hydraulicCoolers'">Off the shelf</button>
      </template>
    </div>
    <template v-if="cooler">
      <ChoiceInput
        :model-value="cooler.kind"
        label="What it cools"
        :choices="KINDS"
        @update:model-value="(kind) => job.edit(mine('kind'), kind)"
      />
      <ChoiceInput
        :model-value="cooler.place"
        label="Place in depth"
        :choices="PLACES"
        @update:model-value="(place) => job.edit(mine('place'), place)"
      />
      <ChoiceInput
        v-if="cooler.place !== 'ELSEWHERE' && build.coolers.some((c) => c.place === cooler!.place)"
        :model-value="cooler.order"
        label="Order to the oil coolers"
        :choices="ORDERS"
        @update:model-value="(order) => job.edit(mine('order'), order)"
      />
      <p v-if="cooler.place === 'ELSEWHERE'" class="soft small">Out of the pack’s air: it warms nothing here.</p>
      <div class="fields">
        <template v-if="cooler.place !== 'ELSEWHERE'">
          <QuantityField label="From left edge" :path="mine('core.leftMm')" quantity="size" :step="5" />
          <QuantityField label="Above lower edge" :path="mine('core.bottomMm')" quantity="size" :step="5" />
        </template>
        <QuantityField label="Width" :path="mine('core.widthMm')" quantity="size" :step="10" />
        <QuantityField label="Height" :path="mine('core.heightMm')" quantity="size" :step="10" />
        <QuantityField label="Depth" :path="mine('core.depthMm')" quantity="size" :step="2" />
        <QuantityField label="Fins" :path="mine('core.finsPerInch')" quantity="fins" :step="1" />
        <QuantityField
          label="Heat it gives"
          :path="mine('heatKw')"
          quantity="power"
          :step="0.1"
          optional
          placeholder="usual"
        />
      </div>
      <p v-if="cooler.heatKw == null && gives != null" class="soft small">
        {{ format(gives, 'power', unitWorld) }} here, as is usual for {{ word(`otherCooler.${camel(cooler.kind)}`) }}.
        How far that may be off is in the band of every answer.
      </p>
    </template>
    <template v-if="cooling.condenser || cooling.chargeAirCooler">
      <h3>The truck’s other cores</h3>
      <p class="caution small">{{ word('caution.refrigerant') }}</p>
      <template v-if="cooling.chargeAirCooler">
        <p>{{ chargeAir }}</p>
        <div class="row">
          <button type="button" class="act main" @click="choosing = 'chargeAirCoolers'">
            Change the charge-air cooler
          </button>
          <button
            v-if="build.chargeAirCooler"
            type="button"
            class="act"
            @click="job.edit(path('chargeAirCooler'), null)"
          >
            Back to its own
          </button>
        </div>
      </template>
      <ChoiceInput
        v-if="cooling.condenser && cooling.chargeAirCooler"
        :model-value="cooling.chargeAirFirst"
        label="Which stands in front"
        :choices="FIRST"
        @update:model-value="(first) => job.edit('rig.vehicle.cooling.chargeAirFirst', first)"
      />
      <div v-for="core in own" :key="core.key" class="fields">
        <QuantityField
          :label="`${core.label}, from left edge`"
          :path="`rig.vehicle.cooling.${core.key}.leftMm`"
          quantity="size"
          :step="5"
        />
        <QuantityField
          :label="`${core.label}, above lower edge`"
          :path="`rig.vehicle.cooling.${core.key}.bottomMm`"
          quantity="size"
          :step="5"
        />
        <QuantityField
          :label="`${core.label} width`"
          :path="`rig.vehicle.cooling.${core.key}.widthMm`"
          quantity="size"
          :step="10"
        />
        <QuantityField
          :label="`${core.label} height`"
          :path="`rig.vehicle.cooling.${core.key}.heightMm`"
          quantity="size"
          :step="10"
        />
      </div>
    </template>
    <PartShelf
      v-if="choosing"
      :shelf="choosing"
      :fitted="choosing === 'chargeAirCoolers' ? chargeAirFitted : undefined"
      @close="choosing = null"
      @fit="fit"
    />
  </div>
</template>

<style scoped src="./panel.css"></style>
