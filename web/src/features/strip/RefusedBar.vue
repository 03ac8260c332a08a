<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { stationOf } from '@/job/fields/fieldPlace'
import type { Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** What the server does not take, each with a way to its number. */
const props = defineProps<{ said: Said[]; fields: Record<string, Said> }>()
const route = useRoute()
const lines = computed(() => {
  const found = Object.entries(props.fields).map(([path, said]) => ({ path, text: say(said, unitWorld.value) }))
  const others = props.said.map((said) => say(said, unitWorld.value)).filter((t) => !found.some((f) => f.text === t))
  return [...found, ...others.map((text) => ({ path: '', text }))]
})
</script>

<template>
  <ul class="refused" role="alert">
    <li v-for="line in lines" :key="line.path + line.text">
      <span>{{ line.text }}</span>
      <router-link
        v-if="line.path"
        class="act"
        :to="{ name: stationOf(line.path), params: { id: route.params.id }, query: { at: line.path } }"
        :aria-label="`Go to the number: ${line.text}`"
        >Go to it</router-link
      >
    </li>
  </ul>
</template>

<style scoped>
.refused {
  list-style: none;
  margin: 0;
  padding: 0;
  background: var(--marginal-wash);
  border-left: 6px solid var(--marginal);
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 16px;
  padding: 4px 16px;
  min-height: 44px;
  font-weight: 500;
}
</style>
