<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useJob } from '@/job/store'
import { changes } from '@/job/changes'
import HeadroomStrip from './HeadroomStrip.vue'
import { unitWorld } from '@/shared/ui/preferences'
import { restate } from '@/shared/units/units'

const route = useRoute()
const job = useJob()
watch(() => route.params.id as string, (id) => id && job.load(id), { immediate: true })

/** What the other window changed since the version this one started from. */
const theirChanges = computed(() => {
  if (!job.conflict || !job.saved) return []
  return changes(job.saved.content, job.conflict.content).slice(0, 8)
})
const myChanges = computed(() => (job.saved && job.content ? changes(job.saved.content, job.content).slice(0, 8) : []))
const words = (path: string[]) => path.join(' › ').replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()
const plain = (x: unknown) => (typeof x === 'object' && x !== null ? '(several values)' : String(x))
</script>

<template>
  <div v-if="job.content" class="frame" :data-ready="!!job.assessment && !job.stale">
    <HeadroomStrip />
    <p v-if="job.saveState === 'waiting'" class="band" role="alert">
      {{ job.message }} Your edits are kept in this window and tried again every two seconds.
    </p>
    <p v-else-if="job.saveState === 'refused' || (job.stale && job.message)" class="band" role="alert">{{ restate(job.message, unitWorld) }}</p>
    <router-view />
    <el-dialog :model-value="!!job.conflict" title="Saved elsewhere first" width="620px" :show-close="false" :close-on-click-modal="false" :close-on-press-escape="false">
      <p>Another window saved this job while you were editing. Nothing has been overwritten.</p>
      <div class="both">
        <section>
          <h3>They changed</h3>
          <ul><li v-for="c in theirChanges" :key="c.path.join()">{{ words(c.path) }}: {{ plain(c.before) }} → <b>{{ plain(c.after) }}</b></li></ul>
        </section>
        <section>
          <h3>You changed</h3>
          <ul><li v-for="c in myChanges" :key="c.path.join()">{{ words(c.path) }}: {{ plain(c.before) }} → <b>{{ plain(c.after) }}</b></li></ul>
        </section>
      </div>
      <template #footer>
        <button type="button" class="act" @click="job.settle(false)">Take theirs</button>
        <button type="button" class="act main" @click="job.settle(true)">Reapply mine on theirs</button>
      </template>
    </el-dialog>
  </div>
  <section v-else class="wait">
    <template v-if="job.loadProblem">
      <h1>This job cannot be opened just now</h1>
      <p>{{ job.loadProblem }}</p>
      <p class="soft">It is tried again every two seconds; you need not reload.</p>
    </template>
    <p v-else class="soft">Opening …</p>
  </section>
</template>

<style scoped>
.frame { display: flex; flex-direction: column; min-height: 100vh; }
.band { background: var(--marginal-wash); border-left: 6px solid var(--marginal); padding: 10px 16px; font-weight: 500; }
.both { display: grid; grid-template-columns: 1fr 1fr; gap: 20px; margin-top: 16px; }
.both ul { margin: 6px 0 0; padding-left: 18px; }
.wait { padding: 48px; display: grid; gap: 12px; }
.act + .act { margin-left: 10px; }
</style>
