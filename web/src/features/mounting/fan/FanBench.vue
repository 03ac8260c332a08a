<script setup lang="ts">
import { computed } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Bracket, FanFit } from '@/shared/api/types'
import { say, whatToDo, why } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import { bench } from '../bench'
import FanDrawing from './FanDrawing.vue'

/** The main fan in its shroud: what was measured round it, what is too near while it runs, and what mends it. */
const job = useJob()
const { result, problem } = useComputed<FanFit | null>('/api/compute/fan-fit', () => ({
  job: job.content,
  build: job.selected,
}))
const fan = computed(() => job.build.fans.find((f) => f.id === result.value?.fan))
const room = computed(() => job.content.rig.vehicle.cooling.fanRoom)
const ROOM = 'rig.vehicle.cooling.fanRoom' as const
const seatAt = computed(() => `builds.${job.selected}.fans.${result.value?.fan ?? ''}.seat` as const)
const seat = computed(() => fan.value?.seat)

const TIPS = [
  ['tipTopMm', 'Tip gap above'],
  ['tipBottomMm', 'Tip gap below'],
  ['tipLeftMm', 'Tip gap left'],
  ['tipRightMm', 'Tip gap right'],
] as const
const DEPTH = [
  ['bladeMm', 'Blades, front to back'],
  ['inShroudMm', 'Of that in the shroud'],
] as const
const ROUND = [
  ['capMm', 'Cap to bonnet'],
  ['bonnetMm', 'Shroud to bonnet'],
  ['hoseMm', 'Hose to blades'],
  ['beltMm', 'Fan to belt'],
] as const
const MOTION = [
  ['sidewaysMm', 'Rolls sideways'],
  ['forwardMm', 'Pitches forward'],
  ['flexMm', 'Blades flex'],
] as const
const SEAT = [
  ['spacerMm', 'Spacer behind the fan'],
  ['shroudBackMm', 'Shims under the shroud'],
  ['shroudRightMm', 'Shroud to the right'],
  ['shroudUpMm', 'Shroud up'],
] as const
const open = computed(() => [...TIPS, ...DEPTH, ...ROUND].filter(([key]) => room.value[key] === null).length)
/** As they stand in the build. */
const inMm = computed(() =>
  result.value?.inShare == null || room.value.bladeMm === null ? null : result.value.inShare * room.value.bladeMm,
)
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)

type Seat = NonNullable<FanFit['mend']>['seat']
/** What a mend does, in a person's words. */
function deeds(to: Seat): string {
  const now = seat.value!
  const list = [
    to.spacerMm !== now.spacerMm && `a spacer of ${mm(to.spacerMm)} behind the fan`,
    to.shroudBackMm !== now.shroudBackMm && `shims of ${mm(to.shroudBackMm)} under the shroud`,
    to.shroudRightMm !== now.shroudRightMm &&
      `the shroud ${mm(Math.abs(to.shroudRightMm))} to the ${to.shroudRightMm > 0 ? 'right' : 'left'}`,
    to.shroudUpMm !== now.shroudUpMm &&
      `the shroud ${mm(Math.abs(to.shroudUpMm))} ${to.shroudUpMm > 0 ? 'up' : 'down'}`,
  ]
  return list.filter(Boolean).join(', ')
}

const { working, failed, ask } = useAsked()
const strapped = computed(() => job.build.mounting.brackets.some((b) => b.tie?.cooler === result.value?.fan))
function strap() {
  const fan = result.value!.fan
  void ask<Bracket[]>('/api/compute/fan-straps', { fan }, (straps) => {
    if (!straps.length) {
      failed.value = 'No strip goes from the fan’s frame to the radiator’s: place the fan inside the radiator first.'
      return
    }
    const others = job.build.mounting.brackets.filter((b) => b.tie?.cooler !== fan)
    job.edit(`builds.${job.selected}.mounting.brackets`, [...others, ...straps])
    bench.value = 'brackets'
  })
}
</script>

<template>
  <div class="fan-bench" :data-ready="result ? 'true' : undefined">
    <section class="panel">
      <header>
        <h2>Fan and shroud</h2>
        <span class="small soft">{{ job.build.name }}{{ result?.onEngine ? ', on the engine' : ', on the pack' }}</span>
      </header>
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
      <template v-if="result">
        <p v-if="result.anew" class="note" role="status" data-anew>
          This build has another fan or radiator than the truck came with: what was measured is of the old one. Measure
          again at the trial fit.
        </p>
        <FanDrawing :fit="result" :blade-mm="room.bladeMm" :in-mm="inMm" :belt-mm="result.beltMm" />
        <ul class="findings" data-findings>
          <li v-for="f in result.findings" :key="f.code">
            <b>{{ say(f, unitWorld) }}</b>
            <span v-if="why(f, unitWorld)" class="small soft">{{ why(f, unitWorld) }}</span>
            <span v-if="whatToDo(f, unitWorld)" class="small">{{ whatToDo(f, unitWorld) }}</span>
          </li>
        </ul>
        <p v-if="!result.findings.length" class="clear" data-clear>
          Nothing is too near{{
            open ? `, of what was measured: ${open} still open` : ' while the engine rolls and the blades flex'
          }}.
        </p>
        <div v-if="result.mend" class="mend">
          <button type="button" class="act main" data-mend @click="job.edit(seatAt, result.mend.seat)">
            {{ deeds(result.mend.seat) }}
          </button>
          <p class="small soft">
            {{
              result.mend.left.length
                ? `Still wrong then: ${result.mend.left.map((f) => say(f, unitWorld)).join('; ')}.`
                : 'Nothing is wrong then.'
            }}
            Longer studs with a spacer, the full thread in the hub; turn the fan by hand once round before it runs.
          </p>
        </div>
        <div v-if="!result.onEngine" class="mend">
          <button type="button" class="act" :disabled="working" data-strap @click="strap">
            {{ strapped ? 'Bend the straps anew' : 'Straps from its frame to the radiator’s frame' }}
          </button>
          <p class="small soft">
            Never rods or ties through the core: they saw into its tubes. Holes of the radiator’s frame are as such
            radiators have them; measure yours.
          </p>
          <p v-if="failed" role="alert" class="refused">{{ failed }}</p>
        </div>
      </template>
      <p v-else-if="!problem" class="soft">No fan stands behind the radiator in this build.</p>
    </section>
    <section class="panel side">
      <header>
        <h2>Measured</h2>
        <span class="small soft">{{ open ? `${open} still open` : 'all of it' }}</span>
      </header>
      <p class="small soft">
        Engine off and cold, fan fuse out or battery lead off: fans start by themselves. Turn the fan and take the
        narrowest blade at each place.
      </p>
      <div class="fields">
        <QuantityField
          v-for="[key, label] in [...TIPS, ...DEPTH, ...ROUND]"
          :key="key"
          :label="label"
          :path="`${ROOM}.${key}`"
          quantity="size"
          :step="1"
          optional
          placeholder="not yet"
        />
        <QuantityField label="Blades to core" path="rig.vehicle.cooling.fanToCoreMm" quantity="size" :step="1" />
      </div>
      <template v-if="result">
        <h3>It moves</h3>
        <div class="fields">
          <QuantityField
            v-for="[key, label] in MOTION"
            :key="key"
            :label="label"
            :path="`${ROOM}.${key}`"
            quantity="size"
            :step="1"
            optional
            :placeholder="`${mm(result[key])} as usual`"
          />
        </div>
        <template v-if="seat">
          <h3>{{ job.build.name }} changes</h3>
          <div class="fields">
            <QuantityField
              v-for="[key, label] in SEAT"
              :key="key"
              :label="label"
              :path="`${seatAt}.${key}`"
              quantity="size"
              :step="1"
            />
          </div>
        </template>
      </template>
    </section>
  </div>
</template>

<style scoped>
.fan-bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.panel > header {
  margin: 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
}
.findings {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.findings li {
  display: flex;
  flex-direction: column;
  padding: 6px 12px;
  border-left: 6px solid var(--over);
  background: var(--over-wash);
}
.clear {
  margin: 0;
  padding: 8px 12px;
  border-left: 6px solid var(--holds);
  background: var(--rule-soft);
}
.note {
  margin: 0;
  padding: 8px 12px;
  border-left: 6px solid var(--marginal);
  background: var(--rule-soft);
}
.mend {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: flex-start;
}
.mend p {
  margin: 0;
}
.mend .act {
  min-height: 48px;
  line-height: 1.15;
  padding-block: 8px;
}
@media (max-width: 1000px) {
  .fan-bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
