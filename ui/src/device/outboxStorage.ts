// The browser's database: what has not reached the server yet, under the account it belongs to; what was last seen of sessions; who sends.
import Dexie, { liveQuery, type Table } from 'dexie'
import type { AttemptBody } from '@/api/types'
import { newId } from './ids'

export interface OutboxItem {
  /** Made when it is queued; the same in every window, whether the browser could keep it or not. */
  id: string
  /** Its place in the browser's database; missing while only this window has it. */
  key?: number
  accountId: string
  sessionId: string
  attemptId: string
  body: AttemptBody
  /** Orders what windows queue; never two the same from one window. */
  queuedAt: number
  /** Why the server refused it; set once, then it waits for a person. */
  refusal?: string
  /** The server's copy where both were changed, as JSON. */
  theirs?: string
}

interface Kept {
  key: string
  accountId: string
  /** JSON */
  value: string
}

interface Lease {
  name: string
  holder: string
  untilMilliseconds: number
}

class DeviceDatabase extends Dexie {
  items!: Table<OutboxItem, number>
  kept!: Table<Kept, string>
  leases!: Table<Lease, string>

  constructor() {
    super('amber-rail')
    this.version(1).stores({ items: '++key, accountId' })
    this.version(2).stores({ items: '++key, accountId', kept: 'key, accountId' })
    this.version(3)
      .stores({ items: '++key, accountId, id', kept: 'key, accountId', leases: 'name' })
      .upgrade((change) =>
        change
          .table<OutboxItem, number>('items')
          .toCollection()
          .modify((item) => {
            item.id ??= newId()
            item.queuedAt ??= item.key ?? 0
          }),
      )
  }
}

const database = new DeviceDatabase()

/** Plain values only: what a screen holds is watched by Vue and cannot be stored as it is. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}

export const outboxStorage = {
  ofAccount: (accountId: string) => database.items.where({ accountId }).sortBy('key'),
  /** Tells of every change, in whatever window it was made; the returned function ends it. */
  watch(
    accountId: string,
    changed: (items: OutboxItem[]) => void,
    failed: (error: unknown) => void,
  ): () => void {
    const watching = liveQuery(() => outboxStorage.ofAccount(accountId)).subscribe({
      next: changed,
      error: failed,
    })
    return () => watching.unsubscribe()
  },
  add: (item: OutboxItem) => database.items.add(plain({ ...item, key: undefined })),
  has: async (id: string) => (await database.items.where({ id }).count()) > 0,
  remove: async (id: string) => {
    await database.items.where({ id }).delete()
  },
  refuse: async (id: string, refusal: string, theirs: string | undefined) => {
    await database.items.where({ id }).modify({ refusal, theirs })
  },
}

export const keptStorage = {
  put: (row: Kept) => database.kept.put(row),
  startingWith: (key: string) => database.kept.where('key').startsWith(key).toArray(),
  replace: (key: string, row: Kept) =>
    database.transaction('rw', database.kept, async () => {
      await database.kept.where('key').startsWith(key).delete()
      await database.kept.put(row)
    }),
  /** Nobody is signed in any more: what was seen of students goes, whoever saw it. */
  forgetAll: () => database.kept.clear(),
}

export const leaseStorage = {
  /** Takes or renews a lease that nobody else holds now; windows that ask at the same moment are served one after the other. */
  take: (name: string, holder: string, forMilliseconds: number) =>
    database.transaction('rw', database.leases, async () => {
      const held = await database.leases.get(name)
      const now = Date.now()
      if (
        held &&
        held.holder !== holder &&
        held.untilMilliseconds > now &&
        held.untilMilliseconds < now + 2 * forMilliseconds
      )
        return false
      await database.leases.put({ name, holder, untilMilliseconds: now + forMilliseconds })
      return true
    }),
  release: (name: string, holder: string) =>
    database.transaction('rw', database.leases, async () => {
      const held = await database.leases.get(name)
      if (held?.holder === holder) await database.leases.delete(name)
    }),
}
