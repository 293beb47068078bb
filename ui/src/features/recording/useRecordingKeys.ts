// Every action of the recording screen has a key.
import { onBeforeUnmount, onMounted } from 'vue'
import {
  KEY_CALL,
  KEY_FOUL,
  KEY_IN_OFF,
  KEY_MIRROR,
  KEY_NEXT_DRILL,
  KEY_NEXT_STUDENT,
  KEY_NOTE,
  KEY_NOT_SEEN,
  KEY_ROUTINE,
  KEY_SESSION,
  KEY_STAY,
  KEYS_DEMANDS,
} from './keys'

export interface RecordingActions {
  outcomeByLetter: (letter: string) => boolean
  foul: () => void
  inOff: () => void
  notSeen: () => void
  undo: () => void
  mirror: () => void
  station: (step: number) => void
  enter: () => void
  cancel: () => void
  /** Steps on the screen: right and up positive, mm. */
  move: (rightMillimetres: number, upMillimetres: number) => void
  help: () => void
  call: () => void
  nextStudent: () => void
  nextDrill: () => void
  stay: () => void
  session: () => void
  note: () => void
  routine: () => void
  /** The nth demand that can be spoken about, from 0. */
  demand: (nth: number) => void
  /** Into the nth of nine parts of the table, from 1; false if nothing is being placed by keys. */
  digit: (nth: number) => boolean
  /** The nth word of the coach's own list, from 0. */
  observe: (nth: number) => void
}

const STEP_MILLIMETRES = 10
const FINE_STEP_MILLIMETRES = 1
const LONG_STEP_MILLIMETRES = 50
const LONGEST_STEP_MILLIMETRES = 200
const ARROWS: Record<string, [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

export function useRecordingKeys(actions: RecordingActions): void {
  const letters = lettersOf(actions)

  function onKey(event: KeyboardEvent): void {
    const arrow = ARROWS[event.key]
    if (event.metaKey || event.altKey || (event.ctrlKey && !arrow)) return
    const target = event.target as HTMLElement
    if (target.closest('input, textarea, select, [role="dialog"], [role="menu"]')) return
    if (event.key === 'Enter') {
      // Enter on a button presses the button.
      if (target.closest('button, a')) return
      actions.enter()
    } else if (arrow) {
      const [right, up] = arrow
      const step = stepOf(event)
      actions.move(right * step, up * step)
    } else if (!pressed(event.key.toUpperCase())) return
    event.preventDefault()
  }

  function pressed(letter: string): boolean {
    if (/^[1-9]$/.test(letter) && actions.digit(Number(letter))) return true
    const action = letters[letter]
    if (!action) return actions.outcomeByLetter(letter)
    action()
    return true
  }

  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}

/** Alone a centimetre, Shift a millimetre, Ctrl 5 cm, both 20 cm. */
function stepOf({ shiftKey, ctrlKey }: KeyboardEvent): number {
  if (ctrlKey) return shiftKey ? LONGEST_STEP_MILLIMETRES : LONG_STEP_MILLIMETRES
  return shiftKey ? FINE_STEP_MILLIMETRES : STEP_MILLIMETRES
}

function lettersOf(actions: RecordingActions): Record<string, () => void> {
  const letters: Record<string, () => void> = {
    [KEY_FOUL]: actions.foul,
    [KEY_IN_OFF]: actions.inOff,
    [KEY_NOT_SEEN]: actions.notSeen,
    [KEY_MIRROR]: actions.mirror,
    BACKSPACE: actions.undo,
    '[': () => actions.station(-1),
    ']': () => actions.station(1),
    '?': actions.help,
    ESCAPE: actions.cancel,
    [KEY_CALL]: actions.call,
    [KEY_NEXT_STUDENT]: actions.nextStudent,
    [KEY_NEXT_DRILL]: actions.nextDrill,
    [KEY_STAY]: actions.stay,
    [KEY_SESSION]: actions.session,
    [KEY_NOTE]: actions.note,
    [KEY_ROUTINE]: actions.routine,
  }
  KEYS_DEMANDS.forEach((letter, nth) => (letters[letter] = () => actions.demand(nth)))
  for (let nth = 0; nth < 8; nth++) letters[String(nth + 1)] = () => actions.observe(nth)
  return letters
}
