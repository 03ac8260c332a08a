import { tryOnScopeDispose, useEventListener, useStorage } from '@vueuse/core'
import { computed, ref, shallowRef, triggerRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { BayEntry, BayEvent, BayOrder, BayPlan, BayWhole, Said } from '@/shared/api/types'
import { worker } from '@/shared/ui/preferences'
import { bayDb, type KeptEvent, type KeptPhoto } from './bayDb'
import { bayState, type BayState } from './bayState'

/** How what is kept here stands to the server. */
export type Link = 'together' | 'sending' | 'away'

/** What somebody does; the rest of the event is the device's to say. */
export type Deed = Pick<BayEvent, 'kind'> & Partial<Omit<BayEvent, 'id' | 'at' | 'by' | 'device' | 'kind'>>

export interface UseBayReturn {
  order: ShallowRef<BayOrder | null>
  plan: ShallowRef<BayPlan | null>
  state: ComputedRef<BayState>
  /** Photographs that are on this device, by their ids. */
  pictures: Ref<Map<string, string>>
  link: Ref<Link>
  /** How many things the server does not have yet. */
  waiting: ComputedRef<number>
  /** What the server will not have. */
  refused: ComputedRef<KeptEvent[]>
  /** Why nothing can be shown. */
  problem: Ref<Said[]>
  add: (deed: Deed) => Promise<void>
  photograph: (picture: Blob, step: string, text?: string) => Promise<void>
  /** Puts the rest of the work in order anew. */
  again: () => Promise<Said[]>
  /** Done when all that was kept before is told, or nobody answers. */
  told: () => Promise<void>
  replanning: Ref<boolean>
}

/** This device's own name; kept in this browser only. */
export const device = useStorage('rb-device', `device ${crypto.randomUUID().slice(0, 4)}`)

const CHUNK = 40
const AGAIN_MS = 2000
/** As often as what others did is asked for where nothing tells it. */
const LOOK_MS = 5000

/** The work of an order as it is on this device: everything is kept here first, and told the server when it answers. */
export function useBay(id: string): UseBayReturn {
  const order = shallowRef<BayOrder | null>(null)
  const plan = shallowRef<BayPlan | null>(null)
  const events = shallowRef(new Map<string, KeptEvent>())
  const photos = shallowRef(new Map<string, KeptPhoto>())
  const pictures = ref(new Map<string, string>())
  const link = ref<Link>('sending')
  const problem = ref<Said[]>([])
  const replanning = ref(false)
  const all = computed(() => [...events.value.values()])
  const unsent = computed(() => all.value.filter((e) => e.seq === null && !e.refused).sort((a, b) => a.put - b.put))
  const seen = computed(() => all.value.reduce((most, e) => Math.max(most, e.seq ?? 0), 0))
  const state = computed(() =>
    bayState(
      all.value.filter((e) => !e.refused),
      plan.value,
    ),
  )
  let gone = false
  let source: EventSource | undefined
  let timer: ReturnType<typeof setTimeout> | undefined

  async function keep(kept: KeptEvent) {
    await (await bayDb()).put('events', kept)
    events.value.set(kept.id, kept)
    triggerRef(events)
  }

  function show(photo: KeptPhoto) {
    photos.value.set(photo.id, photo)
    triggerRef(photos)
    pictures.value.set(photo.id, URL.createObjectURL(photo.picture))
  }

  /** What the server has, once, whoever it is from; gives what is new here. */
  async function keepAll(entries: BayEntry[]): Promise<BayEntry[]> {
    const news = entries.filter((e) => events.value.get(e.event.id)?.seq !== e.seq)
    for (const e of news)
      await keep({
        id: e.event.id,
        order: id,
        seq: e.seq,
        event: e.event,
        put: events.value.get(e.event.id)?.put ?? Date.now(),
      })
    return news
  }

  async function take(entries: BayEntry[]) {
    const news = await keepAll(entries)
    if (news.some((e) => e.event.kind === 'PLANNED' || e.event.kind === 'SIGNED')) await whole()
  }

  async function whole() {
    const answer = await api.get<BayWhole>(`/api/bay/${id}`)
    await (await bayDb()).put('orders', { id, order: answer.order, plan: answer.plan })
    await keepAll(answer.entries)
    order.value = answer.order
    plan.value = answer.plan
    problem.value = []
  }

  async function load() {
    try {
      const db = await bayDb()
      const kept = await db.get('orders', id)
      for (const e of await db.getAllFromIndex('events', 'order', id)) events.value.set(e.id, e)
      triggerRef(events)
      for (const p of await db.getAllFromIndex('photos', 'order', id)) show(p)
      order.value = kept?.order ?? null
      plan.value = kept?.plan ?? null
    } catch {
      problem.value = [{ code: 'ui.noStore', values: {} }]
      return
    }
    void navigator.storage?.persist?.()
    await sync()
  }

  /** Photographs before what speaks of them; then what happened, in its order; then what others did. */
  let asked = false
  let syncing: Promise<void> | null = null
  /** Done when all that was kept before is told, or nobody answers. */
  function sync(): Promise<void> {
    asked = true
    syncing ??= tell().finally(() => (syncing = null))
    return syncing
  }
  async function tell() {
    clearTimeout(timer)
    try {
      while (asked && !gone) {
        asked = false
        if (unsent.value.length || !plan.value) link.value = 'sending'
        await sendPhotos()
        await sendEvents()
        // What others did is told at once; it is asked for as well, which finds out whether anything is told at all.
        if (!plan.value || !source) await whole()
        else await take(await api.get<BayEntry[]>(`/api/bay/${id}/events?after=${seen.value}`))
        listen()
        link.value = unsent.value.length ? 'sending' : 'together'
      }
    } catch (e) {
      if (!(e instanceof ApiProblem)) throw e
      link.value = 'away'
      if (!plan.value) problem.value = e.said
      silence()
    } finally {
      if (!gone) timer = setTimeout(() => void sync(), link.value === 'away' ? AGAIN_MS : LOOK_MS)
    }
  }

  async function sendPhotos() {
    for (const photo of photos.value.values()) {
      if (photo.sent) continue
      try {
        await api.putFile(`/api/bay/${id}/photos/${photo.id}`, photo.picture)
      } catch (e) {
        if (!(e instanceof ApiProblem) || e.passing) throw e
        // It will never be taken: what speaks of it is refused with the same words.
        await refuse(
          all.value.filter((k) => k.event.item === photo.id && k.seq === null),
          e.said,
        )
      }
      photo.sent = true
      await (await bayDb()).put('photos', photo)
    }
  }

  async function sendEvents() {
    let size = CHUNK
    while (unsent.value.length) {
      const some = unsent.value.slice(0, size)
      try {
        await take(
          await api.post<BayEntry[]>(
            `/api/bay/${id}/events`,
            some.map((k) => k.event),
          ),
        )
        size = CHUNK
      } catch (e) {
        if (!(e instanceof ApiProblem) || e.passing) throw e
        // One of them cannot be: each is sent for itself, so that the others get through.
        if (some.length === 1) await refuse(some, e.said)
        size = 1
      }
    }
  }

  async function refuse(kept: KeptEvent[], said: Said[]) {
    for (const k of kept) await keep({ ...k, refused: said })
  }

  function listen() {
    if (source || gone) return
    source = new EventSource(`/api/bay/${id}/live?after=${seen.value}`)
    source.onmessage = (m) => void take([JSON.parse(m.data as string) as BayEntry]).catch(() => undefined)
    source.onerror = () => {
      silence()
      void sync()
    }
  }

  function silence() {
    source?.close()
    source = undefined
  }

  /** Never before what is known already, whatever the clocks of other devices say. */
  function now(): string {
    const last = all.value.reduce((most, e) => Math.max(most, Date.parse(e.event.at)), 0)
    return new Date(Math.max(Date.now(), last + 1)).toISOString()
  }

  let put = Date.now()
  async function add(deed: Deed) {
    const event: BayEvent = {
      id: crypto.randomUUID(),
      at: now(),
      by: worker.value || 'somebody',
      device: device.value,
      step: null,
      item: null,
      text: null,
      size: null,
      sort: null,
      value: null,
      ...deed,
    }
    put = Math.max(Date.now(), put + 1)
    await keep({ id: event.id, order: id, seq: null, event, put })
    void sync()
  }

  async function photograph(picture: Blob, step: string, text?: string) {
    const photo: KeptPhoto = { id: crypto.randomUUID(), order: id, picture, sent: false }
    await (await bayDb()).put('photos', photo)
    show(photo)
    await add({ kind: 'PHOTOGRAPHED', step, item: photo.id, text: text ?? null })
  }

  async function again(): Promise<Said[]> {
    replanning.value = true
    try {
      await sync()
      await api.post(`/api/bay/${id}/plan`, { by: worker.value || 'somebody' })
      await whole()
      return []
    } catch (e) {
      if (e instanceof ApiProblem) return e.said
      throw e
    } finally {
      replanning.value = false
    }
  }

  useEventListener(window, 'online', () => void sync())
  tryOnScopeDispose(() => {
    gone = true
    clearTimeout(timer)
    silence()
    for (const url of pictures.value.values()) URL.revokeObjectURL(url)
  })
  void load()
  return {
    order,
    plan,
    state,
    pictures,
    link,
    waiting: computed(() => unsent.value.length),
    refused: computed(() => all.value.filter((e) => e.refused)),
    problem,
    add,
    photograph,
    again,
    told: sync,
    replanning,
  }
}
