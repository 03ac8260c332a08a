import { expect, it } from 'vitest'
import { valueAt } from '@/job/paths'
import { shipped } from '@/testing/demoJob'
import { measurementAt, stages } from './measurements'

const KINDS = ['petrol-utility', 'diesel-utility', 'medium-diesel', 'plough-pickup']
const all = stages.flatMap((s) => s.list)

it.each(KINDS)('asks for numbers that a %s has, each once', (kind) => {
  const job = shipped(`intake/${kind}`)
  const paths = all.map((m) => m.path(job.builds[1]))
  for (const path of paths) expect(typeof valueAt(job, path), path).toBe('number')
  expect(new Set(paths).size).toBe(all.length)
})

it.each(KINDS)('asks for everything that the server marks as assumed for a %s', (kind) => {
  const job = shipped(`intake/${kind}`)
  const marked = [
    ...Object.keys(job.rig.marks).map((p) => `rig.${p}`),
    ...Object.keys(job.builds[1].marks).map((p) => `builds.${job.builds[1].id}.${p}`),
  ]
  expect(marked.filter((p) => !measurementAt(p, job.builds[1]))).toEqual([])
})

it('says for each how and with what', () => {
  for (const m of all) {
    expect(m.how.length, m.label).toBeGreaterThan(8)
    expect(m.tool, m.label).not.toBe('')
  }
})
