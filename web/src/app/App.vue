<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import CommandPalette from './CommandPalette.vue'
import PaperHead from './PaperHead.vue'
import RoadNav from './RoadNav.vue'
import { stations } from './stations'
import { useDocument } from '@/job/document'
import { useSaving } from '@/job/saving'
import { useSelection } from '@/job/selection'
import { dark, unitWorld } from '@/shared/ui/preferences'
import { askWho, me, shut } from '@/shared/ui/account'
import { later } from '@/shared/ui/later'
import { loadYard } from '@/shared/ui/yard'

const route = useRoute()
const router = useRouter()
const document = useDocument()
const saving = useSaving()
const selection = useSelection()
const keysOpen = ref(false)
// Without it prices stand bare; the screens say themselves when the server is away.
watch(shut, (closed) => closed || void loadYard().catch(() => {}), { immediate: true })
// A server that is away asks nobody to sign in: what is on the device is shown.
void askWho().catch(() => {})
const SignIn = later(() => import('@/features/people/SignIn.vue'))
const jobId = computed(() => route.params.id as string | undefined)
const full = computed(() => route.meta.full === true)

const saveWord = computed(() => {
  switch (saving.state) {
    case 'saved':
      return 'Saved'
    case 'saving':
      return 'Saving …'
    case 'waiting':
      return 'Not saved yet'
    case 'refused':
      return 'Not saved'
    case 'conflict':
      return 'Saved elsewhere'
    case 'tried':
      return 'Tried, not kept'
  }
  return ''
})

/** By its key, or by its letter after `g`. */
function open(by: 'key' | 'letter', struck: string) {
  const station = stations.find((s) => s[by] === struck)
  if (!station || (station.ofJob && !jobId.value)) return
  void router.push({ name: station.name, params: station.ofJob ? { id: jobId.value } : {} })
}
const paletteOpen = ref(false)
/** A `g` was struck, and a letter follows. */
let going = 0
const GOING_MS = 1500

useEventListener(window, 'keydown', (e: KeyboardEvent) => {
  const typing =
    e.target instanceof HTMLElement &&
    e.target.matches('input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable]')
  const command = e.ctrlKey || e.metaKey
  if (command && e.key.toLowerCase() === 'z' && !typing && jobId.value) {
    e.preventDefault()
    if (e.shiftKey) document.redo()
    else document.undo()
    return
  }
  if (command && e.key.toLowerCase() === 'k') {
    e.preventDefault()
    paletteOpen.value = true
    return
  }
  // A screen that takes all of the window has keys of its own.
  if (typing || command || e.altKey || full.value || shut.value) return
  const gone = Date.now() - going < GOING_MS
  going = e.key === 'g' ? Date.now() : 0
  if (gone) open('letter', e.key)
  else if (e.key === 'k') paletteOpen.value = true
  else if (e.key === '?') keysOpen.value = !keysOpen.value
  else if (e.key === 'b' && jobId.value) selection.next()
  else if (e.key === 'u') unitWorld.value = unitWorld.value === 'metric' ? 'imperial' : 'metric'
  else open('key', e.key)
})

/** A number typed but not left is an edit like any other: it is taken before the window goes. */
function takeWhatIsTyped() {
  const field = window.document.activeElement
  if (field instanceof HTMLElement && field.matches('input, textarea')) field.blur()
}
useEventListener(window, 'focus', () => void saving.refresh())
useEventListener(window, 'pagehide', takeWhatIsTyped)
// What is not saved waits in the outbox; only what cannot be taken, or kept, makes the window ask.
useEventListener(window, 'beforeunload', (e: BeforeUnloadEvent) => {
  takeWhatIsTyped()
  if (window.document.querySelector('[aria-invalid="true"]') || saving.unsaved()) e.preventDefault()
})
const keys = [
  ...stations.map((s) => [`${s.key} · g ${s.letter}`, s.label]),
  ['k · Ctrl K', 'go to anything by its name'],
  ['b', 'next build'],
  ['u', 'other unit world'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['↑ ↓', 'step the number you are in'],
  ['Esc', 'put the number back as it was'],
  ['?', 'this list'],
]
</script>

<template>
  <SignIn v-if="shut" />
  <router-view v-else-if="full" />
  <a v-if="!full && !shut" class="skip" href="#work">To the work</a>
  <div v-if="!full && !shut" class="shell">
    <nav class="road" aria-label="Screens">
      <router-link :to="{ name: 'yard' }" class="brand"><span>Road</span> <span>Breeze</span></router-link>
      <RoadNav :job-id="jobId" class="stations" />
      <div class="foot">
        <p v-if="jobId" class="save" :class="saving.state" role="status">{{ saveWord }}</p>
        <div v-if="jobId" class="pair">
          <button type="button" :disabled="!document.done.length" @click="document.undo()">Undo</button>
          <button type="button" :disabled="!document.undone.length" @click="document.redo()">Redo</button>
        </div>
        <router-link v-if="me?.locked" :to="{ name: 'people' }" class="me">{{ me.name }}</router-link>
        <div class="pair">
          <button type="button" @click="paletteOpen = true">Go to …</button>
          <button
            type="button"
            :aria-label="`Units ${unitWorld === 'metric' ? '°C and km/h' : '°F and mph'}; change`"
            @click="unitWorld = unitWorld === 'metric' ? 'imperial' : 'metric'"
          >
            {{ unitWorld === 'metric' ? '°C · km/h' : '°F · mph' }}
          </button>
        </div>
        <div class="pair">
          <button type="button" :aria-pressed="dark" @click="dark = !dark">{{ dark ? 'Day' : 'Night' }}</button>
          <button type="button" aria-label="Keys" @click="keysOpen = true">? Keys</button>
        </div>
      </div>
    </nav>
    <main id="work" tabindex="-1">
      <PaperHead />
      <router-view />
    </main>
    <CommandPalette v-model="paletteOpen" @keys="keysOpen = true" />
    <el-dialog v-model="keysOpen" title="Keys" width="380px">
      <dl class="keys">
        <template v-for="[key, what] in keys" :key="key"
          ><dt>{{ key }}</dt>
          <dd>{{ what }}</dd></template
        >
      </dl>
    </el-dialog>
  </div>
</template>

<style scoped>
.shell {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr);
  min-height: 100vh;
}
.road {
  background: var(--rb-asphalt-900);
  color: var(--rb-chalk-200);
  display: flex;
  flex-direction: column;
  position: sticky;
  top: 0;
  height: 100vh;
}
/* The stations roll where there is no room; what is saved stays in sight. */
.stations {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  scrollbar-width: thin;
}
.brand {
  font: 600 24px/1 var(--rb-font-head);
  color: var(--rb-chalk-50);
  text-decoration: none;
  padding: 16px 14px 14px;
  letter-spacing: 0.02em;
}
.brand span + span {
  color: #74c9c5;
}
.foot {
  padding: 8px 10px;
  display: flex;
  flex-direction: column;
  gap: 5px;
  border-top: 1px solid var(--rb-asphalt-700);
}
.me {
  color: var(--rb-chalk-100);
  font: 600 16px/1.2 var(--rb-font-head);
}
.foot button {
  font: 600 15px/1 var(--rb-font-head);
  min-height: 44px;
  background: var(--rb-asphalt-800);
  color: var(--rb-chalk-100);
  border: 1px solid var(--rb-asphalt-500);
  cursor: pointer;
  width: 100%;
  padding: 0 4px;
}
@media (pointer: fine) {
  .foot button {
    min-height: 34px;
  }
}
.foot button:disabled {
  color: #8b9395;
  border-color: var(--rb-asphalt-700);
  cursor: default;
}
.pair {
  display: flex;
  gap: 6px;
}
.skip {
  position: fixed;
  left: 8px;
  top: -60px;
  z-index: 100;
  background: var(--ink);
  color: var(--paper);
  padding: 12px 16px;
}
.skip:focus {
  top: 8px;
}
main:focus {
  outline: none;
}
.save {
  font: 600 15px/1.1 var(--rb-font-head);
  padding: 4px 0;
}
.save.waiting,
.save.conflict,
.save.refused {
  color: #f0bf63;
}
main {
  min-width: 0;
}
.keys {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 0;
}
.keys dt {
  font: 600 16px/1.2 var(--rb-font-head);
  background: var(--rule-soft);
  padding: 2px 8px;
  justify-self: start;
}
.keys dd {
  margin: 0;
}
/* a tablet held upright: the road narrows, its posts carry their names below */
@media (max-width: 900px) {
  .shell {
    grid-template-columns: 84px minmax(0, 1fr);
  }
  .brand {
    font-size: 20px;
    padding: 12px 8px;
    display: grid;
  }
  .foot {
    padding: 8px 6px;
  }
  .pair {
    flex-direction: column;
  }
}
@media print {
  .road {
    display: none;
  }
  .shell {
    display: block;
  }
}
</style>
