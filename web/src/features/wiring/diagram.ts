import type { CircuitDiagram } from '@/shared/api/types'

type Dot = CircuitDiagram['joints'][number]

/** A wire's way as a path. */
export const pathOf = (points: readonly Dot[]) => points.map((p, i) => `${i ? 'L' : 'M'}${p.x} ${p.y}`).join('')

/** Where a wire's number stands: in the middle of its longest straight piece. */
export function numberAt(points: readonly Dot[]): Dot {
  let best: Dot = points[0]!
  let longest = -1
  for (let i = 1; i < points.length; i++) {
    const a = points[i - 1]!
    const b = points[i]!
    const length = Math.abs(a.x - b.x) + Math.abs(a.y - b.y)
    if (length > longest) {
      longest = length
      best = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }
    }
  }
  return best
}
