import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { boxOfPiece, catchesFor, inDepth, moved, openingBox, type Piece, radiatorBox } from './geometry'

export const PLACES = [
  ['FRONT', 'in front'],
  ['BEHIND_CONDENSER', 'between'],
  ['BEHIND_RADIATOR', 'behind'],
  ['ELSEWHERE', 'elsewhere'],
] as const

/** The piece in hand, shared by the drawing's views and the panel beside it. */
export const picked = ref<Piece | null>(null)

/** The pack of the build in hand as boxes, and how pieces of it are moved. */
export function usePack() {
  const job = useJob()
  const cooling = computed(() => job.content.rig.vehicle.cooling)
  const build = computed(() => job.build)
  return {
    job,
    cooling,
    build,
    radiator: computed(() => radiatorBox(cooling.value, build.value)),
    opening: computed(() => openingBox(cooling.value)),
    box: (piece: Piece) => boxOfPiece(job.content, build.value, piece),
    catches: (piece: Piece) => catchesFor(job.content, build.value, piece),
    moved: (piece: Piece, left: number, bottom: number) => moved(job.content, build.value, piece, left, bottom),
    inDepth: (piece: Parameters<typeof inDepth>[2], to: Parameters<typeof inDepth>[3]) =>
      inDepth(job.content, build.value, piece, to),
    trouble: (subject: string) => (job.detail?.clearances ?? []).some((c) => c.subject === subject && c.serious),
  }
}
