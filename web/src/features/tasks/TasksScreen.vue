<script setup lang="ts">
import { computed, ref } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { TaskData, TaskFile } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { pickedJson } from '@/shared/ui/jsonFile'
import { keep } from '@/shared/ui/keep'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import TaskForm from './TaskForm.vue'
import { useTasks } from './useTasks'

/** Everything the yard knows how to do: what ships, and what it has written or changed itself. */
const tasks = useTasks()
const { board, problem, wrong, shipped, own } = tasks
const looking = ref('')
const family = ref('')
const picked = ref<string | null>(null)
const fresh = ref<TaskData | null>(null)
const refused = ref('')
/** No library of four hundred tasks is so long, bytes. */
const MOST = 2_000_000

const families = computed(() => [...new Set((board.value?.tasks ?? []).map((t) => t.family))].sort())
const shown = computed(() => {
  const words = looking.value.trim().toLowerCase()
  return (board.value?.tasks ?? []).filter(
    (t) =>
      (!family.value || t.family === family.value) && (!words || `${t.title} ${t.how}`.toLowerCase().includes(words)),
  )
})
const task = computed(() => fresh.value ?? board.value?.tasks.find((t) => t.id === picked.value) ?? null)
/** How long the yard takes for such work, as it was measured. */
const pace = computed(() => (task.value ? (board.value?.paces[task.value.family] ?? null) : null))
function open(id: string) {
  fresh.value = null
  picked.value = id
  refused.value = ''
}
function add() {
  const taken = new Set((board.value?.tasks ?? []).map((t) => t.id))
  let n = 1
  while (taken.has(`own-${n}`)) n++
  fresh.value = {
    id: `own-${n}`,
    family: 'found',
    title: 'A task of this yard',
    how: 'How it is done.',
    why: 'Why it is done.',
    for: ['BY_HAND'],
    wherever: [],
    given: [],
    except: [],
    access: false,
    each: null,
    usual: null,
    needs: [],
    without: [],
    makes: [],
    ends: [],
    behind: [],
    hides: [],
    hands: 30,
    waits: 0,
    people: 1,
    under: false,
    engine: 'STOPPED',
    tools: [],
    parts: [],
    carries: [],
    readings: [],
    photos: [],
    cautions: [],
    shows: [],
    check: null,
    mistake: null,
  }
}
async function save(changed: TaskData) {
  if (await tasks.save(changed)) open(changed.id)
}
async function drop() {
  if (task.value) await tasks.drop(task.value.id)
  fresh.value = null
}
const give = () =>
  keep(new Blob([JSON.stringify(board.value!.own.file, null, 2)], { type: 'application/json' }), 'our tasks.json')
async function take(event: Event) {
  refused.value = ''
  const file = await pickedJson(event, MOST, 'file of tasks')
  if (!file) return
  if (!file.ok) {
    refused.value = file.why
    return
  }
  try {
    await tasks.take(await api.post<TaskFile>('/api/tasks/read', file.content))
  } catch (e) {
    refused.value = `${file.name} was not taken: ${refusal(e)}.`
  }
}
</script>

<template>
  <div class="screen" :data-ready="board ? 'true' : undefined">
    <header class="head">
      <h1>Tasks</h1>
      <p v-if="board" class="soft">
        {{ board.tasks.length }} tasks, {{ own.size }} of them this yard’s own or changed. Every work order is made of
        them.
      </p>
      <span class="tools">
        <button type="button" class="act main" :disabled="!board" @click="add">New task</button>
        <button type="button" class="act" :disabled="!board" @click="give">Our own out</button>
        <label class="act"
          >Our own in<input type="file" accept=".json,application/json" class="file" @change="take"
        /></label>
        <a class="act" href="/api/tasks/schema" target="_blank" rel="noopener">What a file holds</a>
      </span>
    </header>
    <p v-if="problem" role="alert" class="refused" data-task-problem>{{ problem }}</p>
    <p v-if="refused" role="alert" class="refused">{{ refused }}</p>
    <div class="desk">
      <section class="shelf">
        <label class="small soft look">Look for<input v-model="looking" class="entry" type="search" /></label>
        <div class="families" role="group" aria-label="Families">
          <button type="button" class="chip" :aria-pressed="!family" @click="family = ''">all</button>
          <button
            v-for="f in families"
            :key="f"
            type="button"
            class="chip"
            :aria-pressed="family === f"
            @click="family = family === f ? '' : f"
          >
            {{ f.replaceAll('-', ' ') }}
          </button>
        </div>
        <ul>
          <li v-for="t in shown" :key="t.id">
            <button type="button" :aria-pressed="task?.id === t.id" @click="open(t.id)">
              <b>{{ inText(t.title, unitWorld) }}</b>
              <span class="small"
                >{{ t.hands ? time(t.hands) : '' }}{{ t.hands && t.waits ? ' + ' : ''
                }}{{ t.waits ? `${time(t.waits)} waiting` : '' }}<i v-if="own.has(t.id)"> · ours</i></span
              >
            </button>
          </li>
          <li v-if="board && !shown.length" class="soft">No task has these words.</li>
        </ul>
        <p v-if="pace" class="soft" data-pace>
          This yard takes {{ pace.ratio.toFixed(2) }} × what is usual for “{{ task?.family }}”, by
          {{ pace.count }} measured steps<template v-if="pace.count < 3">; from three on plans go by it</template>.
        </p>
      </section>
      <TaskForm
        v-if="task && board"
        :key="task.id"
        :task="task"
        :board="board"
        :shipped="shipped.has(task.id)"
        :own="own.has(task.id)"
        :wrong="wrong"
        @save="save"
        @drop="drop"
      />
      <p v-else class="soft hint">
        A task says what must be true of the truck before it, what it makes true, and what it hides: the order follows
        from that. Pick one to change its minutes, words or states for this yard.
      </p>
    </div>
  </div>
</template>

<style scoped>
.screen {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 14px;
  flex: 1;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px 18px;
}
.tools {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.file {
  position: absolute;
  opacity: 0;
  width: 1px;
}
.tools label {
  position: relative;
  cursor: pointer;
}
.desk {
  display: grid;
  grid-template-columns: 420px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.shelf {
  display: grid;
  gap: 8px;
}
.look {
  display: grid;
  gap: 2px;
}
.families {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.chip {
  min-height: 44px;
  padding: 0 12px;
  border: 1.5px solid var(--rule);
  background: var(--paper);
  font: 500 16px/1 var(--rb-font-head);
  color: var(--ink);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--ink);
  color: var(--ground);
  border-color: var(--ink);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 62vh;
  overflow-y: auto;
  border-top: 1.5px solid var(--ink);
}
li button {
  width: 100%;
  min-height: 48px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 4px 10px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
li b {
  font: 600 17px/1.15 var(--rb-font-head);
}
li button[aria-pressed='true'] {
  background: var(--accent-wash);
}
li span {
  flex: none;
}
.hint {
  max-width: 46ch;
  padding: 20px;
}
@media (max-width: 1000px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
  ul {
    max-height: 40vh;
  }
}
</style>
