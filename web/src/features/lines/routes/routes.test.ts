import { describe, expect, it } from 'vitest'
import type { RouteResult } from '@/shared/api/types'
import { shipped } from '@/testing/demoJob'
import { grownHose, hoseThings, routeMarks, steppedHose } from './routes'

const hive = shipped('demo/hive-utility')
const plan = hive.builds[2]!
const spot = (acrossMm: number, upMm: number, backMm: number) => ({ acrossMm, upMm, backMm })
const result = {
  hoses: [
    {
      hose: 'hose-1',
      line: [spot(-22, 77, 228), spot(0, 0, 100), spot(70, 317, 40)],
      outsideMm: 17,
      leastRadiusMm: 57,
      corners: [],
      near: [
        { thing: 'grille', gapMm: 9, state: 'SHORT', from: spot(0, 0, 9), to: spot(0, 0, 0) },
        { thing: 'horn', gapMm: 11, state: 'DOUBTFUL', from: spot(0, 0, 9), to: spot(0, 0, 0) },
        { thing: 'cooler-1', gapMm: 30, state: 'CLEAR', from: spot(0, 0, 9), to: spot(0, 0, 0) },
      ],
      troubles: [],
    },
  ],
  ports: [],
  faults: [],
} as unknown as RouteResult
const bendsOf = (content: typeof hive) => content.builds[2]!.lines.hoses[0]!.bends

describe('hoses in the views', () => {
  it('are drawn along their line and taken by their corners', () => {
    const [hose, ...rest] = hoseThings(plan, result)
    expect(rest).toEqual([]) // what the answer does not hold is not drawn yet
    expect(hose!.tube!.line).toHaveLength(3)
    expect(hose!.tube!.points).toHaveLength(plan.lines.hoses[0]!.bends.length)
    expect(hose!.bounds.low[0]).toBeCloseTo(-22 - 8.5)
  })

  it('are marked against what stands there, whichever kind it is', () => {
    const marks = routeMarks(result, (id) => (id === 'cooler-1' ? `piece/${id}` : `solid/${id}`))
    expect(marks.map((m) => m.state)).toEqual(['SHORT', 'DOUBTFUL', 'CLEAR'])
    expect(marks[2]!.of).toEqual(['hose/hose-1', 'piece/cooler-1'])
  })

  it('step by one corner or by all of them, and leave the other hose alone', () => {
    const before = bendsOf(hive)
    const one = steppedHose(hive, plan, 'hose-1', [0, 5, 0], 1)
    expect(bendsOf(one).map((b, n) => b.upMm - before[n]!.upMm)).toEqual(before.map((_, n) => (n === 1 ? 5 : 0)))
    const all = steppedHose(hive, plan, 'hose-1', [3, 0, 0], null)
    for (const [n, b] of bendsOf(all).entries()) expect(b.acrossMm).toBeCloseTo(before[n]!.acrossMm + 3)
    expect(all.builds[2]!.lines.hoses[1]).toBe(plan.lines.hoses[1])
  })

  it('get one more corner in the middle of a straight piece, of the least radius', () => {
    const before = bendsOf(hive)
    const first = bendsOf(grownHose(hive, plan, result.hoses[0]!, 0))
    expect(first).toHaveLength(before.length + 1)
    expect(first[0]).toMatchObject({
      acrossMm: Math.round((-22 + before[0]!.acrossMm) / 2),
      backMm: Math.round((228 + before[0]!.backMm) / 2),
      radiusMm: 57,
    })
    expect(new Set(first.map((b) => b.id)).size).toBe(first.length)
    const last = bendsOf(grownHose(hive, plan, result.hoses[0]!, before.length))
    expect(last.at(-1)!.upMm).toBe(Math.round((before.at(-1)!.upMm + 317) / 2))
  })
})
