// A tap becomes an attempt: its landing, a second ball's place where one is asked for, and whose turn it is then.
import { computed, ref, watch } from 'vue'
import type { AttemptBody, AttemptWritten, Point } from '@/api/types'
import { deviceId, newId } from '@/device/ids'
import { remember, remembered } from '@/device/localMemory'
import { wentOn, type LocalAttempt, type PlacedBy } from './attemptOrder'
import { secondBall, type Armed } from './useArmed'
import type { Attempts, AttemptsAtHand } from './useAttemptsAtHand'
import type { useNextShot } from './useNextShot'
import { NUDGED_SD_MILLIMETRES } from './useNudges'
import type { Turn } from './useTurn'

const LOUPE_SD_MILLIMETRES = 8
const TAP_SD_PIXELS = 6
const BY_TURNS = 'amber-by-turns'

/** The parts that the recording screen is made of. */
export interface Parts {
  store: Attempts
  turn: Turn
  atHand: AttemptsAtHand
  next: ReturnType<typeof useNextShot>
  armed: Armed
}

interface Tap {
  place: Point | undefined
  placedBy: PlacedBy
}

export function useRecorder(parts: Parts) {
  const { atHand, next, armed, turn, store } = parts
  const turns = useByTurns(turn, atHand)
  /** The cue ball's place, while the other ball's is still to come. */
  const pending = ref<Tap>()
  const second = computed(() => (atHand.editing.value ? undefined : secondBall(next.shot.value)))

  function record(place: Point | undefined, placedBy: PlacedBy, millimetresPerPixel: number): void {
    const other = second.value
    const tap = { place, placedBy }
    if (other && !armed.inOff.value && !pending.value) {
      pending.value = tap
      return
    }
    const cue = pending.value ?? tap
    const facts =
      other && pending.value
        ? withSecondBall(armed.facts.value, other.index, tap, millimetresPerPixel)
        : armed.facts.value
    pending.value = undefined
    const made = store.add({ ...whatIsPlayed(parts), facts, landing: landingOf(cue, millimetresPerPixel) })
    atHand.lastId.value = made.id
    atHand.undone.value = false
    turn.step.value = undefined
    turns.made(made, next.shotIndex.value === 0)
    armed.disarm()
  }

  function landingOf({ place, placedBy }: Tap, millimetresPerPixel: number): AttemptBody['landing'] {
    return place && !armed.inOff.value ? landing(place, placedBy, millimetresPerPixel) : undefined
  }

  return { pending, second, record, byTurns: turns.byTurns, judged: turns.judged }
}

function whatIsPlayed({ store, turn, atHand, next, armed }: Parts): AttemptBody {
  return {
    revision: 0,
    deleted: false,
    studentId: turn.studentId.value,
    drillId: turn.drillId.value,
    station: turn.station.value,
    mirrored: turn.mirrored.value,
    tryId: (next.shotIndex.value > 0 && atHand.latest.value?.body.tryId) || newId(),
    shot: next.shotIndex.value,
    sequence: store.nextSequence(),
    deviceId: deviceId(),
    outcome: armed.said(),
    foul: armed.foul.value,
    inOff: armed.inOff.value,
    call: armed.call.value && { ...armed.call.value },
    playedAt: store.now(),
  }
}

/** After each try the next student's turn, if they play by turns. */
function useByTurns(turn: Turn, { lastId, editingId }: AttemptsAtHand) {
  const byTurns = ref(remembered(BY_TURNS) !== 'no')
  watch(byTurns, (on) => remember(BY_TURNS, on ? 'yes' : 'no'))
  /** A pattern's shot after which the try seems to go on; whose turn it is next, only the judge knows. */
  let hangsOn: string | undefined

  function pass(): void {
    if (byTurns.value && turn.students.value.length > 1) turn.nextStudent()
  }

  function made(attempt: LocalAttempt, isLastShot: boolean): void {
    const tryEnded = !wentOn(attempt) || isLastShot
    hangsOn = tryEnded ? undefined : attempt.id
    if (tryEnded) pass()
  }

  /** It looked as if the pattern went on, and the judge says that the try has ended: the next student's turn. */
  function judged({ attempt }: AttemptWritten): void {
    if (attempt.id !== lastId.value || attempt.id !== hangsOn || attempt.result !== 'FAILURE') return
    hangsOn = undefined
    const { studentId, drillId } = attempt.attempt
    const isTheirs = studentId === turn.studentId.value && drillId === turn.drillId.value
    if (isTheirs && !editingId.value) pass()
  }

  return { byTurns, made, judged }
}

type Facts = NonNullable<AttemptBody['facts']>

/** Where it ended says more than a word: the judge works out from it whether the demand is met. */
function withSecondBall(facts: Facts, demand: number, tap: Tap, millimetresPerPixel: number): Facts {
  const told = facts.find((fact) => fact.demand === demand)
  const seen = told?.seen ?? (tap.place ? 'MET' : 'NOT_SEEN')
  const place = tap.place && landing(tap.place, tap.placedBy, millimetresPerPixel)
  return [...facts.filter((fact) => fact !== told), { demand, seen, place }]
}

/** A place with how surely it was pointed at. */
export function landing(place: Point, placedBy: PlacedBy, millimetresPerPixel: number) {
  return { ...place, placedBy, placingSdMillimetres: placingSd(placedBy, millimetresPerPixel) }
}

function placingSd(placedBy: PlacedBy, millimetresPerPixel: number): number {
  if (placedBy === 'LOUPE') return LOUPE_SD_MILLIMETRES
  if (placedBy === 'NUDGED') return NUDGED_SD_MILLIMETRES
  return Math.round(TAP_SD_PIXELS * millimetresPerPixel * 10) / 10
}
