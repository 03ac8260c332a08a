import { describe, expect, it } from 'vitest'
import { amount, dueIn, everyWords, goneWords } from './due'

describe('what is due, in words', () => {
  it.each([
    ['2026-11-28', 'today', ''],
    ['2026-11-29', '1', 'day'],
    ['2026-11-16', '12', 'days late'],
    ['2027-01-09', '6', 'weeks'],
    [null, '–', 'at this rate never'],
  ])('due on %s', (due, figure, words) => expect(dueIn(due, '2026-11-28')).toEqual({ figure, words }))

  it('says what brings it, in the reader’s units', () => {
    const every = { days: 365, distanceKm: 10_000, heatCycles: null, oilLifeH: null, hauls: null, seasonMonths: [] }
    const plain = (text: string) => text.replace(/\s/g, ' ')
    expect(plain(everyWords(every, true, 'metric'))).toBe('each 12 months or 10 000 km')
    expect(plain(everyWords(every, true, 'imperial'))).toBe('each 12 months or 6214 mi')
    expect(everyWords({ ...every, days: null, distanceKm: null, seasonMonths: [4, 10] }, true, 'metric')).toBe(
      'at the beginning of April and October',
    )
    expect(plain(amount('OIL_LIFE', 2500, 'imperial'))).toBe('2500 h at 176 °F')
    expect(plain(goneWords('DISTANCE', 5849, 40_000, 'metric'))).toBe('5849 of 40 000 km')
  })
})
