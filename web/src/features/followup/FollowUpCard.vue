<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { FollowUp, FollowUpEvent } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld, worker } from '@/shared/ui/preferences'
import { dateOf } from '@/shared/ui/time'
import NameInput from '@/shared/ui/NameInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import TextInput from '@/shared/ui/TextInput.vue'
import { inText } from '@/shared/units/inText'
import { formatSi, siOf, type QuantityName } from '@/shared/units/units'
import { amount, daysBetween, dueIn, everyWords, goneWords, today } from './due'

/** Something that is looked at again: when, why then, and what became of it. */
const props = defineProps<{ of: FollowUp; withJob?: boolean }>()
const emit = defineEmits<{ changed: [FollowUp]; edit: [] }>()
const day = today()
const due = computed(() => dueIn(props.of.until ?? props.of.due ?? null, day))
const closed = computed(() => props.of.state === 'DONE' || props.of.state === 'DROPPED')
const said = (text: string) => inText(text, unitWorld.value)
/** So that no two cards' buttons are called the same. */
const which = computed(() => `${said(props.of.data.title)}, ${props.of.jobName}`)
const shares = computed(() =>
  props.of.shares.map((s) => ({
    ...s,
    share: Math.min(1, s.used / s.every),
    over: s.used >= s.every,
    words: goneWords(s.measure, s.used, s.every, unitWorld.value),
    known:
      s.recorded == null || s.recorded < 0.05
        ? 'as usual'
        : `${amount(s.measure, s.recorded ?? 0, unitWorld.value)} recorded`,
  })),
)
const open = ref(false)
const doing = ref<FollowUpEvent['what'] | null>(null)
const empty = () => ({
  note: '',
  until: '',
  odometerKm: null as number | null,
  readings: {} as Record<string, number | null>,
})
const form = reactive(empty())
const problem = ref('')
const saving = ref(false)
function begin(what: FollowUpEvent['what']) {
  doing.value = what
  open.value = true
  Object.assign(form, empty())
  problem.value = ''
}
/** As the table of units spells it: FAN_PRESSURE is fanPressure there. */
const kind = (k: string) => camel(k) as QuantityName
async function keep() {
  problem.value = ''
  const readings: Record<string, number> = {}
  for (const r of props.of.readings) {
    const value = form.readings[r.id] ?? null
    if (value === null) continue
    readings[r.id] = siOf(value, kind(r.kind))
  }
  saving.value = true
  const event: FollowUpEvent = {
    id: crypto.randomUUID(),
    what: doing.value!,
    day,
    by: worker.value || 'somebody',
    until: doing.value === 'SNOOZED' ? form.until || null : null,
    note: form.note.trim(),
    readings,
    odometerKm: form.odometerKm,
  }
  try {
    emit('changed', await api.post<FollowUp>(`/api/follow-ups/${props.of.id}/events?day=${day}`, event))
    doing.value = null
  } catch (e) {
    problem.value = refusal(e)
  } finally {
    saving.value = false
  }
}
const WHAT = { DONE: 'Done', SNOOZED: 'Put off', DROPPED: 'Dropped' } as const
const title = (id: string) => props.of.readings.find((r) => r.id === id)
const read = (e: FollowUpEvent) =>
  Object.entries(e.readings).flatMap(([id, value]) => {
    const r = title(id)
    return r && value !== null ? [`${r.title}: ${formatSi(value, kind(r.kind), unitWorld.value)}`] : []
  })
</script>

<template>
  <article class="card" :class="of.state.toLowerCase()" :data-follow-up="of.data.kind ?? 'own'" :data-state="of.state">
    <div class="when" :title="of.due ? dateOf(new Date(of.due)) : ''">
      <template v-if="!closed">
        <b>{{ due.figure }}</b>
        <span>{{ due.words }}</span>
      </template>
      <b v-else class="closed">{{ word(`followUpDueState.${of.state.toLowerCase()}`) }}</b>
    </div>
    <div class="what">
      <h3>{{ said(of.data.title) }}</h3>
      <p v-if="withJob" class="truck">
        <router-link
          :to="{ name: 'follow-ups', params: { id: of.job } }"
          :aria-label="`${of.jobName}: ${of.data.title}`"
          >{{ of.jobName }}</router-link
        >
      </p>
      <p class="small soft">
        <template v-if="of.until">Put off until {{ dateOf(new Date(of.until)) }}: {{ of.events[0]?.note }} </template>
        <template v-else-if="of.due && !closed"
          >{{ dateOf(new Date(of.due)) }}, {{ everyWords(of.data.every, of.data.again, unitWorld) }}</template
        >
        <template v-else-if="of.events[0]">{{ dateOf(new Date(of.events[0].day)) }}, {{ of.events[0].by }}</template>
      </p>
      <p v-if="of.data.note" class="small">{{ of.data.note }}</p>
    </div>
    <ul v-if="!closed" class="shares">
      <li v-for="(s, i) in shares" :key="i" :class="{ first: s.measure === of.first, over: s.over }">
        <span class="small">{{ s.words }}</span>
        <span class="road" role="img" :aria-label="s.words"><i :style="{ width: `${100 * s.share}%` }" /></span>
        <span v-if="s.measure !== 'DAYS'" class="small soft">{{ s.known }}</span>
      </li>
    </ul>
    <div class="acts">
      <template v-if="!closed">
        <button type="button" class="act main" :aria-label="`Done … ${which}`" @click="begin('DONE')">Done …</button>
        <button type="button" class="act" :aria-label="`Put off … ${which}`" @click="begin('SNOOZED')">
          Put off …
        </button>
      </template>
      <button
        type="button"
        class="act"
        :aria-expanded="open"
        :aria-label="`${open ? 'Less' : 'How, and what was'}: ${which}`"
        @click="open = !open"
      >
        {{ open ? 'Less' : 'How, and what was' }}
      </button>
    </div>
    <div v-if="open" class="more">
      <div v-if="doing" class="do" data-do>
        <h4>{{ WHAT[doing] }}</h4>
        <div v-if="doing === 'DONE'" class="fields">
          <QuantityInput
            v-for="r in of.readings"
            :key="r.id"
            :model-value="form.readings[r.id] ?? null"
            :label="r.title"
            :quantity="kind(r.kind)"
            optional
            @update:model-value="form.readings[r.id] = $event"
          />
          <QuantityInput v-model="form.odometerKm" label="Odometer" quantity="distance" optional />
        </div>
        <label v-if="doing === 'SNOOZED'" class="small soft"
          >Until<input v-model="form.until" type="date" class="entry date" :min="day"
        /></label>
        <TextInput
          :model-value="form.note"
          :label="doing === 'DONE' ? 'What was found' : 'Why'"
          :most="600"
          optional
          @update:model-value="form.note = $event ?? ''"
        />
        <NameInput v-model="worker" label="By" :most="80" optional />
        <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
        <p class="row">
          <button type="button" class="act main" :disabled="saving" data-keep @click="keep">Keep it</button>
          <button type="button" class="act" @click="doing = null">Not now</button>
        </p>
      </div>
      <template v-if="of.how">
        <p v-for="c in of.cautions" :key="c" class="caution">{{ word(c) }}</p>
        <p>{{ said(of.how) }}</p>
        <p v-if="of.why" class="small"><b>Why:</b> {{ said(of.why) }}</p>
        <p v-if="of.check" class="small"><b>Right when:</b> {{ said(of.check) }}</p>
        <p v-if="of.mistake" class="small"><b>Goes wrong:</b> {{ said(of.mistake) }}</p>
      </template>
      <ul v-if="of.events.length" class="past">
        <li v-for="e in of.events" :key="e.id">
          <b>{{ WHAT[e.what] }}</b> {{ dateOf(new Date(e.day)) }}, {{ e.by
          }}<template v-if="e.note">: {{ e.note }}</template>
          <span v-for="r in read(e)" :key="r" class="small soft">{{ r }}</span>
        </li>
      </ul>
      <p class="small soft">
        Counted since {{ dateOf(new Date(of.since)) }}, {{ daysBetween(of.since, day) }} days.
        <template v-if="!closed">
          <button type="button" class="plain link" @click="emit('edit')">Change when it is due</button> ·
          <button type="button" class="plain link" @click="begin('DROPPED')">Drop it …</button>
        </template>
      </p>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: 104px minmax(0, 1.1fr) minmax(230px, 1fr) 216px;
  gap: 6px 16px;
  align-items: center;
  background: var(--paper);
  border-left: 8px solid var(--rule);
  padding: 10px 14px;
}
.card.due {
  border-left-color: var(--over);
}
.card.soon {
  border-left-color: var(--marginal);
}
.card.snoozed {
  border-left-style: dashed;
}
.card.done,
.card.dropped {
  grid-template-columns: 104px minmax(0, 1fr) 216px;
  border-left-color: var(--rule-soft);
}
.when {
  display: grid;
  justify-items: end;
  text-align: right;
  font: 600 16px/1 var(--rb-font-head);
  gap: 3px;
}
.when b {
  font-size: 40px;
  line-height: 0.95;
}
.when b.closed {
  font-size: 22px;
  color: var(--ink-soft);
}
.card.due .when {
  color: var(--over-ink);
}
.what {
  display: grid;
  gap: 2px;
}
.truck {
  font: 600 17px/1.2 var(--rb-font-head);
}
.truck a {
  color: var(--accent-ink);
}
.shares,
.past {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
.shares li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 10px;
  opacity: 0.8;
}
.shares li.first {
  opacity: 1;
  font-weight: 600;
}
/* A stretch of road, driven so far. */
.road {
  grid-column: 1 / -1;
  height: 9px;
  background: repeating-linear-gradient(90deg, var(--rule) 0 12px, transparent 12px 20px) center / 100% 2px no-repeat
    var(--rule-soft);
  order: 3;
}
.road i {
  display: block;
  height: 100%;
  background: var(--accent);
}
.over .road i {
  background: var(--over);
}
.acts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.acts .act {
  justify-content: center;
}
.acts .act:last-child {
  grid-column: 1 / -1;
  border-color: transparent;
  text-decoration: underline;
}
.more {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule-soft);
  padding-top: 10px;
  margin-left: 120px;
}
.do {
  display: grid;
  gap: 8px;
  border-left: 6px solid var(--accent);
  padding-left: 12px;
  max-width: 640px;
}
.do h4 {
  font: 600 20px/1.1 var(--rb-font-head);
  margin: 0;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.date {
  display: block;
  max-width: 220px;
}
.row {
  display: flex;
  gap: 8px;
}
.past li span::before {
  content: ' · ';
}
.caution {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 6px 10px;
}
@media (max-width: 1100px) {
  .card {
    grid-template-columns: 90px minmax(0, 1fr) auto;
  }
  .shares {
    grid-column: 2;
  }
  .more {
    margin-left: 0;
  }
}
</style>
