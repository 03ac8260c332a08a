<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { stations } from './stations'
import { useDocument } from '@/job/document'
import { useSelection } from '@/job/selection'
import { api } from '@/shared/api/client'
import type { ShelfPart } from '@/shared/api/types'
import { dark, unitWorld } from '@/shared/ui/preferences'

/** Everything by its name: stations, builds, parts, actions. Typed, walked with the arrows, taken with Enter. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ keys: [] }>()
interface Command {
  kind: string
  value: string
  run: () => unknown
}
const SHELVES: [string, string][] = [
  ['oil-coolers', 'oil cooler'],
  ['radiators', 'radiator'],
  ['fans', 'fan'],
  ['thermostats', 'thermostat'],
]
const route = useRoute()
const router = useRouter()
const document = useDocument()
const selection = useSelection()
const text = ref('')
const field = ref<{ focus: () => void }>()
const parts = ref<Command[]>([])
const jobId = computed(() => route.params.id as string | undefined)

async function ready() {
  text.value = ''
  field.value?.focus()
  if (!parts.value.length) await loadParts()
}
async function loadParts() {
  try {
    const shelves = await Promise.all(SHELVES.map(([slug]) => api.get<ShelfPart[]>(`/api/parts/${slug}`)))
    parts.value = shelves.flatMap((shelf, i) =>
      shelf.map((p) => ({
        kind: SHELVES[i]![1],
        value: `${String(p.name)} ${String(p.code)}`,
        run: () => router.push({ name: 'parts', params: { shelf: SHELVES[i]![0] }, query: { find: String(p.code) } }),
      })),
    )
  } catch {
    parts.value = [] // the others are found without the server
  }
}

const commands = computed<Command[]>(() => [
  ...stations
    .filter((s) => !s.ofJob || jobId.value)
    .map((s) => ({
      kind: 'go to',
      value: s.label,
      run: () => router.push({ name: s.name, params: s.ofJob ? { id: jobId.value } : {} }),
    })),
  ...(jobId.value
    ? (document.content?.builds ?? []).map((b) => ({
        kind: 'build',
        value: b.name,
        run: () => (selection.selected = b.id),
      }))
    : []),
  ...(jobId.value
    ? [
        { kind: 'do', value: 'Undo', run: () => document.undo() },
        { kind: 'do', value: 'Redo', run: () => document.redo() },
      ]
    : []),
  {
    kind: 'do',
    value: unitWorld.value === 'metric' ? 'Show °F and mph' : 'Show °C and km/h',
    run: () => (unitWorld.value = unitWorld.value === 'metric' ? 'imperial' : 'metric'),
  },
  { kind: 'do', value: dark.value ? 'Day' : 'Night', run: () => (dark.value = !dark.value) },
  { kind: 'do', value: 'Print this screen', run: () => window.setTimeout(() => window.print(), 200) },
  { kind: 'do', value: 'Keys', run: () => emit('keys') },
  ...parts.value,
])

/** Those that hold every word typed, those that begin so first. */
function suggest(typed: string, answer: (found: Command[]) => void) {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const found = commands.value.filter((c) => words.every((w) => `${c.kind} ${c.value}`.toLowerCase().includes(w)))
  const starts = (c: Command) => Number(!c.value.toLowerCase().startsWith(words[0] ?? ''))
  answer(found.sort((a, b) => starts(a) - starts(b)).slice(0, 40))
}
function take(command: Record<string, unknown>) {
  open.value = false
  void (command as unknown as Command).run()
}
</script>

<template>
  <el-dialog v-model="open" title="Go to, pick, do" width="min(560px, 94vw)" top="8vh" append-to-body @opened="ready">
    <el-autocomplete
      ref="field"
      v-model="text"
      :fetch-suggestions="suggest"
      :trigger-on-focus="true"
      highlight-first-item
      aria-label="Station, build, part or action"
      placeholder="Station, build, part or action"
      popper-class="commands"
      @select="take"
    >
      <template #default="{ item }">
        <span class="command"
          ><b>{{ item.value }}</b
          ><span class="soft">{{ item.kind }}</span></span
        >
      </template>
    </el-autocomplete>
    <p class="small soft hint">Arrows walk the list, Enter takes, Esc leaves.</p>
  </el-dialog>
</template>

<style scoped>
.hint {
  margin-top: 10px;
}
:deep(.el-autocomplete) {
  width: 100%;
}
</style>
<style>
.commands .command {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  min-height: 44px;
  align-items: center;
}
.commands .command b {
  font: 600 18px/1.1 var(--rb-font-head);
}
</style>
