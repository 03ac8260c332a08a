import { expect, it } from 'vitest'
import type { OrderedStep } from '@/shared/api/types'
import { dayClock, fromTo } from './dayClock'
import { blocks, waits } from './dayRoad'

const step = (id: string, start: number | null, hands: number, wait: number, lanes: number[]) =>
  ({ id, start, hands, waits: wait, lanes }) as OrderedStep

it('puts steps into their lanes and those of two people over both', () => {
  const all = blocks([step('a', 0, 30, 0, [1]), step('b', 30, 60, 0, [0, 1]), step('cool', 0, 0, 120, [])], 2)
  expect(all.map((b) => [b.step.id, b.x, b.width, b.lane, b.lanes])).toEqual([
    ['a', 0, 60, 1, 1],
    ['b', 60, 120, 0, 2],
  ])
})

it('lays no two waits on each other', () => {
  const bars = waits([step('a', 0, 10, 60, [0]), step('b', 20, 10, 60, [0]), step('c', 90, 0, 10, [])], 1)
  expect(bars.map((b) => [b.x, b.row])).toEqual([
    [10, 0],
    [30, 1],
    [90, 0],
  ])
})

it('leaves out what has no place yet', () => {
  expect(blocks([step('a', null, 30, 0, [])], 1)).toEqual([])
})

it('tells the hour of a minute of work, over nights', () => {
  expect(dayClock(0, 8)).toBe('8:00')
  expect(dayClock(485, 8)).toBe('day 2, 8:05')
  expect(fromTo(450, 60, 8)).toBe('15:30–day 2, 8:30')
})
