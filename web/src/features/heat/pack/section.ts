import type { Build, FittedCooler, FittedOther, JobContent } from '@/shared/api/types'
import { boxOfPiece, chargeAirBox, coolerName, otherName, type Piece, radiatorBox } from './geometry'
import { apart } from './snap'

/** A core cut from the side. `front` is its distance from the first fixed core's face, mm, negative before it. */
export interface Slab {
  name: string
  front: number
  depth: number
  bottom: number
  height: number
  /** What is dragged with it, null for the truck's own cores. */
  piece: (Piece & { kind: 'coolers' | 'otherCoolers' }) | null
}

export interface Section {
  list: Slab[]
  /** Front of the radiator. */
  radiatorAt: number
  radiatorDepth: number
  /** Where the fan begins. */
  end: number
}

/** Standard gaps that a dragged cooler catches on, mm, and how near it must come. */
const GAPS = [5, 10, 20, 25]
const GAP_REACH = 3
const WIDEST_GAP = 300
const BEHIND_RADIATOR = 5

/** The pack in depth, air from the front. */
export function section(content: JobContent, build: Build): Section {
  const c = content.rig.vehicle.cooling
  const list: Slab[] = []
  const own: Omit<Slab, 'front'>[] = []
  if (c.condenser)
    own.push({
      name: 'condenser',
      depth: c.condenser.depthMm,
      bottom: c.condenser.bottomMm,
      height: c.condenser.heightMm,
      piece: null,
    })
  const chargeAir = chargeAirBox(c, build)
  if (chargeAir) {
    const slab = {
      name: 'charge air',
      depth: (build.chargeAirCooler ?? c.chargeAirCooler)!.depthMm,
      bottom: chargeAir.bottom,
      height: chargeAir.height,
      piece: null,
    }
    if (c.chargeAirFirst) own.unshift(slab)
    else own.push(slab)
  }
  let z = 0
  for (const slab of own) {
    list.push({ ...slab, front: z })
    z += slab.depth + c.coreGapMm
  }
  const all = movables(build, c.coreGapMm)
  const inPlace = (place: FittedCooler['place']) => all.filter((k) => k.place === place)
  const slabOf = (k: Movable, front: number): Slab => {
    const { bottom, height } = boxOfPiece(content, build, k.piece)!
    return { name: k.name, front, depth: k.depth, bottom, height, piece: k.piece }
  }
  for (const k of inPlace('BEHIND_CONDENSER')) list.push(slabOf(k, z - c.coreGapMm / 2 - k.depth / 2))
  const radiatorAt = z
  const radiatorDepth = build.radiator?.depthMm ?? c.radiator.depthMm
  const radiator = radiatorBox(c, build)
  list.push({
    name: 'radiator',
    front: z,
    depth: radiatorDepth,
    bottom: radiator.bottom,
    height: radiator.height,
    piece: null,
  })
  z += radiatorDepth
  for (const k of inPlace('BEHIND_RADIATOR')) list.push(slabOf(k, z + BEHIND_RADIATOR))
  let ahead = 0
  const front = inPlace('FRONT')
  front.forEach((k, n) => {
    // Those that overlap on the face stand one before the other.
    const b = boxOfPiece(content, build, k.piece)!
    const clash = front.slice(0, n).some((other) => !apart(b, boxOfPiece(content, build, other.piece)!))
    ahead = clash ? ahead : 0
    list.push(slabOf(k, -ahead - k.gap - k.depth))
    ahead += k.gap + k.depth
  })
  return { list, radiatorAt, radiatorDepth, end: z + c.fanToCoreMm }
}

interface Movable {
  piece: NonNullable<Slab['piece']>
  name: string
  place: FittedCooler['place']
  depth: number
  gap: number
}

/** What stands before the cores, nearest to them first; those behind the oil coolers come before these. */
function movables(build: Build, coreGap: number): Movable[] {
  const oil = build.coolers.map((k, n): Movable => ({
    piece: { kind: 'coolers', id: k.id },
    name: coolerName(n),
    place: k.place,
    depth: k.part.depthMm,
    gap: k.gapMm,
  }))
  const others = (order: FittedOther['order']) =>
    build.otherCoolers
      .filter((o) => o.order === order)
      .map((o): Movable => ({
        piece: { kind: 'otherCoolers', id: o.id },
        name: otherName(o),
        place: o.place,
        depth: o.core.depthMm,
        gap: coreGap,
      }))
  return [...others('BEHIND_OIL'), ...oil, ...others('BEFORE_OIL')]
}

/** Where in depth a cooler comes to stand when it is dragged so that its front face is there. */
export function placeAt(
  content: JobContent,
  build: Build,
  depth: number,
  front: number,
  free: boolean,
): Pick<FittedCooler, 'place'> & { gapMm?: number } {
  const c = content.rig.vehicle.cooling
  const { radiatorAt, radiatorDepth } = section(content, build)
  const middle = front + depth / 2
  const first = c.condenser ?? c.chargeAirCooler
  if (middle > radiatorAt + radiatorDepth / 2) return { place: 'BEHIND_RADIATOR' }
  if (first && middle > first.depthMm / 2) return { place: 'BEHIND_CONDENSER' }
  const gap = Math.max(0, Math.min(WIDEST_GAP, -front - depth))
  const standard = GAPS.find((g) => Math.abs(g - gap) < GAP_REACH)
  return { place: 'FRONT', gapMm: Math.round(free ? gap : (standard ?? gap)) }
}
