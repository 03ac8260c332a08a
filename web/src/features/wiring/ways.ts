import type { LoomWay, WiringPlan } from '@/shared/api/types'
import { newId } from '@/job/paths'
import { carried, pointOf, type Thing, tubeBounds } from '@/features/mounting/space/things'
import type { Point } from '@/features/mounting/space/views'

/** Bundles of wires as the views draw them; a hand takes them by their corners. */
export function wayThings(ways: readonly LoomWay[], called: (way: LoomWay) => string): Thing[] {
  return ways.map((way) => {
    const line = way.line.map(pointOf)
    const radius = Math.max(4, way.diameterMm / 2)
    return {
      key: `hose/${way.id}`,
      kind: 'hose',
      id: way.id,
      name: called(way),
      bounds: tubeBounds(line, radius),
      round: null,
      tube: { radius, points: way.bends.map(pointOf), line },
      look: way.laid ? 'COOLED_OIL' : 'HOT_OIL',
      free: [0, 1, 2],
      gone: false,
    }
  })
}

type Bends = LoomWay['bends']

/** The plan with one bundle led otherwise; one that was only thought is laid by that. */
export function ledOtherwise(plan: WiringPlan, way: LoomWay, change: (bends: Bends) => Bends): WiringPlan {
  const laid = plan.ways.find((w) => w.id === way.id)
  const row = { id: way.id, bends: change(laid?.bends ?? way.bends) }
  return { ...plan, ways: [...plan.ways.filter((w) => w.id !== way.id), row] }
}

/** One corner stepped, or all of them. */
export const stepped =
  (by: Point, corner: number | null) =>
  (bends: Bends): Bends =>
    bends.map((b, n) => (corner === null || corner === n ? carried(b, by) : b))

/** One more corner after so many, in the middle of that straight piece. */
export const grown =
  (way: LoomWay, after: number) =>
  (bends: Bends): Bends => {
    const stops = [way.line[0]!, ...bends, way.line.at(-1)!]
    const [a, b] = [stops[after]!, stops[after + 1]!]
    const mid = (k: 'acrossMm' | 'upMm' | 'backMm') => Math.round((a[k] + b[k]) / 2)
    const made = { id: newId(bends, 'bend'), acrossMm: mid('acrossMm'), upMm: mid('upMm'), backMm: mid('backMm') }
    return [...bends.slice(0, after), made, ...bends.slice(after)]
  }
