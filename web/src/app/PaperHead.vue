<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { stations } from './stations'
import { useDocument } from '@/job/document'
import { useSaving } from '@/job/saving'
import { useSelection } from '@/job/selection'
import { printedOn } from '@/shared/ui/preferences'
import { dateOf } from '@/shared/ui/time'
import { yard } from '@/shared/ui/yard'

/** On paper only: whose page this is, what it shows, of which version, and when it was printed. */
const route = useRoute()
const document = useDocument()
const selection = useSelection()
const saving = useSaving()
const screen = computed(() => stations.find((s) => s.name === route.name)?.label ?? '')
const what = computed(() => {
  if (!route.params.id || !document.content) return ''
  return `${document.content.about.name}: ${selection.build?.name ?? ''}, version ${saving.version}`
})
</script>

<template>
  <p class="paper-head">
    {{ [yard?.name ?? 'Road Breeze', screen, what, dateOf(printedOn)].filter(Boolean).join(' · ') }}
  </p>
</template>
