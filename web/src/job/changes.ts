/** Paths of plain JSON: what differs, and laying changes over another version. */
export interface Change {
  path: string[]
  before: unknown
  after: unknown
}

const isPlain = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null

export function changes(before: unknown, after: unknown, path: string[] = []): Change[] {
  if (Object.is(before, after)) return []
  const sameShape = isPlain(before) && isPlain(after) && Array.isArray(before) === Array.isArray(after)
  // Lists of another length are one change: rows have no identity to match them by.
  if (!sameShape || (Array.isArray(before) && before.length !== (after as unknown as unknown[]).length)) {
    return JSON.stringify(before) === JSON.stringify(after) ? [] : [{ path, before, after }]
  }
  const keys = new Set([...Object.keys(before), ...Object.keys(after as object)])
  return [...keys].flatMap((key) => changes(before[key], (after as Record<string, unknown>)[key], [...path, key]))
}

/** A copy with one place changed. */
export function withValue<T>(root: T, path: string[], value: unknown): T {
  if (path.length === 0) return value as T
  const [key, ...rest] = path
  const copy = (Array.isArray(root) ? [...root] : { ...root }) as Record<string, unknown>
  copy[key] = withValue(copy[key], rest, value)
  return copy as T
}

export function valueAt(root: unknown, path: string[]): unknown {
  return path.reduce<unknown>((at, key) => (isPlain(at) ? at[key] : undefined), root)
}

/** My changes since a common base, laid over theirs; places that no longer exist are left out. */
export function reapply<T>(base: T, mine: T, theirs: T): T {
  return changes(base, mine).reduce((result, change) => {
    const parent = valueAt(result, change.path.slice(0, -1))
    return isPlain(parent) ? withValue(result, change.path, change.after) : result
  }, theirs)
}
