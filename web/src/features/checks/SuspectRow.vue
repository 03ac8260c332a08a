<script setup lang="ts">
import { computed } from 'vue'
import type { CheckResult } from '@/shared/api/types'
import { sayValue, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { percent } from './readings'

/** One thing it may be, or that nothing is wrong, with what it costs on the worst stretch. */
const props = defineProps<{ suspect?: CheckResult['likely'][number]; share?: number; faded?: boolean }>()
const probability = computed(() => props.suspect?.probability ?? props.share ?? 0)
/** How bad it is means something only of what is likely. */
const SAID_FROM = 0.2
const k = (v: number) => (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 0)
const costs = computed(() => {
  const l = props.suspect
  if (!l) return ''
  return Math.max(Math.abs(l.coolantK), Math.abs(l.panK)) < 0.5
    ? 'nothing on this stretch'
    : `coolant ${k(l.coolantK)}, pan ${k(l.panK)}`
})
</script>

<template>
  <li :class="{ faded }" :data-fault="suspect?.fault">
    <span class="name"
      >{{ suspect ? word(suspect.code) : 'nothing wrong, too small'
      }}<template v-if="suspect?.amount && probability >= SAID_FROM"
        >&ensp;<span class="soft">{{ sayValue(suspect.amount, unitWorld, 0) }}</span></template
      ></span
    >
    <b>{{ percent(probability) }}</b>
    <span class="bar"><i :class="{ none: !suspect }" :style="{ width: 100 * probability + '%' }"></i></span>
    <span v-if="costs" class="small soft costs">{{ costs }}</span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  column-gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule-soft);
  line-height: 1.15;
}
b {
  font: 600 20px/1 var(--rb-font-head);
  grid-row: span 2;
  align-self: center;
}
.faded {
  color: var(--ink-soft);
}
.bar {
  height: 7px;
  background: var(--rule-soft);
  margin-top: 4px;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.bar .none {
  background: var(--accent);
}
.costs {
  grid-column: 1;
}
</style>
