import type { AskedProbe, ProbeReading, WiringResult } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { formatNumber } from '@/shared/units/units'
import { labelOf, terminalLabel } from './labels'

export const volts = (v: number) => `${formatNumber(v, 1)} V`

/** What a tool tells: volts, or what lamp and ear do. */
export const reads = (r: ProbeReading): string => (r.tells ? word(`probeTells.${camel(r.tells)}`) : volts(r.volts))

/** Where a tool is held. */
export const heldAt = (circuit: WiringResult, p: AskedProbe) =>
  p.tool === 'EAR' ? labelOf(circuit, p.at) : terminalLabel(circuit, p.at)
