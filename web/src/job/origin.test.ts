import { expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { afterEdit, assumed, numbersOf, originOf, setOrigin } from './origin'
import { withValue } from './paths'

const job = shipped('demo/hive-utility')
const FLOW = 'builds.restored.fans.fan-1.part.freeFlowM3s'

it('says of every number of the rig and of every part where it comes from', () => {
  expect(originOf(job, 'rig.trailer.massKg')).toBe('measured')
  expect(originOf(job, 'rig.vehicle.engine.torqueNm')).toBe('entered')
  expect(originOf(job, FLOW)).toBe('sheet')
  expect(originOf(job, 'builds.plan-3.thermostat.startC')).toBe('entered')
  // A plan, a fault and a road are nobody's reading; nor is what is not there.
  expect(originOf(job, 'builds.plan-3.coolers.cooler-1.leftMm')).toBeNull()
  expect(originOf(job, 'builds.plan-3.condition.pumpPercent')).toBeNull()
  expect(originOf(job, 'haul.gradePercent')).toBeNull()
  expect(originOf(job, 'rig.vehicle.engine.boostRatio')).toBeNull()
  for (const key of numbersOf(job.rig)) expect(originOf(job, `rig.${key}`), key).not.toBeNull()
})

it('keeps a reading with its mark, and forgets it when another part comes', () => {
  const read = setOrigin(job, FLOW, 'measured', 1.9)
  expect(originOf(read, FLOW)).toBe('measured')
  const typed = afterEdit(withValue(read, FLOW, 2), FLOW)
  expect(originOf(typed, FLOW)).toBe('entered')
  const part = 'builds.restored.fans.fan-1.part'
  const other = { ...job.builds[1]!.fans[0]!.part, code: 'other' }
  expect(originOf(afterEdit(withValue(typed, part, other), part), FLOW)).toBe('sheet')
})

it('marks what came with a usual value as assumed, lists of numbers as one', () => {
  const usual = assumed(job, 'rig.vehicle.engine')
  expect(originOf(usual, 'rig.vehicle.engine.torqueRpm')).toBe('assumed')
  expect(originOf(usual, 'rig.vehicle.engine.displacementLitres')).toBe('assumed')
  expect(originOf(usual, 'rig.trailer.massKg')).toBe('measured')
})
