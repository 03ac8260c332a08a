<script setup lang="ts">
import { ref, shallowRef } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { PartImport, Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import CsvProblems from '@/shared/ui/CsvProblems.vue'

/** A shelf as CSV, both ways. With a problem anywhere nothing is taken over. */
const props = defineProps<{ shelf: string }>()
const emit = defineEmits<{ taken: [] }>()
const SHOWN = 12
const imported = ref<PartImport | null>(null)
const refused = shallowRef<Said[]>([])

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  imported.value = null
  refused.value = []
  try {
    imported.value = await api.file<PartImport>(`/api/parts/${props.shelf}/csv`, file)
    if (!imported.value.problems.length) emit('taken')
  } catch (e) {
    refused.value = (e as ApiProblem).said
  }
}
</script>

<template>
  <div class="exchange">
    <a class="act" :href="`/api/parts/${shelf}/csv`" download>CSV out</a>
    <label class="act"
      >CSV in<input type="file" accept=".csv,text/csv" class="file" aria-label="Import parts from CSV" @change="take"
    /></label>
  </div>
  <p v-if="refused.length" role="alert" class="note bad">
    {{ refused.map((s) => say(s, unitWorld)).join('; ') }} The file was not read.
  </p>
  <div v-if="imported" class="note" :class="{ bad: imported.problems.length }" role="status">
    <p v-if="!imported.problems.length">{{ imported.added }} added, {{ imported.changed }} renewed.</p>
    <template v-else>
      <p><b>Nothing was imported.</b> Mend these in the file and try again:</p>
      <CsvProblems :problems="imported.problems" :more="imported.moreProblems" :shown="SHOWN" />
    </template>
  </div>
</template>

<style scoped>
.exchange {
  display: flex;
  gap: 8px;
  justify-content: flex-end;
  margin-bottom: 10px;
}
.file {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.note {
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 10px 14px;
  margin-bottom: 10px;
}
.note.bad {
  border-color: var(--over);
  background: var(--over-wash);
}
</style>
