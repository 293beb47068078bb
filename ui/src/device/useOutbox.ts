import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Attempt, AttemptBody, AttemptWritten } from '@/api/types'
import { newId } from './ids'
import { keepWritten } from './keptSession'
import { alone } from './oneSender'
import { outboxStorage, type OutboxItem } from './outboxStorage'
import { useSignedIn } from './useSignedIn'
import { hearWindows, tellWindows } from './windows'

const FIRST_WAIT_MILLISECONDS = 1000
const LONGEST_WAIT_MILLISECONDS = 15_000

export interface OutboxListener {
  written(sessionId: string, answer: AttemptWritten): void
  refused(sessionId: string, code: string): void
}

/**
 * Sends attempts in order, once each; keeps them through lost connections, reloads and an ended sign-in. All windows of a browser share one
 * queue in its database and one of them sends; what the database refuses stays in this window's memory and is counted as waiting all the same.
 */
export const useOutbox = defineStore('outbox', () => {
  const signedIn = useSignedIn()
  /** What the browser's database holds, as last read. */
  const stored = shallowRef<OutboxItem[]>([])
  /** What it does not hold: just queued, or refused by it. */
  const own = shallowRef<OutboxItem[]>([])
  /** Being written to the database; not sent before that is settled. */
  const keeping = new Set<string>()
  /** Answered or thrown away in this window; a database that no longer takes a removal must not bring them back. */
  const done = shallowRef(new Set<string>())
  const unreachable = ref(false)
  /** The browser refuses to keep things. */
  const refusesToKeep = ref(false)
  /** Whether it has been looked up what waits on this device; before that nobody may say that all is saved. */
  const looked = ref(false)
  const listeners = new Set<OutboxListener>()
  const accountId = ref('')
  let stopWatching: () => void = () => undefined
  let sending = false
  let wait = FIRST_WAIT_MILLISECONDS
  let timer: ReturnType<typeof setTimeout> | undefined
  let lastQueuedAt = 0

  const items = computed(() => {
    const kept = new Set(stored.value.map(({ id }) => id))
    return [...stored.value, ...own.value.filter(({ id }) => !kept.has(id))]
      .filter((item) => item.accountId === accountId.value && !done.value.has(item.id))
      .sort((a, b) => a.queuedAt - b.queuedAt || a.body.revision - b.body.revision)
  })
  const unsent = computed(() => items.value.filter((item) => !item.refusal))
  const waiting = computed(() => unsent.value.length)
  /** How many would be lost with this window. */
  const onlyHere = computed(() => (refusesToKeep.value ? unsentOwn().length : 0))
  const parked = computed(() => items.value.filter((item) => item.refusal))
  const parkedCount = computed(() => parked.value.length)

  watch(
    () => [signedIn.me?.person.id, signedIn.ended] as const,
    ([id, ended]) => void begin(id ?? '', ended),
    { immediate: true },
  )
  window.addEventListener('online', () => retrySoon(0))
  window.addEventListener('beforeunload', (leaving) => {
    if (onlyHere.value) leaving.preventDefault()
  })
  hearWindows((news) => {
    if (news.accountId !== accountId.value) return
    // Another window got through, so the server is there.
    unreachable.value = false
    if (news.kind === 'WRITTEN') listeners.forEach((one) => one.written(news.sessionId, news.written))
    else listeners.forEach((one) => one.refused(news.sessionId, news.code))
  })

  /** Takes up the queue of this account; another account's items stay where they are, unseen. */
  async function begin(id: string, ended: boolean): Promise<void> {
    if (id !== accountId.value) {
      stopWatching()
      accountId.value = id
      stored.value = []
      looked.value = false
      if (id) {
        stopWatching = outboxStorage.watch(
          id,
          (now) => {
            stored.value = now
            void pump()
          },
          () => (refusesToKeep.value = true),
        )
        await refresh()
      }
    }
    if (id && !ended) await pump()
  }

  function unsentOwn(): OutboxItem[] {
    return own.value.filter(({ refusal }) => !refusal)
  }

  async function refresh(): Promise<void> {
    const whose = accountId.value
    try {
      const now = await outboxStorage.ofAccount(whose)
      if (whose !== accountId.value) return
      stored.value = now
    } catch {
      // What was read before is still known, and sent from memory.
      refusesToKeep.value = true
    }
    looked.value = true
  }

  async function put(sessionId: string, attemptId: string, body: AttemptBody): Promise<void> {
    lastQueuedAt = Math.max(lastQueuedAt + 1, Date.now())
    const item: OutboxItem = {
      id: newId(),
      accountId: accountId.value,
      sessionId,
      attemptId,
      body,
      queuedAt: lastQueuedAt,
    }
    // Counted as waiting from the first moment; sent only once it is settled whether it is kept, so that what was sent is surely removed.
    keeping.add(item.id)
    own.value = [...own.value, item]
    try {
      await outboxStorage.add(item)
      await refresh()
      own.value = own.value.filter(({ id }) => id !== item.id)
    } catch {
      refusesToKeep.value = true
    } finally {
      keeping.delete(item.id)
    }
    void pump()
  }

  async function pump(): Promise<void> {
    if (sending || signedIn.ended || !next()) return
    sending = true
    let broken = false
    try {
      await alone(`amber-outbox ${accountId.value}`, drain)
    } catch (error) {
      broken = true
      // Either the sign-in ended (it asks again and comes back here) or nobody is there now.
      if (!(error instanceof Problem && error.status === 401)) {
        unreachable.value = true
        retrySoon(wait)
        wait = Math.min(2 * wait, LONGEST_WAIT_MILLISECONDS)
      }
    } finally {
      sending = false
    }
    // Something may have been queued after the last look and before the turn was given back.
    if (!broken && next()) void pump()
  }

  async function drain(): Promise<void> {
    const whose = accountId.value
    // Another window may have sent some of it meanwhile.
    await refresh()
    for (let item = next(); item && accountId.value === whose; item = next()) {
      await deliver(item)
      unreachable.value = false
      wait = FIRST_WAIT_MILLISECONDS
    }
  }

  function next(): OutboxItem | undefined {
    const first = signedIn.ended ? undefined : unsent.value[0]
    if (!first || keeping.has(first.id)) return undefined
    // An attempt's revisions go in their order, wherever each of them is kept.
    return unsent.value.reduce(
      (best, one) =>
        one.attemptId === best.attemptId && one.body.revision < best.body.revision ? one : best,
      first,
    )
  }

  async function deliver(item: OutboxItem): Promise<void> {
    try {
      const written = await answer(
        api.PUT('/api/v1/sessions/{sessionId}/attempts/{id}', {
          params: { path: { sessionId: item.sessionId, id: item.attemptId } },
          body: item.body,
        }),
      )
      // Listeners first, so that whoever keeps a whole session now knows it; kept before it leaves the queue, so that it is never in neither.
      listeners.forEach((listener) => listener.written(item.sessionId, written))
      tellWindows({ kind: 'WRITTEN', accountId: item.accountId, sessionId: item.sessionId, written })
      await keepWritten(item.accountId, item.sessionId, written)
      await forget(item)
    } catch (error) {
      if (!(error instanceof Problem) || !isFinal(error)) throw error
      await park(item, error)
    }
  }

  /** Only this server's own word parks an attempt; a proxy's or a hall's sign-in page is no answer to it. */
  function isFinal({ status, code }: Problem): boolean {
    const ours = code !== 'UNKNOWN' && status >= 400 && status < 500
    return ours && status !== 401 && status !== 408 && status !== 429
  }

  async function park(item: OutboxItem, why: Problem): Promise<void> {
    const theirs = why.code === 'REVISION_CONFLICT' ? JSON.stringify(why.current) : undefined
    // Sent by another window in the meantime, it is no conflict.
    if (
      !own.value.some(({ id }) => id === item.id) &&
      !(await outboxStorage.has(item.id).catch(() => true))
    ) {
      await refresh()
      return
    }
    const refused = { ...item, refusal: why.message, theirs }
    own.value = own.value.map((one) => (one.id === item.id ? refused : one))
    stored.value = stored.value.map((one) => (one.id === item.id ? refused : one))
    await outboxStorage.refuse(item.id, why.message, theirs).catch(() => (refusesToKeep.value = true))
    listeners.forEach((listener) => listener.refused(item.sessionId, why.code))
    const { accountId: whose, sessionId, attemptId } = item
    tellWindows({ kind: 'REFUSED', accountId: whose, sessionId, attemptId, code: why.code })
  }

  async function forget(item: OutboxItem): Promise<void> {
    done.value = new Set([...done.value, item.id])
    own.value = own.value.filter(({ id }) => id !== item.id)
    await outboxStorage.remove(item.id).catch(() => (refusesToKeep.value = true))
  }

  /** Mine over theirs: the refused edit as the revision after the one that is stored. */
  async function writeOver(item: OutboxItem): Promise<void> {
    const theirs = item.theirs ? (JSON.parse(item.theirs) as Attempt) : undefined
    if (!theirs) return
    // Queued before the refused one goes: in between it would read as if everything were saved.
    const queued = put(item.sessionId, item.attemptId, {
      ...item.body,
      revision: theirs.attempt.revision + 1,
    })
    await forget(item)
    await queued
  }

  function retrySoon(milliseconds: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => void pump(), milliseconds)
  }

  function ofSession(sessionId: string): OutboxItem[] {
    return unsent.value.filter((item) => item.sessionId === sessionId)
  }

  function listen(listener: OutboxListener): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }

  return {
    items,
    looked,
    waiting,
    onlyHere,
    parked,
    parkedCount,
    unreachable,
    refusesToKeep,
    put,
    forget,
    writeOver,
    ofSession,
    listen,
  }
})
