import type { Build, FittedCooler, FittedOther, JobContent } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { apart, type Box, type Catch } from './snap'
import { type JobPath, valueAt, withValue } from '@/job/paths'

/** What can be picked up in the drawing. */
export type Piece = {
  kind: 'coolers' | 'otherCoolers' | 'fans' | 'obstacles' | 'condenser' | 'chargeAirCooler'
  id: string
}

/** Distance kept from braces, horns and latches, mm. */
export const METAL_GAP = 10

/** Worse known than this a thing is guessed, not measured, mm. */
const GUESSED = 15

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

/** The radiator of a build. */
export const radiatorBox = (cooling: Cooling, build: Build): Box => inMounts(cooling.radiator, build.radiator)

/** The charge-air cooler of a build, where the truck has one. */
export const chargeAirBox = (cooling: Cooling, build: Build): Box | null =>
  cooling.chargeAirCooler && inMounts(cooling.chargeAirCooler, build.chargeAirCooler)

/** A part that replaces one of the truck's own stands low, on the same middle. */
function inMounts(own: Placed, part: { widthMm: number; heightMm: number } | null): Box {
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

/** Less than this across or up stops no air worth drawing, mm. */
const SLIM = 20

/** What of the nose stands in the opening, between the grille line and the pack, put away in a build or not. */
export function inOpening(content: JobContent) {
  const cooling = content.rig.vehicle.cooling
  const opening = openingBox(cooling)
  return content.nose.solids.flatMap((s) =>
    s.box &&
    s.what !== 'GRILLE' &&
    s.box.frontMm < cooling.openingDepthMm &&
    s.box.frontMm + s.box.depthMm > 0 &&
    Math.min(s.box.widthMm, s.box.heightMm) >= SLIM &&
    !apart(boxOf(s.box), opening)
      ? [{ ...s, ...s.box }]
      : [],
  )
}

/** What still stands there in a build. */
export const obstaclesOf = (content: JobContent, build: Build) =>
  inOpening(content).filter((o) => !build.moved.includes(o.id))

/** How wide and high a cooler stands, turned as it is. */
const standing = ({ part, turn }: FittedCooler) =>
  turn === 'QUARTER_LEFT' || turn === 'QUARTER_RIGHT'
    ? { widthMm: part.heightMm, heightMm: part.widthMm }
    : { widthMm: part.widthMm, heightMm: part.heightMm }

/** Where a piece stands; null where the job has no such piece. */
export function boxOfPiece(content: JobContent, build: Build, piece: Piece): Box | null {
  if (piece.kind === 'coolers') {
    const c = build.coolers.find((c) => c.id === piece.id)
    return c ? boxOf({ leftMm: c.leftMm, bottomMm: c.bottomMm, ...standing(c) }) : null
  }
  if (piece.kind === 'chargeAirCooler') return chargeAirBox(content.rig.vehicle.cooling, build)
  const placed: Placed | null | undefined =
    piece.kind === 'otherCoolers'
      ? build.otherCoolers.find((o) => o.id === piece.id)?.core
      : piece.kind === 'fans'
        ? build.fans.find((f) => f.id === piece.id)
        : piece.kind === 'obstacles'
          ? content.nose.solids.find((s) => s.id === piece.id)?.box
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
    ...build.coolers.map(({ id }): Piece => ({ kind: 'coolers', id })),
    ...build.otherCoolers.map(({ id }): Piece => ({ kind: 'otherCoolers', id })),
  ]
  for (const o of obstaclesOf(content, build)) {
    if (piece.kind === 'obstacles' && o.id === piece.id) continue
    // As far off that it is clear even if the measure is out; what is only guessed says nothing of that.
    list.push({ box: boxOf(o), gap: METAL_GAP + (o.plusMinusMm <= GUESSED ? o.plusMinusMm : 0) })
  }
  for (const other of others) {
    if (other.kind === piece.kind && other.id === piece.id) continue
    list.push({ box: boxOfPiece(content, build, other)!, gap: METAL_GAP })
  }
  return list
}

/** How far the left edge of the truck's own part is from that of the one in its mounts, mm. */
function aside(content: JobContent, build: Build, piece: Piece): number {
  const own = content.rig.vehicle.cooling.chargeAirCooler
  const part = build.chargeAirCooler
  return piece.kind === 'chargeAirCooler' && own && part ? (part.widthMm - own.widthMm) / 2 : 0
}

/** The job with a piece of one build at another place, to the millimetre. */
export function moved(content: JobContent, build: Build, piece: Piece, left: number, bottom: number): JobContent {
  const at = { leftMm: Math.round(left + aside(content, build, piece)), bottomMm: Math.round(bottom) }
  const path: JobPath =
    piece.kind === 'otherCoolers'
      ? `builds.${build.id}.otherCoolers.${piece.id}.core`
      : piece.kind === 'obstacles'
        ? `nose.solids.${piece.id}.box`
        : piece.kind === 'coolers' || piece.kind === 'fans'
          ? `builds.${build.id}.${piece.kind}.${piece.id}`
          : `rig.vehicle.cooling.${piece.kind}`
  return withValue(content, path, { ...(valueAt(content, path) as Placed), ...at })
}

/** The job with one cooler of a build at another place in depth; only oil coolers have a gap of their own. */
export function inDepth(
  content: JobContent,
  build: Build,
  piece: { kind: 'coolers' | 'otherCoolers'; id: string },
  { place, gapMm }: { place?: FittedCooler['place']; gapMm?: number },
): JobContent {
  const path: JobPath = `builds.${build.id}.${piece.kind}.${piece.id}`
  const there = valueAt(content, path) as object
  const gap = piece.kind === 'coolers' && gapMm != null ? { gapMm } : {}
  return withValue(content, path, { ...there, ...(place ? { place } : {}), ...gap })
}

export const coolerName = (i: number) => (i ? `oil cooler ${i + 1}` : 'oil cooler')
export const otherName = (o: FittedOther) => word(`nameNoun.${camel(`${o.kind}_COOLER`)}`)
export const fanName = (i: number) => (i ? `fan ${i + 1}` : 'main fan')
