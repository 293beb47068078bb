// A session's attempts as one screen holds them: pure steps from one list to the next.
import type { AttemptWritten, SessionDetail, SessionNews, Standing } from '@/api/types'
import type { OutboxItem } from '@/device/outboxStorage'
import { inOrder, type LocalAttempt } from './attemptOrder'

/** Another device counts as being there now if it recorded within an hour. */
const FRESH_MILLISECONDS = 3_600_000

/** The server's attempts with what waits on this device on top, and what is being moved just now on top of that. */
export function withQueued(
  fresh: SessionDetail,
  queued: OutboxItem[],
  beingMoved: LocalAttempt[],
): LocalAttempt[] {
  const byId = new Map<string, LocalAttempt>(
    fresh.attempts.map((a) => [a.id, { id: a.id, body: a.attempt, judged: a }]),
  )
  for (const { attemptId: id, body } of queued) {
    const known = byId.get(id)
    if (!known || known.body.revision < body.revision) byId.set(id, { id, body })
  }
  for (const local of beingMoved) byId.set(local.id, local)
  return notTakenBack(byId)
}

/** What another window of this browser has queued, as if it had been recorded here; undefined if nothing of it is new. */
export function withOtherWindows(
  attempts: LocalAttempt[],
  queued: OutboxItem[],
  answered: Map<string, LocalAttempt>,
  isBeingMoved: (id: string) => boolean,
): LocalAttempt[] | undefined {
  const byId = new Map(attempts.map((one) => [one.id, one]))
  let news = false
  for (const { attemptId: id, body } of queued) {
    const known = byId.get(id)
    const newest = Math.max(known?.body.revision ?? -1, answered.get(id)?.body.revision ?? -1)
    if (body.revision <= newest) continue
    const landing = isBeingMoved(id) ? known?.body.landing : body.landing
    byId.set(id, { id, body: { ...body, landing } })
    news = true
  }
  return news ? notTakenBack(byId) : undefined
}

/** The list once the server has answered to one of its attempts; the same list if that changes nothing. */
export function withJudged(attempts: LocalAttempt[], { attempt }: AttemptWritten): LocalAttempt[] {
  const known = attempts.find(({ id }) => id === attempt.id)
  if (attempt.attempt.deleted) return attempts.filter(({ id }) => id !== attempt.id)
  if (known) {
    const isSame = known.body.revision === attempt.attempt.revision
    return isSame ? replaced(attempts, { ...known, judged: attempt }) : attempts
  }
  // Sent from the queue after a reload, and newer than the server's list that this screen began with.
  return inOrder([...attempts, { id: attempt.id, body: attempt.attempt, judged: attempt }])
}

export function replaced(attempts: LocalAttempt[], by: LocalAttempt): LocalAttempt[] {
  return attempts.map((known) => (known.id === by.id ? by : known)).filter(({ body }) => !body.deleted)
}

/**
 * An answer may have come between this list's making and its arrival: what the server has said is never older than it. What is kept on the
 * device must know it too, or a screen that opens with the server away would miss it.
 */
export function withAnswered(fresh: SessionDetail, answered: Map<string, LocalAttempt>): SessionDetail {
  const byId = new Map(fresh.attempts.map((one) => [one.id, one]))
  let nextSequence = fresh.nextSequence
  for (const { id, body, judged } of answered.values()) {
    const known = byId.get(id)
    nextSequence = Math.max(nextSequence, body.sequence + 1)
    if (known && known.attempt.revision >= body.revision) continue
    if (body.deleted) byId.delete(id)
    else if (judged) byId.set(id, judged)
  }
  return { ...fresh, attempts: [...byId.values()], nextSequence }
}

export function withNews(known: SessionDetail, news: SessionNews): SessionDetail {
  const byId = new Map(known.attempts.map((one) => [one.id, one]))
  for (const one of news.attempts) {
    if (one.attempt.deleted) byId.delete(one.id)
    else byId.set(one.id, one)
  }
  return {
    ...known,
    session: news.session,
    attempts: [...byId.values()],
    standings: news.attempts.length > 0 ? news.standings : known.standings,
    nextSequence: news.nextSequence,
    serverNow: news.serverNow,
  }
}

export function withStanding(standings: Standing[], now: Standing): Standing[] {
  return [...standings.filter((one) => !isSamePlace(one, now)), now]
}

/** A drill or a student that came in brings set-ups and places along. */
export function partsOf({ drills, students }: SessionDetail['session']): string {
  return [...drills.map(({ id, version }) => `${id} ${version}`), ...students.map(({ id }) => id)].join('\n')
}

export function isFresh(playedAt: string): boolean {
  return Date.now() - Date.parse(playedAt) < FRESH_MILLISECONDS
}

function notTakenBack(byId: Map<string, LocalAttempt>): LocalAttempt[] {
  return inOrder([...byId.values()].filter(({ body }) => !body.deleted))
}

function isSamePlace(a: Standing, b: Standing): boolean {
  return (
    a.studentId === b.studentId &&
    a.drillId === b.drillId &&
    a.station === b.station &&
    a.mirrored === b.mirrored
  )
}
