import { computed, ref } from 'vue'
import { useJob } from '@/job/store'
import type { FittedCooler } from '@/shared/api/types'
import type { Box, Catch } from './snap'

/** What can be picked up in the drawing. */
export type Piece = { kind: 'coolers' | 'fans' | 'obstacles' | 'condenser' | 'chargeAirCooler'; index: number }

export type Place = FittedCooler['place']
export const PLACES: { value: Place; label: string }[] = [
  { value: 'FRONT', label: 'in front' },
  { value: 'BEHIND_CONDENSER', label: 'between' },
  { value: 'BEHIND_RADIATOR', label: 'behind' },
  { value: 'ELSEWHERE', label: 'elsewhere' },
]

/** Distance kept from braces, horns and latches, mm. */
const METAL_GAP = 10

/** The piece in hand, shared by the drawing's views and the panel beside it. */
export const picked = ref<Piece | null>({ kind: 'coolers', index: 0 })

/** The pack of the build in hand as boxes, and how pieces of it are moved. */
export function usePack() {
  const job = useJob()
  const cooling = computed(() => job.content!.vehicle.cooling)
  const build = computed(() => job.build!)
  const radiator = computed<Box>(() => {
    const own = cooling.value.radiator
    const part = build.value.radiator
    return part
      ? { left: own.leftMm + (own.widthMm - part.widthMm) / 2, bottom: own.bottomMm, width: part.widthMm, height: part.heightMm }
      : { left: own.leftMm, bottom: own.bottomMm, width: own.widthMm, height: own.heightMm }
  })
  const radiatorDepth = computed(() => build.value.radiator?.depthMm ?? cooling.value.radiator.depthMm)
  const opening = computed<Box>(() => {
    const c = cooling.value
    return {
      left: c.radiator.leftMm + (c.radiator.widthMm - c.openingWidthMm) / 2,
      bottom: c.radiator.bottomMm + (c.radiator.heightMm - c.openingHeightMm) / 2,
      width: c.openingWidthMm,
      height: c.openingHeightMm,
    }
  })

  function box(piece: Piece): Box | null {
    if (piece.kind === 'coolers') {
      const c = build.value.coolers[piece.index]
      return c ? { left: c.leftMm, bottom: c.bottomMm, width: c.part.widthMm, height: c.part.heightMm } : null
    }
    if (piece.kind === 'condenser' || piece.kind === 'chargeAirCooler') {
      const c = cooling.value[piece.kind]
      return c ? { left: c.leftMm, bottom: c.bottomMm, width: c.widthMm, height: c.heightMm } : null
    }
    const b = piece.kind === 'fans' ? build.value.fans[piece.index] : job.content!.obstacles[piece.index]
    return b ? { left: b.leftMm, bottom: b.bottomMm, width: b.widthMm, height: b.heightMm } : null
  }

  function catches(piece: Piece): Catch[] {
    const c = cooling.value
    const list: Catch[] = [{ box: opening.value, gap: null }, { box: radiator.value, gap: null }]
    if (c.condenser && piece.kind !== 'condenser') list.push({ box: { left: c.condenser.leftMm, bottom: c.condenser.bottomMm, width: c.condenser.widthMm, height: c.condenser.heightMm }, gap: null })
    const others: Piece[] = [
      ...job.content!.obstacles.map((_, index): Piece => ({ kind: 'obstacles', index })),
      ...build.value.coolers.map((_, index): Piece => ({ kind: 'coolers', index })),
    ]
    for (const other of others) {
      if (other.kind === piece.kind && other.index === piece.index) continue
      const b = box(other)
      if (b) list.push({ box: b, gap: METAL_GAP })
    }
    return list
  }

  /** The job with a piece at another place. */
  function moved(piece: Piece, left: number, bottom: number) {
    const content = job.content!
    const at = { leftMm: Math.round(left), bottomMm: Math.round(bottom) }
    if (piece.kind === 'obstacles') {
      return { ...content, obstacles: content.obstacles.map((o, i) => (i === piece.index ? { ...o, ...at } : o)) }
    }
    if (piece.kind === 'condenser' || piece.kind === 'chargeAirCooler') {
      const { vehicle } = content
      return { ...content, vehicle: { ...vehicle, cooling: { ...vehicle.cooling, [piece.kind]: { ...vehicle.cooling[piece.kind], ...at } } } }
    }
    const kind = piece.kind
    const mine = { ...build.value, [kind]: build.value[kind].map((x, i) => (i === piece.index ? { ...x, ...at } : x)) }
    return { ...content, builds: content.builds.map((b, i) => (i === job.selected ? mine : b)) }
  }

  /** The job with one cooler of the build in hand changed. */
  function withCooler(index: number, change: Partial<FittedCooler>) {
    const content = job.content!
    const mine = { ...build.value, coolers: build.value.coolers.map((c, i) => (i === index ? { ...c, ...change } : c)) }
    return { ...content, builds: content.builds.map((b, i) => (i === job.selected ? mine : b)) }
  }

  const trouble = (subject: string) => (job.state?.clearances ?? []).some((c) => c.subject === subject && c.serious)
  const coolerName = (i: number) => (i ? `oil cooler ${i + 1}` : 'oil cooler')
  const fanName = (i: number) => (i ? `fan ${i + 1}` : 'main fan')

  return { job, cooling, build, radiator, radiatorDepth, opening, box, catches, moved, withCooler, trouble, coolerName, fanName }
}
