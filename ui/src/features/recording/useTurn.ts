// Who plays what: student, drill, station and side; each student keeps their own place in each drill. The rule moves it, a key overrules.
import { computed, ref, type Ref } from 'vue'
import type { AttemptWritten, SessionDetail, Shot, Standing } from '@/api/types'

interface Place {
  station: number
  mirrored: boolean
}

/** A change of set-up that the coach did not choose: a step of the rule, or another student who plays elsewhere. Until something is recorded there. */
export interface Step {
  why: Standing['next']['why'] | 'STUDENT' | 'LAST_TIME'
  /** How the balls lie now, and how they shall. */
  from: Place
  to: Place
  /** Where the student stays if the rule is overruled; nothing to overrule without it. */
  stayAt?: Place
}

const FIRST: Place = { station: 0, mirrored: false }
const MOVES: Standing['next']['why'][] = ['PASSED', 'BACK', 'TURN']

export function useTurn(detail: Ref<SessionDetail | undefined>, standings: Ref<Standing[]>) {
  const studentId = ref('')
  const drillId = ref('')
  const station = ref(0)
  const mirrored = ref(false)
  const step = ref<Step>()
  const places = new Map<string, Place>()
  /** Steps of the rule that are to be told when their student's turn comes. */
  const untold = new Map<string, Step>()
  /** Where somebody chose to stay against the rule; until they leave. */
  const overruled = new Set<string>()

  const students = computed(() => detail.value?.session.students ?? [])
  const student = computed(() => students.value.find(({ id }) => id === studentId.value))
  const drills = computed(() => detail.value?.drills ?? [])
  const drill = computed(() => drills.value.find((one) => one.drill.id === drillId.value))
  const stationView = computed(() => drill.value?.stations[station.value])
  const shots = computed<Shot[]>(() => {
    const view = stationView.value
    return view ? (mirrored.value ? view.mirror : view.original) : []
  })
  const standing = computed(() =>
    standings.value.find(
      (s) =>
        s.studentId === studentId.value &&
        s.drillId === drillId.value &&
        s.station === station.value &&
        s.mirrored === mirrored.value,
    ),
  )

  function key(): string {
    return `${studentId.value} ${drillId.value}`
  }

  function here(): Place {
    return { station: station.value, mirrored: mirrored.value }
  }

  function take(place: Place): void {
    const count = drill.value?.stations.length ?? 1
    station.value = Math.min(Math.max(place.station, 0), count - 1)
    mirrored.value = place.mirrored
    places.set(key(), here())
  }

  /** By hand. */
  function goTo(wantedStation: number, wantedMirror: boolean): void {
    overruled.delete(`${key()} ${station.value} ${mirrored.value}`)
    step.value = undefined
    take({ station: wantedStation, mirrored: wantedMirror })
  }

  function play(student: string, wantedDrill: string): void {
    const lie = here()
    const sameDrill = drillId.value === wantedDrill
    studentId.value = student
    drillId.value = wantedDrill
    const known = places.get(key())
    const start = known ? undefined : startOf(student, wantedDrill)
    take(known ?? start ?? FIRST)
    if (start && (start.station > 0 || start.mirrored)) {
      // Where another student's set-up lies, the balls have to be moved as well.
      step.value = { why: 'LAST_TIME', from: sameDrill ? lie : here(), to: here(), stayAt: FIRST }
      return
    }
    const ruled = untold.get(key())
    untold.delete(key())
    const moves = sameDrill && (lie.station !== station.value || lie.mirrored !== mirrored.value)
    const other: Step = { why: 'STUDENT', from: lie, to: here() }
    step.value = ruled ? { ...ruled, from: sameDrill ? lie : ruled.from } : moves ? other : undefined
  }

  /** To where the rule had brought them when they last played this drill. */
  function startOf(student: string, inDrill: string): Place | undefined {
    // What an older version kept on this device does not have them.
    const starts: SessionDetail['starts'] | undefined = detail.value?.starts
    return starts?.find((one) => one.studentId === student && one.drillId === inDrill)
  }

  function nextStudent(): void {
    const ids = students.value.map(({ id }) => id)
    const following = ids[(ids.indexOf(studentId.value) + 1) % ids.length]
    if (following) play(following, drillId.value)
  }

  function nextDrill(): void {
    const ids = drills.value.map((one) => one.drill.id)
    const following = ids[(ids.indexOf(drillId.value) + 1) % ids.length]
    if (following) play(studentId.value, following)
  }

  /** Where a student was last, from what was recorded: for a screen that opens in the middle of a session. */
  function remember(student: string, inDrill: string, place: Place): void {
    places.set(`${student} ${inDrill}`, place)
    untold.delete(`${student} ${inDrill}`)
  }

  /** The rule's word after an attempt of the place where its student is; true if what is drawn has changed by it. */
  function follow({ standing: now }: AttemptWritten): boolean {
    const whose = `${now.studentId} ${now.drillId}`
    const at = places.get(whose)
    const isThere = at?.station === now.station && at.mirrored === now.mirrored
    if (!isThere || overruled.has(`${whose} ${now.station} ${now.mirrored}`)) return false
    if (!MOVES.includes(now.next.why)) return false
    const to = { station: now.next.station, mirrored: now.next.mirrored }
    const made: Step = { why: now.next.why, from: at, to, stayAt: at }
    if (whose !== key()) {
      places.set(whose, to)
      untold.set(whose, made)
      return false
    }
    step.value = made
    take(to)
    return true
  }

  /** One key against the rule: back to where one was, and no step from there until one leaves. */
  function overrule(): void {
    const made = step.value
    if (!made?.stayAt) return
    step.value = undefined
    take(made.stayAt)
    // Beginning elsewhere is no word against the rule.
    if (made.why !== 'LAST_TIME') overruled.add(`${key()} ${station.value} ${mirrored.value}`)
  }

  return {
    studentId,
    drillId,
    station,
    mirrored,
    step,
    students,
    student,
    drills,
    drill,
    stationView,
    shots,
    standing,
    goTo,
    play,
    nextStudent,
    nextDrill,
    remember,
    follow,
    overrule,
  }
}
