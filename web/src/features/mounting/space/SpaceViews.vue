<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useJob } from '@/job/useJob'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { openingBox } from '@/features/heat/pack/geometry'
import DepthSheet from './DepthSheet.vue'
import FlatSheet from './FlatSheet.vue'
import { large, picked, type Step } from './state'
import { type NearMark, placeOf, type Thing } from './things'
import { around, type Axis, type Bounds, flatViews, type ViewName } from './views'

/** Three linked views and a projected one of what stands in the nose; one of them large. */
const props = defineProps<{
  things: Thing[]
  near: NearMark[]
  /** Behind the grille line the pack ends here, mm. */
  packBackMm: number
  /** Everything, not only the opening with what stands round it. */
  whole: boolean
}>()
const emit = defineEmits<{
  drag: [step: Step]
  drop: []
  nudge: [step: Step]
  /** A number on the drawing was typed. */
  typed: [thing: Thing, axis: Axis, what: 'low' | 'size', value: number]
  grow: [key: string, after: number]
}>()
const job = useJob()
const opening = computed(() => openingBox(job.content.rig.vehicle.cooling))
/** What all views show. */
const shown = computed<Bounds>(() => {
  const o = opening.value
  const near: Bounds = {
    low: [o.left - 110, o.bottom - 130, -60],
    high: [o.left + o.width + 110, o.bottom + o.height + 130, props.packBackMm + 90],
  }
  return props.whole && props.things.length ? around([near, ...props.things.map((t) => t.bounds)]) : near
})

const hand = computed(() => props.things.find((t) => t.key === picked.value))
const typing = ref<{ axis: Axis; what: 'low' | 'size'; x: number; y: number } | null>(null)
const field = ref<HTMLElement | null>(null)
async function type(axis: Axis, what: 'low' | 'size', at: { x: number; y: number }) {
  typing.value = { axis, what, x: Math.max(0, at.x - 20), y: Math.max(0, at.y - 40) }
  await nextTick()
  field.value?.querySelector('input')?.select()
}
const typedValue = computed(() => {
  const t = hand.value
  const k = typing.value?.axis ?? 0
  if (!t || !typing.value) return null
  return typing.value.what === 'low' ? placeOf(t, k) : t.bounds.high[k] - t.bounds.low[k]
})
function take(value: number | null) {
  if (!hand.value || !typing.value || value === null) return
  emit('typed', hand.value, typing.value.axis, typing.value.what, value)
  typing.value = null
}

const LABELS: Record<ViewName, string> = { front: 'front', top: 'top', side: 'side', depth: 'in depth' }
const ORDER: ViewName[] = ['front', 'top', 'side', 'depth']
const small = computed(() => ORDER.filter((v) => v !== large.value))
const flat = (name: ViewName) => flatViews.find((v) => v.name === name)
</script>

<template>
  <div class="views">
    <div class="large" :data-large="large">
      <span class="label head">{{ flat(large)?.label ?? 'in depth: drag to turn' }}</span>
      <FlatSheet
        v-if="flat(large)"
        :key="large"
        big
        :view="flat(large)!"
        :shown="shown"
        :opening="opening"
        :things="things"
        :near="near"
        @drag="(s) => emit('drag', s)"
        @drop="emit('drop')"
        @nudge="(s) => emit('nudge', s)"
        @type="type"
        @grow="(key, after) => emit('grow', key, after)"
      />
      <DepthSheet v-else big :shown="shown" :things="things" />
      <div v-if="typing && hand" ref="field" class="typing" :style="{ left: `${typing.x}px`, top: `${typing.y}px` }">
        <QuantityInput
          :model-value="typedValue"
          :label="typing.what === 'low' ? 'place' : 'size'"
          quantity="size"
          @update:model-value="take"
          @keydown.esc="typing = null"
        />
      </div>
    </div>
    <div class="others">
      <div v-for="v in small" :key="v" class="other">
        <button type="button" class="enlarge head" :data-view-button="v" @click="large = v">
          {{ LABELS[v] }} <span aria-hidden="true">⤢</span>
        </button>
        <FlatSheet
          v-if="flat(v)"
          :view="flat(v)!"
          :shown="shown"
          :opening="opening"
          :things="things"
          :near="near"
          :big="false"
          @drag="(s) => emit('drag', s)"
          @drop="emit('drop')"
        />
        <DepthSheet v-else :shown="shown" :things="things" :big="false" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 10px;
  height: clamp(440px, calc(100vh - 342px), 820px);
}
.large,
.other {
  position: relative;
  border: 1px solid var(--rule);
  background: var(--paper);
  min-height: 0;
}
.others {
  display: grid;
  grid-template-rows: repeat(3, minmax(0, 1fr));
  gap: 10px;
  min-height: 0;
}
.label {
  position: absolute;
  left: 0;
  top: 0;
  z-index: 1;
  padding: 3px 10px;
  background: var(--ink);
  color: var(--paper);
  font-size: 15px;
}
.other {
  display: flex;
  flex-direction: column;
}
.other svg {
  flex: 1;
  min-height: 0;
}
.enlarge {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
  padding: 0 10px;
  border: 0;
  background: var(--rule-soft);
  color: inherit;
  font-size: 16px;
  cursor: pointer;
}
.typing {
  position: absolute;
  z-index: 2;
  width: 120px;
  padding: 4px;
  background: var(--paper);
  border: 1.5px solid var(--ink);
}
</style>
