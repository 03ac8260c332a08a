import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { useDocument } from './document'

/** The build in hand, by its id. */
export const useSelection = defineStore('selection', () => {
  const document = useDocument()
  const selected = ref('')
  const build = computed(() => document.content?.builds.find((b) => b.id === selected.value) ?? null)

  // One that is gone, or another job's, gives way to the last.
  watch(
    () => document.content,
    (content) => {
      if (content && !content.builds.some((b) => b.id === selected.value))
        selected.value = content.builds.at(-1)?.id ?? ''
    },
    { flush: 'sync' },
  )

  function next() {
    const builds = document.content?.builds ?? []
    const at = builds.findIndex((b) => b.id === selected.value)
    selected.value = builds[(at + 1) % builds.length]?.id ?? ''
  }

  return { selected, build, next }
})
