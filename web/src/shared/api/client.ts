import type { Said, Waiting } from './types'

/** What a server says is wrong with one field. */
export interface FieldProblem {
  field: string
  said: Said
}

const plain = (code: string): Said => ({ code, values: {} })

/** A refusal, or silence: status 0 means that the server did not answer at all. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly said: Said[],
    readonly errors: FieldProblem[] = [],
    readonly current: unknown = undefined,
  ) {
    super(said.map((s) => s.code).join(', '))
  }

  /** Worth trying again as it is: nobody answered, or the database is away. */
  get passing(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504
  }

  /**
   * What is wrong by field, rows by their ids: `builds.plan-3.name`.
   *
   * @param request what was sent, whose rows the server counts
   * @param under steps of the request that are not of the path: `body`, `job`
   */
  fields(request: unknown, under = ''): Record<string, Said> {
    return Object.fromEntries(this.errors.map((e) => [byId(e.field, request, under), e.said]))
  }
}

/** `job.builds[2].name` as `builds.plan-3.name`. */
function byId(field: string, request: unknown, under: string): string {
  const path: string[] = []
  let at: unknown = request
  for (const step of field.replace(/\[(\d+)\]/g, '.$1').split('.')) {
    at = (at as Record<string, unknown> | undefined)?.[step]
    const id = /^\d+$/.test(step) ? (at as { id?: unknown } | undefined)?.id : undefined
    path.push(typeof id === 'string' ? id : step)
  }
  return (path[0] === under ? path.slice(1) : path).join('.')
}

/** Told when the server does not know who is asking. */
export const signedOut = new Set<() => void>()

interface Answer {
  status: number
  json: unknown
}

async function once(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<Answer> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'Content-Type': body instanceof Blob ? body.type : 'application/json' },
      body: body === undefined || body instanceof Blob ? body : JSON.stringify(body),
      signal,
    })
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e
    throw new ApiProblem(0, [plain('ui.silent')])
  }
  if (response.status === 204) return { status: 204, json: undefined }
  const text = await response.text()
  let json: Record<string, unknown>
  try {
    json = text ? JSON.parse(text) : {}
  } catch {
    throw new ApiProblem(response.status, [plain('ui.unreadable')])
  }
  if (response.status === 401) signedOut.forEach((tell) => tell())
  if (!response.ok) {
    throw new ApiProblem(
      response.status,
      (json.said as Said[] | undefined) ?? [plain('ui.refused')],
      (json.errors as FieldProblem[] | undefined) ?? [],
      json.current,
    )
  }
  return { status: response.status, json }
}

/** Told how many other questions are worked out before one's own, as often as that is known. */
export type Queueing = (ahead: number) => void

const unanswered = ({ status, json }: Answer): Waiting | null =>
  status === 202 && (json as Partial<Waiting>).question ? (json as Waiting) : null

const MOST_ANEW = 4
const silent = (e: unknown) =>
  e instanceof ApiProblem && e.status === 404 ? new ApiProblem(503, [plain('ui.silent')]) : e

/** A server keeps at a long question for as long as it is asked again for the answer. */
async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  queueing?: Queueing,
): Promise<T> {
  let answer = await once(method, path, body, signal)
  let anew = 0
  for (let waiting = unanswered(answer); waiting; waiting = unanswered(answer)) {
    const { question, ahead } = waiting
    queueing?.(ahead)
    // What is being worked out is waited for there; a place in the queue is asked after now and then.
    if (ahead) await new Promise((resolve) => setTimeout(resolve, 500))
    try {
      answer = await askAgain(`/api/questions/${question}`, signal)
    } catch (e) {
      // A server that was started anew knows of no questions: it is asked from the start, but not for ever.
      if (!(e instanceof ApiProblem && e.status === 404) || ++anew > MOST_ANEW) throw silent(e)
      answer = await once(method, path, body, signal)
    }
  }
  return answer.json as T
}

async function askAgain(question: string, signal?: AbortSignal): Promise<Answer> {
  try {
    return await once('GET', question, undefined, signal)
  } catch (e) {
    if (signal?.aborted) void fetch(question, { method: 'DELETE', keepalive: true }).catch(() => undefined)
    throw e
  }
}

/**
 * Sends a large file as it is read, and tells how far it is.
 *
 * @throws ApiProblem as the others
 */
function upload<T>(path: string, file: Blob, type: string, told: (share: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    request.open('POST', path)
    request.setRequestHeader('Content-Type', type)
    request.upload.onprogress = (e) => told(e.total ? e.loaded / e.total : 0)
    request.onerror = () => reject(new ApiProblem(0, [plain('ui.silent')]))
    request.onload = () => {
      try {
        const json = JSON.parse(request.responseText || '{}')
        if (request.status === 401) signedOut.forEach((tell) => tell())
        if (request.status < 300) resolve(json as T)
        else reject(new ApiProblem(request.status, json.said ?? [plain('ui.refused')]))
      } catch {
        reject(new ApiProblem(request.status, [plain('ui.unreadable')]))
      }
    }
    request.send(file)
  })
}

export const api = {
  upload,
  get: <T>(path: string, signal?: AbortSignal) => call<T>('GET', path, undefined, signal),
  post: <T>(path: string, body: unknown, signal?: AbortSignal, queueing?: Queueing) =>
    call<T>('POST', path, body, signal, queueing),
  /** A file as what it is. */
  file: <T>(path: string, file: Blob, type = 'text/csv') => call<T>('POST', path, file.slice(0, file.size, type)),
  putFile: (path: string, file: Blob) => call<void>('PUT', path, file),
  /** What is answered as a file. */
  save: async (path: string, body: unknown): Promise<Blob> => {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }).catch(() => null)
    if (!response?.ok) throw new ApiProblem(response?.status ?? 0, [plain(response ? 'ui.refused' : 'ui.silent')])
    return response.blob()
  },
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, body),
  remove: (path: string) => call<void>('DELETE', path),
}
