import { beforeEach, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useComputed } from './useComputed'

vi.mock('@/shared/ui/preferences', async () => ({ unitWorld: (await import('vue')).ref('metric') }))

interface Asked {
  method: string
  path: string
  body: unknown
  signal?: AbortSignal | null
  answer: (status: number, body: unknown) => void
  fail: () => void
}
let asked: Asked[] = []

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('window', globalThis)
  asked = []
  vi.stubGlobal(
    'fetch',
    (path: string, init: RequestInit) =>
      new Promise((resolve, reject) =>
        asked.push({
          method: init.method!,
          path,
          body: init.body && JSON.parse(String(init.body)),
          signal: init.signal,
          answer: (status, body) =>
            resolve({ ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) } as Response),
          fail: () => reject(new TypeError('gone')),
        }),
      ),
  )
})

function start(request: () => unknown) {
  const scope = effectScope()
  const computed = scope.run(() => useComputed<number>('/api/compute', request))!
  return { ...computed, stop: () => scope.stop() }
}
const settle = () => vi.advanceTimersByTimeAsync(0)

it('asks again when the question changes, and an old answer never wins', async () => {
  const x = ref(1)
  const { result } = start(() => ({ x: x.value }))
  x.value = 2
  await nextTick()
  expect(asked.map((a) => a.body)).toEqual([{ x: 1 }, { x: 2 }])
  expect(asked.map((a) => a.signal?.aborted)).toEqual([true, false])
  asked[1].answer(200, 20)
  await settle()
  asked[0].answer(200, 10)
  await settle()
  expect(result.value).toBe(20)
})

it('does not ask while there is nothing to ask', async () => {
  const ready = ref(false)
  start(() => ready.value && { go: true })
  expect(asked).toHaveLength(0)
  ready.value = true
  await nextTick()
  expect(asked).toHaveLength(1)
})

it('keeps the last answer through a refusal and says which field it was', async () => {
  const x = ref(1)
  const { result, problem, older, refused } = start(() => ({ x: x.value }))
  asked[0].answer(200, 10)
  await settle()
  x.value = -1
  await nextTick()
  asked[1].answer(400, {
    said: [{ code: 'refusal.notReadable', values: {} }],
    errors: [{ field: 'x', said: { code: 'refusal.lastBuild', values: {} } }],
  })
  await settle()
  expect(result.value).toBe(10)
  expect(older.value).toBe(true)
  expect(problem.value).toBe('the request is not well formed')
  expect(refused.value).toEqual({ x: 'the last build of a job stays' })
  x.value = 3
  await nextTick()
  asked[2].answer(200, 30)
  await settle()
  expect([result.value, problem.value, refused.value]).toEqual([30, '', {}])
})

it('asks silence again, until it is not wanted any more', async () => {
  const { result, problem, stop } = start(() => ({ x: 1 }))
  asked[0].fail()
  await settle()
  expect(problem.value).toBe('The server does not answer.')
  await vi.advanceTimersByTimeAsync(2100)
  expect(asked).toHaveLength(2)
  asked[1].answer(200, 10)
  await settle()
  expect([result.value, problem.value]).toEqual([10, ''])
  stop()
  await vi.advanceTimersByTimeAsync(9000)
  expect(asked).toHaveLength(2)
})

it('waits its turn, says how many are ahead, and drops a question that has changed', async () => {
  const x = ref(1)
  const { result, queueing } = start(() => ({ x: x.value }))
  asked[0].answer(202, { question: 'q-1', ahead: 2 })
  await vi.advanceTimersByTimeAsync(600)
  expect(asked[1].path).toBe('/api/questions/q-1')
  expect(queueing.value).toBe('2 other questions are worked out before this one …')
  asked[1].answer(202, { question: 'q-1', ahead: 1 })
  await vi.advanceTimersByTimeAsync(600)
  expect(queueing.value).toBe('One other question is worked out before this one …')
  x.value = 2
  await nextTick()
  asked[2].fail()
  await settle()
  expect(asked.slice(3).map((a) => [a.method, a.path])).toEqual([
    ['POST', '/api/compute'],
    ['DELETE', '/api/questions/q-1'],
  ])
  asked[3].answer(202, { question: 'q-2', ahead: 0 })
  await settle()
  expect(queueing.value).toBe('')
  asked[5].answer(200, 20)
  await settle()
  expect([result.value, queueing.value]).toEqual([20, ''])
})

it('asks from the start where the server has forgotten the question', async () => {
  const { result } = start(() => ({ x: 1 }))
  asked[0].answer(202, { question: 'q-1', ahead: 0 })
  await settle()
  asked[1].answer(404, { said: [{ code: 'refusal.notHere', values: {} }] })
  await vi.advanceTimersByTimeAsync(2100)
  expect(asked[2].path).toBe('/api/compute')
  asked[2].answer(200, 10)
  await settle()
  expect(result.value).toBe(10)
})
