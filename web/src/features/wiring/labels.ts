import type { BrokenThing, WiringResult } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** What parts, wires and terminals of a circuit are called. */

export function labelOf(result: WiringResult, id: string): string {
  const wire = result.wires.find((w) => w.id === id)
  if (wire) return `wire ${say(wire.label, unitWorld.value)}`
  const part = result.parts.find((p) => p.id === id)
  return part ? part.label.map((l) => say(l, unitWorld.value)).join(', ') || 'joint' : id
}

/** A terminal, `fan-1-relay:86`: the part's name and its number. */
export function terminalLabel(result: WiringResult, node: string): string {
  const cut = node.lastIndexOf(':')
  const part = result.parts.find((p) => p.id === node.slice(0, cut))
  const name = part?.label[0] ? say(part.label[0], unitWorld.value) : 'joint'
  return `${name}${node.slice(cut + 1) ? `, ${node.slice(cut + 1)}` : ''}`
}

export const defectLabel = (result: WiringResult, d: BrokenThing): string =>
  `${word(`defect.${camel(d.kind)}`)}: ${labelOf(result, d.at)}`

/** By which one is told from another. */
export const defectKey = (d: BrokenThing): string => `${d.kind} ${d.at}`
