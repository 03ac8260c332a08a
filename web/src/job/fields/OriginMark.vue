<script setup lang="ts">
import { computed, ref } from 'vue'
import { originOf, setOrigin, type Origin } from '@/job/origin'
import { type JobPath, valueAt } from '@/job/paths'
import { useJob } from '@/job/useJob'
import ListInput from '@/shared/ui/ListInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { word } from '@/shared/message/say'
import type { QuantityName } from '@/shared/units/units'

/** Where a number of the job comes from; saying that it was measured asks what was read. */
const props = defineProps<{ label: string; path: JobPath; quantity: QuantityName }>()
const job = useJob()
const origin = computed(() => originOf(job.content, props.path))
const asking = ref(false)
const read = ref<number | number[] | null>(null)
const bad = ref(false)
const words = (o: Origin) => word(`workingOrigin.${o}`)

function ask() {
  read.value = valueAt(job.content, props.path) as number | number[] | null
  bad.value = false
  asking.value = true
}
function take(to: Origin) {
  if (bad.value || read.value == null) return
  job.replace(setOrigin(job.content, props.path, to, read.value))
  asking.value = false
}
</script>

<template>
  <button
    v-if="origin"
    type="button"
    class="mark"
    :class="origin"
    :aria-label="`${label} is ${words(origin)}; say where it comes from`"
    @click="ask"
  >
    {{ words(origin) }}
  </button>
  <el-dialog v-if="asking" v-model="asking" :title="label" width="min(440px, 92vw)" append-to-body>
    <form class="ask" @submit.prevent="take('measured')">
      <ListInput
        v-if="Array.isArray(read)"
        v-model="read"
        v-model:bad="bad"
        label="Read on the truck"
        :quantity="quantity"
      />
      <QuantityInput v-else v-model="read" v-model:bad="bad" label="Read on the truck" :quantity="quantity" big />
      <p class="small soft">
        Measured means read on this truck; entered, taken from a plate, a manual or a person; assumed, as usual for such
        a truck: it widens the band.
      </p>
      <div class="ends">
        <button type="button" class="act" :disabled="bad" @click="take('assumed')">Only assumed</button>
        <button type="button" class="act" :disabled="bad" @click="take('entered')">Entered</button>
        <button type="submit" class="act main" :disabled="bad">Measured</button>
      </div>
    </form>
  </el-dialog>
</template>

<style scoped>
.mark {
  border: 0;
  padding: 5px 4px;
  margin: -5px -4px;
  background: none;
  font: 500 12px/1.4 var(--rb-font-text);
  color: var(--ink-soft);
  cursor: pointer;
  white-space: nowrap;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
@media (pointer: coarse) {
  .mark {
    min-height: 44px;
    min-width: 44px;
    font-size: 14px;
  }
}
.mark.assumed {
  color: var(--marginal-ink);
  font-weight: 600;
}
.mark.measured {
  color: var(--accent-ink);
  font-weight: 600;
}
.ask {
  display: grid;
  gap: 12px;
}
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
</style>
