<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Bracket, BracketForm } from '@/shared/api/types'
import { coolerName, fanName } from '@/features/heat/pack/geometry'
import { choiceWord, partName, word } from '@/shared/message/say'
import PickInput from '@/shared/ui/PickInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { isTabOn, tabHole } from './channelEdits'
import { format } from '@/shared/units/units'

/** From which corner of what it holds to which hole a bracket goes, and the forms that bring it there. */
const props = defineProps<{ bracket: Bracket }>()
const job = useJob()
/** Holes of what is held itself or held by before, beside those of the nose. */
const FRAME = ['upper left', 'upper right', 'lower left', 'lower right'].map(
  (at, n) => [`radiator-frame-${n}`, `radiator’s frame, ${at}`] as const,
)
const TOPS = ['left', 'right'].map((at, n) => [`radiator-top-${n}`, `where the old one was held, ${at}`] as const)
const nose = computed(() =>
  job.content.nose.holes.map((h) => [h.id, `${h.name}, ${h.thread}${h.holds ? `, holds ${h.holds}` : ''}`] as const),
)
/** A channel offers a place opposite the corner that is tied. */
const onChannels = computed(() => {
  const corner = props.bracket.tie?.corner ?? 'UPPER_LEFT'
  return job.build.mounting.channels.map((c) => [tabHole(c.id, corner), `on ${c.name}`] as const)
})
/** What brackets can hold: coolers of the pack by their ears, electric fans by their frame, another radiator above. */
const held = computed(() => [
  ...job.build.coolers
    .filter((c) => c.place !== 'ELSEWHERE')
    .map((c) => ({
      id: c.id,
      name: coolerName(job.build.coolers.indexOf(c)),
      from: 'From the ear',
      holes: [...onChannels.value, ...nose.value],
    })),
  ...job.build.fans
    .filter((f) => f.part.kind === 'ELECTRIC')
    .map((f) => ({
      id: f.id,
      name: fanName(job.build.fans.indexOf(f)),
      from: 'From its frame’s corner',
      holes: [...FRAME, ...nose.value],
    })),
  ...(job.build.radiator
    ? [{ id: 'radiator', name: word('nameNoun.radiator'), from: 'From its upper hole', holes: TOPS }]
    : []),
])
const thing = computed(() => held.value.find((h) => h.id === props.bracket.tie?.cooler) ?? held.value[0])
const holes = computed(() => thing.value?.holes ?? [])
const CORNERS = (['UPPER_LEFT', 'UPPER_RIGHT', 'LOWER_LEFT', 'LOWER_RIGHT'] as const).map(
  (c) => [c, choiceWord(c)] as const,
)
const path = computed(() => `builds.${job.selected}.mounting.brackets.${props.bracket.id}` as const)

const { result: forms } = useComputed<BracketForm[]>('/api/compute/bracket-forms', () => {
  return props.bracket.tie && { job: job.content, build: job.selected, bracket: props.bracket.id }
})
const shown = computed(() => (props.bracket.tie ? (forms.value ?? []) : []))
function tie(change: Partial<NonNullable<Bracket['tie']>>) {
  const first = holes.value[0]
  if (!thing.value || !first) return
  const now = props.bracket.tie ?? { cooler: thing.value.id, corner: 'UPPER_LEFT' as const, hole: first[0] }
  job.edit(`${path.value}.tie`, { ...now, cooler: thing.value.id, ...change })
}
/** At another ear; a tab stays on its channel. */
function turnTo(corner: NonNullable<Bracket['tie']>['corner'] | undefined) {
  if (!corner) return
  const on = job.build.mounting.channels.find((c) => isTabOn(c.id, props.bracket))
  tie(on ? { corner, hole: tabHole(on.id, corner) } : { corner })
}
/** Its holes are other ones. */
function hold(id: string | undefined) {
  const to = held.value.find((h) => h.id === id)
  const hole = to?.holes[0]?.[0]
  if (to && hole) job.edit(`${path.value}.tie`, { cooler: id, corner: props.bracket.tie?.corner ?? 'UPPER_LEFT', hole })
}
function take(form: BracketForm) {
  const { steps, holes, tabMm } = form.bracket
  job.edit(path.value, { ...props.bracket, steps, holes, tabMm })
}
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 2)
/** Where a Z steps over, if not midway between its holes. */
function stepsAt(f: BracketForm): string {
  const [first, last] = [f.bracket.steps[0]!.lengthMm, f.bracket.steps.at(-1)!.lengthMm]
  return f.kind !== 'Z' || Math.abs(first - last) < 8 ? '' : first > last ? ', steps by the hole' : ', steps by the ear'
}
const isTaken = (f: BracketForm) =>
  f.bracket.steps.length === props.bracket.steps.length &&
  f.bracket.steps.every((s, n) => Math.abs(s.lengthMm - props.bracket.steps[n]!.lengthMm) < 0.2)
</script>

<template>
  <div class="tie" data-tie>
    <template v-if="thing && holes.length">
      <PickInput
        v-if="held.length > 1"
        :model-value="thing.id"
        label="It holds"
        :choices="held.map((h) => [h.id, h.name] as const)"
        @update:model-value="hold"
      />
      <PickInput
        :model-value="bracket.tie?.corner"
        :label="thing.from"
        :choices="CORNERS"
        @update:model-value="turnTo"
      />
      <PickInput
        :model-value="bracket.tie?.hole"
        label="To the hole"
        :choices="holes"
        @update:model-value="(hole) => tie({ hole })"
      />
      <div class="forms" role="group" aria-label="Forms">
        <button
          v-for="(f, n) in shown"
          :key="n"
          type="button"
          class="form"
          :aria-pressed="isTaken(f)"
          :data-form="f.kind"
          @click="take(f)"
        >
          <b>{{ choiceWord(f.kind) }}{{ stepsAt(f) }}</b>
          <span class="small">{{ mm(f.flat.flatMm) }}, {{ f.behind ? 'behind' : 'before' }} the ear</span>
          <span v-if="f.blockedBy" class="small bad">runs into {{ partName(f.blockedBy) }}</span>
          <span v-else-if="f.flat.faults.length" class="small bad">see its faults</span>
        </button>
      </div>
      <p v-if="bracket.tie && forms && !forms.length" class="small bad">
        No strip goes from there to there: the holes stand askew, or too near each other.
      </p>
    </template>
    <p v-else class="small soft">
      {{
        thing
          ? 'Measure the body’s holes on the front end, and forms are proposed from hole to hole.'
          : 'This build has no cooler before the pack to be hung.'
      }}
    </p>
  </div>
</template>

<style scoped>
.tie {
  display: grid;
  grid-template-columns: 150px minmax(180px, 320px);
  gap: 10px;
  align-items: end;
}
.tie > p {
  grid-column: 1 / -1;
}
.forms {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.form {
  display: flex;
  flex-direction: column;
  min-height: 44px;
  padding: 4px 12px;
  border: 1.5px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.form b {
  font: 600 17px/1.1 var(--rb-font-head);
}
.form[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.bad {
  border-left: 4px solid var(--marginal);
  padding-left: 6px;
}
</style>
