// Who plays what: student, drill, station and side; each student keeps their own place in each drill. The rule moves it, a key overrules.
import { ref, type Ref } from 'vue'
import type { AttemptWritten, Ball, SessionDetail, Standing } from '@/api/types'
import { usePlaceAtTable, type Place, type PlaceAtTable } from './usePlaceAtTable'

/** A change of set-up that the coach did not choose: a step of the rule, or another student who plays elsewhere. Until something is recorded there. */
export interface Step {
  why: Standing['next']['why'] | 'STUDENT' | 'LAST_TIME' | 'DRILL'
  /** How the balls lie now, and how they shall. */
  from: Place
  to: Place
  /** Where the student stays if the rule is overruled; nothing to overrule without it. */
  stayAt?: Place
  /** The balls as they lie now where that was another drill's set-up. */
  lie?: Ball[]
}

const FIRST: Place = { station: 0, mirrored: false }
const MOVES: Standing['next']['why'][] = ['PASSED', 'BACK', 'TURN']

export type Turn = ReturnType<typeof useTurn>

export function useTurn(detail: Ref<SessionDetail | undefined>, standings: Ref<Standing[]>) {
  const at = usePlaceAtTable(detail, standings)
  const step = ref<Step>()
  const rule = useRule(at, step)
  const { students, drills, studentId, drillId, places } = at

  /** By hand. */
  function goTo(station: number, mirrored: boolean): void {
    rule.forgetOverruling()
    step.value = undefined
    at.take({ station, mirrored })
  }

  function play(student: string, wantedDrill: string): void {
    const lie = at.here()
    const sameDrill = drillId.value === wantedDrill
    studentId.value = student
    drillId.value = wantedDrill
    const known = places.get(at.key())
    const start = known ? undefined : startOf(detail.value, student, wantedDrill)
    at.take(known ?? start ?? FIRST)
    if (start && (start.station > 0 || start.mirrored)) {
      // Where another student's set-up lies, the balls have to be moved as well.
      step.value = { why: 'LAST_TIME', from: sameDrill ? lie : at.here(), to: at.here(), stayAt: FIRST }
      return
    }
    const ruled = rule.takeUntold()
    const moves = sameDrill && !isSame(lie, at.here())
    const other: Step = { why: 'STUDENT', from: lie, to: at.here() }
    step.value = ruled ? { ...ruled, from: sameDrill ? lie : ruled.from } : moves ? other : undefined
  }

  /** In mixed practice the drill changes every few shots, so that it is told which balls to move from another's set-up. */
  function tellMovesFrom(lie: Ball[]): void {
    step.value = { why: 'DRILL', from: at.here(), to: at.here(), ...step.value, lie }
  }

  function nextStudent(): void {
    const following = after(students.value, studentId.value)
    if (following) play(following, drillId.value)
  }

  function nextDrill(): void {
    const ids = drills.value.map(({ drill }) => drill)
    const following = after(ids, drillId.value)
    if (following) play(studentId.value, following)
  }

  /** Where a student was last, from what was recorded: for a screen that opens in the middle of a session. */
  function remember(student: string, inDrill: string, place: Place): void {
    places.set(`${student} ${inDrill}`, place)
    rule.forgetUntold(`${student} ${inDrill}`)
  }

  const { follow, overrule } = rule
  return { ...at, step, goTo, play, tellMovesFrom, nextStudent, nextDrill, remember, follow, overrule }
}

/** What the drill's rule says after each attempt, and the key against it. */
function useRule(at: PlaceAtTable, step: Ref<Step | undefined>) {
  /** Steps of the rule that are to be told when their student's turn comes. */
  const untold = new Map<string, Step>()
  /** Where somebody chose to stay against the rule; until they leave. */
  const overruled = new Set<string>()

  /** The rule's word after an attempt of the place where its student is; true if what is drawn has changed by it. */
  function follow({ standing: now }: AttemptWritten): boolean {
    const whose = `${now.studentId} ${now.drillId}`
    const place = at.places.get(whose)
    if (!place || !isSame(place, now) || overruled.has(`${whose} ${now.station} ${now.mirrored}`))
      return false
    if (!MOVES.includes(now.next.why)) return false
    const to = { station: now.next.station, mirrored: now.next.mirrored }
    const made: Step = { why: now.next.why, from: place, to, stayAt: place }
    if (whose !== at.key()) {
      at.places.set(whose, to)
      untold.set(whose, made)
      return false
    }
    step.value = made
    at.take(to)
    return true
  }

  /** One key against the rule: back to where one was, and no step from there until one leaves. */
  function overrule(): void {
    const made = step.value
    if (!made?.stayAt) return
    step.value = undefined
    at.take(made.stayAt)
    // Beginning elsewhere is no word against the rule.
    if (made.why !== 'LAST_TIME') overruled.add(hereInWords())
  }

  function hereInWords(): string {
    return `${at.key()} ${at.station.value} ${at.mirrored.value}`
  }

  function takeUntold(): Step | undefined {
    const step = untold.get(at.key())
    untold.delete(at.key())
    return step
  }

  return {
    follow,
    overrule,
    takeUntold,
    forgetUntold: (whose: string) => untold.delete(whose),
    forgetOverruling: () => overruled.delete(hereInWords()),
  }
}

/** To where the rule had brought them when they last played this drill. */
function startOf(detail: SessionDetail | undefined, student: string, inDrill: string): Place | undefined {
  // What an older version kept on this device does not have them.
  const starts: SessionDetail['starts'] | undefined = detail?.starts
  return starts?.find((one) => one.studentId === student && one.drillId === inDrill)
}

function after(ring: { id: string }[], id: string): string | undefined {
  const index = ring.findIndex((one) => one.id === id)
  return ring[(index + 1) % ring.length]?.id
}

function isSame(a: Place, b: Place): boolean {
  return a.station === b.station && a.mirrored === b.mirrored
}
