<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { OrderedStep, Said, TaskBoard } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { inText } from '@/shared/units/inText'
import NameInput from '@/shared/ui/NameInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import type { UseBayReturn } from './useBay'
import BayPanel from './BayPanel.vue'

/** Something that nobody thought of: it becomes part of the work, and the rest is put in order anew. */
const props = defineProps<{ bay: UseBayReturn; step: OrderedStep }>()
const emit = defineEmits<{ close: [] }>()
const board = shallowRef<TaskBoard | null>(null)
onMounted(async () => {
  board.value = await api.get<TaskBoard>('/api/tasks').catch(() => null)
})
const part = ref('')
const size = ref('')
const noPart = ref('')
/** It is broken or missing without ever having been taken off. */
async function buy() {
  noPart.value = part.value.trim() ? '' : 'Say which part.'
  if (noPart.value) return
  const item = crypto.randomUUID().slice(0, 18)
  const step = props.step.id
  await props.bay.add({ kind: 'TAKEN', step, item, text: part.value.trim(), sort: 'OTHER', size: size.value || null })
  await props.bay.add({ kind: 'BROKEN', step, item })
  emit('close')
}
const known = computed(() => board.value?.tasks.filter((t) => t.family === 'found') ?? [])
const text = ref('')
const minutes = ref<number | null>(15)
const wrong = ref('')
const stuck = ref<Said[]>([])
async function found(item: string | null, words: string, takes: number | null) {
  await props.bay.add({ kind: 'FOUND', step: props.step.id, item, text: words, value: takes })
  if (props.bay.link.value === 'away') {
    stuck.value = []
    emit('close')
    return
  }
  stuck.value = await props.bay.again()
  if (!stuck.value.length) emit('close')
}
async function own() {
  wrong.value = text.value.trim() ? '' : 'Say what has to be done.'
  if (!wrong.value) await found(null, text.value.trim(), minutes.value)
}
</script>

<template>
  <BayPanel label="Found something" data-found>
    <h2>Found at: {{ inText(step.title, unitWorld) }}</h2>
    <p v-if="bay.replanning.value" class="soft" role="status">Putting the rest of the work in order…</p>
    <p v-for="(s, i) in stuck" :key="i" role="alert" class="bad">
      {{ say(s, unitWorld) }} It is written down; the work goes on by the order that it has.
    </p>
    <form @submit.prevent="own">
      <NameInput v-model="text" label="What has to be done" :most="120" :error="wrong" />
      <QuantityInput v-model="minutes" label="Minutes it takes" quantity="count" :step="5" />
      <button type="submit" class="add">Before this step</button>
    </form>
    <form @submit.prevent="buy">
      <h2>A part to be bought</h2>
      <NameInput v-model="part" label="Which part" :most="80" :error="noPart" />
      <NameInput v-model="size" label="Its size" :most="40" />
      <button type="submit">Onto the list</button>
    </form>
    <template v-if="known.length">
      <h2>Or one of these</h2>
      <ul>
        <li v-for="t in known" :key="t.id">
          <button type="button" @click="found(t.id, t.title, null)">{{ inText(t.title, unitWorld) }}</button>
        </li>
      </ul>
    </template>
    <p v-else class="soft small">The yard’s list of what is often found needs the server.</p>
  </BayPanel>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
}
ul {
  display: grid;
  gap: 6px;
}
button {
  min-height: 54px;
  width: 100%;
  padding: 0 16px;
  border: 2px solid var(--rule);
  background: var(--ground);
  color: var(--ink);
  font: 600 20px/1.1 var(--rb-font-head);
  text-align: left;
  cursor: pointer;
}
.add {
  background: var(--accent);
  color: var(--on-accent);
  border-color: var(--accent);
}
.bad {
  color: var(--over-ink);
}
</style>
