<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { BayOrder, SignedPaper } from '@/shared/api/types'
import { keep } from '@/shared/ui/keep'
import { paperWorld, SHEETS, type Sheet } from '@/shared/ui/preferences'
import { dateOf, isoDay } from '@/shared/ui/time'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import { device } from './useBay'

/** The order on paper, and its signature once everything is done; labels that stay on the truck. */
const props = defineProps<{ order: BayOrder; open: string }>()
const emit = defineEmits<{ signed: [] }>()
const job = useJob()
const size = ref<Sheet>('A4')
const name = ref('')
const problem = ref('')
const busy = ref(false)
const papers = shallowRef<SignedPaper[]>([])
const paper = computed(() => papers.value.find((p) => p.kind === 'WORK_ORDER' && p.build === props.order.build))
const layout = () => ({ day: isoDay(new Date()), world: paperWorld.value, size: size.value })
async function tried(work: () => Promise<void>) {
  problem.value = ''
  busy.value = true
  try {
    await work()
  } catch (e) {
    problem.value = refusal(e)
  } finally {
    busy.value = false
  }
}
const load = () =>
  tried(async () => {
    papers.value = await api.get<SignedPaper[]>(`/api/jobs/${props.order.job}/papers`)
  })
watch(() => props.order, load, { immediate: true })
const print = () =>
  tried(async () =>
    keep(await api.save(`/api/bay/${props.order.id}/pdf`, layout()), `${props.order.title}, work order.pdf`),
  )
const labels = () =>
  tried(async () =>
    keep(
      await api.save('/api/papers/labels-pdf', { job: job.content, build: props.order.build, ...layout() }),
      `${props.order.title}, labels.pdf`,
    ),
  )
const sign = () =>
  tried(async () => {
    await api.post(`/api/bay/${props.order.id}/signature`, { by: name.value.trim(), on: device.value, paper: layout() })
    emit('signed')
  })
</script>

<template>
  <section class="sign" data-sign>
    <div class="row">
      <ChoiceInput v-model="size" label="Paper" :choices="SHEETS" small />
      <button type="button" class="act" :disabled="busy" @click="print">Work order as PDF</button>
      <button type="button" class="act" :disabled="busy" @click="labels">Labels for the truck</button>
      <p v-if="order.signedAt && paper" class="done" data-signed>
        Signed by {{ paper.signedBy }} on {{ dateOf(new Date(order.signedAt)) }} ·
        <a :href="`/api/papers/${paper.id}/pages`" target="_blank">as it was signed</a> ·
        <a :href="`/api/papers/${paper.id}/snapshot`" target="_blank">what it was made of</a>
      </p>
    </div>
    <form v-if="!order.signedAt" class="row" @submit.prevent="sign">
      <p v-if="open" class="soft">It is signed when all is done: {{ open }}.</p>
      <template v-else>
        <NameInput v-model="name" label="Name of whoever signs" :most="80" />
        <button type="submit" class="act" :disabled="busy || !name">Sign the work order</button>
      </template>
    </form>
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
  </section>
</template>

<style scoped>
.sign {
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.done {
  font: 600 20px/1.2 var(--rb-font-head);
}
.row > :first-child {
  min-width: 150px;
}
a {
  color: var(--accent-ink);
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 10px 14px;
}
</style>
