import { computed, onScopeDispose, shallowRef, watch } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { FinderRequest, FinderState, Said } from '@/shared/api/types'

/** What a search depends on: a build that it does not start from may change. */
const question = ({ job, ...rest }: FinderRequest) => ({
  ...rest,
  rig: job.rig,
  haul: job.haul,
  from: job.builds.find((b) => b.id === rest.build),
  found: job.builds.find((b) => b.kind === 'AS_FOUND'),
})

interface Remembered {
  id: string
  request: FinderRequest
}

/**
 * A search of the catalogue. It runs on the server and goes on without this window: coming back to the job finds it
 * again, with the question it answers.
 *
 * @param asked what would be searched now
 */
export function useSearch(asked: () => FinderRequest) {
  const job = useJob()
  const state = shallowRef<FinderState | null>(null)
  const answers = shallowRef<FinderRequest | null>(null)
  const problem = shallowRef<Said[]>([])
  const refused = shallowRef<Record<string, Said>>({})
  const memory = computed(() => `rb-search-${job.id}`)
  let timer = 0
  onScopeDispose(() => clearTimeout(timer))

  watch(
    memory,
    (key) => {
      clearTimeout(timer)
      state.value = answers.value = null
      const kept = sessionStorage.getItem(key)
      if (!kept) return
      const { id, request } = JSON.parse(kept) as Remembered
      answers.value = request
      void look(id)
    },
    { immediate: true },
  )

  async function start() {
    clearTimeout(timer)
    problem.value = []
    refused.value = {}
    const request = asked()
    try {
      const begun = await api.post<FinderState>('/api/finder', request)
      state.value = begun
      answers.value = request
      sessionStorage.setItem(memory.value, JSON.stringify({ id: begun.id, request } satisfies Remembered))
      timer = window.setTimeout(() => look(begun.id), 300)
    } catch (e) {
      refused.value = (e as ApiProblem).fields(request, 'job')
      problem.value = (e as ApiProblem).said
    }
  }

  async function look(id: string) {
    try {
      state.value = await api.get<FinderState>(`/api/finder/${id}`)
      problem.value = []
    } catch (e) {
      problem.value = (e as ApiProblem).said
      if (!(e as ApiProblem).passing) {
        sessionStorage.removeItem(memory.value)
        return
      }
    }
    if (!state.value || state.value.status === 'RUNNING') timer = window.setTimeout(() => look(id), 500)
  }

  async function cancel() {
    if (!state.value) return
    try {
      await api.remove(`/api/finder/${state.value.id}`)
      await look(state.value.id)
    } catch (e) {
      problem.value = (e as ApiProblem).said
    }
  }

  /** The job or the bounds have changed since: what is shown answers another question. */
  const outdated = computed(
    () => !!answers.value && JSON.stringify(question(answers.value)) !== JSON.stringify(question(asked())),
  )
  const running = computed(() => state.value?.status === 'RUNNING')
  return { state, answers, outdated, running, problem, refused, start, cancel }
}
