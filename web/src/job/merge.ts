import { isRows, same, withValue } from './paths'

/** One place that both changed, each to something else; undefined where one removed it. */
export interface Clash {
  path: string
  mine: unknown
  theirs: unknown
}

export interface Merged<T> {
  value: T
  clashes: Clash[]
}

const GONE = undefined
const isPlain = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x)

/**
 * What two people made of one base, together: rows by their ids, then field by field. Where both
 * changed one field, or one changed what the other removed, theirs stands until somebody chooses.
 */
export function merge<T>(base: T, mine: T, theirs: T): Merged<T> {
  const clashes: Clash[] = []
  return { value: join(base, mine, theirs, [], clashes) as T, clashes }
}

function join(base: unknown, mine: unknown, theirs: unknown, path: string[], clashes: Clash[]): unknown {
  if (same(mine, theirs) || same(mine, base)) return theirs
  if (same(theirs, base)) return mine
  if (isRows(mine) && isRows(theirs)) return rows(isRows(base) ? base : [], mine, theirs, path, clashes)
  if (isPlain(base) && isPlain(mine) && isPlain(theirs) && !exchanged(base, mine, theirs)) {
    const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
    const joined = keys.map((k) => [k, join(base[k], mine[k], theirs[k], [...path, k], clashes)] as const)
    return Object.fromEntries(joined.filter(([, v]) => v !== GONE))
  }
  clashes.push({ path: path.join('.'), mine, theirs })
  return theirs
}

/** A part in whose place another came is taken whole: half of each would be a part that nobody makes. */
const exchanged = (base: { code?: unknown }, ...made: { code?: unknown }[]) => made.some((m) => m.code !== base.code)

type Rows = { id: string }[]

function rows(base: Rows, mine: Rows, theirs: Rows, path: string[], clashes: Clash[]): Rows {
  const of = (list: Rows, id: string) => list.find((r) => r.id === id)
  // Theirs in their order, unless only mine was put in another; what is new of mine follows.
  const order = same(ids(theirs), ids(base)) ? [...ids(mine), ...ids(theirs)] : [...ids(theirs), ...ids(mine)]
  const joined: Rows = []
  for (const id of new Set(order)) {
    const row = join(of(base, id), of(mine, id), of(theirs, id), [...path, id], clashes)
    if (row !== GONE) joined.push(row as Rows[number])
  }
  return joined
}

const ids = (list: Rows) => list.map((r) => r.id)

/** A merge with some clashes decided for mine. */
export function decide<T>(merged: Merged<T>, mine: (clash: Clash) => boolean): T {
  return merged.clashes.filter(mine).reduce<T>((value, clash) => put(value, clash), merged.value)
}

function put<T>(value: T, clash: Clash): T {
  const steps = clash.path.split('.')
  const id = steps.at(-1)!
  const list = steps
    .slice(0, -1)
    .reduce<unknown>(
      (at, s) => (Array.isArray(at) ? at.find((r) => r.id === s) : (at as Record<string, unknown> | undefined)?.[s]),
      value,
    )
  if (!isRows(list)) return withValue(value, clash.path, clash.mine)
  const rest = list.filter((r) => r.id !== id)
  const next =
    clash.mine === GONE
      ? rest
      : list.some((r) => r.id === id)
        ? list.map((r) => (r.id === id ? (clash.mine as Rows[number]) : r))
        : [...rest, clash.mine as Rows[number]]
  return steps.length === 1 ? (next as T) : withValue(value, steps.slice(0, -1).join('.'), next)
}
