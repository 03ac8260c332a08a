import type { Build, Hose, HoseEnd, HoseRoute, JobContent, RouteResult } from '@/shared/api/types'
import { newId, withValue } from '@/job/paths'
import { carried, type NearMark, pointOf, type Thing, tubeBounds } from '@/features/mounting/space/things'
import type { Point } from '@/features/mounting/space/views'

/** The cooler away from the pack that a hose goes to or comes from: no view shows that. */
export const awayAt = (hose: Hose, build: Build) =>
  build.coolers.find(
    (c) =>
      c.place === 'ELSEWHERE' &&
      [hose.from, hose.to].some((end) => end !== null && end.side !== null && end.at === c.id),
  )

/** The measured place that such a hose goes to, whose way is its length. */
export function remoteOf(hose: Hose, content: JobContent, build: Build) {
  const place = awayAt(hose, build)?.remotePlace
  return place ? content.nose.remotePlaces.find((p) => p.id === place) : undefined
}

/** Hoses of a build as the views draw them; a hand takes them by their corners. */
export function hoseThings(build: Build, result: RouteResult | null): Thing[] {
  return (result?.hoses ?? []).flatMap((route): Thing[] => {
    const hose = build.lines.hoses.find((h) => h.id === route.hose)
    if (!hose) return []
    const line = route.line.map(pointOf)
    const radius = route.outsideMm / 2
    return [
      {
        key: `hose/${hose.id}`,
        kind: 'hose',
        id: hose.id,
        name: hose.name,
        bounds: tubeBounds(line, radius),
        round: null,
        tube: { radius, points: hose.bends.map(pointOf), line },
        look: hose.to?.side === 'IN' || hose.from?.side === null ? 'HOT_OIL' : 'COOLED_OIL',
        free: [0, 1, 2],
        gone: false,
      },
    ]
  })
}

/** The shortest ways from the hoses to what stands there. */
export const routeMarks = (result: RouteResult | null, keyOf: (id: string) => string): NearMark[] =>
  (result?.hoses ?? []).flatMap((h) =>
    h.near.map((n) => ({
      key: `${h.hose}-${n.thing}`,
      of: [`hose/${h.hose}`, keyOf(n.thing)],
      from: pointOf(n.from),
      to: pointOf(n.to),
      gapMm: n.gapMm,
      state: n.state,
    })),
  )

export const withHose = (content: JobContent, build: Build, id: string, change: (h: Hose) => Hose): JobContent =>
  withValue(
    content,
    `builds.${build.id}.lines.hoses`,
    content.builds.find((b) => b.id === build.id)!.lines.hoses.map((h) => (h.id === id ? change(h) : h)),
  )

/** One corner of a hose stepped, or all of them. */
export const steppedHose = (content: JobContent, build: Build, id: string, by: Point, corner: number | null) =>
  withHose(content, build, id, (h) => ({
    ...h,
    bends: h.bends.map((b, n) => (corner === null || corner === n ? carried(b, by) : b)),
  }))

/** One more corner of a hose after so many, in the middle of that straight piece. */
export function grownHose(content: JobContent, build: Build, route: HoseRoute, after: number): JobContent {
  return withHose(content, build, route.hose, (h) => {
    const stops = [route.line[0]!, ...h.bends, route.line.at(-1)!]
    const [a, b] = [stops[after]!, stops[after + 1]!]
    const mid = (k: 'acrossMm' | 'upMm' | 'backMm') => Math.round((a[k] + b[k]) / 2)
    const made = {
      id: newId(h.bends, 'bend'),
      acrossMm: mid('acrossMm'),
      upMm: mid('upMm'),
      backMm: mid('backMm'),
      radiusMm: route.leastRadiusMm,
    }
    return { ...h, bends: [...h.bends.slice(0, after), made, ...h.bends.slice(after)] }
  })
}

/** A port as one word, for lists to pick from. */
export const endKey = (end: HoseEnd | null | undefined) => (end ? `${end.at}/${end.side ?? ''}` : '')
