<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { About } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'

/** What a newer release changed about this job, until somebody has read it. */
const job = useJob()
const notices = computed(() => job.content.about.notices)
const code = (notice: About['notices'][number]) => `aboutNotice.${camel(notice)}`
const read = (notice: About['notices'][number]) =>
  job.edit(
    'about.notices',
    notices.value.filter((n) => n !== notice),
  )
</script>

<template>
  <aside v-for="n in notices" :key="n" class="notice" data-notice>
    <div>
      <b>{{ word(code(n)) }}</b>
      <p>{{ word(code(n), 'why') }} {{ word(code(n), 'do') }}</p>
    </div>
    <button type="button" class="act" @click="read(n)">I have read it</button>
  </aside>
</template>

<style scoped>
.notice {
  display: flex;
  gap: 18px;
  align-items: center;
  padding: 10px 18px;
  background: var(--paper);
  border-left: 6px solid var(--marginal);
  margin: 14px 14px 0;
}
.notice b {
  font: 600 20px/1.2 var(--rb-font-head);
}
.notice p {
  margin: 2px 0 0;
}
.notice div {
  flex: 1;
}
.notice .act {
  white-space: nowrap;
}
</style>
