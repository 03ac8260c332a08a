<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BayEvent, OrderedStep } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { inText } from '@/shared/units/inText'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import type { Piece } from './bayState'
import type { UseBayReturn } from './useBay'
import BayPanel from './BayPanel.vue'

/** Everything that came off and every plug and tool that went in: two taps each, and each is closed when it is back. */
const props = defineProps<{ bay: UseBayReturn; step: OrderedStep; steps: Map<string, OrderedStep> }>()
defineEmits<{ close: [] }>()
const SORTS = [
  ['SCREW', 'Screw'],
  ['CLIP', 'Clip'],
  ['CONNECTOR', 'Connector'],
  ['HOSE', 'Hose'],
  ['PLUG', 'Plug'],
  ['TOOL', 'Tool'],
  ['OTHER', 'Other'],
] as const
const sortWord = (s: Sort | null) => SORTS.find(([k]) => k === s)?.[1] ?? 'Other'
type Sort = NonNullable<BayEvent['sort']>
const sort = ref<Sort>('SCREW')
const text = ref('')
const size = ref('')
const wrong = ref('')
const pieces = computed(() => [...props.bay.state.value.pieces.values()])
const here = (p: Piece) => p.taken.step === props.step.id
const open = computed(() =>
  pieces.value.filter((p) => p.stands === 'OPEN').sort((a, b) => Number(here(b)) - Number(here(a))),
)
const broken = computed(() => pieces.value.filter((p) => p.stands === 'BROKEN'))
const back = computed(() => pieces.value.filter((p) => p.stands === 'BACK').length)
/** What the step carries over, not written down yet: one tap each. */
const usual = computed(() =>
  props.step.carries
    .map((c) => inText(c, unitWorld.value))
    .filter((c) => !pieces.value.some((p) => here(p) && p.taken.text === c)),
)
const take = (name: string, as: Sort, of: string) =>
  props.bay.add({
    kind: 'TAKEN',
    step: props.step.id,
    item: crypto.randomUUID().slice(0, 18),
    text: name,
    sort: as,
    size: of || null,
  })
async function write() {
  wrong.value = text.value.trim() ? '' : 'Say what it is: “upper grille, left”.'
  if (wrong.value) return
  await take(text.value.trim(), sort.value, size.value.trim())
  text.value = ''
}
const set = (p: Piece, kind: 'BACK' | 'BROKEN') => props.bay.add({ kind, item: p.taken.item!, step: p.taken.step })
const where = (p: Piece) => inText(props.steps.get(p.taken.step ?? '')?.title ?? '', unitWorld.value)
</script>

<template>
  <BayPanel label="Off the truck" data-ledger>
    <h2>Off the truck, or left in it</h2>
    <ul>
      <li v-for="p in open" :key="p.taken.id" data-piece>
        <span
          ><b>{{ p.taken.text }}</b
          ><small
            >{{ sortWord(p.taken.sort) }}<template v-if="p.taken.size">, {{ p.taken.size }}</template> ·
            {{ where(p) }}</small
          ></span
        >
        <button type="button" @click="set(p, 'BACK')">Back</button>
        <button type="button" class="bad" @click="set(p, 'BROKEN')">Broken, gone</button>
      </li>
    </ul>
    <p v-if="!open.length" class="soft">Nothing is open.</p>
    <h2>Came off at this step</h2>
    <div v-if="usual.length" class="usual">
      <button v-for="u in usual" :key="u" type="button" @click="take(u, 'OTHER', '')">+ {{ u }}</button>
    </div>
    <form @submit.prevent="write">
      <ChoiceInput v-model="sort" label="What" :choices="SORTS" />
      <NameInput v-model="text" label="Which, and where" :most="80" :error="wrong" />
      <NameInput v-model="size" label="Size: M6 × 20" :most="40" />
      <button type="submit" class="add">Write it down</button>
    </form>
    <template v-if="broken.length">
      <h2>To be bought</h2>
      <ul>
        <li v-for="p in broken" :key="p.taken.id" data-broken>
          <span
            ><b>{{ p.taken.text }}</b
            ><small>{{ p.taken.size || 'size not written down' }} · {{ where(p) }}</small></span
          >
          <button type="button" @click="set(p, 'BACK')">New one is in</button>
        </li>
      </ul>
    </template>
    <p v-if="back" class="soft small">{{ back }} back where they belong.</p>
  </BayPanel>
</template>

<style scoped>
li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule-soft);
}
li span {
  flex: 1;
  display: grid;
  font-size: 19px;
}
small {
  color: var(--ink-soft);
  font-size: 15px;
}
button {
  min-height: 54px;
  padding: 0 16px;
  border: 2px solid var(--rule);
  background: var(--ground);
  color: var(--ink);
  font: 600 19px/1 var(--rb-font-head);
  cursor: pointer;
}
.bad {
  color: var(--over-ink);
}
.usual {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
form {
  display: grid;
  gap: 10px;
}
.add {
  background: var(--accent);
  color: var(--on-accent);
  border-color: var(--accent);
}
</style>
