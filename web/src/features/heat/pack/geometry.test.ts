import { describe, expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { boxOfPiece, catchesFor, METAL_GAP, moved, openingBox, radiatorBox, withCooler } from './geometry'
import { snap } from './snap'

const hive = shipped('demo/hive-utility')
const plan = hive.builds[2]

describe('what stands where', () => {
  it('puts the opening on the middle of the radiator', () => {
    const opening = openingBox(hive.vehicle.cooling)
    expect(opening).toEqual({ left: -20, bottom: -20, width: 800, height: 560 })
  })

  it('puts another radiator on the middle of the truck’s, on the same foot', () => {
    const wider = { ...plan, radiator: { widthMm: 700, heightMm: 540, depthMm: 56 } } as typeof plan
    expect(radiatorBox(hive.vehicle.cooling, plan)).toMatchObject({ left: 0, width: 760 })
    expect(radiatorBox(hive.vehicle.cooling, wider)).toEqual({ left: 30, bottom: 0, width: 700, height: 540 })
  })

  it('knows every piece and no other', () => {
    expect(boxOfPiece(hive, plan, { kind: 'coolers', index: 0 })).toEqual({ left: 50, bottom: 250, width: 280, height: 190 })
    expect(boxOfPiece(hive, plan, { kind: 'fans', index: 0 })).toMatchObject({ left: 60, width: 640 })
    expect(boxOfPiece(hive, plan, { kind: 'obstacles', index: 1 })).toMatchObject({ left: 640, bottom: 430 })
    expect(boxOfPiece(hive, plan, { kind: 'condenser', index: 0 })).toMatchObject({ left: 30, width: 700 })
    expect(boxOfPiece(hive, plan, { kind: 'chargeAirCooler', index: 0 })).toBeNull()
    expect(boxOfPiece(hive, plan, { kind: 'coolers', index: 3 })).toBeNull()
    expect(boxOfPiece(hive, plan, { kind: 'obstacles', index: 9 })).toBeNull()
  })
})

describe('dragging', () => {
  it('moves one piece to the millimetre and leaves the rest as it is', () => {
    const next = moved(hive, 2, { kind: 'coolers', index: 0 }, 61.4, 199.6)
    expect(next.builds[2].coolers[0]).toMatchObject({ leftMm: 61, bottomMm: 200 })
    expect(next.builds[1]).toBe(hive.builds[1])
    expect(next.obstacles).toBe(hive.obstacles)
    expect(hive.builds[2].coolers[0].leftMm).toBe(50)
    expect(moved(hive, 2, { kind: 'obstacles', index: 1 }, 0, 5).obstacles.map((o) => o.leftMm)).toEqual([370, 0])
    expect(moved(hive, 2, { kind: 'condenser', index: 0 }, 10, 5).vehicle.cooling.condenser).toMatchObject({ leftMm: 10, bottomMm: 5, widthMm: 700 })
    expect(moved(hive, 1, { kind: 'fans', index: 0 }, 10, 5).builds[1].fans[0]).toMatchObject({ leftMm: 10, bottomMm: 5, widthMm: 640 })
  })

  it('catches on the opening’s edge and keeps its gap to metal', () => {
    const cooler = { kind: 'coolers', index: 0 } as const
    const box = boxOfPiece(hive, plan, cooler)!
    const catches = catchesFor(hive, plan, cooler)
    expect(snap({ ...box, left: -16 }, catches).left).toBe(-20)
    // The brace begins at 370: the cooler's right edge stays clear of it.
    expect(snap({ ...box, left: 84 }, catches).left).toBe(370 - METAL_GAP - box.width)
    // And nothing catches on itself.
    expect(catches).toHaveLength(2 + 1 + hive.obstacles.length)
    expect(catchesFor(hive, plan, { kind: 'obstacles', index: 0 })).toHaveLength(2 + 1 + 1 + 1)
    expect(catchesFor(hive, plan, { kind: 'condenser', index: 0 })).toHaveLength(2 + 2 + 1)
  })

  it('changes one cooler of one build', () => {
    const next = withCooler(hive, 2, 0, { sealed: false })
    expect(next.builds[2].coolers[0].sealed).toBe(false)
    expect(next.builds[2].fans).toBe(hive.builds[2].fans)
  })
})
