import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem } from './client'

let answer: () => Promise<Response>
beforeEach(() => vi.stubGlobal('fetch', () => answer()))
const says = (status: number, text: string) => {
  answer = () => Promise.resolve({ ok: status < 400, status, text: () => Promise.resolve(text) } as Response)
}
const problemOf = async () => {
  try {
    await api.get('/api/jobs')
  } catch (e) {
    return e as ApiProblem
  }
  throw new Error('nothing was refused')
}

describe('what a server may answer', () => {
  it('is taken as it is, and nothing as nothing', async () => {
    says(200, '{"a":1}')
    expect(await api.get('/api/jobs')).toEqual({ a: 1 })
    says(204, '')
    expect(await api.remove('/api/jobs/1')).toBeUndefined()
  })

  it('names fields by the ids of their rows', async () => {
    const said = { code: 'refusal.lastBuild', values: {} }
    says(
      400,
      JSON.stringify({
        said: [said],
        errors: [
          { field: 'job.builds[1].coolers[0].gapMm', said },
          { field: 'job.haul.speedKmh', said },
        ],
      }),
    )
    const problem = await problemOf()
    expect(problem.said).toEqual([said])
    const request = { job: { builds: [{ id: 'found' }, { id: 'plan-2', coolers: [{ id: 'cooler-1' }] }] } }
    expect(Object.keys(problem.fields(request, 'job'))).toEqual([
      'builds.plan-2.coolers.cooler-1.gapMm',
      'haul.speedKmh',
    ])
    expect(problem.passing).toBe(false)
  })

  it('is worth asking again only where nobody answered for good', async () => {
    answer = () => Promise.reject(new TypeError('gone'))
    expect(await problemOf()).toMatchObject({ status: 0, passing: true, message: 'ui.silent' })
    for (const [status, passing] of [
      [502, true],
      [503, true],
      [504, true],
      [500, false],
      [404, false],
    ] as const) {
      says(status, '{"said":[{"code":"refusal.databaseAway","values":{}}]}')
      expect(await problemOf()).toMatchObject({ status, passing, message: 'refusal.databaseAway' })
    }
  })

  it('may be no JSON at all', async () => {
    says(502, '<html>Bad gateway</html>')
    expect(await problemOf()).toMatchObject({ status: 502, passing: true, message: 'ui.unreadable' })
    says(500, '{}')
    expect((await problemOf()).message).toBe('ui.refused')
  })

  it('is dropped without a word when the question was', async () => {
    answer = () => Promise.reject(new DOMException('stop', 'AbortError'))
    await expect(api.get('/api/jobs')).rejects.toBeInstanceOf(DOMException)
  })
})
