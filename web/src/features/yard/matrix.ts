import type { MatrixState } from '@/shared/api/types'

export type Heat = MatrixState['cells'][number]['heats'][number]

/**
 * A cell at any heat of the day: the headroom on the straight line between the two days next to it, and the standing
 * of the hotter one, so that nothing is called better than what was driven.
 */
export function between(heats: Heat[], hottestC: number): Heat {
  const above = heats.find((h) => h.hottestC >= hottestC) ?? heats.at(-1)!
  const below = [...heats].reverse().find((h) => h.hottestC <= hottestC) ?? heats[0]!
  if (above === below || above.sureK === null || below.sureK === null) return { ...above, hottestC }
  const share = (hottestC - below.hottestC) / (above.hottestC - below.hottestC)
  const sureK = below.sureK + share * (above.sureK - below.sureK)
  // What nine of ten keep decides whether it holds, and that is on the line.
  const standing = sureK >= 0 ? 'HOLDS' : above.standing === 'HOLDS' ? 'MARGINAL' : above.standing
  return { hottestC, sureK, standing, limitedBy: above.limitedBy }
}

export interface Hours {
  always: boolean
  /** Hours between which it holds; one that goes past midnight ends on the next day. */
  spans: { from: number; to: number }[]
}

/** When it may leave so that it holds in nine of ten. */
export function hoursThatHold(departures: { hour: number; at: Heat }[]): Hours {
  const holds = departures.map((d) => d.at.standing === 'HOLDS')
  if (holds.length && holds.every(Boolean)) return { always: true, spans: [] }
  const n = holds.length
  const spans: Hours['spans'] = []
  for (let i = 0; i < n; i++) {
    if (!holds[i] || holds[(i + n - 1) % n]) continue
    let to = i
    while (holds[(to + 1) % n]) to++
    spans.push({ from: departures[i]!.hour, to: departures[to % n]!.hour })
  }
  return { always: false, spans }
}
