<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { BookData, BookEntry, JobCard, WholeBook } from '@/shared/api/types'
import { owner as isOwner } from '@/shared/ui/account'
import { camel, word } from '@/shared/message/say'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import TextInput from '@/shared/ui/TextInput.vue'
import TruckLine from './TruckLine.vue'
import { customers, stateOf } from '@/shared/ui/book'

/** Who comes to the yard with what, over the years; all about one goes out, or is taken out, at once. */
const book = shallowRef<WholeBook | null>(null)
const jobs = shallowRef<JobCard[]>([])
const wanted = ref('')
const chosen = ref<string | null>(null)
const truck = ref<string | null>(null)
const problem = ref('')
const shown = computed(() => (book.value ? customers(book.value, wanted.value) : []))
const one = computed(() => shown.value.find((c) => c.entry.id === chosen.value) ?? shown.value[0] ?? null)
async function tried(work: () => Promise<unknown>) {
  try {
    await work()
    problem.value = ''
  } catch (e) {
    problem.value = refusal(e)
  }
}
const load = async () => {
  book.value = await api.get<WholeBook>('/api/book')
  jobs.value = await api.get<JobCard[]>('/api/jobs')
}
onMounted(() => tried(load))
const blank = (name: string): BookData => ({ name, contact: '', marking: '', note: '', massKg: null })
const add = (sort: BookEntry['sort'], name: string, owner: string | null) =>
  tried(async () => {
    const made = await api.post<BookEntry>('/api/book', { sort, owner, data: blank(name) })
    await load()
    if (sort === 'CUSTOMER') chosen.value = made.id
    if (sort === 'TRUCK') truck.value = made.id
  })
const save = (e: BookEntry, change: Partial<BookData>) =>
  tried(async () => {
    await api.put(`/api/book/${e.id}`, { version: e.version, data: { ...e.data, ...change } })
    await load()
  })
const remove = (e: BookEntry) =>
  tried(async () => {
    await api.remove(`/api/book/${e.id}`)
    await load()
  })
const nameOf = (job: string) => jobs.value.find((j) => j.id === job)?.about.body.name ?? job
const jobsOf = (t: BookEntry) => (book.value?.jobs ?? []).filter((j) => j.truck === t.id)
const free = computed(() =>
  (book.value?.jobs ?? []).filter((j) => !j.truck).map((j) => [j.job, nameOf(j.job)] as const),
)
const put = (job: string, to: string | null) =>
  tried(async () => {
    const at = book.value?.jobs.find((j) => j.job === job)
    await api.put(`/api/jobs/${job}/book`, { truck: to, trailer: at?.trailer ?? null })
    await load()
  })
const newCustomer = ref<string | null>('')
const typed = ref<string | null>('')
const erasing = ref(false)
const erase = (e: BookEntry) =>
  tried(async () => {
    await api.post(`/api/book/${e.id}/erase`, { name: typed.value ?? '' })
    erasing.value = false
    typed.value = ''
    chosen.value = null
    await load()
  })
function make() {
  const name = newCustomer.value?.trim()
  newCustomer.value = ''
  if (name) void add('CUSTOMER', name, null)
}
</script>

<template>
  <div class="screen book" :data-ready="book ? 'true' : undefined">
    <header>
      <h1>Customers</h1>
      <input
        v-model="wanted"
        type="search"
        class="entry"
        aria-label="Search customers, trucks and trailers"
        placeholder="Name, truck, plate"
      />
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!book && !problem" class="soft">Opening the book …</p>
    <div v-if="book" class="halves">
      <section class="panel list">
        <button
          v-for="c in shown"
          :key="c.entry.id"
          type="button"
          class="row"
          :aria-pressed="one?.entry.id === c.entry.id"
          :data-customer="c.entry.data.name"
          @click="chosen = c.entry.id"
        >
          <b>{{ c.entry.data.name }}</b>
          <span class="small soft">{{
            c.trucks.map((t) => t.data.marking || t.data.name).join(', ') || 'no truck yet'
          }}</span>
        </button>
        <p v-if="!shown.length" class="soft">{{ wanted ? 'Nobody is called that.' : 'Nobody is in the book yet.' }}</p>
        <form @submit.prevent="make">
          <NameInput v-model="newCustomer" label="Somebody new" :most="80" optional />
          <button type="submit" class="act" data-new-customer>Add</button>
        </form>
      </section>
      <div v-if="one" :key="one.entry.id" class="of">
        <section class="panel fields">
          <NameInput
            :model-value="one.entry.data.name"
            label="Customer"
            :most="80"
            @update:model-value="save(one.entry, { name: $event! })"
          />
          <NameInput
            :model-value="one.entry.data.contact"
            label="How to reach them"
            :most="200"
            optional
            @update:model-value="save(one.entry, { contact: $event ?? '' })"
          />
          <TextInput
            :model-value="one.entry.data.note"
            label="Note"
            :most="1000"
            optional
            class="wide"
            @update:model-value="save(one.entry, { note: $event ?? '' })"
          />
        </section>
        <section v-for="t in one.trucks" :key="t.id" class="panel truck" :data-truck="t.data.name">
          <div class="fields three">
            <NameInput
              :model-value="t.data.name"
              label="Truck"
              :most="80"
              @update:model-value="save(t, { name: $event! })"
            />
            <NameInput
              :model-value="t.data.marking"
              label="Plate or number"
              :most="40"
              optional
              @update:model-value="save(t, { marking: $event ?? '' })"
            />
            <p class="row-of">
              <button
                type="button"
                class="act"
                :aria-expanded="truck === t.id"
                :aria-label="`${truck === t.id ? 'Less' : 'Its life'}: ${t.data.name}`"
                @click="truck = truck === t.id ? null : t.id"
              >
                {{ truck === t.id ? 'Less' : 'Its life' }}
              </button>
              <button type="button" class="act" :aria-label="`Take out ${t.data.name}`" @click="remove(t)">
                Take out
              </button>
            </p>
          </div>
          <ul class="jobs">
            <li v-for="j in jobsOf(t)" :key="j.job">
              <router-link :to="{ name: 'haul', params: { id: j.job } }">{{ nameOf(j.job) }}</router-link>
              <span class="state">{{ word(`jobState.${camel(stateOf(book, j.job)!)}`) }}</span>
              <button
                type="button"
                class="plain link"
                :aria-label="`${nameOf(j.job)} is not about ${t.data.name}`"
                @click="put(j.job, null)"
              >
                not this truck
              </button>
            </li>
          </ul>
          <PickInput
            v-if="free.length"
            :model-value="undefined"
            label="A job about it"
            :choices="free"
            placeholder="choose one"
            filterable
            @update:model-value="$event && put($event, t.id)"
          />
          <TruckLine v-if="truck === t.id" :truck="t.id" />
        </section>
        <section v-for="t in one.trailers" :key="t.id" class="panel fields three" :data-trailer="t.data.name">
          <NameInput
            :model-value="t.data.name"
            label="Trailer"
            :most="80"
            @update:model-value="save(t, { name: $event! })"
          />
          <QuantityInput
            :model-value="t.data.massKg ?? null"
            label="As it is towed"
            quantity="mass"
            optional
            @update:model-value="save(t, { massKg: $event })"
          />
          <p class="row-of">
            <button type="button" class="act" :aria-label="`Take out ${t.data.name}`" @click="remove(t)">
              Take out
            </button>
          </p>
        </section>
        <p class="row-of">
          <button type="button" class="act" data-new-truck @click="add('TRUCK', 'New truck', one.entry.id)">
            Another truck
          </button>
          <button type="button" class="act" @click="add('TRAILER', 'New trailer', one.entry.id)">
            Another trailer
          </button>
          <a v-if="isOwner" class="act" :href="`/api/book/${one.entry.id}/all`" download data-all>All about them</a>
          <button v-if="isOwner" type="button" class="act" data-erase @click="erasing = !erasing">Erase …</button>
        </p>
        <section v-if="erasing" class="panel erase" role="alert">
          <p>
            <b>{{ one.entry.data.name }}</b> goes for good with trucks, trailers and all their jobs: drives,
            photographs, signed papers. Type the name to do it.
          </p>
          <NameInput v-model="typed" label="Name" :most="80" optional />
          <button type="button" class="act" data-erase-now @click="erase(one.entry)">Erase all of it</button>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.book {
  padding: 22px 24px;
  display: grid;
  gap: 14px;
}
header {
  display: flex;
  gap: 24px;
  align-items: center;
}
header input {
  max-width: 360px;
}
.halves {
  display: grid;
  grid-template-columns: 280px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
.list,
.of,
.truck,
.erase {
  display: grid;
  gap: 10px;
}
.row {
  display: grid;
  text-align: left;
  gap: 2px;
  border: 1px solid var(--rule);
  border-left: 6px solid var(--rule);
  background: none;
  color: var(--ink);
  padding: 8px 10px;
  min-height: 52px;
  cursor: pointer;
}
.row b {
  font: 600 20px/1.1 var(--rb-font-head);
}
.row[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  align-items: end;
}
.fields.three {
  grid-template-columns: 1.4fr 1fr auto;
}
.wide {
  grid-column: 1 / -1;
}
.row-of {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.jobs {
  list-style: none;
  margin: 0;
  padding: 0;
}
.jobs li {
  display: flex;
  gap: 14px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule-soft);
}
.jobs a {
  font: 600 18px/1.2 var(--rb-font-head);
  color: var(--accent-ink);
}
.state {
  font: 600 16px/1 var(--rb-font-head);
  background: var(--accent-wash);
  padding: 4px 8px;
}
.link {
  margin-left: auto;
  color: var(--ink-soft);
}
.erase {
  border-left: 6px solid var(--over);
}
.erase .act {
  justify-self: start;
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: 1fr;
  }
}
</style>
