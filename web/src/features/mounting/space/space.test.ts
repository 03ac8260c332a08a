import { describe, expect, it } from 'vitest'
import type { NoseSection, SpaceResult } from '@/shared/api/types'
import { shipped } from '@/testing/demoJob'
import { lookedFor, withAbsent, withTaken } from './looked'
import { caught, stepped, type Thing, thingsOf } from './things'
import { facesOf, flatViews, onSheet, painted, projected, sheetOf, stepOf } from './views'

const hive = shipped('demo/hive-utility')
const plan = hive.builds[2]!
const space = {
  packFrontMm: 120,
  packBackMm: 188,
  near: [],
  strips: [],
  pieces: [
    {
      id: 'cooler-1',
      kind: 'OIL_COOLER',
      box: { leftMm: 50, bottomMm: 250, frontMm: 68, widthMm: 280, heightMm: 190, depthMm: 32 },
    },
    {
      id: 'radiator',
      kind: 'RADIATOR',
      box: { leftMm: 0, bottomMm: 0, frontMm: 148, widthMm: 760, heightMm: 520, depthMm: 40 },
    },
  ],
} as unknown as SpaceResult
const things = thingsOf(hive, plan, space)
const thing = (key: string) => things.find((t) => t.key === key)!

describe('the views of one frame', () => {
  it('put a point where each looks, and bring a step on the sheet back', () => {
    const [front, top, side] = flatViews
    expect(onSheet(front!, [3, 5, 7])).toEqual([3, -5])
    expect(onSheet(top!, [3, 5, 7])).toEqual([3, -7])
    expect(onSheet(side!, [3, 5, 7])).toEqual([7, -5])
    expect(stepOf(side!, 4, -9)).toEqual([0, 9, 4])
    expect(sheetOf(top!, { low: [0, 0, -60], high: [10, 20, 40] })).toEqual({
      left: 0,
      top: -40,
      width: 10,
      height: 100,
    })
  })

  it('show the three faces of a box that look at the eye', () => {
    const faces = facesOf({ turn: -0.6, raise: 0.5 }, { low: [0, 0, 0], high: [1, 1, 1] })
    expect(faces).toHaveLength(3)
    // From the front and level only the front is seen.
    expect(facesOf({ turn: 0, raise: 0 }, { low: [0, 0, 0], high: [1, 1, 1] })).toHaveLength(1)
    expect(projected({ turn: 0, raise: 0 }, [2, 3, 4])).toMatchObject({ x: 2, y: -3, far: 4 })
  })
})

it('paints what lies before other things after them, wherever their middles are', () => {
  const condenser = { low: [30, 40, 120], high: [730, 480, 136] } as const
  const cooler = { low: [50, 250, 68], high: [330, 440, 100] } as const
  const brace = { low: [370, -20, 65], high: [404, 540, 95] } as const
  for (const turn of [-0.9, -0.62, 0, 0.5]) expect(painted({ turn, raise: 0.5 }, [cooler, condenser, brace])[0]).toBe(1)
})

describe('what stands in the nose', () => {
  it('has the bounds that its box, cylinder or tube has', () => {
    expect(thing('solid/obstacle-1').bounds).toEqual({ low: [370, -20, 65], high: [404, 540, 95] })
    const cable = thing('solid/latch-cable')
    expect(cable.tube!.radius).toBe(4)
    expect(cable.bounds.low[0]).toBe(Math.min(...cable.tube!.points.map((p) => p[0])) - 4)
    expect(thing('piece/radiator').free).toEqual([])
  })

  it('goes where it is stepped, a tube by one point or whole, a cooler in depth by its gap', () => {
    const horn = stepped(hive, plan, space, thing('solid/obstacle-2'), [5, -3, 2])
    expect(horn.nose.solids.find((s) => s.id === 'obstacle-2')!.box).toMatchObject({
      leftMm: 645,
      bottomMm: 427,
      frontMm: 37,
    })
    const cable = thing('solid/latch-cable')
    const points = (job: typeof hive) => job.nose.solids.find((s) => s.id === 'latch-cable')!.tube!.points
    const one = points(stepped(hive, plan, space, cable, [0, 10, 0], 1))
    expect(one.map((p, n) => p.upMm - points(hive)[n]!.upMm)).toEqual([0, 10, 0, 0])
    const deeper = stepped(hive, plan, space, thing('piece/cooler-1'), [0, 0, -5])
    expect(deeper.builds[2]!.coolers[0]).toMatchObject({ gapMm: 25, leftMm: 50, place: 'FRONT' })
    expect(stepped(hive, plan, space, thing('piece/radiator'), [9, 9, 9])).toBe(hive)
  })

  it('catches the edge of another thing, or ten millimetres beside it', () => {
    const cooler: Thing = thing('piece/cooler-1')
    // 40 mm from the brace: a step of 27 ends 13 before it and is drawn to 10.
    expect(caught(cooler, [27, 0, 0], [thing('solid/obstacle-1')], [0])).toEqual([30, 0, 0])
    expect(caught(cooler, [12, 0, 0], [thing('solid/obstacle-1')], [0])).toEqual([12, 0, 0])
  })
})

describe('what is looked for', () => {
  const usual: NoseSection = {
    ...hive.nose,
    solids: hive.nose.solids.map((s) => ({ ...s, plusMinusMm: 40 })),
    holes: hive.nose.holes.map((h) => ({ ...h, plusMinusMm: 40 })),
  }
  const none: NoseSection = { ...hive.nose, absent: [], solids: [], holes: [] }

  it('is drawn from the usual where nobody has measured, and what was measured stays', () => {
    const drawn = withTaken({ ...none, absent: ['HORN'] }, usual, null)
    expect(drawn.solids.some((s) => s.what === 'HORN')).toBe(false)
    expect(drawn.holes).toHaveLength(usual.holes.length)
    const measured = { ...drawn, solids: drawn.solids.map((s) => (s.id === 'bumper' ? { ...s, plusMinusMm: 3 } : s)) }
    const again = withTaken(measured, { ...usual, solids: usual.solids.map((s) => ({ ...s, plusMinusMm: 20 })) }, null)
    expect(again.solids.find((s) => s.id === 'bumper')!.plusMinusMm).toBe(3)
    expect(again.solids.find((s) => s.id === 'grille')!.plusMinusMm).toBe(20)
    expect(again.solids).toHaveLength(measured.solids.length)
  })

  it('is there, not there, or still open', () => {
    expect(lookedFor(hive.nose).every((r) => r.state !== 'open')).toBe(true)
    const without = withAbsent(hive.nose, 'HORN')
    expect(without.solids.some((s) => s.what === 'HORN')).toBe(false)
    expect(lookedFor(without).find((r) => r.kind === 'HORN')!.state).toBe('absent')
    expect(lookedFor(withAbsent(without, 'HORN'))[0]).toMatchObject({ kind: 'HORN', state: 'open' })
    expect(withTaken(without, usual, 'HORN').absent).not.toContain('HORN')
  })
})
