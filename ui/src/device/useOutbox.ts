import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import type { Attempt, AttemptBody } from '@/api/types'
import { askBeforeLeaving } from './askBeforeLeaving'
import { OutboxQueue } from './outboxQueue'
import { OutboxSender, type OutboxListener } from './outboxSender'
import type { OutboxItem } from './outboxStorage'
import { useSignedIn } from './useSignedIn'
import { hearWindows } from './windows'

/** Keeps attempts through lost connections, reloads and an ended sign-in (OutboxQueue) until they are sent (OutboxSender). */
export const useOutbox = defineStore('outbox', () => {
  const signedIn = useSignedIn()
  const queue = new OutboxQueue()
  const sender = new OutboxSender(queue, () => signedIn.ended)

  watch(
    () => [signedIn.me?.person.id, signedIn.ended] as const,
    async ([id, ended]) => {
      await queue.belongTo(id ?? '', () => void sender.pump())
      if (id && !ended) await sender.pump()
    },
    { immediate: true },
  )
  window.addEventListener('online', () => sender.retrySoon(0))
  askBeforeLeaving(() => queue.onlyHere.value > 0)
  hearWindows((news) => {
    if (news.accountId !== queue.accountId.value) return
    // Another window got through, so the server is there.
    sender.unreachable.value = false
    if (news.kind === 'WRITTEN') sender.listeners.forEach((one) => one.written(news.sessionId, news.written))
    else sender.listeners.forEach((one) => one.refused(news.sessionId, news.code))
  })

  async function put(sessionId: string, attemptId: string, body: AttemptBody): Promise<void> {
    await queue.put(sessionId, attemptId, body)
    void sender.pump()
  }

  /** Mine over theirs: the refused edit as the revision after the one that is stored. */
  async function writeOver(item: OutboxItem): Promise<void> {
    const theirs = item.theirs ? (JSON.parse(item.theirs) as Attempt) : undefined
    if (!theirs) return
    const revision = theirs.attempt.revision + 1
    // Queued before the refused one goes: in between it would read as if everything were saved.
    const queued = put(item.sessionId, item.attemptId, { ...item.body, revision })
    await queue.forget(item)
    await queued
  }

  function listen(listener: OutboxListener): () => void {
    sender.listeners.add(listener)
    return () => sender.listeners.delete(listener)
  }

  return {
    items: queue.items,
    looked: queue.looked,
    waiting: computed(() => queue.unsent.value.length),
    onlyHere: queue.onlyHere,
    parked: queue.parked,
    parkedCount: computed(() => queue.parked.value.length),
    unreachable: sender.unreachable,
    refusesToKeep: queue.refusesToKeep,
    put,
    forget: (item: OutboxItem) => queue.forget(item),
    writeOver,
    ofSession: (id: string) => queue.unsent.value.filter((item) => item.sessionId === id),
    listen,
  }
})
