import { describe, expect, it } from 'vitest'
import type { WiredDevice, WiringPlan, WiringState } from '@/shared/api/types'
import { guardOtherwise, stateLike, wiredOtherwise, wireOtherwise, warmths } from './wiring'

const plan: WiringPlan = {
  feed: 'BATTERY',
  guard: 'FUSE',
  box: null,
  devices: [],
  extras: [],
  wires: [],
  guards: [],
  ways: [],
}
const device = {
  name: { id: 'fan-1', noun: 'nameNoun.mainFan', number: 0, given: null },
  wiring: { id: 'fan-1', school: 'CONTROLLER', by: 'RELAY', driver: false },
} as unknown as WiredDevice

describe('choices of a wiring', () => {
  it('starts from what is proposed, and keeps what was chosen before', () => {
    const once = wiredOtherwise(plan, device, { by: 'DIODE' })
    expect(once.devices).toEqual([{ ...device.wiring, by: 'DIODE' }])
    // The server's answer still has the relay: what was chosen a moment ago stays.
    const twice = wiredOtherwise(once, device, { driver: true })
    expect(twice.devices).toEqual([{ ...device.wiring, by: 'DIODE', driver: true }])
  })

  it('drops a row that chooses nothing any more', () => {
    const thin = wireOtherwise(plan, 'a>b', { areaMm2: 1 })
    expect(thin.wires).toHaveLength(1)
    expect(wireOtherwise(thin, 'a>b', { areaMm2: null }).wires).toEqual([])
    expect(guardOtherwise(guardOtherwise(plan, 'f', 30), 'f', null).guards).toEqual([])
  })
})

describe('the truth table', () => {
  const states = ['OFF', 'RUNNING'].flatMap((key) =>
    [20, 104, 110].map(
      (coolantC) =>
        ({
          situation: { key, coolantC, oilC: 20, airConditioning: false, driver: false },
          speeds: { 'fan-1': key === 'OFF' || coolantC < 104 ? 0 : coolantC < 110 ? 0.6 : 1 },
          drawnA: 0,
        }) as WiringState,
    ),
  )

  it('has a row for each temperature that makes a difference', () => {
    expect(warmths(states).map((w) => w.coolantC)).toEqual([20, 104, 110])
  })

  it('finds the row of any temperature, below the first too', () => {
    const at = (coolantC: number, key: 'OFF' | 'RUNNING' = 'RUNNING') =>
      stateLike(states, { key, coolantC, oilC: 90, airConditioning: true, driver: true })?.speeds['fan-1']
    expect([at(-10), at(103.9), at(104), at(109), at(140), at(140, 'OFF')]).toEqual([0, 0, 0.6, 0.6, 1, 0])
  })
})
