import type { BookEntry, BookJob, WholeBook } from '@/shared/api/types'

/** The yard's book, looked through. */
export interface Customer {
  entry: BookEntry
  trucks: BookEntry[]
  trailers: BookEntry[]
}

/** Customers with what is theirs, those that any of the words fits; a truck that fits brings its owner. */
export function customers(book: WholeBook, wanted: string): Customer[] {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  const text = (e: BookEntry) => [e.data.name, e.data.contact, e.data.marking, e.data.note].join(' ').toLowerCase()
  const of = (owner: string, sort: BookEntry['sort']) =>
    book.entries.filter((e) => e.owner === owner && e.sort === sort)
  return book.entries
    .filter((e) => e.sort === 'CUSTOMER')
    .map((entry) => ({ entry, trucks: of(entry.id, 'TRUCK'), trailers: of(entry.id, 'TRAILER') }))
    .filter((c) => {
      const all = [c.entry, ...c.trucks, ...c.trailers].map(text).join(' ')
      return words.every((w) => all.includes(w))
    })
}

/** What a job is about, in words for a search: its customer, truck and trailer with their markings. */
export function wordsOf(book: WholeBook | null, job: string): string {
  const at = book?.jobs.find((j) => j.job === job)
  const entry = (id: string | null | undefined) => book?.entries.find((e) => e.id === id)
  const truck = entry(at?.truck)
  const trailer = entry(at?.trailer)
  return [truck, trailer, entry(truck?.owner), entry(trailer?.owner)]
    .flatMap((e) => (e ? [e.data.name, e.data.marking] : []))
    .join(' ')
}

/** The truck that a job is about, and whose it is. */
export function placeOf(book: WholeBook | null, job: string): { truck: string; customer: string } | null {
  const truck = book?.entries.find((e) => e.id === book.jobs.find((j) => j.job === job)?.truck)
  const owner = book?.entries.find((e) => e.id === truck?.owner)
  if (!truck) return null
  return { truck: [truck.data.name, truck.data.marking].filter(Boolean).join(', '), customer: owner?.data.name ?? '' }
}

export const STATES = ['INTAKE', 'CHECKED', 'PLANNED', 'ACCEPTED', 'IN_WORK', 'DONE', 'PROVEN'] as const
export const stateOf = (book: WholeBook | null, job: string): BookJob['state'] | null =>
  book?.jobs.find((j) => j.job === job)?.state ?? null
