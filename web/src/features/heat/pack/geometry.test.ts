import { describe, expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { boxOfPiece, catchesFor, inOpening, METAL_GAP, moved, openingBox, radiatorBox, inDepth } from './geometry'
import { snap } from './snap'

const hive = shipped('demo/hive-utility')
const plan = hive.builds[2]

describe('what stands where', () => {
  it('puts the opening on the middle of the radiator', () => {
    const opening = openingBox(hive.rig.vehicle.cooling)
    expect(opening).toEqual({ left: -20, bottom: -20, width: 800, height: 560 })
  })

  it('puts another radiator on the middle of the truck’s, on the same foot', () => {
    const wider = { ...plan, radiator: { widthMm: 700, heightMm: 540, depthMm: 56 } } as typeof plan
    expect(radiatorBox(hive.rig.vehicle.cooling, plan)).toMatchObject({ left: 0, width: 760 })
    expect(radiatorBox(hive.rig.vehicle.cooling, wider)).toEqual({ left: 30, bottom: 0, width: 700, height: 540 })
  })

  it('knows every piece and no other', () => {
    expect(boxOfPiece(hive, plan, { kind: 'coolers', id: 'cooler-1' })).toEqual({
      left: 50,
      bottom: 250,
      width: 280,
      height: 190,
    })
    expect(boxOfPiece(hive, plan, { kind: 'fans', id: 'fan-1' })).toMatchObject({ left: 60, width: 640 })
    expect(boxOfPiece(hive, plan, { kind: 'obstacles', id: 'obstacle-2' })).toMatchObject({ left: 640, bottom: 430 })
    expect(boxOfPiece(hive, plan, { kind: 'condenser', id: '' })).toMatchObject({ left: 30, width: 700 })
    expect(boxOfPiece(hive, plan, { kind: 'chargeAirCooler', id: '' })).toBeNull()
    expect(boxOfPiece(hive, plan, { kind: 'coolers', id: 'cooler-4' })).toBeNull()
    expect(boxOfPiece(hive, plan, { kind: 'obstacles', id: 'obstacle-9' })).toBeNull()
  })
})

describe('dragging', () => {
  it('moves one piece to the millimetre and leaves the rest as it is', () => {
    const next = moved(hive, plan, { kind: 'coolers', id: 'cooler-1' }, 61.4, 199.6)
    expect(next.builds[2].coolers[0]).toMatchObject({ leftMm: 61, bottomMm: 200 })
    expect(next.builds[1]).toBe(hive.builds[1])
    expect(next.nose).toBe(hive.nose)
    expect(hive.builds[2].coolers[0].leftMm).toBe(50)
    const horn = moved(hive, plan, { kind: 'obstacles', id: 'obstacle-2' }, 0, 5).nose
    expect(horn.solids.find((s) => s.id === 'obstacle-2')!.box).toMatchObject({ leftMm: 0, bottomMm: 5, frontMm: 35 })
    expect(moved(hive, plan, { kind: 'condenser', id: '' }, 10, 5).rig.vehicle.cooling.condenser).toMatchObject({
      leftMm: 10,
      bottomMm: 5,
      widthMm: 700,
    })
    expect(moved(hive, hive.builds[1], { kind: 'fans', id: 'fan-1' }, 10, 5).builds[1].fans[0]).toMatchObject({
      leftMm: 10,
      bottomMm: 5,
      widthMm: 640,
    })
  })

  it('catches on the opening’s edge and keeps its gap to metal', () => {
    const cooler = { kind: 'coolers', id: 'cooler-1' } as const
    const box = boxOfPiece(hive, plan, cooler)!
    const catches = catchesFor(hive, plan, cooler)
    expect(snap({ ...box, left: -16 }, catches).left).toBe(-20)
    // The brace begins at 370, give or take 2: the cooler's right edge stays clear of it either way.
    expect(snap({ ...box, left: 84 }, catches).left).toBe(370 - 2 - METAL_GAP - box.width)
    // And nothing catches on itself.
    expect(catches).toHaveLength(2 + 1 + inOpening(hive).length)
    expect(catchesFor(hive, plan, { kind: 'obstacles', id: 'obstacle-1' })).toHaveLength(2 + 1 + 1 + 1)
    expect(catchesFor(hive, plan, { kind: 'condenser', id: '' })).toHaveLength(2 + 2 + 1)
  })

  it('changes one cooler of one build', () => {
    const next = inDepth(hive, plan, { kind: 'coolers', id: 'cooler-1' }, { place: 'FRONT', gapMm: 12 })
    expect(next.builds[2].coolers[0]).toMatchObject({ place: 'FRONT', gapMm: 12, leftMm: 50 })
    expect(next.builds[2].fans).toBe(hive.builds[2].fans)
  })

  it('moves the truck’s charge-air cooler with the one that hangs in its mounts', () => {
    const tray = shipped('demo/tilt-tray')
    const own = tray.rig.vehicle.cooling.chargeAirCooler!
    const wide = { ...tray.builds[1], chargeAirCooler: { widthMm: own.widthMm + 80, heightMm: 300 } } as typeof plan
    const piece = { kind: 'chargeAirCooler', id: '' } as const
    const box = boxOfPiece(tray, wide, piece)!
    expect(box).toMatchObject({ left: own.leftMm - 40, bottom: own.bottomMm, height: 300 })
    const next = moved(tray, wide, piece, box.left + 10, box.bottom)
    expect(next.rig.vehicle.cooling.chargeAirCooler).toMatchObject({ leftMm: own.leftMm + 10 })
  })
})
