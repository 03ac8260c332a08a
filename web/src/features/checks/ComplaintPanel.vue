<script setup lang="ts">
import { useJob } from '@/job/useJob'
import type { CheckCatalogue } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { symptomCode } from './readings'

/** What the driver has seen, and what not; what nobody was asked stays open. */
defineProps<{ symptoms: CheckCatalogue['symptoms'] }>()
const job = useJob()
const said = (symptom: string) => job.content.checks.complaint[symptom]
/** The same answer once more takes it back. */
function tell(symptom: string, so: boolean) {
  const rest = Object.fromEntries(Object.entries(job.content.checks.complaint).filter(([s]) => s !== symptom))
  job.edit('checks.complaint', said(symptom) === so ? rest : { ...rest, [symptom]: so })
}
</script>

<template>
  <section class="panel">
    <header><h2>What was seen</h2></header>
    <ul>
      <li v-for="s in symptoms" :key="s" :class="{ seen: said(s) }">
        <span>{{ word(symptomCode(s)) }}</span>
        <span class="two" role="group" :aria-label="word(symptomCode(s))">
          <button
            type="button"
            :aria-label="`${word(symptomCode(s))}: yes`"
            :aria-pressed="said(s) === true"
            @click="tell(s, true)"
          >
            yes
          </button>
          <button
            type="button"
            :aria-label="`${word(symptomCode(s))}: no`"
            :aria-pressed="said(s) === false"
            @click="tell(s, false)"
          >
            no
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  min-height: 38px;
  border-bottom: 1px solid var(--rule-soft);
  line-height: 1.15;
}
.seen > span:first-child {
  font-weight: 600;
}
.two {
  display: flex;
}
button {
  font: 600 15px/1 var(--rb-font-head);
  min-width: 40px;
  min-height: 32px;
  border: 1px solid var(--rule);
  background: transparent;
  color: var(--ink-soft);
  cursor: pointer;
}
button + button {
  border-left: 0;
}
button[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--paper);
}
@media (pointer: coarse) {
  button {
    min-width: 48px;
    min-height: 44px;
  }
}
</style>
