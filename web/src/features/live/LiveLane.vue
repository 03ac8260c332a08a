<script setup lang="ts">
import { computed } from 'vue'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** One temperature on its lane: how far it has come towards the post where its limit stands. */
const props = defineProps<{ fluid: string; value: number | null; limit: number | null; worst: boolean }>()
const FROM_K = 50
const TO_K = 15
const share = computed(() => {
  if (props.value === null || props.limit === null) return 0
  return Math.max(0, Math.min(1, (props.value - (props.limit - FROM_K)) / (FROM_K + TO_K)))
})
const POST = (100 * FROM_K) / (FROM_K + TO_K)
const over = computed(() => props.value !== null && props.limit !== null && props.value > props.limit)
</script>

<template>
  <div class="lane" :class="{ worst, over }" :data-lane="fluid">
    <p>
      <span>{{ word(`fluid.${fluid}`) }}</span><b>{{
        value === null ? '–' : format(value, 'temperature', unitWorld, 0)
      }}</b
      ><i>{{ limit === null ? '' : `limit ${format(limit, 'temperature', unitWorld, 0)}` }}</i>
    </p>
    <div class="track" aria-hidden="true">
      <div class="come" :style="{ width: `${100 * share}%` }" />
      <div class="post" :style="{ left: `${POST}%` }" />
    </div>
  </div>
</template>

<style scoped>
.lane {
  background: var(--paper);
  padding: 6px 12px 10px;
}
.lane.worst {
  box-shadow: inset 5px 0 0 var(--ink);
}
p {
  display: flex;
  align-items: baseline;
  gap: 12px;
  font: 600 20px/1 var(--rb-font-head);
}
b {
  font-size: 44px;
  font-variant-numeric: tabular-nums;
  margin-left: auto;
}
i {
  font-style: normal;
  font-size: 17px;
  color: var(--ink-soft);
  min-width: 100px;
  text-align: right;
}
.over b {
  color: var(--over-ink);
}
.track {
  position: relative;
  height: 12px;
  margin-top: 4px;
  background: var(--rule-soft);
}
.come {
  height: 100%;
  background: var(--accent);
}
.over .come {
  background: var(--over);
}
.post {
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 5px;
  background: var(--over);
}
</style>
