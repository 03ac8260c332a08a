import { describe, expect, it } from 'vitest'
import { along, area, fieldOf, line, span } from './contour'

const STEPS = 11
const scale = { x: (i: number) => 100 * i, y: (j: number) => 1000 - 100 * j }
/** Columns of a plane that falls by ten a step across and by five a step upwards. */
const plane = Array.from({ length: STEPS }, (_, i) => Array.from({ length: STEPS }, (_, j) => 60 - 10 * i - 5 * j))
const points = (d: string) =>
  d
    .split(/[MLZ]/)
    .filter(Boolean)
    .map((p) => p.split(' ').map(Number))

describe('limit lines', () => {
  it('lie where the field meets the threshold', () => {
    const d = line(fieldOf(plane, -80), scale, 0)
    expect(points(d).length).toBeGreaterThan(5)
    for (const [x, y] of points(d)) {
      const i = x / 100
      const j = (1000 - y) / 100
      expect(60 - 10 * i - 5 * j).toBeCloseTo(0, 0)
    }
  })

  it('do not run along the frame, while areas do', () => {
    const inside = ([x, y]: number[]) => x > 0 && x < 1000 && y > 0 && y < 1000
    const edges = points(area(fieldOf(plane, -80), scale, 0)).filter((p) => !inside(p))
    expect(edges.length).toBeGreaterThan(4)
    // All of the field over the threshold: an area, but no line.
    expect(line(fieldOf(plane, -80), scale, -200)).toBe('')
    expect(area(fieldOf(plane, -80), scale, -200)).toContain('Z')
    expect(area(fieldOf(plane, -80), scale, 200)).toBe('')
  })

  it('take what has no number for what stands for it', () => {
    const holes = plane.map((column, i) => column.map((v, j) => (i > 8 && j > 8 ? null : v)))
    expect(fieldOf(holes, -999).values.filter((v) => v === -999)).toHaveLength(4)
    // Values go across first.
    expect(fieldOf(plane, 0).values.slice(0, 3)).toEqual([60, 50, 40])
  })
})

describe('axes', () => {
  it('hold the haul inside, whatever it is', () => {
    for (const ambientC of [-30, 15, 38, 48]) {
      for (const gradePercent of [0, 6, 14]) {
        for (const speedKmh of [10, 75, 120]) {
          const haul = { ambientC, gradePercent, speedKmh }
          const heat = span('AMBIENT_GRADE', haul, 3100)
          expect(heat.across[0]).toBeLessThan(ambientC)
          expect(heat.across[1]).toBeGreaterThan(ambientC)
          expect(heat.up[1]).toBeGreaterThan(gradePercent)
          const speed = span('SPEED_GRADE', haul, 3100)
          expect(speed.across[0]).toBeLessThan(speedKmh)
          expect(speed.across[1]).toBeGreaterThan(speedKmh)
        }
      }
    }
    const haul = { ambientC: 38, gradePercent: 6, speedKmh: 75 }
    expect(span('AMBIENT_MASS', haul, 3100).up).toEqual([0, 5000])
    expect(span('AMBIENT_MASS', haul, 18000).up).toEqual([0, 20000])
  })

  it('place a value between its ends', () => {
    expect(along(30, [10, 20, 30, 40, 50])).toBe(2)
    expect(along(12.5, [10, 20, 30])).toBe(0.25)
  })
})
