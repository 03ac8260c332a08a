<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { Laying } from '@/shared/api/types'
import { choiceWord, partName } from '@/shared/message/say'

/** What stands in the way of a hose; what of it may move, and what that costs. */
const props = defineProps<{ hose: string; by: Laying['blocked'][string] }>()
const emit = defineEmits<{ moved: [] }>()
const job = useJob()
const called = computed(() => job.build.lines.hoses.find((h) => h.id === props.hose)?.name)
const movable = computed(() =>
  props.by.flatMap((name) => {
    const thing = job.content.nose.solids.find((s) => s.id === name.id)
    return thing?.move ? [{ id: thing.id, name: partName(name), ...thing.move }] : []
  }),
)
function move(id: string) {
  job.edit(`builds.${job.selected}.moved`, [...job.build.moved, id])
  emit('moved')
}
</script>

<template>
  <div class="blocked" role="status" :data-blocked="hose">
    <p>No way is clear for {{ called }}. In its way: {{ by.map(partName).join(', ') }}.</p>
    <button v-for="m in movable" :key="m.id" type="button" class="act" @click="move(m.id)">
      Move the {{ m.name }}: {{ m.minutes }} min{{
        m.needs === 'NOTHING' ? '' : `, ${choiceWord(m.needs).toLowerCase()}`
      }}
    </button>
  </div>
</template>

<style scoped>
.blocked {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 8px 12px;
  border-left: 6px solid var(--over);
  background: var(--over-wash);
}
p {
  margin: 0;
}
</style>
