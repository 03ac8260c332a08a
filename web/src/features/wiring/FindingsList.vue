<script setup lang="ts">
import type { WiringFound } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { foundKey } from './wiring'

/** What is wrong with the circuit, worst first; each can be shown on the drawing. */
const props = defineProps<{ findings: readonly WiringFound[]; shown: WiringFound | null }>()
const emit = defineEmits<{ show: [found: WiringFound] }>()
const isShown = (f: WiringFound) => !!props.shown && foundKey(props.shown) === foundKey(f)
const canShow = (f: WiringFound) => !!f.in || f.along.length > 0
</script>

<template>
  <ul class="found" data-wiring-findings>
    <li
      v-for="f in findings"
      :key="foundKey(f)"
      :class="['finding', { bad: f.weight === 'BAD', sound: f.weight === 'GOOD', now: isShown(f) }]"
    >
      <span>{{ say(f.said, unitWorld) }}</span>
      <button v-if="canShow(f)" type="button" class="act" :aria-pressed="isShown(f)" @click="emit('show', f)">
        {{ isShown(f) ? 'Shown' : 'Show' }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.found {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.finding {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 8px 10px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}
.finding.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
.finding.sound {
  border-color: var(--holds);
  background: var(--accent-wash);
}
.act {
  padding: 0 10px;
  flex: none;
}
.now .act {
  background: var(--ink);
  color: var(--paper);
}
</style>
