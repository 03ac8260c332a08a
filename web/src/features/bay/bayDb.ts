import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { BayOrder, BayPlan, Said } from '@/shared/api/types'
import type { Happened } from './bayState'

/** What a device keeps of the work, so that it goes on where no server answers. */
export interface KeptOrder {
  id: string
  order: BayOrder
  plan: BayPlan
}

/** What happened; without a number the server has not answered for it yet. */
export interface KeptEvent extends Happened {
  id: string
  order: string
  /** In the order in which it was put here. */
  put: number
  /** Why the server will not have it. */
  refused?: Said[]
}

export interface KeptPhoto {
  id: string
  order: string
  picture: Blob
  sent: boolean
}

interface BayDb extends DBSchema {
  orders: { key: string; value: KeptOrder }
  events: { key: string; value: KeptEvent; indexes: { order: string } }
  photos: { key: string; value: KeptPhoto; indexes: { order: string } }
}

let opened: Promise<IDBPDatabase<BayDb>> | undefined

export function bayDb(): Promise<IDBPDatabase<BayDb>> {
  opened ??= openDB<BayDb>('rb-bay', 1, {
    upgrade(db) {
      db.createObjectStore('orders', { keyPath: 'id' })
      db.createObjectStore('events', { keyPath: 'id' }).createIndex('order', 'order')
      db.createObjectStore('photos', { keyPath: 'id' }).createIndex('order', 'order')
    },
  })
  return opened
}
