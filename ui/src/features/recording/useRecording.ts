// The recording screen: who plays what (useTurn), what is armed (useArmed), what was recorded (useAttempts). Decides nothing about success.
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { AttemptBody, AttemptWritten, Outcome, Point, SessionDetail, Shot } from '@/api/types'
import { wentOn, type LocalAttempt, type PlacedBy } from './attemptOrder'
import { deviceId, newId } from '@/device/ids'
import { remember, remembered } from '@/device/localMemory'
import { flippedFacts, secondBall, useArmed } from './useArmed'
import { NUDGED_SD_MILLIMETRES, useAttempts } from './useAttempts'
import { useTurn } from './useTurn'

const LOUPE_SD_MILLIMETRES = 8
const TAP_SD_PIXELS = 6
const BY_TURNS = 'amber-by-turns'

/** @param wanted station (from 0) to begin at, where somebody chose one */
export function useRecording(sessionId: string, wanted?: number) {
  const store = useAttempts(sessionId, judged)
  const turn = useTurn(store.detail, store.standings)
  const { studentId, drillId, station, mirrored, shots } = turn
  const editingId = ref<string>()
  const lastId = ref<string>()
  const undone = ref(false)
  /** A pattern's shot after which the try seems to go on; whose turn it is next, only the judge knows. */
  let turnHangsOn: string | undefined
  /** After each try the next student's turn. */
  const byTurns = ref(remembered(BY_TURNS) !== 'no')
  watch(byTurns, (on) => remember(BY_TURNS, on ? 'yes' : 'no'))
  /** A pattern's next shot, from where the cue ball lies; the server lays it out. */
  const goesOnWith = shallowRef<{ after: string; shot: Shot }>()
  /** The cue ball's place, while the other ball's is still to come. */
  const pending = ref<{ place: Point | undefined; placedBy: PlacedBy }>()

  const here = computed(() =>
    store.attempts.value.filter(
      ({ body }) =>
        body.studentId === studentId.value &&
        body.drillId === drillId.value &&
        body.station === station.value &&
        body.mirrored === mirrored.value,
    ),
  )
  const latest = computed(() => here.value[here.value.length - 1])
  const editing = computed(() => store.attempts.value.find(({ id }) => id === editingId.value))
  const last = computed(() => store.attempts.value.find(({ id }) => id === lastId.value))
  /** The attempt that nudges and the read-out speak of. */
  const inHand = computed(() => editing.value ?? last.value ?? latest.value)
  /** Which shot of a pattern comes next; a miss sets everything up again. */
  const shotIndex = computed(() => {
    const before = latest.value
    return before && wentOn(before) ? (before.body.shot + 1) % Math.max(1, shots.value.length) : 0
  })
  const shot = computed(() => {
    if (editing.value) return shotOf(editing.value)
    const before = latest.value
    if (shotIndex.value > 0 && before) {
      if (goesOnWith.value?.after === before.id) return goesOnWith.value.shot
      return goesOn(shots.value[shotIndex.value - 1], shots.value[shotIndex.value])
        ? fromWhereItLies(shots.value[shotIndex.value], before.body.landing)
        : shots.value[shotIndex.value]
    }
    return shots.value[shotIndex.value]
  })
  const armed = useArmed(
    shot,
    computed(() => `${studentId.value} ${drillId.value} ${station.value} ${mirrored.value}`),
  )
  const second = computed(() => (editing.value ? undefined : secondBall(shot.value)))

  async function load(): Promise<SessionDetail> {
    const first = store.detail.value === undefined
    const fresh = await store.load()
    if (first) continueWhereLeft(fresh)
    return fresh
  }

  function continueWhereLeft(fresh: SessionDetail): void {
    for (const { body } of store.attempts.value) {
      if (body.studentId && body.drillId)
        turn.remember(body.studentId, body.drillId, { station: body.station, mirrored: body.mirrored })
    }
    const end = store.attempts.value[store.attempts.value.length - 1]
    turn.play(
      end?.body.studentId ?? fresh.session.students[0]?.id ?? '',
      end?.body.drillId ?? fresh.session.drills[0]?.id ?? '',
    )
    if (!end && wanted !== undefined) turn.goTo(wanted, false)
    armed.disarm()
  }

  function record(place: Point | undefined, placedBy: PlacedBy, millimetresPerPixel: number): void {
    const other = second.value
    if (other && !armed.inOff.value && !pending.value) {
      pending.value = { place, placedBy }
      return
    }
    const cue = pending.value ?? { place, placedBy }
    let facts = armed.facts.value
    if (other && pending.value) {
      const told = facts.find((fact) => fact.demand === other.index)
      const seen = told?.seen ?? (place ? 'MET' : 'NOT_SEEN')
      const where = place && landing(place, placedBy, millimetresPerPixel)
      // Where it ended says more than a word: the judge works out from it whether the demand is met.
      facts = [...facts.filter((fact) => fact !== told), { demand: other.index, seen, place: where }]
    }
    pending.value = undefined
    const made = store.add({
      revision: 0,
      deleted: false,
      studentId: studentId.value,
      drillId: drillId.value,
      station: station.value,
      mirrored: mirrored.value,
      tryId: (shotIndex.value > 0 && latest.value?.body.tryId) || newId(),
      shot: shotIndex.value,
      sequence: store.nextSequence(),
      deviceId: deviceId(),
      outcome: armed.said(),
      foul: armed.foul.value,
      inOff: armed.inOff.value,
      landing:
        cue.place && !armed.inOff.value ? landing(cue.place, cue.placedBy, millimetresPerPixel) : undefined,
      facts,
      call: armed.call.value && { ...armed.call.value },
      playedAt: store.now(),
    })
    lastId.value = made.id
    undone.value = false
    turn.step.value = undefined
    const tryEnded = !wentOn(made) || shotIndex.value === 0
    turnHangsOn = tryEnded ? undefined : made.id
    if (tryEnded) passTurn()
    armed.disarm()
  }

  function passTurn(): void {
    if (byTurns.value && turn.students.value.length > 1) turn.nextStudent()
  }

  function landing(place: Point, placedBy: PlacedBy, millimetresPerPixel: number) {
    return { ...place, placedBy, placingSdMillimetres: sd(placedBy, millimetresPerPixel) }
  }

  function sd(placedBy: PlacedBy, millimetresPerPixel: number): number {
    if (placedBy === 'LOUPE') return LOUPE_SD_MILLIMETRES
    if (placedBy === 'NUDGED') return NUDGED_SD_MILLIMETRES
    return Math.round(TAP_SD_PIXELS * millimetresPerPixel * 10) / 10
  }

  function judged(written: AttemptWritten): void {
    const { attempt } = written
    const isLast = attempt.id === lastId.value
    // Only where the set-up changed: what is armed already is meant for the next shot.
    if (isLast && turn.follow(written)) armed.disarm()
    // It looked as if the pattern went on, and the judge says that the try has ended: the next student's turn.
    if (isLast && attempt.id === turnHangsOn && attempt.result === 'FAILURE') {
      turnHangsOn = undefined
      const whose = attempt.attempt.studentId === studentId.value && attempt.attempt.drillId === drillId.value
      if (whose && !editingId.value) passTurn()
    }
    if (attempt.id === latest.value?.id) void askHowItGoesOn(attempt.id)
  }

  async function askHowItGoesOn(id: string): Promise<void> {
    if (shots.value.length < 2) return
    try {
      const path = { sessionId, id }
      const { shot: next } = await answer(
        api.GET('/api/v1/sessions/{sessionId}/attempts/{id}/next-shot', { params: { path } }),
      )
      goesOnWith.value = next && { after: id, shot: next }
    } catch {
      // Drawn from the plan with the cue ball where it lies; the server works out the rest when the attempt gets there.
      goesOnWith.value = undefined
    }
  }

  /** The set-up of an attempt that was made, whoever's turn it is now. */
  function shotOf({ body }: LocalAttempt): Shot | undefined {
    const view = turn.drills.value.find((one) => one.drill.id === body.drillId)?.stations[body.station]
    return (body.mirrored ? view?.mirror : view?.original)?.[body.shot]
  }

  function undo(): void {
    if (pending.value) {
      pending.value = undefined
      return
    }
    if (!editing.value && armed.isArmed.value) {
      armed.disarm()
      return
    }
    const attempt = editing.value ?? last.value ?? latest.value
    if (!attempt) return
    editingId.value = undefined
    lastId.value = undefined
    store.undo(attempt)
    undone.value = true
    const { studentId: whose, drillId: what, station: at, mirrored: side } = attempt.body
    // Back to where it was played: its student tries again.
    if (whose && what) {
      turn.remember(whose, what, { station: at, mirrored: side })
      turn.play(whose, what)
    }
    armed.disarm()
  }

  function flipDemand(index: number): void {
    const mended = editing.value
    if (mended) store.edit(mended, { facts: flippedFacts(mended.body.facts ?? [], index) })
    else armed.flip(index)
  }

  /** A note on the attempt in hand; the same again takes it away. */
  function observe(words: string): void {
    const attempt = inHand.value
    if (!attempt) return
    const noted = attempt.body.observations ?? []
    const observations = noted.includes(words) ? noted.filter((one) => one !== words) : [...noted, words]
    store.edit(attempt, { observations })
  }

  function goTo(wantedStation: number, wantedMirror: boolean): void {
    turn.goTo(wantedStation, wantedMirror)
    leave()
  }

  function play(student: string, drill: string): void {
    turn.play(student, drill)
    leave()
  }

  function leave(): void {
    editingId.value = undefined
    pending.value = undefined
    undone.value = false
    armed.disarm()
  }

  function choose(wanted: Outcome): void {
    armed.choose(wanted)
  }

  return {
    store,
    turn,
    armed,
    here,
    latest,
    shot,
    shotIndex,
    second,
    pending,
    editing,
    editingId,
    inHand,
    undone,
    byTurns,
    load,
    record,
    landing,
    undo,
    observe,
    flipDemand,
    goTo,
    play,
    leave,
    choose,
    shotOf,
  }
}

export type Recording = ReturnType<typeof useRecording>

/** For drawing only, until the server has laid it out: the planned shot with the cue ball where the last one left it. */
/** Where the ball that was to be potted lies there again, everything is set up anew (core's Station.goesOnAt). */
function goesOn(before: Shot | undefined, shot: Shot | undefined): boolean {
  const potted = before?.demands.find(({ kind }) => kind.startsWith('POT'))?.balls?.[0]
  return potted === undefined || !shot?.balls.some(({ label }) => label === potted)
}

function fromWhereItLies(shot: Shot | undefined, lies: AttemptBody['landing']): Shot | undefined {
  if (!shot || !lies) return shot
  const place = { xMillimetres: lies.xMillimetres, yMillimetres: lies.yMillimetres }
  const balls = shot.balls.map((ball) =>
    ball.role === 'CUE' ? { ...ball, at: { ...ball.at, place } } : ball,
  )
  return { ...shot, balls, pot: undefined }
}
