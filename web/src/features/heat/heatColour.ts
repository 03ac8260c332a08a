/** Heat ramp, cool to hot: teal, chalk, sand, rust. */
const ramp = [
  [13, 110, 120],
  [88, 168, 163],
  [201, 216, 194],
  [236, 203, 133],
  [219, 138, 69],
  [163, 59, 29],
]

/** @param share 0 cool to 1 hot */
export function heatColour(share: number): string {
  const at = Math.max(0, Math.min(1, share)) * (ramp.length - 1)
  const i = Math.min(ramp.length - 2, Math.floor(at))
  const mix = ramp[i]!.map((v, k) => Math.round(v + (at - i) * (ramp[i + 1]![k]! - v)))
  return `rgb(${mix.join(' ')})`
}

/** Readable ink on the ramp: light at both dark ends. */
export const inkOn = (share: number): string => (share < 0.15 || share > 0.86 ? '#faf8f3' : '#1d2022')
