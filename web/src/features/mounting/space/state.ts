import { ref } from 'vue'
import type { Point, ViewName } from './views'

/** The thing in hand, shared by all views and panels. */
export const picked = ref('')
/** Of a tube in hand the point that is taken, null for the whole of it. */
export const pickedPoint = ref<number | null>(null)
/** The view that is drawn large. */
export const large = ref<ViewName>('front')
/** Where the pointer is, as far as the view it is in tells. */
export const cursor = ref<Partial<Record<0 | 1 | 2, number>> | null>(null)

export function pick(key: string, point: number | null = null) {
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
