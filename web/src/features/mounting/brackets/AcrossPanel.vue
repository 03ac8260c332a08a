<script setup lang="ts">
import { computed, ref } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import type { Across } from '@/shared/api/types'
import { newChannel, withTabs } from './channelEdits'

/** Channels across that would hold the first cooler, each with its tabs, or one between holes of one's own choice. */
const emit = defineEmits<{ pick: [id: string] }>()
const job = useJob()
const here = computed(() => `builds.${job.selected}.mounting` as const)
const plan = computed(() => job.build.mounting)
const { working, failed, ask } = useAsked()
const found = ref<Across[] | null>(null)
const look = () => ask<Across[]>('/api/compute/channel-start', {}, (across) => (found.value = across))
function take(a: Across) {
  job.edit(here.value, withTabs(plan.value, a.channel, a.tabs))
  emit('pick', a.channel.id)
  found.value = null
}
function add() {
  const [from, to] = job.content.nose.holes
  if (!from || !to) return
  const made = newChannel(plan.value.channels, from.id, to.id)
  job.edit(`${here.value}.channels`, [...plan.value.channels, made])
  emit('pick', made.id)
  found.value = null
}
const holeName = (id: string) => job.content.nose.holes.find((h) => h.id === id)?.name ?? 'a hole'
const ears = (a: Across) =>
  a.tabs.length > 2 ? 'All four ears' : a.tabs[0]?.tie?.corner.startsWith('UPPER') ? 'Upper ears' : 'Lower ears'
</script>

<template>
  <button
    v-if="!found"
    type="button"
    class="act"
    :disabled="working || plan.channels.length >= 4"
    data-across
    @click="look"
  >
    {{ working ? 'Looking from hole to hole…' : 'A channel across…' }}
  </button>
  <p v-if="failed" role="alert" class="refused small">{{ failed }}</p>
  <div v-if="found" class="across" role="group" aria-label="Channels across">
    <button v-for="(a, n) in found" :key="n" type="button" class="act proposed" data-take-across @click="take(a)">
      <b>{{ ears(a) }}</b>
      <span class="small">{{ holeName(a.channel.from) }} to {{ holeName(a.channel.to) }}</span>
    </button>
    <p v-if="!found.length" class="small soft">No two holes have a free way across with tabs to its ears.</p>
    <button type="button" class="act" data-own-across @click="add">Between two other holes</button>
    <button type="button" class="act" @click="found = null">Never mind</button>
  </div>
</template>

<style scoped>
.across {
  display: flex;
  flex-direction: column;
  gap: 6px;
  border-left: 3px solid var(--accent);
  padding-left: 8px;
}
.proposed {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 8px 10px;
  text-align: left;
}
</style>
