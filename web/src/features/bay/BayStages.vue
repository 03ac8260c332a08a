<script setup lang="ts">
import { useIntervalFn, useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { StageSaid } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/**
 * Stages of filling, one after another: a tick each, seen on every tablet, and a watch where something has to be looked
 * at for a while.
 */
const props = defineProps<{
  stages: readonly StageSaid[]
  /** Places of those that are ticked. */
  done: ReadonlySet<number>
  /** Of this order and step, for the watches. */
  place: string
  locked: boolean
}>()
const emit = defineEmits<{ tick: [place: number, done: boolean] }>()
/** A watch runs where somebody looks: on this device alone. */
const since = useStorage<Record<number, number>>(() => `rb-watches-${props.place}`, {})
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 500)
const left = (i: number) => {
  const from = since.value[i]
  return from == null ? null : Math.max(0, props.stages[i]!.holdMinutes * 60 - Math.floor((now.value - from) / 1000))
}
const face = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
const first = computed(() => props.stages.findIndex((_, i) => !props.done.has(i)))
const watchIt = (i: number) => (since.value = { ...since.value, [i]: Date.now() })
</script>

<template>
  <ol class="stages" data-stages>
    <li v-for="(s, i) in stages" :key="i" :class="{ done: done.has(i), here: i === first }">
      <button
        type="button"
        class="tick"
        :aria-pressed="done.has(i)"
        :disabled="locked"
        @click="emit('tick', i, !done.has(i))"
      >
        <b aria-hidden="true">{{ done.has(i) ? '✓' : i + 1 }}</b><span>{{ say(s.said, unitWorld) }}</span>
      </button>
      <button v-if="s.holdMinutes" type="button" class="watch" :class="{ over: left(i) === 0 }" @click="watchIt(i)">
        {{ left(i) == null ? `watch ${s.holdMinutes} min` : left(i) === 0 ? 'time is up' : face(left(i)!) }}
      </button>
    </li>
  </ol>
</template>

<style scoped>
.stages {
  list-style: none;
  margin: 0 0 12px;
  padding: 0;
}
li {
  display: flex;
  gap: 8px;
  border-bottom: 1px solid var(--rule);
}
button {
  border: 0;
  background: none;
  color: var(--ink);
  cursor: pointer;
  min-height: 56px;
}
.tick {
  flex: 1;
  display: grid;
  grid-template-columns: 40px 1fr;
  align-items: center;
  text-align: left;
  font-size: 22px;
  line-height: 1.2;
  padding: 6px 8px;
}
.tick b {
  font: 600 26px/1 var(--rb-font-head);
  color: var(--accent-ink);
}
.here {
  background: var(--paper);
  border-left: 8px solid var(--accent);
}
.done {
  color: var(--ink-soft);
}
.done .tick {
  color: var(--ink-soft);
}
.watch {
  min-width: 150px;
  border: 2px solid var(--accent);
  font: 600 24px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.watch.over {
  background: var(--accent);
  color: var(--on-accent);
}
</style>
