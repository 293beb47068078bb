// The height of the tip in words.
const CENTRE_WITHIN_MILLIMETRES = 0.05

/** The words of the dictionary, and the figure that goes into them. */
export function tipHeightWords(millimetres: number): { key: string; height: number } {
  const height = Math.abs(millimetres)
  if (height < CENTRE_WITHIN_MILLIMETRES) return { key: 'drills.centreBall', height: 0 }
  return { key: millimetres > 0 ? 'drills.above' : 'drills.below', height }
}
