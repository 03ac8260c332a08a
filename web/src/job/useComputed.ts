import { computed, onScopeDispose, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Said } from '@/shared/api/types'
import { counted, say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

export interface UseComputedReturn<T> {
  result: ShallowRef<T | null>
  /** Why there is no newer answer, in words; empty where there is one. */
  problem: ComputedRef<string>
  /** How many other questions are worked out first, in words; empty where none is. */
  queueing: ComputedRef<string>
  /** The answer in hand is to an earlier question. */
  older: Ref<boolean>
  /** What is wrong with single fields of the question. */
  refused: ComputedRef<Record<string, string>>
}

/**
 * Asks the server again whenever the request changes; a later question drops an earlier answer, and
 * silence is asked again.
 */
export function useComputed<T>(path: string, request: () => unknown): UseComputedReturn<T> {
  const result = shallowRef<T | null>(null)
  const said = shallowRef<Said[]>([])
  const fields = shallowRef<Record<string, Said>>({})
  const older = ref(false)
  const ahead = ref(0)
  const problem = computed(() => said.value.map((s) => say(s, unitWorld.value)).join('; '))
  const queueing = computed(() =>
    ahead.value ? say(counted('ui.queueing', 'ahead', ahead.value), unitWorld.value) : '',
  )
  const refused = computed(() =>
    Object.fromEntries(Object.entries(fields.value).map(([field, s]) => [field, say(s, unitWorld.value)])),
  )
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
    older.value = result.value !== null
    try {
      const answer = await api.post<T>(path, body, asking.signal, (others) => {
        if (mine === run) ahead.value = others
      })
      if (mine !== run) return
      ahead.value = 0
      result.value = answer
      older.value = false
      said.value = []
      fields.value = {}
    } catch (e) {
      if (mine !== run) return
      ahead.value = 0
      said.value = (e as ApiProblem).said
      fields.value = (e as ApiProblem).fields(body)
      if ((e as ApiProblem).passing) retry = window.setTimeout(ask, 2000)
    }
  }

  watch(request, ask, { immediate: true })
  onScopeDispose(() => {
    run++
    clearTimeout(retry)
    asking.abort()
  })
  return { result, problem, queueing, older, refused }
}
