import type { DueEvery, FollowUp } from '@/shared/api/types'
import { isoDay } from '@/shared/ui/time'
import { format, formatNumber } from '@/shared/units/units'
import type { UnitWorld } from '@/shared/units/units'

/** Days and shares of what is looked at again, in words. */
type Share = FollowUp['shares'][number]
export type Measure = Share['measure']
const DAY_MS = 86_400_000
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
].concat(['November', 'December']) as readonly string[]

export const today = (): string => isoDay(new Date())

/** From one day to another, both as 2026-11-26. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS)

const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`
/** So many days as a person says them: 9 days, 6 weeks, 14 months. */
export function spanOf(days: number): string {
  if (days < 21) return counted(days, 'day', 'days')
  if (days < 100) return counted(Math.round(days / 7), 'week', 'weeks')
  return counted(Math.round(days / 30.4), 'month', 'months')
}

/** When it is due, seen from a day: the figure and the words beside it. */
export function dueIn(due: string | null, day: string): { figure: string; words: string } {
  if (due === null) return { figure: '–', words: 'at this rate never' }
  const days = daysBetween(day, due)
  if (days === 0) return { figure: 'today', words: '' }
  const [figure = '', ...unit] = spanOf(Math.abs(days)).split(' ')
  return { figure, words: days < 0 ? `${unit.join(' ')} late` : unit.join(' ') }
}

export function amount(measure: Measure, value: number, world: UnitWorld): string {
  const n = formatNumber(value, value < 10 && measure !== 'HEAT_CYCLES' && measure !== 'HAULS' ? 1 : 0, false)
  switch (measure) {
    case 'DISTANCE':
      return format(value, 'distance', world, 0)
    case 'DAYS':
      return spanOf(Math.round(value))
    case 'HEAT_CYCLES':
      return counted(Math.round(value), 'heat cycle', 'heat cycles')
    case 'OIL_LIFE':
      return `${n} h at ${format(80, 'temperature', world, 0)}`
    case 'HAULS':
      return counted(Math.round(value), 'haul', 'hauls')
  }
}

/** How much of it has gone: 5849 of 40 000 km. */
export function goneWords(measure: Measure, used: number, every: number, world: UnitWorld): string {
  const whole = amount(measure, every, world)
  const gone = amount(measure, used, world)
  return measure === 'DAYS' ? `${gone} of ${whole}` : `${gone.slice(0, gone.search(/[^\d\s.,]/)).trim()} of ${whole}`
}

/** What makes it due, as a sentence has it. */
export function everyWords(every: DueEvery, again: boolean, world: UnitWorld): string {
  const all = [
    every.days && spanOf(every.days),
    every.distanceKm && format(every.distanceKm, 'distance', world, 0),
    every.heatCycles && counted(every.heatCycles, 'heat cycle', 'heat cycles'),
    every.oilLifeH && amount('OIL_LIFE', every.oilLifeH, world),
    every.hauls && counted(every.hauls, 'haul', 'hauls'),
  ].filter(Boolean)
  const seasons = every.seasonMonths.map((m) => MONTHS[m - 1])
  const by = all.length ? [`${again ? 'each' : 'after'} ${all.join(' or ')}`] : []
  if (seasons.length) by.push(`at the beginning of ${seasons.join(' and ')}`)
  return by.join(', ')
}
