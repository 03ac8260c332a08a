<script setup lang="ts">
import { computed } from 'vue'
import type { CheckResult } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { percent } from './readings'
import SuspectRow from './SuspectRow.vue'

/** What is likely wrong, each with what it costs on the worst stretch; and what repair alone buys. */
const props = defineProps<{ result: CheckResult }>()
const MOST = 9
const FADED = 0.01
/** The likeliest, and folded away those that next to nothing speaks for any more. */
const lists = computed(() => {
  const { likely } = props.result
  const last = Math.min(MOST, Math.max(3, likely.filter((l) => l.probability >= FADED).length))
  return { first: likely.slice(0, last), rest: likely.slice(last) }
})
const pair = computed(() => props.result.pairs.find((p) => p.probability > 0.05))
</script>

<template>
  <section v-if="result.repair.length" class="panel repair" data-repair>
    <header><h2>Repair or upgrade</h2></header>
    <p v-for="(s, i) in result.repair" :key="i" :class="{ lead: s.code === 'repair.restoreFirst' }">
      {{ say(s, unitWorld) }}
    </p>
  </section>
  <section class="panel" data-suspects>
    <header><h2>What it likely is</h2></header>
    <p v-if="result.tooSmall" class="small-truck" data-too-small>
      <b>Likeliest: nothing is wrong.</b> What was seen and read fits a sound truck that is too small for this.
    </p>
    <ol>
      <SuspectRow :share="result.soundButSmall" />
      <SuspectRow v-for="l in lists.first" :key="l.fault" :suspect="l" />
    </ol>
    <details v-if="lists.rest.length">
      <summary>{{ lists.rest.length }} more, less likely</summary>
      <ol>
        <SuspectRow v-for="l in lists.rest" :key="l.fault" :suspect="l" faded />
      </ol>
    </details>
    <p v-if="pair" class="small">
      Both at once, {{ word(pair.one) }} and {{ word(pair.other) }}: {{ percent(pair.probability) }}.
    </p>
    <p class="small soft">
      Each fault is run on this truck at these moments. How often it is met is our own judgement, or the yard’s own
      numbers; so these are no more than an order to look in.
    </p>
  </section>
</template>

<style scoped>
.repair p {
  font-size: 17px;
  margin-bottom: 6px;
}
.repair .lead {
  border-left: 6px solid var(--holds);
  background: var(--accent-wash);
  padding: 8px 12px;
  font-weight: 600;
}
.small-truck {
  border-left: 6px solid var(--accent);
  padding: 4px 12px;
  margin-bottom: 8px;
}
ol {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
summary {
  min-height: 32px;
  color: var(--ink-soft);
  cursor: pointer;
}
</style>
