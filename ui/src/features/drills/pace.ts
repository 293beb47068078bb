// Pace 1 to 10 in m/s (answers.md, "Strike and pace"); linear between. For the slider; the engine is asked in m/s.
const METRES_PER_SECOND = [0.6, 1.0, 1.5, 2.0, 2.7, 3.4, 4.2, 5.0, 6.0, 7.0]

export function paceToMetresPerSecond(pace: number): number {
  const below = Math.min(Math.max(Math.floor(pace), 1), METRES_PER_SECOND.length - 1)
  const from = METRES_PER_SECOND[below - 1] ?? 0
  const to = METRES_PER_SECOND[below] ?? from
  return from + (pace - below) * (to - from)
}
