import type { CircuitDiagram } from '@/shared/api/types'

type Dot = CircuitDiagram['joints'][number]

/** A wire's way as a path. */
export const pathOf = (points: readonly Dot[]) => points.map((p, i) => `${i ? 'L' : 'M'}${p.x} ${p.y}`).join('')
