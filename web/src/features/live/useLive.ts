import { tryOnScopeDispose, useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, type ComputedRef, type ShallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { LiveNow } from '@/shared/api/types'

export interface UseLiveReturn {
  /** How the drive stands; null until that is known. */
  now: ShallowRef<LiveNow | null>
  /** For how long no server has said anything, s; nothing while one does. */
  unheard: ComputedRef<number>
  /** Asks something of the gauge, in a line of its protocol. */
  ask: (line: string) => Promise<void>
}

/** Hears how a drive stands, and comes again when it hears nothing. */
export function useLive(id: string): UseLiveReturn {
  const now = shallowRef<LiveNow | null>(null)
  const heardAt = ref(Date.now())
  const clock = ref(Date.now())
  /** Nothing comes any more, and nothing is missed. */
  const ended = computed(() => now.value?.link === 'ENDED')
  const UNHEARD_MS = 2500
  let source: EventSource | null = null
  let opened = 0

  function listen() {
    source?.close()
    opened = Date.now()
    source = new EventSource(`/api/live/${id}/now`)
    source.onmessage = (m) => {
      now.value = JSON.parse(m.data as string) as LiveNow
      heardAt.value = Date.now()
      if (ended.value) source?.close()
    }
  }
  listen()
  useIntervalFn(() => {
    clock.value = Date.now()
    if (!ended.value && clock.value - heardAt.value > UNHEARD_MS && clock.value - opened > UNHEARD_MS) listen()
  }, 500)
  tryOnScopeDispose(() => source?.close())
  return {
    now,
    unheard: computed(() => {
      const ms = clock.value - heardAt.value
      return !ended.value && ms > UNHEARD_MS ? ms / 1000 : 0
    }),
    ask: (line) => api.post(`/api/live/${id}/ask`, { line }),
  }
}
