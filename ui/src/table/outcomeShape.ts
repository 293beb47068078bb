// One family of shapes for how a shot went; they stay apart at 6 px and in grey print. Drawn in a box from -1 to 1.
import type { Outcome } from '@/api/types'

export interface OutcomeShape {
  /** Filled parts. */
  fill: string
  /** Parts drawn as a line. */
  line: string
}

const DISC = 'M-1 0 A1 1 0 1 1 1 0 A1 1 0 1 1 -1 0 Z'
const LEFT_HALF = 'M-0.05 -1 A1 1 0 0 0 -0.05 1 Z'
const RIGHT_HALF = 'M0.05 -1 A1 1 0 0 1 0.05 1 Z'
const BAR_RIGHT = 'M0.7 -1 L0.7 1'
const BAR_LEFT = 'M-0.7 -1 L-0.7 1'
const OPEN_LEFT = 'M0.35 -0.95 L0.35 0.95 L0 0.95 A0.95 0.95 0 0 1 0 -0.95 Z'
const OPEN_RIGHT = 'M-0.35 -0.95 L-0.35 0.95 L0 0.95 A0.95 0.95 0 0 0 0 -0.95 Z'
const CROSS = 'M-0.85 -0.85 L0.85 0.85 M-0.85 0.85 L0.85 -0.85'

/** Off a jaw: a filled half and a bar on the other side. Missed: an open half. Thick and left look alike, as do thin and right. */
export const OUTCOME_SHAPES: Record<Outcome, OutcomeShape> = {
  POTTED_CLEAN: { fill: DISC, line: '' },
  OFF_THICK_JAW: { fill: RIGHT_HALF, line: BAR_LEFT },
  OFF_LEFT_JAW: { fill: RIGHT_HALF, line: BAR_LEFT },
  OFF_THIN_JAW: { fill: LEFT_HALF, line: BAR_RIGHT },
  OFF_RIGHT_JAW: { fill: LEFT_HALF, line: BAR_RIGHT },
  MISSED_THICK: { fill: '', line: OPEN_RIGHT },
  MISSED_LEFT: { fill: '', line: OPEN_RIGHT },
  MISSED_THIN: { fill: '', line: OPEN_LEFT },
  MISSED_RIGHT: { fill: '', line: OPEN_LEFT },
  OTHER: { fill: '', line: CROSS },
  CONTACT_AS_ASKED: { fill: DISC, line: '' },
  WRONG_BALL: { fill: '', line: CROSS },
  NO_CONTACT: { fill: '', line: CROSS },
}
