import { useDark, useEventListener, useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { UnitWorld } from '@/shared/units/units'

/** Kept in this browser only. */
export const unitWorld = useStorage<UnitWorld>('rb-units', 'metric')
/** Who works on this device; kept in this browser only. */
export const worker = useStorage('rb-worker', '')
export const dark = useDark({ storageKey: 'rb-dark' })

const printing = ref(false)
/** The day that stands on what is printed. */
export const printedOn = ref(new Date())
/** What is drawn is drawn for night; paper is always bright. */
export const night = computed(() => dark.value && !printing.value)

function paper(out: boolean) {
  printing.value = out
  if (out) printedOn.value = new Date()
  document.documentElement.classList.toggle('dark', night.value)
}
useEventListener(window, 'beforeprint', () => paper(true))
useEventListener(window, 'afterprint', () => paper(false))

/** The same as the server calls it, for what it draws and prints. */
export const paperWorld = computed(() => (unitWorld.value === 'metric' ? 'METRIC' : 'IMPERIAL'))

/** Sheets that the server lays papers out on. */
export const SHEETS = [
  ['A4', 'A4'],
  ['LETTER', 'Letter'],
] as const
export type Sheet = (typeof SHEETS)[number][0]
