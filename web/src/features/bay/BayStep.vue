<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/shared/api/client'
import type { BayPlan, OrderedStep, StepReading, Verdict } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { hourOf, time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import { format, ofSi, siOf, type QuantityName } from '@/shared/units/units'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import TextInput from '@/shared/ui/TextInput.vue'
import BayStages from './BayStages.vue'
import type { Piece } from './bayState'
import { shrink } from './shrink'
import type { UseBayReturn } from './useBay'

/** One step, to be read at arm's length: what can hurt comes first, then what is done, its drawing and its numbers. */
const props = defineProps<{
  step: OrderedStep
  number: number
  plan: BayPlan
  bay: UseBayReturn
  seen: boolean
  barred: Piece[]
  minutes: number
  running: boolean
  locked: boolean
}>()
const emit = defineEmits<{ see: []; clock: [] }>()
const state = computed(() => props.bay.state.value)
const said = (text: string) => inText(text, unitWorld.value)
const done = computed(() => state.value.done.get(props.step.id))
const drawings = computed(() =>
  props.step.drawings.flatMap((d) => {
    const both = props.plan.drawings[d.id]
    const svg = both && (unitWorld.value === 'metric' ? both.metric : both.imperial)
    return svg ? [{ ...d, src: `data:image/svg+xml,${encodeURIComponent(svg)}` }] : []
  }),
)
const large = ref<string | null>(null)

const kind = (r: StepReading) => r.kind as QuantityName
const reading = (r: StepReading) => {
  const e = state.value.readings.get(`${props.step.id}/${r.id}`)
  return e?.value == null ? null : ofSi(e.value, kind(r))
}
const wrong = ref<Record<string, string>>({})
async function read(r: StepReading, value: number | null) {
  if (value == null) return
  const si = siOf(value, kind(r))
  const low = r.low ?? -Infinity
  const high = r.high ?? Infinity
  if (si < low || si > high) {
    const from = format(ofSi(low, kind(r)), kind(r), unitWorld.value)
    const to = format(ofSi(high, kind(r)), kind(r), unitWorld.value)
    wrong.value = { ...wrong.value, [r.id]: `No truck reads that: it lies between ${from} and ${to}. Not kept.` }
    return
  }
  wrong.value = { ...wrong.value, [r.id]: '' }
  await props.bay.add({ kind: 'READ', step: props.step.id, item: r.id, value: si })
  if (r.goesTo) await answer()
}

/** What the build comes to with what was read; nothing while no server answers. */
const verdict = ref<{ fluid: string; room: string }[] | null>(null)
async function answer() {
  verdict.value = null
  await props.bay.told()
  const order = props.bay.order.value?.id
  if (!order || props.bay.link.value === 'away') return
  const v = await api.get<Verdict>(`/api/bay/${order}/headroom`).catch(() => null)
  const gauges = [
    ['coolant', v?.coolant],
    ['oil feed', v?.feed],
    ['pan', v?.pan],
  ] as const
  verdict.value = gauges.flatMap(([fluid, g]) =>
    g ? [{ fluid, room: format(g.headroomK, 'difference', unitWorld.value, 1) }] : [],
  )
}

const staged = computed(
  () => new Set(props.step.stages.map((_, i) => i).filter((i) => state.value.staged.has(`${props.step.id}/${i}`))),
)
const stage = (place: number, done: boolean) =>
  props.bay.add({ kind: done ? 'STAGED' : 'UNSTAGED', step: props.step.id, item: String(place) })

const notes = computed(() => state.value.notes.filter((n) => n.step === props.step.id))
const note = ref('')
const writing = ref(false)
async function write(text: string | null) {
  if (text?.trim()) await props.bay.add({ kind: 'NOTED', step: props.step.id, text: text.trim() })
  note.value = ''
  writing.value = false
}

const photos = computed(() => state.value.photos.filter((p) => p.step === props.step.id))
const source = (id: string) => props.bay.pictures.value.get(id) ?? `/api/bay/${props.bay.order.value?.id}/photos/${id}`
const noPhoto = ref('')
/** What is wanted of this step, with whether it is there. */
const wanted = computed(() => props.step.photos.map((of) => ({ of, taken: photos.value.some((p) => p.text === of) })))
/** @param of what it shows, where that was asked for */
async function photograph(event: Event, of: string | null) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  noPhoto.value = ''
  if (!file) return
  const small = await shrink(file)
  if (small.ok) await props.bay.photograph(small.picture, props.step.id, of ?? undefined)
  else noPhoto.value = small.why
}
const lists = computed(() =>
  (
    [
      ['Tools', props.step.tools],
      ['Parts', props.step.parts],
      ['Carries over', props.step.carries],
    ] as [string, string[]][]
  ).filter(([, list]) => list.length),
)
const watchFace = computed(() => {
  const seconds = Math.floor(props.minutes * 60)
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(seconds / 3600)
  return `${hours ? `${hours}:` : ''}${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`
})
</script>

<template>
  <main class="step" data-bay-step>
    <section v-if="!seen" class="gate" data-cautions>
      <h1>{{ number }}. {{ said(step.title) }}</h1>
      <p class="lead">Before you begin:</p>
      <ul>
        <li v-for="c in step.cautions" :key="c">{{ word(c) }}</li>
      </ul>
      <button type="button" class="seen" @click="emit('see')">I have seen this</button>
    </section>
    <template v-else>
      <section class="what">
        <p class="where">
          <template v-if="done">Done by {{ done.by }} at {{ hourOf(done.at) }}. </template>
          <template v-if="step.people > 1">Two people. </template>
          <template v-if="step.under">Under the truck. </template>
          <template v-if="step.engine !== 'engineState.stopped'">{{ word(step.engine) }}. </template>
        </p>
        <h1>{{ number }}. {{ said(step.title) }}</h1>
        <p v-if="barred.length" class="bar" role="alert" data-barred>
          Not while this lies about: <b>{{ barred.map((p) => p.taken.text).join(', ') }}</b>
        </p>
        <p v-for="c in step.cautions" :key="c" class="caution">{{ word(c) }}</p>
        <p class="how">{{ said(step.how) }}</p>
        <ul v-if="step.shows.length" class="shows">
          <li v-for="(f, i) in step.shows" :key="i">{{ say(f, unitWorld) }}</li>
        </ul>
        <BayStages
          v-if="step.stages.length"
          :stages="step.stages"
          :done="staged"
          :place="`${bay.order.value?.id}-${step.id}`"
          :locked="locked"
          @tick="stage"
        />
        <div v-if="step.readings.length" class="readings">
          <div v-for="r in step.readings" :key="r.id" class="reading">
            <QuantityInput
              :model-value="reading(r)"
              :label="said(r.title)"
              :quantity="kind(r)"
              :error="wrong[r.id]"
              big
              optional
              @update:model-value="read(r, $event)"
            />
            <p v-if="r.goesTo" class="small soft">goes to {{ word(r.goesTo) }}</p>
          </div>
        </div>
        <p v-if="verdict" class="verdict" role="status" data-verdict>
          With this it comes to: <b v-for="g in verdict" :key="g.fluid">{{ g.fluid }} {{ g.room }}</b>
        </p>
        <div v-if="drawings.length" class="drawings">
          <button
            v-for="d in drawings"
            :key="d.id"
            type="button"
            class="drawing"
            :aria-label="`${d.title}, larger`"
            @click="large = d.src"
          >
            <img :src="d.src" :alt="d.title" /><span>{{ d.title }}</span>
          </button>
        </div>
        <p v-if="step.check" class="check"><b>Right when:</b> {{ said(step.check) }}</p>
        <p v-if="step.mistake" class="check"><b>Goes wrong:</b> {{ said(step.mistake) }}</p>
      </section>
      <aside class="beside">
        <button type="button" class="watch" :class="{ running }" :disabled="locked" data-clock @click="emit('clock')">
          <b>{{ watchFace }}</b><span>{{
            running ? 'running, tap to stop' : `of ${time(step.hands)}; tap to measure`
          }}</span>
        </button>
        <p v-if="step.waits" class="small">then {{ time(step.waits) }} by itself</p>
        <div v-for="[name, list] in lists" :key="name">
          <h2>{{ name }}</h2>
          <ul>
            <li v-for="l in list" :key="l">{{ said(l) }}</li>
          </ul>
        </div>
        <div v-if="wanted.length" class="wanted">
          <h2>Photographs wanted</h2>
          <label v-for="w in wanted" :key="w.of" class="act" :class="{ off: locked, taken: w.taken }"
            ><b aria-hidden="true">{{ w.taken ? '✓' : '+' }}</b
            ><span>{{ said(w.of) }}</span
            ><input
              type="file"
              accept="image/*"
              :disabled="locked"
              :aria-label="`Photograph: ${said(w.of)}`"
              @change="photograph($event, w.of)"
          /></label>
        </div>
        <div class="pair">
          <label class="act" :class="{ off: locked }"
            >Photograph<input
              type="file"
              accept="image/*"
              :disabled="locked"
              data-photo
              @change="photograph($event, null)"
          /></label>
          <button type="button" class="act" :disabled="locked" @click="writing = !writing">Note</button>
        </div>
        <p v-if="noPhoto" role="alert" class="wrong">{{ noPhoto }}</p>
        <TextInput
          v-if="writing"
          :model-value="note"
          label="Note; kept when you leave it"
          :most="1000"
          optional
          :rows="3"
          @update:model-value="write"
        />
        <p v-for="n in notes" :key="n.id" class="note">
          {{ n.text }} <span class="soft small">{{ n.by }}, {{ hourOf(n.at) }}</span>
        </p>
        <div v-if="photos.length" class="photos">
          <button
            v-for="p in photos"
            :key="p.id"
            type="button"
            aria-label="Photograph, larger"
            @click="large = source(p.item!)"
          >
            <img :src="source(p.item!)" :alt="p.text ? said(p.text) : `Photograph by ${p.by}`" />
            <span v-if="p.text" class="small">{{ said(p.text) }}</span>
          </button>
        </div>
      </aside>
    </template>
    <button v-if="large" type="button" class="large" aria-label="Close" @click="large = null">
      <img :src="large" alt="" />
    </button>
  </main>
</template>

<style scoped>
.step {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
  overflow: hidden;
}
.what,
.beside {
  overflow-y: auto;
  padding: 16px 22px 22px;
}
.beside {
  background: var(--paper);
  border-left: 2px solid var(--rule);
  padding: 12px 16px;
  display: grid;
  gap: 10px;
  align-content: start;
}
h1 {
  font: 600 46px/1.02 var(--rb-font-head);
  margin: 0 0 10px;
}
h2 {
  font: 600 18px/1.1 var(--rb-font-head);
  color: var(--ink-soft);
}
.where {
  font: 500 20px/1.2 var(--rb-font-head);
  color: var(--ink-soft);
}
.how {
  font-size: 25px;
  line-height: 1.32;
  max-width: 34em;
  margin: 10px 0;
}
.caution {
  border-left: 8px solid var(--marginal);
  padding: 4px 12px;
  margin-bottom: 6px;
  font-size: 19px;
}
.bar {
  background: var(--over-wash);
  border-left: 10px solid var(--over);
  padding: 12px 16px;
  font: 500 26px/1.15 var(--rb-font-head);
  margin-bottom: 10px;
}
.shows {
  list-style: none;
  margin: 0 0 12px;
  padding: 10px 16px;
  background: var(--paper);
  border-left: 8px solid var(--accent);
  font: 600 26px/1.3 var(--rb-font-head);
}
.readings {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
  margin: 12px 0;
}
.reading {
  min-width: 220px;
  max-width: 320px;
}
.verdict {
  font: 500 20px/1.3 var(--rb-font-head);
  background: var(--accent-wash);
  color: var(--accent-ink);
  padding: 8px 12px;
}
.verdict b {
  margin-left: 14px;
}
.drawings {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 12px 0;
}
.drawing {
  border: 2px solid var(--rule);
  background: #fff;
  color: #1d2022;
  padding: 6px;
  cursor: pointer;
  display: grid;
  gap: 4px;
  flex: 1 1 300px;
  font: 600 16px/1 var(--rb-font-head);
}
.drawing img {
  width: 100%;
  height: 250px;
  object-fit: contain;
}
.check {
  font-size: 19px;
  margin-top: 8px;
}
.gate {
  grid-column: 1 / -1;
  overflow-y: auto;
  padding: 30px 40px;
  background: var(--marginal-wash);
  display: grid;
  gap: 16px;
  align-content: start;
}
.gate ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 12px;
  font-size: 26px;
  line-height: 1.28;
}
.gate li {
  border-left: 10px solid var(--marginal);
  padding-left: 16px;
}
.lead {
  font: 600 28px/1 var(--rb-font-head);
}
.seen {
  justify-self: start;
  min-height: 84px;
  padding: 0 46px;
  border: 0;
  background: var(--rb-asphalt-900);
  color: #fff;
  font: 600 34px/1 var(--rb-font-head);
  cursor: pointer;
}
.watch {
  border: 2px solid var(--rule);
  background: var(--ground);
  color: var(--ink);
  padding: 10px;
  display: grid;
  gap: 4px;
  cursor: pointer;
  text-align: left;
}
.watch b {
  font: 600 54px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.watch.running {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.beside ul {
  margin: 2px 0 0;
  padding-left: 18px;
  font-size: 17px;
  line-height: 1.25;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.pair .act {
  min-height: 60px;
  display: flex;
  align-items: center;
  justify-content: center;
  cursor: pointer;
}
.wanted {
  display: grid;
  gap: 6px;
}
.wanted .act {
  position: relative;
  display: grid;
  grid-template-columns: 24px 1fr;
  align-items: center;
  text-align: left;
  cursor: pointer;
}
.wanted .taken {
  background: var(--accent-wash);
}
.wanted input,
.pair input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.wanted .act:focus-within,
.pair .act:focus-within {
  outline: 3px solid var(--accent);
}
.off {
  opacity: 0.4;
}
.wrong {
  color: var(--over-ink);
}
.note {
  border-left: 4px solid var(--rule);
  padding-left: 8px;
  font-size: 17px;
}
.photos {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.photos button {
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
}
.photos img {
  width: 100%;
  aspect-ratio: 4/3;
  object-fit: cover;
}
.large {
  position: fixed;
  inset: 0;
  z-index: 20;
  border: 0;
  padding: 20px;
  background: rgb(20 22 23 / 88%);
  cursor: zoom-out;
}
.large img {
  width: 100%;
  height: 100%;
  object-fit: contain;
  background: #fff;
}
@media (max-width: 1100px) {
  h1 {
    font-size: 38px;
  }
  .how {
    font-size: 22px;
  }
  .step {
    grid-template-columns: minmax(0, 1fr) 240px;
  }
}
</style>
