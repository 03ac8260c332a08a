import type { RoadPoint, TripTrace } from '@/shared/api/types'

/** Stops may take that share of the picture between them. */
const MOST_STOPPED = 0.3

/**
 * The way across the picture: kilometres, and at each stop a little more, as wide as the road that could have been
 * driven in that time. Every moment of every build has its place on it.
 */
export interface RoadAxis {
  from: number
  length: number
  /** Wideness of a minute of standing, km. */
  perMinute: number
  stops: { point: RoadPoint; from: number; to: number }[]
}

export function roadAxis(points: RoadPoint[]): RoadAxis {
  const from = points[0]!.distanceKm
  const km = points.at(-1)!.distanceKm - from
  const driven = points
    .slice(1)
    .reduce((h, p, i) => h + (p.distanceKm - points[i]!.distanceKm) / points[i]!.speedKmh, 0)
  const stood = points.reduce((sum, p) => sum + (p.stop?.minutes ?? 0), 0)
  const perMinute = stood ? Math.min(km / (driven * 60), (MOST_STOPPED * km) / stood) : 0
  const stops: RoadAxis['stops'] = []
  let wider = 0
  for (const point of points) {
    if (!point.stop?.minutes) continue
    const at = point.distanceKm - from + wider
    wider += point.stop.minutes * perMinute
    stops.push({ point, from: at, to: at + point.stop.minutes * perMinute })
  }
  return { from, length: km + wider, perMinute, stops }
}

/** Where a place of the road lies; at a stop its beginning. */
export function placeOf(axis: RoadAxis, km: number): number {
  return axis.stops.reduce((at, s) => at + (s.point.distanceKm < km - 1e-6 ? s.to - s.from : 0), km - axis.from)
}

/** Where each moment of a trace lies. */
export function placesOf(axis: RoadAxis, trace: TripTrace): number[] {
  let stood = 0
  return trace.timeS.map((t, i) => {
    const still = i > 0 && trace.speedKmh[i] === 0 && trace.distanceKm[i] === trace.distanceKm[i - 1]
    if (still) stood += (t - trace.timeS[i - 1]!) / 60
    return trace.distanceKm[i]! - axis.from + stood * axis.perMinute
  })
}

/** Index of the moment that lies nearest. */
export function nearest(places: number[], at: number): number {
  let low = 0
  let high = places.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (places[middle]! <= at) low = middle
    else high = middle
  }
  return at - places[low]! < places[high]! - at ? low : high
}

/** Stretches over which something stays the same, as first and last index. */
export function runs<T>(values: T[]): { value: T; from: number; to: number }[] {
  const all: { value: T; from: number; to: number }[] = []
  values.forEach((value, i) => {
    const last = all.at(-1)
    if (last && last.value === value) last.to = i
    else {
      if (last) last.to = i
      all.push({ value, from: i, to: i })
    }
  })
  return all
}
