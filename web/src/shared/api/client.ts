/** What a server says is wrong with one field. */
export interface FieldProblem {
  field: string
  value: unknown
  message: string
}

/** A refusal, or silence: status 0 means that the server did not answer at all. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly errors: FieldProblem[] = [],
    readonly current: unknown = undefined,
  ) {
    super(message)
  }

  /** What is wrong by field, named as in the request: `builds.2.name`. */
  get fields(): Record<string, string> {
    return Object.fromEntries(this.errors.map((e) => [e.field.replace(/^(content|job)\./, '').replace(/\[(\d+)\]/g, '.$1'), e.message]))
  }

  /** Worth trying again as it is: nobody answered, or the database is away. */
  get passing(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504
  }
}

async function call<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
      signal,
    })
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e
    throw new ApiProblem(0, 'The server does not answer.')
  }
  if (response.status === 204) return undefined as T
  const text = await response.text()
  let json: Record<string, unknown> = {}
  try {
    json = text ? JSON.parse(text) : {}
  } catch {
    throw new ApiProblem(response.status, 'The server sent something unreadable.')
  }
  if (!response.ok) {
    throw new ApiProblem(
      response.status,
      String(json.detail ?? json.title ?? 'The request was refused.'),
      (json.errors as FieldProblem[] | undefined) ?? [],
      json.current,
    )
  }
  return json as T
}

export const api = {
  get: <T>(path: string, signal?: AbortSignal) => call<T>('GET', path, undefined, signal),
  post: <T>(path: string, body: unknown, signal?: AbortSignal) => call<T>('POST', path, body, signal),
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, body),
  remove: (path: string) => call<void>('DELETE', path),
}
