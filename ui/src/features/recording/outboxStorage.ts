// What has not reached the server yet, in the browser's database, under the account it belongs to; and what was last seen of sessions.
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
  /** The server's copy where both were changed, as JSON. */
  theirs?: string
  /** Still being written to the browser's database; never stored itself. */
  keeping?: boolean
}

interface Kept {
  key: string
  accountId: string
  /** JSON */
  value: string
}

class OutboxDatabase extends Dexie {
  items!: Table<OutboxItem, number>
  kept!: Table<Kept, string>

  constructor() {
    super('amber-rail')
    this.version(1).stores({ items: '++key, accountId' })
    this.version(2).stores({ items: '++key, accountId', kept: 'key, accountId' })
  }
}

const database = new OutboxDatabase()

/** Plain values only: what a screen holds is watched by Vue and cannot be stored as it is. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}

export const outboxStorage = {
  ofAccount: (accountId: string) => database.items.where({ accountId }).sortBy('key'),
  add: ({ accountId, sessionId, attemptId, body }: OutboxItem) =>
    database.items.add(plain({ accountId, sessionId, attemptId, body })),
  remove: (key: number) => database.items.delete(key),
  refuse: (key: number, refusal: string, theirs: string | undefined) =>
    database.items.update(key, { refusal, theirs }),
}

export const keptStorage = {
  put: (row: Kept) => database.kept.put(row),
  startingWith: (key: string) => database.kept.where('key').startsWith(key).toArray(),
  replace: (key: string, row: Kept) =>
    database.transaction('rw', database.kept, async () => {
      await database.kept.where('key').startsWith(key).delete()
      await database.kept.put(row)
    }),
  forget: (accountId: string) => database.kept.where({ accountId }).delete(),
}
