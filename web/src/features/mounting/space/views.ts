/** How the nose is drawn: four ways to look at one frame, in mm. Across is 0, up is 1, back is 2. */
export type Axis = 0 | 1 | 2
export type Point = readonly [number, number, number]
export interface Bounds {
  low: Point
  high: Point
}
export type ViewName = 'front' | 'top' | 'side' | 'depth'

/** A flat view: which axes run to the right and up on the sheet, and which one it looks along. */
export interface FlatView {
  name: Exclude<ViewName, 'depth'>
  label: string
  right: Axis
  up: Axis
  into: Axis
  /** Sign of the axis looked along: 1 where far things have more of it. */
  far: 1 | -1
}

export const flatViews: FlatView[] = [
  { name: 'front', label: 'from the front', right: 0, up: 1, into: 2, far: 1 },
  { name: 'top', label: 'from above', right: 0, up: 2, into: 1, far: -1 },
  { name: 'side', label: 'from the left', right: 2, up: 1, into: 0, far: 1 },
]

/** A sheet's own coordinates: to the right and down, mm. */
export interface Sheet {
  left: number
  top: number
  width: number
  height: number
}

/** What of the frame a view shows. */
export const sheetOf = (view: FlatView, shown: Bounds): Sheet => ({
  left: shown.low[view.right],
  top: -shown.high[view.up],
  width: shown.high[view.right] - shown.low[view.right],
  height: shown.high[view.up] - shown.low[view.up],
})

export const onSheet = (view: FlatView, p: Point): [number, number] => [p[view.right], -p[view.up]]

/** The step in the frame that a step on the sheet is. */
export function stepOf(view: FlatView, right: number, down: number): Point {
  const step: [number, number, number] = [0, 0, 0]
  step[view.right] = right
  step[view.up] = -down
  return step
}

/** Far things first, so that near ones lie over them. */
export const farFirst = (view: FlatView) => (a: Bounds, b: Bounds) =>
  view.far * (middle(b)[view.into] - middle(a)[view.into])

export const middle = (b: Bounds): Point => [
  (b.low[0] + b.high[0]) / 2,
  (b.low[1] + b.high[1]) / 2,
  (b.low[2] + b.high[2]) / 2,
]

export const sizeOf = (b: Bounds): Point => [b.high[0] - b.low[0], b.high[1] - b.low[1], b.high[2] - b.low[2]]

export function around(all: Bounds[]): Bounds {
  const most = (k: Axis) => Math.max(...all.map((b) => b.high[k]))
  const least = (k: Axis) => Math.min(...all.map((b) => b.low[k]))
  return { low: [least(0), least(1), least(2)], high: [most(0), most(1), most(2)] }
}

export const grown = (b: Bounds, by: number): Bounds => ({
  low: [b.low[0] - by, b.low[1] - by, b.low[2] - by],
  high: [b.high[0] + by, b.high[1] + by, b.high[2] + by],
})

/** The eye of the projected view: turned about the upright axis and raised over the ground, rad. */
export interface Eye {
  turn: number
  raise: number
}

/** A point on the projected sheet, right and down, with how far behind the sheet it lies. */
export function projected(eye: Eye, p: Point): { x: number; y: number; far: number } {
  const [s, c] = [Math.sin(eye.turn), Math.cos(eye.turn)]
  const x = c * p[0] - s * p[2]
  const away = s * p[0] + c * p[2]
  const [r, f] = [Math.sin(eye.raise), Math.cos(eye.raise)]
  return { x, y: -(f * p[1] + r * away), far: f * away - r * p[1] }
}

export interface Face {
  points: [number, number][]
  /** How much light falls on it, 0 to 1. */
  light: number
}

const FACES: { axis: Axis; high: boolean }[] = [
  { axis: 0, high: false },
  { axis: 0, high: true },
  { axis: 1, high: false },
  { axis: 1, high: true },
  { axis: 2, high: false },
  { axis: 2, high: true },
]

/** The faces of a box that the eye sees. */
export function facesOf(eye: Eye, b: Bounds): Face[] {
  const faces: Face[] = []
  for (const { axis, high } of FACES) {
    const normal: [number, number, number] = [0, 0, 0]
    normal[axis] = high ? 1 : -1
    if (projected(eye, normal).far >= 0) continue
    const [u, v] = ([0, 1, 2] as Axis[]).filter((k) => k !== axis) as [Axis, Axis]
    const corner = (a: boolean, c: boolean): [number, number] => {
      const p: [number, number, number] = [0, 0, 0]
      p[axis] = high ? b.high[axis] : b.low[axis]
      p[u] = a ? b.high[u] : b.low[u]
      p[v] = c ? b.high[v] : b.low[v]
      const on = projected(eye, p)
      return [on.x, on.y]
    }
    faces.push({
      points: [corner(false, false), corner(true, false), corner(true, true), corner(false, true)],
      light: axis === 1 ? (high ? 1 : 0.4) : axis === 2 ? 0.75 : 0.55,
    })
  }
  return faces
}

/** How much farther a thing is for each step along the axes. */
const away = (eye: Eye): Point => {
  const f = Math.cos(eye.raise)
  return [f * Math.sin(eye.turn), -Math.sin(eye.raise), f * Math.cos(eye.turn)]
}

/**
 * Whether one box lies before another to the eye (-1), after it (1), or neither: a plane between them tells it, and
 * where two planes tell different things neither hides the other. Of boxes that stand in each other the middles tell.
 */
function before(a: Bounds, b: Bounds, far: Point, middles: number): number {
  let said = 0
  for (const k of [0, 1, 2] as Axis[]) {
    const side = a.high[k] <= b.low[k] ? -1 : b.high[k] <= a.low[k] ? 1 : 0
    const says = side * Math.sign(far[k])
    if (says && said && says !== said) return 0
    said = says || said
  }
  return said || Math.sign(middles)
}

/** Places of boxes in the order in which they are painted, farthest first. */
export function painted(eye: Eye, boxes: Bounds[]): number[] {
  const far = away(eye)
  const depth = boxes.map((b) => projected(eye, middle(b)).far)
  const waits = boxes.map(() => 0)
  const hides: number[][] = boxes.map(() => [])
  for (let i = 0; i < boxes.length; i++)
    for (let j = i + 1; j < boxes.length; j++) {
      const order = before(boxes[i]!, boxes[j]!, far, depth[i]! - depth[j]!)
      if (!order) continue
      const [later, earlier] = order < 0 ? [i, j] : [j, i]
      hides[earlier]!.push(later)
      waits[later]!++
    }
  const done: number[] = []
  const left = new Set(boxes.keys())
  while (left.size) {
    // Where things wait for each other in a ring the one that waits for fewest, then the farthest, goes on.
    let next = -1
    for (const i of left)
      if (next < 0 || waits[i]! < waits[next]! || (waits[i] === waits[next] && depth[i]! > depth[next]!)) next = i
    left.delete(next)
    done.push(next)
    for (const later of hides[next]!) waits[later]!--
  }
  return done
}
