<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import type { CheckCatalogue, CheckName, CheckResult } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import BreakdownPanel from './BreakdownPanel.vue'
import CheckCard from './CheckCard.vue'
import CheckList from './CheckList.vue'
import ComplaintPanel from './ComplaintPanel.vue'
import MomentsPanel from './MomentsPanel.vue'
import SuspectsPanel from './SuspectsPanel.vue'

/** Repair or upgrade: what was seen, what to look at next, what it likely is, and what repair alone buys. */
const job = useJob()
const catalogue = shallowRef<CheckCatalogue | null>(null)
void api.get<CheckCatalogue>('/api/checks').then((c) => (catalogue.value = c))
const { result, problem, queueing, older, refused } = useComputed<CheckResult>(
  '/api/compute/checks',
  () => job.content && !job.dragging && job.content,
)
const rows = computed(() => catalogue.value?.checks.filter((c) => isHere(c.check)) ?? [])
/** A check is for this truck if it is still to be done or has been. */
const isHere = (check: CheckName) =>
  !result.value ||
  result.value.next.some((n) => n.check === check) ||
  job.content.checks.readings.some((r) => r.check === check)

const opened = ref<CheckName | null>(null)
const middle = ref<HTMLElement | null>(null)
const open = computed(
  () =>
    rows.value.find((c) => c.check === opened.value) ??
    rows.value.find((c) => c.check === result.value?.next[0]?.check) ??
    null,
)
/** The list stands under the card: what is picked there is brought into sight. */
async function pick(check: CheckName) {
  opened.value = check
  await nextTick()
  middle.value?.querySelector('[data-card]')?.scrollIntoView({ block: 'start', behavior: 'instant' })
}
// What tells most comes to hand by itself, until somebody picks a check.
watch(
  () => job.id,
  () => (opened.value = null),
)
</script>

<template>
  <div class="checks">
    <section v-if="result?.stops.length" class="stop" role="alert" data-stop>
      <h2>Do not drive it.</h2>
      <div v-for="s in result.stops" :key="s">
        <h3>{{ word(s) }}</h3>
        <p>{{ word(s, 'why') }}</p>
        <p>
          <b>{{ word(s, 'do') }}</b>
        </p>
      </div>
    </section>
    <div class="left">
      <ComplaintPanel v-if="catalogue" :symptoms="catalogue.symptoms" />
      <MomentsPanel />
    </div>
    <div ref="middle" class="middle">
      <CheckCard
        v-if="open"
        :key="open.check"
        :check="open"
        :judged="result?.readings ?? []"
        :next="result?.next.find((n) => n.check === open?.check)"
        :best="result?.next[0]?.check === open.check"
        :refused="refused"
      />
      <CheckList v-if="rows.length" :rows="rows" :open="open?.check" :result="result" @pick="pick" />
      <p v-if="!result && !problem" class="panel soft">{{ queueing || 'Running every fault on this truck …' }}</p>
    </div>
    <div class="right" :class="{ older }">
      <p v-if="problem" class="panel bad" role="alert">{{ problem }}</p>
      <p v-for="(r, i) in result?.remarks ?? []" :key="i" class="panel bad" role="status" data-remark>
        {{ say(r, unitWorld) }}
      </p>
      <SuspectsPanel v-if="result" :result="result" />
    </div>
    <BreakdownPanel v-if="!result?.stops.length" class="breaks" />
  </div>
</template>

<style scoped>
.checks {
  flex: 1;
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr) 330px;
  gap: 14px;
  padding: 14px;
  align-items: start;
}
.left,
.middle,
.right {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.breaks {
  grid-column: 1 / -1;
}
.right.older {
  opacity: 0.6;
}
.stop {
  grid-column: 1 / -1;
  background: var(--over-wash);
  border-left: 10px solid var(--over);
  padding: 12px 18px;
  font-size: 17px;
  display: grid;
  gap: 6px;
}
.stop h2 {
  font-size: 30px;
  color: var(--over-ink);
}
.bad {
  border-top-color: var(--over);
  color: var(--over-ink);
}
@media (max-width: 1150px) {
  .checks {
    grid-template-columns: minmax(0, 1fr) 320px;
  }
  .left {
    grid-column: 1 / -1;
    grid-template-columns: 1fr 1fr;
  }
}
</style>
