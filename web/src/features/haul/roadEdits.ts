import { newId } from '@/job/paths'
import type { DriverChange, DriverOption, Haul, Journey, RoadPoint } from '@/shared/api/types'

/** A road has no more points. */
export const MOST_POINTS = 200
const PLACES = 1000
const round = (v: number) => Math.round(v * PLACES) / PLACES

/** After some driving without a load, as the server has it for the yard's own roads. */
export const WARM = { engineC: 88, outletTankC: 75, oilC: 75 }
const USUAL_SWING = 14

/** The day of a haul that had no road: its stretch's air in the afternoon, the truck warm. */
export const usualDay = (haul: Haul): Omit<Journey, 'name' | 'points' | 'changes'> => ({
  hottestC: haul.ambientC,
  coldestC: Math.max(-40, haul.ambientC - USUAL_SWING),
  departureHour: 15,
  start: WARM,
})

/** A point half way to the next, on the line between; after the last one a kilometre on. */
export function pointAfter(points: RoadPoint[], index: number): RoadPoint[] {
  const here = points[index]!
  const next = points[index + 1]
  const made: RoadPoint = {
    ...here,
    id: newId(points, 'point'),
    distanceKm: round(next ? (here.distanceKm + next.distanceKm) / 2 : here.distanceKm + 1),
    elevationM: round(next ? (here.elevationM + next.elevationM) / 2 : here.elevationM),
    ambientC: null,
    place: '',
    stop: null,
  }
  return [...points.slice(0, index + 1), made, ...points.slice(index + 1)]
}

/** A typed grade from a point to the next: everything behind it is lifted along. */
export function withGrade(points: RoadPoint[], index: number, gradePercent: number): RoadPoint[] {
  const from = points[index]!
  const to = points[index + 1]!
  const lift = from.elevationM + (to.distanceKm - from.distanceKm) * 10 * gradePercent - to.elevationM
  return points.map((p, i) => (i > index ? { ...p, elevationM: round(p.elevationM + lift) } : p))
}

/** The steepest that a road may rise and fall, m for each km; the server refuses more. */
const RISE = 340
const FALL = 290

/** A height of a point that is moved which no way to it or from it is too steep for. */
export function withinGrades(points: RoadPoint[], index: number, km: number, metres: number): number {
  const before = points[index - 1]
  const after = points[index + 1]
  const low: number[] = []
  const high: number[] = []
  if (before) {
    low.push(before.elevationM - FALL * (km - before.distanceKm))
    high.push(before.elevationM + RISE * (km - before.distanceKm))
  }
  if (after) {
    low.push(after.elevationM - RISE * (after.distanceKm - km))
    high.push(after.elevationM + FALL * (after.distanceKm - km))
  }
  return Math.max(...low, Math.min(...high, metres))
}

type Onward = Pick<RoadPoint, 'speedKmh' | 'surface' | 'headwindKmh'>
/** What a point says of the stretch behind it. */
const onward = (p: RoadPoint, back: boolean): Onward => ({
  speedKmh: p.speedKmh,
  surface: p.surface,
  headwindKmh: back ? 0 - p.headwindKmh : p.headwindKmh,
})

/** The road and what is driven behind its end, each with an id of its own. */
function extended(points: RoadPoint[], last: Onward, more: RoadPoint[]): RoadPoint[] {
  const road = [...points.slice(0, -1), { ...points.at(-1)!, ...last }]
  return more.reduce((made, p) => [...made, { ...p, id: newId(made, 'point') }], road)
}

/** There and back: on the way back a stretch is as it was, its wind turned round. */
export function outAndBack(points: RoadPoint[]): RoadPoint[] {
  const end = points.at(-1)!
  const way = points.slice(0, -1).reverse()
  const more = way.map((p, i) => ({
    ...p,
    ...onward(way[i + 1] ?? p, true),
    distanceKm: round(2 * end.distanceKm - p.distanceKm),
  }))
  return extended(points, onward(way[0]!, true), more)
}

/** The same once more from its start. */
export function oneMoreLap(points: RoadPoint[]): RoadPoint[] {
  const first = points[0]!
  const end = points.at(-1)!
  const more = points.slice(1).map((p) => ({
    ...p,
    distanceKm: round(end.distanceKm + p.distanceKm - first.distanceKm),
    elevationM: round(end.elevationM + p.elevationM - first.elevationM),
  }))
  return extended(points, onward(first, false), more)
}

/** What the driver does from a place on starts as what was done there. */
export function changeAt(journey: Journey, airConditioning: boolean, km: number): DriverChange[] {
  const before = journey.changes.filter((c) => c.fromKm <= km).sort((a, b) => b.fromKm - a.fromKm)[0]
  const made: DriverChange = {
    id: newId(journey.changes, 'change'),
    fromKm: round(km),
    airConditioning: before?.airConditioning ?? airConditioning,
    holdGear: before?.holdGear ?? null,
    noFasterKmh: before?.noFasterKmh ?? null,
    fanFull: before?.fanFull ?? false,
  }
  return [...journey.changes, made].sort((a, b) => a.fromKm - b.fromKm)
}

/** The road with something done that was proposed: from its place on, and as before where it may end. */
export function taken(journey: Journey, airConditioning: boolean, option: DriverOption): Journey {
  if (option.departureHour != null) return { ...journey, departureHour: option.departureHour }
  if (option.restMinutes != null) {
    const stop = { minutes: option.restMinutes, engine: 'FAST_IDLE' as const, fansDead: false }
    const near = (p: RoadPoint) => Math.abs(p.distanceKm - option.fromKm)
    const place = [...journey.points].sort((a, b) => near(a) - near(b))[0]!
    return { ...journey, points: journey.points.map((p) => (p.id === place.id ? { ...p, stop } : p)) }
  }
  const acted = changeAt(journey, airConditioning, option.fromKm).map((c) =>
    c.fromKm === option.fromKm && !journey.changes.some((old) => old.id === c.id)
      ? {
          ...c,
          airConditioning: option.kind === 'AIR_CONDITIONING_OFF' ? false : c.airConditioning,
          holdGear: option.gear ?? c.holdGear,
          noFasterKmh: option.noFasterKmh ?? c.noFasterKmh,
          fanFull: option.kind === 'FAN_FULL' || c.fanFull,
        }
      : c,
  )
  const ends = option.untilKm < journey.points.at(-1)!.distanceKm
  const acting = { ...journey, changes: acted }
  if (!ends) return acting
  // Behind the top all is as it was before.
  const before = changeAt(journey, airConditioning, option.untilKm).find(
    (c) => !journey.changes.some((old) => old.id === c.id),
  )!
  return { ...acting, changes: [...acted, before].sort((a, b) => a.fromKm - b.fromKm) }
}
