<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { CheckName, CheckResult, CheckRow } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { checkCode } from './readings'

/** All checks that this truck can have: those still to do by how much they tell for their minutes, then the done. */
const props = defineProps<{ rows: CheckRow[]; open: CheckName | undefined; result: CheckResult | null }>()
const emit = defineEmits<{ pick: [CheckName] }>()
const job = useJob()

const verdictOf = (check: CheckName) => {
  const last = job.content.checks.readings.filter((r) => r.check === check && !r.after).at(-1)
  return last && props.result?.readings.find((r) => r.id === last.id)?.verdict
}
const worth = (check: CheckName) => props.result?.next.find((n) => n.check === check)?.worth ?? 0
const best = computed(() => Math.max(1e-9, ...props.rows.map((r) => worth(r.check))))
const sorted = computed(() =>
  props.rows
    .map((row) => ({ row, verdict: verdictOf(row.check), share: worth(row.check) / best.value }))
    .sort((a, b) => b.share - a.share),
)
const MARKS = { PASS: '✓', FAIL: '✗', CONTRADICTS: '?', OPEN: '…' } as const
const says = (verdict: keyof typeof MARKS) => word(`judgementVerdict.${verdict.toLowerCase()}`)
</script>

<template>
  <section class="panel">
    <header>
      <h2>Every check</h2>
      <span class="small soft">by what it tells for its minutes</span>
    </header>
    <ul>
      <li v-for="{ row, verdict, share } in sorted" :key="row.check">
        <button
          type="button"
          :aria-current="row.check === open"
          :class="verdict"
          :data-check="row.check"
          @click="emit('pick', row.check)"
        >
          <span class="mark" :aria-label="verdict ? says(verdict) : 'to do'">{{ verdict ? MARKS[verdict] : '' }}</span>
          <span class="name">{{ word(checkCode(row.check)) }}</span>
          <span v-if="!verdict" class="bar" aria-hidden="true"><i :style="{ width: 100 * share + '%' }"></i></span>
          <span v-else class="bar words">{{ says(verdict) }}</span>
          <span class="minutes">{{ row.minutes }} min</span>
        </button>
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
button {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) 96px 52px;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 40px;
  border: 0;
  border-bottom: 1px solid var(--rule-soft);
  background: none;
  color: inherit;
  font: 500 16px/1.15 var(--rb-font-text);
  text-align: left;
  cursor: pointer;
}
button[aria-current='true'] {
  background: var(--accent-wash);
}
.PASS {
  color: var(--ink-soft);
}
.FAIL .name {
  font-weight: 600;
}
.mark {
  font: 700 18px/1 var(--rb-font-head);
  text-align: center;
}
.FAIL .mark,
.CONTRADICTS .mark {
  color: var(--over-ink);
}
.PASS .mark {
  color: var(--holds-ink);
}
.bar {
  height: 8px;
  background: var(--rule-soft);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--accent);
}
.words {
  height: auto;
  background: none;
  font-size: 14px;
}
.minutes {
  text-align: right;
  font-size: 14px;
  color: var(--ink-soft);
}
@media (pointer: coarse) {
  button {
    min-height: 46px;
  }
}
</style>
