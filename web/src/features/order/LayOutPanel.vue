<script setup lang="ts">
import { computed } from 'vue'
import type { OrderResult } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { inText } from '@/shared/units/inText'
import { dayClock } from './dayClock'

/** Everything the day asks for, each thing once, with the steps that want it. */
const props = defineProps<{ order: OrderResult; dayHours: number }>()
const emit = defineEmits<{ pick: [id: string] }>()
const said = (text: string) => inText(text, unitWorld.value)
const numbers = computed(() => new Map(props.order.steps.map((s, i) => [s.id, i + 1])))
const step = (id: string) => props.order.steps.find((s) => s.id === id)!
const lists = computed(() => [
  { key: 'tools', title: 'Tools to lay out', list: props.order.lists.tools },
  { key: 'parts', title: 'Parts and consumables', list: props.order.lists.parts },
  { key: 'carries', title: 'Carries over or is forgotten', list: props.order.lists.carries },
  { key: 'photos', title: 'To photograph', list: props.order.lists.photos },
])
</script>

<template>
  <div class="layout">
    <section v-if="order.lists.two.length" class="two" data-two>
      <h2>Two people are needed</h2>
      <ul>
        <li v-for="id in order.lists.two" :key="id">
          <span
            ><b v-if="step(id).start != null">{{ dayClock(step(id).start!, dayHours) }}</b>
            {{ said(step(id).title) }}</span
          >
          <button type="button" class="steps" @click="emit('pick', id)">step {{ numbers.get(id) }}</button>
        </li>
      </ul>
    </section>
    <section v-for="l in lists" :key="l.key" :data-list="l.key">
      <h2>{{ l.title }}</h2>
      <ul>
        <li v-for="t in l.list" :key="t.what">
          <span>{{ said(t.what) }}</span>
          <span class="wanted"
            ><button v-for="id in t.steps.slice(0, 4)" :key="id" type="button" class="steps" @click="emit('pick', id)">
              {{ numbers.get(id) }}</button
            ><span v-if="t.steps.length > 4" class="small soft">+{{ t.steps.length - 4 }}</span></span
          >
        </li>
        <li v-if="!l.list.length" class="soft">Nothing.</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.layout {
  columns: 2;
  column-gap: 18px;
}
section {
  background: var(--paper);
  padding: 12px 16px;
  margin-bottom: 16px;
}
.two {
  break-inside: avoid;
  border-left: 6px solid var(--accent);
}
h2 {
  margin-bottom: 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  border-top: 1px solid var(--rule);
  break-inside: avoid;
}
.wanted {
  display: flex;
  align-items: center;
  flex: none;
}
.steps {
  min-width: 40px;
  min-height: 44px;
  border: 0;
  background: none;
  color: var(--accent-ink);
  font: 600 16px/1 var(--rb-font-head);
  cursor: pointer;
}
@media (max-width: 900px) {
  .layout {
    columns: 1;
  }
}
</style>
