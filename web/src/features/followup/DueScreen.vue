<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { FeedSaid, FollowUp } from '@/shared/api/types'
import { owner } from '@/shared/ui/account'
import { unitWorld } from '@/shared/ui/preferences'
import { dateOf } from '@/shared/ui/time'
import NameInput from '@/shared/ui/NameInput.vue'
import FollowUpCard from './FollowUpCard.vue'
import { today } from './due'

/** What is due in the whole yard, the most urgent first; and calendars that fetch it. */
const day = today()
const all = shallowRef<FollowUp[] | null>(null)
const feeds = shallowRef<FeedSaid[]>([])
const made = shallowRef<FeedSaid | null>(null)
const name = ref<string | null>('')
const problem = ref('')
async function tried(work: () => Promise<unknown>) {
  try {
    await work()
    problem.value = ''
  } catch (e) {
    problem.value = refusal(e)
  }
}
const load = () =>
  tried(async () => {
    all.value = await api.get<FollowUp[]>(`/api/follow-ups?day=${day}`)
    feeds.value = await api.get<FeedSaid[]>('/api/follow-ups/feeds')
  })
onMounted(load)
const GROUPS = [
  ['DUE', 'Due'],
  ['SOON', 'In the next two weeks'],
  ['LATER', 'Later'],
  ['SNOOZED', 'Put off'],
] as const
const groups = computed(() =>
  GROUPS.map(([state, title]) => ({ state, title, of: (all.value ?? []).filter((f) => f.state === state) })).filter(
    (g) => g.of.length,
  ),
)
const later = ref(false)
const make = () =>
  tried(async () => {
    made.value = await api.post<FeedSaid>('/api/follow-ups/feeds', { name: name.value?.trim() ?? '' })
    name.value = ''
    feeds.value = await api.get<FeedSaid[]>('/api/follow-ups/feeds')
  })
const take = (f: FeedSaid) =>
  tried(async () => {
    await api.remove(`/api/follow-ups/feeds/${f.id}`)
    if (made.value?.id === f.id) made.value = null
    feeds.value = await api.get<FeedSaid[]>('/api/follow-ups/feeds')
  })
const address = computed(() => (made.value?.path ? window.location.origin + made.value.path : ''))
const calendar = computed(() => `/api/follow-ups/calendar?day=${day}&world=${unitWorld.value.toUpperCase()}`)
const count = (state: string) => (all.value ?? []).filter((f) => f.state === state).length
</script>

<template>
  <div class="screen board" :data-ready="all ? 'true' : undefined">
    <header>
      <div>
        <h1>What is due</h1>
        <p class="soft">
          Clamps, levels, marks, filters, oil and fins of every truck that left. Nothing is sent to anybody by itself.
        </p>
      </div>
      <p v-if="all" class="tally">
        <b>{{ count('DUE') }}</b> due, {{ count('SOON') }} soon
      </p>
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!all && !problem" class="soft">Reckoning from the drives …</p>
    <p v-if="all && !all.length" class="panel soft">
      Nothing is looked at again yet. Each signed work order brings its own follow-ups.
    </p>
    <section v-for="g in groups" :key="g.state" :aria-label="g.title" class="group">
      <h2>
        {{ g.title }}
        <button v-if="g.state === 'LATER' && g.of.length > 4" type="button" class="act" @click="later = !later">
          {{ later ? 'The next four' : `All ${g.of.length}` }}
        </button>
      </h2>
      <FollowUpCard
        v-for="f in g.state === 'LATER' && !later ? g.of.slice(0, 4) : g.of"
        :key="f.id"
        :of="f"
        with-job
        @changed="load"
        @edit="$router.push({ name: 'follow-ups', params: { id: f.job } })"
      />
    </section>
    <section v-if="all" class="panel feed">
      <h2>In a calendar</h2>
      <p class="soft">
        <a class="act" :href="calendar" download>Calendar file</a> once, as it is today; or a secret address at which a
        calendar fetches it again and again. Whoever has the address can read titles, trucks and days.
      </p>
      <form v-if="owner" @submit.prevent="make">
        <NameInput v-model="name" label="Whose calendar" :most="60" optional />
        <button type="submit" class="act" data-feed>Make an address</button>
      </form>
      <p v-if="address" class="secret" data-address>{{ address }}</p>
      <p v-if="address" class="small soft">It is shown this once. Of it only a mark is kept.</p>
      <ul v-if="feeds.length">
        <li v-for="f in feeds" :key="f.id">
          <span
            ><b>{{ f.name }}</b> <span class="small soft">since {{ dateOf(new Date(f.madeAt)) }}</span></span
          >
          <button v-if="owner" type="button" class="act" @click="take(f)">Take it back</button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.board {
  padding: 22px 24px;
  display: grid;
  gap: 16px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 20px;
}
.tally {
  font: 600 24px/1 var(--rb-font-head);
  white-space: nowrap;
}
.tally b {
  font-size: 52px;
}
.group,
.feed {
  display: grid;
  gap: 8px;
}
.group h2 {
  display: flex;
  gap: 14px;
  align-items: center;
}
form {
  display: flex;
  gap: 10px;
  align-items: end;
}
.secret {
  font: 500 16px/1.3 monospace;
  word-break: break-all;
  border: 2px dashed var(--accent);
  padding: 10px 14px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule-soft);
}
</style>
