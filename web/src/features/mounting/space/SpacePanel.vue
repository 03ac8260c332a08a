<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { SpaceResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { coolerName, openingBox } from '@/features/heat/pack/geometry'
import LayoutExchange from './LayoutExchange.vue'
import NearList from './NearList.vue'
import NosePanel from './NosePanel.vue'
import PlacePanel from './PlacePanel.vue'
import SpaceViews from './SpaceViews.vue'
import ThingPanel from './ThingPanel.vue'
import { newHole, newPort, newSolid } from './made'
import { find, finding, pick, picked, type Step, trying } from './state'
import { caught, nearMarks, placeOf, stepped, type Thing, thingsOf, withSolid, withTried } from './things'
import type { Axis, Point } from './views'

/** The front end in space: three linked views and a projected one, what is near what, and what is still to measure. */
const job = useJob()
const { result, problem } = useComputed<SpaceResult>('/api/compute/space', () => ({
  job: job.content,
  build: job.selected,
}))
const things = computed(() => thingsOf(job.content, job.build, result.value))
const near = computed(() => result.value?.near ?? [])
/** What the views show: while a place is tried its cooler stands there. */
const shown = computed(() => (trying.value ? withTried(things.value, trying.value) : things.value))
const marks = computed(() => (trying.value ? [] : nearMarks(near.value)))
const sought = computed(() => job.build.coolers.find((c) => c.id === finding.value))
const names = computed(() => new Map(things.value.map((t) => [t.key, t.name])))
const hand = computed(() => things.value.find((t) => t.key === picked.value))
const opening = computed(() => openingBox(job.content.rig.vehicle.cooling))

const whole = ref(false)
const REACH = [
  [false, 'opening'],
  [true, 'whole front'],
] as const
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
function take(t: Thing, axis: Axis, what: 'low' | 'size', value: number) {
  if (what === 'low') {
    const by: [number, number, number] = [0, 0, 0]
    by[axis] = value - placeOf(t, axis)
    job.replace(stepped(job.content, job.build, result.value, t, by))
  } else {
    job.replace(withSolid(job.content, t.id, (s) => ({ ...s, box: { ...s.box!, [SIZES[axis]]: value } })))
  }
}

const ADD = ['box', 'cylinder', 'tube', 'sheet', 'hole', 'port'] as const
const adding = ref(false)
function add(what: (typeof ADD)[number]) {
  adding.value = false
  const o = opening.value
  const mid = Math.round(o.left + o.width / 2)
  const up = Math.round(o.bottom + o.height / 2)
  const { nose } = job.content
  if (what === 'hole') {
    const made = newHole(nose, { name: 'hole', acrossMm: mid, upMm: Math.round(o.bottom + o.height + 20), backMm: 60 })
    job.edit('nose.holes', [...nose.holes, made])
    pick(`hole/${made.id}`)
    return
  }
  if (what === 'port') {
    const backMm = Math.round((result.value?.packBackMm ?? 200) + 20)
    const made = newPort(nose, { name: 'port', acrossMm: Math.round(o.left), upMm: up, backMm })
    job.edit('nose.ports', [...nose.ports, made])
    pick(`port/${made.id}`)
    return
  }
  const box = { leftMm: mid - 40, bottomMm: up - 40, frontMm: 20, widthMm: 80, heightMm: 80, depthMm: 60 }
  const at = (id: string, acrossMm: number) => ({ id, acrossMm, upMm: up, backMm: 40 })
  const made = newSolid(nose, what, {
    name: what,
    box: what === 'tube' ? null : what === 'sheet' ? { ...box, depthMm: 2 } : box,
    round: what === 'cylinder' ? 'BACK' : null,
    tube: what === 'tube' ? { diameterMm: 20, points: [at('point-1', mid - 100), at('point-2', mid + 100)] } : null,
    nature: what === 'tube' ? 'HOSE' : 'METAL',
  })
  job.edit('nose.solids', [...nose.solids, made])
  pick(`solid/${made.id}`)
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
      <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
      <SpaceViews
        :things="shown"
        :near="marks"
        :pack-back-mm="result?.packBackMm ?? 200"
        :whole="whole"
        @drag="drag"
        @drop="drop"
        @nudge="nudge"
        @typed="take"
      />
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
      <template v-if="sought">
        <header>
          <h2>Where it could stand</h2>
          <button type="button" class="act back" @click="pick('')">Measure list</button>
        </header>
        <PlacePanel :key="sought.id" :cooler="sought" :name="coolerName(job.build.coolers.indexOf(sought))" />
      </template>
      <template v-else-if="hand">
        <header>
          <h2>{{ hand.name }}</h2>
          <button type="button" class="act back" @click="pick('')">Measure list</button>
        </header>
        <ThingPanel :key="hand.key" :thing="hand" :near="near" :names="names" />
      </template>
      <template v-else>
        <header><h2>What stands where</h2></header>
        <button
          v-for="(c, n) in job.build.coolers"
          :key="c.id"
          type="button"
          class="act main"
          :data-find="c.id"
          @click="find(c.id)"
        >
          Where could {{ coolerName(n) }} stand?
        </button>
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
@media (max-width: 1000px) {
  .space {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
