import { ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { AttemptWritten } from '@/api/types'
import { keepWritten } from './keptSession'
import { alone } from './oneSender'
import type { OutboxQueue } from './outboxQueue'
import type { OutboxItem } from './outboxStorage'
import { tellWindows } from './windows'

const FIRST_WAIT_MILLISECONDS = 1000
const LONGEST_WAIT_MILLISECONDS = 15_000

export interface OutboxListener {
  written(sessionId: string, answer: AttemptWritten): void
  refused(sessionId: string, code: string): void
}

/** Sends a queue's attempts in order, once each; of all windows of a browser one at a time. */
export class OutboxSender {
  readonly unreachable = ref(false)
  readonly listeners = new Set<OutboxListener>()
  private sending = false
  private wait = FIRST_WAIT_MILLISECONDS
  private timer: ReturnType<typeof setTimeout> | undefined

  /** @param mayNotSend while the sign-in has ended */
  constructor(
    private readonly queue: OutboxQueue,
    private readonly mayNotSend: () => boolean,
  ) {}

  async pump(): Promise<void> {
    if (this.sending || !this.next()) return
    this.sending = true
    let broken = false
    try {
      await alone(`amber-outbox ${this.queue.accountId.value}`, () => this.drain())
    } catch (error) {
      broken = true
      // Either the sign-in ended (it asks again and comes back here) or nobody is there now.
      if (!(error instanceof Problem && error.status === 401)) this.tryLater()
    } finally {
      this.sending = false
    }
    // Something may have been queued after the last look and before the turn was given back.
    if (!broken && this.next()) void this.pump()
  }

  retrySoon(milliseconds: number): void {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.pump(), milliseconds)
  }

  private tryLater(): void {
    this.unreachable.value = true
    this.retrySoon(this.wait)
    this.wait = Math.min(2 * this.wait, LONGEST_WAIT_MILLISECONDS)
  }

  private next(): OutboxItem | undefined {
    return this.mayNotSend() ? undefined : this.queue.next()
  }

  private async drain(): Promise<void> {
    const whose = this.queue.accountId.value
    // Another window may have sent some of it meanwhile.
    await this.queue.refresh()
    for (let item = this.next(); item && this.queue.accountId.value === whose; item = this.next()) {
      await this.deliver(item)
      this.unreachable.value = false
      this.wait = FIRST_WAIT_MILLISECONDS
    }
  }

  private async deliver(item: OutboxItem): Promise<void> {
    const { accountId, sessionId, attemptId: id, body } = item
    try {
      const params = { path: { sessionId, id } }
      const written = await answer(api.PUT('/api/v1/sessions/{sessionId}/attempts/{id}', { params, body }))
      // Listeners first, so that whoever keeps a whole session now knows it; kept before it leaves the queue, so that it is never in neither.
      this.listeners.forEach((listener) => listener.written(sessionId, written))
      tellWindows({ kind: 'WRITTEN', accountId, sessionId, written })
      await keepWritten(accountId, sessionId, written)
      await this.queue.forget(item)
    } catch (error) {
      if (!(error instanceof Problem) || !isFinal(error)) throw error
      await this.park(item, error)
    }
  }

  private async park(item: OutboxItem, why: Problem): Promise<void> {
    const { accountId, sessionId, attemptId } = item
    const theirs = why.code === 'REVISION_CONFLICT' ? JSON.stringify(why.current) : undefined
    // Sent by another window in the meantime, it is no conflict.
    if (!(await this.queue.park(item, why.message, theirs))) return
    this.listeners.forEach((listener) => listener.refused(sessionId, why.code))
    tellWindows({ kind: 'REFUSED', accountId, sessionId, attemptId, code: why.code })
  }
}

/** Only this server's own word parks an attempt; a proxy's or a hall's sign-in page is no answer to it. */
function isFinal({ status, code }: Problem): boolean {
  const ours = code !== 'UNKNOWN' && status >= 400 && status < 500
  return ours && status !== 401 && status !== 408 && status !== 429
}
