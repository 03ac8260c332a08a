import type { OrderedStep } from '@/shared/api/types'

/** A block on the road: a step in its lane, or in both. */
export interface RoadBlock {
  step: OrderedStep
  number: number
  x: number
  width: number
  lane: number
  lanes: number
}

/** What passes by itself, in a row of its own so that no two lie on each other. */
export interface WaitBar {
  step: OrderedStep
  x: number
  width: number
  row: number
}

/** Steps that take hands, each where it stands. */
export function blocks(steps: OrderedStep[], scale: number): RoadBlock[] {
  return steps.flatMap((step, i) =>
    step.start == null || !step.hands
      ? []
      : [
          {
            step,
            number: i + 1,
            x: step.start * scale,
            width: step.hands * scale,
            lane: Math.min(...step.lanes, 1),
            lanes: Math.max(1, step.lanes.length),
          },
        ],
  )
}

/** Waits, each in the first row that is free. */
export function waits(steps: OrderedStep[], scale: number): WaitBar[] {
  const free: number[] = []
  return steps.flatMap((step) => {
    if (step.start == null || !step.waits) return []
    const from = step.start + step.hands
    let row = free.findIndex((until) => until <= from)
    if (row < 0) row = free.length
    free[row] = from + step.waits
    return [{ step, x: from * scale, width: step.waits * scale, row }]
  })
}
