<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { OrderResult, OwnTask, TaskBoard, WorkPlan } from '@/shared/api/types'
import { newId } from '@/job/paths'
import { unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** What this job has otherwise than the library: tasks of its own, tasks added, steps left out, fixed times. */
const props = defineProps<{
  plan: WorkPlan
  order: OrderResult | null
  refused: Record<string, string>
  path: string
}>()
const emit = defineEmits<{ change: [change: Partial<WorkPlan>] }>()
const board = shallowRef<TaskBoard | null>(null)
const problem = ref('')
onMounted(async () => {
  try {
    board.value = await api.get<TaskBoard>('/api/tasks')
  } catch {
    problem.value = 'The library of tasks cannot be reached just now.'
  }
})
const said = (text: string) => inText(text, unitWorld.value)
const title = (task: string) => {
  const [id = '', thing] = task.split('~')
  const known = board.value?.tasks.find((t) => t.id === id)
  return known ? said(known.title) + (thing ? ` (${thing})` : '') : task
}
const steps = computed(() =>
  (props.order?.steps ?? []).filter((s) => s.id === s.line).map((s) => [s.line, said(s.title)] as const),
)
const addable = computed(() => {
  const there = new Set((props.order?.steps ?? []).map((s) => s.task))
  return (board.value?.tasks ?? []).filter((t) => !there.has(t.id)).map((t) => [t.id, said(t.title)] as const)
})
const toAdd = ref<string>()
function add() {
  if (toAdd.value) emit('change', { added: [...props.plan.added, toAdd.value] })
  toAdd.value = undefined
}
function own() {
  const task: OwnTask = {
    id: newId(props.plan.ownTasks, 'own'),
    title: 'Our own task',
    hands: 30,
    waits: 0,
    people: 1,
    under: false,
    comesAfter: [],
    comesBefore: [],
  }
  emit('change', { ownTasks: [...props.plan.ownTasks, task] })
}
const set = (id: string, change: Partial<OwnTask>) =>
  emit('change', { ownTasks: props.plan.ownTasks.map((t) => (t.id === id ? { ...t, ...change } : t)) })
const wrong = (id: string, field: string) => props.refused[`${props.path}.ownTasks.${id}.${field}`] ?? ''
</script>

<template>
  <div class="ours" data-own-tasks>
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
    <section>
      <h2>Tasks of our own</h2>
      <div v-for="t in plan.ownTasks" :key="t.id" class="own" :data-own="t.id">
        <NameInput
          label="What is done"
          :most="120"
          :model-value="t.title"
          @update:model-value="(v) => v && set(t.id, { title: v })"
        />
        <QuantityInput
          :model-value="t.hands"
          label="Minutes of hands"
          quantity="count"
          :step="5"
          :error="wrong(t.id, 'hands')"
          @update:model-value="(v) => v != null && set(t.id, { hands: Math.round(v) })"
        />
        <QuantityInput
          :model-value="t.waits"
          label="Minutes of waiting"
          quantity="count"
          :step="15"
          :error="wrong(t.id, 'waits')"
          @update:model-value="(v) => v != null && set(t.id, { waits: Math.round(v) })"
        />
        <PickInput
          :model-value="t.comesAfter[0]"
          label="Comes after"
          :choices="steps"
          filterable
          @update:model-value="(v) => set(t.id, { comesAfter: v ? [v] : [] })"
        />
        <PickInput
          :model-value="t.comesBefore[0]"
          label="Comes before"
          :choices="steps"
          filterable
          @update:model-value="(v) => set(t.id, { comesBefore: v ? [v] : [] })"
        />
        <ToggleInput
          :model-value="t.people > 1"
          label="Two people"
          @update:model-value="(v) => set(t.id, { people: v ? 2 : 1 })"
        />
        <ToggleInput
          :model-value="t.under"
          label="Under the truck"
          @update:model-value="(v) => set(t.id, { under: v })"
        />
        <button
          type="button"
          class="act"
          @click="emit('change', { ownTasks: plan.ownTasks.filter((o) => o.id !== t.id) })"
        >
          Remove
        </button>
      </div>
      <button type="button" class="act main" @click="own">Add a task of our own</button>
    </section>
    <section>
      <h2>Added from the library</h2>
      <ul>
        <li v-for="id in plan.added" :key="id">
          {{ title(id) }}
          <button type="button" class="act" @click="emit('change', { added: plan.added.filter((a) => a !== id) })">
            Take out again
          </button>
        </li>
      </ul>
      <div class="pickone">
        <PickInput
          v-model="toAdd"
          label="A task of the library"
          :choices="addable"
          filterable
          placeholder="look for one"
        />
        <button type="button" class="act" :disabled="!toAdd" @click="add">Add it</button>
      </div>
    </section>
    <section v-if="plan.leftOut.length">
      <h2>Left out</h2>
      <ul>
        <li v-for="id in plan.leftOut" :key="id">
          {{ title(id) }}
          <button type="button" class="act" @click="emit('change', { leftOut: plan.leftOut.filter((l) => l !== id) })">
            Take in again
          </button>
        </li>
      </ul>
    </section>
    <section v-if="plan.minutes.length">
      <h2>Other minutes</h2>
      <ul>
        <li v-for="m in plan.minutes" :key="m.id">
          {{ title(m.id) }}: {{ time(m.hands) }}
          <button
            type="button"
            class="act"
            @click="emit('change', { minutes: plan.minutes.filter((o) => o.id !== m.id) })"
          >
            As usual
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.ours {
  display: grid;
  gap: 18px;
}
section {
  background: var(--paper);
  padding: 14px 16px;
  display: grid;
  gap: 10px;
}
.own {
  display: grid;
  grid-template-columns: 1.6fr 130px 130px 1fr 1fr;
  gap: 10px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding-bottom: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 4px;
}
.pickone {
  display: flex;
  gap: 10px;
  align-items: end;
}
.pickone .pick {
  flex: 1;
}
.act {
  justify-self: start;
}
@media (max-width: 1000px) {
  .own {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
