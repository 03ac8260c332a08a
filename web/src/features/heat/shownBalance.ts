import { computed, inject, provide, ref, type ComputedRef, type InjectionKey } from 'vue'
import { useDriving } from '@/job/driving'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { Detail, MomentResult } from '@/shared/api/types'

type Balance = Detail['balance']
const KEY: InjectionKey<ComputedRef<Balance | undefined>> = Symbol('the balance that pack and heat show')

/** What pack and heat show: the worst stretch held, or the moment under the road's cursor. */
export function provideBalance() {
  const job = useJob()
  const driving = useDriving()
  const wanted = ref(false)
  /** There is a moment to look at, and it is looked at. */
  const ofMoment = computed({
    get: () => wanted.value && driving.momentS !== null,
    set: (to: boolean) => (wanted.value = to),
  })
  const { result } = useComputed<MomentResult>(
    '/api/compute/haul-moment',
    () => ofMoment.value && !job.dragging && { job: job.content, build: job.selected, timeS: driving.momentS },
  )
  // While something is dragged the stretch answers: the road is driven again when it is let go.
  const balance = computed(() => (ofMoment.value && !job.dragging ? result.value?.balance : job.detail?.balance))
  provide(KEY, balance)
  return { ofMoment, balance }
}

export function useBalance(): ComputedRef<Balance | undefined> {
  const job = useJob()
  return inject(KEY, () => computed(() => job.detail?.balance), true)
}
