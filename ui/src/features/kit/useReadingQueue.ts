// Readings on their way to the server: kept on the device first, sent one after the other when the network is there.
import { computed, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { isPassing, sentence } from '@/api/problem'
import type { KitCheck, ReadingBody } from '@/api/types'
import { newId } from '@/device/ids'
import { forgetPending, keepPending, pendingOf, type Pending } from '@/device/pendingReadings'

export function useReadingQueue(checkId: string, away: Ref<boolean>, show: (now: KitCheck) => void) {
  const pending = computed(() => pendingOf(checkId))
  let sending = false

  /** Oldest first; what is refused stays with its sentence, and the others go on. */
  async function send(): Promise<void> {
    if (sending) return
    sending = true
    try {
      for (let one = nextOf(checkId); one; one = away.value ? undefined : nextOf(checkId)) await sendOne(one)
    } finally {
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
      if (isAsSent(checkId, one)) forgetPending(checkId, one.id)
    } catch (error) {
      away.value = isPassing(error)
      if (!away.value && isAsSent(checkId, one)) keepPending(checkId, { ...one, refused: sentence(error) })
    }
  }

  async function write(body: ReadingBody, id = newId()): Promise<void> {
    keepPending(checkId, { id, body })
    await send()
  }

  /** What was refused, once more as it is. */
  async function again(id: string): Promise<void> {
    const one = pendingOf(checkId).find((other) => other.id === id)
    if (one) await write(one.body, id)
  }

  function drop(id: string): void {
    forgetPending(checkId, id)
  }

  return {
    pending,
    send,
    write,
    again,
    drop,
    waits: () => nextOf(checkId) !== undefined,
  }
}

function nextOf(checkId: string): Pending | undefined {
  return pendingOf(checkId).find(({ refused }) => !refused)
}

/** Not so where it was changed or taken out while it was on its way: the answer, or the refusal, is not about what is kept now. */
function isAsSent(checkId: string, sent: Pending): boolean {
  const now = pendingOf(checkId).find(({ id }) => id === sent.id)
  return JSON.stringify(now?.body) === JSON.stringify(sent.body)
}
