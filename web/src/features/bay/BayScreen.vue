<script setup lang="ts">
import { useEventListener, useIntervalFn, useSwipe } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { OrderedStep } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { me } from '@/shared/ui/account'
import { dark, unitWorld, worker } from '@/shared/ui/preferences'
import { hourOf, time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import NameInput from '@/shared/ui/NameInput.vue'
import BayFound from './BayFound.vue'
import BayLedger from './BayLedger.vue'
import BayRoad from './BayRoad.vue'
import BayStep from './BayStep.vue'
import { barring, lying, minutesOf, open, waiting as waits } from './bayState'
import { goOffline } from './offline'
import { useBay } from './useBay'

/** The work on a tablet in the bay: one step at a time, and it goes on where no server is. */
const route = useRoute()
const router = useRouter()
const bay = useBay(route.params.order as string)
const { order, plan, state, link, waiting, refused, problem } = bay
void goOffline()

const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
const steps = computed(() => new Map(plan.value?.steps.map((s) => [s.id, s]) ?? []))
const at = ref(0)
const step = computed(() => plan.value?.steps[at.value] ?? null)
const said = (text: string) => inText(text, unitWorld.value)
const doneCount = computed(() => plan.value?.steps.filter((s) => state.value.done.has(s.id)).length ?? 0)
const toGo = computed(
  () => plan.value?.steps.filter((s) => !state.value.done.has(s.id)).reduce((sum, s) => sum + s.hands, 0) ?? 0,
)
const isDone = computed(() => !!step.value && state.value.done.has(step.value.id))
/** A person sees the cautions of a task once, however many things it is done to. */
const alike = (s: OrderedStep) => plan.value!.steps.filter((o) => o.id === s.id || (s.task && o.task === s.task))
const seenBy = computed(
  () =>
    !step.value?.cautions.length ||
    isDone.value ||
    alike(step.value).some((s) => state.value.seen.has(`${worker.value}/${s.id}`)),
)
const barred = computed(() => (step.value ? barring(state.value, step.value, steps.value) : []))
const unticked = computed(() => (step.value ? lying(state.value, step.value, steps.value) : []))
const readingsOpen = computed(
  () => step.value?.readings.filter((r) => !state.value.readings.has(`${step.value!.id}/${r.id}`)) ?? [],
)
const running = computed(() => !!step.value && !!state.value.clocks.get(step.value.id)?.running.size)
const minutes = computed(() => (step.value ? minutesOf(state.value, step.value.id, now.value) : 0))
const cooling = computed(() => (plan.value ? waits(state.value, plan.value, now.value) : []))
const signed = computed(() => !!order.value?.signedAt)

/** The first step that is not done; where somebody left off on this device, that one. */
let placed = false
watch(
  plan,
  (p, before) => {
    if (!p) return
    const here = before?.steps[at.value]?.id
    const again = here ? p.steps.findIndex((s) => s.id === here) : -1
    if (placed && again >= 0) at.value = again
    else
      at.value = Math.max(
        0,
        p.steps.findIndex((s) => !state.value.done.has(s.id)),
      )
    placed = true
  },
  { immediate: true },
)
const go = (by: number) => (at.value = Math.min(Math.max(0, at.value + by), (plan.value?.steps.length ?? 1) - 1))
function next() {
  const all = plan.value?.steps ?? []
  const after = all.findIndex((s, i) => i > at.value && !state.value.done.has(s.id))
  const first = all.findIndex((s) => !state.value.done.has(s.id))
  if (after >= 0 || first >= 0) at.value = after >= 0 ? after : first
}

const see = () => bay.add({ kind: 'SEEN', step: step.value!.id })
const clock = () => bay.add({ kind: running.value ? 'PAUSED' : 'BEGUN', step: step.value!.id })
const why = ref('')
watch(at, () => (why.value = ''))
async function tick() {
  const s = step.value
  if (!s || signed.value) return
  why.value = ''
  if (isDone.value) {
    await bay.add({ kind: 'UNDONE', step: s.id })
    return
  }
  if (!seenBy.value) return
  if (unticked.value.length) {
    why.value = `Not yet: ${unticked.value.map((p) => p.taken.text).join(', ')} — back in, or broken?`
    return
  }
  const measured = minutesOf(state.value, s.id, Date.now())
  await bay.add({ kind: 'DONE', step: s.id, value: Math.round(measured * 10) / 10 })
  next()
}

const side = ref<'' | 'road' | 'ledger' | 'found'>('')
const openPieces = computed(() => open(state.value).length)
const name = ref(me.value?.name ?? '')
const enter = () => (worker.value = name.value.trim().slice(0, 60))

const screen = ref<HTMLElement | null>(null)
const { direction, lengthX } = useSwipe(screen, {
  threshold: 90,
  onSwipeEnd() {
    if (side.value || Math.abs(lengthX.value) < 90) return
    if (direction.value === 'left') go(1)
    if (direction.value === 'right') go(-1)
  },
})
useEventListener(window, 'keydown', (e: KeyboardEvent) => {
  if (e.target instanceof HTMLElement && e.target.matches('input, textarea, select')) return
  if (e.ctrlKey || e.metaKey || e.altKey) return
  if (e.key === 'Escape') side.value = ''
  else if (e.key === 'ArrowRight') go(1)
  else if (e.key === 'ArrowLeft') go(-1)
  else if (e.key === 'l') side.value = side.value === 'road' ? '' : 'road'
  else if (e.key === 't') void clock()
  else return
  e.preventDefault()
})
const people = (e: { by: string; at: string }) => `${e.by} at ${hourOf(e.at)}`
const title = (id: string) => said(steps.value.get(id)?.title ?? id)
function conflict(c: (typeof state.value.conflicts)[number]): string {
  switch (c.what) {
    case 'TICKED_TWICE':
      return `${title(c.step)}: ticked by ${people(c.one)} and by ${people(c.other)}. One tick is enough; was it done twice?`
    case 'READ_TWICE':
      return `${title(c.step)}: ${people(c.one)} and ${people(c.other)} read different numbers; the later one counts.`
    case 'TICKED_OPEN':
      return `${title(c.step)}: ${people(c.one)} ticked it while this lay about: ${c.pieces.join(', ')}.`
    case 'STANDS_TWICE':
      return `${c.piece.taken.text}: ${people(c.one)} and ${people(c.other)} say otherwise, back or broken; the later one counts.`
  }
}
const linkWords = computed(() =>
  link.value === 'away'
    ? waiting.value
      ? `No server: ${waiting.value} kept on this device`
      : 'No server: it goes on here'
    : waiting.value
      ? `${waiting.value} on the way`
      : 'All kept',
)
const leave = () => router.push(order.value ? { name: 'bay', params: { id: order.value.job } } : { name: 'yard' })
</script>

<template>
  <div ref="screen" class="bay" :data-bay-link="link" :data-bay-waiting="waiting" data-bay>
    <header class="head">
      <button type="button" class="quiet" @click="leave">Leave</button>
      <p class="job">{{ order?.title }}</p>
      <div v-if="plan" class="way" role="img" :aria-label="`${doneCount} of ${plan.steps.length} done`">
        <span class="bar"><i :style="{ width: `${(100 * doneCount) / plan.steps.length}%` }"></i></span>
        <b>{{ doneCount }} / {{ plan.steps.length }}</b>
        <span class="soft">{{ time(toGo) }} to go</span>
      </div>
      <p class="link" :class="link" role="status" data-bay-said>{{ linkWords }}</p>
      <button type="button" class="quiet" @click="unitWorld = unitWorld === 'metric' ? 'imperial' : 'metric'">
        {{ unitWorld === 'metric' ? '°C' : '°F' }}
      </button>
      <button type="button" class="quiet" :aria-pressed="dark" @click="dark = !dark">
        {{ dark ? 'Day' : 'Night' }}
      </button>
      <button type="button" class="quiet" data-worker @click="worker = ''">{{ worker || 'Who?' }}</button>
    </header>

    <form v-if="!worker" class="who" @submit.prevent="enter">
      <h1>Who works here?</h1>
      <p class="soft">Your name stands beside what you tick, read and write.</p>
      <p v-for="c in plan?.cautions ?? []" :key="c" class="general">{{ word(c) }}</p>
      <NameInput v-model="name" label="Your name" :most="60" />
      <button type="submit" class="big">To the work</button>
    </form>
    <section v-else-if="!plan" class="who">
      <template v-if="problem.length">
        <h1>This work is not on this device yet</h1>
        <p v-for="(p, i) in problem" :key="i">{{ say(p, unitWorld) }}</p>
        <p class="soft">It is tried again every two seconds.</p>
      </template>
      <p v-else>Laying out the work…</p>
    </section>
    <template v-else>
      <div v-if="state.conflicts.length || refused.length || cooling.length" class="bands">
        <p v-for="(c, i) in state.conflicts" :key="`c${i}`" class="band bad" role="alert" data-conflict>
          {{ conflict(c) }}
        </p>
        <p v-for="r in refused" :key="r.id" class="band bad" role="alert">
          {{ title(r.event.step ?? '') }}: {{ r.refused!.map((x) => say(x, unitWorld)).join('; ') }}
        </p>
        <p v-for="w in cooling" :key="w.step.id" class="band wait">
          {{ said(w.step.title) }}: <b>{{ time(Math.ceil(w.left)) }}</b> yet
        </p>
      </div>
      <BayStep
        v-if="step"
        :key="step.id"
        :step="step"
        :number="at + 1"
        :plan="plan"
        :bay="bay"
        :seen="seenBy"
        :barred="barred"
        :minutes="minutes"
        :running="running"
        :locked="signed"
        @see="see"
        @clock="clock"
      />
      <BayRoad v-if="side === 'road'" v-model:at="at" :plan="plan" :state="state" @close="side = ''" />
      <BayLedger v-if="side === 'ledger'" :bay="bay" :step="step!" :steps="steps" @close="side = ''" />
      <BayFound v-if="side === 'found'" :bay="bay" :step="step!" @close="side = ''" />
      <footer class="foot">
        <button type="button" class="move" aria-label="Step before" :disabled="at === 0" @click="go(-1)">◀</button>
        <button
          type="button"
          class="side"
          :aria-pressed="side === 'road'"
          @click="side = side === 'road' ? '' : 'road'"
        >
          All steps
        </button>
        <button
          type="button"
          class="side"
          :class="{ warm: openPieces }"
          :aria-pressed="side === 'ledger'"
          @click="side = side === 'ledger' ? '' : 'ledger'"
        >
          Off the truck <b>{{ openPieces }}</b>
        </button>
        <button
          type="button"
          class="side"
          :aria-pressed="side === 'found'"
          @click="side = side === 'found' ? '' : 'found'"
        >
          Found something
        </button>
        <div class="tick">
          <p v-if="why" role="alert" class="why">{{ why }}</p>
          <p v-else-if="readingsOpen.length && !isDone && seenBy" class="why soft">
            Not read yet: {{ readingsOpen.map((r) => said(r.title)).join(', ') }}
          </p>
          <button
            type="button"
            class="big done"
            :class="{ undo: isDone }"
            :disabled="signed || (!isDone && (!seenBy || !!barred.length))"
            data-tick
            @click="tick"
          >
            {{ isDone ? 'Not done after all' : 'Done' }}
          </button>
        </div>
        <button
          type="button"
          class="move"
          aria-label="Next step"
          :disabled="at >= plan.steps.length - 1"
          @click="go(1)"
        >
          ▶
        </button>
      </footer>
    </template>
  </div>
</template>

<style scoped>
.bay {
  position: fixed;
  inset: 0;
  display: flex;
  flex-direction: column;
  background: var(--ground);
  touch-action: pan-y;
}
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 12px;
  background: var(--rb-asphalt-900);
  color: var(--rb-chalk-50);
}
.job {
  font: 600 20px/1 var(--rb-font-head);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  min-width: 0;
}
.way {
  display: flex;
  align-items: center;
  gap: 10px;
  flex: 1;
  justify-content: flex-end;
  white-space: nowrap;
  font: 600 18px/1 var(--rb-font-head);
}
.way .soft {
  color: var(--rb-asphalt-300);
}
.bar {
  width: min(220px, 16vw);
  height: 10px;
  background: var(--rb-asphalt-700);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--rb-breeze-400);
}
.link {
  font: 600 17px/1 var(--rb-font-head);
  padding: 8px 10px;
  background: var(--rb-asphalt-700);
  white-space: nowrap;
}
.link.away {
  background: var(--rb-amber-500);
  color: var(--rb-asphalt-900);
}
.quiet {
  min-height: 44px;
  min-width: 44px;
  padding: 0 12px;
  border: 1px solid var(--rb-asphalt-500);
  background: none;
  color: inherit;
  font: 600 17px/1 var(--rb-font-head);
  cursor: pointer;
}
.who {
  margin: auto;
  width: min(560px, 90vw);
  display: grid;
  gap: 14px;
}
.who h1 {
  font: 600 40px/1.05 var(--rb-font-head);
}
.general {
  border-left: 6px solid var(--marginal);
  padding-left: 12px;
  font-size: 17px;
}
.bands {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}
.band {
  flex: 1 1 auto;
  padding: 8px 16px;
  font: 500 18px/1.2 var(--rb-font-head);
}
.band.bad {
  flex-basis: 100%;
  background: var(--over-wash);
  border-left: 8px solid var(--over);
}
.band.wait {
  background: var(--accent-wash);
  color: var(--accent-ink);
}
.foot {
  display: flex;
  gap: 8px;
  align-items: stretch;
  padding: 8px;
  background: var(--paper);
  border-top: 3px solid var(--rule);
}
.foot button {
  min-height: 72px;
  border: 2px solid var(--rule);
  background: var(--ground);
  color: var(--ink);
  font: 600 20px/1.05 var(--rb-font-head);
  cursor: pointer;
}
.move {
  width: 84px;
  font-size: 30px !important;
}
.side {
  padding: 0 14px;
  max-width: 132px;
}
.side[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.side.warm b {
  color: var(--marginal-ink);
}
.tick {
  flex: 1;
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 12px;
  min-width: 0;
}
.why {
  font: 500 17px/1.15 var(--rb-font-head);
  text-align: right;
}
.why[role='alert'] {
  color: var(--over-ink);
}
.foot .done,
.big {
  min-width: 210px;
  min-height: 72px;
  border: 0;
  background: var(--accent);
  color: var(--on-accent);
  font: 600 34px/1 var(--rb-font-head);
  cursor: pointer;
}
.foot .done.undo {
  background: var(--ground);
  color: var(--ink);
  border: 2px solid var(--accent);
  font-size: 22px;
}
.foot button:disabled,
.big:disabled {
  opacity: 0.4;
  cursor: default;
}
@media (max-width: 1000px) {
  .way .soft,
  .bar {
    display: none;
  }
  .foot .done {
    min-width: 150px;
  }
}
</style>
