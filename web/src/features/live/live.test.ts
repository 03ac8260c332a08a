import { describe, expect, it } from 'vitest'
import { clockOf, roadAhead, standing } from './live'

describe('a live drive in a glance', () => {
  it.each([
    [14, 'spare'],
    [5.9, 'near'],
    [-0.1, 'over'],
    [null, 'unknown'],
  ])('%s K to the limit is %s', (headroomK, word) => expect(standing({ headroomK })).toBe(word))

  it('draws the road ahead with the truck on it', () => {
    const points = [
      { km: 0, elevationM: 100 },
      { km: 10, elevationM: 600 },
      { km: 20, elevationM: 600 },
    ]
    const here = roadAhead(points, 5)!
    expect(here.x).toBeCloseTo(100)
    // A third of the way up from what lies a kilometre behind to the top.
    expect(here.y).toBeCloseTo(92 - (80 * 50) / 300, 0)
    expect(roadAhead(points, 25)).not.toBeNull()
    expect(roadAhead([], 1)).toBeNull()
  })

  it('keeps a clock', () => expect([clockOf(65), clockOf(3725)]).toEqual(['01:05', '1:02:05']))
})
