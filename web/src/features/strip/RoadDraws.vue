<script setup lang="ts">
import { computed, onScopeDispose, shallowRef, watch } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { DrawsState, Fluid, Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'

/** A thousand such trucks on this road: what the band stands for, without its straight lines. */
const props = defineProps<{ fluid: Fluid }>()
const job = useJob()
const state = shallowRef<DrawsState | null>(null)
const said = shallowRef<Said[]>([])
let timer = 0
onScopeDispose(() => clearTimeout(timer))
// Another job or build is another question.
watch(
  () => [job.content, job.selected],
  () => {
    clearTimeout(timer)
    state.value = null
  },
)
const running = computed(() => state.value?.status === 'RUNNING')
const told = computed(() => state.value?.[props.fluid] ?? [])

async function start() {
  said.value = []
  try {
    state.value = await api.post<DrawsState>('/api/haul-draws', { job: job.content, build: job.selected })
    timer = window.setTimeout(look, 500)
  } catch (e) {
    said.value = (e as ApiProblem).said
  }
}
async function look() {
  const id = state.value?.id
  if (!id) return
  try {
    const now = await api.get<DrawsState>(`/api/haul-draws/${id}`)
    if (state.value?.id !== id) return
    state.value = now
    said.value = []
  } catch (e) {
    said.value = (e as ApiProblem).said
    if (!(e as ApiProblem).passing) return
  }
  if (running.value) timer = window.setTimeout(look, 700)
}
async function cancel() {
  if (!state.value) return
  await api.remove(`/api/haul-draws/${state.value.id}`).catch(() => undefined)
  void look()
}
const signed = (k: number) => `${k > 0 ? '+' : ''}${format(k, 'difference', unitWorld.value, 1)}`
</script>

<template>
  <div class="draws" data-draws>
    <button v-if="!running" type="button" class="act" @click="start">A thousand such trucks on this road</button>
    <template v-else>
      <el-progress :percentage="Math.round(100 * state!.share)" :stroke-width="12" />
      <button type="button" class="act" @click="cancel">Stop</button>
    </template>
    <p v-if="said.length" role="alert">{{ said.map((s) => say(s, unitWorld)).join('; ') }}</p>
    <p v-if="told.length">
      Nine of ten have <b>{{ signed(told[1]!) }}</b> or more to spare, half <b>{{ signed(told[2]!) }}</b>, one of ten
      <b>{{ signed(told[3]!) }}</b>. {{ formatNumber(state!.keepPercent, 0) }} % keep every limit;
      {{ state!.done }} drawn<template v-if="state!.failed">, {{ state!.failed }} could not drive there</template>.
    </p>
  </div>
</template>

<style scoped>
.draws {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.draws .el-progress {
  width: 100%;
}
</style>
