import type { JobContent } from '@/shared/api/types'

/**
 * Places in a job, rows by their ids: `rig.vehicle.massKg`, `builds.plan-3.fans.fan-1.speedPercent`.
 * Typed from the schema, so that a field renamed on the server is an error here.
 */
type PathOf<T> = T extends readonly (infer R)[]
  ? R extends { id: string }
    ? `${string}` | `${string}.${PathOf<R>}`
    : never
  : T extends object
    ? {
        [K in keyof T & string]: K | (NonNullable<T[K]> extends object ? `${K}.${PathOf<NonNullable<T[K]>>}` : never)
      }[keyof T & string]
    : never

export type JobPath = PathOf<JobContent>

interface Row {
  id: string
}
const isPlain = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x)
/** A list of rows that know their ids. */
export const isRows = (x: unknown): x is Row[] =>
  Array.isArray(x) && x.every((r) => isPlain(r) && typeof r.id === 'string')

const step = (at: unknown, key: string): unknown =>
  Array.isArray(at) ? at.find((r: Row) => r.id === key) : isPlain(at) ? at[key] : undefined

export function valueAt(root: unknown, path: string): unknown {
  return path.split('.').reduce<unknown>(step, root)
}

/** A copy with one place changed; a row that is not there is not made. */
export function withValue<T>(root: T, path: string, value: unknown): T {
  return changed(root, path.split('.'), value) as T
}

function changed(root: unknown, path: string[], value: unknown): unknown {
  const [key, ...rest] = path
  if (key === undefined) return value
  if (Array.isArray(root)) return root.map((r: Row) => (r.id === key ? changed(r, rest, value) : r))
  const from = isPlain(root) ? root : {}
  return { ...from, [key]: changed(from[key], rest, value) }
}

/** True if two pieces of JSON say the same. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((x, i) => same(x, b[i]))
  if (!isPlain(a) || !isPlain(b)) return false
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].every((k) => same(a[k], b[k]))
}

/** An id of a new row: `hose-k3f9a`. Drawn, so that two windows that add one each do not name both alike. */
export function newId(rows: Row[], noun: string): string {
  const id = `${noun}-${Math.floor(Math.random() * 36 ** 5)
    .toString(36)
    .padStart(5, '0')}`
  return rows.some((r) => r.id === id) ? newId(rows, noun) : id
}
