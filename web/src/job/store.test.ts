import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Assessment, Job, JobContent } from '@/shared/api/types'
import { useJob } from './store'

/** Only what the store touches; the rest of a job does not matter to it. */
const content = {
  name: 'job',
  haul: { gradePercent: 6 },
  vehicle: { massKg: 2800 },
  origins: [{ path: 'vehicle.massKg', kind: 'DEFAULT' }],
  builds: [{ name: 'Restored' }, { name: 'Plan A', coolers: [{ leftMm: 50 }] }],
} as unknown as JobContent
const saved = { id: 'j', version: 1, changedAt: '', content } as Job

let assessments: JobContent[] = []
let saves: { version: number; content: JobContent }[] = []
let refuse: { status: number; body: unknown } | null = null

function answer(status: number, body: unknown) {
  return { ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) } as Response
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('window', globalThis)
  assessments = []
  saves = []
  refuse = null
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    const body = JSON.parse(String(init.body))
    if (path === '/api/compute/assessment') {
      assessments.push(body)
      return Promise.resolve(answer(200, { builds: body.builds.map((b: { name: string }) => ({ name: b.name, coolant: { peakC: assessments.length } })) } as unknown as Assessment))
    }
    if (refuse) return refuse.status ? Promise.resolve(answer(refuse.status, refuse.body)) : Promise.reject(new TypeError('gone'))
    saves.push(body)
    return Promise.resolve(answer(200, { ...saved, version: body.version + 1, content: body.content }))
  })
  setActivePinia(createPinia())
})

const left = (c: JobContent) => c.builds[1].coolers[0].leftMm
const at = (c: JobContent, mm: number) => ({ ...c, builds: [c.builds[0], { ...c.builds[1], coolers: [{ ...c.builds[1].coolers[0], leftMm: mm }] }] }) as JobContent

it('makes one edit of a whole drag, and asks for the build in hand only', async () => {
  const job = useJob()
  job.take(saved)
  await vi.runAllTimersAsync()
  const before = assessments.length
  for (const mm of [60, 70, 80, 90]) job.drag(at(job.content!, mm))
  await vi.advanceTimersByTimeAsync(0)
  // One question is out at a time, so four steps ask twice: the first place and the newest.
  const asked = assessments.slice(before)
  expect(asked.map((a) => a.builds.length)).toEqual([1, 1])
  expect((asked[1].builds[0] as unknown as { coolers: { leftMm: number }[] }).coolers[0].leftMm).toBe(90)
  expect(saves).toHaveLength(0)
  job.drop()
  await vi.runAllTimersAsync()
  expect(saves).toHaveLength(1)
  expect(left(job.content!)).toBe(90)
  job.undo()
  expect(left(job.content!)).toBe(50)
  job.redo()
  expect(left(job.content!)).toBe(90)
})

it('leaves no edit behind when a drag ends where it began', async () => {
  const job = useJob()
  job.take(saved)
  await vi.runAllTimersAsync()
  job.drag(at(job.content!, 60))
  job.drag(at(job.content!, 50))
  job.drop()
  await vi.runAllTimersAsync()
  expect(job.undoStack).toHaveLength(0)
  expect(saves).toHaveLength(0)
})

it('takes the mark of an assumed number away when it is typed over', () => {
  const job = useJob()
  job.take(saved)
  job.edit('haul.gradePercent', 7)
  expect(job.content!.origins).toHaveLength(1)
  job.edit('vehicle.massKg', 2750)
  expect(job.content!.origins).toHaveLength(0)
  job.undo()
  expect(job.content!.origins).toHaveLength(1)
})

it('keeps edits and tries again while nobody answers', async () => {
  const job = useJob()
  job.take(saved)
  refuse = { status: 0, body: null }
  job.edit('haul.gradePercent', 8)
  await vi.advanceTimersByTimeAsync(300)
  expect(job.saveState).toBe('waiting')
  refuse = null
  await vi.advanceTimersByTimeAsync(2100)
  expect(job.saveState).toBe('saved')
  expect(saves.at(-1)!.content.haul.gradePercent).toBe(8)
})

it('sees its own save in a conflict when only the answer was lost', async () => {
  const job = useJob()
  job.take(saved)
  job.edit('haul.gradePercent', 7)
  refuse = { status: 409, body: { detail: 'late', current: { ...saved, version: 2, content: { ...content, haul: { gradePercent: 7 } } } } }
  await vi.advanceTimersByTimeAsync(300)
  expect(job.saveState).toBe('saved')
  expect(job.conflict).toBeNull()
  refuse = null
  job.edit('haul.gradePercent', 8)
  await vi.advanceTimersByTimeAsync(300)
  expect(saves.at(-1)!.version).toBe(2)
})

it('names the field a server refuses, and shows the winner of a race', async () => {
  const job = useJob()
  job.take(saved)
  refuse = { status: 400, body: { detail: 'no', errors: [{ field: 'content.builds[1].coolers[0].leftMm', value: 9, message: 'too far' }] } }
  job.edit('builds.1.coolers.0.leftMm', 9999)
  await vi.advanceTimersByTimeAsync(300)
  expect(job.saveState).toBe('refused')
  expect(job.fieldErrors['builds.1.coolers.0.leftMm']).toBe('too far')
  const theirs = { ...saved, version: 5, content: { ...content, haul: { gradePercent: 3 } } }
  refuse = { status: 409, body: { detail: 'late', current: theirs } }
  job.edit('builds.1.coolers.0.leftMm', 70)
  await vi.advanceTimersByTimeAsync(300)
  expect(job.saveState).toBe('conflict')
  refuse = null
  job.settle(true)
  await vi.runAllTimersAsync()
  expect(job.content!.haul.gradePercent).toBe(3)
  expect(left(job.content!)).toBe(70)
  expect(saves.at(-1)!.version).toBe(5)
})
