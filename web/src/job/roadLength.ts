import type { JobContent } from '@/shared/api/types'

type Journey = NonNullable<JobContent['haul']['journey']>

/** From the first point of a road to its last, km. */
export const roadLength = ({ points }: Journey) => points.at(-1)!.distanceKm - points[0]!.distanceKm
