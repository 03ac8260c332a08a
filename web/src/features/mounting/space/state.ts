import { ref } from 'vue'
import type { NoseSolid } from '@/shared/api/types'
import type { Point, ViewName } from './views'

/** The thing in hand, shared by all views and panels. */
export const picked = ref('')
/** Of a tube in hand the point that is taken, null for the whole of it. */
export const pickedPoint = ref<number | null>(null)
/** The view that is drawn large. */
export const large = ref<ViewName>('front')
/** Where the pointer is, as far as the view it is in tells. */
export const cursor = ref<Partial<Record<0 | 1 | 2, number>> | null>(null)

/** The cooler whose places are looked at, empty while none is. */
export const finding = ref('')
/** A place that is tried in the views, before it is taken. */
export const trying = ref<{ piece: string; box: NonNullable<NoseSolid['box']>; moved: string[] } | null>(null)

/** Looks for places of a cooler. */
export function find(cooler: string) {
  picked.value = `piece/${cooler}`
  finding.value = cooler
}

export function pick(key: string, point: number | null = null) {
  finding.value = ''
  trying.value = null
  picked.value = key
  pickedPoint.value = point
}

/** A step that a hand makes: while it drags, when it lets go, or by a key. */
export interface Step {
  key: string
  by: Point
  point: number | null
  /** Edges are not caught. */
  loose: boolean
}
