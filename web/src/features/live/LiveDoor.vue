<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useStorage } from '@vueuse/core'
import { useDocument } from '@/job/document'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { LiveDrive, LiveOpen } from '@/shared/api/types'
import { momentOf } from '@/shared/ui/time'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** The way to a drive as it happens: which gauge, what is on the truck; or the simulated one, for who has none. */
const job = useJob()
const document = useDocument()
const router = useRouter()
const open = shallowRef<LiveDrive | null>(null)
const known = ref(false)
const problem = ref('')
const working = ref(false)
const address = useStorage('rb-gauge', '127.0.0.1:7077')
const build = ref(job.selected)
const name = ref('Drive of today')
const fromKm = ref<number | null>(0)
const rate = useStorage('rb-gauge-rate', 5)
const builds = computed(() => job.content.builds.map((b) => [b.id, b.name] as const))
const RATES = [
  [1, 'as it is'],
  [5, '5 ×'],
  [10, '10 ×'],
  [30, '30 ×'],
] as const

async function tried(work: () => Promise<unknown>) {
  working.value = true
  try {
    await work()
    problem.value = ''
  } catch (e) {
    problem.value = refusal(e)
  } finally {
    working.value = false
  }
}
const load = () =>
  tried(async () => {
    open.value = (await api.get<LiveOpen>(`/api/jobs/${document.jobId}/live`)).drive ?? null
    known.value = true
  })
watch(() => document.jobId, load, { immediate: true })
async function begin(simulated: boolean) {
  await tried(async () => {
    const at = address.value.trim()
    if (simulated) {
      const wanted = { address: at, build: build.value, rate: rate.value, noise: 0.2 }
      await api.post(`/api/jobs/${document.jobId}/simulated-drive`, wanted)
    }
    const ask = { build: build.value, name: name.value, address: at, fromKm: simulated ? 0 : (fromKm.value ?? 0) }
    const made = await api.post<LiveDrive>(`/api/jobs/${document.jobId}/live`, ask)
    await router.push({ name: 'at-the-wheel', params: { drive: made.id } })
  })
}
const end = () =>
  tried(async () => {
    await api.remove(`/api/live/${open.value!.id}`)
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await load()
  })
</script>

<template>
  <div class="door" :data-ready="known ? 'true' : undefined">
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <section v-if="open" class="panel going">
      <h2>A drive is recorded</h2>
      <p>Since {{ momentOf(open.beganAt) }}, from {{ open.address }}.</p>
      <p class="row">
        <router-link class="act main" :to="{ name: 'at-the-wheel', params: { drive: open.id } }" data-to-drive
          >Look at it</router-link
        >
        <button type="button" class="act" :disabled="working" data-end @click="end">End it</button>
      </p>
    </section>
    <template v-else-if="known">
      <section class="panel fields">
        <h2>In the cab</h2>
        <p class="soft">
          A gauge on this machine tells coolant and pan ten times a second; it is kept as a drive of this truck, and
          looked ahead from: what comes on the road, and the cheapest thing that keeps the limits, in time.
        </p>
        <NameInput v-model="name" label="Drive" :most="80" />
        <PickInput v-model="build" label="On the truck" :choices="builds" />
        <NameInput v-model="address" label="Gauge" :most="40" />
        <QuantityInput v-model="fromKm" label="Begins on the job’s road at" quantity="distance" optional />
        <button type="button" class="act main" :disabled="working" data-record @click="begin(false)">
          Read the gauge
        </button>
      </section>
      <section class="panel fields">
        <h2>Drive it</h2>
        <p class="soft">
          No gauge at hand: the simulated one drives this build over the job’s road, with you at the controls. For
          apprentices, and for customers who doubt. It runs beside the demo, or by <code>./road-breeze gauge</code>.
        </p>
        <PickInput v-model="build" label="On the truck" :choices="builds" />
        <ChoiceInput v-model="rate" label="How fast its time goes" :choices="RATES" />
        <button type="button" class="act main" :disabled="working" data-drive-it @click="begin(true)">Set out</button>
      </section>
    </template>
  </div>
</template>

<style scoped>
.door {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: start;
}
.fields,
.going {
  display: grid;
  gap: 12px;
  align-content: start;
}
.fields > .act {
  justify-self: start;
}
.row {
  display: flex;
  gap: 8px;
}
.refused {
  grid-column: 1 / -1;
}
@media (max-width: 1000px) {
  .door {
    grid-template-columns: 1fr;
  }
}
</style>
