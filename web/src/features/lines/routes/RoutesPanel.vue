<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Build, HoseRoute, JobContent, RouteResult, SpaceResult } from '@/shared/api/types'
import { partName, say, whatToDo, why } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import SpaceViews from '@/features/mounting/space/SpaceViews.vue'
import { pick, picked, pickedPoint, type Step } from '@/features/mounting/space/state'
import { type Thing, thingsOf } from '@/features/mounting/space/things'
import type { Point } from '@/features/mounting/space/views'
import HosePanel from './HosePanel.vue'
import { grownHose, hoseThings, remoteOf, routeMarks, steppedHose } from './routes'
import { useLaying } from './useLaying'

/** The hoses through the front end: laid, dragged, and held against what stands there. */
const job = useJob()
const asked = () => ({ job: job.content, build: job.selected })
const { result, problem } = useComputed<RouteResult>('/api/compute/routes', asked)
const { result: space } = useComputed<SpaceResult>('/api/compute/space', asked)

const hoses = computed(() => job.build.lines.hoses)
const fixed = computed(() => thingsOf(job.content, job.build, space.value).map((t): Thing => ({ ...t, free: [] })))
const things = computed(() => [...fixed.value, ...hoseThings(job.build, result.value)])
const names = computed(() => new Map(things.value.map((t) => [t.key, t.name])))
const keyOf = (id: string) =>
  ['solid', 'piece', 'hose'].map((kind) => `${kind}/${id}`).find((key) => names.value.has(key)) ?? id
const marks = computed(() => routeMarks(result.value, keyOf))
const routeOf = (id: string): HoseRoute | undefined => result.value?.hoses.find((h) => h.hose === id)
const hand = computed(() => {
  const [kind, id] = picked.value.split('/')
  return kind === 'hose' ? hoses.value.find((h) => h.id === id) : undefined
})

const whole = ref(false)
const REACH = [
  [false, 'opening'],
  [true, 'whole front'],
] as const

/** Each step counts from where the corner was taken. */
let from: { content: JobContent; build: Build } | null = null
function drag(step: Step) {
  if (!step.key.startsWith('hose/')) return
  from ??= { content: job.content, build: job.build }
  const by = step.by.map(Math.round) as unknown as Point
  job.drag(steppedHose(from.content, from.build, step.key.slice(5), by, step.point))
}
function drop() {
  from = null
  job.drop()
}
function nudge(step: Step) {
  if (step.key.startsWith('hose/'))
    job.replace(steppedHose(job.content, job.build, step.key.slice(5), step.by, step.point))
}
function grow(key: string, after: number) {
  const route = routeOf(key.slice(5))
  if (!route) return
  const build = job.build
  from = { content: grownHose(job.content, build, route, after), build }
  pickedPoint.value = after
  job.drag(from.content)
}
const { laying, failed, blocked, lay } = useLaying()
const bars = (id: string) => blocked.value[id]?.map(partName).join(', ')
const mm = (v: number) => format(v, 'size', unitWorld.value)
const bypassed = computed(() => job.build.oilOrder === 'TANK_BYPASSED')
</script>

<template>
  <div class="routes" :data-ready="result ? 'true' : undefined">
    <section class="panel sheet">
      <header>
        <h2>Hoses through the front end</h2>
        <span class="soft small">{{ job.build.name }}</span>
        <ChoiceInput v-model="whole" label="How much is shown" :choices="REACH" small class="reach" />
      </header>
      <p v-if="problem || failed" role="alert" class="refused">{{ problem || failed }}</p>
      <SpaceViews
        :things="things"
        :near="marks"
        :pack-back-mm="space?.packBackMm ?? 200"
        :whole="whole"
        @drag="drag"
        @drop="drop"
        @nudge="nudge"
        @grow="grow"
      />
      <p class="small soft">
        Pick a hose, then drag its corners in any view; a + on a straight piece gives it one more corner. Arrow keys
        move a corner by {{ mm(5) }}, with Shift {{ mm(25) }}, with Alt {{ mm(1) }}.
      </p>
    </section>
    <section class="panel side">
      <template v-if="hand">
        <header>
          <h2>{{ hand.name }}</h2>
          <button type="button" class="act back" @click="pick('')">All hoses</button>
        </header>
        <HosePanel
          :key="hand.id"
          :hose="hand"
          :route="routeOf(hand.id)"
          :ports="result?.ports ?? []"
          :names="names"
          :key-of="keyOf"
          :laying="!!laying"
          :by="blocked[hand.id]"
          @lay="lay(hand.id)"
        />
      </template>
      <template v-else>
        <header>
          <h2>Hoses</h2>
          <button
            type="button"
            class="act main back"
            :disabled="!job.build.coolers.length || !!laying"
            data-lay
            @click="lay(null)"
          >
            {{ laying ? 'Laying…' : 'Lay the hoses' }}
          </button>
        </header>
        <p v-if="!job.build.coolers.length" class="note">
          This build has no oil cooler: its lines stay as found. Choose a cooler on Heat &amp; air.
        </p>
        <p v-else-if="!job.content.nose.ports.length" class="note bad">
          Nobody has measured where the oil lines end. Add their ports on Mounting, front end.
        </p>
        <ul v-if="result?.faults.length" class="faults">
          <li v-for="f in result.faults" :key="say(f, unitWorld)" class="note bad" data-way-fault>
            <b>{{ say(f, unitWorld) }}</b><span v-if="whatToDo(f, unitWorld)" class="small">{{
              whatToDo(f, unitWorld)
            }}</span>
          </li>
        </ul>
        <p v-for="r in result?.remarks ?? []" :key="say(r, unitWorld)" class="note" data-remark>
          <b>{{ say(r, unitWorld) }}</b>
          <span class="small soft">{{ why(r, unitWorld) }}</span>
          <span class="small">{{ whatToDo(r, unitWorld) }}</span>
        </p>
        <ToggleInput
          v-if="bypassed"
          :model-value="job.build.lines.tankCapped"
          label="the tank’s own two ports are capped"
          @update:model-value="(on) => job.edit(`builds.${job.selected}.lines.tankCapped`, on)"
        />
        <div class="list">
          <button
            v-for="h in hoses"
            :key="h.id"
            type="button"
            class="hose"
            :class="{
              serious: routeOf(h.id)?.troubles.some((t) => t.serious),
              doubtful: routeOf(h.id)?.troubles.length,
            }"
            :data-hose="h.id"
            @click="pick(`hose/${h.id}`)"
          >
            <b>{{ h.name }}</b>
            <span v-if="routeOf(h.id)" class="cut">{{ mm(routeOf(h.id)!.cutMm) }}</span>
            <span v-else class="cut soft">not drawn</span>
            <span class="small">
              <template v-if="routeOf(h.id)">
                {{
                  routeOf(h.id)!.troubles.length
                    ? say(routeOf(h.id)!.troubles[0]!.said, unitWorld)
                    : 'clear of everything, held all along'
                }}
              </template>
              <template v-else-if="bars(h.id)">in its way: {{ bars(h.id) }}</template>
              <template v-else-if="remoteOf(h, job.content, job.build)"
                >{{ mm(remoteOf(h, job.content, job.build)!.hoseM * 1000) }} away from the pack</template
              >
              <template v-else>{{ mm(h.lengthM * 1000) }} as thought</template>
            </span>
          </button>
        </div>
        <p class="small soft">
          Numbers here are what to cut: from port to port, with {{ mm(job.build.lines.spareMm) }} left on each end. The
          maker’s manual says how a joint is made and how tight.
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.routes {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
}
.sheet,
.side {
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
.reach,
.back {
  margin-left: auto;
}
.back {
  min-height: 44px;
}
.faults {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
.note {
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 8px 12px;
  display: grid;
}
.note.bad {
  border-color: var(--marginal);
  background: var(--marginal-wash);
}
.list {
  display: grid;
}
.hose {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
  align-items: baseline;
  min-height: 60px;
  padding: 8px 0 8px 12px;
  border: 0;
  border-left: 6px solid var(--holds);
  border-top: 1px solid var(--rule-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.hose.doubtful {
  border-left-color: var(--marginal);
}
.hose.serious {
  border-left-color: var(--over);
}
.hose b {
  font: 600 18px/1.2 var(--rb-font-head);
}
.cut {
  font: 600 24px/1 var(--rb-font-head);
}
.cut.soft {
  font-size: 16px;
}
.hose .small {
  grid-column: 1 / -1;
}
@media (max-width: 1000px) {
  .routes {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
