import type { ReadingResult } from '@/shared/api/types'

export type Trace = ReadingResult['trace']

/** A stretch over which something stays as it is; null where it is not known. */
export interface Stay {
  from: number
  to: number
  value: number | null
}

/** Stretches of equal values, so that a strip has few blocks. */
export function stays(t: readonly number[], values: readonly (number | null)[]): Stay[] {
  const all: Stay[] = []
  const step = t.length > 1 ? t[1]! - t[0]! : 1
  values.forEach((value, i) => {
    const last = all.at(-1)
    if (last && last.value === value) last.to = t[i]! + step / 2
    else all.push({ from: t[i]! - step / 2, to: t[i]! + step / 2, value })
  })
  return all
}

/** A line through what is known; over what is not there is none. */
export function path(
  t: readonly number[],
  values: readonly (number | null)[],
  x: (t: number) => number,
  y: (v: number) => number,
): string {
  let line = ''
  let on = false
  values.forEach((v, i) => {
    if (v == null) return void (on = false)
    line += `${on ? 'L' : 'M'}${x(t[i]!).toFixed(1)} ${y(v).toFixed(1)}`
    on = true
  })
  return line
}

/** Lowest and highest of what is known in some lists; null where nothing is. */
export function reach(...lists: readonly (readonly (number | null)[])[]): [number, number] | null {
  let low = Infinity
  let high = -Infinity
  for (const list of lists)
    for (const v of list) {
      if (v == null) continue
      low = Math.min(low, v)
      high = Math.max(high, v)
    }
  return low <= high ? [low, high] : null
}
