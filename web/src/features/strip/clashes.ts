import { type SectionName } from '@/job/sections'
import kinds from '@/shared/api/kinds.json'
import type { JobContent } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { format, formatNumber, type QuantityName, type UnitWorld } from '@/shared/units/units'

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
    const kind = (kinds as Record<string, string>)[last(path)]
    return kind ? format(value, kind as QuantityName, world) : formatNumber(value, 3, false)
  }
  if (typeof value === 'string') return value || 'empty'
  return rowName(value as Row) ?? 'as changed'
}
