import { IntlMessageFormat } from 'intl-messageformat'
import fields from '@words/en/fields.json'
import findings from '@words/en/findings.json'
import names from '@words/en/names.json'
import checks from '@words/en/checks.json'
import problems from '@words/en/problems.json'
import settle from '@words/en/settle.json'
import followup from '@words/en/followup.json'
import proof from '@words/en/proof.json'
import wiring from '@words/en/wiring.json'
import work from '@words/en/work.json'
import type { Said, SaidValue } from '@/shared/api/types'
import { money } from '@/shared/ui/yard'
import { formatSi, type QuantityName, type UnitWorld } from '@/shared/units/units'

/** The catalogue of messages, and findings in words of it. The server reads the same files. */
/** Beside its words an entry may say why and what to do; a check how it is done, with what, what passes, what can hurt. */
type Part = 'words' | 'why' | 'do' | 'how' | 'tools' | 'pass' | 'caution'
type Entry = string | ({ words: string } & Partial<Record<Part, string>>)

const entries: Record<string, Record<string, Entry>> = {
  ...problems,
  ...findings,
  ...names,
  ...settle,
  ...followup,
  ...proof,
  ...wiring,
  ...work,
  ...checks,
  ...fields,
}
const compiled = new Map<string, IntlMessageFormat>()

function pattern(code: string, part: Part): string | undefined {
  const [group = '', name = ''] = code.split('.')
  const entry = entries[group]?.[name]
  return typeof entry === 'string' ? (part === 'words' ? entry : undefined) : entry?.[part]
}

function message(code: string, part: Part): IntlMessageFormat | undefined {
  const key = `${code} ${part}`
  const known = compiled.get(key)
  if (known) return known
  const text = pattern(code, part)
  if (text === undefined) return undefined
  const made = new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true })
  compiled.set(key, made)
  return made
}

/** A value under its name, and under those with other digits, its sign, or bare: as the catalogue asks for it. */
function put(
  values: Record<string, string | number>,
  name: string,
  value: SaidValue,
  world: UnitWorld,
  exact: boolean,
) {
  if (value.kind === 'money' && value.value != null) values[name] = money(value.value)
  else if (value.kind != null && value.value != null) {
    const kind = value.kind as QuantityName
    const si = value.value
    values[name] = formatSi(si, kind, world, undefined, exact)
    for (const digits of [0, 1, 2]) values[`${name}_${digits}`] = formatSi(si, kind, world, digits, exact)
    values[`${name}_signed`] = (si > 0 ? '+' : '') + formatSi(si, kind, world, 1, exact)
    values[`${name}_raw`] = si
  } else if (value.word != null) values[name] = word(value.word)
  else if (value.text != null) values[name] = value.text
  else if (value.name != null) values[name] = partName(value.name)
  else values[name] = (value.said ?? []).map((s) => say(s, world, exact)).join('; ')
}

function render(said: Said, part: Part, world: UnitWorld, exact = false): string {
  const format = message(said.code, part)
  if (!format) return part === 'words' ? said.code : ''
  const values: Record<string, string | number> = {}
  for (const [name, value] of Object.entries(said.values)) put(values, name, value, world, exact)
  return String(format.format(values))
}

/** A finding in words; exact, as the working writes its units. */
export const say = (said: Said, world: UnitWorld, exact = false): string => render(said, 'words', world, exact)
/** Why it is so; empty where the words say it all. */
export const why = (said: Said, world: UnitWorld): string => render(said, 'why', world)
/** What to do about it; empty where there is nothing. */
export const whatToDo = (said: Said, world: UnitWorld): string => render(said, 'do', world)

/** What the page itself says of a number of things. */
export const counted = (code: string, name: string, value: number): Said => ({
  code,
  values: { [name]: { kind: 'count', value, word: null, text: null, name: null, said: null } },
})

/** The words of a code that takes no values. */
export const word = (code: string, part: Part = 'words'): string =>
  pattern(code, part) ?? (part === 'words' ? code : '')

/** A constant, `PLATE_FIN`, as it stands in codes: `plateFin`. */
export const camel = (constant: string) => constant.toLowerCase().replace(/_(.)/g, (_, c: string) => c.toUpperCase())

/** A choice of a part's column, `PLATE_FIN`, in words. */
export const choiceWord = (choice: string): string => word(`choice.${choice}`)

export function partName(name: NonNullable<SaidValue['name']>): string {
  return name.given ?? word(name.noun) + (name.number ? ` ${name.number}` : '')
}

/** One value alone, as a working shows its inputs. */
export function sayValue(value: SaidValue, world: UnitWorld, digits?: number, exact = false): string {
  if (value.kind != null && value.value != null)
    return formatSi(value.value, value.kind as QuantityName, world, digits, exact)
  const values: Record<string, string | number> = {}
  put(values, 'x', value, world, exact)
  return String(values.x)
}
