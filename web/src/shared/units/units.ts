import { ticks } from 'd3-array'

/**
 * Quantities as people type and read them. The API's unit of each quantity is the base; every other
 * unit is base = (value + offset) × factor. Differences of temperature have no offset.
 */
export type UnitWorld = 'metric' | 'imperial'

interface Unit {
  /** As shown. */
  label: string
  /** As typed, lower case. */
  names: string[]
  factor: number
  offset?: number
}

interface QuantityKind {
  units: Unit[]
  /** Index of the unit shown in each world. */
  show: Record<UnitWorld, number>
  digits: Record<UnitWorld, number>
}

const u = (label: string, names: string[], factor: number, offset = 0): Unit => ({
  label,
  names: [label.toLowerCase(), ...names],
  factor,
  offset,
})

const kinds = {
  temperature: {
    units: [u('°C', ['c', 'degc', 'celsius'], 1), u('°F', ['f', 'degf', 'fahrenheit'], 5 / 9, -32), u('K', ['kelvin'], 1, -273.15)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 1, imperial: 0 },
  },
  difference: {
    units: [u('K', ['kelvin', 'c', '°c'], 1), u('°F', ['f', 'degf'], 5 / 9)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 1, imperial: 1 },
  },
  mass: {
    units: [u('kg', ['kgs', 'kilo', 'kilos'], 1), u('lb', ['lbs', 'pound', 'pounds'], 0.45359237), u('t', ['tonne', 'tonnes'], 1000)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 0, imperial: 0 },
  },
  speed: {
    units: [u('km/h', ['kmh', 'kph'], 1), u('mph', [], 1.609344), u('m/s', ['ms'], 3.6)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 0, imperial: 0 },
  },
  size: {
    units: [u('mm', [], 1), u('in', ['"', 'inch', 'inches'], 25.4), u('cm', [], 10), u('m', [], 1000)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 0, imperial: 2 },
  },
  length: {
    units: [u('m', ['metre', 'meter'], 1), u('ft', ['feet', 'foot', "'"], 0.3048), u('mm', [], 0.001), u('cm', [], 0.01), u('in', ['"', 'inch'], 0.0254)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 2, imperial: 1 },
  },
  altitude: {
    units: [u('m', ['metre', 'meter'], 1), u('ft', ['feet', 'foot'], 0.3048)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 0, imperial: 0 },
  },
  flow: {
    units: [u('L/min', ['lpm', 'l/m'], 1), u('gal/min', ['gpm'], 3.785411784)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 2, imperial: 2 },
  },
  airflow: {
    units: [u('m³/s', ['m3/s'], 1), u('CFM', ['ft3/min'], 0.000471947443)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 2, imperial: 0 },
  },
  velocity: {
    units: [u('m/s', [], 1), u('ft/min', ['fpm'], 0.00508)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 1, imperial: 0 },
  },
  pressure: {
    units: [u('kPa', [], 1), u('psi', [], 6.894757293), u('bar', [], 100)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 1, imperial: 1 },
  },
  fanPressure: {
    units: [u('Pa', [], 1), u('inH₂O', ['inh2o', 'inwc', 'in wc'], 249.08891), u('kPa', [], 1000)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 0, imperial: 2 },
  },
  volume: {
    units: [u('L', ['litre', 'liter', 'l'], 1), u('qt', ['quart', 'quarts'], 0.946352946), u('mL', [], 0.001)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 2, imperial: 2 },
  },
  power: {
    units: [u('kW', [], 1), u('BTU/h', ['btu', 'btuh'], 0.00029307107), u('hp', [], 0.745699872)],
    show: { metric: 0, imperial: 1 },
    digits: { metric: 1, imperial: 0 },
  },
  shaftPower: { units: [u('kW', [], 1), u('hp', [], 0.745699872)], show: { metric: 0, imperial: 1 }, digits: { metric: 1, imperial: 0 } },
  percent: { units: [u('%', ['percent', 'pct'], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 1, imperial: 1 } },
  share: { units: [u('%', ['percent', 'pct'], 0.01)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
  ratio: { units: [u('', [], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 3, imperial: 3 } },
  area: { units: [u('m²', ['m2'], 1), u('ft²', ['ft2', 'sqft'], 0.09290304)], show: { metric: 0, imperial: 1 }, digits: { metric: 2, imperial: 1 } },
  torque: { units: [u('N·m', ['nm'], 1), u('lb·ft', ['lbft', 'ftlb'], 1.355817948)], show: { metric: 0, imperial: 1 }, digits: { metric: 0, imperial: 0 } },
  massFlow: { units: [u('kg/s', [], 1), u('lb/min', [], 0.45359237 / 60)], show: { metric: 0, imperial: 1 }, digits: { metric: 2, imperial: 0 } },
  displacement: { units: [u('L', ['litre', 'liter'], 1), u('in³', ['cid', 'in3'], 0.016387064), u('cc', ['cm3'], 0.001)], show: { metric: 0, imperial: 1 }, digits: { metric: 1, imperial: 0 } },
  conductance: { units: [u('W/K', [], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
  fins: { units: [u('fins/in', ['fpi', ''], 1), u('fins/dm', [], 0.254)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
  voltage: { units: [u('V', ['volt', 'volts'], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 1, imperial: 1 } },
  viscosity: { units: [u('mm²/s', ['mm2/s', 'cst'], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 1, imperial: 1 } },
  current: { units: [u('A', ['amp', 'amps'], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
  time: { units: [u('h', ['hours', 'hour'], 1), u('min', [], 1 / 60)], show: { metric: 0, imperial: 0 }, digits: { metric: 1, imperial: 1 } },
  rpm: { units: [u('rpm', [], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
  angle: { units: [u('°', ['deg', 'degrees'], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 1, imperial: 1 } },
  count: { units: [u('', [], 1)], show: { metric: 0, imperial: 0 }, digits: { metric: 0, imperial: 0 } },
} satisfies Record<string, QuantityKind>

export type QuantityName = keyof typeof kinds

const kindOf = (quantity: QuantityName): QuantityKind => kinds[quantity]

export function unitLabel(quantity: QuantityName, world: UnitWorld): string {
  const kind = kindOf(quantity)
  return kind.units[kind.show[world]].label
}

/** Base value to a number in the world's unit. */
export function toShown(value: number, quantity: QuantityName, world: UnitWorld): number {
  const kind = kindOf(quantity)
  const unit = kind.units[kind.show[world]]
  return value / unit.factor - (unit.offset ?? 0)
}

/** A number in the world's unit to the base. */
function fromShown(shown: number, quantity: QuantityName, world: UnitWorld): number {
  const kind = kindOf(quantity)
  const unit = kind.units[kind.show[world]]
  return (shown + (unit.offset ?? 0)) * unit.factor
}

/** About as many values between two as wanted, round in the world's unit. */
export function roundValues(from: number, to: number, quantity: QuantityName, world: UnitWorld, about: number): number[] {
  return ticks(toShown(from, quantity, world), toShown(to, quantity, world), about).map((v) => fromShown(v, quantity, world))
}

/** A number without its unit; a true minus sign, no trailing zeros unless fixed. */
export function formatNumber(value: number, digits: number, fixed = true): string {
  const text = fixed ? value.toFixed(digits) : String(Number(value.toFixed(digits)))
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−')
}

/** Five and more digits before the point in threes. */
function grouped(number: string): string {
  const [whole, fraction] = number.split('.')
  if (whole.replace('−', '').length < 5) return number
  return whole.replace(/\B(?=(\d{3})+$)/g, '\u202f') + (fraction ? '.' + fraction : '')
}

export function format(value: number | null | undefined, quantity: QuantityName, world: UnitWorld, digits?: number): string {
  if (value == null || !Number.isFinite(value)) return '–'
  const kind = kindOf(quantity)
  const label = unitLabel(quantity, world)
  const space = label === '%' || label === '°' ? '\u202f' : '\u00a0'
  return grouped(formatNumber(toShown(value, quantity, world), digits ?? kind.digits[world])) + (label ? space + label : '')
}

/** Units in which the server writes its sentences, and what they measure. */
const spoken: Record<string, QuantityName> = {
  K: 'difference', '°C': 'temperature', 'km/h': 'speed', kg: 'mass', kW: 'power', mm: 'size', m: 'length',
  'L/min': 'flow', L: 'volume', kPa: 'pressure', 'm³/s': 'airflow', 'm/s': 'velocity',
}
const spokenNumber = /([+−-]?\d+(?:\.\d+)?)(?:( (?:to|of) )([−-]?\d+(?:\.\d+)?))?[ \u00a0](K|°C|km\/h|kg|kW|mm|m³\/s|m\/s|m|L\/min|L|kPa)(?![\w/²³·])/g

/** A sentence of the server with its numbers in the reader's world, a true minus sign, and units kept on the line of their number. */
export function restate(text: string, world: UnitWorld): string {
  if (world === 'metric') return text.replace(/(^|[\s(])-(?=\d)/g, '$1−').replace(spokenNumber, (said) => said.replace(/ (?=[^ ]+$)/, '\u00a0'))
  return text.replace(spokenNumber, (_, first: string, joint: string | undefined, second: string | undefined, unit: string) => {
    const say = (number: string) => (number.startsWith('+') ? '+' : '') + format(Number(number.replace('−', '-')), spoken[unit], world)
    return joint ? `${say(first)}${joint}${say(second!)}` : say(first)
  })
}

/** What a field shows for editing: enough digits that nothing typed is lost. */
export function editText(value: number, quantity: QuantityName, world: UnitWorld): string {
  const label = unitLabel(quantity, world)
  return `${formatNumber(toShown(value, quantity, world), 4, false)}${label ? ' ' + label : ''}`
}

export type Parsed = { ok: true; value: number } | { ok: false; why: string }

const numberPattern = /^([+\-−]?)(?:(\d+)\s+)?(?:(\d+)\s*\/\s*(\d+)|(\d*[.,]?\d+(?:e[+-]?\d+)?)|(\d+)[.,])\s*(.*)$/i

/** Reads "3400 kg", "7,500 lb", "38C", "3/8 in", "1 1/2 in", "6%". A bare number is in the shown unit. */
export function parse(text: string, quantity: QuantityName, world: UnitWorld): Parsed {
  const kind = kindOf(quantity)
  // A comma before exactly three digits groups thousands; any other comma is a decimal mark.
  const cleaned = text.trim().replace(/(\d)[,  ](?=\d{3}(?!\d))/g, '$1')
  if (!cleaned) return { ok: false, why: 'Enter a number.' }
  const m = numberPattern.exec(cleaned)
  if (!m) return { ok: false, why: `“${text.trim()}” is not a number.` }
  const [, sign, whole, top, bottom, decimal, open, rest] = m
  if (bottom !== undefined && Number(bottom) === 0) return { ok: false, why: 'A fraction cannot have 0 below.' }
  let number = top !== undefined ? Number(whole ?? 0) + Number(top) / Number(bottom) : Number((decimal ?? open ?? '').replace(',', '.'))
  if (top === undefined && whole !== undefined) return { ok: false, why: `“${text.trim()}” holds two numbers.` }
  if (!Number.isFinite(number)) return { ok: false, why: `“${text.trim()}” is not a number.` }
  if (sign === '-' || sign === '−') number = -number
  const name = rest.trim().toLowerCase()
  const unit = name === '' ? kind.units[kind.show[world]] : kind.units.find((x) => x.names.includes(name))
  if (!unit) {
    const known = kind.units.map((x) => x.label).join(', ')
    return { ok: false, why: `“${rest.trim()}” is not a unit here. Use ${known || 'a plain number'}.` }
  }
  const value = (number + (unit.offset ?? 0)) * unit.factor
  return { ok: true, value: Number(value.toPrecision(12)) }
}

/** Numbers with blanks or semicolons between; a unit after the last one is that of them all. */
export function parseList(text: string, quantity: QuantityName, world: UnitWorld): { ok: true; values: number[] } | { ok: false; why: string } {
  const parts = text.split(/[\s;]+/).filter(Boolean)
  const last = parts.pop() ?? ''
  const [, number, unit] = /^([\d.,+−-]*)(.*)$/.exec(last)!
  if (number) parts.push(number)
  if (!parts.length) return { ok: false, why: 'Enter at least one number.' }
  const values: number[] = []
  for (const part of parts) {
    const bare = parse(part, quantity, world)
    const parsed = bare.ok ? parse(`${part} ${unit}`, quantity, world) : bare
    if (!parsed.ok) return parsed
    values.push(parsed.value)
  }
  return { ok: true, values }
}

/** What a field of several numbers shows for editing. */
export function listText(values: number[], quantity: QuantityName, world: UnitWorld): string {
  return values.map((v) => formatNumber(toShown(v, quantity, world), 4, false)).join('  ')
}
