import { expect, it } from 'vitest'
import { decide, merge } from './merge'

interface Build {
  name: string
  fans: { id: string; speed: number; side: string }[]
  marks: Record<string, string>
}
const base: Build = {
  name: 'A',
  fans: [
    { id: 'f1', speed: 55, side: 'pull' },
    { id: 'f2', speed: 100, side: 'push' },
  ],
  marks: { x: 'DEFAULT' },
}
const copy = (change: (b: Build) => void): Build => {
  const made = structuredClone(base)
  change(made)
  return made
}

it('keeps both where different fields of one row were changed', () => {
  const mine = copy((b) => (b.fans[0].speed = 80))
  const theirs = copy((b) => (b.fans[0].side = 'push'))
  const { value, clashes } = merge(base, mine, theirs)
  expect(clashes).toEqual([])
  expect(value.fans[0]).toEqual({ id: 'f1', speed: 80, side: 'push' })
})

it('keeps rows that either added, and those of another place in the list', () => {
  const mine = copy((b) => b.fans.push({ id: 'mine', speed: 1, side: 'pull' }))
  const theirs = copy((b) => b.fans.unshift({ id: 'theirs', speed: 2, side: 'pull' }))
  theirs.fans[2].speed = 99
  const { value, clashes } = merge(base, mine, theirs)
  expect(clashes).toEqual([])
  expect(value.fans.map((f) => f.id)).toEqual(['theirs', 'f1', 'f2', 'mine'])
  expect(value.fans[2].speed).toBe(99)
})

it('lets a row go that one removed and nobody touched, and a mark, too', () => {
  const mine = copy((b) => {
    b.fans.pop()
    delete b.marks.x
  })
  const theirs = copy((b) => (b.name = 'B'))
  const { value, clashes } = merge(base, mine, theirs)
  expect(clashes).toEqual([])
  expect(value).toEqual({ name: 'B', fans: [base.fans[0]], marks: {} })
})

it('asks where both changed one field, and takes what is chosen', () => {
  const mine = copy((b) => (b.fans[1].speed = 80))
  const theirs = copy((b) => (b.fans[1].speed = 60))
  const merged = merge(base, mine, theirs)
  expect(merged.clashes).toEqual([{ path: 'fans.f2.speed', mine: 80, theirs: 60 }])
  expect(decide(merged, () => false).fans[1].speed).toBe(60)
  expect(decide(merged, () => true).fans[1].speed).toBe(80)
})

it('asks where one edited what the other removed, either way round', () => {
  const edited = copy((b) => (b.fans[1].speed = 80))
  const removed = copy((b) => b.fans.pop())
  const mineGone = merge(base, removed, edited)
  expect(mineGone.clashes.map((c) => c.path)).toEqual(['fans.f2'])
  expect(decide(mineGone, () => true).fans).toHaveLength(1)
  expect(decide(mineGone, () => false).fans[1].speed).toBe(80)
  const theirsGone = merge(base, edited, removed)
  expect(decide(theirsGone, () => true).fans[1].speed).toBe(80)
  expect(decide(theirsGone, () => false).fans).toHaveLength(1)
})

it('takes the order that either gave', () => {
  const turned = copy((b) => b.fans.reverse())
  expect(merge(base, turned, base).value.fans.map((f) => f.id)).toEqual(['f2', 'f1'])
  const faster = copy((b) => (b.fans[0].speed = 70))
  const { value } = merge(base, turned, faster)
  expect(value.fans).toEqual([base.fans[1], { ...base.fans[0], speed: 70 }])
})
