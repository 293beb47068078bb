// Tip heights in steps of half a tip (answers.md, "Strike and pace": one tip is the cue's tip diameter).

/** Rounded to half a tip, positive above the centre. */
export function halfTips(heightMillimetres: number, tipDiameterMillimetres: number): number {
  return Math.round((2 * heightMillimetres) / tipDiameterMillimetres) / 2
}
