<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { LoomResult, WiringPlan } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import type { UseWiringReturn } from './useWiring'

/** The relay box: what sits where in it, and where it is on the truck. */
const props = defineProps<{ loom: LoomResult; wiring: UseWiringReturn }>()
const job = useJob()
const { plan, change, refused, result } = props.wiring
type Box = NonNullable<WiringPlan['box']>
const OPENINGS = (['DOWN', 'SIDE', 'UP'] as const).map((o) => [o, word(`wiringPlanOpening.${camel(o)}`)] as const)
/** Where it is thought while nobody has chosen. */
const box = computed<Box>(() => {
  const b = result.value?.box
  return (
    plan.value.box ?? {
      acrossMm: b?.acrossMm ?? 0,
      upMm: b?.upMm ?? 0,
      backMm: b?.backMm ?? 0,
      opening: 'DOWN',
      sealed: true,
    }
  )
})
const set = (next: Partial<Box>) => change({ ...plan.value, box: { ...box.value, ...next } })
const wrong = (field: string) => refused.value[`builds.${job.selected}.wiring.box.${field}`] ?? ''
const ACROSS = 4
</script>

<template>
  <div class="relaybox">
    <h3>Relay box</h3>
    <div v-if="loom.cells.length" class="cells" :style="{ gridTemplateColumns: `repeat(${ACROSS}, 1fr)` }" data-box>
      <div v-for="c in loom.cells" :key="c.part" class="cell" :class="c.mark[0]">
        <b>{{ c.mark }}</b>
        <span v-for="(l, k) in c.label" :key="k" class="small">{{ say(l, unitWorld) }}</span>
      </div>
    </div>
    <p v-else class="soft">Nothing sits in a box.</p>
    <template v-if="loom.cells.length">
      <div class="fields">
        <QuantityInput
          :model-value="box.acrossMm"
          label="Across"
          quantity="size"
          :error="wrong('acrossMm')"
          @update:model-value="(v: number | null) => set({ acrossMm: v ?? 0 })"
        />
        <QuantityInput
          :model-value="box.upMm"
          label="Up"
          quantity="size"
          :error="wrong('upMm')"
          @update:model-value="(v: number | null) => set({ upMm: v ?? 0 })"
        />
        <QuantityInput
          :model-value="box.backMm"
          label="Back"
          quantity="size"
          :error="wrong('backMm')"
          @update:model-value="(v: number | null) => set({ backMm: v ?? 0 })"
        />
      </div>
      <span class="small soft">opens</span>
      <ChoiceInput
        :model-value="box.opening"
        label="The box opens"
        :choices="OPENINGS"
        small
        @update:model-value="(opening) => set({ opening: opening! })"
      />
      <ToggleInput :model-value="box.sealed" label="The box is sealed" @update:model-value="(sealed) => set({ sealed })"
        >sealed</ToggleInput
      >
      <button v-if="plan.box" type="button" class="act" @click="change({ ...plan, box: null })">
        Beside the battery again
      </button>
    </template>
  </div>
</template>

<style scoped>
.relaybox {
  display: grid;
  gap: 8px;
}
.cells {
  display: grid;
  gap: 4px;
  border: 2px solid var(--ink);
  padding: 6px;
}
.cell {
  border: 1.5px solid var(--ink);
  min-height: 62px;
  padding: 4px 6px;
  display: flex;
  flex-direction: column;
  background: var(--paper);
}
.cell b {
  font: 600 22px/1 var(--rb-font-head);
}
.cell.R {
  background: var(--accent-wash);
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
</style>
