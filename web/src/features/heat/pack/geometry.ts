import type { Build, FittedCooler, JobContent } from '@/shared/api/types'
import type { Box, Catch } from './snap'
import { type JobPath, valueAt, withValue } from '@/job/paths'

/** What can be picked up in the drawing. */
export type Piece = { kind: 'coolers' | 'fans' | 'obstacles' | 'condenser' | 'chargeAirCooler'; id: string }

/** Distance kept from braces, horns and latches, mm. */
export const METAL_GAP = 10

interface Placed {
  leftMm: number
  bottomMm: number
  widthMm: number
  heightMm: number
}
type Cooling = JobContent['rig']['vehicle']['cooling']

/** A size below nothing is refused at its field and drawn as nothing. */
export const boxOf = (c: Placed): Box => ({
  left: c.leftMm,
  bottom: c.bottomMm,
  width: Math.max(0, c.widthMm),
  height: Math.max(0, c.heightMm),
})

/** The radiator of a build: its own part stands on the middle of the truck's. */
export function radiatorBox(cooling: Cooling, build: Build): Box {
  const own = cooling.radiator
  const part = build.radiator
  return part
    ? {
        left: own.leftMm + (own.widthMm - part.widthMm) / 2,
        bottom: own.bottomMm,
        width: part.widthMm,
        height: part.heightMm,
      }
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
    const c = build.coolers.find((c) => c.id === piece.id)
    return c
      ? boxOf({ leftMm: c.leftMm, bottomMm: c.bottomMm, widthMm: c.part.widthMm, heightMm: c.part.heightMm })
      : null
  }
  const placed: Placed | null | undefined =
    piece.kind === 'fans'
      ? build.fans.find((f) => f.id === piece.id)
      : piece.kind === 'obstacles'
        ? content.rig.obstacles.find((o) => o.id === piece.id)
        : content.rig.vehicle.cooling[piece.kind]
  return placed ? boxOf(placed) : null
}

/** What a piece catches on while it is dragged: cores and the opening by their edges, metal and other coolers by a gap. */
export function catchesFor(content: JobContent, build: Build, piece: Piece): Catch[] {
  const cooling = content.rig.vehicle.cooling
  const list: Catch[] = [
    { box: openingBox(cooling), gap: null },
    { box: radiatorBox(cooling, build), gap: null },
  ]
  if (cooling.condenser && piece.kind !== 'condenser') list.push({ box: boxOf(cooling.condenser), gap: null })
  const others: Piece[] = [
    ...content.rig.obstacles.map(({ id }): Piece => ({ kind: 'obstacles', id })),
    ...build.coolers.map(({ id }): Piece => ({ kind: 'coolers', id })),
  ]
  for (const other of others) {
    if (other.kind === piece.kind && other.id === piece.id) continue
    list.push({ box: boxOfPiece(content, build, other)!, gap: METAL_GAP })
  }
  return list
}

/** The job with a piece of one build at another place, to the millimetre. */
export function moved(content: JobContent, build: Build, piece: Piece, left: number, bottom: number): JobContent {
  const at = { leftMm: Math.round(left), bottomMm: Math.round(bottom) }
  const path: JobPath =
    piece.kind === 'obstacles'
      ? `rig.obstacles.${piece.id}`
      : piece.kind === 'coolers' || piece.kind === 'fans'
        ? `builds.${build.id}.${piece.kind}.${piece.id}`
        : `rig.vehicle.cooling.${piece.kind}`
  return withValue(content, path, { ...(valueAt(content, path) as Placed), ...at })
}

/** The job with one cooler of a build changed. */
export function withCooler(content: JobContent, build: Build, id: string, change: Partial<FittedCooler>): JobContent {
  const path: JobPath = `builds.${build.id}.coolers.${id}`
  return withValue(content, path, { ...(valueAt(content, path) as FittedCooler), ...change })
}

export const coolerName = (i: number) => (i ? `oil cooler ${i + 1}` : 'oil cooler')
export const fanName = (i: number) => (i ? `fan ${i + 1}` : 'main fan')
