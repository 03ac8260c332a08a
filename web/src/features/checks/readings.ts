import { newId } from '@/job/paths'
import { edited } from '@/job/origin'
import type { AskRow, Build, CheckReading, CheckResult, CheckRow, JobContent } from '@/shared/api/types'
import { camel } from '@/shared/message/say'
import { format, formatNumber, type QuantityName, type UnitWorld } from '@/shared/units/units'
import { LEAK_PLACES } from './leakPlaces'

type Sets = CheckResult['readings'][number]['sets']

/** What is being read, before it is kept. */
export interface Draft {
  numbers: Record<string, (number | null)[]>
  choices: Record<string, string | undefined>
}

/** What several numbers of one ask are drawn on: the zones of a core's face, or the places of the loop. */
export const drawnOn = (ask: AskRow): 'face' | 'loop' | null =>
  ask.count <= 1 ? null : ask.count === LEAK_PLACES.length ? 'loop' : 'face'

/** A face starts open; nobody has looked where the loop weeps until a place is marked. */
export const emptyDraft = (check: CheckRow): Draft => ({
  numbers: Object.fromEntries(
    check.asks
      .filter((a) => a.count)
      .map((a) => [a.ask, new Array<number | null>(a.count).fill(drawnOn(a) === 'face' ? 0 : null)]),
  ),
  choices: {},
})

/** A grid counts once one of its zones was given; single numbers when they stand. */
const isGiven = (ask: AskRow, values: (number | null)[]) =>
  ask.count > 1 ? values.every((v) => v !== null) : values[0] !== null

/** The reading that a draft is; null while nothing of it stands. */
export function readingOf(
  check: CheckRow,
  draft: Draft,
  rows: CheckReading[],
  of: Pick<CheckReading, 'after' | 'by' | 'tool'>,
  at: Date,
): CheckReading | null {
  const numbers: Record<string, number[]> = {}
  for (const ask of check.asks) {
    const values = draft.numbers[ask.ask]
    if (values && isGiven(ask, values)) numbers[ask.ask] = values as number[]
  }
  const choices = Object.fromEntries(
    Object.entries(draft.choices).filter(([, v]) => v !== undefined),
  ) as CheckReading['choices']
  if (!Object.keys(numbers).length && !Object.keys(choices).length) return null
  return { id: newId(rows, 'reading'), check: check.check, at: at.toISOString(), numbers, choices, ...of }
}

/** The job with its build as found as a reading has it. */
export function taken(content: JobContent, found: Build, sets: Sets): JobContent {
  return sets.reduce(
    (job, set) => edited(job, `builds.${found.id}.${set.path}` as never, set.number ?? set.word ?? set.flag),
    content,
  )
}

/** The code that a field of a build has in the catalogue. */
export const fieldCode = (path: string) => `field.${path.split('.').at(-1)}`
export const checkCode = (check: string) => `check.${camel(check)}`
export const askCode = (ask: string) => `ask.${camel(ask)}`
export const answerCode = (answer: string) => `askAnswer.${camel(answer)}`
export const symptomCode = (symptom: string) => `symptom.${camel(symptom)}`

/** A probability as people say it. */
export const percent = (p: number) => (p < 0.005 ? '<1 %' : `${formatNumber(100 * p, 0)} %`)

/** What the pass marks of the catalogue are measured in; its degrees are all differences. */
const MARKS: Record<string, QuantityName> = { '°C': 'difference', mm: 'size', kPa: 'pressure' }

/** A sentence of the catalogue in the reader's units. */
export const inWorld = (text: string, world: UnitWorld): string =>
  world === 'metric'
    ? text
    : text.replace(/(\d+) (°C|mm|kPa)/g, (_, n: string, unit: string) => format(Number(n), MARKS[unit]!, world))
