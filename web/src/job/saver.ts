import { api, ApiProblem } from '@/shared/api/client'
import type { Build, Job, JobContent, Said } from '@/shared/api/types'
import { type Clash, decide, merge, type Merged } from './merge'
import { same } from './paths'
import {
  BUILD,
  type Body,
  contentOf,
  pathIn,
  type Saved,
  savedSections,
  type SectionName,
  sectionsOf,
  withSection,
} from './sections'

/** `tried` is what a viewer changed: it is worked out, and never sent. */
export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict' | 'tried'

/** A section that two people changed in one place: somebody has to choose. */
export interface Conflict {
  section: SectionName
  base: Body
  mine: Body | null
  theirs: Saved | null
  merged: Merged<Body | null>
}

export interface SaverEvents {
  /** What others saved has been merged in. */
  absorbed: (content: JobContent) => void
  /** State, conflicts or problems are others now. */
  changed: () => void
}

const SAVE_AFTER_MS = 250
const RETRY_MS = 2000
const outboxKey = (id: string) => `rb-outbox-${id}`

interface Outbox {
  content: JobContent
  base: [SectionName, Saved][]
}

/**
 * Saves one job, each section in a queue of its own, until the server has all of it: also after
 * another job has been opened, and, through an outbox in this browser, after a reload.
 */
export class Saver {
  state: SaveState = 'saved'
  said: Said[] = []
  fields: Record<string, Said> = {}
  conflicts: Conflict[] = []
  content: JobContent
  private base: Map<SectionName, Saved>
  private readonly busy = new Set<SectionName>()
  private readonly refused = new Map<SectionName, Body | null>()
  private timer = 0
  private waiting = false

  constructor(
    readonly job: Job,
    private events: SaverEvents,
  ) {
    this.base = savedSections(job)
    this.content = contentOf(job)
    const kept = readOutbox(job.id)
    if (kept) this.resume(kept)
  }

  get id(): string {
    return this.job.id
  }

  /** Saves of all sections together, as the server has counted them. */
  get version(): number {
    return [...this.base.values()].reduce((sum, s) => sum + s.version, this.base.size)
  }

  /** Edits of an earlier window that the server never had, laid over what it has now. */
  private resume(kept: Outbox) {
    const theirs = this.base
    this.base = new Map(kept.base)
    this.content = kept.content
    for (const name of new Set([...this.base.keys(), ...theirs.keys()])) this.meet(name, theirs.get(name) ?? null)
    this.later()
  }

  listen(events: SaverEvents) {
    this.events = events
  }

  /** Takes an edit; it is in the outbox before this returns. */
  edit(content: JobContent) {
    this.content = content
    if (!this.open().length && !this.busy.size) {
      this.settleState()
      this.keep()
      return
    }
    this.keep()
    this.later()
  }

  /** Sections that differ from what the server has, and that nobody has to decide on first. */
  private open(): SectionName[] {
    const mine = sectionsOf(this.content)
    const names = new Set([...mine.keys(), ...this.base.keys()])
    return [...names].filter(
      (n) => !same(mine.get(n), this.base.get(n)?.body) && !this.conflicts.some((c) => c.section === n),
    )
  }

  private later(after = SAVE_AFTER_MS) {
    if (this.state !== 'conflict') this.set(this.waiting ? 'waiting' : 'saving')
    clearTimeout(this.timer)
    this.timer = window.setTimeout(() => void this.flush(), after)
  }

  /** Sends what is open, and again while anything is. */
  async flush(): Promise<void> {
    clearTimeout(this.timer)
    const mine = sectionsOf(this.content)
    const ready = this.open().filter((n) => !this.busy.has(n) && this.refused.get(n) !== (mine.get(n) ?? null))
    await Promise.all(ready.map((n) => this.send(n, mine.get(n) ?? null)))
    this.keep()
    if (!this.waiting && this.open().some((n) => this.refused.get(n) !== (sectionsOf(this.content).get(n) ?? null)))
      this.later()
    else this.settleState()
  }

  private async send(name: SectionName, mine: Body | null) {
    const base = this.base.get(name)
    this.busy.add(name)
    let request: unknown = null
    try {
      if (mine === null) {
        await api.remove(`/api/jobs/${this.id}/${name}?version=${base!.version}`)
        this.base.delete(name)
      } else {
        request = base ? { version: base.version, body: mine } : mine
        const path = `/api/jobs/${this.id}/${name.startsWith(BUILD) ? 'builds' : name}`
        const saved = base ? await api.put<Saved>(path, request) : await api.post<Saved>(path, request)
        this.base.set(name, { version: saved.version, body: mine })
      }
      this.waiting = false
      this.refused.delete(name)
    } catch (e) {
      await this.failed(name, mine, e as ApiProblem, request)
    } finally {
      this.busy.delete(name)
    }
  }

  private async failed(name: SectionName, mine: Body | null, problem: ApiProblem, request: unknown) {
    if (problem.status === 409) {
      this.meet(name, (problem.current as Saved | null | undefined) ?? (await this.fetchSection(name)))
    } else if (problem.passing) {
      this.waiting = true
      this.said = problem.said
      this.set('waiting')
      this.timer = window.setTimeout(() => {
        this.waiting = false
        void this.flush()
      }, RETRY_MS)
    } else {
      this.refused.set(name, mine)
      this.said = problem.said
      const found = problem.fields(request, 'body')
      this.fields = Object.fromEntries(Object.entries(found).map(([path, said]) => [pathIn(name, path), said]))
      this.set('refused')
    }
  }

  /** A race inside the database is answered without the winner's version: it is asked for. */
  private async fetchSection(name: SectionName): Promise<Saved | null> {
    try {
      return savedSections(await api.get<Job>(`/api/jobs/${this.id}`)).get(name) ?? null
    } catch {
      return this.base.get(name) ?? null // asked again with the next try
    }
  }

  /** Takes in what others saved meanwhile. */
  async refresh() {
    if (this.busy.size || this.conflicts.length) return
    const now = savedSections(await api.get<Job>(`/api/jobs/${this.id}`))
    for (const name of new Set([...now.keys(), ...this.base.keys()])) {
      if (now.get(name)?.version !== this.base.get(name)?.version) this.meet(name, now.get(name) ?? null)
    }
    this.edit(this.content)
  }

  /** Theirs and mine of a section: merged, or put before a person where both changed one place. */
  private meet(name: SectionName, theirs: Saved | null) {
    const base = this.base.get(name)?.body ?? null
    const mine = sectionsOf(this.content).get(name) ?? null
    const merged: Merged<Body | null> = merge<Body | null | undefined>(
      base ?? undefined,
      mine ?? undefined,
      theirs?.body ?? undefined,
    ) as Merged<Body | null>
    const clashes: Clash[] = merged.clashes
    if (clashes.length) {
      this.conflicts = [
        ...this.conflicts.filter((c) => c.section !== name),
        { section: name, base: base!, mine, theirs, merged },
      ]
      this.set('conflict')
      return
    }
    this.take(name, theirs, merged.value ?? null)
  }

  private take(name: SectionName, theirs: Saved | null, body: Body | null) {
    if (theirs) this.base.set(name, theirs)
    else this.base.delete(name)
    this.content = withSection(this.content, name, body)
    this.events.absorbed(this.content)
  }

  /** A person has chosen, clash by clash. */
  choose(conflict: Conflict, mine: (clash: Clash) => boolean) {
    this.conflicts = this.conflicts.filter((c) => c !== conflict)
    const wholeMine = conflict.merged.clashes.some((c) => c.path === '' && mine(c))
    const body = wholeMine ? conflict.mine : (decide(conflict.merged, (c) => c.path !== '' && mine(c)) ?? null)
    this.take(conflict.section, conflict.theirs, body)
    this.later(0)
  }

  private settleState() {
    if (this.conflicts.length) this.set('conflict')
    else if (this.open().length) this.set(this.waiting ? 'waiting' : 'refused')
    else {
      this.said = []
      this.fields = {}
      this.set('saved')
    }
  }

  private set(state: SaveState) {
    this.state = state
    this.events.changed()
  }

  /** Unsaved edits outlive this window; where the browser keeps nothing, it asks before it closes. */
  private keep() {
    try {
      if (this.open().length || this.conflicts.length) {
        const kept: Outbox = { content: this.content, base: [...this.base] }
        localStorage.setItem(outboxKey(this.id), JSON.stringify(kept))
      } else localStorage.removeItem(outboxKey(this.id))
    } catch {
      // Nothing to keep it in: it is kept in this window alone.
    }
  }
}

function readOutbox(id: string): Outbox | null {
  try {
    const text = localStorage.getItem(outboxKey(id))
    const kept = text ? (JSON.parse(text) as Outbox) : null
    return kept && Array.isArray(kept.base) && (kept.content?.builds as Build[] | undefined) ? kept : null
  } catch {
    return null
  }
}
