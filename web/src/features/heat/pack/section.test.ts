import { describe, expect, it } from 'vitest'
import type { Build, FittedCooler } from '@/shared/api/types'
import { shipped } from '@/testing/demoJob'
import { spread } from '@/shared/ui/spread'
import { placeAt, section } from './section'

const hive = shipped('demo/hive-utility')
const tray = shipped('demo/tilt-tray')
const plan = hive.builds[2]
const with_ = (...coolers: Partial<FittedCooler>[]): Build => ({
  ...plan,
  coolers: coolers.map((c, i) => ({ ...plan.coolers[0], id: `c${i}`, ...c })),
})
const fronts = (build: Build, content = hive) =>
  Object.fromEntries(section(content, build).list.map((s) => [s.name, s.front]))

describe('the pack in depth', () => {
  it('stands cores one behind the other with the truck’s own gap', () => {
    // Condenser 16 mm, gap 12, radiator 40, fan 30 mm behind it.
    expect(fronts(plan)).toEqual({ condenser: 0, radiator: 28, 'oil cooler': -52 })
    expect(section(hive, plan)).toMatchObject({ radiatorAt: 28, radiatorDepth: 40, end: 98 })
  })

  it('puts a charge-air cooler before the condenser where the truck has it so', () => {
    const restored = tray.builds[1]
    expect(section(tray, restored).list.map((s) => s.name)).toEqual(['charge air', 'condenser', 'radiator'])
    const other = {
      ...tray,
      rig: {
        ...tray.rig,
        vehicle: { ...tray.rig.vehicle, cooling: { ...tray.rig.vehicle.cooling, chargeAirFirst: false } },
      },
    }
    expect(section(other, restored).list.map((s) => s.name)).toEqual(['condenser', 'charge air', 'radiator'])
    expect(section(other, restored).end).toBe(section(tray, restored).end)
  })

  it('stands coolers that overlap one before the other, and side by side where they do not', () => {
    const clash = section(hive, with_({}, { leftMm: 100 })).list.filter((s) => s.piece != null)
    expect(clash.map((s) => s.front)).toEqual([-52, -104])
    const apart = section(hive, with_({}, { leftMm: 420 })).list.filter((s) => s.piece != null)
    expect(apart.map((s) => s.front)).toEqual([-52, -52])
  })

  it('shows a cooler between and behind, and none that is elsewhere', () => {
    expect(fronts(with_({ place: 'BEHIND_CONDENSER' }))['oil cooler']).toBe(28 - 6 - 16)
    expect(fronts(with_({ place: 'BEHIND_RADIATOR' }))['oil cooler']).toBe(28 + 40 + 5)
    expect(fronts(with_({ place: 'ELSEWHERE' }))).not.toHaveProperty('oil cooler')
  })

  it('takes the depth of a radiator that is put in', () => {
    const deep = { ...plan, radiator: { widthMm: 760, heightMm: 520, depthMm: 60 } } as Build
    expect(section(hive, deep).end).toBe(28 + 60 + 30)
  })
})

describe('other coolers', () => {
  const other = (order: 'BEFORE_OIL' | 'BEHIND_OIL', leftMm: number) =>
    ({
      ...plan,
      otherCoolers: [
        {
          id: 'other-1',
          kind: 'STEERING',
          core: {
            ...hive.rig.vehicle.cooling.condenser!,
            leftMm,
            bottomMm: 260,
            widthMm: 200,
            heightMm: 60,
            depthMm: 20,
          },
          place: 'FRONT',
          order,
          heatKw: null,
        },
      ],
    }) as Build

  it('stand before or behind the oil coolers that they overlap', () => {
    expect(fronts(other('BEHIND_OIL', 60))).toMatchObject({ 'steering cooler': -32, 'oil cooler': -84 })
    expect(fronts(other('BEFORE_OIL', 60))).toMatchObject({ 'oil cooler': -52, 'steering cooler': -84 })
    expect(fronts(other('BEFORE_OIL', 500))).toMatchObject({ 'oil cooler': -52, 'steering cooler': -32 })
  })
})

describe('dragging in depth', () => {
  const depth = plan.coolers[0].part.depthMm
  const at = (gap: number, free = false) => placeAt(hive, plan, depth, -gap - depth, free)

  it('catches on standard gaps, freely with the key held', () => {
    expect(at(18)).toEqual({ place: 'FRONT', gapMm: 20 })
    expect(at(18, true)).toEqual({ place: 'FRONT', gapMm: 18 })
    expect(at(14)).toEqual({ place: 'FRONT', gapMm: 14 })
    expect(at(37.4)).toEqual({ place: 'FRONT', gapMm: 37 })
  })

  it('never stands a cooler into the core behind it or out of reach', () => {
    expect(at(-6)).toMatchObject({ place: 'FRONT', gapMm: 0 })
    expect(at(900)).toEqual({ place: 'FRONT', gapMm: 300 })
  })

  it('changes place past the middle of the next core', () => {
    expect(placeAt(hive, plan, depth, 8 - depth / 2 + 1, false)).toEqual({ place: 'BEHIND_CONDENSER' })
    expect(placeAt(hive, plan, depth, 48 - depth / 2 + 1, false)).toEqual({ place: 'BEHIND_RADIATOR' })
    const open = {
      ...hive,
      rig: { ...hive.rig, vehicle: { ...hive.rig.vehicle, cooling: { ...hive.rig.vehicle.cooling, condenser: null } } },
    }
    // With nothing before the radiator there is no between.
    expect(placeAt(open, plan, depth, 1 - depth / 2, false)).toMatchObject({ place: 'FRONT', gapMm: 0 })
  })
})

describe('names under the pack', () => {
  it('stand under their own where there is room', () => {
    expect(spread([300, 10, 100], 36)).toEqual([300, 10, 100])
  })

  it('never stand in each other’s way, in the order of what they name, and no farther off than they must', () => {
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    for (let n = 0; n < 500; n++) {
      const wanted = Array.from({ length: 1 + Math.floor(random() * 8) }, () => random() * 200)
      const places = spread(wanted, 36)
      const order = wanted.map((_, i) => i).sort((a, b) => wanted[a]! - wanted[b]!)
      for (let k = 1; k < order.length; k++)
        expect(places[order[k]!]! - places[order[k - 1]!]!).toBeGreaterThan(36 - 1e-9)
      // A crowd stands evenly round its own: nothing drifts to one side.
      expect(places.reduce((a, b) => a + b, 0)).toBeCloseTo(
        wanted.reduce((a, b) => a + b, 0),
        6,
      )
    }
  })
})
