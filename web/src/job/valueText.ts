import kinds from '@/shared/api/kinds.json'
import { format, formatNumber, type QuantityName, type UnitWorld } from '@/shared/units/units'

const last = (path: string) => path.split('.').at(-1) ?? ''

export type NamedRow = { id: string; name?: string; part?: { name?: string } }
export const rowName = (row: NamedRow | undefined) => row?.name ?? row?.part?.name

/** What stands at a place of the job, in words and in the reader's units. */
export function valueText(path: string, value: unknown, world: UnitWorld): string {
  if (value === undefined || (value === null && !path)) return 'removed'
  if (value === null) return 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') {
    const kind = (kinds as Record<string, string>)[last(path)]
    return kind ? format(value, kind as QuantityName, world) : formatNumber(value, 3, false)
  }
  if (typeof value === 'string') return value || 'empty'
  return rowName(value as NamedRow) ?? 'as changed'
}
