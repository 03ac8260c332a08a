import { describe, expect, it } from 'vitest'
import { laidOver, onPlane } from './plane'

describe('a photograph laid over its plane', () => {
  /** 2 px a mm, its upper left corner 100 mm left of the truck's zero and 300 up. */
  const square = [0.0005, 0, -0.1, 0, -0.0005, 0.3, 0, 0, 1]
  /** The same with the far side smaller. */
  const aslant = [0.0006, 0.0001, -0.1, 0, -0.0005, 0.3, 0.0001, 0.0002, 1]

  /** What a browser makes of the style. */
  function drawn(style: string, x: number, y: number): [number, number] {
    const m = style.slice(9, -1).split(',').map(Number)
    const w = m[3]! * x + m[7]! * y + m[15]!
    return [(m[0]! * x + m[4]! * y + m[12]!) / w, (m[1]! * x + m[5]! * y + m[13]!) / w]
  }

  it('puts each place where the drawing has it', () => {
    const window = { left: -150, top: 400, scale: 1.5 }
    for (const m of [square, aslant])
      for (const [x, y] of [
        [0, 0],
        [1200, 40],
        [333, 900],
      ] as const) {
        const [across, up] = onPlane(m, x, y)
        const [px, py] = drawn(laidOver(m, window), x, y)
        expect(px).toBeCloseTo(1.5 * (across + 150), 6)
        expect(py).toBeCloseTo(1.5 * (400 - up), 6)
      }
    expect(onPlane(square, 200, 100)).toEqual([0, 250])
  })
})
