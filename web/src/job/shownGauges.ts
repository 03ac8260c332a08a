import { computed, type ComputedRef } from 'vue'
import { FLUIDS, gauges } from '@/shared/api/gauges'
import type { Fluid, Standing } from '@/shared/api/types'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { useDriving } from './driving'
import { useJob } from './useJob'

export interface ShownGauge {
  key: Fluid
  label: string
  gauge: {
    peakC: number
    limitC: number
    headroomK: number
    bandK: number | null
    standing: Standing | null
  }
  /** The place of the worst moment on the road; null where it is held until it settles. */
  at: string | null
  /** The band is that of the build before its last edit. */
  older: boolean
}

/** The three of the build in hand, at their worst on the road or held; none where it cannot drive there. */
export function useShownGauges(onRoad: () => boolean): ComputedRef<ShownGauge[]> {
  const job = useJob()
  const driving = useDriving()
  return computed(() => {
    if (!onRoad()) return gauges(job.verdict).map((g) => ({ ...g, at: null, older: false }))
    return FLUIDS.flatMap(([key, label]) => {
      const gauge = driving.gaugeOf(job.selected, key)
      if (!gauge) return []
      return [{ key, label, gauge, at: format(gauge.atKm, 'distance', unitWorld.value, 1), older: gauge.older }]
    })
  })
}
