import type { JobContent, Mark } from '@/shared/api/types'
import { valueAt, withValue, type JobPath } from './paths'

/** Where a number of the job comes from, as every screen and the working say it. */
export type Origin = 'measured' | 'entered' | 'assumed' | 'sheet'

const words: Record<Mark, Origin> = { MEASURED: 'measured', ENTERED: 'entered', DEFAULT: 'assumed' }
const marks: Partial<Record<Origin, Mark>> = { measured: 'MEASURED', entered: 'ENTERED', assumed: 'DEFAULT' }

/** Numbers of a build that stand on the truck; the others are planned, or broken. */
const FITTED = /(^|\.)part\.|^(radiator|pump|chargeAirCooler|thermostat)\.|\.core\.|\.heatKw$/
/** Of these nobody has to enter a number: its part's sheet gives it. */
const OF_A_PART = /(^|\.)part\.|^(radiator|pump|chargeAirCooler)\./

/** The marks of a section stand in it, by the path from there. */
function marksAt(path: string): { marks: JobPath; key: string } | null {
  const [section, ...rest] = path.split('.')
  if (section === 'rig') return { marks: 'rig.marks', key: rest.join('.') }
  if (section === 'builds') return { marks: `builds.${rest[0]}.marks`, key: rest.slice(1).join('.') }
  return null
}

const marksOf = (content: JobContent, at: string) => (valueAt(content, at) ?? {}) as Record<string, Mark>

/** Null where a number needs no origin: a road, a plan, a fault, or none there. */
export function originOf(content: JobContent, path: string): Origin | null {
  const at = marksAt(path)
  if (!at || valueAt(content, path) == null) return null
  const ofBuild = path.startsWith('builds.')
  if (ofBuild && !FITTED.test(at.key)) return null
  const mark = marksOf(content, at.marks)[at.key]
  return mark ? words[mark] : ofBuild && OF_A_PART.test(at.key) ? 'sheet' : 'entered'
}

/** The job with a number and where it comes from. */
export function setOrigin(content: JobContent, path: JobPath, to: Origin, value: unknown): JobContent {
  const at = marksAt(path)!
  const next = withValue(content, path, value)
  return withValue(next, at.marks, { ...marksOf(next, at.marks), [at.key]: marks[to] ?? 'ENTERED' })
}

/** After an edit: a number typed over is entered, and what came as a whole brings no mark along. */
export function afterEdit(content: JobContent, path: string): JobContent {
  const at = marksAt(path)
  if (!at || at.key === 'marks' || !at.key) return content
  const before = marksOf(content, at.marks)
  const kept = Object.fromEntries(
    Object.entries(before).filter(([key]) => key !== at.key && !key.startsWith(`${at.key}.`)),
  )
  const typed = path.startsWith('builds.') && OF_A_PART.test(at.key) && typeof valueAt(content, path) === 'number'
  const after = typed ? { ...kept, [at.key]: 'ENTERED' } : kept
  return Object.keys(after).length === Object.keys(before).length && !typed
    ? content
    : withValue(content, at.marks, after)
}

/** The job with one place changed and its marks kept true. */
export const edited = (content: JobContent, path: JobPath, value: unknown): JobContent =>
  afterEdit(withValue(content, path, value), path)

/** Paths of all numbers of a piece of a section, rows by their ids; a list of numbers is one thing to enter. */
export function numbersOf(piece: unknown, path = ''): string[] {
  const under = (key: string) => (path ? `${path}.${key}` : key)
  if (typeof piece === 'number' || (Array.isArray(piece) && typeof piece[0] === 'number')) return [path]
  if (Array.isArray(piece)) return piece.flatMap((row: { id: string }) => numbersOf(row, under(row.id)))
  if (typeof piece !== 'object' || piece === null) return []
  return Object.entries(piece).flatMap(([key, value]) => (key === 'marks' ? [] : numbersOf(value, under(key))))
}

/** The job with every number beneath a path marked as assumed: it came with a usual value. */
export function assumed(content: JobContent, path: JobPath): JobContent {
  const at = marksAt(path)!
  const made = numbersOf(valueAt(content, path), at.key)
  return withValue(content, at.marks, {
    ...marksOf(content, at.marks),
    ...Object.fromEntries(made.map((key) => [key, 'DEFAULT'])),
  })
}
