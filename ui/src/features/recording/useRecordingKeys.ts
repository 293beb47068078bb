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
  /** The nth word of the coach's own list, from 0. */
  observe: (nth: number) => void
}

const STEP_MILLIMETRES = 10
const FINE_STEP_MILLIMETRES = 1

export function useRecordingKeys(actions: RecordingActions): void {
  const arrows: Record<string, [number, number]> = {
    ArrowRight: [1, 0],
    ArrowLeft: [-1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  }
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

  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const target = event.target as HTMLElement
    if (target.closest('input, textarea, select, [role="dialog"], [role="menu"]')) return
    if (event.key === 'Enter') {
      // Enter on a button presses the button.
      if (target.closest('button, a')) return
      actions.enter()
    } else if (event.key in arrows) {
      const [right, up] = arrows[event.key] ?? [0, 0]
      const step = event.shiftKey ? FINE_STEP_MILLIMETRES : STEP_MILLIMETRES
      actions.move(right * step, up * step)
    } else {
      const letter = event.key.toUpperCase()
      const action = letters[letter]
      if (action) action()
      else if (!actions.outcomeByLetter(letter)) return
    }
    event.preventDefault()
  }

  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}
