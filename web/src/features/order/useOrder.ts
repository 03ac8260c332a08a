import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { OrderResult, OrderedStep, WorkPlan } from '@/shared/api/types'

export interface UseOrderReturn {
  /** The best order that is known of the work as it is asked for now. */
  order: ComputedRef<OrderResult | null>
  /** A shorter day is still looked for. */
  looking: ComputedRef<boolean>
  /** The order in hand is of what was asked before. */
  older: Ref<boolean>
  problem: ComputedRef<string>
  refused: ComputedRef<Record<string, string>>
  /** Id of the step that is looked at. */
  picked: Ref<string | null>
  step: ComputedRef<OrderedStep | null>
  plan: ComputedRef<WorkPlan>
  change: (change: Partial<WorkPlan>) => void
}

/** The work on the build in hand in its order: a good one at once, then the best that is found. */
export function useOrder(): UseOrderReturn {
  const job = useJob()
  const picked = ref<string | null>(null)
  const quick = useComputed<OrderResult>(
    '/api/compute/work-order',
    () => job.content && { job: job.content, build: job.selected, quick: true },
  )
  const asked = shallowRef<object | null>(null)
  const thorough = useComputed<OrderResult>('/api/compute/work-order', () => asked.value)
  const refined: ShallowRef<OrderResult | null> = shallowRef(null)
  watch(quick.result, (r) => {
    refined.value = null
    asked.value = r && !r.best && !r.clashes.length ? { job: job.content, build: job.selected, quick: false } : null
  })
  watch(thorough.result, (r) => (refined.value = r))
  const order = computed(() => {
    const soon = quick.result.value
    const best = refined.value
    return best && soon && !quick.older.value && best.length && best.length <= soon.length ? best : soon
  })
  const plan = computed(() => job.build.work)
  return {
    order,
    looking: computed(() => !quick.older.value && asked.value !== null && refined.value === null),
    older: quick.older,
    problem: quick.problem,
    refused: computed(() =>
      Object.fromEntries(Object.entries(quick.refused.value).map(([path, why]) => [path.replace(/^job\./, ''), why])),
    ),
    picked,
    step: computed(() => order.value?.steps.find((s) => s.id === picked.value) ?? null),
    plan,
    change: (change) => job.edit(`builds.${job.selected}.work`, { ...plan.value, ...change }),
  }
}
