import { describe, expect, it } from 'vitest'
import type { DriverOption, Journey, RoadPoint } from '@/shared/api/types'
import { changeAt, oneMoreLap, outAndBack, pointAfter, taken, withGrade, withinGrades } from './roadEdits'

const point = (id: string, distanceKm: number, elevationM: number, speedKmh: number): RoadPoint => ({
  id,
  distanceKm,
  elevationM,
  speedKmh,
  surface: 'ASPHALT',
  headwindKmh: 10,
  ambientC: null,
  place: id,
  stop: null,
})
const road = [point('a', 0, 600, 50), point('b', 4, 800, 40), point('c', 6, 820, 60)]
const says = (points: RoadPoint[]) => points.map((p) => [p.distanceKm, p.elevationM, p.speedKmh, p.headwindKmh])

describe('edits of a road', () => {
  it('puts a point on the line between two, or behind the end', () => {
    expect(says(pointAfter(road, 0))[1]).toEqual([2, 700, 50, 10])
    expect(says(pointAfter(road, 2)).at(-1)).toEqual([7, 820, 60, 10])
    expect(new Set(pointAfter(road, 0).map((p) => p.id)).size).toBe(4)
  })

  it('lifts all that lies behind a typed grade', () => {
    expect(withGrade(road, 0, 6).map((p) => p.elevationM)).toEqual([600, 840, 860])
    expect(withGrade(road, 1, -2).map((p) => p.elevationM)).toEqual([600, 800, 760])
  })

  it('drags no point where a way to it would be too steep for any road', () => {
    expect(withinGrades(road, 1, 4, 700)).toBe(700)
    expect(withinGrades(road, 1, 4, 9000)).toBe(820 + 290 * 2)
    expect(withinGrades(road, 1, 4, -9000)).toBe(820 - 340 * 2)
    expect(withinGrades(road, 0, 0, 9000)).toBe(800 + 290 * 4)
  })

  it('drives back over the same stretches with the wind turned round', () => {
    expect(says(outAndBack(road))).toEqual([
      [0, 600, 50, 10],
      [4, 800, 40, 10],
      [6, 820, 40, -10],
      [8, 800, 50, -10],
      [12, 600, 50, -10],
    ])
  })

  it('starts another lap at the height it has come to', () => {
    expect(says(oneMoreLap(road))).toEqual([
      [0, 600, 50, 10],
      [4, 800, 40, 10],
      [6, 820, 50, 10],
      [10, 1020, 40, 10],
      [12, 1040, 60, 10],
    ])
    expect(new Set(oneMoreLap(road).map((p) => p.id)).size).toBe(5)
  })

  it('starts what the driver changes from what was done there', () => {
    const journey = { changes: [] } as unknown as Journey
    const first = changeAt(journey, true, 8)
    expect(first[0]).toMatchObject({ fromKm: 8, airConditioning: true, fanFull: false })
    const held = { ...journey, changes: [{ ...first[0]!, holdGear: 3 }] }
    expect(changeAt(held, true, 12)[1]).toMatchObject({ fromKm: 12, holdGear: 3 })
    expect(changeAt(held, true, 2).map((c) => c.fromKm)).toEqual([2, 8])
  })

  it('does what was proposed, and as before behind the top', () => {
    const journey = { points: road, changes: [], departureHour: 15 } as unknown as Journey
    const slower = { kind: 'SLOWER', fromKm: 2, untilKm: 4, noFasterKmh: 30 } as DriverOption
    expect(taken(journey, true, slower).changes).toMatchObject([
      { fromKm: 2, noFasterKmh: 30, airConditioning: true },
      { fromKm: 4, noFasterKmh: null, airConditioning: true },
    ])
    const rest = { kind: 'REST', fromKm: 4, untilKm: 6, restMinutes: 10 } as DriverOption
    expect(taken(journey, true, rest).points[1]!.stop).toEqual({ minutes: 10, engine: 'FAST_IDLE', fansDead: false })
    const night = { kind: 'AT_NIGHT', fromKm: 0, untilKm: 6, departureHour: 3 } as DriverOption
    expect(taken(journey, true, night).departureHour).toBe(3)
  })
})
