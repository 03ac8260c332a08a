<script setup lang="ts">
import { computed, onScopeDispose, ref, watch } from 'vue'
import { refusal } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import type { OrderedStep, WorkPlan } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { paperWorld, unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { dayClock, fromTo } from './dayClock'

/** One step: what is done, why there, and what a person wants otherwise of it. */
const props = defineProps<{ step: OrderedStep; number: number; plan: WorkPlan; refused: string }>()
const emit = defineEmits<{ change: [change: Partial<WorkPlan>] }>()
const said = (text: string) => inText(text, unitWorld.value)
const own = computed(() => props.plan.minutes.find((m) => m.id === props.step.line))
const fixed = computed(() => props.plan.fixed.find((f) => f.id === props.step.line))
/** What is wanted of other steps. */
const others = <R extends { id: string }>(rows: R[]) => rows.filter((r) => r.id !== props.step.line)
const takes = (hands: number, waits: number | null) =>
  emit('change', { minutes: [...others(props.plan.minutes), { id: props.step.line, hands: Math.round(hands), waits }] })
const begins = (minute: number, exactly: boolean) =>
  emit('change', { fixed: [...others(props.plan.fixed), { id: props.step.line, minute: Math.round(minute), exactly }] })
const hands = computed({
  get: () => props.step.hands,
  set: (v) => {
    const waits = own.value?.waits ?? null
    if (v == null || (v === props.step.usual && waits == null)) emit('change', { minutes: others(props.plan.minutes) })
    else takes(v, waits)
  },
})
const waits = computed({
  get: () => props.step.waits,
  set: (v) => v != null && takes(props.step.hands, Math.round(v)),
})
/** In minutes of work, as the field has it; a whole day later is tomorrow. */
const minute = computed({
  get: () => fixed.value?.minute ?? 0,
  set: (v) => v != null && fixed.value && begins(v, fixed.value.exactly),
})
const free = () => emit('change', { fixed: others(props.plan.fixed) })
const leave = () =>
  emit(
    'change',
    props.step.task
      ? { leftOut: [...props.plan.leftOut, props.step.line] }
      : { ownTasks: props.plan.ownTasks.filter((t) => t.id !== props.step.line) },
  )
/** The drawing that is looked at, as an address of this page's own. */
const job = useJob()
const drawn = ref<{ id: string; src: string } | null>(null)
const undrawn = ref('')
function put(next: typeof drawn.value) {
  if (drawn.value) URL.revokeObjectURL(drawn.value.src)
  drawn.value = next
}
watch([() => props.step.id, unitWorld], () => put(null))
onScopeDispose(() => put(null))
async function draw(id: string) {
  undrawn.value = ''
  if (drawn.value?.id === id) return put(null)
  try {
    const asked = { job: job.content, build: job.selected, drawing: id, world: paperWorld.value }
    put({ id, src: URL.createObjectURL(await api.save('/api/drawings/step-svg', asked)) })
  } catch (e) {
    undrawn.value = refusal(e)
  }
}
const lists = computed(() =>
  [
    ['Tools', props.step.tools],
    ['Parts', props.step.parts],
    ['Carries over', props.step.carries],
    ['Photograph', props.step.photos],
  ].filter(([, list]) => list!.length),
)
</script>

<template>
  <article class="step" data-step-card>
    <header>
      <h2>{{ number }}. {{ said(step.title) }}</h2>
      <p class="soft">
        <template v-if="step.start != null">{{ fromTo(step.start, step.hands + step.waits, plan.dayHours) }}, </template
        >{{ word(step.engine) }}<template v-if="step.people > 1">, two people</template
        ><template v-if="step.under">, under the truck</template>
      </p>
    </header>
    <ul v-if="step.because.length" class="because" aria-label="Why it stands here" data-because>
      <li v-for="(b, i) in step.because" :key="i">{{ say(b, unitWorld) }}</li>
    </ul>
    <div class="body">
      <section>
        <p v-for="c in step.cautions" :key="c" class="caution">{{ word(c) }}</p>
        <p v-if="step.how" class="how">{{ said(step.how) }}</p>
        <p v-if="step.why" class="soft">{{ said(step.why) }}</p>
        <ul v-if="step.shows.length" class="shows" data-shows>
          <li v-for="(f, i) in step.shows" :key="i">{{ say(f, unitWorld) }}</li>
        </ul>
        <p v-if="step.drawings.length" class="drawings">
          <button
            v-for="d in step.drawings"
            :key="d.id"
            type="button"
            class="act"
            :aria-pressed="drawn?.id === d.id"
            @click="draw(d.id)"
          >
            {{ d.title }}
          </button>
        </p>
        <p v-if="undrawn" role="alert" class="small">{{ undrawn }}</p>
        <img v-if="drawn" :src="drawn.src" :alt="drawn.id" class="drawing" data-drawing />
        <ol v-if="step.stages.length" class="stages">
          <li v-for="(s, i) in step.stages" :key="i">{{ say(s.said, unitWorld) }}</li>
        </ol>
        <p v-if="step.check"><b>Right when:</b> {{ said(step.check) }}</p>
        <p v-if="step.mistake"><b>Goes wrong:</b> {{ said(step.mistake) }}</p>
        <p v-for="r in step.readings" :key="r.id" class="small"><b>Read:</b> {{ said(r.title) }}</p>
      </section>
      <section class="lists">
        <div v-for="[name, list] in lists" :key="name as string">
          <h3>{{ name }}</h3>
          <ul>
            <li v-for="l in list" :key="l">{{ said(l) }}</li>
          </ul>
        </div>
      </section>
      <section class="ours">
        <QuantityInput v-model="hands" label="Minutes of hands" quantity="count" :step="5" :error="refused" />
        <p v-if="step.hands !== step.usual" class="small soft">usually {{ time(step.usual) }}</p>
        <p v-if="step.pace" class="small soft" data-pace>
          our own pace: {{ step.pace.ratio.toFixed(2) }} × as measured in {{ step.pace.count }} steps
        </p>
        <QuantityInput v-if="step.waits" v-model="waits" label="Minutes of waiting" quantity="count" :step="15" />
        <template v-if="fixed">
          <QuantityInput
            v-model="minute"
            :label="fixed.exactly ? 'Begins at minute of work' : 'Not before minute of work'"
            quantity="count"
            :step="15"
          />
          <p class="small soft">{{ dayClock(fixed.minute, plan.dayHours) }}</p>
          <button type="button" class="act" @click="free">Let it stand anywhere</button>
        </template>
        <template v-else>
          <button type="button" class="act" @click="begins(step.start ?? 0, true)">Keep it at this time</button>
          <button type="button" class="act" @click="begins(plan.dayHours * 60, false)">Its part comes tomorrow</button>
        </template>
        <button type="button" class="act" @click="leave">Leave it out</button>
      </section>
    </div>
  </article>
</template>

<style scoped>
.step {
  background: var(--paper);
  border-top: 4px solid var(--accent);
  padding: 12px 16px 16px;
  display: grid;
  gap: 8px;
}
h2 {
  font: 600 26px/1.1 var(--rb-font-head);
}
.because {
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.because li {
  background: var(--accent-wash);
  color: var(--accent-ink);
  padding: 4px 10px;
  font: 500 16px/1.15 var(--rb-font-head);
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) 230px;
  gap: 20px;
}
.body > section {
  display: grid;
  gap: 6px;
  align-content: start;
}
.how {
  font-size: 17px;
  line-height: 1.35;
}
.caution {
  border-left: 4px solid var(--marginal);
  padding-left: 8px;
}
.shows {
  margin: 0;
  padding: 6px 10px 6px 26px;
  background: var(--ground);
  font: 500 16px/1.3 var(--rb-font-head);
}
.drawings {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.drawing {
  width: 100%;
  max-height: 320px;
  object-fit: contain;
  background: #fff;
}
.stages {
  margin: 0;
  padding-left: 22px;
}
.lists ul {
  margin: 0 0 6px;
  padding-left: 18px;
}
.ours {
  gap: 8px;
}
@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
