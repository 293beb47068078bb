// Which outcome keys a shot has, and their letters: thick and thin for a cut, left and right for a straight pot.
import type { Outcome, Shot } from '@/api/types'

export interface OutcomeKey {
  outcome: Outcome
  letter: string
}

const LETTERS = ['Q', 'W', 'E', 'A', 'S', 'Z'] as const

const CUT: Outcome[] = [
  'POTTED_CLEAN',
  'OFF_THICK_JAW',
  'OFF_THIN_JAW',
  'MISSED_THICK',
  'MISSED_THIN',
  'OTHER',
]
const STRAIGHT: Outcome[] = [
  'POTTED_CLEAN',
  'OFF_LEFT_JAW',
  'OFF_RIGHT_JAW',
  'MISSED_LEFT',
  'MISSED_RIGHT',
  'OTHER',
]

export function outcomeKeys(shot: Shot): OutcomeKey[] {
  const outcomes = shot.outcomeSides === 'STRAIGHT' ? STRAIGHT : CUT
  return outcomes.map((outcome, index) => ({ outcome, letter: LETTERS[index] ?? '' }))
}

export const KEY_FOUL = 'D'
export const KEY_IN_OFF = 'F'
export const KEY_NOT_SEEN = 'N'
export const KEY_MIRROR = 'M'
