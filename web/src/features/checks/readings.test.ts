import { describe, expect, it } from 'vitest'
import demo from '../../../../server/src/main/resources/demo/hive-utility.json'
import type { CheckRow, JobContent } from '@/shared/api/types'
import { leaksOf } from './leakPlaces'
import { emptyDraft, inWorld, readingOf, taken } from './readings'

const job = demo.job as unknown as JobContent
const check: CheckRow = {
  check: 'SHROUD',
  minutes: 5,
  risk: 'NONE',
  asks: [
    { ask: 'SHROUD_STANDS', kind: null, low: null, high: null, count: 0, answers: ['WHOLE', 'GONE'] },
    { ask: 'TIP_GAP', kind: 'size', low: 0, high: 300, count: 1, answers: [] },
    { ask: 'BLOCKED', kind: 'percent', low: 0, high: 100, count: 9, answers: [] },
  ],
}
const how = { after: false, by: 'Ines', tool: '' }
const at = new Date('2026-05-12T08:00:00Z')

describe('a reading', () => {
  it('is none while nothing was read, but for a grid whose zones are all open', () => {
    const plain = { ...check, asks: check.asks.slice(0, 2) }
    expect(readingOf(plain, emptyDraft(plain), [], how, at)).toBeNull()
    expect(readingOf(check, emptyDraft(check), [], how, at)?.numbers).toEqual({ BLOCKED: [0, 0, 0, 0, 0, 0, 0, 0, 0] })
  })

  it('of where it leaks is none until a place is marked', () => {
    const asks: CheckRow['asks'] = [{ ask: 'LEAKS_AT', kind: 'percent', low: 0, high: 100, count: 10, answers: [] }]
    const pressure: CheckRow = { ...check, check: 'SYSTEM_PRESSURE', asks }
    const draft = emptyDraft(pressure)
    expect(readingOf(pressure, draft, [], how, at)).toBeNull()
    draft.numbers.LEAKS_AT = [0, 0, 0, 0, 0, 100, 0, 0, 0, 0]
    expect(leaksOf(readingOf(pressure, draft, [], how, at)!.numbers.LEAKS_AT!)).toEqual(['lower hose'])
  })

  it('holds what stands and leaves out what does not', () => {
    const draft = emptyDraft(check)
    draft.choices.SHROUD_STANDS = 'GONE'
    draft.numbers.TIP_GAP = [null]
    const read = readingOf({ ...check, asks: check.asks.slice(0, 2) }, draft, [], how, at)!
    expect(read).toMatchObject({ check: 'SHROUD', by: 'Ines', numbers: {}, choices: { SHROUD_STANDS: 'GONE' } })
    expect(read.at).toBe('2026-05-12T08:00:00.000Z')
  })

  it('changes the build as found where it says so, and nothing else', () => {
    const found = job.builds[0]!
    const sets = [
      { path: 'condition.capPercent', number: 45, word: null, flag: null },
      { path: 'condition.thermostat', number: null, word: 'STUCK_OPEN', flag: null },
      { path: `fans.${found.fans[0]!.id}.shrouded`, number: null, word: null, flag: false },
    ]
    const next = taken(job, found, sets)
    expect(next.builds[0]!.condition).toEqual({ ...found.condition, capPercent: 45, thermostat: 'STUCK_OPEN' })
    expect(next.builds[0]!.fans[0]!.shrouded).toBe(false)
    expect(next.builds.slice(1)).toEqual(job.builds.slice(1))
  })

  it('has its pass marks in the reader\u2019s units', () => {
    const marks = 'Within 4 °C, 5 mm, 10 kPa.'
    expect(inWorld(marks, 'metric')).toBe(marks)
    expect(inWorld(marks, 'imperial')).not.toMatch(/°C|mm|kPa/)
    expect(inWorld(marks, 'imperial')).toMatch(/7(\.\d)?.°F/)
  })
})
