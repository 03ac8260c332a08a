import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Build, Job, JobContent, Verdict, WhoIAm } from '@/shared/api/types'
import { me } from '@/shared/ui/account'
import { shipped } from '@/testing/demoJob'
import { useAssessing } from './assessing'
import { useDocument } from './document'
import { withValue } from './paths'
import { useSaving } from './saving'
import { contentOf, inOrder, sectionsOf } from './sections'
import { useSelection } from './selection'
import { useJob, useOpening } from './useJob'

const content = shipped('demo/hive-utility')
const LEFT = 'builds.plan-3.coolers.cooler-1.leftMm'

/** A server of jobs, section by section, as the real one answers. */
class Server {
  jobs = new Map<string, Map<string, { version: number; body: unknown }>>()
  assessed: string[] = []
  puts: string[] = []
  down = false
  refuse: { status: number; body: unknown } | null = null
  hold: Promise<void> | null = null

  add(id: string, job: JobContent) {
    this.jobs.set(id, new Map([...sectionsOf(job)].map(([n, body]) => [n, { version: 0, body }])))
  }

  job(id: string): Job {
    const s = this.jobs.get(id)!
    const builds = [...s].filter(([n]) => n.startsWith('builds/')).map(([, b]) => b)
    return structuredClone({
      id,
      changedAt: '',
      about: s.get('about'),
      rig: s.get('rig'),
      nose: s.get('nose'),
      haul: s.get('haul'),
      checks: s.get('checks'),
      builds,
    }) as unknown as Job
  }

  body<T>(id: string, section: string): T {
    return this.jobs.get(id)!.get(section)!.body as T
  }

  async answer(path: string, init: RequestInit): Promise<[number, unknown]> {
    const sent = init.body ? JSON.parse(String(init.body)) : null
    if (path.startsWith('/api/compute')) {
      this.assessed.push(path)
      const verdict = (b: Build): Verdict =>
        ({ build: b.id, coolant: { peakC: this.assessed.length } }) as unknown as Verdict
      if (path.endsWith('verdicts')) return [200, sent.builds.map(verdict)]
      return [200, { verdict: verdict(sent.job.builds.find((b: Build) => b.id === sent.build)) }]
    }
    const [, , , id = '', ...rest] = path.split(/[/?]/)
    const held = this.hold
    if (init.method === 'GET') {
      if (held && id === 'slow') await held
      return [200, this.job(id)]
    }
    if (this.refuse) return [this.refuse.status, this.refuse.body]
    this.puts.push(`${init.method} ${id}/${rest.join('/')}`)
    const sections = this.jobs.get(id)!
    if (init.method === 'POST') {
      sections.set(`builds/${sent.id}`, { version: 0, body: sent })
      return [201, { version: 0, body: sent }]
    }
    const name =
      init.method === 'DELETE' ? `builds/${rest[1]}` : rest[0] === 'builds' ? `builds/${sent.body.id}` : rest[0]!
    const there = sections.get(name)
    const version = init.method === 'DELETE' ? Number(/version=(\d+)/.exec(path)![1]) : sent.version
    if (!there || there.version !== version) return [409, { said: [], current: there ?? null }]
    if (init.method === 'DELETE') sections.delete(name)
    else sections.set(name, { version: version + 1, body: sent.body })
    return init.method === 'DELETE' ? [204, null] : [200, structuredClone(sections.get(name))]
  }
}

let server: Server
const stored = new Map<string, string>()
const tick = (ms = 0) => vi.advanceTimersByTimeAsync(ms)

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('window', globalThis)
  stored.clear()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => stored.get(k) ?? null,
    setItem: (k: string, v: string) => stored.set(k, v),
    removeItem: (k: string) => stored.delete(k),
  })
  server = new Server()
  server.add('j', content)
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    if (server.down) throw new TypeError('gone')
    const [status, body] = await server.answer(path, init)
    return {
      ok: status < 400,
      status,
      text: () => Promise.resolve(body === null ? '' : JSON.stringify(body)),
    } as Response
  })
  setActivePinia(createPinia())
})

async function open(id = 'j') {
  const stores = {
    document: useDocument(),
    saving: useSaving(),
    assessing: useAssessing(),
    selection: useSelection(),
    opening: useOpening(),
  }
  await stores.opening.load(id)
  await tick()
  return stores
}
const leftOf = (job: JobContent) => job.builds[2].coolers[0].leftMm

it('works out what a viewer changes, and sends nothing of it', async () => {
  const { document, saving } = await open()
  me.value = { locked: true, name: 'Cora', role: 'VIEWER', device: null } as unknown as WhoIAm
  document.edit(LEFT, 61)
  await tick(300)
  expect(leftOf(document.content!)).toBe(61)
  expect(saving.state).toBe('tried')
  expect(saving.unsaved()).toBe(false)
  expect(server.puts).toEqual([])
  expect(stored.size).toBe(0)
  me.value = null
})

it('saves each section for itself, and only those that changed', async () => {
  const { document, saving } = await open()
  document.edit('haul.gradePercent', 7)
  document.edit(LEFT, 61)
  expect(saving.state).toBe('saving')
  await tick(300)
  expect(server.puts.sort()).toEqual(['PUT j/builds', 'PUT j/haul'])
  expect(saving.state).toBe('saved')
  expect(stored.size).toBe(0)
})

it('makes one edit of a whole drag, and asks for the build in hand only', async () => {
  const { document, assessing } = await open()
  const before = server.assessed.length
  for (const mm of [60, 70, 80, 90]) document.drag(withValue(document.content!, LEFT, mm))
  await tick()
  // One question is out at a time, so four steps ask twice: the first place and the newest.
  expect(server.assessed.slice(before)).toEqual(['/api/compute/detail', '/api/compute/detail'])
  expect(server.puts).toEqual([])
  document.drop()
  await tick(300)
  expect(server.puts).toEqual(['PUT j/builds'])
  expect(assessing.before.length).toBe(3)
  document.undo()
  expect(leftOf(document.content!)).toBe(50)
  document.redo()
  expect(leftOf(document.content!)).toBe(90)
  document.drag(withValue(document.content!, LEFT, 60))
  document.drag(withValue(document.content!, LEFT, 90))
  document.drop()
  expect(document.done).toHaveLength(1)
})

it('takes the mark of an assumed number away when it is typed over', async () => {
  const marked = structuredClone(content)
  marked.rig.marks = { 'vehicle.massKg': 'DEFAULT', 'trailer.massKg': 'MEASURED' }
  marked.builds[1].marks = { 'fans.fan-1.part.freeFlowM3s': 'DEFAULT' }
  server.add('m', marked)
  const { document } = await open('m')
  document.edit('rig.vehicle.massKg', 2750)
  document.edit('builds.restored.fans.fan-1.part.freeFlowM3s', 2.2)
  expect(document.content!.rig.marks).toEqual({ 'trailer.massKg': 'MEASURED' })
  expect(document.content!.builds[1].marks).toEqual({ 'fans.fan-1.part.freeFlowM3s': 'ENTERED' })
  document.undo()
  document.undo()
  expect(document.content!.rig.marks).toHaveProperty('vehicle.massKg', 'DEFAULT')
})

it('keeps edits and tries again while nobody answers', async () => {
  const { document, saving } = await open()
  server.down = true
  document.edit('haul.gradePercent', 8)
  await tick(300)
  expect(saving.state).toBe('waiting')
  expect(saving.unsaved()).toBe(true)
  server.down = false
  await tick(2600)
  expect(saving.state).toBe('saved')
  expect(server.body<{ gradePercent: number }>('j', 'haul').gradePercent).toBe(8)
})

it('goes on saving a job that was left for another', async () => {
  server.add('k', { ...content, about: { ...content.about, name: 'other' } })
  const { document, opening } = await open()
  document.edit('haul.gradePercent', 8)
  await opening.load('k')
  await tick(300)
  expect(document.content!.about.name).toBe('other')
  expect(server.body<{ gradePercent: number }>('j', 'haul').gradePercent).toBe(8)
  expect(server.body<{ gradePercent: number }>('k', 'haul').gradePercent).toBe(6)
})

it('also when nobody answers at first, and shows it when the job is opened again', async () => {
  server.add('k', content)
  const { document, opening, saving } = await open()
  server.down = true
  document.edit('haul.gradePercent', 8)
  await tick(300)
  server.down = false
  await opening.load('k')
  await tick(3000)
  expect(server.body<{ gradePercent: number }>('j', 'haul').gradePercent).toBe(8)
  await opening.load('j')
  await tick()
  expect(document.content!.haul.gradePercent).toBe(8)
  expect(saving.state).toBe('saved')
})

it('opens the job asked for last where two loads cross', async () => {
  server.add('slow', { ...content, about: { ...content.about, name: 'slow' } })
  let release = () => undefined as void
  server.hold = new Promise((r) => (release = r))
  const { document, opening } = await open()
  const slow = opening.load('slow')
  await opening.load('j')
  release()
  await slow
  await tick()
  expect(document.jobId).toBe('j')
  expect(document.content!.about.name).toBe('Hive utility')
})

it('has every edit again after a reload in the middle of it', async () => {
  const { document } = await open()
  server.down = true
  document.edit('haul.gradePercent', 8)
  document.edit(LEFT, 77)
  // The window goes: another page, another pinia, the same browser.
  server.down = false
  setActivePinia(createPinia())
  const again = await open()
  expect(again.document.content!.haul.gradePercent).toBe(8)
  await tick(300)
  expect(again.saving.state).toBe('saved')
  expect(leftOf(again.document.content!)).toBe(77)
  expect(server.body<Build>('j', 'builds/plan-3').coolers[0].leftMm).toBe(77)
})

it('merges what another window saved in the same section, row by row', async () => {
  const { document, saving } = await open()
  const theirs = structuredClone(server.body<Build>('j', 'builds/plan-3'))
  theirs.fans[0].speedPercent = 66
  theirs.coolers.unshift({ ...theirs.coolers[0], id: 'theirs' })
  server.jobs.get('j')!.set('builds/plan-3', { version: 1, body: theirs })
  document.edit(LEFT, 88)
  await tick(700)
  expect(saving.state).toBe('saved')
  const saved = server.body<Build>('j', 'builds/plan-3')
  expect(saved.fans[0].speedPercent).toBe(66)
  expect(saved.coolers.map((c) => [c.id, c.leftMm])).toEqual([
    ['theirs', 50],
    ['cooler-1', 88],
  ])
  expect(document.content!.builds[2]).toEqual(saved)
  document.undo()
  await tick(700)
  expect(server.body<Build>('j', 'builds/plan-3').fans[0].speedPercent).toBe(66)
  expect(server.body<Build>('j', 'builds/plan-3').coolers[1].leftMm).toBe(50)
})

it('asks where both changed one number, and saves what was chosen', async () => {
  const { document, saving } = await open()
  server.jobs.get('j')!.set('haul', { version: 1, body: { ...content.haul, gradePercent: 3, speedKmh: 60 } })
  document.edit('haul.gradePercent', 9)
  await tick(300)
  expect(saving.state).toBe('conflict')
  expect(saving.conflict!.merged.clashes).toEqual([{ path: 'gradePercent', mine: 9, theirs: 3 }])
  // Other sections are saved all the same.
  document.edit(LEFT, 70)
  await tick(300)
  expect(server.body<Build>('j', 'builds/plan-3').coolers[0].leftMm).toBe(70)
  saving.choose(saving.conflict!, () => true)
  await tick(300)
  expect(saving.state).toBe('saved')
  expect(server.body('j', 'haul')).toMatchObject({ gradePercent: 9, speedKmh: 60 })
})

it('asks where a build was removed elsewhere while it was edited here', async () => {
  const { document, saving } = await open()
  server.jobs.get('j')!.delete('builds/plan-3')
  document.edit(LEFT, 70)
  await tick(300)
  expect(saving.conflict!.merged.clashes[0]).toMatchObject({ path: '', theirs: undefined })
  saving.choose(saving.conflict!, () => false)
  await tick(300)
  expect(document.content!.builds.map((b) => b.id)).toEqual(['found', 'restored'])
  expect(saving.state).toBe('saved')
})

it('sees its own save in a conflict when only the answer was lost', async () => {
  const { document, saving } = await open()
  document.edit('haul.gradePercent', 7)
  server.jobs.get('j')!.set('haul', { version: 1, body: document.content!.haul })
  await tick(300)
  expect(saving.conflict).toBeNull()
  expect(saving.state).toBe('saved')
})

it('adds and removes builds, and names the field a server refuses', async () => {
  const { document, saving, selection } = await open()
  document.replace({
    ...document.content!,
    builds: [...document.content!.builds, { ...document.content!.builds[2], id: 'plan-4' }],
  })
  await tick(300)
  expect(server.puts).toEqual(['POST j/builds'])
  selection.selected = 'plan-4'
  document.replace({ ...document.content!, builds: document.content!.builds.slice(0, 3) })
  expect(selection.selected).toBe('plan-3')
  await tick(300)
  expect(server.jobs.get('j')!.has('builds/plan-4')).toBe(false)
  const said = { code: 'refusal.lastBuild', values: {} }
  server.refuse = { status: 400, body: { said: [said], errors: [{ field: 'body.coolers[0].leftMm', said }] } }
  document.edit(LEFT, 9999)
  await tick(300)
  expect(saving.state).toBe('refused')
  expect(saving.fields).toEqual({ [LEFT]: said })
  server.refuse = null
  document.edit(LEFT, 99)
  await tick(300)
  expect(saving.state).toBe('saved')
})

it('gives every plan a name of its own, keeps the order, and brings a removed one back', async () => {
  const { document } = await open()
  const job = useJob()
  job.addPlan(job.build)
  job.addPlan(job.build)
  const names = () => document.content!.builds.map((b) => b.name)
  expect(new Set(names()).size).toBe(names().length)
  const last = document.content!.builds.at(-1)!
  job.move(last, -1)
  expect(document.content!.builds.at(-2)!.id).toBe(last.id)
  const order = document.content!.builds.map((b) => b.id)
  await tick(1000)
  const theirs = contentOf(server.job('j'))
  expect(inOrder({ ...theirs, builds: [...theirs.builds].reverse() }).builds.map((b) => b.id)).toEqual(order)
  const all = names()
  job.remove(last)
  expect(names()).not.toContain(last.name)
  document.undo()
  expect(names()).toEqual(all)
  while (!job.full) job.addPlan(job.build)
  expect(document.content!.builds).toHaveLength(12)
})
