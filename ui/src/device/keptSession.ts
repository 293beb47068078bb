// The last state of each session that this device has seen, so that its screen opens with the server away. Goes at sign-out.
import type { AttemptWritten, SessionDetail } from '@/api/types'
import { keptStorage } from './outboxStorage'

const sessionKey = (accountId: string, sessionId: string) => `${accountId} ${sessionId}`

// Without what is kept the screen does not open offline; nothing that was recorded depends on it. The outbox says when storage is refused.
const unlessRefused = (work: Promise<unknown>): Promise<unknown> => work.catch(() => undefined)

/** A whole session as the server has just said it: what was kept of single attempts is in it. */
export async function keepSession(accountId: string, detail: SessionDetail): Promise<void> {
  const key = sessionKey(accountId, detail.session.id)
  await unlessRefused(keptStorage.replace(key, { key, accountId, value: JSON.stringify(detail) }))
}

/** One attempt that the server has answered since. */
export async function keepWritten(
  accountId: string,
  sessionId: string,
  written: AttemptWritten,
): Promise<void> {
  const key = `${sessionKey(accountId, sessionId)} ${written.attempt.id}`
  await unlessRefused(keptStorage.put({ key, accountId, value: JSON.stringify(written) }))
}

/** The session with every attempt that was answered since it was kept. */
export async function keptSession(accountId: string, sessionId: string): Promise<SessionDetail | undefined> {
  const key = sessionKey(accountId, sessionId)
  const rows = await keptStorage.startingWith(key).catch(() => [])
  const whole = rows.find((row) => row.key === key)
  if (!whole) return undefined
  const detail = JSON.parse(whole.value) as SessionDetail
  for (const row of rows) {
    if (row.key === key) continue
    const { attempt, standing } = JSON.parse(row.value) as AttemptWritten
    detail.attempts = [...detail.attempts.filter(({ id }) => id !== attempt.id), attempt]
    detail.standings = [
      ...detail.standings.filter(
        (one) =>
          one.studentId !== standing.studentId ||
          one.drillId !== standing.drillId ||
          one.station !== standing.station ||
          one.mirrored !== standing.mirrored,
      ),
      standing,
    ]
    detail.nextSequence = Math.max(detail.nextSequence, attempt.attempt.sequence + 1)
  }
  return detail
}
