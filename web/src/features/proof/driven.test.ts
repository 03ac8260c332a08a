import { describe, expect, it } from 'vitest'
import { path, reach, stays } from './driven'

describe('a drive as it was driven', () => {
  it('has one block for what stays, and one for what nobody knows', () => {
    expect(stays([0, 1, 2, 3, 4], [3, 3, null, null, 4])).toEqual([
      { from: -0.5, to: 1.5, value: 3 },
      { from: 1.5, to: 3.5, value: null },
      { from: 3.5, to: 4.5, value: 4 },
    ])
  })
  it('has no line over what is not known', () => {
    const same = (v: number) => v
    expect(path([0, 1, 2, 3], [5, null, 6, 7], same, same)).toBe('M0.0 5.0M2.0 6.0L3.0 7.0')
  })
  it('reaches over what is known, and nowhere without it', () => {
    expect(reach([null, 3], [9, null])).toEqual([3, 9])
    expect(reach([null], [])).toBeNull()
  })
})
