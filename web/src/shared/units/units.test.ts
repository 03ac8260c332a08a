import { describe, expect, it } from 'vitest'
import {
  editText,
  format,
  formatSi,
  listText,
  parse,
  parseList,
  roundValues,
  type QuantityName,
  type UnitWorld,
} from './units'

const value = (text: string, quantity: QuantityName, world: UnitWorld = 'metric') => {
  const parsed = parse(text, quantity, world)
  return parsed.ok ? parsed.value : parsed.why
}

describe('reading what people type', () => {
  it.each([
    ['3400 kg', 'mass', 3400],
    ['7500 lb', 'mass', 3401.942775],
    ['7,500 lb', 'mass', 3401.942775],
    ['3.4 t', 'mass', 3400],
    ['100 F', 'temperature', 37.7777777778],
    ['38C', 'temperature', 38],
    ['-12 °C', 'temperature', -12],
    ['6%', 'percent', 6],
    ['6,5', 'percent', 6.5],
    ['3/8 in', 'size', 9.525],
    ['1 1/2 in', 'size', 38.1],
    ['9.5mm', 'size', 9.5],
    ['47 mph', 'speed', 75.639168],
    ['14.5 psi', 'pressure', 99.9739807485],
  ] as const)('%s is %s %d', (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 6)
  })

  it('takes a bare number in the unit shown', () => {
    expect(value('100', 'temperature', 'imperial')).toBeCloseTo(37.7778, 3)
    expect(value('100', 'temperature', 'metric')).toBe(100)
  })

  it('says what it cannot read', () => {
    expect(value('', 'mass')).toBe('Enter a number.')
    expect(value('heavy', 'mass')).toContain('is not a number')
    expect(value('5 furlongs', 'size')).toContain('is not a unit here')
    expect(value('3/0 in', 'size')).toContain('cannot have 0 below')
    expect(value('3 4 kg', 'mass')).toContain('two numbers')
  })

  it('converts differences without the offset', () => {
    expect(format(10, 'difference', 'imperial')).toBe('18.0\u00a0°F')
    expect(format(-0.04, 'difference', 'metric')).toBe('0.0\u00a0°C')
    expect(format(-2.5, 'difference', 'metric')).toBe('−2.5\u00a0°C')
    expect(formatSi(-2.5, 'difference', 'metric', 1, true)).toBe('−2.5\u00a0K')
    expect(formatSi(30, 'temperature', 'metric', 0, true)).toBe('30\u00a0°C')
  })

  it('shows in a field the digits that matter and keeps the number beneath', () => {
    const plain = (text: string) => text.replace(/\u00a0/g, ' ')
    const typed = parse('7500 lb', 'mass', 'metric')
    const mass = typed.ok ? typed.value : 0
    expect(mass).toBeCloseTo(3401.9428, 3)
    expect(plain(editText(mass, 'mass', 'metric'))).toBe('3402 kg')
    expect(plain(editText(mass, 'mass', 'imperial'))).toBe('7500 lb')
    expect(plain(editText(600, 'altitude', 'imperial'))).toBe('1969 ft')
    expect(plain(editText(100 / 1.8 - 32 / 1.8, 'temperature', 'metric'))).toBe('37.8 °C')
    expect(plain(editText(14, 'size', 'imperial'))).toBe('0.551 in')
    expect(plain(editText(0.39, 'radius', 'imperial'))).toBe('15.4 in')
    expect(plain(format(28.84, 'power', 'imperial'))).toBe('98\u202f400 BTU/h')
    expect(plain(editText(3.6, 'massFlow', 'imperial'))).toBe('55.4 gal/min')
  })

  it('reads inches and feet as they are said', () => {
    const mm = (text: string) => {
      const read = parse(text, 'size', 'imperial')
      return read.ok ? Number(read.value.toFixed(3)) : read.why
    }
    expect(mm('24-1/2')).toBe(622.3)
    expect(mm('24 1/2"')).toBe(622.3)
    expect(mm("2'")).toBe(609.6)
    expect(mm('1 1/2 in')).toBe(38.1)
    expect(mm('-3/8')).toBe(-9.525)
  })

  it('groups long numbers and leaves short ones', () => {
    expect(format(84.8, 'power', 'imperial')).toBe('289\u202f300\u00a0BTU/h')
    expect(format(2854, 'mass', 'metric')).toBe('2854\u00a0kg')
    expect(format(12854.25, 'mass', 'metric', 2)).toBe('12\u202f854.25\u00a0kg')
  })

  it('shows SI values, as findings carry them, in either world', () => {
    expect(formatSi(20, 'speed', 'metric')).toBe('72\u00a0km/h')
    expect(formatSi(20, 'speed', 'imperial')).toBe('45\u00a0mph')
    expect(formatSi(0.06, 'percent', 'metric')).toBe('6.0\u202f%')
    expect(formatSi(-15, 'temperature', 'imperial')).toBe('5\u00a0°F')
    expect(formatSi(1e-3, 'volume', 'metric')).toBe('1.00\u00a0L')
  })

  it('shows in a field all that was typed, and few digits of what comes from another unit', () => {
    for (const typed of ['6834.5 lb', '0.125 lb', '7512 lb'])
      expect(editText(Number(value(typed, 'mass', 'imperial')), 'mass', 'imperial')).toBe(typed)
    expect(editText(3100, 'mass', 'metric')).toBe('3100 kg')
    expect(editText(3100, 'mass', 'imperial')).toBe('6834 lb')
    expect(editText(75, 'speed', 'imperial')).toBe('46.6 mph')
    expect(editText(-17.5, 'temperature', 'imperial')).toBe('0.5 °F')
    expect(editText(0, 'difference', 'imperial')).toBe('0 °F')
  })

  it('never shows what is not a number', () => {
    expect(format(Number.NaN, 'mass', 'metric')).toBe('–')
    expect(format(null, 'mass', 'metric')).toBe('–')
  })
})

describe('several numbers in one field', () => {
  it('share the unit after the last', () => {
    expect(parseList('390 490  530', 'torque', 'metric')).toEqual({ ok: true, values: [390, 490, 530] })
    const feet = parseList('100 200 lb·ft', 'torque', 'metric')
    expect(feet.ok && feet.values.map((v) => Math.round(v))).toEqual([136, 271])
    expect(parseList('0 0.5; 1 inwc', 'fanPressure', 'metric')).toEqual({
      ok: true,
      values: [0, 124.544455, 249.08891],
    })
    expect(parseList('1,5 2', 'ratio', 'metric')).toEqual({ ok: true, values: [1.5, 2] })
    expect(parseList('390; 490Nm', 'torque', 'imperial')).toEqual({ ok: true, values: [390, 490] })
  })

  it('are refused by the one that is none', () => {
    expect(parseList('390 big 530', 'torque', 'metric')).toEqual({ ok: false, why: '“big” is not a number.' })
    expect(parseList('390 4OO', 'torque', 'metric')).toMatchObject({
      ok: false,
      why: expect.stringContaining('“OO” is not a unit here'),
    })
    expect(parseList('390 490 furlongs', 'torque', 'metric')).toMatchObject({
      ok: false,
      why: expect.stringContaining('is not a unit here'),
    })
    expect(parseList('  ', 'torque', 'metric')).toEqual({ ok: false, why: 'Enter at least one number.' })
  })

  it('come back as they were shown', () => {
    const values = [390, 490.5, 530]
    for (const world of ['metric', 'imperial'] as const) {
      const text = listText(values, 'torque', world)
      expect(parseList(text, 'torque', world, values)).toEqual({ ok: true, values })
    }
    // What is written shortly in other units does not creep where its neighbour is changed.
    const shown = listText([2.9, 3.2], 'velocity', 'imperial')
    expect(shown).toBe('571  630')
    const changed = parseList(shown.replace('630', '640'), 'velocity', 'imperial', [2.9, 3.2])
    expect(changed.ok && changed.values[0]).toBe(2.9)
    expect(changed.ok && changed.values[1]).toBeCloseTo(3.2512, 4)
  })
})

describe('marks of an axis', () => {
  it('are round in the unit shown and lie between the ends', () => {
    expect(roundValues(10, 50, 'temperature', 'metric', 6)).toEqual([10, 15, 20, 25, 30, 35, 40, 45, 50])
    const fahrenheit = roundValues(10, 50, 'temperature', 'imperial', 6)
    expect(fahrenheit.map((v) => format(v, 'temperature', 'imperial', 0).replace(/\u00a0/g, ' '))).toEqual([
      '50 °F',
      '60 °F',
      '70 °F',
      '80 °F',
      '90 °F',
      '100 °F',
      '110 °F',
      '120 °F',
    ])
    for (const v of fahrenheit) expect(v).toBeGreaterThanOrEqual(10)
    expect(roundValues(0, 20000, 'mass', 'metric', 6)).toEqual([0, 5000, 10000, 15000, 20000])
  })
})
