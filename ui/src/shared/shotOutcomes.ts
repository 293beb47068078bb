// Which outcomes a shot can have: thick and thin for a cut, left and right for a straight pot.
import type { Outcome, Shot } from '@/api/types'

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

const NO_POT: Outcome[] = ['CONTACT_AS_ASKED', 'WRONG_BALL', 'NO_CONTACT']
const BY_SIDES: Record<Shot['outcomeSides'], Outcome[]> = {
  ANY: CUT,
  CUT,
  STRAIGHT,
  NO_POT,
}

export function outcomesOf(shot: Shot): Outcome[] {
  return BY_SIDES[shot.outcomeSides]
}
