import { describe, expect, it } from 'vitest'
import { clock, timeStep, unbroken } from './runs'

describe('a drive as it is drawn', () => {
  it('has a hole where nothing was recorded', () => {
    const t = [0, 1, 2, 3, 40, 41, 42]
    expect(unbroken(t, [1, 1, 1, 1, 1, 1, 1])).toEqual([
      [0, 3],
      [4, 6],
    ])
    expect(unbroken([0, 1, 2, 3, 4], [1, null, 1, 1, null])).toEqual([
      [0, 0],
      [2, 3],
    ])
    // One that is as short as a step is told by its mark.
    expect(unbroken([0, 20, 40, 60], [1, 1, 1, 1], [{ from: 22, to: 39 }])).toEqual([
      [0, 1],
      [2, 3],
    ])
    expect(unbroken([], [])).toEqual([])
  })

  it('has round steps', () => {
    expect(timeStep(3600, 8)).toBe(600)
    expect(clock(3723)).toBe('1:02:03')
    expect(clock(-65)).toBe('−1:05')
  })
})
