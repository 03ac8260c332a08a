import { onScopeDispose, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'

export interface UseComputedReturn<T> {
  result: ShallowRef<T | null>
  problem: Ref<string>
  /** What is wrong with single fields of the question. */
  refused: Ref<Record<string, string>>
}

/**
 * Asks the server again whenever the request changes; a later question drops an earlier answer, and
 * silence is asked again.
 */
export function useComputed<T>(path: string, request: () => unknown): UseComputedReturn<T> {
  const result = shallowRef<T | null>(null)
  const problem = ref('')
  const refused = ref<Record<string, string>>({})
  let run = 0
  let asking = new AbortController()
  let retry = 0

  async function ask() {
    const mine = ++run
    clearTimeout(retry)
    // Nobody waits for the earlier answer any more: its connection is free for other questions.
    asking.abort()
    asking = new AbortController()
    const body = request()
    if (!body) return
    try {
      const answer = await api.post<T>(path, body, asking.signal)
      if (mine !== run) return
      result.value = answer
      problem.value = ''
      refused.value = {}
    } catch (e) {
      if (mine !== run) return
      problem.value = (e as ApiProblem).message
      refused.value = (e as ApiProblem).fields
      if ((e as ApiProblem).passing) retry = window.setTimeout(ask, 2000)
    }
  }

  watch(request, ask, { immediate: true })
  onScopeDispose(() => {
    run++
    clearTimeout(retry)
    asking.abort()
  })
  return { result, problem, refused }
}
