import type { BayEntry, BayEvent, BayPlan, OrderedStep } from '@/shared/api/types'

/**
 * How the work stands by all that happened, on the device as on the server: later counts over earlier, by the devices'
 * clocks. A file of cases holds both to it.
 */
export interface BayState {
  /** By the id of the step. */
  done: Map<string, BayEvent>
  /** The last of each, by `step/reading`. */
  readings: Map<string, BayEvent>
  /** When each stage was ticked, by `step/place`. */
  staged: Map<string, BayEvent>
  pieces: Map<string, Piece>
  notes: BayEvent[]
  photos: BayEvent[]
  found: BayEvent[]
  /** Who has seen the cautions of which step: `by/step`. */
  seen: Set<string>
  /** Work that is measured, by the id of the step. */
  clocks: Map<string, StepClock>
  conflicts: Conflict[]
}

/** Something that came off, or went in. */
export interface Piece {
  taken: BayEvent
  stands: 'OPEN' | 'BACK' | 'BROKEN'
  /** Who said so last; null while it is open. */
  said: BayEvent | null
}

/** Minutes of a step that were measured until it was last paused, and since when each device goes on with it, ms. */
export interface StepClock {
  minutes: number
  running: Map<string, number>
}

/** Two things that do not go together, both of which are kept. */
export type Conflict =
  | { what: 'TICKED_TWICE'; step: string; one: BayEvent; other: BayEvent }
  | { what: 'READ_TWICE'; step: string; reading: string; one: BayEvent; other: BayEvent }
  | { what: 'TICKED_OPEN'; step: string; one: BayEvent; pieces: string[] }
  | { what: 'STANDS_TWICE'; step: string; piece: Piece; one: BayEvent; other: BayEvent }

/** What happened, and its number where the server has it. */
export interface Happened {
  seq: number | null
  event: BayEvent
}

export const entered = (e: BayEntry): Happened => ({ seq: e.seq, event: e.event })

const inOrder = (a: Happened, b: Happened) =>
  Date.parse(a.event.at) - Date.parse(b.event.at) || (a.seq ?? Infinity) - (b.seq ?? Infinity)

/** @param plan by whose steps pieces are held; null where it is not known */
export function bayState(all: Happened[], plan: BayPlan | null): BayState {
  const state: BayState = {
    done: new Map(),
    readings: new Map(),
    staged: new Map(),
    pieces: new Map(),
    notes: [],
    photos: [],
    found: [],
    seen: new Set(),
    clocks: new Map(),
    conflicts: [],
  }
  const steps = new Map(plan?.steps.map((s) => [s.id, s]) ?? [])
  for (const { event } of [...all].sort(inOrder)) add(state, event, steps)
  return state
}

function add(state: BayState, e: BayEvent, steps: Map<string, OrderedStep>) {
  const step = e.step ?? ''
  const clock = state.clocks.get(step) ?? { minutes: 0, running: new Map<string, number>() }
  const stop = () => {
    const since = clock.running.get(e.device)
    if (since != null) clock.minutes += (Date.parse(e.at) - since) / 60000
    clock.running.delete(e.device)
    state.clocks.set(step, clock)
  }
  switch (e.kind) {
    case 'SEEN':
      state.seen.add(`${e.by}/${step}`)
      break
    case 'BEGUN':
      clock.running.set(e.device, Date.parse(e.at))
      state.clocks.set(step, clock)
      break
    case 'PAUSED':
      stop()
      break
    case 'DONE': {
      stop()
      clock.running.clear()
      const before = state.done.get(step)
      if (before && before.device !== e.device)
        state.conflicts.push({ what: 'TICKED_TWICE', step, one: before, other: e })
      const planned = steps.get(step)
      const open = planned?.allBack ? lying(state, planned, steps).map((p) => p.taken.text ?? '') : []
      if (open.length) state.conflicts.push({ what: 'TICKED_OPEN', step, one: e, pieces: open })
      state.done.set(step, e)
      break
    }
    case 'UNDONE':
      state.done.delete(step)
      state.conflicts = state.conflicts.filter((c) => c.step !== step || !c.what.startsWith('TICKED'))
      break
    case 'READ': {
      const key = `${step}/${e.item}`
      const before = state.readings.get(key)
      if (before && before.device !== e.device && before.value !== e.value)
        state.conflicts.push({ what: 'READ_TWICE', step, reading: e.item ?? '', one: before, other: e })
      state.readings.set(key, e)
      break
    }
    case 'STAGED':
      state.staged.set(`${step}/${e.item}`, e)
      break
    case 'UNSTAGED':
      state.staged.delete(`${step}/${e.item}`)
      break
    case 'NOTED':
      state.notes.push(e)
      break
    case 'PHOTOGRAPHED':
      state.photos.push(e)
      break
    case 'TAKEN':
      if (e.item && !state.pieces.has(e.item)) state.pieces.set(e.item, { taken: e, stands: 'OPEN', said: null })
      break
    case 'BACK':
    case 'BROKEN': {
      const piece = state.pieces.get(e.item ?? '')
      if (!piece) break
      if (piece.said && piece.said.device !== e.device && piece.stands !== e.kind)
        state.conflicts.push({ what: 'STANDS_TWICE', step: piece.taken.step ?? '', one: piece.said, other: e, piece })
      state.pieces.set(piece.taken.item!, { ...piece, stands: e.kind, said: e })
      break
    }
    case 'FOUND':
      state.found.push(e)
      break
  }
}

/** What is off yet, or in where it does not belong. */
export const open = (state: BayState): Piece[] => [...state.pieces.values()].filter((p) => p.stands === 'OPEN')

const line = (piece: Piece, steps: Map<string, OrderedStep>) =>
  steps.get(piece.taken.step ?? '')?.line ?? piece.taken.step ?? ''

/**
 * What must be back before a step may be ticked: nothing lies about when the front is closed, and when the engine runs
 * only what belongs to the open front does.
 */
export function lying(state: BayState, step: OrderedStep, steps: Map<string, OrderedStep>): Piece[] {
  if (!step.allBack) return []
  const may = step.mayLie.filter((l) => !step.opens.includes(l))
  return open(state).filter((p) => !may.includes(line(p, steps)))
}

/** What bars a step from being begun: the same, but for pieces that go back in with it. */
export function barring(state: BayState, step: OrderedStep, steps: Map<string, OrderedStep>): Piece[] {
  return lying(state, step, steps).filter((p) => !step.opens.includes(line(p, steps)))
}

/** Pieces that came off when that was opened which a step closes. */
export function goBack(state: BayState, step: OrderedStep, steps: Map<string, OrderedStep>): Piece[] {
  return open(state).filter((p) => step.opens.includes(line(p, steps)))
}

/** Minutes of a step until now. */
export function minutesOf(state: BayState, step: string, now: number): number {
  const clock = state.clocks.get(step)
  if (!clock) return 0
  return [...clock.running.values()].reduce((sum, since) => sum + (now - since) / 60000, clock.minutes)
}

/** What cures, cools or warms by itself yet, with the minutes that it takes. */
export function waiting(state: BayState, plan: BayPlan, now: number): { step: OrderedStep; left: number }[] {
  return plan.steps.flatMap((step) => {
    const done = state.done.get(step.id)
    if (!done || !step.waits) return []
    const left = step.waits - (now - Date.parse(done.at)) / 60000
    return left > 0 ? [{ step, left }] : []
  })
}
