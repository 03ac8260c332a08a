import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue'
import { useComputed, type UseComputedReturn } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import { foundKey } from './wiring'
import type { WiringFound, WiringPlan, WiringResult, WiringSituation } from '@/shared/api/types'

export interface UseWiringReturn extends UseComputedReturn<WiringResult> {
  /** What the circuit is asked in. */
  situation: Ref<WiringSituation>
  /** The finding that is shown on the drawing. */
  shown: Ref<WiringFound | null>
  /** Id of the wire or part that is looked at. */
  picked: Ref<string | null>
  plan: ComputedRef<WiringPlan>
  change: (plan: WiringPlan) => void
  /** Shows a finding on the drawing, in the situation in which it shows. */
  show: (found: WiringFound) => void
}

/** The circuit of the build in hand, asked in one situation. */
export function useWiring(): UseWiringReturn {
  const job = useJob()
  const situation = ref<WiringSituation>({
    key: 'RUNNING',
    coolantC: 120,
    oilC: 20,
    airConditioning: false,
    driver: false,
  })
  const shown = shallowRef<WiringFound | null>(null)
  const picked = ref<string | null>(null)
  const asked = useComputed<WiringResult>(
    '/api/compute/wiring',
    () => job.content && { job: job.content, build: job.selected, situation: situation.value, defect: null },
  )
  /** By their path in the job, as its fields are. */
  const refused = computed(() =>
    Object.fromEntries(Object.entries(asked.refused.value).map(([path, why]) => [path.replace(/^job\./, ''), why])),
  )
  const plan = computed(() => job.build.wiring)
  const change = (next: WiringPlan) => job.edit(`builds.${job.selected}.wiring`, next)
  function show(found: WiringFound) {
    shown.value = shown.value && foundKey(shown.value) === foundKey(found) ? null : found
    picked.value = null
    if (shown.value && found.in) situation.value = { ...found.in }
  }
  return { ...asked, refused, situation, shown, picked, plan, change, show }
}
