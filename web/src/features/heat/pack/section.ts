import type { Build, FittedCooler, JobContent } from '@/shared/api/types'
import { boxOfPiece, coolerName, radiatorBox } from './geometry'
import type { Box } from './snap'

/** A core cut from the side. `front` is its distance from the first fixed core's face, mm, negative before it. */
export interface Slab {
  name: string
  front: number
  depth: number
  bottom: number
  height: number
  /** Id of the cooler, null for the truck's own cores. */
  cooler: string | null
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

const overlap = (a: Box, b: Box) =>
  a.left < b.left + b.width &&
  b.left < a.left + a.width &&
  a.bottom < b.bottom + b.height &&
  b.bottom < a.bottom + a.height

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
      cooler: null,
    })
  if (c.chargeAirCooler) {
    const slab = {
      name: 'charge air',
      depth: c.chargeAirCooler.depthMm,
      bottom: c.chargeAirCooler.bottomMm,
      height: c.chargeAirCooler.heightMm,
      cooler: null,
    }
    if (c.chargeAirFirst) own.unshift(slab)
    else own.push(slab)
  }
  let z = 0
  for (const slab of own) {
    list.push({ ...slab, front: z })
    z += slab.depth + c.coreGapMm
  }
  const inPlace = (place: FittedCooler['place']) => build.coolers.filter((k) => k.place === place)
  const slabOf = (k: FittedCooler, front: number): Slab => ({
    name: coolerName(build.coolers.indexOf(k)),
    front,
    depth: k.part.depthMm,
    bottom: k.bottomMm,
    height: k.part.heightMm,
    cooler: k.id,
  })
  for (const k of inPlace('BEHIND_CONDENSER')) list.push(slabOf(k, z - c.coreGapMm / 2 - k.part.depthMm / 2))
  const radiatorAt = z
  const radiatorDepth = build.radiator?.depthMm ?? c.radiator.depthMm
  const radiator = radiatorBox(c, build)
  list.push({
    name: 'radiator',
    front: z,
    depth: radiatorDepth,
    bottom: radiator.bottom,
    height: radiator.height,
    cooler: null,
  })
  z += radiatorDepth
  for (const k of inPlace('BEHIND_RADIATOR')) list.push(slabOf(k, z + BEHIND_RADIATOR))
  let ahead = 0
  const front = inPlace('FRONT')
  front.forEach((k, n) => {
    // Those that overlap on the face stand one before the other.
    const b = boxOfPiece(content, build, { kind: 'coolers', id: k.id })!
    const clash = front
      .slice(0, n)
      .some((other) => overlap(b, boxOfPiece(content, build, { kind: 'coolers', id: other.id })!))
    ahead = clash ? ahead : 0
    list.push(slabOf(k, -ahead - k.gapMm - k.part.depthMm))
    ahead += k.gapMm + k.part.depthMm
  })
  return { list, radiatorAt, radiatorDepth, end: z + c.fanToCoreMm }
}

/** What a cooler becomes when it is dragged so that its front face stands there. */
export function placeAt(
  content: JobContent,
  build: Build,
  id: string,
  front: number,
  free: boolean,
): Partial<FittedCooler> {
  const c = content.rig.vehicle.cooling
  const { radiatorAt, radiatorDepth } = section(content, build)
  const depth = build.coolers.find((k) => k.id === id)?.part.depthMm ?? 0
  const middle = front + depth / 2
  const first = c.condenser ?? c.chargeAirCooler
  if (middle > radiatorAt + radiatorDepth / 2) return { place: 'BEHIND_RADIATOR' }
  if (first && middle > first.depthMm / 2) return { place: 'BEHIND_CONDENSER' }
  const gap = Math.max(0, Math.min(WIDEST_GAP, -front - depth))
  const standard = GAPS.find((g) => Math.abs(g - gap) < GAP_REACH)
  return { place: 'FRONT', gapMm: Math.round(free ? gap : (standard ?? gap)) }
}
