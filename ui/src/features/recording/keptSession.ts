// The last state of each session that this device has seen, so that its screen opens with the server away. Goes at sign-out.
import type { SessionDetail } from '@/api/types'
import { keptStorage } from './outboxStorage'

export async function keepSession(accountId: string, detail: SessionDetail): Promise<void> {
  try {
    await keptStorage.put({
      key: `${accountId} ${detail.session.id}`,
      accountId,
      value: JSON.stringify(detail),
    })
  } catch {
    // Without it the screen does not open offline; nothing that was recorded depends on it. The outbox says when storage is refused.
  }
}

export async function keptSession(accountId: string, sessionId: string): Promise<SessionDetail | undefined> {
  const row = await keptStorage.get(`${accountId} ${sessionId}`).catch(() => undefined)
  return row && (JSON.parse(row.value) as SessionDetail)
}
