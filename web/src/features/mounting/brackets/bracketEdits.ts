import type { Bracket } from '@/shared/api/types'
import { newId } from '@/job/paths'

export type BracketStep = Bracket['steps'][number]
export type BracketHole = Bracket['holes'][number]

/** What strip and channel are of. */
export const METALS = [
  ['STEEL', 'mild steel'],
  ['ALUMINIUM', 'aluminium'],
] as const

/** A strip as it comes from the rack, with a hole near each end. */
export function plain(id: string, name: string, like?: Bracket): Bracket {
  return {
    id,
    name,
    quantity: 1,
    metal: like?.metal ?? 'STEEL',
    thicknessMm: like?.thicknessMm ?? 3.2,
    widthMm: like?.widthMm ?? 25,
    insideRadiusMm: like?.insideRadiusMm ?? 3.2,
    steps: [{ id: 'step-1', kind: 'LEG', lengthMm: 120, degrees: 0 }],
    holes: [
      { id: 'hole-1', leg: 'step-1', atMm: 12, acrossMm: 0, diameterMm: 6.6, slotMm: 0 },
      { id: 'hole-2', leg: 'step-1', atMm: 108, acrossMm: 0, diameterMm: 9, slotMm: 0 },
    ],
    tie: null,
    tabMm: 0,
  }
}

/** With a bend or a twist at the end of a leg, and a leg after it. */
export function withBend(bracket: Bracket, leg: string, kind: 'BEND' | 'TWIST'): Bracket {
  const at = bracket.steps.findIndex((s) => s.id === leg)
  const bent: BracketStep = {
    id: newId(bracket.steps, 'step'),
    kind,
    lengthMm: kind === 'TWIST' ? 4 * bracket.widthMm : 0,
    degrees: 90,
  }
  const next: BracketStep = { id: newId([...bracket.steps, bent], 'step'), kind: 'LEG', lengthMm: 40, degrees: 0 }
  return {
    ...bracket,
    tie: null,
    steps: [...bracket.steps.slice(0, at + 1), bent, next, ...bracket.steps.slice(at + 1)],
  }
}

/** Without a bend: the legs on both sides of it become one, and holes of the second stay where they were. */
export function withoutBend(bracket: Bracket, bend: string): Bracket {
  const at = bracket.steps.findIndex((s) => s.id === bend)
  const [before, after] = [bracket.steps[at - 1]!, bracket.steps[at + 1]!]
  const joined = { ...before, lengthMm: before.lengthMm + after.lengthMm }
  return {
    ...bracket,
    tie: null,
    steps: [...bracket.steps.slice(0, at - 1), joined, ...bracket.steps.slice(at + 2)],
    holes: bracket.holes.map((h) =>
      h.leg === after.id ? { ...h, leg: before.id, atMm: h.atMm + before.lengthMm } : h,
    ),
  }
}

/** What a step is called in a list: legs by letters, bends and twists by numbers. */
export function stepNames(steps: BracketStep[]): string[] {
  let legs = 0
  let bends = 0
  let twists = 0
  return steps.map((s) =>
    s.kind === 'LEG'
      ? `leg ${String.fromCharCode(65 + legs++)}`
      : s.kind === 'BEND'
        ? `bend ${++bends}`
        : `twist ${++twists}`,
  )
}
