// Readings on their way to the server: kept on the device first, sent one after the other when the network is there.
import { ref, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { isPassing, sentence } from '@/api/problem'
import type { KitCheck, ReadingBody } from '@/api/types'
import { newId } from '@/device/ids'
import { forgetPending, keepPending, pendingOf, type Pending } from './pendingReadings'

export function useReadingQueue(checkId: string, away: Ref<boolean>, show: (now: KitCheck) => void) {
  const pending = ref<Pending[]>(pendingOf(checkId))
  let sending = false

  /** Oldest first; what is refused stays with its sentence, and the others go on. */
  async function send(): Promise<void> {
    if (sending) return
    sending = true
    try {
      for (const one of pendingOf(checkId).filter(({ refused }) => !refused)) {
        await sendOne(one)
        if (away.value) break
      }
    } finally {
      pending.value = pendingOf(checkId)
      sending = false
    }
  }

  async function sendOne(one: Pending): Promise<void> {
    const path = { id: checkId, readingId: one.id }
    try {
      show(
        await answer(
          api.PUT('/api/v1/kit/checks/{id}/readings/{readingId}', { params: { path }, body: one.body }),
        ),
      )
      forgetPending(checkId, one.id)
    } catch (error) {
      away.value = isPassing(error)
      if (!away.value) keepPending(checkId, { ...one, refused: sentence(error) })
    }
  }

  async function write(body: ReadingBody, id = newId()): Promise<void> {
    keepPending(checkId, { id, body })
    pending.value = pendingOf(checkId)
    await send()
  }

  /** What was refused, once more as it is. */
  async function again(id: string): Promise<void> {
    const one = pendingOf(checkId).find((other) => other.id === id)
    if (one) await write(one.body, id)
  }

  function drop(id: string): void {
    forgetPending(checkId, id)
    pending.value = pendingOf(checkId)
  }

  return {
    pending,
    send,
    write,
    again,
    drop,
    waits: () => pendingOf(checkId).some(({ refused }) => !refused),
  }
}
