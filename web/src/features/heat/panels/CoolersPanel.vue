<script setup lang="ts">
import { computed, ref } from 'vue'
import type { AnyPart, CoolerPart, FittedCooler, JobContent } from '@/shared/api/types'
import PartShelf from '@/features/parts/PartShelf.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { choiceWord } from '@/shared/message/say'
import { edited } from '@/job/origin'
import { newId } from '@/job/paths'
import { putBack } from '../pack/putBack'
import { picked, PLACES, usePack } from '../pack/usePack'

/** The auxiliary oil coolers of the build: which, in what order, where in depth. */
const { job, build, cooling, opening } = usePack()
/** Id of the cooler whose part is chosen; empty for one more. */
const choosing = ref<string | null>(null)
const cooler = computed<FittedCooler | undefined>(
  () =>
    build.value.coolers.find((c) => picked.value?.kind === 'coolers' && c.id === picked.value.id) ??
    build.value.coolers[0],
)
const path = <F extends string>(field: F) => `builds.${job.selected}.${field}` as const
const mine = <F extends string>(field: F) => `builds.${job.selected}.coolers.${cooler.value!.id}.${field}` as const
const TURNS = (['AS_DRAWN', 'QUARTER_LEFT', 'UPSIDE_DOWN', 'QUARTER_RIGHT'] as const).map(
  (t) => [t, choiceWord(t)] as const,
)
const LOOKS = (['ASIDE', 'UP', 'FORWARD'] as const).map((l) => [l, choiceWord(l)] as const)
const TANKS = [
  ['OUTLET_TANK', 'in the outlet tank'],
  ['ENGINE_SIDE', 'on the engine side'],
] as const
const ORDERS = [
  ['AFTER_TANK', 'after in-tank'],
  ['BEFORE_TANK', 'before in-tank'],
  ['TANK_BYPASSED', 'in-tank bypassed'],
] as const
const BYPASS = [
  [false, 'gearbox bypass left'],
  [true, 'pinned open'],
] as const
const SEVERAL = [
  [false, 'one after the other'],
  [true, 'side by side'],
] as const
const hasTank = computed(
  () =>
    (build.value.radiator
      ? build.value.radiator.inTankWattsPerKelvin
      : job.content.rig.vehicle.gearbox.inTankWattsPerKelvin) != null,
)
const heat = computed(() => job.detail?.balance?.heat.coolers.find((c) => c.id === cooler.value?.id)?.heatKw)

/** The job with a part in place of the cooler that is chosen, or as one more. */
function fitted(part: AnyPart, id = choosing.value || newId(build.value.coolers, 'cooler')): JobContent {
  const p = part as CoolerPart
  if (choosing.value) return stood(id, edited(job.content, `builds.${job.selected}.coolers.${id}.part`, p))
  const made: FittedCooler = {
    id,
    part: p,
    place: 'FRONT',
    gapMm: 20,
    turn: 'AS_DRAWN',
    portsSwapped: false,
    sealed: true,
    ratingFactor: 1,
    ownFanM3s: null,
    ownFanSwitch: null,
    remotePlace: null,
    leftMm: Math.round(opening.value.left + Math.min(60, Math.max(0, opening.value.width - p.widthMm))),
    bottomMm: Math.round(opening.value.bottom + Math.max(0, (opening.value.height - p.heightMm) * 0.6)),
  }
  return stood(id, edited(job.content, path('coolers'), [...build.value.coolers, made]))
}
/** A cooler at the nearest place that is clear, where its own is not. */
function stood(id: string, content: JobContent): JobContent {
  const there = content.builds.find((b) => b.id === job.selected)!
  return putBack(content, there, id) ?? content
}
function fit(part: AnyPart) {
  const id = choosing.value || newId(build.value.coolers, 'cooler')
  job.replace(fitted(part, id))
  choosing.value = null
  picked.value = { kind: 'coolers', id }
}
function takeOut() {
  job.edit(
    path('coolers'),
    build.value.coolers.filter((c) => c !== cooler.value),
  )
  picked.value = null
}
function put(place: FittedCooler['place'] | undefined) {
  if (!place) return
  const c = cooler.value!
  job.edit(`builds.${job.selected}.coolers.${c.id}`, {
    ...c,
    place,
    ownFanM3s: place === 'ELSEWHERE' ? (c.ownFanM3s ?? 0.35) : null,
    ownFanSwitch: place === 'ELSEWHERE' ? c.ownFanSwitch : null,
    remotePlace: place === 'ELSEWHERE' ? c.remotePlace : null,
  })
}
const fits = (p: AnyPart) => {
  const part = p as CoolerPart
  return part.depthMm > cooling.value.openingDepthMm
    ? 'too deep'
    : part.widthMm > opening.value.width
      ? 'too wide'
      : part.heightMm > opening.value.height
        ? 'too high'
        : ''
}
/** Places away from the pack that were measured on the front end's list. */
const remotes = computed(() => [
  ['', 'not measured'] as const,
  ...job.content.nose.remotePlaces.map((p) => [p.id, p.name] as const),
])
const d = (k: number) => (k > 0 ? '+' : '') + format(k, 'difference', unitWorld.value, 1)
</script>

<template>
  <div class="coolers">
    <div v-if="build.coolers.length > 1 || cooler" class="row">
      <button
        v-for="(c, i) in build.coolers"
        :key="c.id"
        type="button"
        class="tab"
        :aria-pressed="c === cooler"
        @click="picked = { kind: 'coolers', id: c.id }"
      >
        {{ build.coolers.length > 1 ? `${i + 1} · ` : '' }}{{ c.part.name }}
      </button>
    </div>
    <template v-if="cooler">
      <div class="row">
        <button type="button" class="act main" @click="choosing = cooler.id">Change</button>
        <button type="button" class="act" @click="takeOut">Take out</button>
        <button v-if="build.coolers.length < 3" type="button" class="act" @click="choosing = ''">Add another</button>
      </div>
      <div v-if="job.detail?.coolerEffect" class="effects" data-effects>
        <div>
          <span class="figure">{{ d(job.detail.coolerEffect.panK) }}</span><span class="small">pan</span>
        </div>
        <div>
          <span class="figure">{{ d(job.detail.coolerEffect.coolantK) }}</span><span class="small">coolant</span>
        </div>
        <div>
          <span class="figure">{{ heat != null ? format(heat, 'power', unitWorld) : '–' }}</span><span class="small"
            >this one takes</span
          >
        </div>
        <div>
          <span class="figure"
            >{{ job.detail.coolerEffect.airLostPercent >= 0 ? '−' : '+'
            }}{{ format(Math.abs(job.detail.coolerEffect.airLostPercent), 'percent', 'metric') }}</span
          ><span class="small">air through the face</span>
        </div>
      </div>
      <ChoiceInput
        v-if="hasTank"
        :model-value="build.oilOrder"
        label="Order of the elements"
        :choices="ORDERS"
        @update:model-value="(order) => job.edit(path('oilOrder'), order)"
      />
      <ChoiceInput
        v-if="hasTank && build.oilOrder !== 'TANK_BYPASSED'"
        :model-value="build.tankPlace ?? 'OUTLET_TANK'"
        label="Where the in-tank cooler stands"
        :choices="TANKS"
        @update:model-value="(place) => job.edit(path('tankPlace'), place)"
      />
      <ChoiceInput
        v-if="job.content.rig.vehicle.gearbox.bypass"
        :model-value="build.bypassPinned"
        label="The gearbox’s own bypass"
        :choices="BYPASS"
        @update:model-value="(pinned) => job.edit(path('bypassPinned'), pinned)"
      />
      <ChoiceInput
        v-if="build.coolers.length > 1"
        :model-value="build.parallel"
        label="Several coolers"
        :choices="SEVERAL"
        @update:model-value="(parallel) => job.edit(path('parallel'), parallel)"
      />
      <ChoiceInput :model-value="cooler.place" label="Place in depth" :choices="PLACES" @update:model-value="put" />
      <PickInput
        :model-value="cooler.turn"
        label="How it is turned"
        :choices="TURNS"
        @update:model-value="(turn) => job.edit(mine('turn'), turn)"
      />
      <div class="fields">
        <template v-if="cooler.place !== 'ELSEWHERE'">
          <QuantityField label="From left edge" :path="mine('leftMm')" quantity="size" :step="5" />
          <QuantityField label="Above lower edge" :path="mine('bottomMm')" quantity="size" :step="5" />
        </template>
        <template v-else>
          <QuantityField
            label="Its own fan, free air"
            :path="mine('ownFanM3s')"
            quantity="airflow"
            :step="0.05"
            optional
          />
          <PickInput
            v-if="remotes.length > 1"
            :model-value="cooler.remotePlace ?? ''"
            label="Where it hangs"
            :choices="remotes"
            @update:model-value="(id) => job.edit(mine('remotePlace'), id || null)"
          />
        </template>
        <template v-if="cooler.place === 'FRONT'">
          <QuantityField label="Gap behind" :path="mine('gapMm')" quantity="size" :step="5" />
          <ToggleInput
            :model-value="cooler.sealed"
            label="Foam round its rim"
            @update:model-value="(on) => job.edit(mine('sealed'), on)"
            >rim foamed</ToggleInput
          >
        </template>
        <QuantityField label="Width" :path="mine('part.widthMm')" quantity="size" :step="10" />
        <QuantityField label="Height" :path="mine('part.heightMm')" quantity="size" :step="10" />
        <QuantityField label="Depth" :path="mine('part.depthMm')" quantity="size" :step="2" />
        <QuantityField label="Rating factor" :path="mine('ratingFactor')" quantity="ratio" :step="0.05" />
      </div>
      <details>
        <summary>Its core and ports</summary>
        <div class="fields">
          <QuantityField label="Fins" :path="mine('part.finsPerInch')" quantity="fins" :step="1" />
          <QuantityField label="Tube pitch" :path="mine('part.tubePitchMm')" quantity="size" :step="0.5" />
          <QuantityField label="Oil passes" :path="mine('part.passes')" quantity="count" :step="1" />
          <QuantityField label="Port bore" :path="mine('part.portBoreMm')" quantity="size" :step="0.5" />
          <QuantityField
            label="Bypass opens"
            :path="mine('part.bypassOpensC')"
            quantity="temperature"
            :step="1"
            optional
            placeholder="none"
          />
          <QuantityField
            label="or opens over a drop of"
            :path="mine('part.opensKpa')"
            quantity="pressure"
            :step="5"
            optional
            placeholder="none"
          />
          <PickInput
            :model-value="cooler.part.portsLook ?? 'ASIDE'"
            label="Hoses leave it"
            :choices="LOOKS"
            @update:model-value="(look) => job.edit(mine('part.portsLook'), look)"
          />
          <ToggleInput
            :model-value="cooler.portsSwapped"
            label="Oil goes the other way through"
            @update:model-value="(on) => job.edit(mine('portsSwapped'), on)"
            >oil the other way</ToggleInput
          >
        </div>
      </details>
    </template>
    <template v-else>
      <p class="soft">No auxiliary oil cooler fitted.</p>
      <div class="row"><button type="button" class="act main" @click="choosing = ''">Choose a cooler</button></div>
    </template>
    <PartShelf
      v-if="choosing != null"
      shelf="oilCoolers"
      :now="choosing ? cooler?.part : undefined"
      :fits="fits"
      :fitted="fitted"
      @close="choosing = null"
      @fit="fit"
    />
  </div>
</template>

<style scoped src="./panel.css"></style>
