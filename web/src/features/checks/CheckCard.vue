<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import type { AskRow, CheckReading, CheckResult, CheckRow } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber, type QuantityName } from '@/shared/units/units'
import { valueText } from '@/job/valueText'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import FinGrid from './FinGrid.vue'
import LeakDrawing from './LeakDrawing.vue'
import { leaksOf } from './leakPlaces'
import { answerCode, askCode, checkCode, drawnOn, emptyDraft, fieldCode, inWorld, readingOf, taken } from './readings'

/** One check: why, the safe way, what passes, and what was read. */
const props = defineProps<{
  check: CheckRow
  judged: CheckResult['readings']
  next: CheckResult['next'][number] | undefined
  best: boolean
  refused: Record<string, string>
}>()
const job = useJob()
const code = computed(() => checkCode(props.check.check))
const draft = ref(emptyDraft(props.check))
const by = useStorage('rb-hand', '')
const tool = ref('')
const after = ref(false)
const WHEN = [
  [false, 'before the work'],
  [true, 'after it'],
] as const

const rows = computed(() => job.content.checks.readings)
const mine = computed(() =>
  rows.value
    .filter((r) => r.check === props.check.check)
    .map((r) => ({ reading: r, judged: props.judged.find((j) => j.id === r.id) }))
    .reverse(),
)
const reading = computed(() =>
  readingOf(
    props.check,
    draft.value,
    rows.value,
    { after: after.value, by: by.value.trim(), tool: tool.value.trim() },
    new Date(),
  ),
)
function keep() {
  if (!reading.value) return
  job.edit('checks.readings', [...rows.value, reading.value])
  draft.value = emptyDraft(props.check)
}
function remove(id: string) {
  job.edit(
    'checks.readings',
    rows.value.filter((r) => r.id !== id),
  )
}
const found = computed(() => job.content.builds.find((b) => b.kind === 'AS_FOUND') ?? job.content.builds[0]!)
function take(sets: CheckResult['readings'][number]['sets']) {
  job.replace(taken(job.content, found.value, sets))
}
/** A strength that differs from the rig's, as far as the model knows mixes. */
function strengthOf(r: CheckReading, says: CheckResult['readings'][number]['says']): number | null {
  const share = (r.numbers.STRENGTH?.[0] ?? 0) / 100
  const differs = says.some((s) => s.code === 'says.strengthDiffers')
  return differs && share >= 0.3 && share <= 0.6 ? share : null
}
const answersOf = (ask: AskRow) => ask.answers.map((a) => [a, word(answerCode(a))] as const)
const number = (ask: AskRow) => ({
  get: () => draft.value.numbers[ask.ask]![0]!,
  set: (v: number | null) => (draft.value.numbers[ask.ask] = [v]),
})
function shown(r: CheckReading): string {
  const numbers = props.check.asks.flatMap((a) => {
    const values = r.numbers[a.ask]
    if (!values) return []
    if (drawnOn(a) === 'loop') return [`${word(askCode(a.ask))}: ${leaksOf(values).join(', ') || 'nowhere'}`]
    const mean = values.reduce((s, v) => s + v, 0) / values.length
    return [`${word(askCode(a.ask))} ${format(mean, a.kind as QuantityName, unitWorld.value)}`]
  })
  const choices = Object.entries(r.choices).map(([ask, a]) => `${word(askCode(ask))}: ${word(answerCode(a))}`)
  return [...choices, ...numbers].join(' · ')
}
const day = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
const face = computed(() => {
  const cooling = job.content.rig.vehicle.cooling
  const core =
    props.check.check === 'CONDENSER_FACE'
      ? cooling.condenser
      : props.check.check === 'CHARGE_AIR_FACE'
        ? cooling.chargeAirCooler
        : cooling.radiator
  return core ?? cooling.radiator
})
const refusedOf = (id: string) =>
  Object.entries(props.refused)
    .filter(([path]) => path.startsWith(`checks.readings.${id}.`))
    .map(([, words]) => words)
    .join('; ')
</script>

<template>
  <section class="panel card" :data-card="check.check">
    <header>
      <span v-if="best" class="first">Look at this next</span>
      <h2>{{ word(code) }}</h2>
      <span class="small soft"
        >{{ check.minutes }} min<template v-if="next">
          · settles {{ formatNumber(100 * next.settles, 0) }} % of the doubt</template
        ></span
      >
    </header>
    <p class="why">{{ inWorld(word(code, 'why'), unitWorld) }}</p>
    <dl>
      <dt>How</dt>
      <dd>{{ inWorld(word(code, 'how'), unitWorld) }}</dd>
      <dt>With</dt>
      <dd>{{ word(code, 'tools') }}</dd>
      <dt>Passes</dt>
      <dd>{{ inWorld(word(code, 'pass'), unitWorld) }}</dd>
    </dl>
    <p class="caution"><b aria-hidden="true">!</b> {{ inWorld(word(code, 'caution'), unitWorld) }}</p>

    <div v-if="check.asks.length" class="form">
      <template v-for="a in check.asks" :key="a.ask">
        <LeakDrawing
          v-if="drawnOn(a) === 'loop'"
          v-model="draft.numbers[a.ask]!"
          class="whole"
          :label="word(askCode(a.ask))"
        />
        <FinGrid
          v-else-if="drawnOn(a) === 'face'"
          v-model="draft.numbers[a.ask]!"
          class="whole"
          :label="word(askCode(a.ask))"
          :width="face.widthMm"
          :height="face.heightMm"
        />
        <QuantityInput
          v-else-if="a.kind"
          :model-value="number(a).get()"
          :label="word(askCode(a.ask))"
          :quantity="a.kind as QuantityName"
          optional
          @update:model-value="number(a).set"
        />
        <div v-else class="answer" :class="{ whole: a.answers.length > 2 }">
          <span class="small soft">{{ word(askCode(a.ask)) }}</span>
          <ChoiceInput v-model="draft.choices[a.ask]" :label="word(askCode(a.ask))" :choices="answersOf(a)" small />
        </div>
      </template>
      <div class="ends whole">
        <label class="small soft">By <input v-model="by" class="entry" maxlength="40" /></label>
        <label class="small soft"
          >With <input v-model="tool" class="entry" maxlength="60" :placeholder="word(code, 'tools')"
        /></label>
        <ChoiceInput v-model="after" label="When" :choices="WHEN" small />
        <button type="button" class="act main" :disabled="!reading" @click="keep">Keep it</button>
      </div>
    </div>
    <router-link v-else class="act" :to="{ name: 'heat' }">Readings are taken at Heat &amp; air</router-link>

    <ol v-if="mine.length" class="kept" aria-label="Readings">
      <li v-for="{ reading: r, judged: j } in mine" :key="r.id" :class="j?.verdict" :data-verdict="j?.verdict">
        <div>
          <b class="small">{{ r.after ? 'After the work' : 'Before the work' }}</b>
          <span class="small soft"
            >&ensp;{{ day(r.at) }}<template v-if="r.by"> · {{ r.by }}</template
            ><template v-if="r.tool"> · {{ r.tool }}</template></span
          >
          <p>{{ shown(r) }}</p>
          <p v-if="refusedOf(r.id)" class="bad" role="alert">{{ refusedOf(r.id) }}</p>
          <p v-if="j?.stop" class="bad">
            <b>{{ word(j.stop) }}.</b>
          </p>
          <p v-for="(s, i) in j?.says ?? []" :key="i" class="says">{{ say(s, unitWorld) }}</p>
          <button
            v-if="j && strengthOf(r, j.says) != null"
            type="button"
            class="act"
            @click="job.edit('rig.vehicle.cooling.glycolShare', strengthOf(r, j.says)!)"
          >
            Into the rig: {{ word('field.glycolShare') }}
            {{ format(100 * strengthOf(r, j.says)!, 'percent', unitWorld) }}
          </button>
          <button v-if="j?.sets.length" type="button" class="act" @click="take(j.sets)">
            Into {{ found.name }}:
            {{
              j.sets
                .map((s) => `${word(fieldCode(s.path))} ${valueText(s.path, s.number ?? s.word ?? s.flag, unitWorld)}`)
                .join(', ')
            }}
          </button>
        </div>
        <button
          type="button"
          class="act out"
          :aria-label="`Take the reading of ${day(r.at)} out`"
          @click="remove(r.id)"
        >
          ×
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.first {
  background: var(--ink);
  color: var(--paper);
  font: 600 15px/1 var(--rb-font-head);
  padding: 5px 9px;
}
.card {
  /* Under the strip, which stays. */
  scroll-margin-top: 200px;
}
.ends .act {
  justify-content: center;
}
.card h2 {
  font-size: 26px;
}
.why {
  font-size: 17px;
}
dl {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr);
  gap: 4px 10px;
  margin: 8px 0;
}
dt {
  font: 600 16px/1.35 var(--rb-font-head);
  color: var(--ink-soft);
}
dd {
  margin: 0;
}
.caution {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 7px 12px;
}
.caution b {
  font: 700 18px/1 var(--rb-font-head);
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px 14px;
  margin-top: 12px;
  align-items: end;
}
.whole {
  grid-column: 1 / -1;
}
.answer {
  display: grid;
  gap: 2px;
}
.ends {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
.kept {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.kept li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 44px;
  gap: 10px;
  border-left: 6px solid var(--rule);
  padding: 4px 0 4px 12px;
}
.kept li.PASS {
  border-color: var(--holds);
}
.kept li.FAIL,
.kept li.CONTRADICTS {
  border-color: var(--over);
}
.says {
  font-weight: 600;
}
.out {
  padding: 0;
  justify-content: center;
  align-self: start;
}
.kept .act:not(.out) {
  margin-top: 6px;
  height: auto;
  padding: 8px 14px;
  text-align: left;
  line-height: 1.15;
}
.bad {
  color: var(--over-ink);
}
</style>
