<script setup lang="ts">
import { computed, ref } from 'vue'
import PartShelf from '@/features/parts/PartShelf.vue'
import { edited } from '@/job/origin'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { later } from '@/shared/ui/later'
import { useComputed } from '@/job/useComputed'
import type {
  AnyPart,
  SwitchPoints,
  SwitchProposal,
  SwitchResult,
  ThermostatPart,
  TripResult,
} from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useAskedField } from '@/job/fields/fieldPlace'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { fansOf, switchedFans, type Fan } from './fans'
import ProposalCurve from './ProposalCurve.vue'
import TemperatureLadder from './TemperatureLadder.vue'
import DataTable from '@/shared/ui/DataTable.vue'

const SwitchRun = later(() => import('./SwitchRun.vue'))

const job = useJob()
useAskedField()
const driving = useDriving()
const fans = computed(() => fansOf(job.build))
/** Switched fans of the pack: a fan of an oil cooler's own is set by itself. */
const switched = computed(() => switchedFans(job.build).filter((f) => f.fan))
const question = () => job.content && !job.dragging && { job: job.content, build: job.selected }
const { result, problem } = useComputed<SwitchResult>('/api/compute/switching', question)
const {
  result: proposal,
  queueing,
  older,
} = useComputed<SwitchProposal>('/api/compute/switch-proposal', () => switched.value.length > 0 && question())
/** While a band is dragged the road itself is driven again and again. */
const trace = computed(() => (driving.hasRoad && driving.trip?.trace) || result.value?.chosen.trace || null)
/** All switched fans of the pack at the proposed points, each stage above the one before. */
function propose() {
  const best = proposal.value?.best
  if (!best) return
  let next = job.content
  switched.value.forEach((f, stage) => {
    const up = proposal.value!.nextStageK * stage
    next = edited(next, f.path, { ...f.points, onC: best.onC + up, offC: best.offC + up })
  })
  job.replace(next)
}
/** Points that mend what was found, of one fan. */
function mend(better: NonNullable<SwitchResult['findings'][number]['better']>) {
  job.edit(fans.value.find((f) => f.id === better.fan)!.path, better.points)
}
/** What is set with one click, in words. */
function setting(better: NonNullable<SwitchResult['findings'][number]['better']>): string {
  const now = fans.value.find((f) => f.id === better.fan)?.points
  const to = better.points
  if (now && to.withAirConditioning !== now.withAirConditioning) return 'Let it run with the air conditioning'
  if (now && to.sensor !== now.sensor) return `Feel it by ${word(`choice.${to.sensor}`)}`
  const t0 = (v: number) => format(v, 'temperature', unitWorld.value, 0)
  return `Set on ${t0(to.onC)}, off ${t0(to.offC)}`
}
const SENSORS = (
  ['CYLINDER_HEAD', 'HOSE_ADAPTER', 'ON_HOSE', 'RETURN_HOSE', 'IN_FINS', 'OIL_FEED', 'GEARBOX', 'DRIVER'] as const
).map((s) => [s, word(`choice.${s}`)] as const)
const duty = (fan: string) => result.value?.duties.find((d) => d.fan.id === fan)
const span = (s: number) => (s < 90 ? `${Math.round(s)} s` : format(s / 60, 'period', unitWorld.value))
const thermostat = computed(() => `builds.${job.selected}.thermostat` as const)
/** Points that a fan starts with when a switch is given to it. */
const USUAL: SwitchPoints = { onC: 103, offC: 98, sensor: 'HOSE_ADAPTER', withAirConditioning: false }
const USUAL_IN_OIL: SwitchPoints = { onC: 95, offC: 85, sensor: 'GEARBOX', withAirConditioning: false }
const sensorsOf = (f: Fan) => SENSORS.filter(([s]) => f.fan || s === 'OIL_FEED' || s === 'GEARBOX')
const shelf = ref<'thermostats' | 'controllers' | 'caps' | null>(null)
const opened = (part: AnyPart) => {
  const { startC, fullC } = part as ThermostatPart
  return edited(job.content, thermostat.value, { startC, fullC })
}
function fit(part: AnyPart) {
  shelf.value = null
  if ('startC' in part) job.replace(opened(part))
  else if ('capKpa' in part) job.edit('rig.vehicle.cooling.capKpa', part.capKpa)
  else if ('hysteresisK' in part) {
    // A controller takes over every switched fan, or the first where none is.
    const taken = switched.value.length ? switched.value : fans.value.filter((f) => f.fan && f.fed).slice(0, 1)
    let next = job.content
    for (const f of taken) {
      const on = Math.min(part.onToC, Math.max(part.onFromC, f.points?.onC ?? USUAL.onC))
      next = edited(next, f.path, { ...(f.points ?? USUAL), onC: on, offC: on - part.hysteresisK })
    }
    job.replace(next)
  }
}
/** When the first switched fan comes on. */
function fanOn(run: TripResult): string {
  const first = run.switched.find((s) => s.on)
  return first ? span(first.timeS) : switched.value.length ? 'never' : 'no switch'
}
const t = (v: number) => format(v, 'temperature', unitWorld.value, 1)
const RUNS = [
  { key: 'thermostat', label: 'Thermostat' },
  { key: 'fan', label: 'fan after' },
  { key: 'loud', label: 'loud' },
  { key: 'top', label: 'at worst' },
]
</script>

<template>
  <div class="switching">
    <section class="panel ladder">
      <header><h2>One scale for all</h2></header>
      <TemperatureLadder
        :limit="result?.chosen.coolant?.limitC ?? null"
        :boiling="result?.boilingC ?? null"
        :clutch="result?.clutch ?? null"
      />
      <p class="small soft">Drag the ends of a fan's band, or ↑ ↓ on them.</p>
    </section>
    <section class="panel set">
      <header>
        <h2>Set the points</h2>
        <span class="soft small">{{ job.build.name }}</span>
      </header>
      <div class="fields">
        <QuantityField label="Thermostat opens" :path="`${thermostat}.startC`" quantity="temperature" :step="1" big />
        <QuantityField label="Fully open at" :path="`${thermostat}.fullC`" quantity="temperature" :step="1" big />
        <QuantityField
          label="Warning comes on at"
          path="rig.vehicle.limits.warningC"
          quantity="temperature"
          :step="1"
          optional
          placeholder="not known"
        />
      </div>
      <div v-for="f in fans" :key="f.id" class="fan">
        <div class="who">
          <div>
            <h3>{{ f.name }}</h3>
            <p class="soft small">{{ f.says }}</p>
          </div>
          <ToggleInput
            v-if="f.fed"
            :model-value="!!f.points"
            :label="`${f.name} has a switch`"
            @update:model-value="(on) => job.edit(f.path, on ? (f.fan ? USUAL : USUAL_IN_OIL) : null)"
            >switched</ToggleInput
          >
        </div>
        <p v-if="f.fan?.part.gripsFromC != null" class="small">
          Its clutch follows {{ f.fan.part.kind === 'VISCOUS' ? 'the air behind the radiator' : 'the coolant' }},
          {{ t(f.fan.part.gripsFromC) }} to {{ t(f.fan.part.gripsFullyC!)
          }}<template v-if="result?.clutch?.byAir"
            >: at the worst moment of this road that is coolant of {{ t(result.clutch.fromC) }} to
            {{ t(result.clutch.toC) }}</template
          >.
        </p>
        <div v-if="f.points" class="fields">
          <QuantityField label="Fan on" :path="`${f.path}.onC`" quantity="temperature" :step="1" big />
          <QuantityField label="Fan off" :path="`${f.path}.offC`" quantity="temperature" :step="1" big />
          <div class="sensor">
            <span>Felt by</span>
            <el-select
              :model-value="f.points.sensor"
              :aria-label="`${f.name}: felt by`"
              @update:model-value="(to: string) => job.edit(`${f.path}.sensor`, to)"
            >
              <el-option v-for="[s, words] in sensorsOf(f)" :key="s" :value="s" :label="words" />
            </el-select>
          </div>
          <ToggleInput
            v-if="f.fan"
            :model-value="f.points.withAirConditioning"
            :label="`${f.name} runs with the air conditioning`"
            @update:model-value="(on) => job.edit(`${f.path}.withAirConditioning`, on)"
            >with A/C</ToggleInput
          >
          <p v-if="duty(f.id)" class="duty small" :data-duty="f.id">
            on after <b>{{ duty(f.id)!.firstOnS == null ? 'never' : span(duty(f.id)!.firstOnS!) }}</b>, runs
            <b>{{ span(duty(f.id)!.runS) }}</b>, {{ duty(f.id)!.starts }}
            {{ duty(f.id)!.starts === 1 ? 'start' : 'starts' }}
          </p>
        </div>
      </div>
      <div class="shelves">
        <button type="button" class="act" @click="shelf = 'thermostats'">Thermostats</button>
        <button type="button" class="act" @click="shelf = 'controllers'">Controllers</button>
        <button type="button" class="act" @click="shelf = 'caps'">Caps</button>
      </div>
      <p v-if="problem" role="alert" class="finding bad">{{ problem }}</p>
      <p v-else-if="!result" class="soft">Driving the road with these switch points …</p>
      <ul data-findings>
        <li
          v-for="(f, i) in result?.findings ?? []"
          :key="i"
          class="finding"
          :class="{
            bad: f.bad,
            sound: f.said.code === 'switchFinding.sound' || f.said.code === 'switchFinding.neverNeeded',
          }"
        >
          {{ say(f.said, unitWorld) }}
          <p v-if="f.better" class="better">
            <button type="button" class="act" data-mend @click="mend(f.better)">{{ setting(f.better) }}</button>
            <span class="small"
              >{{ word(`fluid.${f.better.fluid.toLowerCase()}`) }} {{ t(f.better.peakC) }}, loud
              {{ span(f.better.loudS) }}</span
            >
          </p>
        </li>
      </ul>
      <h3 class="against">Against a colder thermostat</h3>
      <DataTable
        v-if="result"
        label="Against a colder thermostat"
        :columns="RUNS"
        :rows="[result.chosen, result.colder]"
        data-compare
      >
        <template #thermostat="{ row, index }"
          ><span :data-problem="row.problem ? '' : undefined"
            >{{ index ? 'colder' : 'chosen' }},
            {{ format(index ? result.colderStartC : job.build.thermostat.startC, 'temperature', unitWorld, 0) }}</span
          ></template
        >
        <template #fan="{ row }">{{ fanOn(row) }}</template>
        <template #loud="{ row }">{{ row.totals ? span(row.totals.loudS) : '' }}</template>
        <template #top="{ row }">{{ row.coolant ? t(row.coolant.peakC) : '' }}</template>
      </DataTable>
      <p class="small soft">
        A colder thermostat starts lower; once it is wide open the peak is the radiator's and the air's, not the
        thermostat's.
      </p>
    </section>
    <section class="panel run">
      <header>
        <h2>{{ job.content.haul.journey?.name ?? job.content.haul.road }}</h2>
        <span class="soft small">{{
          driving.hasRoad ? 'from end to end' : 'a quarter of an hour on the level, and one on the climb'
        }}</span>
      </header>
      <SwitchRun v-if="trace" :chosen="trace" :colder="result?.colder.trace ?? null" />
      <section v-if="switched.length" class="proposal" :class="{ older }" data-proposal>
        <h3>Other points on this road</h3>
        <p v-if="!proposal" class="soft">{{ queueing || 'Trying other points on this road …' }}</p>
        <template v-else-if="proposal.tried.length">
          <p v-if="proposal.best">
            <b
              >On at {{ format(proposal.best.onC, 'temperature', unitWorld, 0) }}, off at
              {{ format(proposal.best.offC, 'temperature', unitWorld, 0) }}</b
            >
            keeps every limit in nine of ten with {{ span(proposal.best.loudS) }} of noise; today
            {{ span(proposal.today!.loudS) }}.
            <button
              type="button"
              class="act"
              :disabled="
                proposal.best.onC === switched[0]!.points.onC && proposal.best.offC === switched[0]!.points.offC
              "
              @click="propose"
            >
              Set these
            </button>
          </p>
          <p v-else>
            No setting keeps every limit in nine of ten on this road: what is missing is air or core, not a switch.
          </p>
          <ProposalCurve :proposal="proposal" />
        </template>
      </section>
    </section>
    <PartShelf
      v-if="shelf"
      :shelf="shelf"
      :fitted="shelf === 'thermostats' ? opened : undefined"
      @close="shelf = null"
      @fit="fit"
    />
  </div>
</template>

<style scoped>
.fan {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  margin-top: 12px;
  padding-top: 10px;
}
.who {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
.who h3::first-letter {
  text-transform: uppercase;
}
.shelves {
  display: flex;
  gap: 8px;
  margin: 12px 0;
  flex-wrap: wrap;
}
.shelves .act {
  padding: 0 12px;
}
.switching {
  display: grid;
  grid-template-columns: 344px minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 14px;
  padding: 14px;
  flex: 1;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
.finding {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 8px 12px;
}
.finding.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
.finding.sound {
  border-color: var(--holds);
  background: var(--accent-wash);
}
.against {
  margin-top: 22px;
}
.sensor {
  display: flex;
  flex-direction: column;
  gap: 2px;
  font-size: 14px;
  color: var(--ink-soft);
}
.duty {
  align-self: end;
}
.better {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-top: 6px;
}
.better .act {
  padding: 0 12px;
}
.proposal {
  border-top: 1px solid var(--rule);
  margin-top: 12px;
  padding-top: 10px;
  display: grid;
  gap: 8px;
}
.proposal .act {
  margin-left: 8px;
}
.older {
  opacity: 0.5;
}
.run {
  display: flex;
  flex-direction: column;
}
@media (max-width: 1100px) {
  .switching {
    grid-template-columns: 320px minmax(0, 1fr);
  }
  .run {
    grid-column: 1 / -1;
    min-height: 440px;
  }
}
@media (max-width: 900px) {
  .switching {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
