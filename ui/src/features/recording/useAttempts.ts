// The attempts of a session as this screen knows them: the server's list with everything on top that has not got there yet.
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Unreachable } from '@/api/problem'
import type { AttemptBody, AttemptWritten, Point, SessionDetail, SessionNews, Standing } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import { inOrder, type LocalAttempt } from './attemptOrder'
import { deviceId, newId } from '@/device/ids'
import { keepSession, keptSession } from '@/device/keptSession'
import type { OutboxItem } from '@/device/outboxStorage'
import { useOutbox } from '@/device/useOutbox'

const POLL_MILLISECONDS = 20_000
/** Another device counts as being there now if it recorded within an hour. */
const FRESH_MILLISECONDS = 3_600_000
export const NUDGED_SD_MILLIMETRES = 10
const NUDGE_SETTLES_MILLISECONDS = 450
/** A device's clock may be off by less than this without a word. */
const CLOCK_OFF_MILLISECONDS = 120_000

export function useAttempts(sessionId: string, whenJudged: (written: AttemptWritten) => void) {
  const outbox = useOutbox()
  const signedIn = useSignedIn()
  const detail = shallowRef<SessionDetail>()
  /** Changed by putting others in their place, never inside: hundreds of them are looked through with every shot. */
  const attempts = shallowRef<LocalAttempt[]>([])
  const standings = ref<Standing[]>([])
  const changedElsewhere = ref(false)
  /** The server was away, and this is what the device had kept. */
  const fromDevice = ref(false)
  /** By how much this device's clock is behind the server's. */
  const clockBehindMilliseconds = ref(0)
  const unsettled = new Map<string, ReturnType<typeof setTimeout>>()
  /** What the server answered to each attempt that this screen has sent. */
  const answeredById = new Map<string, LocalAttempt>()
  // Undone attempts are not on the screen, and their places in the order stay taken.
  let highestUsed = -1

  const otherDevice = computed(() =>
    attempts.value.some(({ body }) => body.deviceId !== deviceId() && isFresh(body.playedAt)),
  )

  const stopListening = outbox.listen({
    written: (id, written) => id === sessionId && adopt(written),
    refused: (id, code) => {
      if (id !== sessionId) return
      if (code === 'REVISION_CONFLICT') changedElsewhere.value = true
      void load().catch(() => undefined)
    },
  })
  watch(() => outbox.ofSession(sessionId), takeUpQueued)
  const poll = setInterval(() => void lookForNews().catch(() => undefined), POLL_MILLISECONDS)
  onBeforeUnmount(() => {
    stopListening()
    clearInterval(poll)
    unsettled.forEach((timer, id) => settle(id, timer))
  })

  function heardFromServer(serverNow: string): void {
    fromDevice.value = false
    const behind = Date.parse(serverNow) - Date.now()
    clockBehindMilliseconds.value = Math.abs(behind) > CLOCK_OFF_MILLISECONDS ? behind : 0
  }

  async function fetched(): Promise<SessionDetail> {
    const accountId = signedIn.me?.person.id ?? ''
    try {
      const fresh = await answer(api.GET('/api/v1/sessions/{sessionId}', { params: { path: { sessionId } } }))
      heardFromServer(fresh.serverNow)
      return fresh
    } catch (error) {
      if (!(error instanceof Unreachable) || detail.value) throw error
      const kept = await keptSession(accountId, sessionId)
      if (!kept) throw error
      fromDevice.value = true
      return kept
    }
  }

  /** What others have done meanwhile: only what is new, not the whole session again. */
  async function lookForNews(): Promise<void> {
    const known = detail.value
    if (!known || fromDevice.value) {
      await load()
      return
    }
    const news = await answer(
      api.GET('/api/v1/sessions/{sessionId}/news', {
        params: { path: { sessionId }, query: { since: known.serverNow } },
      }),
    )
    heardFromServer(news.serverNow)
    // A drill or a student that came in brings set-ups and places along.
    if (partsOf(news.session) !== partsOf(known.session)) {
      await load()
      return
    }
    show(withAnswered(withNews(detail.value ?? known, news)))
  }

  /** The server's state with everything on top that it has not got yet; with the server away, what the device kept. */
  async function load(): Promise<SessionDetail> {
    return show(withAnswered(await fetched()))
  }

  function show(fresh: SessionDetail): SessionDetail {
    if (!fromDevice.value) void keepSession(signedIn.me?.person.id ?? '', fresh)
    const byId = new Map<string, LocalAttempt>(
      fresh.attempts.map((a) => [a.id, { id: a.id, body: a.attempt, judged: a }]),
    )
    for (const item of outbox.ofSession(sessionId)) {
      const known = byId.get(item.attemptId)
      if (!known || known.body.revision < item.body.revision)
        byId.set(item.attemptId, { id: item.attemptId, body: item.body })
      highestUsed = Math.max(highestUsed, item.body.sequence)
    }
    for (const local of attempts.value) {
      if (unsettled.has(local.id)) byId.set(local.id, local)
    }
    attempts.value = inOrder([...byId.values()].filter(({ body }) => !body.deleted))
    standings.value = fresh.standings
    detail.value = fresh
    return fresh
  }

  /** What another window of this browser has queued is here as if it had been recorded here. */
  function takeUpQueued(queued: OutboxItem[]): void {
    const byId = new Map(attempts.value.map((one) => [one.id, one]))
    let news = false
    for (const { attemptId: id, body } of queued) {
      highestUsed = Math.max(highestUsed, body.sequence)
      const known = byId.get(id)
      const newest = Math.max(known?.body.revision ?? -1, answeredById.get(id)?.body.revision ?? -1)
      if (body.revision <= newest) continue
      const landing = unsettled.has(id) ? known?.body.landing : body.landing
      byId.set(id, { id, body: { ...body, landing } })
      news = true
    }
    if (news) attempts.value = inOrder([...byId.values()].filter(({ body }) => !body.deleted))
  }

  /**
   * An answer may have come between this list's making and its arrival: what the server has said is never older than it. What is kept on the
   * device must know it too, or a screen that opens with the server away would miss it.
   */
  function withAnswered(fresh: SessionDetail): SessionDetail {
    const byId = new Map(fresh.attempts.map((one) => [one.id, one]))
    let nextSequence = fresh.nextSequence
    for (const { id, body, judged } of answeredById.values()) {
      const known = byId.get(id)
      nextSequence = Math.max(nextSequence, body.sequence + 1)
      if (known && known.attempt.revision >= body.revision) continue
      if (body.deleted) byId.delete(id)
      else if (judged) byId.set(id, judged)
    }
    return { ...fresh, attempts: [...byId.values()], nextSequence }
  }

  function adopt(written: AttemptWritten): void {
    const { attempt, standing: now } = written
    answeredById.set(attempt.id, { id: attempt.id, body: attempt.attempt, judged: attempt })
    standings.value = [...standings.value.filter((s) => !isSame(s, now)), now]
    // A later revision of the same attempt is still on its way: an undo pressed before this answer came, for one.
    const newer = outbox
      .ofSession(sessionId)
      .some((item) => item.attemptId === attempt.id && item.body.revision > attempt.attempt.revision)
    if (newer) return
    const known = attempts.value.find(({ id }) => id === attempt.id)
    if (attempt.attempt.deleted) {
      attempts.value = attempts.value.filter(({ id }) => id !== attempt.id)
    } else if (known) {
      if (known.body.revision === attempt.attempt.revision) replace({ ...known, judged: attempt })
    } else {
      // Sent from the queue after a reload, and newer than the server's list that this screen began with.
      attempts.value = inOrder([
        ...attempts.value,
        { id: attempt.id, body: attempt.attempt, judged: attempt },
      ])
    }
    whenJudged(written)
  }

  function add(body: AttemptBody): LocalAttempt {
    const attempt = { id: newId(), body }
    attempts.value = [...attempts.value, attempt]
    void outbox.put(sessionId, attempt.id, body)
    return attempt
  }

  function nextSequence(): number {
    const seen = attempts.value.map(({ body }) => body.sequence + 1)
    return Math.max(detail.value?.nextSequence ?? 0, ...seen, highestUsed + 1)
  }

  function edit(attempt: LocalAttempt, change: Partial<AttemptBody>): void {
    highestUsed = Math.max(highestUsed, attempt.body.sequence)
    const body = { ...attempt.body, ...change, revision: attempt.body.revision + 1 }
    if (body.inOff) body.landing = undefined
    replace({ id: attempt.id, body })
    void outbox.put(sessionId, attempt.id, body)
  }

  function replace(attempt: LocalAttempt): void {
    attempts.value = attempts.value
      .map((known) => (known.id === attempt.id ? attempt : known))
      .filter(({ body }) => !body.deleted)
  }

  function undo(attempt: LocalAttempt): void {
    finishNudge(attempt.id)
    edit(attempts.value.find(({ id }) => id === attempt.id) ?? attempt, { deleted: true })
  }

  /** Moves a landing; steps in a row become one revision. */
  function moveTo(attempt: LocalAttempt, place: Point): void {
    const landing = { ...place, placedBy: 'NUDGED' as const, placingSdMillimetres: NUDGED_SD_MILLIMETRES }
    replace({ id: attempt.id, body: { ...attempt.body, landing } })
    clearTimeout(unsettled.get(attempt.id))
    unsettled.set(
      attempt.id,
      setTimeout(() => finishNudge(attempt.id), NUDGE_SETTLES_MILLISECONDS),
    )
  }

  /** Another place, pointed at anew: how surely it was placed goes with it. */
  function placeAt(attempt: LocalAttempt, landing: NonNullable<AttemptBody['landing']>): void {
    finishNudge(attempt.id)
    edit(attempts.value.find(({ id }) => id === attempt.id) ?? attempt, { landing })
  }

  function finishNudge(id: string): void {
    const timer = unsettled.get(id)
    if (timer !== undefined) settle(id, timer)
  }

  function settle(id: string, timer: ReturnType<typeof setTimeout>): void {
    clearTimeout(timer)
    unsettled.delete(id)
    const moved = attempts.value.find((attempt) => attempt.id === id)
    if (moved) edit(moved, {})
  }

  /** Now, as the server would say it. */
  function now(): string {
    return new Date(Date.now() + clockBehindMilliseconds.value).toISOString()
  }

  return {
    detail,
    attempts,
    standings,
    otherDevice,
    changedElsewhere,
    fromDevice,
    clockBehindMilliseconds,
    load,
    add,
    edit,
    undo,
    moveTo,
    placeAt,
    nextSequence,
    now,
  }
}

function partsOf({ drills, students }: SessionDetail['session']): string {
  return [...drills.map(({ id, version }) => `${id} ${version}`), ...students.map(({ id }) => id)].join('\n')
}

function withNews(known: SessionDetail, news: SessionNews): SessionDetail {
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

function isSame(a: Standing, b: Standing): boolean {
  return (
    a.studentId === b.studentId &&
    a.drillId === b.drillId &&
    a.station === b.station &&
    a.mirrored === b.mirrored
  )
}

function isFresh(playedAt: string): boolean {
  return Date.now() - Date.parse(playedAt) < FRESH_MILLISECONDS
}
