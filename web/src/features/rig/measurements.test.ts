import { expect, it } from 'vitest'
import { numbersOf } from '@/job/origin'
import { type JobPath, valueAt } from '@/job/paths'
import { shipped } from '@/testing/demoJob'
import { measurementAt, stageOf, stages } from './measurements'

const KINDS = ['petrol-utility', 'diesel-utility', 'medium-diesel', 'plough-pickup']
const all = stages.flatMap((s) => s.list)

it.each(KINDS)('asks for numbers that a %s has, each once', (kind) => {
  const job = shipped(`intake/${kind}`)
  const paths = all.map((m) => m.path(job.builds[1]))
  // Nobody has read the plates of a truck that has not come yet.
  const there = paths.filter((path) => !path.startsWith('rig.ratings.'))
  for (const path of there) expect(typeof valueAt(job, path), path).toBe('number')
  expect(new Set(paths).size).toBe(all.length)
})

it.each(KINDS)('shows every number of a %s at one of its stations', (kind) => {
  const job = shipped(`intake/${kind}`)
  for (const key of numbersOf(job.rig)) {
    expect(stages[stageOf(key)], key).toBeDefined()
    const asked = measurementAt(`rig.${key}` as JobPath, job.builds[1])
    if (asked) expect(stages[stageOf(key)]!.list, key).toContain(asked)
  }
})

it('says for each how and with what', () => {
  for (const m of all) {
    expect(m.how.length, m.label).toBeGreaterThan(8)
    expect(m.tool, m.label).not.toBe('')
  }
})
