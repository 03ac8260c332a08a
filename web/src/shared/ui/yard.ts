import { computed, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { Yard } from '@/shared/api/types'

/** The yard's settings, as every screen reads them. */
export const yard = shallowRef<Yard | null>(null)

export async function loadYard() {
  yard.value = await api.get<Yard>('/api/yard')
}

/** @throws ApiProblem what the server refuses; a version of before among it */
export async function saveYard(changed: Yard) {
  yard.value = await api.put<Yard>('/api/yard', changed)
}

const formats = (digits: number) =>
  computed(
    () =>
      new Intl.NumberFormat('en', {
        ...(yard.value ? { style: 'currency', currency: yard.value.currency } : {}),
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
      }),
  )
const whole = formats(0)
const exact = formats(2)

/** A price in the yard's money, without the small change. */
export const money = (price: number): string => whole.value.format(price)

/** A small price, to the cent. */
export const change = (price: number): string => exact.value.format(price)

/** Currencies with their names, for a choice. */
export function currencies(): { code: string; name: string }[] {
  const names = new Intl.DisplayNames('en', { type: 'currency' })
  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }))
}
