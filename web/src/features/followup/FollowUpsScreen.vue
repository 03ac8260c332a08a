<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useDocument } from '@/job/document'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { FollowUp, FollowUpData, FollowUpKind, JobFollowUps } from '@/shared/api/types'
import DueForm from './DueForm.vue'
import FollowUpCard from './FollowUpCard.vue'
import TruckUsePanel from './TruckUsePanel.vue'
import { today } from './due'

/** What is looked at again of this truck, and by what its days are reckoned. */
const document = useDocument()
const day = today()
const board = shallowRef<JobFollowUps | null>(null)
const kinds = shallowRef<FollowUpKind[]>([])
const problem = ref('')
const refused = ref('')
const editing = shallowRef<FollowUp | 'new' | null>(null)

async function load() {
  try {
    board.value = await api.get<JobFollowUps>(`/api/jobs/${document.jobId}/follow-ups?day=${day}`)
    if (!kinds.value.length) kinds.value = await api.get<FollowUpKind[]>('/api/follow-ups/kinds')
    problem.value = ''
  } catch (e) {
    problem.value = refusal(e)
  }
}
watch(() => document.jobId, load, { immediate: true })

const fresh: FollowUpData = {
  kind: null,
  title: '',
  note: '',
  since: day,
  every: { days: 30, distanceKm: null, heatCycles: null, oilLifeH: null, hauls: null, seasonMonths: [] },
  again: false,
}
async function keep(data: FollowUpData) {
  refused.value = ''
  try {
    const of = editing.value
    if (of === 'new') await api.post(`/api/jobs/${document.jobId}/follow-ups?day=${day}`, data)
    else if (of) await api.put(`/api/follow-ups/${of.id}?day=${day}`, { version: of.version, data })
    editing.value = null
    await load()
  } catch (e) {
    refused.value = refusal(e)
  }
}
async function plan() {
  try {
    board.value = await api.post<JobFollowUps>(`/api/jobs/${document.jobId}/follow-ups/of-signed-work?day=${day}`, {})
  } catch (e) {
    problem.value = refusal(e)
  }
}
const open = computed(() => board.value?.all.filter((f) => f.state !== 'DONE' && f.state !== 'DROPPED') ?? [])
const closed = computed(() => board.value?.all.filter((f) => f.state === 'DONE' || f.state === 'DROPPED') ?? [])
</script>

<template>
  <div class="follow" :data-ready="board ? 'true' : undefined">
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!board && !problem" class="soft">Reckoning from the drives …</p>
    <template v-if="board">
      <div class="list">
        <header>
          <h2>Looked at again</h2>
          <button type="button" class="act" data-new-due @click="editing = editing ? null : 'new'">
            Something more
          </button>
        </header>
        <DueForm
          v-if="editing === 'new'"
          :start="fresh"
          :kinds="kinds"
          :problem="refused"
          @keep="keep"
          @close="editing = null"
        />
        <p v-if="board.unplanned" class="band">
          Work was signed here before anything was planned from it.
          <button type="button" class="act" data-plan @click="plan">Plan its follow-ups</button>
        </p>
        <p v-if="!board.all.length && !board.unplanned" class="panel soft">
          Nothing is looked at again yet. A signed work order brings its own; of work that was done elsewhere they are
          put down by hand.
        </p>
        <template v-for="f in open" :key="f.id">
          <FollowUpCard :of="f" @changed="load" @edit="editing = f" />
          <DueForm
            v-if="editing !== 'new' && editing?.id === f.id"
            :start="f.data"
            :problem="refused"
            @keep="keep"
            @close="editing = null"
          />
        </template>
        <template v-if="closed.length">
          <h2 class="past">Behind it</h2>
          <FollowUpCard v-for="f in closed" :key="f.id" :of="f" @changed="load" />
        </template>
      </div>
      <TruckUsePanel :edit="board.use" :follow-ups="board.all" @saved="load" />
    </template>
  </div>
</template>

<style scoped>
.follow {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 14px;
  align-items: start;
}
.list {
  display: grid;
  gap: 10px;
}
header {
  padding: 12px 14px 0;
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.past {
  padding: 8px 14px 0;
}
.band {
  background: var(--marginal-wash);
  border-left: 6px solid var(--marginal);
  padding: 8px 14px;
  display: flex;
  gap: 14px;
  align-items: center;
}
@media (max-width: 1180px) {
  .follow {
    grid-template-columns: 1fr;
  }
}
</style>
