/** A box on the face, mm, from the radiator's lower left corner. */
export interface Box {
  left: number
  bottom: number
  width: number
  height: number
}

/** What a dragged box may catch on: an edge to align with, or a standard gap to something beside it. */
export interface Catch {
  box: Box
  /** Distance to keep from its outside, mm; null where only its own edges count. */
  gap: number | null
}

/** True if two boxes keep that much from each other, mm. */
export const apart = (a: Box, b: Box, gap = 0) =>
  a.left >= b.left + b.width + gap ||
  b.left >= a.left + a.width + gap ||
  a.bottom >= b.bottom + b.height + gap ||
  b.bottom >= a.bottom + a.height + gap

export const SNAP_MM = 8

/** Moves one end of a span to the nearest mark within reach. */
export function snapped(at: number, size: number, marks: { start: number[]; end: number[] }): number {
  let best = at
  let reach = SNAP_MM
  const offer = (to: number) => {
    if (Math.abs(to - at) < reach) {
      reach = Math.abs(to - at)
      best = to
    }
  }
  marks.start.forEach((m) => offer(m))
  marks.end.forEach((m) => offer(m - size))
  return best
}

/** The box moved to where it catches, an axis at a time. */
export function snap(box: Box, catches: Catch[]): Box {
  const x = { start: [] as number[], end: [] as number[] }
  const y = { start: [] as number[], end: [] as number[] }
  for (const { box: c, gap } of catches) {
    x.start.push(c.left)
    x.end.push(c.left + c.width)
    y.start.push(c.bottom)
    y.end.push(c.bottom + c.height)
    if (gap != null) {
      x.start.push(c.left + c.width + gap)
      x.end.push(c.left - gap)
      y.start.push(c.bottom + c.height + gap)
      y.end.push(c.bottom - gap)
    }
  }
  return { ...box, left: snapped(box.left, box.width, x), bottom: snapped(box.bottom, box.height, y) }
}
