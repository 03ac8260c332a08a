import { describe, expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { fansOf, switchedFans } from './fans'

const build = shipped('demo/hive-utility').builds.at(-1)!
const points = { onC: 95, offC: 85, sensor: 'GEARBOX', withAirConditioning: false } as const

describe('the fans of a build', () => {
  it('are those of the pack, then those of oil coolers\u2019 own', () => {
    const [cooler] = build.coolers
    const blown = { ...build, coolers: [{ ...cooler!, ownFanM3s: 0.35, ownFanSwitch: points }] }
    const own = fansOf(blown).at(-1)!
    expect(fansOf(build).every((f) => f.fan)).toBe(true)
    expect(own).toMatchObject({ id: `${cooler!.id}-fan`, name: 'oil cooler\u2019s own fan', fan: null, points })
    expect(own.path).toBe(`builds.${build.id}.coolers.${cooler!.id}.ownFanSwitch`)
    expect(switchedFans(blown)).toHaveLength(switchedFans(build).length + 1)
  })

  it('on the belt are never switched, whatever points they have', () => {
    const [fan] = build.fans
    const belt = {
      ...build,
      fans: [{ ...fan!, part: { ...fan!.part, kind: 'VISCOUS' as const }, switchPoints: points }],
    }
    expect(fansOf(belt)[0]).toMatchObject({ fed: false, points: null })
    expect(switchedFans(belt)).toEqual([])
  })
})
