import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Problem, sentence } from '@/api/problem'
import type { Attempt, AttemptBody, AttemptWritten } from '@/api/types'
import { useSignedIn } from '@/shared/useSignedIn'
import { keepWritten } from './keptSession'
import { outboxStorage, type OutboxItem } from './outboxStorage'

const FIRST_WAIT_MILLISECONDS = 1000
const LONGEST_WAIT_MILLISECONDS = 15_000

export interface OutboxListener {
  written(sessionId: string, answer: AttemptWritten): void
  refused(item: OutboxItem, problem: Problem): void
}

/** Sends attempts in order, once each; keeps them through lost connections, reloads and an ended sign-in. */
export const useOutbox = defineStore('outbox', () => {
  const signedIn = useSignedIn()
  const items = ref<OutboxItem[]>([])
  const unreachable = ref(false)
  const storageProblem = ref('')
  const listeners = new Set<OutboxListener>()
  let accountId = ''
  let sending = false
  let wait = FIRST_WAIT_MILLISECONDS
  let timer: ReturnType<typeof setTimeout> | undefined

  const waiting = computed(() => items.value.filter((item) => !item.refusal).length)
  const parked = computed(() => items.value.filter((item) => item.refusal))
  const parkedCount = computed(() => parked.value.length)

  watch(
    () => [signedIn.me?.person.id, signedIn.ended] as const,
    ([id, ended]) => void begin(id ?? '', ended),
    { immediate: true },
  )
  window.addEventListener('online', () => retrySoon(0))

  /** Takes up the queue of this account; another account's items stay where they are, unseen. */
  async function begin(id: string, ended: boolean): Promise<void> {
    if (id !== accountId) {
      accountId = id
      items.value = []
      if (id) {
        try {
          items.value = await outboxStorage.ofAccount(id)
        } catch (error) {
          storageProblem.value = sentence(error)
        }
      }
    }
    if (id && !ended) await pump()
  }

  async function put(sessionId: string, attemptId: string, body: AttemptBody): Promise<void> {
    const item: OutboxItem = { accountId, sessionId, attemptId, body, keeping: true }
    // Counted as waiting from the first moment; sent only once it is kept, so that what was sent is surely removed.
    items.value.push(item)
    const listed = items.value[items.value.length - 1] ?? item
    try {
      listed.key = await outboxStorage.add(item)
    } catch (error) {
      storageProblem.value = sentence(error)
    }
    listed.keeping = false
    void pump()
  }

  async function pump(): Promise<void> {
    if (sending || signedIn.ended) return
    sending = true
    try {
      for (let item = next(); item; item = next()) {
        await deliver(item)
        unreachable.value = false
        wait = FIRST_WAIT_MILLISECONDS
      }
    } catch (error) {
      // Either the sign-in ended (it asks again and comes back here) or nobody is there now.
      if (!(error instanceof Problem && error.status === 401)) {
        unreachable.value = true
        retrySoon(wait)
        wait = Math.min(2 * wait, LONGEST_WAIT_MILLISECONDS)
      }
    } finally {
      sending = false
    }
  }

  function next(): OutboxItem | undefined {
    const first = signedIn.ended ? undefined : items.value.find((item) => !item.refusal)
    return first?.keeping ? undefined : first
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
      await keepWritten(item.accountId, item.sessionId, written)
      await forget(item)
    } catch (error) {
      const refusal =
        error instanceof Problem && error.status >= 400 && error.status < 500 ? error : undefined
      if (!refusal || refusal.status === 401 || refusal.status === 429) throw error
      item.refusal = refusal.message
      item.theirs = refusal.code === 'REVISION_CONFLICT' ? JSON.stringify(refusal.current) : undefined
      items.value = [...items.value]
      if (item.key !== undefined) await outboxStorage.refuse(item.key, refusal.message, item.theirs)
      listeners.forEach((listener) => listener.refused(item, refusal))
    }
  }

  async function forget(item: OutboxItem): Promise<void> {
    items.value = items.value.filter((other) => other !== item && other.key !== item.key)
    if (item.key !== undefined) await outboxStorage.remove(item.key)
  }

  /** Mine over theirs: the refused edit as the revision after the one that is stored. */
  async function writeOver(item: OutboxItem): Promise<void> {
    const stored = item.theirs ? (JSON.parse(item.theirs) as Attempt) : undefined
    if (!stored) return
    await forget(item)
    await put(item.sessionId, item.attemptId, { ...item.body, revision: stored.attempt.revision + 1 })
  }

  function retrySoon(milliseconds: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => void pump(), milliseconds)
  }

  function ofSession(sessionId: string): OutboxItem[] {
    return items.value.filter((item) => item.sessionId === sessionId && !item.refusal)
  }

  function listen(listener: OutboxListener): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }

  return {
    waiting,
    parked,
    parkedCount,
    unreachable,
    storageProblem,
    put,
    forget,
    writeOver,
    ofSession,
    listen,
  }
})
