<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { RadiatorFit } from '@/shared/api/types'
import { camel, say, whatToDo, why, word } from '@/shared/message/say'
import NameInput from '@/shared/ui/NameInput.vue'
import { unitWorld } from '@/shared/ui/preferences'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** Line by line what the truck has and what the part has; ticked with the part in hand, before anything is opened. */
const props = defineProps<{ rows: RadiatorFit['rows'] }>()
const job = useJob()
type Row = RadiatorFit['rows'][number]
const ticks = computed(() => job.build.mounting.radiator.ticks)
const at = computed(() => `builds.${job.selected}.mounting.radiator.ticks` as const)
const tick = (row: Row) => ticks.value.find((t) => t.what === row.what)
function set(row: Row, on: boolean) {
  const others = ticks.value.filter((t) => t.what !== row.what)
  job.edit(
    at.value,
    on ? [...others, { id: `tick-${camel(row.what).toLowerCase()}`, what: row.what, note: null }] : others,
  )
}
const open = computed(() => props.rows.filter((r) => !tick(r)).length)
const MARKS = { FITS: '✓', MAKE: '✎', WRONG: '✕', ASK: '?' } as const
const STATES = { FITS: 'fits', MAKE: 'to make or buy', WRONG: 'wrong', ASK: 'to ask' } as const
</script>

<template>
  <section data-order>
    <header class="head">
      <h3>Order check sheet</h3>
      <span class="small soft">{{
        open
          ? `${open} not yet held against the part in hand: nothing is opened before`
          : 'all held against the part in hand'
      }}</span>
    </header>
    <ol class="rows">
      <li v-for="row in rows" :key="row.what" :class="row.state.toLowerCase()" :data-row="row.what">
        <span class="mark" role="img" :aria-label="STATES[row.state]">{{ MARKS[row.state] }}</span>
        <div class="text">
          <b>{{ word(`fitRowWhat.${camel(row.what)}`) }}</b>
          <span class="small soft values"
            >truck {{ row.truck ? say(row.truck, unitWorld) : '?' }} · part
            {{ row.part ? say(row.part, unitWorld) : '?' }}</span
          >
          <template v-for="s in row.says" :key="s.code">
            <span>{{ say(s, unitWorld) }}</span>
            <span v-if="why(s, unitWorld)" class="small soft">{{ why(s, unitWorld) }}</span>
            <span v-if="whatToDo(s, unitWorld)" class="small">→ {{ whatToDo(s, unitWorld) }}</span>
          </template>
        </div>
        <div class="tick">
          <ToggleInput
            :model-value="!!tick(row)"
            :label="`${word(`fitRowWhat.${camel(row.what)}`)}: held against the part in hand`"
            @update:model-value="(on) => set(row, on)"
            >in hand</ToggleInput
          >
          <NameInput
            v-if="tick(row)"
            label="read off it"
            optional
            :most="120"
            :model-value="tick(row)!.note"
            @update:model-value="(note) => job.edit(`${at}.${tick(row)!.id}.note`, note)"
          />
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 12px;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.rows li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) 132px;
  gap: 10px;
  align-items: start;
  padding: 6px 8px 6px 0;
  border-left: 6px solid var(--holds);
  background: var(--rule-soft);
}
.rows li.make {
  border-left-color: var(--marginal);
}
.rows li.wrong {
  border-left-color: var(--over);
  background: var(--over-wash);
}
.rows li.ask {
  border-left: 6px dashed var(--ink-soft);
}
.mark {
  text-align: center;
  font: 700 22px/1.2 var(--rb-font-head);
}
.text {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.text b {
  font: 600 18px/1.2 var(--rb-font-head);
}
.text b::first-letter {
  text-transform: uppercase;
}
.tick {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.tick :deep(.toggle) {
  background: var(--paper);
}
@media (max-width: 640px) {
  .rows li {
    grid-template-columns: 30px minmax(0, 1fr);
  }
  .tick {
    grid-column: 2;
  }
}
</style>
