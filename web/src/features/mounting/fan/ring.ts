/** The ring as it is drawn, px: an ellipse round the origin, the fan a circle beside its middle. */
export interface RingShape {
  radius: number
  halfWidth: number
  halfHeight: number
  right: number
  up: number
  /** Sideways, with the engine's roll. */
  roll: number
}

/** A plate with the ring's opening cut out of it. */
export function ringPath(r: RingShape, margin = 26): string {
  const w = r.halfWidth + margin
  const h = r.halfHeight + margin
  const { halfWidth: a, halfHeight: b } = r
  return `M${-w} ${-h}H${w}V${h}H${-w}Z M${-a} 0A${a} ${b} 0 1 0 ${a} 0A${a} ${b} 0 1 0 ${-a} 0Z`
}
