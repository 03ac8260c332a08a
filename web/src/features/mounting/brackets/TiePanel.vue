<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Bracket, BracketForm } from '@/shared/api/types'
import { choiceWord, partName } from '@/shared/message/say'
import PickInput from '@/shared/ui/PickInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** From which ear of the cooler to which hole of the body a bracket goes, and the forms that bring it there. */
const props = defineProps<{ bracket: Bracket; flatMm: number }>()
const job = useJob()
const cooler = computed(() => job.build.coolers.find((c) => c.place !== 'ELSEWHERE'))
const holes = computed(() => job.content.nose.holes)
const holeChoices = computed(() =>
  holes.value.map((h) => [h.id, `${h.name}, ${h.thread}${h.holds ? `, holds ${h.holds}` : ''}`] as const),
)
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
  if (!cooler.value || !first) return
  const now = props.bracket.tie ?? { cooler: cooler.value.id, corner: 'UPPER_LEFT' as const, hole: first.id }
  job.edit(`${path.value}.tie`, { ...now, cooler: cooler.value.id, ...change })
}
function take(form: BracketForm) {
  const { steps, holes, tabMm } = form.bracket
  job.edit(path.value, { ...props.bracket, steps, holes, tabMm })
}
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 2)
const isTaken = (f: BracketForm) => Math.abs(f.flat.flatMm - props.flatMm) < 0.05
</script>

<template>
  <div class="tie" data-tie>
    <template v-if="cooler && holes.length">
      <PickInput
        :model-value="bracket.tie?.corner"
        label="From the ear"
        :choices="CORNERS"
        @update:model-value="(corner) => tie({ corner })"
      />
      <PickInput
        :model-value="bracket.tie?.hole"
        label="To the hole"
        :choices="holeChoices"
        @update:model-value="(hole) => tie({ hole })"
      />
      <div class="forms" role="group" aria-label="Forms">
        <button
          v-for="f in shown"
          :key="`${f.kind} ${f.behind}`"
          type="button"
          class="form"
          :aria-pressed="isTaken(f)"
          :data-form="f.kind"
          @click="take(f)"
        >
          <b>{{ choiceWord(f.kind) }}</b>
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
        cooler
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
