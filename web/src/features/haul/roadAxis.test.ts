import { describe, expect, it } from 'vitest'
import type { RoadPoint, TripTrace } from '@/shared/api/types'
import { nearest, placeOf, placesOf, roadAxis, runs } from './roadAxis'

const point = (distanceKm: number, minutes?: number): RoadPoint => ({
  id: `p${distanceKm}`,
  distanceKm,
  elevationM: 600,
  speedKmh: 60,
  surface: 'ASPHALT',
  headwindKmh: 0,
  ambientC: null,
  place: '',
  stop: minutes ? { minutes, engine: 'IDLE', fansDead: false } : null,
})

describe('the way across the picture', () => {
  it('is wider where the truck stands', () => {
    const axis = roadAxis([point(0), point(10, 3), point(20)])
    expect(axis.perMinute).toBeCloseTo(1)
    expect(axis.length).toBeCloseTo(23)
    expect(placeOf(axis, 10)).toBeCloseTo(10)
    expect(placeOf(axis, 20)).toBeCloseTo(23)
  })

  it('never gives a long rest more than its share', () => {
    const axis = roadAxis([point(0), point(10, 600), point(20)])
    expect(axis.length).toBeCloseTo(20 * 1.3)
  })

  it('places every moment, those of a stop one after the other', () => {
    const axis = roadAxis([point(0), point(10, 3), point(20)])
    const trace = {
      timeS: [0, 600, 690, 780, 1380],
      distanceKm: [0, 10, 10, 10, 20],
      speedKmh: [60, 0, 0, 0, 60],
    } as TripTrace
    const places = placesOf(axis, trace)
    expect(places.map((p) => Math.round(p * 10) / 10)).toEqual([0, 10, 11.5, 13, 23])
    expect(nearest(places, 12)).toBe(2)
    expect(nearest(places, -5)).toBe(0)
    expect(nearest(places, 99)).toBe(4)
  })

  it('finds stretches that stay the same', () => {
    expect(runs([3, 3, 4, 4, 3])).toEqual([
      { value: 3, from: 0, to: 2 },
      { value: 4, from: 2, to: 4 },
      { value: 3, from: 4, to: 4 },
    ])
  })
})
