import type { AskedProbe, WiringResult } from '@/shared/api/types'
import { formatNumber } from '@/shared/units/units'
import { labelOf, terminalLabel } from './labels'

export const volts = (v: number) => `${formatNumber(v, 1)} V`

/** Shares of a 12 V truck's volts at which a test lamp burns and glows. */
const BURNS = 9
const GLOWS = 3

/** What a tool tells of some volts. */
export function reads(tool: AskedProbe['tool'], v: number): string {
  if (tool === 'EAR') return v > 0.5 ? 'clicks' : 'silent'
  if (tool === 'LAMP') return v > BURNS ? 'burns' : v > GLOWS ? 'glows' : 'dark'
  return volts(v)
}

/** Where a tool is held. */
export const heldAt = (circuit: WiringResult, p: AskedProbe) =>
  p.tool === 'EAR' ? labelOf(circuit, p.at) : terminalLabel(circuit, p.at)
