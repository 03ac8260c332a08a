import type { NoseSection, NoseSolid } from '@/shared/api/types'
import { choiceWord } from '@/shared/message/say'

export type Kind = NoseSolid['what']

export const kindWord = (kind: Kind) => choiceWord(kind).toLowerCase()

/** What is looked for on every truck, in the order a hand comes to it; some are there on every one. */
export const KINDS: Kind[] = [
  'GRILLE',
  'BUMPER',
  'BONNET',
  'OPENING_EDGE',
  'CROSSMEMBER',
  'BRACE',
  'LATCH',
  'LATCH_CABLE',
  'HORN',
  'LAMP',
  'SENSOR',
  'WINCH',
  'CONDENSER_LINE',
  'COOLANT_HOSE',
  'INTAKE_DUCT',
  'BOTTLE',
  'BATTERY',
  'LOOM',
  'BELT',
  'ENGINE',
  'STEERING',
  'SUSPENSION',
  'EXHAUST',
]

export interface Looked {
  kind: Kind
  state: 'there' | 'absent' | 'open'
  solids: NoseSolid[]
}

/** What was found of all that is looked for; what is still open stands first. */
export function lookedFor(nose: NoseSection): Looked[] {
  const rows = KINDS.map((kind): Looked => {
    const solids = nose.solids.filter((s) => s.what === kind)
    return { kind, solids, state: solids.length ? 'there' : nose.absent.includes(kind) ? 'absent' : 'open' }
  })
  const order = { open: 0, there: 1, absent: 2 }
  return rows.sort((a, b) => order[a.state] - order[b.state])
}

/** Worse known than this a thing is guessed: a starter knows nothing better than ± 16 mm. */
const GUESSED = 15

/**
 * The nose with what a usual truck has: of one kind, or of all that was not said to be missing. What was measured
 * stays, and so does what somebody has added.
 */
export function withTaken(nose: NoseSection, usual: NoseSection, kind: Kind | null): NoseSection {
  const wanted = (s: NoseSolid) => (kind ? s.what === kind : !nose.absent.includes(s.what))
  const fresh = new Map(usual.solids.filter(wanted).map((s) => [s.id, s]))
  const kept = nose.solids.map((s) => (s.plusMinusMm > GUESSED && fresh.get(s.id)) || s)
  const ids = new Set(kept.map((s) => s.id))
  const measured = new Set(nose.solids.filter((s) => s.plusMinusMm <= GUESSED).map((s) => s.what))
  // A kind that was measured is there already, under whatever name.
  const added = [...fresh.values()].filter((s) => !ids.has(s.id) && !measured.has(s.what))
  return {
    ...nose,
    absent: kind ? nose.absent.filter((a) => a !== kind) : nose.absent,
    solids: [...kept, ...added],
    holes: kind ? nose.holes : refreshed(nose.holes, usual.holes),
    ports: kind ? nose.ports : refreshed(nose.ports, usual.ports),
  }
}

/** Rows that were measured stay; guessed ones are drawn anew, missing ones are added. */
const refreshed = <R extends { id: string; plusMinusMm: number }>(rows: R[], usual: R[]): R[] => [
  ...rows.map((r) => (r.plusMinusMm > GUESSED && usual.find((u) => u.id === r.id)) || r),
  ...usual.filter((u) => !rows.some((r) => r.id === u.id)),
]

/** The nose in which a kind of thing was looked for and is not, or is again an open question. */
export function withAbsent(nose: NoseSection, kind: Kind): NoseSection {
  return nose.absent.includes(kind)
    ? { ...nose, absent: nose.absent.filter((a) => a !== kind) }
    : { ...nose, absent: [...nose.absent, kind], solids: nose.solids.filter((s) => s.what !== kind) }
}
