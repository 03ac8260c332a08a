import type { LiveNow } from '@/shared/api/types'

/** What a live drive comes to in a glance. */
export type Standing = 'spare' | 'near' | 'over' | 'unknown'

/** Nearer to a limit than this a driver had better know it, K; own. */
const NEAR_K = 6

export function standing(now: Pick<LiveNow, 'headroomK'> | null): Standing {
  if (now?.headroomK == null) return 'unknown'
  return now.headroomK < 0 ? 'over' : now.headroomK < NEAR_K ? 'near' : 'spare'
}

export interface Ahead {
  /** Of the line along the road, in a box of 1000 by 100. */
  path: string
  /** Where the truck is in it. */
  x: number
  y: number
}

/** The road from a little behind the truck to some way ahead. */
export function roadAhead(points: { km: number; elevationM: number }[], at: number): Ahead | null {
  if (points.length < 2) return null
  const from = at - 1
  const to = at + 9
  const height = (km: number) => {
    const i = Math.max(
      1,
      points.findIndex((p) => p.km >= km) === -1 ? points.length - 1 : points.findIndex((p) => p.km >= km),
    )
    const a = points[i - 1]!
    const b = points[i]!
    const share = Math.max(0, Math.min(1, (km - a.km) / (b.km - a.km || 1)))
    return a.elevationM + share * (b.elevationM - a.elevationM)
  }
  const places = Array.from({ length: 81 }, (_, i) => from + ((to - from) * i) / 80)
  const heights = places.map(height)
  const low = Math.min(...heights)
  const span = Math.max(120, Math.max(...heights) - low)
  const X = (km: number) => (1000 * (km - from)) / (to - from)
  const Y = (m: number) => 92 - (80 * (m - low)) / span
  const line = places.map((km, i) => `${X(km).toFixed(0)} ${Y(heights[i]!).toFixed(1)}`).join('L')
  return { path: `M${line}`, x: X(at), y: Y(height(at)) }
}

/** Seconds as a clock shows them: 12:05. */
export function clockOf(seconds: number): string {
  const s = Math.max(0, Math.floor(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(s / 3600)
  return `${hours ? `${hours}:` : ''}${two(Math.floor(s / 60) % 60)}:${two(s % 60)}`
}
