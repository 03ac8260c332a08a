<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useAssessing } from '@/job/assessing'
import { useDocument } from '@/job/document'
import { useSaving } from '@/job/saving'
import { useOpening } from '@/job/useJob'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import ConflictDialog from './ConflictDialog.vue'
import HeadroomStrip from './HeadroomStrip.vue'
import NoticeBar from './NoticeBar.vue'
import RatingBar from './RatingBar.vue'
import RefusedBar from './RefusedBar.vue'

/** Everything inside stands on an open job: its content is there. */
const route = useRoute()
const document = useDocument()
const opening = useOpening()
const saving = useSaving()
const assessing = useAssessing()
watch(
  () => route.params.id as string,
  (id) => id && opening.load(id),
  { immediate: true },
)

const over = computed(() => assessing.verdicts[0]?.overRatings ?? [])
const words = (all: typeof saving.said) => all.map((s) => say(s, unitWorld.value)).join('; ')
const refused = computed(() => (saving.state === 'refused' ? saving.said : assessing.stale ? assessing.said : []))
const fields = computed(() => ({ ...saving.fields, ...assessing.fields }))
</script>

<template>
  <div
    v-if="document.content"
    :key="document.jobId"
    class="frame"
    :data-ready="!!assessing.verdicts.length && !assessing.stale"
  >
    <RatingBar v-if="over.length" :over="over" />
    <HeadroomStrip />
    <NoticeBar />
    <p v-if="saving.state === 'waiting'" class="band" role="alert">
      {{ words(saving.said) }} Your edits are kept in this browser and tried again every two seconds.
    </p>
    <RefusedBar v-else-if="refused.length" :said="refused" :fields="fields" />
    <router-view />
    <ConflictDialog v-if="saving.conflict" :key="saving.conflict.section" :conflict="saving.conflict" />
  </div>
  <section v-else class="wait">
    <template v-if="opening.problem.length">
      <template v-if="opening.gone">
        <h1>This job is not here</h1>
        <p>{{ words(opening.problem) }}</p>
        <p><router-link class="act" :to="{ name: 'yard' }">To the yard</router-link></p>
      </template>
      <template v-else>
        <h1>This job cannot be opened just now</h1>
        <p>{{ words(opening.problem) }}</p>
        <p class="soft">It is tried again every two seconds; you need not reload.</p>
      </template>
    </template>
    <p v-else class="soft">Opening …</p>
  </section>
</template>

<style scoped>
.frame {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}
.band {
  background: var(--marginal-wash);
  border-left: 6px solid var(--marginal);
  padding: 10px 16px;
  font-weight: 500;
}
.wait {
  padding: 48px;
  display: grid;
  gap: 12px;
}
</style>
