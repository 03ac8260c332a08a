<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { RoadReading, Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { keep } from '@/shared/ui/keep'
import { unitWorld } from '@/shared/ui/preferences'
import CsvProblems from '@/shared/ui/CsvProblems.vue'
import { recorded } from './recorded'
import { usualDay } from './roadEdits'

/** A road out of a file and into one. What was recorded is shown over what is left of it. */
const SHOWN = 6
const job = useJob()
const said = shallowRef<Said[]>([])
const reading = shallowRef<RoadReading | null>(null)
const busy = ref(false)

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  said.value = []
  reading.value = null
  busy.value = true
  try {
    const xml = /^\s*(\uFEFF)?\s*</.test(await file.slice(0, 200).text())
    const read = xml
      ? await api.file<RoadReading>('/api/roads/gpx', file, 'application/gpx+xml')
      : await api.file<RoadReading>('/api/roads/csv', file)
    reading.value = read
    if (read.problems.length) return
    const name = file.name.replace(/\.[^.]*$/, '').slice(0, 80) || 'Own road'
    const journey = {
      ...(job.content.haul.journey ?? usualDay(job.content.haul)),
      name,
      points: read.points,
      changes: [],
    }
    job.edit('haul.journey', journey)
    recorded.value = read.raw.length ? { of: read.points, raw: read.raw } : null
  } catch (e) {
    said.value = (e as ApiProblem).said
  } finally {
    busy.value = false
  }
}

async function give(kind: 'csv' | 'gpx') {
  said.value = []
  try {
    const file = await api.save(`/api/roads/as-${kind}`, job.content.haul)
    keep(file, `${job.content.haul.journey!.name}.${kind}`)
  } catch (e) {
    said.value = (e as ApiProblem).said
  }
}
</script>

<template>
  <div class="exchange">
    <label class="act main"
      >{{ busy ? 'Reading …' : 'Road from GPX or CSV'
      }}<input
        type="file"
        accept=".gpx,.csv,text/csv,application/gpx+xml"
        class="file"
        aria-label="Road from a GPX or CSV file"
        @change="take"
    /></label>
    <template v-if="job.content.haul.journey">
      <button type="button" class="act" @click="give('csv')">CSV out</button>
      <button type="button" class="act" @click="give('gpx')">GPX out</button>
    </template>
  </div>
  <p v-if="said.length" role="alert" class="note bad">{{ said.map((s) => say(s, unitWorld)).join('; ') }}.</p>
  <div v-if="reading?.problems.length" class="note bad" role="alert">
    <p><b>The road was not taken.</b> Mend these in the file and try again:</p>
    <CsvProblems :problems="reading.problems" :shown="SHOWN" />
  </div>
  <ul v-else-if="reading?.remarks.length" class="note" role="status">
    <li v-for="(r, k) in reading.remarks" :key="k">{{ say(r, unitWorld) }}</li>
  </ul>
</template>

<style scoped>
.exchange {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
.exchange .act {
  justify-content: center;
  position: relative;
}
.exchange .act:first-child {
  grid-column: 1 / -1;
}
.file {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.note {
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 8px 12px;
  margin: 0;
  list-style: none;
  display: grid;
  gap: 4px;
}
.note.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
</style>
