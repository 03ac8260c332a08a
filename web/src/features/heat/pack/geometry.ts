import type { Build, FittedCooler, JobContent } from '@/shared/api/types'
import type { Box, Catch } from './snap'

/** What can be picked up in the drawing. */
export type Piece = { kind: 'coolers' | 'fans' | 'obstacles' | 'condenser' | 'chargeAirCooler'; index: number }

/** Distance kept from braces, horns and latches, mm. */
export const METAL_GAP = 10

interface Placed { leftMm: number; bottomMm: number; widthMm: number; heightMm: number }
type Cooling = JobContent['vehicle']['cooling']

/** A size below nothing is refused at its field and drawn as nothing. */
export const boxOf = (c: Placed): Box => ({ left: c.leftMm, bottom: c.bottomMm, width: Math.max(0, c.widthMm), height: Math.max(0, c.heightMm) })

/** The radiator of a build: its own part stands on the middle of the truck's. */
export function radiatorBox(cooling: Cooling, build: Build): Box {
  const own = cooling.radiator
  const part = build.radiator
  return part
    ? { left: own.leftMm + (own.widthMm - part.widthMm) / 2, bottom: own.bottomMm, width: part.widthMm, height: part.heightMm }
    : boxOf(own)
}

/** The front opening, on the middle of the truck's radiator. */
export function openingBox(cooling: Cooling): Box {
  const { radiator, openingWidthMm, openingHeightMm } = cooling
  return boxOf({
    leftMm: radiator.leftMm + (radiator.widthMm - openingWidthMm) / 2,
    bottomMm: radiator.bottomMm + (radiator.heightMm - openingHeightMm) / 2,
    widthMm: openingWidthMm,
    heightMm: openingHeightMm,
  })
}

/** Where a piece stands; null where the job has no such piece. */
export function boxOfPiece(content: JobContent, build: Build, piece: Piece): Box | null {
  if (piece.kind === 'coolers') {
    const c = build.coolers[piece.index]
    return c ? boxOf({ leftMm: c.leftMm, bottomMm: c.bottomMm, widthMm: c.part.widthMm, heightMm: c.part.heightMm }) : null
  }
  const placed: Placed | null | undefined =
    piece.kind === 'fans' ? build.fans[piece.index] : piece.kind === 'obstacles' ? content.obstacles[piece.index] : content.vehicle.cooling[piece.kind]
  return placed ? boxOf(placed) : null
}

/** What a piece catches on while it is dragged: cores and the opening by their edges, metal and other coolers by a gap. */
export function catchesFor(content: JobContent, build: Build, piece: Piece): Catch[] {
  const cooling = content.vehicle.cooling
  const list: Catch[] = [{ box: openingBox(cooling), gap: null }, { box: radiatorBox(cooling, build), gap: null }]
  if (cooling.condenser && piece.kind !== 'condenser') list.push({ box: boxOf(cooling.condenser), gap: null })
  const others: Piece[] = [
    ...content.obstacles.map((_, index): Piece => ({ kind: 'obstacles', index })),
    ...build.coolers.map((_, index): Piece => ({ kind: 'coolers', index })),
  ]
  for (const other of others) {
    if (other.kind === piece.kind && other.index === piece.index) continue
    list.push({ box: boxOfPiece(content, build, other)!, gap: METAL_GAP })
  }
  return list
}

/** The job with one of its builds changed. */
export function withBuild(content: JobContent, index: number, change: Partial<Build>): JobContent {
  return { ...content, builds: content.builds.map((b, i) => (i === index ? { ...b, ...change } : b)) }
}

/** The job with a piece of one build at another place, to the millimetre. */
export function moved(content: JobContent, build: number, piece: Piece, left: number, bottom: number): JobContent {
  const at = { leftMm: Math.round(left), bottomMm: Math.round(bottom) }
  const shift = <T>(list: T[]) => list.map((x, i) => (i === piece.index ? { ...x, ...at } : x))
  switch (piece.kind) {
    case 'obstacles':
      return { ...content, obstacles: shift(content.obstacles) }
    case 'coolers':
      return withBuild(content, build, { coolers: shift(content.builds[build].coolers) })
    case 'fans':
      return withBuild(content, build, { fans: shift(content.builds[build].fans) })
    default: {
      const { vehicle } = content
      return { ...content, vehicle: { ...vehicle, cooling: { ...vehicle.cooling, [piece.kind]: { ...vehicle.cooling[piece.kind], ...at } } } }
    }
  }
}

/** The job with one cooler of a build changed. */
export function withCooler(content: JobContent, build: number, index: number, change: Partial<FittedCooler>): JobContent {
  return withBuild(content, build, { coolers: content.builds[build].coolers.map((c, i) => (i === index ? { ...c, ...change } : c)) })
}

export const coolerName = (i: number) => (i ? `oil cooler ${i + 1}` : 'oil cooler')
export const fanName = (i: number) => (i ? `fan ${i + 1}` : 'main fan')
