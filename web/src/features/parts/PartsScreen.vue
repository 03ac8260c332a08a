<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiProblem } from '@/shared/api/client'
import type { PartColumn, Said, Shelf, ShelfPart } from '@/shared/api/types'
import { choiceWord, say, word } from '@/shared/message/say'
import { format, type QuantityName } from '@/shared/units/units'
import { unitWorld } from '@/shared/ui/preferences'
import CsvExchange from './CsvExchange.vue'
import PartForm from './PartForm.vue'
import { useCatalogue } from './useCatalogue'

/** Every shelf of the catalogue, shown and filled from its description. */
const route = useRoute()
const router = useRouter()
const { reload: reloadBuildParts } = useCatalogue()
const shelves = shallowRef<Shelf[]>([])
const parts = shallowRef<ShelfPart[] | null>(null)
const problem = shallowRef<Said[]>([])
const wanted = ref('')
/** The part in the form, or a new one. */
const open = shallowRef<ShelfPart | 'new' | null>(null)
const removing = shallowRef<ShelfPart | null>(null)

const shelf = computed(() => shelves.value.find((s) => s.slug === route.params.shelf))
/** What a row tells of itself after its name. */
const facts = computed(
  () => shelf.value?.columns.filter((c) => !c.list && !['code', 'name', 'price'].includes(c.name)) ?? [],
)
const shown = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  return (parts.value ?? []).filter((p) => !text || `${p.code} ${p.name}`.toLowerCase().includes(text))
})

async function fetchShelf() {
  try {
    if (!shelves.value.length) shelves.value = await api.get<Shelf[]>('/api/parts/shelves')
    if (!shelf.value) return void router.replace({ params: { shelf: shelves.value[0]!.slug } })
    const slug = shelf.value.slug
    const fetched = await api.get<ShelfPart[]>(`/api/parts/${slug}`)
    if (slug === shelf.value?.slug) parts.value = fetched
    problem.value = []
  } catch (e) {
    problem.value = (e as ApiProblem).said
    if ((e as ApiProblem).passing) window.setTimeout(fetchShelf, 2000)
  }
}
watch(
  () => [route.params.shelf, route.query.find],
  () => {
    parts.value = null
    wanted.value = String(route.query.find ?? '')
    void fetchShelf()
  },
  { immediate: true },
)

function changed() {
  open.value = null
  void fetchShelf()
  void reloadBuildParts()
}

function offer() {
  removing.value = open.value === 'new' ? null : open.value
  open.value = null
}

async function remove() {
  const part = removing.value
  removing.value = null
  if (!part || !shelf.value) return
  try {
    await api.remove(`/api/parts/${shelf.value.slug}?code=${encodeURIComponent(String(part.code))}`)
    changed()
  } catch (e) {
    problem.value = (e as ApiProblem).said
  }
}

function tell(part: ShelfPart, column: PartColumn): string {
  const value = part[column.name]
  if (value == null) return ''
  if (column.kind && typeof value === 'number') return format(value, column.kind as QuantityName, unitWorld.value)
  return column.choices.length ? choiceWord(String(value)) : String(value)
}
</script>

<template>
  <section class="parts" :data-ready="!!parts">
    <nav aria-label="Shelves">
      <router-link
        v-for="s in shelves"
        :key="s.slug"
        :to="{ name: 'parts', params: { shelf: s.slug } }"
        class="shelf"
        :class="{ here: s.slug === shelf?.slug }"
        >{{ word(`shelf.${s.slug}`) }}</router-link
      >
    </nav>
    <div class="board">
      <header>
        <h1>{{ shelf ? word(`shelf.${shelf.slug}`) : 'Parts' }}</h1>
        <button type="button" class="act main" :disabled="!shelf" @click="open = 'new'">Add a part</button>
      </header>
      <div class="tools">
        <input
          v-model="wanted"
          type="search"
          class="search"
          aria-label="Search this shelf"
          placeholder="Name or code"
        />
        <div><CsvExchange v-if="shelf" :key="shelf.slug" :shelf="shelf.slug" @taken="changed" /></div>
      </div>
      <p v-if="problem.length" role="alert" class="band">{{ problem.map((s) => say(s, unitWorld)).join('; ') }}</p>
      <p v-if="!parts && !problem.length" class="soft">Reading the shelf …</p>
      <p v-if="parts && !shown.length" class="soft">
        {{ parts.length ? 'Nothing here is called that.' : 'This shelf is empty. Add a part, or bring a CSV file in.' }}
      </p>
      <ul>
        <li v-for="p in shown" :key="String(p.code)">
          <button type="button" class="part" :aria-label="`Open ${p.name}`" @click="open = p">
            <span class="who"
              ><b>{{ p.name }}</b
              ><span class="soft small">{{ p.code }}</span></span
            >
            <span class="facts">
              <span v-for="c in facts.filter((f) => tell(p, f))" :key="c.name" class="fact"
                ><span class="soft small">{{ word(`field.${c.name}`) }}</span
                ><span class="value">{{ tell(p, c) }}</span></span
              >
            </span>
            <span class="price">{{ p.price }}</span>
          </button>
        </li>
      </ul>
    </div>
    <PartForm
      v-if="open && shelf"
      :shelf="shelf"
      :part="open === 'new' ? null : open"
      :taken="(parts ?? []).map((p) => String(p.code))"
      @close="open = null"
      @saved="changed"
      @remove="offer"
    />
    <el-dialog :model-value="!!removing" title="Take it off the shelf?" width="440px" @close="removing = null">
      <p>{{ removing?.name }} can no longer be fitted. Builds that have it keep it.</p>
      <template #footer>
        <button type="button" class="act" @click="removing = null">Keep it</button>
        <button type="button" class="act main" @click="remove">Remove</button>
      </template>
    </el-dialog>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  min-height: 100vh;
}
nav {
  background: var(--paper);
  border-right: 1px solid var(--rule-soft);
  padding: 20px 0;
  position: sticky;
  top: 0;
  height: 100vh;
  overflow-y: auto;
}
.shelf {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
  color: inherit;
  text-decoration: none;
  font: 600 17px/1.05 var(--rb-font-head);
}
.shelf:hover {
  background: var(--accent-wash);
}
.shelf.here {
  background: var(--ink);
  color: var(--paper);
}
.board {
  padding: 22px 24px;
  min-width: 0;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
.tools {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
.search {
  min-height: 44px;
  width: 100%;
  border: 1.5px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 500 16px/1 var(--rb-font-text);
  padding: 0 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  background: var(--paper);
  border-top: 3px solid var(--ink);
}
li {
  border-top: 1px solid var(--rule-soft);
}
.part {
  width: 100%;
  display: grid;
  grid-template-columns: minmax(150px, 200px) minmax(0, 1fr) 60px;
  gap: 18px;
  align-items: center;
  min-height: 60px;
  padding: 8px 14px;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.part:hover {
  background: var(--accent-wash);
}
.who {
  display: grid;
  gap: 2px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.fact {
  display: grid;
  min-width: 66px;
}
.value {
  font: 600 17px/1.15 var(--rb-font-head);
}
.price {
  font: 600 22px/1 var(--rb-font-head);
  text-align: right;
}
.band {
  background: var(--marginal-wash);
  border-left: 6px solid var(--marginal);
  padding: 10px 16px;
  margin-bottom: 10px;
}
@media (max-width: 900px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
  }
  nav {
    position: static;
    height: auto;
    display: flex;
    flex-wrap: wrap;
    padding: 8px;
    border-right: 0;
    border-bottom: 1px solid var(--rule-soft);
  }
  .shelf {
    padding: 0 12px;
  }
  .part {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .facts {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
