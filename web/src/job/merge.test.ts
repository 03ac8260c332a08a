import { expect, it } from 'vitest'
import { shipped } from '@/testing/demoJob'
import { decide, merge } from './merge'
import { isRows, newId, same, valueAt, withValue } from './paths'

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

it('takes a part whole where one put another in its place', () => {
  const fitted = { part: { code: 'A', width: 280, fins: 14 } }
  const wider = { part: { code: 'A', width: 300, fins: 14 } }
  const other = { part: { code: 'B', width: 260, fins: 12 } }
  for (const [mine, theirs] of [
    [wider, other],
    [other, wider],
  ] as const) {
    const merged = merge(fitted, mine, theirs)
    expect(merged.clashes).toEqual([{ path: 'part', mine: mine.part, theirs: theirs.part }])
    expect(decide(merged, () => true)).toEqual(mine)
    expect(decide(merged, () => false)).toEqual(theirs)
  }
  const both = merge<{ radiator: object | null }>(
    { radiator: null },
    { radiator: other.part },
    { radiator: wider.part },
  )
  expect(both.clashes.map((c) => c.path)).toEqual(['radiator'])
})

it('gives two windows that add a row each two rows', () => {
  const add = (list: { id: string }[]) => [...list, { id: newId(list, 'hose') }]
  const hoses = [{ id: 'hose-1' }]
  const { value, clashes } = merge(hoses, add(hoses), add(hoses))
  expect(clashes).toEqual([])
  expect(value).toHaveLength(3)
})

/** A number between 0 and 1, the same again for the same seed. */
function random(seed: number) {
  return () => {
    seed = (seed * 1664525 + 1013904223) % 2 ** 32
    return seed / 2 ** 32
  }
}

/** Every number, text and switch of a build by its path, rows by their ids. */
function leaves(at: unknown, path = ''): [string, unknown][] {
  if (typeof at !== 'object' || at === null || (Array.isArray(at) && !isRows(at))) return [[path, at]]
  const entries = Array.isArray(at) ? at.map((row) => [row.id, row] as const) : Object.entries(at)
  return entries.flatMap(([step, value]) => leaves(value, path ? `${path}.${step}` : String(step)))
}

it('loses no edit of either, whatever two people do to a build', () => {
  const build = shipped('demo/hive-utility').builds[2]!
  const next = random(7)
  const pick = <T>(list: T[]) => list[Math.floor(next() * list.length)]!
  const fields = leaves(build).filter(([path, value]) => typeof value === 'number' && path !== 'id')
  const lists = ['coolers', 'fans', 'mounting.brackets', 'lines.hoses']
  const change = () => {
    let changed = build
    for (let n = 0; n < 1 + 4 * next(); n++) {
      const kind = next()
      const list = pick(lists)
      const rows = valueAt(changed, list) as { id: string }[]
      if (kind < 0.7) {
        const [path] = pick(fields)
        if (valueAt(changed, path) !== undefined) changed = withValue(changed, path, Math.round(next() * 1e6))
      } else if (kind < 0.85) changed = withValue(changed, list, [...rows, { ...rows[0], id: newId(rows, 'row') }])
      else changed = withValue(changed, list, rows.slice(1))
    }
    return changed
  }
  for (let n = 0; n < 200; n++) {
    const [mine, theirs] = [change(), change()]
    const merged = merge(build, mine, theirs)
    expect(merge(build, mine, build).value).toEqual(mine)
    expect(merge(build, build, theirs).value).toEqual(theirs)
    expect(merge(build, mine, mine)).toEqual({ value: mine, clashes: [] })
    const places = (m: typeof merged) => m.clashes.map((c) => c.path).sort()
    expect(places(merge(build, theirs, mine))).toEqual(places(merged))
    const [chosenMine, chosenTheirs] = [decide(merged, () => true), decide(merged, () => false)]
    const paths = new Set([build, mine, theirs].flatMap((b) => leaves(b)).map(([path]) => path))
    // One question for all paths: asking for each of some thousand would be most of this test's time.
    const lost = [...paths].filter((path) => {
      const [was, my, their] = [build, mine, theirs].map((b) => valueAt(b, path))
      const [iLeft, theyLeft] = [same(my, was), same(their, was)]
      return (
        (!iLeft && !same(valueAt(chosenMine, path), my)) ||
        (!theyLeft && !same(valueAt(chosenTheirs, path), their)) ||
        (iLeft && theyLeft && !same(valueAt(merged.value, path), was))
      )
    })
    expect(lost).toEqual([])
  }
})
