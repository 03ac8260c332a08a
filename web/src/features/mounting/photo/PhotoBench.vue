<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { newId } from '@/job/paths'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { NosePhoto, PhotoKept, PhotoResult, SpaceResult } from '@/shared/api/types'
import { say, whatToDo, why } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { paperWorld, unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import { bench } from '../bench'
import { newHole, newPort, newSolid } from '../space/made'
import { pick as pickThing } from '../space/state'
import PhotoView, { type Spot } from './PhotoView.vue'
import TruePlane from './TruePlane.vue'

/** A photograph with the printed card in it: marks clicked, then holes, ports and things are clicked instead of measured. */
const job = useJob()
const photos = computed(() => job.content.nose.photos)
const chosen = ref('')
const photo = computed(() => photos.value.find((p) => p.id === chosen.value) ?? photos.value[0])
const change = (next: Partial<NosePhoto>) =>
  job.edit(
    'nose.photos',
    photos.value.map((p) => (p === photo.value ? { ...p, ...next } : p)),
  )

const failed = ref('')
/** Larger files are made smaller before they are sent: a card and a hole need no more. */
const MOST_BYTES = 8e6
const LONGEST = 4000
async function smaller(file: File): Promise<Blob> {
  if (file.size <= MOST_BYTES) return file
  const bitmap = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale))
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })
}
async function add(e: Event) {
  const input = e.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  failed.value = ''
  try {
    const blob = await smaller(file)
    const kept = await api.file<PhotoKept>(`/api/jobs/${job.id}/photos`, blob, blob.type)
    const made: NosePhoto = {
      id: newId(photos.value, 'photo'),
      name: file.name.replace(/\.[^.]*$/, '').slice(0, 80) || 'photograph',
      image: kept.id,
      widthPx: kept.widthPx,
      heightPx: kept.heightPx,
      backMm: 0,
      cardWidthMm: 220,
      cardHeightMm: 140,
      marks: [],
      left: null,
      right: null,
    }
    job.edit('nose.photos', [...photos.value, made])
    chosen.value = made.id
  } catch (e) {
    failed.value = e instanceof DOMException ? `${file.name} is no photograph that can be opened here.` : refusal(e)
  }
}
/** The picture itself stays with the job, so that an undo brings it back. */
const remove = () =>
  job.edit(
    'nose.photos',
    photos.value.filter((p) => p !== photo.value),
  )

const STEPS = [
  ['the card’s upper left mark', 'mark-1'],
  ['its upper right mark', 'mark-2'],
  ['its lower right mark', 'mark-3'],
  ['its lower left mark', 'mark-4'],
  ['the opening’s lower left corner', 'left'],
  ['the opening’s lower right corner', 'right'],
] as const
const step = computed(() => {
  const p = photo.value
  if (!p) return 0
  return p.marks.length < 4 ? p.marks.length : !p.left ? 4 : !p.right ? 5 : 6
})

/** Places clicked for measuring; they become things of the front end, and are gone with the screen. */
interface Place {
  id: string
  xPx: number
  yPx: number
  backMm: number
}
const places = ref<Place[]>([])
const picked = ref('')
watch(photo, () => ((places.value = []), (picked.value = '')))

function clicked(x: number, y: number) {
  const p = photo.value!
  const mark = { xPx: Math.round(x * 10) / 10, yPx: Math.round(y * 10) / 10 }
  if (step.value < 4) change({ marks: [...p.marks, { id: newId(p.marks, 'mark'), ...mark }] })
  else if (step.value === 4) change({ left: { id: 'left', ...mark } })
  else if (step.value === 5) change({ right: { id: 'right', ...mark } })
  else places.value = [...places.value, { id: newId(places.value, 'place'), ...mark, backMm: p.backMm }]
  picked.value = step.value < 6 ? STEPS[step.value]![1] : (places.value.at(-1)?.id ?? '')
}
function move(key: string, xPx: number, yPx: number) {
  const p = photo.value!
  const mark = p.marks.findIndex((_, n) => `mark-${n + 1}` === key)
  if (mark >= 0) change({ marks: p.marks.map((m, n) => (n === mark ? { ...m, xPx, yPx } : m)) })
  else if (key === 'left' || key === 'right') change({ [key]: { ...p[key]!, xPx, yPx } })
  else places.value = places.value.map((q) => (q.id === key ? { ...q, xPx, yPx } : q))
}
const spots = computed<Spot[]>(() => {
  const p = photo.value
  if (!p) return []
  return [
    ...p.marks.map((m, n) => ({ key: `mark-${n + 1}`, label: String(n + 1), xPx: m.xPx, yPx: m.yPx })),
    ...(p.left ? [{ key: 'left', label: 'L', xPx: p.left.xPx, yPx: p.left.yPx }] : []),
    ...(p.right ? [{ key: 'right', label: 'R', xPx: p.right.xPx, yPx: p.right.yPx }] : []),
    ...places.value.map((q, n) => ({ key: q.id, label: letter(n), xPx: q.xPx, yPx: q.yPx })),
  ]
})
const letter = (n: number) => String.fromCharCode(65 + (n % 26))
const again = () => {
  change({ marks: [], left: null, right: null })
  places.value = []
}

const { result, problem } = useComputed<PhotoResult>('/api/compute/photo', () =>
  photo.value
    ? {
        job: job.content,
        photo: photo.value.id,
        points: places.value.map((q) => ({ xPx: q.xPx, yPx: q.yPx, backMm: q.backMm })),
      }
    : null,
)
const measured = computed(() => places.value.map((q, n) => ({ ...q, label: letter(n), at: result.value?.measured[n] })))

const round = (v: number) => Math.round(v * 10) / 10
const known = (v: number) => Math.max(1, Math.ceil(v))
/** Where it is, as well as that is known. */
const whereOf = (m: (typeof measured.value)[number]) => ({
  acrossMm: round(m.at!.acrossMm),
  upMm: round(m.at!.upMm),
  backMm: m.backMm,
  plusMinusMm: known(m.at!.plusMinusMm),
})
function takeHole(m: (typeof measured.value)[number]) {
  const { nose } = job.content
  const name = `hole ${m.label} of ${photo.value!.name}`.slice(0, 40)
  const made = newHole(nose, { name, sort: 'PLAIN', freeMm: 0, ...whereOf(m) })
  job.edit('nose.holes', [...nose.holes, made])
  gone(m.id, `hole/${made.id}`)
}
function takePort(m: (typeof measured.value)[number]) {
  const { nose } = job.content
  const made = newPort(nose, { name: `port ${m.label}`, what: 'TANK_OUT', looks: 'FORWARD', ...whereOf(m) })
  job.edit('nose.ports', [...nose.ports, made])
  gone(m.id, `port/${made.id}`)
}
/** A thing between the last two places: its corners as seen from the front. */
const pair = computed(() => {
  const two = measured.value.slice(-2)
  return two.length === 2 && two.every((m) => m.at) ? two : null
})
function takeThing() {
  const [a, b] = pair.value!
  const { nose } = job.content
  const low = (k: 'acrossMm' | 'upMm') => round(Math.min(a!.at![k], b!.at![k]))
  const size = (k: 'acrossMm' | 'upMm') => Math.max(1, round(Math.abs(a!.at![k] - b!.at![k])))
  const made = newSolid(nose, 'box', {
    name: `thing ${a!.label}${b!.label}`,
    box: {
      leftMm: low('acrossMm'),
      bottomMm: low('upMm'),
      frontMm: Math.min(a!.backMm, b!.backMm),
      widthMm: size('acrossMm'),
      heightMm: size('upMm'),
      depthMm: Math.max(5, Math.abs(a!.backMm - b!.backMm)),
    },
    plusMinusMm: Math.max(known(a!.at!.plusMinusMm), known(b!.at!.plusMinusMm)),
  })
  job.edit('nose.solids', [...nose.solids, made])
  places.value = places.value.slice(0, -2)
  show(`solid/${made.id}`)
}
function gone(id: string, key: string) {
  places.value = places.value.filter((q) => q.id !== id)
  show(key)
}
/** What was taken is looked at where it stands. */
function show(key: string) {
  bench.value = 'space'
  pickThing(key)
}
const setBack = (id: string, back: number | null) =>
  (places.value = places.value.map((q) => (q.id === id ? { ...q, backMm: back ?? q.backMm } : q)))

const LOOKS = [
  [false, 'as taken'],
  [true, 'true scale'],
] as const
const trueScale = ref(false)
const ready = computed(() => step.value === 6 && (result.value?.toPlane.length ?? 0) === 9)
const over = ref('')
const overs = computed(() => job.build.coolers.filter((c) => c.place !== 'ELSEWHERE'))
/** The box and the holes of the part laid over are those it has in space. */
const { result: space } = useComputed<SpaceResult>('/api/compute/space', () =>
  over.value ? { job: job.content, build: job.selected } : null,
)
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 0 : 2)
</script>

<template>
  <div class="photo-bench" :data-ready="!photo || result ? 'true' : undefined">
    <section class="panel">
      <header>
        <h2>Photograph as a ruler</h2>
        <ChoiceInput v-if="ready" v-model="trueScale" label="How it is shown" :choices="LOOKS" small class="looks" />
      </header>
      <p v-if="failed || problem" role="alert" class="bad">{{ failed || problem }}</p>
      <template v-if="photo">
        <TruePlane
          v-if="trueScale && ready"
          :photo="photo"
          :to-plane="result!.toPlane"
          :content="job.content"
          :places="
            measured
              .filter((m) => m.at && m.backMm === photo!.backMm)
              .map((m) => ({ label: m.label, across: m.at!.acrossMm, up: m.at!.upMm }))
          "
          :over="space?.pieces.find((p) => p.id === over) ?? null"
        />
        <template v-else>
          <p class="ask" role="status" data-ask>
            <template v-if="step < 6"
              ><b>{{ step + 1 }} of 6</b> Click {{ STEPS[step]![0] }}.</template
            >
            <template v-else>Click a hole, a port, or two corners of a thing.</template>
          </p>
          <PhotoView
            :photo="photo"
            :spots="spots"
            :picked="picked"
            @click="clicked"
            @pick="(k) => (picked = k)"
            @move="move"
          />
          <p class="small soft">
            Wheel or + to enlarge, drag to move it. Arrow keys nudge what is in hand by a pixel, with Shift by ten.
          </p>
        </template>
      </template>
      <p v-else class="soft">
        Print the card at its true size and check its bar with a rule. Stick it flat into the plane of the opening, or
        on the old part, and photograph it square on with the whole opening in view. Grille off, engine cold.
      </p>
    </section>
    <section class="panel side">
      <header><h2>Photographs</h2></header>
      <div class="row">
        <a class="act" :href="`/api/photo-card/A4/${paperWorld}`" download>Card, A4</a>
        <a class="act" :href="`/api/photo-card/LETTER/${paperWorld}`" download>Card, Letter</a>
        <label class="act" :class="{ main: !photo, off: photos.length >= 6 }">
          Add a photograph
          <input type="file" accept="image/jpeg,image/png" class="file" :disabled="photos.length >= 6" @change="add" />
        </label>
      </div>
      <button
        v-for="p in photos"
        :key="p.id"
        type="button"
        class="one"
        :aria-pressed="p === photo"
        @click="chosen = p.id"
      >
        {{ p.name }}
      </button>
      <template v-if="photo">
        <div class="fields">
          <QuantityField
            label="Plane behind the grille line"
            :path="`nose.photos.${photo.id}.backMm`"
            quantity="size"
            :step="5"
          />
          <QuantityField label="Card, across" :path="`nose.photos.${photo.id}.cardWidthMm`" quantity="size" :step="1" />
          <QuantityField label="Card, up" :path="`nose.photos.${photo.id}.cardHeightMm`" quantity="size" :step="1" />
        </div>
        <p v-if="result?.apartMm != null" class="scale" data-scale>
          The opening is <b>{{ mm(result.apartMm) }}</b> wide by the card, {{ mm(result.tapeMm) }} by tape, which
          counts. Taken from {{ mm(result.distanceMm!) }}, {{ Math.round(result.slantDegrees!) }}° aslant.
        </p>
        <p v-for="f in result?.faults ?? []" :key="f.code" class="bad" data-photo-fault>
          <b>{{ say(f, unitWorld) }}</b>
          <span v-if="why(f, unitWorld)" class="small">{{ why(f, unitWorld) }}</span>
          <span class="small">{{ whatToDo(f, unitWorld) }}</span>
        </p>
        <div v-for="m in measured" :key="m.id" class="place" :data-measured="m.label">
          <p>
            <b>{{ m.label }}:</b>
            <template v-if="m.at">
              {{ mm(m.at.acrossMm) }} across, {{ mm(m.at.upMm) }} up
              <span class="soft">± {{ mm(m.at.plusMinusMm) }}</span>
            </template>
          </p>
          <div class="take">
            <QuantityInput
              :model-value="m.backMm"
              label="Its depth"
              quantity="size"
              :step="5"
              @update:model-value="(v: number | null) => setBack(m.id, v)"
            />
            <button type="button" class="act" :disabled="!m.at" @click="takeHole(m)">Hole</button>
            <button type="button" class="act" :disabled="!m.at" @click="takePort(m)">Port</button>
            <button
              type="button"
              class="act"
              :aria-label="`Remove ${m.label}`"
              @click="places = places.filter((q) => q.id !== m.id)"
            >
              ×
            </button>
          </div>
        </div>
        <button v-if="pair" type="button" class="act" @click="takeThing">
          A thing between {{ pair[0]!.label }} and {{ pair[1]!.label }}
        </button>
        <template v-if="trueScale && ready && overs.length">
          <h3>Lay the new part over it</h3>
          <div class="row">
            <button
              v-for="c in overs"
              :key="c.id"
              type="button"
              class="act"
              :aria-pressed="over === c.id"
              :class="{ main: over === c.id }"
              @click="over = over === c.id ? '' : c.id"
            >
              {{ c.part.name }}
            </button>
          </div>
        </template>
        <div class="row">
          <button type="button" class="act" @click="again">Click the marks again</button>
          <button type="button" class="act" @click="remove">Remove it</button>
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.photo-bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.panel > header {
  margin: 0;
}
.looks {
  margin-left: auto;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
a.act,
label.act {
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  position: relative;
}
label.off {
  opacity: 0.45;
}
.file {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
label:focus-within {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
.one {
  min-height: 44px;
  padding: 0 10px;
  border: 0;
  border-left: 5px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.one[aria-pressed='true'] {
  border-left-color: var(--accent);
  background: var(--accent-wash);
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
.ask {
  margin: 0;
  padding: 8px 12px;
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
}
.scale {
  margin: 0;
}
.place {
  border-top: 1px solid var(--rule-soft);
  padding-top: 6px;
}
.place p {
  margin: 0;
}
.take {
  display: grid;
  grid-template-columns: 1fr auto auto auto;
  gap: 6px;
  align-items: end;
}
.bad {
  display: flex;
  flex-direction: column;
  margin: 0;
  padding: 8px 12px;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
}
@media (max-width: 1000px) {
  .photo-bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
