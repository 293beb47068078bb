// What has not reached the server yet, in the browser's database, under the account it belongs to.
import Dexie, { type Table } from 'dexie'
import type { AttemptBody } from '@/api/types'

export interface OutboxItem {
  key?: number
  accountId: string
  sessionId: string
  attemptId: string
  body: AttemptBody
  /** Why the server refused it; set once, then it waits for a person. */
  refusal?: string
  /** Still being written to the browser's database; never stored itself. */
  keeping?: boolean
}

class OutboxDatabase extends Dexie {
  items!: Table<OutboxItem, number>

  constructor() {
    super('amber-rail')
    this.version(1).stores({ items: '++key, accountId' })
  }
}

const database = new OutboxDatabase()

export const outboxStorage = {
  ofAccount: (accountId: string) => database.items.where({ accountId }).sortBy('key'),
  add: ({ accountId, sessionId, attemptId, body }: OutboxItem) =>
    database.items.add({
      accountId,
      sessionId,
      attemptId,
      body: { ...body, landing: body.landing && { ...body.landing } },
    }),
  remove: (key: number) => database.items.delete(key),
  refuse: (key: number, refusal: string) => database.items.update(key, { refusal }),
}
