<script setup lang="ts">
import { useIntervalFn, useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { StageSaid } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** Stages of filling, one after another: a tick each, and a watch where something has to be looked at for a while. */
const props = defineProps<{ stages: readonly StageSaid[]; place: string }>()
/** Of this device alone: what counts are the readings of the step, and its tick. */
const kept = useStorage<{ done: number[]; since: Record<number, number> }>(() => `rb-stages-${props.place}`, {
  done: [],
  since: {},
})
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 500)
const left = (i: number) => {
  const since = kept.value.since[i]
  return since == null ? null : Math.max(0, props.stages[i]!.holdMinutes * 60 - Math.floor((now.value - since) / 1000))
}
const face = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
const first = computed(() => props.stages.findIndex((_, i) => !kept.value.done.includes(i)))
function tick(i: number) {
  const done = kept.value.done
  kept.value = { ...kept.value, done: done.includes(i) ? done.filter((d) => d !== i) : [...done, i] }
}
const watchIt = (i: number) => (kept.value = { ...kept.value, since: { ...kept.value.since, [i]: Date.now() } })
</script>

<template>
  <ol class="stages" data-stages>
    <li v-for="(s, i) in stages" :key="i" :class="{ done: kept.done.includes(i), here: i === first }">
      <button type="button" class="tick" :aria-pressed="kept.done.includes(i)" @click="tick(i)">
        <b aria-hidden="true">{{ kept.done.includes(i) ? '✓' : i + 1 }}</b><span>{{ say(s.said, unitWorld) }}</span>
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
  color: #fff;
}
</style>
