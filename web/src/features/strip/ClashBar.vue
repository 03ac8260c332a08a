<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import type { Verdict } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { putBack } from '@/features/heat/pack/putBack'

/** What does not fit, before any verdict: nothing of a build counts that cannot be built. */
const props = defineProps<{ clashes: Verdict['clashes'] }>()
const job = useJob()
const first = computed(() => props.clashes[0]!)
const back = computed(() => putBack(job.content, job.build, first.value.subject))
</script>

<template>
  <div class="clash" role="alert" data-clash>
    <p>
      <b>Not buildable:</b> {{ say(first.said, unitWorld)
      }}<template v-if="clashes.length > 1">, and {{ clashes.length - 1 }} more</template>.
    </p>
    <button v-if="back" type="button" class="act main" @click="job.replace(back)">Put it back</button>
  </div>
</template>

<style scoped>
/* Over the scales, not above them: nothing may move under the hand that drags. */
.clash {
  grid-column: 2 / -1;
  grid-row: 1;
  align-self: end;
  z-index: 1;
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 56px;
  padding: 6px 14px;
  border-left: 6px solid var(--over);
  background: var(--over-wash);
}
@media (max-width: 900px) {
  .clash {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
.clash p {
  flex: 1;
  font-size: 17px;
}
.clash .act {
  min-height: 44px;
}
</style>
