<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { originOf } from '@/job/origin'
import { useComputed } from '@/job/useComputed'
import type { NoseSection } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import RemotePlaces from './RemotePlaces.vue'
import { lookedFor, type Kind, kindWord, withAbsent, withTaken } from './looked'
import { pick } from './state'

/** The guided list: eight measures that give a usable front end, then one thing after another. */
const job = useJob()
const nose = computed(() => job.content.nose)

const OPENING = [
  ['rig.vehicle.cooling.openingWidthMm', 'Opening width'],
  ['rig.vehicle.cooling.openingHeightMm', 'Opening height'],
  ['rig.vehicle.cooling.openingDepthMm', 'Grille line to the pack'],
] as const
const LINES = [
  ['bonnetMm', 'Bonnet’s front edge', 'Its underside over the radiator’s lower edge, bonnet shut.'],
  ['bumperTopMm', 'Bumper’s upper edge', 'Over the radiator’s lower edge; with a minus where it is lower.'],
  ['bumperAheadMm', 'Bumper before the grille', 'From its face back to the grille line.'],
  ['braceMm', 'Centre brace, width', 'What divides the opening; 0 for nothing.'],
  ['latchMm', 'Latch hangs in by', 'From the opening’s upper edge down; 0 where it does not.'],
] as const
const taken = computed(
  () =>
    OPENING.filter(([path]) => originOf(job.content, path) !== 'assumed').length +
    LINES.filter(([key]) => nose.value.measures[key] != null).length,
)

/** What such a truck usually has, round the measures of this one. */
const { result: usual, older, problem } = useComputed<NoseSection>('/api/compute/nose-start', () => job.content)
const guessed = computed(() => usual.value?.solids[0]?.plusMinusMm ?? null)
/** Draws what nobody has measured yet; what was measured stays. */
const drawAll = () => job.edit('nose', withTaken(nose.value, usual.value!, null))
function take(kind: Kind) {
  job.edit('nose', withTaken(nose.value, usual.value!, kind))
  const made = job.content.nose.solids.find((s) => s.what === kind)
  if (made) pick(`solid/${made.id}`)
}
const absent = (kind: Kind) => job.edit('nose', withAbsent(nose.value, kind))

const rows = computed(() => lookedFor(nose.value))
const left = computed(() => rows.value.filter((r) => r.state === 'open').length)
const mm = (v: number) => format(v, 'size', unitWorld.value)
</script>

<template>
  <div class="nose">
    <p class="small soft">
      Across and up from the radiator’s left and lower edge, back from the grille line. Grille off, engine cold, fan
      fuse out.
    </p>
    <h3>
      Eight measures <span class="soft small">{{ taken }} of 8 taken</span>
    </h3>
    <div class="fields">
      <QuantityField
        v-for="[path, label] in OPENING"
        :key="path"
        :label="label"
        :path="path"
        quantity="size"
        :step="5"
      />
      <div v-for="[key, label, how] in LINES" :key="key">
        <QuantityField
          :label="label"
          :path="`nose.measures.${key}`"
          quantity="size"
          :step="5"
          optional
          placeholder="not yet"
        />
        <p class="small soft">{{ how }}</p>
      </div>
    </div>
    <div class="row">
      <button
        type="button"
        class="act"
        :class="{ main: !nose.solids.length }"
        :disabled="!usual || older"
        data-draw
        @click="drawAll"
      >
        {{ nose.solids.length ? 'Draw anew what is guessed' : 'Draw a front end from these' }}
      </button>
    </div>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p class="small soft">
      From a usual {{ word(`vehicleKind.${camel(job.content.rig.vehicle.kind)}`) }}.
      <template v-if="guessed !== null"
        >What is guessed is known to ± {{ mm(guessed) }}; each measure narrows it.</template
      >
    </p>
    <h3>
      Looked for <span class="soft small">{{ left ? `${left} still open` : 'all answered' }}</span>
    </h3>
    <ul>
      <li v-for="r in rows" :key="r.kind" :data-looked="r.kind" :class="r.state">
        <span class="what">{{ kindWord(r.kind) }}</span>
        <template v-if="r.state === 'there'">
          <button v-for="s in r.solids" :key="s.id" type="button" class="link" @click="pick(`solid/${s.id}`)">
            {{ s.name }}, ± {{ mm(s.plusMinusMm) }}
          </button>
        </template>
        <template v-else-if="r.state === 'absent'">
          <span class="soft">not there</span>
          <button type="button" class="link" :aria-label="`${kindWord(r.kind)}: it is there`" @click="absent(r.kind)">
            it is
          </button>
        </template>
        <template v-else>
          <button
            type="button"
            class="link"
            :disabled="!usual || older"
            :aria-label="`${kindWord(r.kind)}: there is`"
            @click="take(r.kind)"
          >
            there is
          </button>
          <button type="button" class="link" :aria-label="`${kindWord(r.kind)}: not there`" @click="absent(r.kind)">
            not there
          </button>
        </template>
      </li>
    </ul>
    <RemotePlaces />
  </div>
</template>

<style scoped>
.nose {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
}
.row {
  display: flex;
  gap: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 10px;
  min-height: 44px;
  border-top: 1px solid var(--rule-soft);
}
.what {
  flex: 1;
  min-width: 110px;
}
li.open .what {
  font-weight: 600;
}
.link {
  padding: 0 6px;
  border: 0;
  background: none;
  font: 600 15px/1.1 var(--rb-font-text);
  text-underline-offset: 3px;
  cursor: pointer;
}
</style>
