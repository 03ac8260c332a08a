import { describe, expect, it } from 'vitest'
import type { WholeBook } from '@/shared/api/types'
import { customers, placeOf, stateOf, wordsOf } from './book'

const entry = (
  id: string,
  sort: 'CUSTOMER' | 'TRUCK' | 'TRAILER',
  name: string,
  owner: string | null,
  marking = '',
) => ({
  id,
  version: 0,
  sort,
  owner,
  data: { name, contact: '', marking, note: '', massKg: null },
})
const book: WholeBook = {
  entries: [
    entry('c1', 'CUSTOMER', 'Brindle Farm', null),
    entry('c2', 'CUSTOMER', 'Orrin Haulage', null),
    entry('t1', 'TRUCK', 'Hive utility', 'c1', 'HM 12'),
    entry('a1', 'TRAILER', 'Bee trailer', 'c1'),
  ],
  jobs: [
    { job: 'j1', truck: 't1', trailer: 'a1', state: 'PROVEN' },
    { job: 'j2', truck: null, trailer: null, state: 'INTAKE' },
  ],
}

describe('the book, looked through', () => {
  it('finds a customer by a truck’s marking', () => {
    expect(customers(book, 'hm 12').map((c) => c.entry.id)).toEqual(['c1'])
    expect(customers(book, '').map((c) => c.trucks.length)).toEqual([1, 0])
    expect(customers(book, 'nobody')).toEqual([])
  })

  it('says where a job belongs', () => {
    expect(placeOf(book, 'j1')).toEqual({ truck: 'Hive utility, HM 12', customer: 'Brindle Farm' })
    expect(placeOf(book, 'j2')).toBeNull()
    expect(wordsOf(book, 'j1')).toContain('Bee trailer')
    expect([stateOf(book, 'j1'), stateOf(book, 'j3')]).toEqual(['PROVEN', null])
  })
})
