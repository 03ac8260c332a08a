import { ticks } from 'd3-array'
import table from '@words/units.json'

/**
 * Quantities as people type and read them. The table is the server's, too: SI = (value + offset) · si,
 * and the unit that the API's fields of a kind are in. Here a value is in that unit unless said SI.
 */
export type UnitWorld = 'metric' | 'imperial'

interface Unit {
  /** As shown. */
  label: string
  /** As the working writes it, where people say it otherwise: kelvin for a difference. */
  exact?: string
  /** As typed, lower case. */
  names: string[]
  si: number
  offset?: number
}

interface QuantityKind {
  units: Unit[]
  /** Index of the unit of the API's fields. */
  field: number
  metric: { unit: number; digits: number }
  imperial: { unit: number; digits: number }
}

export type QuantityName = keyof typeof table

const kinds = table as unknown as Record<QuantityName, QuantityKind>
const unitAt = (kind: QuantityKind, index: number): Unit => kind.units[index]!
const shownIn = (quantity: QuantityName, world: UnitWorld): Unit => unitAt(kinds[quantity], kinds[quantity][world].unit)
const fieldUnit = (quantity: QuantityName): Unit => unitAt(kinds[quantity], kinds[quantity].field)
const toSi = (value: number, unit: Unit) => (value + (unit.offset ?? 0)) * unit.si
const fromSi = (si: number, unit: Unit) => si / unit.si - (unit.offset ?? 0)
/** Through SI, but exactly where both are one unit. */
const convert = (value: number, from: Unit, to: Unit) => (from === to ? value : fromSi(toSi(value, from), to))

export function unitLabel(quantity: QuantityName, world: UnitWorld): string {
  return shownIn(quantity, world).label
}

/** A field's value in SI, °C where it is a temperature, as findings and readings carry it. */
export const siOf = (value: number, quantity: QuantityName): number => toSi(value, fieldUnit(quantity))

/** An SI value as a field has it. */
export const ofSi = (si: number, quantity: QuantityName): number => fromSi(si, fieldUnit(quantity))

/** A field's value to a number in the world's unit. */
export function toShown(value: number, quantity: QuantityName, world: UnitWorld): number {
  return convert(value, fieldUnit(quantity), shownIn(quantity, world))
}

/** A number in the world's unit to a field's value. */
function fromShown(shown: number, quantity: QuantityName, world: UnitWorld): number {
  return convert(shown, shownIn(quantity, world), fieldUnit(quantity))
}

/** About as many values between two as wanted, round in the world's unit. */
export function roundValues(
  from: number,
  to: number,
  quantity: QuantityName,
  world: UnitWorld,
  about: number,
): number[] {
  return ticks(toShown(from, quantity, world), toShown(to, quantity, world), about).map((v) =>
    fromShown(v, quantity, world),
  )
}

/** A number without its unit; a true minus sign, no trailing zeros unless fixed. Digits below 0 round to tens, hundreds. */
export function formatNumber(value: number, digits: number, fixed = true): string {
  const coarse = 10 ** Math.max(0, -digits)
  const rounded = Math.round(value / coarse) * coarse
  const near = digits < 0 ? rounded : value
  const places = Math.max(0, digits)
  const text = fixed ? near.toFixed(places) : String(Number(near.toFixed(places)))
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−')
}

/** Five and more digits before the point in threes. */
function grouped(number: string): string {
  const [whole = '', fraction] = number.split('.')
  if (whole.replace('−', '').length < 5) return number
  return whole.replace(/\B(?=(\d{3})+$)/g, '\u202f') + (fraction ? '.' + fraction : '')
}

export function format(
  value: number | null | undefined,
  quantity: QuantityName,
  world: UnitWorld,
  digits?: number,
): string {
  if (value == null || !Number.isFinite(value)) return '–'
  return withUnit(toShown(value, quantity, world), quantity, world, digits)
}

/** An SI value, as findings carry them. */
export function formatSi(si: number, quantity: QuantityName, world: UnitWorld, digits?: number, exact = false): string {
  return withUnit(fromSi(si, shownIn(quantity, world)), quantity, world, digits, exact)
}

function withUnit(shown: number, quantity: QuantityName, world: UnitWorld, digits?: number, exact = false): string {
  const unit = shownIn(quantity, world)
  const label = (exact && unit.exact) || unit.label
  const space = label === '%' || label === '°' ? '\u202f' : '\u00a0'
  return grouped(formatNumber(shown, digits ?? kinds[quantity][world].digits)) + (label ? space + label : '')
}

const MOST_DIGITS = 4
const SIGNIFICANT = 3

/**
 * What stands in a field of a number: all that was typed, and of one that comes from another unit the digits that
 * matter: those usual for its kind, three at least. The value itself stays as it is, so that nothing creeps by being
 * looked at in another unit.
 */
function editNumber(shown: number, quantity: QuantityName, world: UnitWorld): string {
  for (let d = 0; d <= MOST_DIGITS; d++)
    if (Math.abs(Number(shown.toFixed(d)) - shown) <= 1e-9 * Math.abs(shown)) return formatNumber(shown, d, false)
  const before = Math.ceil(Math.log10(Math.abs(shown)))
  const digits = Math.max(kinds[quantity][world].digits, Math.min(MOST_DIGITS, SIGNIFICANT - before))
  return formatNumber(shown, Math.abs(shown) >= 1000 ? kinds[quantity][world].digits : digits, false)
}

/** What a field shows for editing. */
export function editText(value: number, quantity: QuantityName, world: UnitWorld): string {
  const label = unitLabel(quantity, world)
  return `${editNumber(toShown(value, quantity, world), quantity, world)}${label ? ' ' + label : ''}`
}

export type Parsed = { ok: true; value: number } | { ok: false; why: string }

const numberPattern = /^([+\-−]?)(?:(\d+)[\s-]+)?(?:(\d+)\s*\/\s*(\d+)|(\d*[.,]?\d+(?:e[+-]?\d+)?)|(\d+)[.,])\s*(.*)$/i

/** Reads "3400 kg", "7,500 lb", "38C", "3/8 in", "1 1/2 in", "24-1/2", "2'", "6%". A bare number is in the shown unit. */
export function parse(text: string, quantity: QuantityName, world: UnitWorld): Parsed {
  const kind = kinds[quantity]
  // A comma before exactly three digits groups thousands; any other comma is a decimal mark.
  const cleaned = text.trim().replace(/(\d)[,  ](?=\d{3}(?!\d))/g, '$1')
  if (!cleaned) return { ok: false, why: 'Enter a number.' }
  const m = numberPattern.exec(cleaned)
  if (!m) return { ok: false, why: `“${text.trim()}” is not a number.` }
  const [, sign, whole, top, bottom, decimal, open, rest = ''] = m
  if (bottom !== undefined && Number(bottom) === 0) return { ok: false, why: 'A fraction cannot have 0 below.' }
  let number =
    top !== undefined
      ? Number(whole ?? 0) + Number(top) / Number(bottom)
      : Number((decimal ?? open ?? '').replace(',', '.'))
  if (top === undefined && whole !== undefined) return { ok: false, why: `“${text.trim()}” holds two numbers.` }
  if (!Number.isFinite(number)) return { ok: false, why: `“${text.trim()}” is not a number.` }
  if (sign === '-' || sign === '−') number = -number
  const name = rest.trim().toLowerCase()
  const unit =
    name === ''
      ? shownIn(quantity, world)
      : kind.units.find((x) => x.label.toLowerCase() === name || x.names.includes(name))
  if (!unit) {
    const known = kind.units.map((x) => x.label).join(', ')
    return { ok: false, why: `“${rest.trim()}” is not a unit here. Use ${known || 'a plain number'}.` }
  }
  const value = convert(number, unit, fieldUnit(quantity))
  return { ok: true, value: Number(value.toPrecision(12)) }
}

/**
 * Numbers with blanks or semicolons between; a unit after the last one is that of them all.
 *
 * @param was values that were shown for editing: a number left as it stood is still that value
 */
export function parseList(
  text: string,
  quantity: QuantityName,
  world: UnitWorld,
  was: number[] = [],
): { ok: true; values: number[] } | { ok: false; why: string } {
  const parts = text.split(/[\s;]+/).filter(Boolean)
  const last = parts.pop() ?? ''
  const [, number, unit] = /^([\d.,+−-]*)(.*)$/.exec(last)!
  if (number) parts.push(number)
  if (!parts.length) return { ok: false, why: 'Enter at least one number.' }
  const stood = new Map(was.map((v) => [editNumber(toShown(v, quantity, world), quantity, world), v]))
  const values: number[] = []
  for (const part of parts) {
    const left = unit ? undefined : stood.get(part)
    if (left !== undefined) {
      values.push(left)
      continue
    }
    const bare = parse(part, quantity, world)
    const parsed = bare.ok ? parse(`${part} ${unit}`, quantity, world) : bare
    if (!parsed.ok) return parsed
    values.push(parsed.value)
  }
  return { ok: true, values }
}

/** What a field of several numbers shows for editing. */
export function listText(values: number[], quantity: QuantityName, world: UnitWorld): string {
  return values.map((v) => editNumber(toShown(v, quantity, world), quantity, world)).join('  ')
}
