import { expect, it } from 'vitest'
import type { Said } from '@/shared/api/types'
import { say, sayValue, whatToDo, why, word } from './say'

const nothing = { kind: null, value: null, word: null, text: null, name: null, said: null }
const amount = (kind: string, value: number) => ({ ...nothing, kind, value })
const said = (code: string, values: Said['values'] = {}): Said => ({ code, values })
const plain = (text: string) => text.replace(/[\u00a0\u202f]/g, ' ')

it('says a finding in the reader’s world', () => {
  const slowed = said('warning.slowed', { held: amount('speed', 62 / 3.6), asked: amount('speed', 25) })
  expect(plain(say(slowed, 'metric'))).toBe('the truck holds only 62 km/h of 90 km/h here')
  expect(plain(say(slowed, 'imperial'))).toBe('the truck holds only 39 mph of 56 mph here')
})

it('names parts, words and findings inside a finding', () => {
  const second = { ...nothing, name: { id: 'c2', noun: 'nameNoun.oilCooler', number: 2, given: null } }
  expect(say(said('warning.stripsExtrapolated', { cooler: second }), 'metric')).toContain(
    'oil in the oil cooler 2 runs',
  )
  const horn = { ...nothing, name: { id: 'o1', noun: 'nameNoun.obstacle', number: 0, given: 'horn' } }
  const near = said('clearance.nearMovable', {
    obstacle: horn,
    part: second,
    gap: amount('size', 0.004),
    by: amount('size', 0.006),
  })
  expect(plain(say(near, 'metric'))).toBe('oil cooler 2 is 4 mm from the horn')
  expect(plain(whatToDo(near, 'imperial'))).toBe('move the horn, or the cooler by 0.24 in')
  const start = said('problem.noStart', { reason: { ...nothing, said: [said('problem.sharedAir')] } })
  expect(say(start, 'metric')).toBe('the truck restored gives no start: the oil coolers’ shared air does not settle')
  const field = said('refusal.outOfSpan', {
    field: { ...nothing, word: 'field.gradePercent' },
    value: amount('percent', 0.6),
    low: amount('percent', -0.15),
    high: amount('percent', 0.3),
  })
  expect(plain(say(field, 'metric'))).toBe('Grade must be from −15.0 % to 30.0 %, not 60.0 %')
})

it('signs what moves, counts in words, and keeps why and what to do apart', () => {
  expect(plain(say(said('advice.driveSlower', { coolant: amount('difference', -2.9) }), 'metric'))).toContain(
    'by −2.9 °C',
  )
  expect(say(said('result.assumedNumbers', { count: amount('count', 1) }), 'metric')).toBe(
    '1 number that is only assumed',
  )
  expect(say(said('result.assumedNumbers', { count: amount('count', 3) }), 'metric')).toBe(
    '3 numbers that are only assumed',
  )
  const hose = said('listed.hose', { bore: amount('size', 0.0095), length: amount('length', 2.4) })
  expect(plain(say(hose, 'metric'))).toBe('Oil hose, 9.5 mm bore')
  expect(plain(whatToDo(hose, 'metric'))).toBe('2.4 m')
  expect(why(hose, 'metric')).toContain('rated for hot')
  expect(word('listed.pump', 'do')).toContain('gasket')
  expect(plain(sayValue(amount('mass', 5900), 'metric'))).toBe('5900 kg')
})
