<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { newId } from '@/job/paths'
import type { NoseHole, NosePort, NoseSolid, SpaceNear } from '@/shared/api/types'
import { choiceWord } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { kindWord, KINDS, type Kind } from './looked'
import NearList from './NearList.vue'
import { find, pick, pickedPoint } from './state'
import type { Thing } from './things'

/** The thing in hand: what it is, where it stands, how well that is known, and what is near it. */
const props = defineProps<{ thing: Thing; near: SpaceNear[]; names: Map<string, string> }>()
const job = useJob()
const solid = computed(() =>
  props.thing.kind === 'solid' ? job.content.nose.solids.find((s) => s.id === props.thing.id) : undefined,
)
const hole = computed(() =>
  props.thing.kind === 'hole' ? job.content.nose.holes.find((h) => h.id === props.thing.id) : undefined,
)
const port = computed(() =>
  props.thing.kind === 'port' ? job.content.nose.ports.find((p) => p.id === props.thing.id) : undefined,
)
const cooler = computed(() =>
  props.thing.kind === 'piece' ? job.build.coolers.find((c) => c.id === props.thing.id) : undefined,
)
const coolerAt = computed(() => `builds.${job.selected}.coolers.${props.thing.id}` as const)
const at = computed(() => `nose.solids.${props.thing.id}` as const)
const portAt = computed(() => `nose.ports.${props.thing.id}` as const)
const holeAt = computed(() => `nose.holes.${props.thing.id}` as const)

const NATURES = (['METAL', 'HOSE', 'WIRE', 'MOVING', 'HOT'] as const).map(
  (n) => [n, choiceWord(n).toLowerCase()] as const,
)
const ALL_KINDS = ([...KINDS, 'OTHER'] as Kind[]).map((k) => [k, kindWord(k)] as const)
const ROUNDS = [
  ['BOX', 'box'],
  ['ACROSS', 'round, across'],
  ['UP', 'round, upright'],
  ['BACK', 'round, along'],
] as const
const KNOWN = [
  [1, 'rule'],
  [3, 'tape'],
  [15, 'by eye'],
] as const
const SORTS = (['THREADED', 'STUD', 'PLAIN'] as const).map(
  (s) => [s, s === 'PLAIN' ? 'plain hole' : choiceWord(s)] as const,
)
const LOOKS = (['FORWARD', 'BACKWARD', 'UP', 'DOWN', 'LEFT', 'RIGHT'] as const).map((l) => [l, choiceWord(l)] as const)
const ENDS = (['FEED_LINE', 'RETURN_LINE', 'TANK_IN', 'TANK_OUT'] as const).map((w) => [w, choiceWord(w)] as const)
const FITTINGS = (['BARB', 'FLARE', 'QUICK_CONNECTOR', 'BANJO', 'PIPE_THREAD', 'PLAIN_TUBE'] as const).map(
  (f) => [f, choiceWord(f)] as const,
)
const THREADS = (['M5', 'M6', 'M8', 'M10', 'M12'] as const).map((t) => [t, t] as const)
const NEEDS = (['NOTHING', 'LONGER_WIRE', 'LONGER_HOSE', 'LONGER_CABLE', 'NEW_HOLE', 'NEW_BRACKET'] as const).map(
  (n) => [n, choiceWord(n)] as const,
)

const edit = (field: keyof NoseSolid, value: unknown) => job.edit(`${at.value}.${field}` as typeof at.value, value)
const editHole = (field: keyof NoseHole, value: unknown) =>
  job.edit(`${holeAt.value}.${field}` as typeof holeAt.value, value)
const editPort = (field: keyof NosePort, value: unknown) =>
  job.edit(`${portAt.value}.${field}` as typeof portAt.value, value)
const mayMove = (on: boolean) => edit('move', on ? { minutes: 15, needs: 'NOTHING' } : null)
function moveAway() {
  const { moved } = job.build
  const id = props.thing.id
  job.edit(`builds.${job.selected}.moved`, moved.includes(id) ? moved.filter((m) => m !== id) : [...moved, id])
}
function remove() {
  if (solid.value)
    job.edit(
      'nose.solids',
      job.content.nose.solids.filter((s) => s !== solid.value),
    )
  else if (port.value)
    job.edit(
      'nose.ports',
      job.content.nose.ports.filter((p) => p !== port.value),
    )
  else
    job.edit(
      'nose.holes',
      job.content.nose.holes.filter((h) => h !== hole.value),
    )
  pick('')
}
const points = computed(() => solid.value?.tube?.points ?? [])
const point = computed(() => (pickedPoint.value === null ? undefined : points.value[pickedPoint.value]))
function addPoint() {
  const list = points.value
  const after = Math.min(pickedPoint.value ?? list.length - 2, list.length - 2)
  const [a, b] = [list[after]!, list[after + 1]!]
  const mid = (k: 'acrossMm' | 'upMm' | 'backMm') => Math.round((a[k] + b[k]) / 2)
  const made = { id: newId(list, 'point'), acrossMm: mid('acrossMm'), upMm: mid('upMm'), backMm: mid('backMm') }
  edit('tube', { ...solid.value!.tube!, points: [...list.slice(0, after + 1), made, ...list.slice(after + 1)] })
  pickedPoint.value = after + 1
}
function removePoint() {
  edit('tube', { ...solid.value!.tube!, points: points.value.filter((p) => p !== point.value) })
  pickedPoint.value = null
}
const mm = (v: number) => format(v, 'size', unitWorld.value)
</script>

<template>
  <div class="thing" data-thing-panel>
    <template v-if="solid">
      <NameInput :model-value="solid.name" label="Name" :most="40" @update:model-value="(n) => edit('name', n)" />
      <PickInput
        :model-value="solid.what"
        label="What it is"
        :choices="ALL_KINDS"
        @update:model-value="(w) => edit('what', w)"
      />
      <ChoiceInput
        :model-value="solid.nature"
        label="What it is like"
        :choices="NATURES"
        small
        @update:model-value="(n) => edit('nature', n)"
      />
      <template v-if="solid.box">
        <div class="fields">
          <QuantityField label="Across" :path="`${at}.box.leftMm`" quantity="size" :step="5" />
          <QuantityField label="Up" :path="`${at}.box.bottomMm`" quantity="size" :step="5" />
          <QuantityField label="Back" :path="`${at}.box.frontMm`" quantity="size" :step="5" />
          <QuantityField label="Width" :path="`${at}.box.widthMm`" quantity="size" :step="5" />
          <QuantityField label="Height" :path="`${at}.box.heightMm`" quantity="size" :step="5" />
          <QuantityField label="Depth" :path="`${at}.box.depthMm`" quantity="size" :step="5" />
        </div>
        <ChoiceInput
          :model-value="solid.round ?? 'BOX'"
          label="Shape"
          :choices="ROUNDS"
          small
          @update:model-value="(r) => edit('round', r === 'BOX' ? null : r)"
        />
      </template>
      <template v-else>
        <div class="fields">
          <QuantityField label="Outside diameter" :path="`${at}.tube.diameterMm`" quantity="size" :step="1" />
        </div>
        <div class="row">
          <button
            v-for="(p, n) in points"
            :key="p.id"
            type="button"
            class="tab"
            :aria-pressed="n === pickedPoint"
            @click="pickedPoint = n"
          >
            {{ n + 1 }}
          </button>
          <button type="button" class="act" :disabled="points.length >= 40" @click="addPoint">Add a point</button>
        </div>
        <div v-if="point" class="fields">
          <QuantityField label="Across" :path="`${at}.tube.points.${point.id}.acrossMm`" quantity="size" :step="5" />
          <QuantityField label="Up" :path="`${at}.tube.points.${point.id}.upMm`" quantity="size" :step="5" />
          <QuantityField label="Back" :path="`${at}.tube.points.${point.id}.backMm`" quantity="size" :step="5" />
        </div>
        <button v-if="point && points.length > 2" type="button" class="act" @click="removePoint">
          Take point {{ pickedPoint! + 1 }} out
        </button>
      </template>
      <div class="fields two">
        <QuantityField label="Known to ±" :path="`${at}.plusMinusMm`" quantity="size" :step="1" />
        <ChoiceInput
          :model-value="solid.plusMinusMm"
          label="Measured with"
          :choices="KNOWN"
          small
          @update:model-value="(v) => edit('plusMinusMm', v)"
        />
      </div>
      <div class="row">
        <ToggleInput :model-value="!!solid.move" label="may move" @update:model-value="mayMove" />
        <ToggleInput
          :model-value="solid.takesAir"
          label="takes the ram air"
          @update:model-value="(on) => edit('takesAir', on)"
        />
      </div>
      <template v-if="solid.move">
        <div class="fields two">
          <QuantityField label="Minutes" :path="`${at}.move.minutes`" quantity="period" :step="5" />
          <PickInput
            :model-value="solid.move.needs"
            label="Needs"
            :choices="NEEDS"
            @update:model-value="(needs) => edit('move', { ...solid!.move, needs })"
          />
        </div>
        <ToggleInput
          :model-value="job.build.moved.includes(thing.id)"
          :label="`moved away in ${job.build.name}`"
          @update:model-value="moveAway"
        />
      </template>
      <p v-if="solid.what === 'CONDENSER_LINE'" class="caution">
        Refrigerant under pressure: never opened here. It is moved with its condenser, by its own bolts, or left alone.
      </p>
      <p v-if="solid.what === 'SENSOR'" class="caution">
        Air-bag sensors, radar and their aim are the maker’s procedure: do not move them.
      </p>
      <p v-if="solid.what === 'LATCH' || solid.what === 'LATCH_CABLE'" class="caution">
        Mark the latch before it is moved; latch, safety catch and cable are tried before driving off.
      </p>
    </template>
    <template v-else-if="port">
      <NameInput :model-value="port.name" label="Name" :most="40" @update:model-value="(n) => editPort('name', n)" />
      <PickInput
        :model-value="port.what"
        label="Which end of the oil’s way"
        :choices="ENDS"
        @update:model-value="(w) => editPort('what', w)"
      />
      <div class="fields">
        <QuantityField label="Across" :path="`${portAt}.acrossMm`" quantity="size" :step="5" />
        <QuantityField label="Up" :path="`${portAt}.upMm`" quantity="size" :step="5" />
        <QuantityField label="Back" :path="`${portAt}.backMm`" quantity="size" :step="5" />
      </div>
      <div class="fields two">
        <PickInput
          :model-value="port.looks"
          label="A hose leaves it"
          :choices="LOOKS"
          @update:model-value="(l) => editPort('looks', l)"
        />
        <PickInput
          :model-value="port.fitting"
          label="What is there"
          :choices="FITTINGS"
          @update:model-value="(f) => editPort('fitting', f)"
        />
        <QuantityField label="Bore" :path="`${portAt}.boreMm`" quantity="size" :step="0.5" />
        <QuantityField label="Known to ±" :path="`${portAt}.plusMinusMm`" quantity="size" :step="1" />
      </div>
      <ToggleInput
        :model-value="port.rocks"
        label="rocks with the engine"
        @update:model-value="(on) => editPort('rocks', on)"
      />
    </template>
    <template v-else-if="hole">
      <NameInput :model-value="hole.name" label="Name" :most="40" @update:model-value="(n) => editHole('name', n)" />
      <ChoiceInput
        :model-value="hole.sort"
        label="What it is"
        :choices="SORTS"
        small
        @update:model-value="(s) => editHole('sort', s)"
      />
      <div class="fields">
        <QuantityField label="Across" :path="`${holeAt}.acrossMm`" quantity="size" :step="5" />
        <QuantityField label="Up" :path="`${holeAt}.upMm`" quantity="size" :step="5" />
        <QuantityField label="Back" :path="`${holeAt}.backMm`" quantity="size" :step="5" />
        <PickInput
          :model-value="hole.thread"
          label="Thread"
          :choices="THREADS"
          @update:model-value="(t) => editHole('thread', t)"
        />
        <PickInput
          :model-value="hole.looks"
          label="Looks"
          :choices="LOOKS"
          @update:model-value="(l) => editHole('looks', l)"
        />
        <QuantityField
          :label="hole.sort === 'STUD' ? 'Stud stands free' : 'Thread left'"
          :path="`${holeAt}.freeMm`"
          quantity="size"
          :step="1"
        />
      </div>
      <NameInput
        :model-value="hole.holds"
        label="Holds already"
        :most="40"
        optional
        placeholder="nothing"
        @update:model-value="(h) => editHole('holds', h)"
      />
      <div class="fields two">
        <QuantityField label="Known to ±" :path="`${holeAt}.plusMinusMm`" quantity="size" :step="1" />
        <ChoiceInput
          :model-value="hole.plusMinusMm"
          label="Measured with"
          :choices="KNOWN"
          small
          @update:model-value="(v) => editHole('plusMinusMm', v)"
        />
      </div>
    </template>
    <template v-else>
      <div v-if="cooler" class="fields">
        <QuantityField label="From left edge" :path="`${coolerAt}.leftMm`" quantity="size" :step="5" />
        <QuantityField label="Above lower edge" :path="`${coolerAt}.bottomMm`" quantity="size" :step="5" />
        <QuantityField
          v-if="cooler.place === 'FRONT'"
          label="Gap behind"
          :path="`${coolerAt}.gapMm`"
          quantity="size"
          :step="5"
        />
      </div>
      <button
        v-if="cooler && cooler.place !== 'ELSEWHERE'"
        type="button"
        class="act main"
        :data-find="cooler.id"
        @click="find(cooler.id)"
      >
        Find better places for it
      </button>
      <p class="small soft">
        {{
          thing.free.length
            ? `Drag it${thing.free.includes(2) ? ', in depth from the side or from above' : ''}, or use the arrow keys.`
            : thing.look === 'BRACKET'
              ? 'It follows its holes; bent and cut on the bench beside.'
              : 'The truck’s own; its place is measured with the rig.'
        }}
      </p>
    </template>
    <NearList v-if="thing.kind !== 'hole'" :near="near" :names="names" :of="thing.key" />
    <button v-if="solid || hole" type="button" class="act" @click="remove">Remove {{ thing.name }}</button>
    <p v-if="thing.kind === 'piece'" class="small soft">
      {{ mm(thing.bounds.high[0] - thing.bounds.low[0]) }} × {{ mm(thing.bounds.high[1] - thing.bounds.low[1]) }} ×
      {{ mm(thing.bounds.high[2] - thing.bounds.low[2]) }}
    </p>
  </div>
</template>

<style scoped>
.thing {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
.fields.two {
  grid-template-columns: 1fr 1.6fr;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.tab {
  min-width: 44px;
  min-height: 44px;
  border: 1.5px solid var(--rule);
  background: transparent;
  color: inherit;
  font: 600 16px/1 var(--rb-font-head);
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.caution {
  border-left: 6px solid var(--marginal);
  padding-left: 10px;
  font-size: 15px;
}
</style>
