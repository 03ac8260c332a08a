import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BayEvent, BayPlan, OrderedStep } from '@/shared/api/types'
import { barring, bayState, goBack, lying, minutesOf, waiting, type Happened } from './bayState'

interface Case {
  name: string
  events: (Partial<BayEvent> & { seq: number; at: string })[]
  done: Record<string, number>
  readings: Record<string, number>
  staged?: string[]
  pieces: Record<string, string>
  conflicts: string[]
}
// The server is held to the same cases by BayStateTest.
const cases = JSON.parse(readFileSync('../server/src/test/resources/bay/cases.json', 'utf8')) as Case[]

let drawn = 0
const happened = ({ seq, at, ...e }: Case['events'][number]): Happened => ({
  seq,
  event: { id: `e${drawn++}`, by: 'Ada', device: 'a', at: `2026-11-28T${at}:00Z`, ...e } as BayEvent,
})
const values = (events: Map<string, BayEvent>) => Object.fromEntries([...events].map(([k, e]) => [k, e.value]))

describe('how the work stands', () => {
  it.each(cases)('$name', (c) => {
    // However they came in.
    for (const events of [c.events, [...c.events].reverse()]) {
      const state = bayState(events.map(happened), null)
      expect(values(state.done)).toEqual(c.done)
      expect(values(state.readings)).toEqual(c.readings)
      expect([...state.staged.keys()].sort()).toEqual(c.staged ?? [])
      expect(Object.fromEntries([...state.pieces].map(([k, p]) => [k, p.stands]))).toEqual(c.pieces)
      expect(state.conflicts.map((x) => x.what).sort()).toEqual(c.conflicts)
    }
  })
})

const step = (id: string, more: Partial<OrderedStep>) =>
  ({ id, line: id, allBack: false, mayLie: [], opens: [], waits: 0, hands: 10, ...more }) as unknown as OrderedStep
const plan = {
  steps: [
    step('open-front', {}),
    step('shroud-out', {}),
    step('shroud-in', { opens: ['shroud-out'] }),
    step('run', { allBack: true, mayLie: ['open-front'] }),
    step('close-front', { allBack: true, mayLie: ['open-front'], opens: ['open-front'], waits: 30 }),
  ],
} as unknown as BayPlan
const steps = new Map(plan.steps.map((s) => [s.id, s]))
const taken = (step: string, item: string, at: string): Case['events'][number] => ({
  seq: 1,
  kind: 'TAKEN',
  at,
  step,
  item,
  text: item,
  sort: 'SCREW',
})
const names = (pieces: { taken: BayEvent }[]) => pieces.map((p) => p.taken.item)

describe('nothing left, nothing lost', () => {
  const events = [taken('open-front', 'grille nut', '09:00'), taken('shroud-out', 'shroud clip', '09:10')]
  const state = bayState(events.map(happened), plan)
  it('bars the engine and the front, but not for pieces of the front itself', () => {
    expect(names(barring(state, steps.get('run')!, steps))).toEqual(['shroud clip'])
    expect(names(barring(state, steps.get('close-front')!, steps))).toEqual(['shroud clip'])
    expect(names(lying(state, steps.get('run')!, steps))).toEqual(['shroud clip'])
    expect(names(lying(state, steps.get('close-front')!, steps))).toEqual(['grille nut', 'shroud clip'])
    expect(names(goBack(state, steps.get('shroud-in')!, steps))).toEqual(['shroud clip'])
    expect(barring(state, steps.get('shroud-in')!, steps)).toEqual([])
  })
  it('says what was ticked elsewhere while something lay about', () => {
    const ticked = bayState(
      [...events, { seq: 5, kind: 'DONE' as const, at: '10:00', step: 'run', value: 3 }].map(happened),
      plan,
    )
    expect(ticked.conflicts).toMatchObject([{ what: 'TICKED_OPEN', step: 'run', pieces: ['shroud clip'] }])
    const undone = bayState(
      [
        ...events,
        { seq: 5, kind: 'DONE' as const, at: '10:00', step: 'run', value: 3 },
        { seq: 6, kind: 'UNDONE' as const, at: '10:01', step: 'run' },
      ].map(happened),
      plan,
    )
    expect(undone.conflicts).toEqual([])
  })
})

describe('minutes', () => {
  it('run on each device for itself and stop with the tick', () => {
    const at = (t: string) => Date.parse(`2026-11-28T${t}:00Z`)
    const events = (
      [
        { seq: 1, kind: 'BEGUN', at: '09:00', step: 'run', device: 'a' },
        { seq: 2, kind: 'BEGUN', at: '09:05', step: 'run', device: 'b' },
        { seq: 3, kind: 'PAUSED', at: '09:10', step: 'run', device: 'a' },
      ] as Case['events']
    ).map(happened)
    expect(minutesOf(bayState(events, plan), 'run', at('09:20'))).toBe(25)
    const done = bayState(
      [...events, happened({ seq: 4, kind: 'DONE', at: '09:30', step: 'close-front', value: 0 })],
      plan,
    )
    expect(waiting(done, plan, at('09:50')).map((w) => [w.step.id, w.left])).toEqual([['close-front', 10]])
    expect(waiting(done, plan, at('10:00'))).toEqual([])
  })
})
