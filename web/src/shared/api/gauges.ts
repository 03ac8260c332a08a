import type { Gauge, Fluid } from './types'

export const FLUIDS: [Fluid, string][] = [
  ['coolant', 'Coolant'],
  ['feed', 'Oil feed'],
  ['pan', 'Oil pan'],
]

/** The three gauges of a build, none where it has no steady state. */
export function gauges(
  state: Record<Fluid, Gauge | null> | null | undefined,
): { key: Fluid; label: string; gauge: Gauge }[] {
  return FLUIDS.flatMap(([key, label]) => {
    const gauge = state?.[key]
    return gauge ? [{ key, label, gauge }] : []
  })
}
