<script setup lang="ts">
import { computed } from 'vue'
import { formatNumber } from '@/shared/units/units'

/** The nine zones of a core's face: each press shuts a quarter more of it, and then none again. */
const zones = defineModel<(number | null)[]>({ required: true })
const props = defineProps<{ label: string; width: number; height: number }>()
const STEP = 25
const PLACES = [
  'upper left',
  'upper middle',
  'upper right',
  'left',
  'middle',
  'right',
  'lower left',
  'lower middle',
  'lower right',
]
const mean = computed(() => zones.value.reduce<number>((sum, v) => sum + (v ?? 0), 0) / zones.value.length)
function more(i: number) {
  zones.value = zones.value.map((v, k) => (k === i ? ((v ?? 0) >= 100 ? 0 : (v ?? 0) + STEP) : (v ?? 0)))
}
</script>

<template>
  <div class="core">
    <div class="grid" :style="{ aspectRatio: `${props.width} / ${props.height}` }">
      <button
        v-for="(v, i) in zones"
        :key="i"
        type="button"
        :aria-label="`${label} ${PLACES[i]}: ${v ?? 0} %`"
        :style="{ '--shut': `${v ?? 0}%` }"
        @click="more(i)"
      >
        {{ v ?? 0 }} %
      </button>
    </div>
    <p>
      <b>{{ formatNumber(mean, 0) }} %</b> <span class="small soft">{{ label.toLowerCase() }} over the whole face</span>
    </p>
  </div>
</template>

<style scoped>
.core {
  display: flex;
  gap: 14px;
  align-items: end;
  flex-wrap: wrap;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  grid-template-rows: repeat(3, 1fr);
  width: 300px;
  min-height: 150px;
  border: 3px solid var(--metal);
}
button {
  border: 1px solid var(--rule);
  font: 600 18px/1 var(--rb-font-head);
  color: var(--ink);
  cursor: pointer;
  min-height: 48px;
  background:
    linear-gradient(to top, var(--marginal-wash) var(--shut), transparent var(--shut)),
    repeating-linear-gradient(90deg, var(--rule-soft) 0 1px, transparent 1px 6px);
}
p b {
  font: 600 34px/1 var(--rb-font-head);
}
</style>
