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
  /** Index among the build's coolers, null for the truck's own cores. */
  cooler: number | null
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

const overlap = (a: Box, b: Box) => a.left < b.left + b.width && b.left < a.left + a.width && a.bottom < b.bottom + b.height && b.bottom < a.bottom + a.height

/** The pack in depth, air from the front. */
export function section(content: JobContent, build: Build): Section {
  const c = content.vehicle.cooling
  const list: Slab[] = []
  const own: Omit<Slab, 'front'>[] = []
  if (c.condenser) own.push({ name: 'condenser', depth: c.condenser.depthMm, bottom: c.condenser.bottomMm, height: c.condenser.heightMm, cooler: null })
  if (c.chargeAirCooler) {
    const slab = { name: 'charge air', depth: c.chargeAirCooler.depthMm, bottom: c.chargeAirCooler.bottomMm, height: c.chargeAirCooler.heightMm, cooler: null }
    if (c.chargeAirFirst) own.unshift(slab)
    else own.push(slab)
  }
  let z = 0
  for (const slab of own) {
    list.push({ ...slab, front: z })
    z += slab.depth + c.coreGapMm
  }
  const inPlace = (place: FittedCooler['place']) => build.coolers.map((k, i) => ({ k, i })).filter(({ k }) => k.place === place)
  const slabOf = (i: number, front: number): Slab => {
    const k = build.coolers[i]
    return { name: coolerName(i), front, depth: k.part.depthMm, bottom: k.bottomMm, height: k.part.heightMm, cooler: i }
  }
  for (const { k, i } of inPlace('BEHIND_CONDENSER')) list.push(slabOf(i, z - c.coreGapMm / 2 - k.part.depthMm / 2))
  const radiatorAt = z
  const radiatorDepth = build.radiator?.depthMm ?? c.radiator.depthMm
  const radiator = radiatorBox(c, build)
  list.push({ name: 'radiator', front: z, depth: radiatorDepth, bottom: radiator.bottom, height: radiator.height, cooler: null })
  z += radiatorDepth
  for (const { i } of inPlace('BEHIND_RADIATOR')) list.push(slabOf(i, z + BEHIND_RADIATOR))
  let ahead = 0
  const front = inPlace('FRONT')
  for (const { k, i } of front) {
    // Those that overlap on the face stand one before the other.
    const b = boxOfPiece(content, build, { kind: 'coolers', index: i })!
    const clash = front.some(({ i: j }) => j < i && overlap(b, boxOfPiece(content, build, { kind: 'coolers', index: j })!))
    ahead = clash ? ahead : 0
    list.push(slabOf(i, -ahead - k.gapMm - k.part.depthMm))
    ahead += k.gapMm + k.part.depthMm
  }
  return { list, radiatorAt, radiatorDepth, end: z + c.fanToCoreMm }
}

/** What a cooler becomes when it is dragged so that its front face stands there. */
export function placeAt(content: JobContent, build: Build, index: number, front: number, free: boolean): Partial<FittedCooler> {
  const c = content.vehicle.cooling
  const { radiatorAt, radiatorDepth } = section(content, build)
  const depth = build.coolers[index].part.depthMm
  const middle = front + depth / 2
  const first = c.condenser ?? c.chargeAirCooler
  if (middle > radiatorAt + radiatorDepth / 2) return { place: 'BEHIND_RADIATOR' }
  if (first && middle > first.depthMm / 2) return { place: 'BEHIND_CONDENSER' }
  const gap = Math.max(0, Math.min(WIDEST_GAP, -front - depth))
  const standard = GAPS.find((g) => Math.abs(g - gap) < GAP_REACH)
  return { place: 'FRONT', gapMm: Math.round(free ? gap : (standard ?? gap)) }
}
