import { computed, ref, shallowRef } from 'vue'
import type { AttemptBody } from '@/api/types'
import { newId } from './ids'
import { outboxStorage, type OutboxItem } from './outboxStorage'

/**
 * What waits to be sent, as this window knows it: what the browser's database holds, and in this window's memory what the database does not
 * take. All windows of a browser share the database; each account sees its own items alone.
 */
export class OutboxQueue {
  readonly accountId = ref('')
  /** The browser refuses to keep things. */
  readonly refusesToKeep = ref(false)
  /** Whether it has been looked up what waits on this device; before that nobody may say that all is saved. */
  readonly looked = ref(false)
  /** What the browser's database holds, as last read. */
  private readonly stored = shallowRef<OutboxItem[]>([])
  /** What it does not hold: just queued, or refused by it. */
  private readonly own = shallowRef<OutboxItem[]>([])
  /** Being written to the database; not sent before that is settled. */
  private readonly keeping = new Set<string>()
  /** Answered or thrown away in this window; a database that no longer takes a removal must not bring them back. */
  private readonly done = shallowRef(new Set<string>())
  private stopWatching: () => void = () => undefined
  private lastQueuedAt = 0

  readonly items = computed(() => {
    const kept = new Set(this.stored.value.map(({ id }) => id))
    return [...this.stored.value, ...this.own.value.filter(({ id }) => !kept.has(id))]
      .filter((item) => item.accountId === this.accountId.value && !this.done.value.has(item.id))
      .sort((a, b) => a.queuedAt - b.queuedAt || a.body.revision - b.body.revision)
  })
  readonly unsent = computed(() => this.items.value.filter((item) => !item.refusal))
  readonly parked = computed(() => this.items.value.filter((item) => item.refusal))
  /** How many would be lost with this window. */
  readonly onlyHere = computed(() =>
    this.refusesToKeep.value ? this.own.value.filter(({ refusal }) => !refusal).length : 0,
  )

  /** Takes up the queue of this account; another account's items stay where they are, unseen. */
  async belongTo(accountId: string, whenChanged: () => void): Promise<void> {
    if (accountId === this.accountId.value) return
    this.stopWatching()
    this.accountId.value = accountId
    this.stored.value = []
    this.looked.value = false
    if (!accountId) return
    const changed = (now: OutboxItem[]) => {
      this.stored.value = now
      whenChanged()
    }
    this.stopWatching = outboxStorage.watch(accountId, changed, () => this.isRefused())
    await this.refresh()
  }

  async refresh(): Promise<void> {
    const whose = this.accountId.value
    try {
      const now = await outboxStorage.ofAccount(whose)
      if (whose !== this.accountId.value) return
      this.stored.value = now
    } catch {
      // What was read before is still known, and sent from memory.
      this.isRefused()
    }
    this.looked.value = true
  }

  /** Counted as waiting from the first moment; sent only once it is settled whether it is kept, so that what was sent is surely removed. */
  async put(sessionId: string, attemptId: string, body: AttemptBody): Promise<void> {
    this.lastQueuedAt = Math.max(this.lastQueuedAt + 1, Date.now())
    const accountId = this.accountId.value
    const item: OutboxItem = {
      id: newId(),
      accountId,
      sessionId,
      attemptId,
      body,
      queuedAt: this.lastQueuedAt,
    }
    this.keeping.add(item.id)
    this.own.value = [...this.own.value, item]
    try {
      await outboxStorage.add(item)
      await this.refresh()
      this.own.value = this.own.value.filter(({ id }) => id !== item.id)
    } catch {
      this.isRefused()
    } finally {
      this.keeping.delete(item.id)
    }
  }

  /** The one to send now. */
  next(): OutboxItem | undefined {
    const first = this.unsent.value[0]
    if (!first || this.keeping.has(first.id)) return undefined
    // An attempt's revisions go in their order, wherever each of them is kept.
    return this.unsent.value.reduce(
      (best, one) =>
        one.attemptId === best.attemptId && one.body.revision < best.body.revision ? one : best,
      first,
    )
  }

  /** Sets an item aside with the server's word on it; false if another window has sent it meanwhile. */
  async park(item: OutboxItem, refusal: string, theirs: string | undefined): Promise<boolean> {
    const mine = this.own.value.some(({ id }) => id === item.id)
    if (!mine && !(await outboxStorage.has(item.id).catch(() => true))) {
      await this.refresh()
      return false
    }
    const parked = (one: OutboxItem) => (one.id === item.id ? { ...item, refusal, theirs } : one)
    this.own.value = this.own.value.map(parked)
    this.stored.value = this.stored.value.map(parked)
    await outboxStorage.refuse(item.id, refusal, theirs).catch(() => this.isRefused())
    return true
  }

  async forget(item: OutboxItem): Promise<void> {
    this.done.value = new Set([...this.done.value, item.id])
    this.own.value = this.own.value.filter(({ id }) => id !== item.id)
    await outboxStorage.remove(item.id).catch(() => this.isRefused())
  }

  private isRefused(): void {
    this.refusesToKeep.value = true
  }
}
