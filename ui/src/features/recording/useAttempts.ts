// The attempts of a session as this screen knows them: the server's list with everything on top that has not got there yet.
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { AttemptBody, AttemptWritten, SessionDetail, Standing } from '@/api/types'
import { deviceId, newId } from '@/device/ids'
import { keepSession } from '@/device/keptSession'
import type { OutboxItem } from '@/device/outboxStorage'
import { useOutbox } from '@/device/useOutbox'
import { useSignedIn } from '@/device/useSignedIn'
import {
  isFresh,
  replaced,
  withAnswered,
  withJudged,
  withOtherWindows,
  withQueued,
  withStanding,
} from './attemptList'
import type { LocalAttempt } from './attemptOrder'
import { useNudges } from './useNudges'
import { useSessionState } from './useSessionState'

const POLL_MILLISECONDS = 20_000

export function useAttempts(sessionId: string, whenJudged: (written: AttemptWritten) => void) {
  const state = useSessionState(sessionId)
  const list = useAttemptList(sessionId, state.detail)
  const changedElsewhere = ref(false)
  const load = async (): Promise<SessionDetail> => list.show(await state.whole(), state.fromDevice.value)
  const lookForNews = async () => list.show(await state.withWhatIsNew(), state.fromDevice.value)

  const stopListening = useOutbox().listen({
    written: (id, written) => {
      if (id === sessionId && list.adopt(written)) whenJudged(written)
    },
    refused: (id, code) => {
      if (id !== sessionId) return
      if (code === 'REVISION_CONFLICT') changedElsewhere.value = true
      void load().catch(() => undefined)
    },
  })
  const poll = setInterval(() => void lookForNews().catch(() => undefined), POLL_MILLISECONDS)
  onBeforeUnmount(() => {
    stopListening()
    clearInterval(poll)
  })

  const { detail, fromDevice, clockBehindMilliseconds, now } = state
  const { attempts, standings, otherDevice, nextSequence, changes } = list
  return {
    detail,
    attempts,
    standings,
    otherDevice,
    changedElsewhere,
    fromDevice,
    clockBehindMilliseconds,
    load,
    nextSequence,
    now,
    ...changes,
  }
}

/** The list itself: what the server says, what waits here, what was answered, what is changed on this screen. */
function useAttemptList(sessionId: string, detail: { value: SessionDetail | undefined }) {
  const outbox = useOutbox()
  const signedIn = useSignedIn()
  /** Changed by putting others in their place, never inside: hundreds of them are looked through with every shot. */
  const attempts = shallowRef<LocalAttempt[]>([])
  const standings = ref<Standing[]>([])
  /** What the server answered to each attempt that this screen has sent. */
  const answered = new Map<string, LocalAttempt>()
  // Undone attempts are not on the screen, and their places in the order stay taken.
  let highestUsed = -1
  const use = (sequence: number) => (highestUsed = Math.max(highestUsed, sequence))
  const changes = useChanges(sessionId, attempts, use)
  const otherDevice = computed(() =>
    attempts.value.some(({ body }) => body.deviceId !== deviceId() && isFresh(body.playedAt)),
  )
  watch(
    () => outbox.ofSession(sessionId),
    (queued: OutboxItem[]) => {
      queued.forEach(({ body }) => use(body.sequence))
      attempts.value = withOtherWindows(attempts.value, queued, answered, changes.isMoving) ?? attempts.value
    },
  )

  function show(fetched: SessionDetail, fromDevice: boolean): SessionDetail {
    const fresh = withAnswered(fetched, answered)
    if (!fromDevice) void keepSession(signedIn.me?.person.id ?? '', fresh)
    const queued = outbox.ofSession(sessionId)
    queued.forEach(({ body }) => use(body.sequence))
    const moving = attempts.value.filter(({ id }) => changes.isMoving(id))
    attempts.value = withQueued(fresh, queued, moving)
    standings.value = fresh.standings
    detail.value = fresh
    return fresh
  }

  /** The server's answer; false while a later revision of the same attempt is still on its way: an undo pressed before this came, for one. */
  function adopt(written: AttemptWritten): boolean {
    const { attempt, standing } = written
    answered.set(attempt.id, { id: attempt.id, body: attempt.attempt, judged: attempt })
    standings.value = withStanding(standings.value, standing)
    const newer = outbox
      .ofSession(sessionId)
      .some((item) => item.attemptId === attempt.id && item.body.revision > attempt.attempt.revision)
    if (!newer) attempts.value = withJudged(attempts.value, written)
    return !newer
  }

  function nextSequence(): number {
    const seen = attempts.value.map(({ body }) => body.sequence + 1)
    return Math.max(detail.value?.nextSequence ?? 0, ...seen, highestUsed + 1)
  }

  return { attempts, standings, otherDevice, show, adopt, nextSequence, changes }
}

/** What this screen does to the list; each change goes to the outbox as a revision. */
function useChanges(sessionId: string, attempts: { value: LocalAttempt[] }, use: (sequence: number) => void) {
  const outbox = useOutbox()
  const find = (id: string) => attempts.value.find((one) => one.id === id)
  const replace = (by: LocalAttempt) => (attempts.value = replaced(attempts.value, by))
  const nudges = useNudges({ find, show: replace, settle: (moved) => edit(moved, {}) })
  onBeforeUnmount(nudges.finishAll)

  function add(body: AttemptBody): LocalAttempt {
    const attempt = { id: newId(), body }
    attempts.value = [...attempts.value, attempt]
    void outbox.put(sessionId, attempt.id, body)
    return attempt
  }

  function edit(attempt: LocalAttempt, change: Partial<AttemptBody>): void {
    use(attempt.body.sequence)
    const body = { ...attempt.body, ...change, revision: attempt.body.revision + 1 }
    if (body.inOff) body.landing = undefined
    replace({ id: attempt.id, body })
    void outbox.put(sessionId, attempt.id, body)
  }

  function undo(attempt: LocalAttempt): void {
    nudges.finish(attempt.id)
    edit(find(attempt.id) ?? attempt, { deleted: true })
  }

  /** Another place, pointed at anew: how surely it was placed goes with it. */
  function placeAt(attempt: LocalAttempt, landing: NonNullable<AttemptBody['landing']>): void {
    nudges.finish(attempt.id)
    edit(find(attempt.id) ?? attempt, { landing })
  }

  return { add, edit, undo, placeAt, moveTo: nudges.moveTo, isMoving: nudges.isMoving }
}
