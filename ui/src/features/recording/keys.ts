// Which outcome keys a shot has, and their letters: thick and thin for a cut, left and right for a straight pot.
import type { Outcome, Shot } from '@/api/types'
import { outcomesOf } from '@/shared/shotOutcomes'

export interface OutcomeKey {
  outcome: Outcome
  letter: string
}

const LETTERS = ['Q', 'W', 'E', 'A', 'S', 'Z'] as const

/** What a tap on the cloth means if no key was chosen: all went as asked. */
export function usualOutcome(shot: Shot): Outcome {
  return shot.outcomeSides === 'NO_POT' ? 'CONTACT_AS_ASKED' : 'POTTED_CLEAN'
}

export function outcomeKeys(shot: Shot): OutcomeKey[] {
  return outcomesOf(shot).map((outcome, index) => ({ outcome, letter: LETTERS[index] ?? '' }))
}

export const KEY_FOUL = 'D'
export const KEY_IN_OFF = 'F'
export const KEY_NOT_SEEN = 'N'
export const KEY_MIRROR = 'M'
export const KEY_CALL = 'C'
export const KEY_NEXT_STUDENT = 'T'
export const KEY_NEXT_DRILL = 'G'
export const KEY_STAY = 'X'
export const KEY_SESSION = 'B'
export const KEY_NOTE = '/'
export const KEY_ROUTINE = 'R'
/** One for each demand that can be spoken about, in the order in which they are shown. */
export const KEYS_DEMANDS = ['Y', 'U', 'I', 'O', 'P', 'H'] as const
