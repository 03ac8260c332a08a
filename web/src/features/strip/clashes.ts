import { type SectionName } from '@/job/sections'
import { rowName, type NamedRow } from '@/job/valueText'
import type { JobContent } from '@/shared/api/types'
import { word } from '@/shared/message/say'

/** What stands at a place, in words: “Plan A, Electric 400, Fan speed”. */
export function placeName(section: SectionName, path: string, content: JobContent | null): string {
  const build = content?.builds.find((b) => section === `builds/${b.id}`)
  const steps = path.split('.').filter(Boolean)
  let at: unknown = build ?? content?.[section as 'about' | 'rig' | 'haul' | 'checks']
  const names = steps.map((step) => {
    const holder = at
    if (Array.isArray(holder)) {
      at = holder.find((row: NamedRow) => row.id === step)
      // Whatever was removed here has no name left but its noun.
      return rowName(at as NamedRow | undefined) ?? step.replace(/-[^-]*$/, '')
    }
    at = (holder as Record<string, unknown> | null | undefined)?.[step]
    return word(`field.${step}`)
  })
  const where = build ? [build.name] : []
  return [...where, ...(names.length ? names.slice(-2) : ['the whole build'])].join(', ')
}
