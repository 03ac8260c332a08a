/** The window of the truck's plane that is drawn, mm, and how many px a mm takes. */
export interface Window {
  left: number
  top: number
  scale: number
}

/**
 * The style that lays a photograph, px, over a drawing of its plane at true scale.
 *
 * @param toPlane carries px onto the plane, m, 3 × 3 row by row
 */
export function laidOver(toPlane: number[], w: Window): string {
  const s = w.scale
  const m = toPlane
  // Screen = scale · (mm − left, top − mm); both are linear in what the photograph's px become.
  const row = (k: number) => [m[k]!, m[k + 1]!, m[k + 2]!] as const
  const [ax, bx, cx] = row(0)
  const [ay, by, cy] = row(3)
  const [aw, bw, cw] = row(6)
  const x = (a: number, b: number) => s * (1000 * a - w.left * b)
  const y = (a: number, b: number) => s * (w.top * b - 1000 * a)
  return `matrix3d(${[x(ax, aw), y(ay, aw), 0, aw, x(bx, bw), y(by, bw), 0, bw, 0, 0, 1, 0, x(cx, cw), y(cy, cw), 0, cw].join(',')})`
}

/** Where a place of the photograph comes to lie on the plane, mm. */
export function onPlane(toPlane: number[], x: number, y: number): [number, number] {
  const m = toPlane
  const w = m[6]! * x + m[7]! * y + m[8]!
  return [(1000 * (m[0]! * x + m[1]! * y + m[2]!)) / w, (1000 * (m[3]! * x + m[4]! * y + m[5]!)) / w]
}
