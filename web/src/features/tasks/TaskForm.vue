<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { TaskBoard, TaskData } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import ManyInput from '@/shared/ui/ManyInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import TextInput from '@/shared/ui/TextInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** One task of the library as the yard wants it. */
const props = defineProps<{
  task: TaskData
  board: TaskBoard
  shipped: boolean
  own: boolean
  wrong: Record<string, string>
}>()
const emit = defineEmits<{ save: [task: TaskData]; drop: [] }>()
const draft = shallowRef<TaskData>(props.task)
watch(
  () => props.task,
  (t) => (draft.value = t),
)
const set = (change: Partial<TaskData>) => (draft.value = { ...draft.value, ...change })
const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(props.task))
const states = computed(() =>
  [...new Set(props.board.tasks.flatMap((t) => [...t.makes, ...t.needs]))]
    .sort()
    .map((s) => [s, s.replaceAll('-', ' ')] as const),
)
const places = computed(() => props.board.places.map((p) => [p.id, p.title] as const))
const LISTS = [
  ['tools', 'Tools'],
  ['parts', 'Parts and consumables'],
  ['carries', 'Carries over'],
  ['photos', 'To photograph'],
] as const
const lines = (list: string[]) => list.join('\n')
const listed = (text: string | null) =>
  (text ?? '')
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
const STATES = [
  ['needs', 'Needs'],
  ['makes', 'Makes'],
  ['ends', 'Ends'],
  ['without', 'Not while'],
] as const
const PLACES = [
  ['behind', 'Works'],
  ['hides', 'Hides what is'],
] as const
</script>

<template>
  <article class="task" :data-task="task.id">
    <header>
      <h2>{{ task.title }}</h2>
      <p class="small soft">
        {{ own ? (shipped ? 'changed by this yard' : 'this yard’s own') : 'as shipped' }}, family {{ task.family }},
        {{ word(`engineState.${camel(task.engine)}`) }}
      </p>
    </header>
    <NameInput
      label="What is done"
      :most="120"
      :model-value="draft.title"
      @update:model-value="(v) => v && set({ title: v })"
    />
    <TextInput
      label="How"
      :most="600"
      :rows="4"
      :model-value="draft.how"
      :error="wrong.how"
      @update:model-value="(v) => v && set({ how: v })"
    />
    <TextInput label="Why" :most="300" :model-value="draft.why" @update:model-value="(v) => v && set({ why: v })" />
    <div class="figures">
      <QuantityInput
        label="Minutes of hands"
        quantity="count"
        :step="5"
        :model-value="draft.hands"
        :error="wrong.hands"
        @update:model-value="(v) => v != null && set({ hands: Math.round(v) })"
      />
      <QuantityInput
        label="Minutes of waiting"
        quantity="count"
        :step="15"
        :model-value="draft.waits"
        :error="wrong.waits"
        @update:model-value="(v) => v != null && set({ waits: Math.round(v) })"
      />
      <ToggleInput
        label="Two people"
        :model-value="(draft.people ?? 1) > 1"
        @update:model-value="(v) => set({ people: v ? 2 : 1 })"
      />
      <ToggleInput label="Under the truck" :model-value="draft.under" @update:model-value="(v) => set({ under: v })" />
    </div>
    <div class="pair">
      <ManyInput
        v-for="[key, label] in STATES"
        :key="key"
        :label="label"
        :choices="states"
        create
        :model-value="draft[key]"
        @update:model-value="(v) => set({ [key]: v })"
      />
      <ManyInput
        v-for="[key, label] in PLACES"
        :key="key"
        :label="label"
        :choices="places"
        :model-value="draft[key]"
        @update:model-value="(v) => set({ [key]: v })"
      />
    </div>
    <div class="pair">
      <TextInput
        v-for="[key, label] in LISTS"
        :key="key"
        :label="`${label}, one a line`"
        :most="1200"
        :rows="3"
        optional
        :model-value="lines(draft[key])"
        @update:model-value="(v) => set({ [key]: listed(v) })"
      />
      <TextInput
        label="Right when"
        :most="300"
        optional
        :model-value="draft.check"
        @update:model-value="(v) => set({ check: v })"
      />
      <TextInput
        label="Goes wrong"
        :most="300"
        optional
        :model-value="draft.mistake"
        @update:model-value="(v) => set({ mistake: v })"
      />
    </div>
    <p v-for="c in draft.cautions" :key="c" class="caution small">{{ word(`caution.${camel(c)}`) }}</p>
    <footer>
      <button type="button" class="act main" :disabled="!changed" @click="emit('save', draft)">
        Save for this yard
      </button>
      <button type="button" class="act" :disabled="!changed" @click="draft = task">Leave it as it was</button>
      <button v-if="own" type="button" class="act" @click="emit('drop')">
        {{ shipped ? 'Back to what ships' : 'Remove it' }}
      </button>
    </footer>
  </article>
</template>

<style scoped>
.task {
  display: grid;
  gap: 12px;
  background: var(--paper);
  border-top: 4px solid var(--accent);
  padding: 12px 16px 16px;
}
.figures,
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
}
.caution {
  border-left: 4px solid var(--marginal);
  padding-left: 8px;
}
</style>
