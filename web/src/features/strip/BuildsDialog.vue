<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import type { Build } from '@/shared/api/types'
import { flag, standingWord } from '@/shared/ui/words'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import AgainstCard from './AgainstCard.vue'

/** The job's builds in their order: named, copied, moved, taken away. */
const open = defineModel<boolean>({ required: true })
const job = useJob()
const taken = ref('')
/** What the build in hand is compared with: restored, unless another is wanted. */
const wanted = ref('')
const others = computed(() =>
  job.content.builds.filter((b) => b.id !== job.selected).map((b) => [b.id, b.name] as const),
)
const other = computed({
  get: () => {
    const restored = job.content.builds.find((b) => b.kind === 'RESTORED')?.id
    return [wanted.value, restored].find((id) => others.value.some(([o]) => o === id)) ?? others.value[0]![0]
  },
  set: (id) => (wanted.value = id),
})

function rename(build: Build, field: HTMLInputElement) {
  const name = field.value.trim()
  taken.value = ''
  if (name === build.name) return
  if (!name || job.content.builds.some((b) => b.id !== build.id && b.name === name)) {
    taken.value = name ? `Another build is called ${name} already.` : 'A build needs a name.'
    field.value = build.name
    return
  }
  job.edit(`builds.${build.id}.name`, name)
}
</script>

<template>
  <el-dialog v-model="open" title="Builds of this job" width="min(720px, 94vw)" append-to-body>
    <ol class="rows" data-builds>
      <li v-for="(b, i) in job.content.builds" :key="b.id">
        <span class="flag">{{ flag(b, job.content.builds) }}</span>
        <input
          class="entry"
          :value="b.name"
          maxlength="40"
          :aria-label="`Name of build ${i + 1}`"
          @change="rename(b, $event.target as HTMLInputElement)"
        />
        <span class="state"
          ><VerdictMark :standing="job.outcome(b.id)" :size="15" /> {{ standingWord(job.outcome(b.id)) }}</span
        >
        <button
          type="button"
          class="act"
          :disabled="i === 0"
          :aria-label="`${b.name} earlier`"
          @click="job.move(b, -1)"
        >
          ↑
        </button>
        <button
          type="button"
          class="act"
          :disabled="i === job.content.builds.length - 1"
          :aria-label="`${b.name} later`"
          @click="job.move(b, 1)"
        >
          ↓
        </button>
        <button type="button" class="act" :disabled="job.full" :aria-label="`Copy ${b.name}`" @click="job.addPlan(b)">
          Copy
        </button>
        <button
          type="button"
          class="act"
          :disabled="b.kind !== 'PLAN' || job.content.builds.length === 1"
          :aria-label="`Remove ${b.name}`"
          @click="job.remove(b)"
        >
          Remove
        </button>
      </li>
    </ol>
    <div v-if="open && others.length" class="compare">
      <ChoiceInput v-model="other" label="Against which build" :choices="others" small />
      <AgainstCard :build="job.selected" :other="other" />
    </div>
    <p v-if="taken" role="alert" class="bad">{{ taken }}</p>
    <p class="small soft">
      {{ job.full ? 'A job has twelve builds at most. ' : '' }}Undo brings a removed plan back. The truck as found and
      restored stay: the others are measured by them.
    </p>
  </el-dialog>
</template>

<style scoped>
.rows {
  list-style: none;
  margin: 0 0 10px;
  padding: 0;
}
.rows li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) 128px 44px 44px auto auto;
  gap: 8px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--rule-soft);
}
.compare {
  display: grid;
  gap: 10px;
  margin-bottom: 10px;
}
.flag {
  font: 600 20px/1 var(--rb-font-head);
}
.state {
  font: 600 16px/1.1 var(--rb-font-head);
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 700px) {
  .rows li {
    grid-template-columns: 22px minmax(0, 1fr) 44px 44px;
  }
  .state {
    display: none;
  }
}
</style>
