import type { RoadPoint } from '@/shared/api/types'

/** The stretch of a road that a place lies on: its grade and the speed asked there. */
export function stretchAt(points: RoadPoint[], km: number): { gradePercent: number; speedKmh: number; index: number } {
  const after = points.findIndex((p, i) => i > 0 && p.distanceKm >= km - 1e-9)
  const index = (after < 0 ? points.length - 1 : after) - 1
  const from = points[index]!
  const to = points[index + 1]!
  return {
    gradePercent: (to.elevationM - from.elevationM) / (to.distanceKm - from.distanceKm) / 10,
    speedKmh: from.speedKmh,
    index,
  }
}
