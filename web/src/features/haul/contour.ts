import { contours } from 'd3-contour'

/** A square field of values, `values[j * steps + i]` with i across and j upwards. */
export interface Field {
  steps: number
  values: number[]
}

/** Where a place of the grid lies on the drawing. */
export interface Scale {
  x: (i: number) => number
  y: (j: number) => number
}

/** The map's columns as one field; where there is no number, what stands for it. */
export function fieldOf(columns: readonly (readonly (number | null)[])[], missing: number): Field {
  const steps = columns.length
  const values: number[] = []
  for (let j = 0; j < steps; j++) for (let i = 0; i < steps; i++) values.push(columns[i]?.[j] ?? missing)
  return { steps, values }
}

function rings(field: Field, threshold: number): [number, number][][] {
  const [c] = contours().size([field.steps, field.steps]).smooth(true).thresholds([threshold])(field.values)
  return (c?.coordinates ?? []).flat() as [number, number][][]
}

/** The contour's own frame puts samples at cell centres, half a step in. */
function place(field: Field, scale: Scale, [px, py]: [number, number]): [number, number] {
  const within = (v: number) => Math.max(0, Math.min(field.steps - 1, v - 0.5))
  return [scale.x(within(px)), scale.y(within(py))]
}
const text = ([x, y]: [number, number]) => `${x.toFixed(1)} ${y.toFixed(1)}`

/** The area where a field is at or over a threshold. */
export function area(field: Field, scale: Scale, threshold: number): string {
  return rings(field, threshold)
    .map((ring) => 'M' + ring.map((p) => text(place(field, scale, p))).join('L') + 'Z')
    .join('')
}

/** The line on which a field meets a threshold: the ring's parts along the frame are cut away. */
export function line(field: Field, scale: Scale, threshold: number): string {
  const edge = (v: number) => v <= 0.51 || v >= field.steps - 0.51
  let d = ''
  for (const ring of rings(field, threshold)) {
    let open = false
    for (const p of ring) {
      if (edge(p[0]) || edge(p[1])) {
        open = false
        continue
      }
      d += (open ? 'L' : 'M') + text(place(field, scale, p))
      open = true
    }
  }
  return d
}

/** Place of a value on a rising axis of equal steps, in steps from its start. */
export function along(value: number, axis: readonly number[]): number {
  const [first = 0] = axis
  return ((value - first) / ((axis.at(-1) ?? 1) - first)) * (axis.length - 1)
}

/** Ends of the axes round a haul, so that the haul itself lies inside. */
export function span(
  axes: 'AMBIENT_GRADE' | 'AMBIENT_MASS' | 'SPEED_GRADE',
  haul: { gradePercent: number; speedKmh: number; ambientC: number },
  trailerKg: number,
): { across: [number, number]; up: [number, number] } {
  return {
    across:
      axes === 'SPEED_GRADE'
        ? [Math.min(20, haul.speedKmh - 5), Math.max(110, haul.speedKmh + 10)]
        : [Math.min(10, haul.ambientC - 5), Math.max(50, Math.min(60, haul.ambientC + 5))],
    up:
      axes === 'AMBIENT_MASS'
        ? [0, Math.min(20000, Math.max(4000, Math.ceil((trailerKg * 1.6) / 1000) * 1000))]
        : [0, Math.max(12, Math.min(25, Math.ceil(haul.gradePercent + 2)))],
  }
}
