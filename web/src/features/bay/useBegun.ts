import { ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { BayOrder, BayWhole } from '@/shared/api/types'
import { worker } from '@/shared/ui/preferences'

export interface UseBegunReturn {
  /** Work on this job that was begun, the newest first; null until it is known. */
  orders: ShallowRef<BayOrder[] | null>
  /** All of the one that is looked at. */
  whole: ShallowRef<BayWhole | null>
  problem: Ref<string>
  beginning: Ref<boolean>
  /** Begins the work on the build in hand; gives the order. */
  begin: () => Promise<BayOrder | null>
  look: (id: string) => Promise<void>
  reload: () => Promise<void>
}

/** Work on the job in hand that was begun. */
export function useBegun(): UseBegunReturn {
  const job = useJob()
  const orders = shallowRef<BayOrder[] | null>(null)
  const whole = shallowRef<BayWhole | null>(null)
  const problem = ref('')
  const beginning = ref(false)
  async function tried<T>(ask: () => Promise<T>): Promise<T | null> {
    problem.value = ''
    try {
      return await ask()
    } catch (e) {
      problem.value = refusal(e)
      return null
    }
  }
  async function load() {
    orders.value = await tried(() => api.get<BayOrder[]>(`/api/jobs/${job.id}/bay`))
    const of = orders.value?.find((o) => o.build === job.selected) ?? orders.value?.[0]
    if (of) await look(of.id)
    else whole.value = null
  }
  async function look(id: string) {
    whole.value = await tried(() => api.get<BayWhole>(`/api/bay/${id}`))
  }
  async function begin(): Promise<BayOrder | null> {
    beginning.value = true
    try {
      return await tried(() =>
        api.post<BayOrder>(`/api/jobs/${job.id}/bay`, { build: job.selected, by: worker.value || 'somebody' }),
      )
    } finally {
      beginning.value = false
    }
  }
  watch(() => [job.id, job.selected], load, { immediate: true })
  return { orders, whole, problem, beginning, begin, look, reload: load }
}
