<script setup lang="ts">
import { ref } from 'vue'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { NoseSection } from '@/shared/api/types'
import { pickedJson } from '@/shared/ui/jsonFile'
import { keep } from '@/shared/ui/keep'

/** The front end as a file, out and in. What a file brings takes the place of what is there, and can be undone. */
const job = useJob()
const refused = ref('')
/** No layout of two hundred things is so long, bytes. */
const MOST = 1_000_000

async function give() {
  refused.value = ''
  try {
    keep(await api.save('/api/nose-layouts/file', job.content), `${job.content.about.name}, front end.json`)
  } catch (e) {
    refused.value = refusal(e)
  }
}
async function take(event: Event) {
  refused.value = ''
  const file = await pickedJson(event, MOST, 'layout of a front end')
  if (!file) return
  if (!file.ok) {
    refused.value = file.why
    return
  }
  try {
    const nose = await api.post<NoseSection>('/api/nose-layouts/read', file.content)
    // Photographs are of this truck; earlier layouts know nothing of what is round a radiator or away from the pack.
    const { own, reach, upperHose, lowerHose, ...round } = nose.radiator
    const measured = [own, round, { ...upperHose, spring: null }, { ...lowerHose, spring: null }]
    const known = reach.length > 0 || measured.some((m) => Object.values(m).some((v) => v !== null))
    const { photos, radiator, remotePlaces } = job.content.nose
    job.edit('nose', {
      ...nose,
      photos,
      radiator: known ? nose.radiator : radiator,
      remotePlaces: nose.remotePlaces.length ? nose.remotePlaces : remotePlaces,
    })
  } catch (e) {
    refused.value = `${file.name} was not read: ${refusal(e)}.`
  }
}
</script>

<template>
  <button type="button" class="act" @click="give">Layout out</button>
  <label class="act"
    >Layout in<input
      type="file"
      accept=".json,application/json"
      class="file"
      aria-label="Front end from a layout file"
      data-layout-in
      @change="take"
  /></label>
  <p v-if="refused" role="alert" class="bad">{{ refused }}</p>
</template>

<style scoped>
.file {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.bad {
  flex-basis: 100%;
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 8px 12px;
}
</style>
