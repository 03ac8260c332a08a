<script setup lang="ts">
import { computed, ref } from 'vue'
import type { AnyPart as Part, Catalogue, JobContent } from '@/shared/api/types'
import { useJob } from '@/job/useJob'
import { gauges } from '@/shared/api/gauges'
import { choiceWord, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { outcomeOf, standingWord } from '@/shared/ui/words'
import { money } from '@/shared/ui/yard'
import { format } from '@/shared/units/units'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import CsvExchange from './CsvExchange.vue'
import { useCatalogue } from './useCatalogue'
import { useTrials } from './useTrials'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'

/** One shelf of the catalogue to choose from, and its CSV both ways. */
type Shelf = keyof Catalogue
const props = defineProps<{
  shelf: Shelf
  /** The part in whose place another comes. */
  now?: Part
  /** Why a part goes in nowhere. */
  fits?: (part: Part) => string
  /** The job with a part in the build in hand; without it nothing is worked out here. */
  fitted?: (part: Part) => JobContent
}>()
const emit = defineEmits<{ close: []; fit: [part: Part] }>()
const { catalogue, problem, reload } = useCatalogue()
const slugs: Record<Shelf, string> = {
  oilCoolers: 'oil-coolers',
  radiators: 'radiators',
  fans: 'fans',
  thermostats: 'thermostats',
  caps: 'caps',
  controllers: 'controllers',
  chargeAirCoolers: 'charge-air-coolers',
  pumps: 'coolant-pumps',
  clutches: 'fan-clutches',
  hydraulicCoolers: 'hydraulic-coolers',
}
const group = ref('')
const groupOf = (p: Part): string =>
  'family' in p ? p.family : 'metal' in p ? p.metal : 'circuit' in p ? p.circuit : 'kind' in p ? p.kind : ''
const parts = computed(() => (catalogue.value?.[props.shelf] ?? []) as Part[])
const groups = computed(() =>
  [...new Set(parts.value.map(groupOf))].filter(Boolean).map((g) => [g, choiceWord(g)] as const),
)
const shown = computed(() => parts.value.filter((p) => !group.value || groupOf(p) === group.value))
const why = (p: Part) => props.fits?.(p) ?? ''
const job = useJob()
/** What each part would do here; one that goes in nowhere is not asked about. */
const trials = useTrials(() => shown.value.filter((p) => !why(p)), props.fitted)
function does(p: Part): string {
  const verdict = trials.value[p.code]
  if (!verdict) return ''
  if (verdict.problem) return say(verdict.problem, unitWorld.value)
  const now = gauges(job.verdict ?? undefined)
  const signed = (k: number) => (k > 0 ? '+' : '') + format(k, 'difference', unitWorld.value, 1)
  return gauges(verdict)
    .map(({ key, label, gauge }) => {
      const then = now.find((g) => g.key === key)
      return `${label.toLowerCase()} ${then ? signed(gauge.peakC - then.gauge.peakC) : format(gauge.peakC, 'temperature', unitWorld.value, 0)}`
    })
    .join(' · ')
}
const outcome = (p: Part) => outcomeOf(trials.value[p.code])
const mm = (v: number) => format(v, 'size', unitWorld.value)
function about(p: Part): string {
  if ('family' in p)
    return `${mm(p.widthMm)} × ${mm(p.heightMm)} × ${mm(p.depthMm)} · ${p.ports}${p.bypassOpensC ? ` · bypass below ${format(p.bypassOpensC, 'temperature', unitWorld.value, 0)}` : ''}`
  if ('metal' in p)
    return `${mm(p.widthMm)} × ${mm(p.heightMm)} × ${mm(p.depthMm)} · ${p.finsPerInch} fins/in · ${p.inTankWattsPerKelvin ? 'oil cooler in its tank' : 'no oil ports'}`
  const t = (v: number) => format(v, 'temperature', unitWorld.value, 0)
  if ('kgsAt4000' in p) return `${format(p.kgsAt4000, 'massFlow', unitWorld.value)} at 4000 rpm`
  if ('circuit' in p) return `${mm(p.widthMm)} × ${mm(p.heightMm)} × ${mm(p.depthMm)} · ${p.ports}`
  if ('portBoreMm' in p)
    return `${mm(p.widthMm)} × ${mm(p.heightMm)} × ${mm(p.depthMm)} · ${p.finsPerInch} fins/in · ports ${mm(p.portBoreMm)}`
  if ('gripsFromC' in p && !('diameterMm' in p))
    return `grips from ${t(p.gripsFromC)}, fully at ${t(p.gripsFullyC)}, by the ${p.kind === 'VISCOUS' ? 'air behind the radiator' : 'coolant'}`
  if ('startC' in p) return `opens from ${t(p.startC)} to ${t(p.fullC)}`
  if ('capKpa' in p) return format(p.capKpa, 'pressure', unitWorld.value)
  if ('hysteresisK' in p)
    return `on at ${t(p.onFromC)}${p.onToC > p.onFromC ? ` to ${t(p.onToC)}` : ''}, off ${format(p.hysteresisK, 'difference', unitWorld.value, 0)} under · ${p.amps} A`
  return `${mm(p.diameterMm)} · ${format(p.freeFlowM3s, 'airflow', unitWorld.value)} in free air${p.shutoffPa || p.curveM3s?.length ? '' : ' (curve estimated)'}${p.amps ? ` · ${p.amps} A` : ''}`
}
/** Outline to one scale, of parts that have one. */
const size = (p: Part) =>
  'widthMm' in p
    ? { w: p.widthMm, h: p.heightMm, round: false }
    : 'diameterMm' in p
      ? { w: p.diameterMm * p.count, h: p.diameterMm, round: true }
      : null
</script>

<template>
  <el-drawer
    :model-value="true"
    size="min(760px, 94vw)"
    :title="word(`shelf.${slugs[shelf]}`)"
    append-to-body
    @close="emit('close')"
  >
    <div class="top">
      <ChoiceInput v-model="group" label="Kind" :choices="[['', 'All'] as const, ...groups]" small />
    </div>
    <CsvExchange :shelf="slugs[shelf]" @taken="reload" />
    <p v-if="problem" role="alert">{{ problem }}</p>
    <ul class="parts">
      <li v-for="p in shown" :key="p.code">
        <svg v-if="size(p)" :viewBox="shelf === 'oilCoolers' ? '0 0 660 420' : '0 0 900 620'" aria-hidden="true">
          <circle
            v-if="size(p)!.round"
            cx="450"
            cy="310"
            :r="size(p)!.h / 2"
            fill="var(--accent-wash)"
            stroke="var(--accent-ink)"
            stroke-width="9"
          />
          <rect
            v-else
            x="4"
            :y="(shelf === 'oilCoolers' ? 416 : 616) - size(p)!.h"
            :width="size(p)!.w"
            :height="size(p)!.h"
            fill="var(--accent-wash)"
            stroke="var(--accent-ink)"
            stroke-width="9"
          />
        </svg>
        <span v-else></span>
        <div>
          <h3>{{ p.name }}</h3>
          <p class="small soft">{{ about(p) }}</p>
          <p v-if="fitted && !why(p)" class="does" :data-does="trials[p.code] ? 'yes' : 'not yet'">
            <template v-if="trials[p.code]"
              ><VerdictMark :standing="outcome(p)" :size="14" /> {{ does(p) }},
              {{
                outcome(p) === 'CLASH'
                  ? `not buildable: ${say(trials[p.code]!.clashes[0]!.said, unitWorld)}`
                  : standingWord(outcome(p))
              }}</template
            >
            <template v-else>working out what it does here …</template>
          </p>
        </div>
        <span class="price"
          ><b>{{ money(p.price) }}</b></span
        >
        <button
          type="button"
          class="act"
          :disabled="!!why(p) || now?.code === p.code"
          :aria-label="`Take ${p.name}`"
          @click="emit('fit', p)"
        >
          {{ why(p) || (now?.code === p.code ? 'Fitted now' : 'Take it') }}
        </button>
      </li>
    </ul>
  </el-drawer>
</template>

<style scoped>
.top {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.does {
  font: 600 16px/1.25 var(--rb-font-head);
}
.does svg {
  vertical-align: -2px;
}
.parts {
  list-style: none;
  margin: 0;
  padding: 0;
}
.parts li {
  display: grid;
  grid-template-columns: 84px 1fr auto 128px;
  gap: 14px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--rule-soft);
}
.parts > li > svg {
  width: 84px;
  height: 54px;
}
.parts .act {
  justify-content: center;
  padding: 0 8px;
}
.price {
  font: 600 20px/1 var(--rb-font-head);
}
</style>
