<script setup lang="ts">
import type { Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** Over a rating of the truck's makers: said before every verdict, cleared by no cooling. */
defineProps<{ over: Said[] }>()
</script>

<template>
  <div class="rating" role="alert" data-rating>
    <b>Over its ratings:</b> {{ over.map((s) => say(s, unitWorld)).join('; ') }}. No cooling clears that; take load off
    first.
  </div>
</template>

<style scoped>
.rating {
  border-left: 8px solid var(--over);
  background: var(--over);
  color: var(--on-over);
  padding: 8px 16px;
  font-weight: 600;
}
</style>
