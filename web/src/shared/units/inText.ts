import kinds from '@words/inText.json'
import { format, type QuantityName, type UnitWorld } from './units'

/** Which units stand in people's texts, and for what. */
const KINDS = kinds as Record<string, QuantityName>

/** A text whose quantities, `{300 mm}`, stand in the reader's units, with as many digits as were written. */
export function inText(text: string, world: UnitWorld): string {
  return text.replace(
    /\{(-?\d+(?:\.(\d+))?) ([^{} ]+)\}/g,
    (whole, value: string, after: string | undefined, unit: string) => {
      const kind = KINDS[unit]
      if (!kind) return whole
      const digits = kind === 'size' && world === 'imperial' ? 2 : (after?.length ?? 0)
      return format(Number(value), kind, world, digits)
    },
  )
}
