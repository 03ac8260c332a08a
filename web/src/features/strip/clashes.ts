import { type SectionName } from '@/job/sections'
import type { JobContent } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { formatNumber } from '@/shared/units/units'
import { format, type QuantityName, type UnitWorld } from '@/shared/units/units'

/** Fields end in the unit that they are in. */
const units: [RegExp, QuantityName][] = [
  [/Mm$/, 'size'],
  [/C$/, 'temperature'],
  [/K$/, 'difference'],
  [/Kg$/, 'mass'],
  [/Kmh$/, 'speed'],
  [/Percent$/, 'percent'],
  [/Kw$/, 'power'],
  [/M3s$/, 'airflow'],
  [/Lpm$/, 'flow'],
  [/Kpa$/, 'pressure'],
  [/Nm$/, 'torque'],
  [/M2$/, 'area'],
  [/^altitudeM$/, 'altitude'],
  [/M$/, 'length'],
  [/Rpm$/, 'rpm'],
]

const last = (path: string) => path.split('.').at(-1) ?? ''

type Row = { id: string; name?: string; part?: { name?: string } }
const rowName = (row: Row | undefined) => row?.name ?? row?.part?.name

/** What stands at a place, in words: “Plan A, Electric 400, Fan speed”. */
export function placeName(section: SectionName, path: string, content: JobContent | null): string {
  const build = content?.builds.find((b) => section === `builds/${b.id}`)
  const steps = path.split('.').filter(Boolean)
  let at: unknown = build ?? content?.[section as 'about' | 'rig' | 'haul']
  const names = steps.map((step) => {
    const holder = at
    if (Array.isArray(holder)) {
      at = holder.find((row: Row) => row.id === step)
      // Whatever was removed here has no name left but its noun.
      return rowName(at as Row | undefined) ?? step.replace(/-[^-]*$/, '')
    }
    at = (holder as Record<string, unknown> | null | undefined)?.[step]
    return word(`field.${step}`)
  })
  const where = build ? [build.name] : []
  return [...where, ...(names.length ? names.slice(-2) : ['the whole build'])].join(', ')
}

export function valueText(path: string, value: unknown, world: UnitWorld): string {
  if (value === undefined || (value === null && !path)) return 'removed'
  if (value === null) return 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') {
    const quantity = units.find(([ending]) => ending.test(last(path)))?.[1]
    return quantity ? format(value, quantity, world) : formatNumber(value, 3, false)
  }
  if (typeof value === 'string') return value || 'empty'
  return rowName(value as Row) ?? 'as changed'
}
