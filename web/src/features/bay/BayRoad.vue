<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { BayPlan } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import type { BayState } from './bayState'
import BayPanel from './BayPanel.vue'

/** All steps, those that are done and who is at which. */
defineProps<{ plan: BayPlan; state: BayState }>()
const emit = defineEmits<{ close: [] }>()
const at = defineModel<number>('at', { required: true })
const list = ref<HTMLElement | null>(null)
onMounted(() => nextTick(() => list.value?.querySelector('.here')?.scrollIntoView({ block: 'center' })))
const pick = (i: number) => {
  at.value = i
  emit('close')
}
</script>

<template>
  <BayPanel label="All steps" left data-bay-road>
    <ol ref="list">
      <li v-for="(s, i) in plan.steps" :key="s.id">
        <button type="button" :class="{ here: i === at, done: state.done.has(s.id) }" @click="pick(i)">
          <b>{{ state.done.has(s.id) ? '✓' : i + 1 }}</b>
          <span>{{ inText(s.title, unitWorld) }}</span>
          <i v-if="state.clocks.get(s.id)?.running.size">at work</i>
          <em>{{ state.done.get(s.id)?.by ?? time(s.hands) }}</em>
        </button>
      </li>
    </ol>
  </BayPanel>
</template>

<style scoped>
button {
  display: grid;
  grid-template-columns: 44px 1fr auto auto;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 54px;
  padding: 4px 14px;
  border: 0;
  border-bottom: 1px solid var(--rule-soft);
  background: none;
  color: var(--ink);
  font: 500 20px/1.1 var(--rb-font-head);
  text-align: left;
  cursor: pointer;
}
.done {
  color: var(--ink-soft);
}
.here {
  background: var(--accent-wash);
}
b {
  color: var(--accent-ink);
}
em,
i {
  font-style: normal;
  font-size: 16px;
  color: var(--ink-soft);
}
i {
  color: var(--accent-ink);
}
</style>
