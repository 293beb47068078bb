// Pace 1 to 10 in m/s (answers.md, "Strike and pace"); linear between. For the slider; the engine is asked in m/s.
const METRES_PER_SECOND = [0.6, 1.0, 1.5, 2.0, 2.7, 3.4, 4.2, 5.0, 6.0, 7.0]

export function paceToMetresPerSecond(pace: number): number {
  const below = Math.min(Math.max(Math.floor(pace), 1), METRES_PER_SECOND.length - 1)
  const from = METRES_PER_SECOND[below - 1] ?? 0
  const to = METRES_PER_SECOND[below] ?? from
  return from + (pace - below) * (to - from)
}

/** The pace whose launch speed this is; the scale's ends outside it. */
export function metresPerSecondToPace(speed: number): number {
  const above = METRES_PER_SECOND.findIndex((step) => step >= speed)
  if (above === 0) return 1
  if (above < 0) return METRES_PER_SECOND.length
  const from = METRES_PER_SECOND[above - 1] ?? 0
  const to = METRES_PER_SECOND[above] ?? from
  return above + (speed - from) / (to - from)
}
