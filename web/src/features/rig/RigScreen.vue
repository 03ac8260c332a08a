<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { assumed, edited, numbersOf, type Origin, originOf } from '@/job/origin'
import { valueAt } from '@/job/paths'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useAskedField } from '@/job/fields/fieldPlace'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import DrivelineFields from './DrivelineFields.vue'
import MeasureDrawing from './MeasureDrawing.vue'
import { measurementAt, stageOf, stages, type Measurement } from './measurements'

/** The rig taken in, station by station; every number says whether it was measured, entered or assumed. */
const job = useJob()
const at = ref(0)
const stage = computed(() => stages[at.value]!)
const focus = ref('')
const pathOf = (m: Measurement) => m.path(job.build)
const there = (m: Measurement) =>
  pathOf(m).startsWith('rig.ratings.') || valueAt(job.content, pathOf(m).split('.').slice(0, -1).join('.')) != null

/** What is measured at this station, each with the letter that the drawing gives it. */
const shown = computed(() => stage.value.list.filter(there))
const letters = computed(() => shown.value.map((m, i) => ({ id: m.id, letter: String.fromCharCode(65 + i) })))

/** Every number of the rig, by the station it belongs to: the torque curve and the limits as well. */
const numbers = computed(() =>
  numbersOf(job.content.rig).map((key) => ({ stage: stageOf(key), origin: originOf(job.content, `rig.${key}`) })),
)
const how = (origin: Origin) => numbers.value.filter((n) => n.origin === origin).length
const assumedIn = (stage: number) => numbers.value.filter((n) => n.stage === stage && n.origin === 'assumed').length
function go(path: string) {
  const m = measurementAt(path, job.build)
  const i = stages.findIndex((s) => m && s.list.includes(m))
  if (i >= 0) at.value = i
  focus.value = m?.id ?? ''
}
const cores = computed(() =>
  (
    [
      ['condenser', 'Condenser'],
      ['chargeAirCooler', 'Charge-air cooler'],
    ] as const
  ).map(([key, label]) => ({ key, label, fitted: job.content.rig.vehicle.cooling[key] != null })),
)
/** A core that the truck has starts over the middle of its radiator. */
function fitCore(key: 'condenser' | 'chargeAirCooler') {
  const { cooling } = job.content.rig.vehicle
  const r = cooling.radiator
  const size = key === 'condenser' ? { share: 0.85, depth: 16, fins: 18 } : { share: 0.6, depth: 45, fins: 12 }
  const made = {
    leftMm: Math.round(r.leftMm + r.widthMm * 0.05),
    bottomMm: Math.round(r.bottomMm + (r.heightMm * (1 - size.share)) / 2),
    widthMm: Math.round(r.widthMm * 0.9),
    heightMm: Math.round(r.heightMm * size.share),
    depthMm: size.depth,
    finsPerInch: size.fins,
    metal: 'ALUMINIUM',
    tubes: null,
  }
  const path = `rig.vehicle.cooling.${key}` as const
  const next = edited(job.content, path, cooling[key] ? null : made)
  job.replace(cooling[key] ? next : assumed(next, path))
}
useAskedField((path) => {
  at.value = stageOf(path.replace(/^rig\./, ''))
  go(path)
})
const k = (v: number) => format(v, 'difference', unitWorld.value, 1)
</script>

<template>
  <div class="rig">
    <nav class="panel stages" aria-label="Measuring stations">
      <header><h2>Take the rig in</h2></header>
      <label class="small named"
        >Job<input
          :value="job.content.about.name"
          maxlength="80"
          @change="job.edit('about.name', ($event.target as HTMLInputElement).value.trim() || job.content.about.name)"
      /></label>
      <label class="small named"
        >Truck<input
          :value="job.content.rig.vehicle.name"
          maxlength="80"
          @change="
            job.edit(
              'rig.vehicle.name',
              ($event.target as HTMLInputElement).value.trim() || job.content.rig.vehicle.name,
            )
          "
      /></label>
      <label class="small named"
        >The customer says<textarea
          :value="job.content.about.complaint"
          rows="3"
          maxlength="2000"
          @change="job.edit('about.complaint', ($event.target as HTMLTextAreaElement).value)"
        ></textarea>
      </label>
      <ol>
        <li v-for="(s, i) in stages" :key="s.name">
          <button type="button" :aria-pressed="i === at" @click="at = i">
            <b>{{ s.name }}</b><span class="small">{{
              assumedIn(i) ? `${assumedIn(i)} assumed` : 'nothing assumed'
            }}</span>
          </button>
        </li>
      </ol>
      <p class="small soft">
        {{ how('measured') }} of {{ numbers.length }} numbers measured, {{ how('assumed') }} only assumed.
      </p>
    </nav>
    <section class="panel station">
      <header>
        <h2>{{ stage.name }}</h2>
        <span class="soft small">{{ stage.about }}</span>
      </header>
      <MeasureDrawing :stage="at" :focus="focus" :letters="letters" />
      <ul class="list">
        <li v-for="(m, i) in shown" :key="m.id" :class="{ lit: focus === m.id }" @focusin="focus = m.id">
          <b class="letter" aria-hidden="true">{{ letters[i]!.letter }}</b>
          <QuantityField
            :label="m.label"
            :path="pathOf(m)"
            :quantity="m.quantity"
            :step="m.step"
            :optional="m.optional"
          />
          <p class="small soft">
            {{ m.how }} <b>{{ m.tool }}</b>
          </p>
        </li>
      </ul>
      <DrivelineFields v-if="at === 1" />
      <div v-if="at === 2" class="cores">
        <ToggleInput
          v-for="core in cores"
          :key="core.key"
          :model-value="core.fitted"
          :label="`${core.label} fitted`"
          @update:model-value="fitCore(core.key)"
        />
        <p class="small soft">Where they stand is drawn and dragged on Heat &amp; air.</p>
      </div>
    </section>
    <section class="panel sure">
      <header><h2>How sure</h2></header>
      <p v-if="job.verdict?.coolant" class="band">
        <b>± {{ k(job.verdict.coolant.bandK) }}</b
        ><span class="small">coolant, {{ job.build.name }}</span>
      </p>
      <p v-if="job.verdict?.pan" class="band">
        <b>± {{ k(job.verdict.pan.bandK) }}</b
        ><span class="small">pan</span>
      </p>
      <template v-if="job.detail?.measureNext.length">
        <h3>Measure these next</h3>
        <ol class="nexts" data-next>
          <li v-for="n in job.detail.measureNext" :key="n.path">
            <button type="button" @click="go(n.path)">
              <b>{{ measurementAt(n.path, job.build)?.label ?? word(n.name) }}</b><span class="small"
                >assumed within {{ Math.round(n.spreadPercent) }} %: ± {{ k(n.coolantK) }} coolant, ±
                {{ k(n.panK) }} pan</span
              >
            </button>
          </li>
        </ol>
      </template>
      <p v-else-if="!job.verdict?.coolant" class="soft">Without a steady state there is no telling.</p>
      <p v-else class="soft">Nothing that matters is only assumed. What is left of the band is the model’s own.</p>
      <p class="small soft">
        Typing over an assumed number makes it entered; the word beside it asks what was measured.
      </p>
    </section>
  </div>
</template>

<style scoped>
.cores {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  align-items: center;
  margin-top: 16px;
}
.rig {
  flex: 1;
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr) 250px;
  gap: 14px;
  padding: 14px;
}
.stages ol {
  list-style: none;
  margin: 12px 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.stages li button,
.nexts button {
  width: 100%;
  border: 0;
  border-left: 4px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  padding: 8px 10px;
  cursor: pointer;
  display: grid;
  gap: 1px;
  min-height: 50px;
}
.stages li button[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.stages b,
.nexts b {
  font: 600 18px/1.15 var(--rb-font-head);
}
.named {
  display: flex;
  flex-direction: column;
  gap: 2px;
  color: var(--ink-soft);
  margin-bottom: 8px;
}
.named input,
.named textarea {
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 500 16px/1.3 var(--rb-font-text);
  padding: 8px 10px;
  width: 100%;
  resize: vertical;
}
.list {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 22px;
}
.letter {
  position: absolute;
  left: -4px;
  top: 0;
  width: 20px;
  height: 20px;
  border: 1.5px solid var(--accent-ink);
  border-radius: 50%;
  color: var(--accent-ink);
  font: 600 13px/17px var(--rb-font-head);
  text-align: center;
}
.lit .letter {
  background: var(--accent);
  color: var(--on-accent);
}
.list li {
  position: relative;
  display: grid;
  gap: 2px;
  align-content: start;
  border-left: 4px solid transparent;
  padding-left: 22px;
}
.list li.lit {
  border-color: var(--accent);
}
.list p {
  line-height: 1.2;
}
.list :deep(.mark) {
  font-size: 15px;
}
.band {
  display: grid;
  margin-bottom: 8px;
}
.band b {
  font: 600 36px/1 var(--rb-font-head);
}
.nexts {
  list-style: none;
  margin: 6px 0 14px;
  padding: 0;
  display: grid;
  gap: 4px;
}
.nexts button {
  border-color: var(--accent);
}
h3 {
  margin-top: 10px;
}
@media (max-width: 1100px) {
  .rig {
    grid-template-columns: 220px minmax(0, 1fr);
  }
  .sure {
    grid-column: 1 / -1;
  }
}
@media (max-width: 900px) {
  .rig {
    grid-template-columns: minmax(0, 1fr);
  }
  .stages ol {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
