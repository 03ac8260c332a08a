import { expect, it } from 'vitest'
import { valueAt } from '@/job/changes'
import { shipped } from '@/testing/demoJob'
import { stages } from './measurements'

const KINDS = ['petrol-utility', 'diesel-utility', 'medium-diesel', 'plough-pickup']
const all = stages.flatMap((s) => s.list)

it.each(KINDS)('asks for numbers that a %s has, each once', (kind) => {
  const job = shipped(`intake/${kind}`)
  for (const m of all) {
    const value = valueAt(job, (m.field ? m.field(1) : m.path).split('.'))
    expect(typeof value, m.path).toBe('number')
  }
  expect(new Set(all.map((m) => m.path)).size).toBe(all.length)
})

it.each(KINDS)('asks for everything that the server marks as assumed for a %s', (kind) => {
  const asked = new Set(all.map((m) => m.path))
  expect(shipped(`intake/${kind}`).origins.map((o) => o.path).filter((p) => !asked.has(p))).toEqual([])
})

it('says for each how and with what', () => {
  for (const m of all) {
    expect(m.how.length, m.path).toBeGreaterThan(8)
    expect(m.tool, m.path).not.toBe('')
  }
})
