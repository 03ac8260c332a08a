<script setup lang="ts">
import { computed } from 'vue'
import type { SpaceNear } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { pick } from './state'

/** What stands near: the gap, how well it is known, and what it must be. */
const props = defineProps<{ near: SpaceNear[]; names: Map<string, string>; of?: string }>()
const MOST = 7
const rows = computed(() =>
  props.near
    .filter((n) => !props.of || props.of === `piece/${n.piece}` || props.of === `solid/${n.solid}`)
    .slice(0, MOST)
    .map((n) => {
      const other = props.of === `solid/${n.solid}` ? `piece/${n.piece}` : `solid/${n.solid}`
      return { n, key: other, name: props.names.get(other) ?? '', of: props.names.get(`piece/${n.piece}`) ?? '' }
    }),
)
const mm = (v: number) => format(v, 'size', unitWorld.value)
const WORDS = { CLEAR: 'clear', DOUBTFUL: 'measure it', SHORT: 'too near' } as const
</script>

<template>
  <div v-if="rows.length" class="near" data-near>
    <h3>Near it</h3>
    <button v-for="r in rows" :key="r.n.piece + r.key" type="button" :class="r.n.state" @click="pick(r.key)">
      <b>{{ mm(r.n.gapMm) }}</b>
      <span class="small soft">± {{ mm(r.n.plusMinusMm) }}</span>
      <span class="what">{{ of ? r.name : `${r.of}, ${r.name}` }}</span>
      <span class="state">{{ WORDS[r.n.state] }}</span>
      <span class="small soft">needs {{ mm(r.n.wantedMm) }}</span>
    </button>
  </div>
</template>

<style scoped>
.near {
  display: flex;
  flex-direction: column;
}
button {
  display: grid;
  grid-template-columns: 84px 76px 1fr auto;
  gap: 0 8px;
  align-items: baseline;
  min-height: 48px;
  padding: 4px 0 4px 10px;
  border: 0;
  border-left: 5px solid var(--holds);
  border-top: 1px solid var(--rule-soft);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
button.DOUBTFUL {
  border-left-color: var(--marginal);
}
button.SHORT {
  border-left-color: var(--over);
}
b {
  font: 600 22px/1 var(--rb-font-head);
  white-space: nowrap;
}
.state {
  font-weight: 600;
}
button > :last-child {
  grid-column: 3 / -1;
}
</style>
