import { describe, expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { openingBox } from './geometry'
import { intoOpening, putBack } from './putBack'

const hive = shipped('demo/hive-utility')
const plan = hive.builds[2]
const opening = openingBox(hive.rig.vehicle.cooling)
const at = (leftMm: number, bottomMm: number) => ({ ...plan, coolers: [{ ...plan.coolers[0], leftMm, bottomMm }] })
const back = (leftMm: number, bottomMm: number) => {
  const build = at(leftMm, bottomMm)
  return putBack({ ...hive, builds: [hive.builds[0], hive.builds[1], build] }, build, 'cooler-1')?.builds[2].coolers[0]
}

describe('what stands before the pack', () => {
  it('stops at the edges of the opening, and on its middle where it is larger', () => {
    const box = { left: 0, bottom: 0, width: 200, height: 100 }
    expect(intoOpening({ ...box, left: 5000, bottom: -900 }, opening)).toMatchObject({ left: 570, bottom: -10 })
    expect(intoOpening({ ...box, left: 100, bottom: 100 }, opening)).toMatchObject({ left: 100, bottom: 100 })
    expect(intoOpening({ ...box, width: 1000 }, opening)).toMatchObject({ left: -120 })
  })

  it('is put back at the nearest place that clears everything', () => {
    // Straight in from the right, under the horn.
    expect(back(1200, 200)).toMatchObject({ leftMm: 770 - 280, bottomMm: 200 })
    // Off the brace to the nearer side of it, by the gap to metal.
    expect(back(300, 100)!.leftMm).toBeGreaterThanOrEqual(404 + 10)
    expect(back(60, 100)).toBeUndefined()
  })

  it('has no place where it is larger than the opening', () => {
    const wide = { ...plan, coolers: [{ ...plan.coolers[0], part: { ...plan.coolers[0].part, widthMm: 900 } }] }
    expect(putBack(hive, wide, 'cooler-1')).toBeNull()
    expect(putBack(hive, plan, 'fan-1')).toBeNull()
  })
})
