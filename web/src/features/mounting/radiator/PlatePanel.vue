<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import type { RadiatorFit } from '@/shared/api/types'
import { camel, choiceWord, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useDrawings } from '../drawings'

/** Sheet that is cut and welded in for a radiator: each plate goes tack, trial, weld, final, in this order. */
defineProps<{ plates: RadiatorFit['plates'] }>()
const job = useJob()
type PlateSheet = RadiatorFit['plates'][number]
const STAGES = ['TACKED', 'TRIED', 'WELDED', 'FINISHED'] as const
type Stage = 'CUT' | (typeof STAGES)[number]
const steps = [['CUT', 'to cut'], ...STAGES.map((s) => [s, choiceWord(s)] as const)] as [Stage, string][]
const stages = computed(() => job.build.mounting.radiator.plates)
const of = (p: PlateSheet) => stages.value.find((s) => s.what === p.what && s.side === p.side)
const refused = ref('')
/** Nothing is welded that was not tried: a step is taken after the one before it, or back. */
function go(p: PlateSheet, to: Stage) {
  refused.value = ''
  const now = STAGES.indexOf((of(p)?.stage ?? 'CUT') as (typeof STAGES)[number])
  const then = STAGES.indexOf(to as (typeof STAGES)[number])
  if (then > now + 1) {
    refused.value = `First ${choiceWord(STAGES[now + 1]!)}: a plate is tacked, tried with engine, hoses, grille and bonnet, welded, then finished.`
    return
  }
  const others = stages.value.filter((s) => s !== of(p))
  job.edit(
    `builds.${job.selected}.mounting.radiator.plates`,
    to === 'CUT'
      ? others
      : [
          ...others,
          { id: `plate-${camel(p.what).toLowerCase()}-${p.side.toLowerCase()}`, what: p.what, side: p.side, stage: to },
        ],
  )
}
const { refused: undrawn, drawBuild } = useDrawings()
const save = (kind: 'pdf' | 'dxf' | 'svg', paper: 'A4' | 'LETTER' = 'A4') =>
  drawBuild(`plates-${kind}`, { paper }, `plates.${kind}`)
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)
</script>

<template>
  <section data-plates>
    <header class="head">
      <h3>Cut and welded in</h3>
      <span class="give">
        <button type="button" class="act slim" @click="save('pdf')">PDF A4</button>
        <button type="button" class="act slim" @click="save('pdf', 'LETTER')">PDF Letter</button>
        <button type="button" class="act slim" @click="save('dxf')">DXF</button>
        <button type="button" class="act slim" @click="save('svg')">SVG</button>
      </span>
    </header>
    <p class="caution">
      The core support is structure, and lamps hang on it: how much of it may be cut, and whether the truck is inspected
      after, is the body maker’s and the inspector’s business, not this tool’s. Battery off, earth clamp beside the
      weld, coating ground off (zinc fumes), no chlorinated cleaner near it, eyes covered, a bottle of water at hand.
    </p>
    <ul class="plates">
      <li v-for="p in plates" :key="p.what + p.side" :data-plate="`${p.what}-${p.side}`">
        <div class="what">
          <b>{{ word(`plateWhat.${camel(p.what)}`) }}, {{ word(`plateSide.${camel(p.side)}`) }}</b>
          <span class="small soft"
            >{{ mm(p.widthMm) }} × {{ mm(p.heightMm) }}
            <template v-if="p.notchDepthMm !== null"
              >· cut out {{ mm(p.notchDepthMm!) }} deep, {{ mm(p.notchHeightMm!) }} high, from
              {{ mm(p.notchBottomMm!) }} up</template
            ></span
          >
        </div>
        <ChoiceInput
          :label="`How far: ${word(`plateWhat.${camel(p.what)}`)}, ${word(`plateSide.${camel(p.side)}`)}`"
          :choices="steps"
          small
          :model-value="(of(p)?.stage ?? 'CUT') as Stage"
          @update:model-value="(to) => go(p, to as Stage)"
        />
      </li>
    </ul>
    <p v-if="refused || undrawn" role="alert" class="refused">{{ refused || undrawn }}</p>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 12px;
}
.give {
  display: flex;
  gap: 6px;
}
.caution {
  margin: 6px 0;
  padding: 8px 12px;
  border-left: 6px solid var(--marginal);
  background: var(--rule-soft);
}
.plates {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.plates li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.35fr);
  gap: 12px;
  align-items: center;
}
.what {
  display: flex;
  flex-direction: column;
}
.plates b {
  font: 600 18px/1.2 var(--rb-font-head);
}
.plates b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 760px) {
  .plates li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
