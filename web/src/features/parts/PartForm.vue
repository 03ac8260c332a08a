<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { PartColumn, Said, Shelf, ShelfPart } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { format, listText, parseList, type QuantityName, unitLabel } from '@/shared/units/units'
import { choiceWord } from './choices'

/** One part, its fields after its shelf's columns. */
const props = defineProps<{ shelf: Shelf; part: ShelfPart | null; taken: string[] }>()
const emit = defineEmits<{ close: []; saved: []; remove: [] }>()
const draft = reactive<ShelfPart>({
  ...Object.fromEntries(props.shelf.columns.map((c) => [c.name, c.choices[0] ?? null])),
  ...props.part,
})
const lists = reactive<Record<string, string>>(
  Object.fromEntries(
    props.shelf.columns
      .filter((c) => c.list)
      .map((c) => [c.name, listText((draft[c.name] as number[] | null) ?? [], kindOf(c), unitWorld.value)]),
  ),
)
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
  const unit = column.list ? unitLabel(kindOf(column), unitWorld.value) : ''
  return word(`field.${column.name}`) + (unit ? `, ${unit}` : '') + (column.optional ? ' (if known)' : '')
}
const span = (c: PartColumn) =>
  c.low == null || c.list
    ? ''
    : `${format(c.low, kindOf(c), unitWorld.value)} to ${format(c.high, kindOf(c), unitWorld.value)}`

/** What stands in the fields, or nothing if one cannot be read. */
function read(): ShelfPart | null {
  for (const key of Object.keys(said)) delete said[key]
  for (const c of props.shelf.columns) {
    if (c.list) {
      const text = (lists[c.name] ?? '').trim()
      const parsed = text ? parseList(text, kindOf(c), unitWorld.value) : null
      if (parsed && !parsed.ok) said[c.name] = parsed.why
      else draft[c.name] = parsed ? parsed.values : null
    } else if (c.kind && !c.optional && draft[c.name] == null && !bad[c.name])
      said[c.name] = `Enter a number, ${span(c)}.`
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
          <div class="choice" role="radiogroup" :aria-label="label(c)">
            <button
              v-for="v in c.choices"
              :key="v"
              type="button"
              role="radio"
              :aria-checked="draft[c.name] === v"
              @click="draft[c.name] = v"
            >
              {{ choiceWord(v) }}
            </button>
          </div>
        </div>
        <div v-else-if="c.list" class="text wide" :class="{ wrong: said[c.name] }">
          <label :for="id(c)" class="small soft">{{ label(c) }}</label>
          <input
            :id="id(c)"
            v-model="lists[c.name]"
            autocomplete="off"
            :aria-invalid="!!said[c.name]"
            :aria-describedby="said[c.name] ? id(c) + '-why' : undefined"
          />
          <p v-if="said[c.name]" :id="id(c) + '-why'" role="alert" class="why">{{ said[c.name] }}</p>
        </div>
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
.choice {
  display: flex;
  flex-wrap: wrap;
  border: 1.5px solid var(--ink);
}
.choice button {
  flex: 1;
  min-height: 42px;
  padding: 0 8px;
  border: 0;
  border-left: 1.5px solid var(--ink);
  background: transparent;
  color: inherit;
  font: 600 16px/1.05 var(--rb-font-head);
  cursor: pointer;
}
.choice button:first-child {
  border-left: 0;
}
.choice button[aria-checked='true'] {
  background: var(--ink);
  color: var(--paper);
}
.text {
  display: grid;
  gap: 2px;
}
.text input {
  min-height: 40px;
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
