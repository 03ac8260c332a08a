import { describe, expect, it } from 'vitest'
import { between, hoursThatHold, type Heat } from './matrix'

const heat = (hottestC: number, standing: Heat['standing'], sureK: number | null): Heat => ({
  hottestC,
  standing,
  limitedBy: sureK === null ? null : 'PAN',
  sureK,
})
const heats = [heat(20, 'HOLDS', 10), heat(30, 'MARGINAL', -5), heat(40, 'OVER', -20), heat(46, null, null)]

describe('the matrix of the yard', () => {
  it('lies on the line between two days that were driven', () => {
    expect(between(heats, 20)).toEqual(heats[0])
    expect(between(heats, 24)).toMatchObject({ standing: 'HOLDS', sureK: 4 })
    expect(between(heats, 28)).toMatchObject({ standing: 'MARGINAL', sureK: -2 })
    // Where the hotter day cannot be driven it is not known that this one can.
    expect(between(heats, 43)).toMatchObject({ standing: null })
    expect(between(heats, 5)).toMatchObject({ standing: 'HOLDS', sureK: 10 })
  })

  it('says from when to when it may leave, through midnight too', () => {
    const day = (holding: number[]) =>
      Array.from({ length: 24 }, (_, hour) => ({ hour, at: heat(38, holding.includes(hour) ? 'HOLDS' : 'OVER', 0) }))
    expect(hoursThatHold(day([22, 23, 0, 1, 2, 3, 4, 5, 6])).spans).toEqual([{ from: 22, to: 6 }])
    expect(hoursThatHold(day([3, 4, 20])).spans).toEqual([
      { from: 3, to: 4 },
      { from: 20, to: 20 },
    ])
    expect(hoursThatHold(day([])).spans).toEqual([])
    // A truck that is driven at no hour holds at none.
    expect(hoursThatHold([])).toEqual({ always: false, spans: [] })
    expect(hoursThatHold(day([...Array(24).keys()])).always).toBe(true)
  })
})
