import { expect, it } from 'vitest'
import { changes, reapply, withValue } from './changes'

const base = { haul: { grade: 6, speed: 75 }, builds: [{ name: 'A', fan: 55 }, { name: 'B', fan: 100 }], hoses: [1, 2] }

it('lists what differs, by path', () => {
  const after = withValue(withValue(base, ['haul', 'grade'], 9), ['builds', '1', 'fan'], 80)
  expect(changes(base, after)).toEqual([
    { path: ['haul', 'grade'], before: 6, after: 9 },
    { path: ['builds', '1', 'fan'], before: 100, after: 80 },
  ])
  expect(changes(base, base)).toEqual([])
  expect(changes(base, { ...base, hoses: [1] })).toHaveLength(1)
})

it('lays my changes over theirs and keeps both', () => {
  const mine = withValue(base, ['haul', 'grade'], 9)
  const theirs = withValue(base, ['haul', 'speed'], 60)
  expect(reapply(base, mine, theirs).haul).toEqual({ grade: 9, speed: 60 })
  expect(base.haul.grade).toBe(6)
})

it('drops a change whose place is gone', () => {
  const mine = withValue(base, ['builds', '1', 'fan'], 80)
  const theirs = { ...base, builds: [base.builds[0]] }
  expect(reapply(base, mine, theirs).builds).toHaveLength(1)
})
