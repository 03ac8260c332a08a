import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Detail, Said, Verdict } from '@/shared/api/types'
import { useDocument } from './document'
import { follower } from './follower'
import { useSelection } from './selection'

const RETRY_MS = 2000

/**
 * What the core makes of the job: verdicts of all builds at once, and what stands behind that of the
 * build in hand. Both follow every edit; while something is dragged, only the build in hand does.
 */
export const useAssessing = defineStore('assessing', () => {
  const document = useDocument()
  const selection = useSelection()
  const verdicts = shallowRef<Verdict[]>([])
  /** Those before the last edit. */
  const before = shallowRef<Verdict[]>([])
  const details = shallowRef<Detail | null>(null)
  const stale = ref(false)
  const said = shallowRef<Said[]>([])
  const fields = shallowRef<Record<string, Said>>({})
  let run = 0
  let retry = 0
  let asking = new AbortController()

  const verdictOf = (build: string) => verdicts.value.find((v) => v.build === build) ?? null
  const verdict = computed(() => verdictOf(selection.selected))
  const detail = computed(() => (details.value?.verdict.build === selection.selected ? details.value : null))

  async function assess() {
    const job = document.content
    if (!job || document.dragging) return
    const mine = ++run
    clearTimeout(retry)
    asking.abort()
    asking = new AbortController()
    try {
      const [all, one] = await Promise.all([
        api.post<Verdict[]>('/api/compute/verdicts', job, asking.signal),
        api.post<Detail>('/api/compute/detail', { job, build: selection.selected }, asking.signal),
      ])
      if (mine !== run) return
      verdicts.value = all
      details.value = one
      stale.value = false
      said.value = []
      fields.value = {}
    } catch (e) {
      if (mine !== run) return
      stale.value = true
      const problem = e as ApiProblem
      said.value = problem.said
      // One of the two questions holds the job as a part of it.
      const ofDetail = problem.errors.some((wrong) => wrong.field.startsWith('job.'))
      fields.value = ofDetail ? problem.fields({ job }, 'job') : problem.fields(job)
      if (problem.passing) retry = window.setTimeout(() => void assess(), RETRY_MS)
    }
  }

  const follow = follower(
    async () => {
      const build = selection.selected
      const one = await api.post<Detail>('/api/compute/detail', { job: document.content, build })
      if (!document.dragging) return
      details.value = one
      verdicts.value = verdicts.value.map((v) => (v.build === build ? one.verdict : v))
    },
    () => document.dragging,
  )

  let dragged = false
  watch(
    () => document.jobId,
    () => {
      verdicts.value = []
      before.value = []
      details.value = null
      dragged = false
    },
    { flush: 'sync' },
  )
  watch(
    () => [document.content, document.dragging] as const,
    ([content, dragging]) => {
      if (!content) return
      // The strip compares with where an edit, or a whole drag, began.
      if (!dragged && !stale.value) before.value = verdicts.value
      dragged = dragging
      void (dragging ? follow() : assess())
    },
    { flush: 'sync' },
  )
  watch(
    () => selection.selected,
    () => void assess(),
  )

  return { verdicts, before, verdict, verdictOf, detail, stale, said, fields }
})
