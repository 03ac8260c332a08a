import { useDark, useStorage } from '@vueuse/core'
import type { UnitWorld } from '@/shared/units/units'

/** Kept in this browser only. */
export const unitWorld = useStorage<UnitWorld>('rb-units', 'metric')
export const dark = useDark({ storageKey: 'rb-dark' })
