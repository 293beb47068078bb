// The state of the recording screen: what was recorded, what is armed, where one stands. Decides nothing about success.
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import type {
  Attempt,
  AttemptBody,
  AttemptWritten,
  Outcome,
  Point,
  SessionDetail,
  Standing,
} from '@/api/types'
import { deviceId } from './deviceId'
import { usualOutcome } from './keys'
import { useOutbox } from './useOutbox'

export type PlacedBy = NonNullable<AttemptBody['landing']>['placedBy']

/** An attempt on this screen: the body as last written here, and the server's word on it once it has come. */
export interface LocalAttempt {
  id: string
  body: AttemptBody
  judged?: Attempt
}

const POLL_MILLISECONDS = 20_000
/** Another device counts as being there now if it recorded within an hour. */
const FRESH_MILLISECONDS = 3_600_000
const LOUPE_SD_MILLIMETRES = 8
const NUDGED_SD_MILLIMETRES = 10
const TAP_SD_PIXELS = 6
const NUDGE_SETTLES_MILLISECONDS = 450

export function useRecording(sessionId: string) {
  const outbox = useOutbox()
  const detail = shallowRef<SessionDetail>()
  const attempts = ref<LocalAttempt[]>([])
  const standings = ref<Standing[]>([])
  const station = ref(0)
  const mirrored = ref(false)
  const outcome = ref<Outcome>('POTTED_CLEAN')
  const outcomeChosen = ref(false)
  const foul = ref(false)
  const inOff = ref(false)
  const editingId = ref<string>()
  const changedElsewhere = ref(false)
  const undone = ref(false)
  const unsettled = new Map<string, ReturnType<typeof setTimeout>>()

  const stationView = computed(() => detail.value?.drill.stations[station.value])
  const shots = computed(() => {
    const view = stationView.value
    return view ? (mirrored.value ? view.mirror : view.original) : []
  })
  const here = computed(() =>
    attempts.value.filter(({ body }) => body.station === station.value && body.mirrored === mirrored.value),
  )
  const latest = computed(() => here.value[here.value.length - 1])
  const editing = computed(() => attempts.value.find(({ id }) => id === editingId.value))
  /** Which shot of a pattern comes next; a miss sets everything up again. */
  const shotIndex = computed(() => {
    const last = latest.value
    return last && wentOn(last) ? (last.body.shot + 1) % Math.max(1, shots.value.length) : 0
  })
  const shot = computed(() => shots.value[editing.value?.body.shot ?? shotIndex.value])
  /** The attempt that nudges and the read-out speak of. */
  const inHand = computed(() => editing.value ?? latest.value)
  const standing = computed(() =>
    standings.value.find((s) => s.station === station.value && s.mirrored === mirrored.value),
  )
  const otherDevice = computed(() =>
    attempts.value.some(({ body }) => body.deviceId !== deviceId() && isFresh(body.playedAt)),
  )

  /** What the server answered to each attempt that this screen has sent. */
  const answeredById = new Map<string, LocalAttempt>()

  const stopListening = outbox.listen({
    written: (id, written) => id === sessionId && adopt(written),
    refused: (item, problem) => {
      if (item.sessionId !== sessionId) return
      changedElsewhere.value = problem.code === 'REVISION_CONFLICT'
      void load()
    },
  })
  const poll = setInterval(() => void load().catch(() => undefined), POLL_MILLISECONDS)
  onBeforeUnmount(() => {
    stopListening()
    clearInterval(poll)
    unsettled.forEach((timer, id) => settle(id, timer))
  })

  /** The server's state with everything on top that it has not got yet. */
  async function load(): Promise<SessionDetail> {
    const fresh = await answer(api.GET('/api/v1/sessions/{sessionId}', { params: { path: { sessionId } } }))
    const byId = new Map<string, LocalAttempt>(
      fresh.attempts.map((a) => [a.id, { id: a.id, body: a.attempt, judged: a }]),
    )
    // An answer may have come between this list's making and its arrival: what the server has said is never older than it.
    for (const answered of answeredById.values()) {
      const known = byId.get(answered.id)
      if (!known || known.body.revision < answered.body.revision) byId.set(answered.id, answered)
    }
    for (const item of outbox.ofSession(sessionId)) {
      const known = byId.get(item.attemptId)
      if (!known || known.body.revision < item.body.revision)
        byId.set(item.attemptId, { id: item.attemptId, body: item.body })
    }
    for (const local of attempts.value) {
      if (unsettled.has(local.id)) byId.set(local.id, local)
    }
    attempts.value = inOrder([...byId.values()].filter(({ body }) => !body.deleted))
    standings.value = fresh.standings
    const first = detail.value === undefined
    detail.value = fresh
    if (first) {
      continueWhereLeft()
      disarm()
    }
    return fresh
  }

  function continueWhereLeft(): void {
    const last = attempts.value[attempts.value.length - 1]
    if (last) {
      station.value = last.body.station
      mirrored.value = last.body.mirrored
    }
  }

  function adopt({ attempt, standing: now }: AttemptWritten): void {
    answeredById.set(attempt.id, { id: attempt.id, body: attempt.attempt, judged: attempt })
    standings.value = [
      ...standings.value.filter((s) => s.station !== now.station || s.mirrored !== now.mirrored),
      now,
    ]
    // A later revision of the same attempt is still on its way: an undo pressed before this answer came, for one.
    const newer = outbox
      .ofSession(sessionId)
      .some((item) => item.attemptId === attempt.id && item.body.revision > attempt.attempt.revision)
    if (newer) return
    const known = attempts.value.find(({ id }) => id === attempt.id)
    if (attempt.attempt.deleted) {
      attempts.value = attempts.value.filter(({ id }) => id !== attempt.id)
    } else if (known) {
      if (known.body.revision === attempt.attempt.revision) known.judged = attempt
    } else {
      // Sent from the queue after a reload, and newer than the server's list that this screen began with.
      attempts.value = inOrder([
        ...attempts.value,
        { id: attempt.id, body: attempt.attempt, judged: attempt },
      ])
    }
  }

  function record(place: Point | undefined, placedBy: PlacedBy, millimetresPerPixel: number): void {
    const body: AttemptBody = {
      revision: 0,
      deleted: false,
      station: station.value,
      mirrored: mirrored.value,
      tryId: (shotIndex.value > 0 && latest.value?.body.tryId) || crypto.randomUUID(),
      shot: shotIndex.value,
      sequence: nextSequence(),
      deviceId: deviceId(),
      outcome: (foul.value || inOff.value) && !outcomeChosen.value ? unsaid() : outcome.value,
      foul: foul.value,
      inOff: inOff.value,
      landing:
        place && !inOff.value
          ? { ...place, placedBy, placingSdMillimetres: sd(placedBy, millimetresPerPixel) }
          : undefined,
      playedAt: new Date().toISOString(),
    }
    const attempt = { id: crypto.randomUUID(), body }
    attempts.value = [...attempts.value, attempt]
    undone.value = false
    disarm()
    void outbox.put(sessionId, attempt.id, body)
  }

  /** Foul or in-off tapped alone means not potted, or the ball not hit as asked. */
  function unsaid(): Outcome {
    return shot.value?.outcomeSides === 'NO_POT' ? 'WRONG_BALL' : 'OTHER'
  }

  function sd(placedBy: PlacedBy, millimetresPerPixel: number): number {
    if (placedBy === 'LOUPE') return LOUPE_SD_MILLIMETRES
    if (placedBy === 'NUDGED') return NUDGED_SD_MILLIMETRES
    return Math.round(TAP_SD_PIXELS * millimetresPerPixel * 10) / 10
  }

  function nextSequence(): number {
    const seen = attempts.value.map(({ body }) => body.sequence + 1)
    return Math.max(detail.value?.nextSequence ?? 0, ...seen, highestUsed + 1)
  }
  // Undone attempts are not on the screen, and their places in the order stay taken.
  let highestUsed = -1

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

  function undo(): void {
    const attempt = editing.value ?? here.value[here.value.length - 1]
    if (!attempt) return
    finishNudge(attempt.id)
    const current = attempts.value.find(({ id }) => id === attempt.id) ?? attempt
    editingId.value = undefined
    edit(current, { deleted: true })
    undone.value = true
  }

  /** Moves the landing in hand; steps in a row become one revision. */
  function moveTo(attempt: LocalAttempt, place: Point): void {
    const landing = { ...place, placedBy: 'NUDGED' as const, placingSdMillimetres: NUDGED_SD_MILLIMETRES }
    replace({ id: attempt.id, body: { ...attempt.body, landing } })
    clearTimeout(unsettled.get(attempt.id))
    unsettled.set(
      attempt.id,
      setTimeout(() => finishNudge(attempt.id), NUDGE_SETTLES_MILLISECONDS),
    )
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

  function choose(wanted: Outcome): void {
    outcome.value = wanted
    outcomeChosen.value = true
  }

  function disarm(): void {
    outcome.value = shot.value ? usualOutcome(shot.value) : 'POTTED_CLEAN'
    outcomeChosen.value = false
    foul.value = false
    inOff.value = false
  }

  function goTo(wantedStation: number, wantedMirror: boolean): void {
    const count = detail.value?.drill.stations.length ?? 1
    station.value = Math.min(Math.max(wantedStation, 0), count - 1)
    mirrored.value = wantedMirror
    editingId.value = undefined
    undone.value = false
    disarm()
  }

  return {
    detail,
    attempts,
    here,
    shot,
    shots,
    shotIndex,
    stationView,
    station,
    mirrored,
    standing,
    standings,
    outcome,
    outcomeChosen,
    foul,
    inOff,
    editing,
    editingId,
    inHand,
    latest,
    otherDevice,
    changedElsewhere,
    undone,
    load,
    record,
    edit,
    undo,
    moveTo,
    choose,
    goTo,
  }
}

const POTTED: Outcome[] = [
  'POTTED_CLEAN',
  'OFF_THICK_JAW',
  'OFF_THIN_JAW',
  'OFF_LEFT_JAW',
  'OFF_RIGHT_JAW',
  'CONTACT_AS_ASKED',
]

/** Whether a pattern goes on after this shot: as the judge says, or as it looks until the judge has been heard. */
function wentOn({ body, judged }: LocalAttempt): boolean {
  if (judged) return judged.result !== 'FAILURE'
  return POTTED.includes(body.outcome) && !body.foul && !body.inOff
}

function isFresh(playedAt: string): boolean {
  return Date.now() - Date.parse(playedAt) < FRESH_MILLISECONDS
}

function inOrder(attempts: LocalAttempt[]): LocalAttempt[] {
  return attempts.sort(
    (a, b) =>
      a.body.sequence - b.body.sequence || compare(a.body.deviceId, b.body.deviceId) || compare(a.id, b.id),
  )
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}
