<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { newId } from '@/job/paths'
import type { NoseHole, NoseSolid, SpaceResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { openingBox } from '@/features/heat/pack/geometry'
import DepthSheet from './DepthSheet.vue'
import FlatSheet from './FlatSheet.vue'
import LayoutExchange from './LayoutExchange.vue'
import NearList from './NearList.vue'
import NosePanel from './NosePanel.vue'
import ThingPanel from './ThingPanel.vue'
import { large, pick, picked, type Step } from './state'
import { caught, placeOf, stepped, type Thing, thingsOf, withSolid } from './things'
import { around, type Axis, type Bounds, flatViews, type Point, type ViewName } from './views'

/** The front end in space: three linked views and a projected one, what is near what, and what is still to measure. */
const job = useJob()
const { result, problem } = useComputed<SpaceResult>('/api/compute/space', () => ({
  job: job.content,
  build: job.selected,
}))
const things = computed(() => thingsOf(job.content, job.build, result.value))
const near = computed(() => result.value?.near ?? [])
const names = computed(() => new Map(things.value.map((t) => [t.key, t.name])))
const hand = computed(() => things.value.find((t) => t.key === picked.value))
const opening = computed(() => openingBox(job.content.rig.vehicle.cooling))

const whole = ref(false)
const REACH = [
  [false, 'the opening'],
  [true, 'the whole front'],
] as const
/** What all views show: the opening with what stands round it, or everything. */
const shown = computed<Bounds>(() => {
  const o = opening.value
  const back = (result.value?.packBackMm ?? 200) + 90
  const near: Bounds = {
    low: [o.left - 110, o.bottom - 130, -60],
    high: [o.left + o.width + 110, o.bottom + o.height + 130, back],
  }
  return whole.value && things.value.length ? around([near, ...things.value.map((t) => t.bounds)]) : near
})

/** Each step counts from where the thing was taken. */
let from: { content: typeof job.content; build: typeof job.build; thing: Thing; space: SpaceResult | null } | null =
  null
function drag(step: Step) {
  const thing = from?.thing ?? things.value.find((t) => t.key === step.key)
  if (!thing) return
  from ??= { content: job.content, build: job.build, thing, space: result.value }
  const axes = ([0, 1, 2] as Axis[]).filter((k) => step.by[k] !== 0)
  const by: Point = step.loose || step.point !== null ? step.by : caught(thing, step.by, things.value, axes)
  job.drag(stepped(from.content, from.build, from.space, thing, toMillimetre(by), step.point))
}
const toMillimetre = (by: Point): Point => [Math.round(by[0]), Math.round(by[1]), Math.round(by[2])]
function drop() {
  from = null
  job.drop()
}
function nudge(step: Step) {
  const thing = things.value.find((t) => t.key === step.key)
  if (thing) job.replace(stepped(job.content, job.build, result.value, thing, step.by, step.point))
}

const SIZES = ['widthMm', 'heightMm', 'depthMm'] as const
const typing = ref<{ axis: Axis; what: 'low' | 'size'; x: number; y: number } | null>(null)
const typed = ref<HTMLElement | null>(null)
async function type(axis: Axis, what: 'low' | 'size', at: { x: number; y: number }) {
  typing.value = { axis, what, x: Math.max(0, at.x - 20), y: Math.max(0, at.y - 40) }
  await nextTick()
  typed.value?.querySelector('input')?.select()
}
const typedValue = computed(() => {
  const t = hand.value
  const k = typing.value?.axis ?? 0
  if (!t || !typing.value) return null
  return typing.value.what === 'low' ? placeOf(t, k) : t.bounds.high[k] - t.bounds.low[k]
})
function take(value: number | null) {
  const t = hand.value
  const at = typing.value
  if (!t || !at || value === null) return
  if (at.what === 'low') {
    const by: [number, number, number] = [0, 0, 0]
    by[at.axis] = value - placeOf(t, at.axis)
    job.replace(stepped(job.content, job.build, result.value, t, by))
  } else {
    const key = SIZES[at.axis]
    job.replace(withSolid(job.content, t.id, (s) => ({ ...s, box: { ...s.box!, [key]: value } })))
  }
  typing.value = null
}

const LABELS: Record<ViewName, string> = { front: 'front', top: 'top', side: 'side', depth: 'in depth' }
const ORDER: ViewName[] = ['front', 'top', 'side', 'depth']
const small = computed(() => ORDER.filter((v) => v !== large.value))
const flat = (name: ViewName) => flatViews.find((v) => v.name === name)

const ADD = ['box', 'cylinder', 'tube', 'sheet', 'hole'] as const
const adding = ref(false)
function add(what: (typeof ADD)[number]) {
  adding.value = false
  const o = opening.value
  const mid = Math.round(o.left + o.width / 2)
  const up = Math.round(o.bottom + o.height / 2)
  if (what === 'hole') {
    const { holes } = job.content.nose
    const made: NoseHole = {
      id: newId(holes, 'hole'),
      name: 'hole',
      sort: 'THREADED',
      acrossMm: mid,
      upMm: Math.round(o.bottom + o.height + 20),
      backMm: 60,
      looks: 'FORWARD',
      thread: 'M8',
      freeMm: 12,
      holds: null,
      plusMinusMm: 3,
    }
    job.edit('nose.holes', [...holes, made])
    pick(`hole/${made.id}`)
    return
  }
  const { solids } = job.content.nose
  const id = newId(solids, what)
  const box = { leftMm: mid - 40, bottomMm: up - 40, frontMm: 20, widthMm: 80, heightMm: 80, depthMm: 60 }
  const at = (id: string, acrossMm: number) => ({ id, acrossMm, upMm: up, backMm: 40 })
  const made: NoseSolid = {
    id,
    name: what,
    what: 'OTHER',
    box: what === 'tube' ? null : what === 'sheet' ? { ...box, depthMm: 2 } : box,
    round: what === 'cylinder' ? 'BACK' : null,
    tube: what === 'tube' ? { diameterMm: 20, points: [at('point-1', mid - 100), at('point-2', mid + 100)] } : null,
    nature: what === 'tube' ? 'HOSE' : 'METAL',
    takesAir: false,
    move: null,
    plusMinusMm: 3,
  }
  job.edit('nose.solids', [...solids, made])
  pick(`solid/${id}`)
}
const mm = (v: number) => format(v, 'size', unitWorld.value)
const full = computed(() => job.content.nose.solids.length >= 200)
</script>

<template>
  <div class="space" :data-ready="result ? 'true' : undefined">
    <section class="panel sheet">
      <header>
        <h2>The front end</h2>
        <span class="soft small">{{ job.build.name }}</span>
        <ChoiceInput v-model="whole" label="How much is shown" :choices="REACH" small class="reach" />
      </header>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <div class="views">
        <div class="large" :data-large="large">
          <span class="label head">{{ flat(large)?.label ?? 'in depth: drag to turn' }}</span>
          <FlatSheet
            v-if="flat(large)"
            :key="large"
            big
            :view="flat(large)!"
            :shown="shown"
            :opening="opening"
            :things="things"
            :near="near"
            @drag="drag"
            @drop="drop"
            @nudge="nudge"
            @type="type"
          />
          <DepthSheet v-else big :shown="shown" :things="things" />
          <div
            v-if="typing && hand"
            ref="typed"
            class="typing"
            :style="{ left: `${typing.x}px`, top: `${typing.y}px` }"
          >
            <QuantityInput
              :model-value="typedValue"
              :label="typing.what === 'low' ? 'place' : 'size'"
              quantity="size"
              @update:model-value="take"
              @keydown.esc="typing = null"
            />
          </div>
        </div>
        <div class="others">
          <div v-for="v in small" :key="v" class="other">
            <button type="button" class="enlarge head" :data-view-button="v" @click="large = v">
              {{ LABELS[v] }} <span aria-hidden="true">⤢</span>
            </button>
            <FlatSheet
              v-if="flat(v)"
              :view="flat(v)!"
              :shown="shown"
              :opening="opening"
              :things="things"
              :near="near"
              :big="false"
              @drag="drag"
              @drop="drop"
            />
            <DepthSheet v-else :shown="shown" :things="things" :big="false" />
          </div>
        </div>
      </div>
      <div class="foot">
        <div class="row">
          <template v-if="adding">
            <button v-for="a in ADD" :key="a" type="button" class="act" :disabled="full" @click="add(a)">
              {{ a }}
            </button>
            <button type="button" class="act" @click="adding = false">Not now</button>
          </template>
          <button v-else type="button" class="act" :disabled="full" @click="adding = true">Add a thing</button>
          <LayoutExchange />
        </div>
        <p class="small soft">
          Drag in any view, or pick a thing and use the arrow keys: {{ mm(5) }} a step, with Shift {{ mm(25) }}, with
          Alt {{ mm(1) }}. Alt frees it from edges. Numbers on the drawing can be typed.
        </p>
      </div>
    </section>
    <section class="panel side">
      <template v-if="hand">
        <header>
          <h2>{{ hand.name }}</h2>
          <button type="button" class="act back" @click="pick('')">Measure list</button>
        </header>
        <ThingPanel :key="hand.key" :thing="hand" :near="near" :names="names" />
      </template>
      <template v-else>
        <header><h2>What stands where</h2></header>
        <NearList :near="near.filter((n) => n.state !== 'CLEAR')" :names="names" />
        <NosePanel />
      </template>
    </section>
  </div>
</template>

<style scoped>
.space {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
}
.sheet {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.panel > header {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin: 0;
}
.reach {
  margin-left: auto;
}
.back {
  margin-left: auto;
  min-height: 44px;
}
.views {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 10px;
  height: clamp(440px, calc(100vh - 342px), 820px);
}
.large,
.other {
  position: relative;
  border: 1px solid var(--rule);
  background: var(--paper);
  min-height: 0;
}
.others {
  display: grid;
  grid-template-rows: repeat(3, minmax(0, 1fr));
  gap: 10px;
  min-height: 0;
}
.label {
  position: absolute;
  left: 0;
  top: 0;
  z-index: 1;
  padding: 3px 10px;
  background: var(--ink);
  color: var(--paper);
  font-size: 15px;
}
.other {
  display: flex;
  flex-direction: column;
}
.other svg {
  flex: 1;
  min-height: 0;
}
.enlarge {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
  padding: 0 10px;
  border: 0;
  background: var(--rule-soft);
  color: inherit;
  font-size: 16px;
  cursor: pointer;
}
.typing {
  position: absolute;
  z-index: 2;
  width: 120px;
  padding: 4px;
  background: var(--paper);
  border: 1.5px solid var(--ink);
}
.foot {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 8px 12px;
}
@media (max-width: 1000px) {
  .space {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
