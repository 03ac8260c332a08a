<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { PartColumn, Said, Shelf, ShelfPart } from '@/shared/api/types'
import { choiceWord, say, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ListInput from '@/shared/ui/ListInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format, type QuantityName } from '@/shared/units/units'

/** One part, its fields after its shelf's columns. */
const props = defineProps<{ shelf: Shelf; part: ShelfPart | null; taken: string[] }>()
const emit = defineEmits<{ close: []; saved: []; remove: [] }>()
const draft = reactive<ShelfPart>({
  ...Object.fromEntries(props.shelf.columns.map((c) => [c.name, c.choices[0] ?? null])),
  ...props.part,
})
const said = reactive<Record<string, string>>({})
const bad = reactive<Record<string, boolean>>({})
const refused = ref('')
const saving = ref(false)
const title = computed(() =>
  props.part ? String(props.part.name) : `New in ${word(`shelf.${props.shelf.slug}`).toLowerCase()}`,
)

const id = (column: PartColumn) => `part-${column.name}`

function kindOf(column: PartColumn): QuantityName {
  return column.kind as QuantityName
}
function label(column: PartColumn): string {
  return word(`field.${column.name}`) + (column.optional ? ' (if known)' : '')
}
const span = (c: PartColumn) =>
  c.low == null || c.list
    ? ''
    : `${format(c.low, kindOf(c), unitWorld.value)} to ${format(c.high, kindOf(c), unitWorld.value)}`

/** What stands in the fields, or nothing if one cannot be read. */
function read(): ShelfPart | null {
  for (const key of Object.keys(said)) delete said[key]
  for (const c of props.shelf.columns) {
    if (c.kind && !c.optional && draft[c.name] == null && !bad[c.name]) said[c.name] = `Enter a number, ${span(c)}.`
    else if (!c.kind && !c.choices.length && !String(draft[c.name] ?? '').trim()) said[c.name] = 'Write something here.'
  }
  if (!props.part && props.taken.includes(String(draft.code))) said.code = 'Another part has this code.'
  return Object.keys(said).length || Object.values(bad).some(Boolean) ? null : { ...draft }
}

async function save() {
  refused.value = ''
  const part = read()
  if (!part) return
  saving.value = true
  try {
    await api.put(`/api/parts/${props.shelf.slug}`, part)
    emit('saved')
  } catch (e) {
    const problem = e as ApiProblem
    const words = (s: Said) => say(s, unitWorld.value)
    for (const error of problem.errors) said[error.field.replace(/\[.*/, '')] = words(error.said)
    if (!problem.errors.length) refused.value = problem.said.map(words).join('; ')
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <el-drawer :model-value="true" size="min(560px, 96vw)" :title="title" append-to-body @close="emit('close')">
    <form novalidate @submit.prevent="save">
      <template v-for="c in shelf.columns" :key="c.name">
        <div v-if="c.choices.length" class="wide">
          <p class="small soft">{{ label(c) }}</p>
          <ChoiceInput
            v-model="draft[c.name] as string"
            :label="label(c)"
            :choices="c.choices.map((choice) => [choice, choiceWord(choice)])"
          />
        </div>
        <ListInput
          v-else-if="c.list"
          v-model="draft[c.name] as number[] | null"
          v-model:bad="bad[c.name]"
          class="wide"
          :label="label(c)"
          :quantity="kindOf(c)"
          optional
          :error="said[c.name]"
        />
        <QuantityInput
          v-else-if="c.kind"
          v-model="draft[c.name] as number | null"
          v-model:bad="bad[c.name]"
          :label="label(c)"
          :quantity="kindOf(c)"
          :optional="true"
          :placeholder="span(c)"
          :error="said[c.name]"
        />
        <div v-else class="text" :class="{ wide: c.name === 'name', wrong: said[c.name] }">
          <label :for="id(c)" class="small soft">{{ label(c) }}</label>
          <input
            :id="id(c)"
            v-model="draft[c.name] as string"
            autocomplete="off"
            :disabled="c.name === 'code' && !!part"
            :aria-invalid="!!said[c.name]"
            :aria-describedby="said[c.name] ? id(c) + '-why' : undefined"
          />
          <p v-if="said[c.name]" :id="id(c) + '-why'" role="alert" class="why">{{ said[c.name] }}</p>
        </div>
      </template>
      <p v-if="refused" role="alert" class="why wide">{{ refused }}</p>
      <p class="small soft wide">Builds that have this part keep it as it was when it was fitted.</p>
      <div class="wide ends">
        <button v-if="part" type="button" class="act off" @click="emit('remove')">Take off the shelf</button>
        <button type="button" class="act" @click="emit('close')">Leave it</button>
        <button type="submit" class="act main" :disabled="saving">{{ part ? 'Save' : 'Put on the shelf' }}</button>
      </div>
    </form>
  </el-drawer>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
.text {
  display: grid;
  gap: 2px;
}
.text input {
  min-height: 44px;
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  font: 500 16px/1 var(--rb-font-text);
  padding: 0 10px;
  width: 100%;
}
.wrong input {
  border: 2px solid var(--over);
}
.why {
  color: var(--over-ink);
  font-size: 13px;
  line-height: 1.25;
}
.off {
  margin-right: auto;
}
.ends {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}
</style>
