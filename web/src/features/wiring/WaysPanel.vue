<script setup lang="ts">
import { computed, ref } from 'vue'
import SpaceViews from '@/features/mounting/space/SpaceViews.vue'
import { pick, picked, pickedPoint, type Step } from '@/features/mounting/space/state'
import { type NearMark, pointOf, type Thing, thingsOf } from '@/features/mounting/space/things'
import type { Point } from '@/features/mounting/space/views'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { LaidWays, LoomWay, SpaceResult, WiringPlan } from '@/shared/api/types'
import { camel, partName, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import type { UseWiringReturn } from './useWiring'
import { grown, ledOtherwise, stepped, wayThings } from './ways'

/** The loom through the front end: laid, dragged, held against what stands there. Its wires are as long as it runs. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { plan, change, result: circuit } = props.wiring
const asked = () => ({ job: job.content, build: job.selected })
const { result, problem } = useComputed<LoomWay[]>('/api/compute/wiring-ways', asked)
const { result: space } = useComputed<SpaceResult>('/api/compute/space', asked)
const ways = computed(() => result.value ?? [])
const place = (p: LoomWay['from']) => {
  const device = circuit.value?.devices.find((d) => d.name.id === p.device)
  const where = word(`spot.${camel(p.kind)}`)
  return device ? `${partName(device.name)}${p.kind === 'SENSOR' ? ', ' + where : ''}` : where
}
const called = (w: LoomWay) => `${place(w.from)} – ${place(w.to)}`
const fixed = computed(() => thingsOf(job.content, job.build, space.value).map((t): Thing => ({ ...t, free: [] })))
const things = computed(() => [...fixed.value, ...wayThings(ways.value, called)])
const keys = computed(() => new Set(things.value.map((t) => t.key)))
const keyOf = (id: string) => ['solid', 'piece'].map((k) => `${k}/${id}`).find((k) => keys.value.has(k)) ?? id
const marks = computed<NearMark[]>(() =>
  ways.value.flatMap((w) =>
    w.near.map((n) => ({
      key: `${w.id}-${n.thing}`,
      of: [`hose/${w.id}`, keyOf(n.thing)],
      from: pointOf(n.from),
      to: pointOf(n.to),
      gapMm: n.gapMm,
      state: n.state,
    })),
  ),
)
const whole = ref(true)
const REACH = [
  [false, 'opening'],
  [true, 'whole front'],
] as const
const wayOf = (key: string) => ways.value.find((w) => `hose/${w.id}` === key)
const path = () => `builds.${job.selected}.wiring` as const
/** Each step counts from where the corner was taken. */
let from: { plan: WiringPlan; way: LoomWay } | null = null
function drag(step: Step) {
  const way = wayOf(step.key)
  if (!way) return
  from ??= { plan: plan.value, way }
  const by = step.by.map(Math.round) as unknown as Point
  job.drag(edited(ledOtherwise(from.plan, from.way, stepped(by, step.point))))
}
function drop() {
  from = null
  job.drop()
}
function nudge(step: Step) {
  const way = wayOf(step.key)
  if (way) change(ledOtherwise(plan.value, way, stepped(step.by, step.point)))
}
function grow(key: string, after: number) {
  const way = wayOf(key)
  if (!way) return
  const next = ledOtherwise(plan.value, way, grown(way, after))
  from = { plan: next, way: { ...way, bends: next.ways.find((w) => w.id === way.id)!.bends } }
  pickedPoint.value = after
  job.drag(edited(next))
}
const edited = (next: WiringPlan) => ({
  ...job.content,
  builds: job.content.builds.map((b) => (b.id === job.selected ? { ...b, wiring: next } : b)),
})
const laying = ref(false)
const failed = ref('')
const blocked = ref<LaidWays['blocked']>({})
async function lay() {
  laying.value = true
  failed.value = ''
  const at = path()
  try {
    const laid = await api.post<LaidWays>('/api/compute/wiring-laid', asked())
    blocked.value = laid.blocked
    job.edit(at, { ...plan.value, ways: laid.ways })
  } catch (e) {
    failed.value = (e as ApiProblem).said.map((s) => say(s, unitWorld.value)).join('; ')
  } finally {
    laying.value = false
  }
}
const metres = (v: number) => format(v, 'length', unitWorld.value, 2)
const hand = computed(() => ways.value.find((w) => picked.value === `hose/${w.id}`))
</script>

<template>
  <div class="ways" :data-ready="result && space ? 'true' : undefined">
    <section class="panel sheet">
      <header>
        <h2>The loom through the front end</h2>
        <span class="soft small">{{ job.build.name }}</span>
        <ChoiceInput v-model="whole" label="How much is shown" :choices="REACH" small class="reach" />
      </header>
      <p v-if="problem || failed" role="alert" class="bad">{{ problem || failed }}</p>
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
        Pick a bundle, then drag its corners in any view; a + on a straight piece gives it one more corner.
      </p>
    </section>
    <section class="panel side">
      <header>
        <h2>Bundles</h2>
        <button type="button" class="act main" :disabled="laying || !ways.length" data-lay-loom @click="lay">
          {{ laying ? 'Laying…' : 'Lay the loom' }}
        </button>
      </header>
      <p v-if="result && !ways.length" class="soft">Nothing of this build is fed by wire.</p>
      <ul data-bundles>
        <li v-for="w in ways" :key="w.id" :class="{ now: hand === w, bad: w.through.length > 0 }" :data-way="w.id">
          <button type="button" class="row" @click="pick(hand === w ? '' : `hose/${w.id}`)">
            <b>{{ called(w) }}</b>
            <span class="length">{{ metres(w.lengthM) }}</span>
            <span class="small soft">{{
              w.through.length
                ? `too near to ${w.through.map(partName).join(', ')}`
                : w.laid
                  ? 'clear of everything'
                  : 'clear, as thought along the axes'
            }}</span>
            <span v-if="blocked[w.id]" class="small bad">{{
              blocked[w.id]!.length
                ? `no way was found round ${blocked[w.id]!.map(partName).join(', ')}`
                : 'no way was found: an end is shut in, or nothing is measured there'
            }}</span>
          </button>
        </li>
      </ul>
      <button v-if="plan.ways.length" type="button" class="act" @click="change({ ...plan, ways: [] })">
        Along the axes again
      </button>
      <p class="small soft">
        Looms keep {{ format(50, 'size', unitWorld) }} from what moves, {{ format(100, 'size', unitWorld) }} from what
        is hot; each wire is as long as its bundle, with {{ metres(0.3) }} for both ends.
      </p>
    </section>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 14px;
  flex: 1;
}
header {
  display: flex;
  align-items: baseline;
  gap: 10px;
  flex-wrap: wrap;
}
.reach {
  margin-left: auto;
}
.side {
  display: grid;
  gap: 10px;
  align-content: start;
}
.side header {
  justify-content: space-between;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  border-left: 5px solid var(--holds);
}
li.bad {
  border-color: var(--marginal);
}
li.now {
  background: var(--accent-wash);
}
.row {
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  text-align: left;
  padding: 6px 8px;
  min-height: 44px;
  cursor: pointer;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  font: inherit;
}
.row .small {
  grid-column: 1 / -1;
}
.row .small.bad,
.bad[role='alert'] {
  color: var(--over-ink);
}
.length {
  font: 600 18px/1 var(--rb-font-head);
}
.act {
  padding: 0 12px;
}
@media (max-width: 1000px) {
  .ways {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
