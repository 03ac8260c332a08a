<script setup lang="ts">
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Fluid, Working } from '@/shared/api/types'
import { say, sayValue, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

const props = defineProps<{ fluid: Fluid }>()
const emit = defineEmits<{ close: [] }>()
const job = useJob()
const { result, problem } = useComputed<Working>(
  `/api/compute/working/${props.fluid.toUpperCase()}`,
  () => job.content && { job: job.content, build: job.selected },
)
const titles: Record<Fluid, string> = {
  coolant: 'Coolant at the radiator inlet',
  feed: 'Oil leaving for the coolers',
  pan: 'Oil in the pan',
}
</script>

<template>
  <el-drawer
    :model-value="true"
    size="min(640px, 92vw)"
    :title="`${titles[fluid]}, ${job.build.name}`"
    append-to-body
    @close="emit('close')"
  >
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div v-if="result" class="working" data-working>
      <p class="result">{{ say(result.result, unitWorld, true) }}</p>
      <ol>
        <li v-for="(step, i) in result.steps" :key="i">
          <p class="formula">{{ step.formula }}</p>
          <p class="value">{{ say(step.result, unitWorld, true) }}</p>
          <table>
            <tbody>
              <tr v-for="input in step.inputs" :key="input.name">
                <th scope="row">{{ word(input.name) }}</th>
                <td>{{ sayValue(input.value, unitWorld, undefined, true) }}</td>
                <td class="origin" :class="input.origin.toLowerCase()">
                  {{ word(`workingOrigin.${input.origin.toLowerCase()}`) }}
                </td>
              </tr>
            </tbody>
          </table>
          <p class="small soft">{{ step.source }}</p>
        </li>
      </ol>
      <h3>How sure</h3>
      <p>{{ say(result.sureness, unitWorld, true) }}</p>
    </div>
  </el-drawer>
</template>

<style scoped>
.working {
  display: grid;
  gap: 16px;
}
.result {
  font: 600 26px/1.15 var(--rb-font-head);
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 16px;
}
li {
  border-top: 1.5px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 4px;
}
.formula {
  font-weight: 500;
  color: var(--accent-ink);
}
.value {
  font: 600 20px/1.2 var(--rb-font-head);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  font-weight: 400;
  text-align: left;
  color: var(--ink-soft);
  padding: 3px 8px 3px 0;
}
td {
  padding: 3px 8px 3px 0;
}
.origin {
  text-align: right;
  font-size: 13px;
}
.origin.entered {
  color: var(--accent-ink);
  font-weight: 600;
}
.origin.assumed {
  color: var(--marginal-ink);
  font-weight: 600;
}
</style>
