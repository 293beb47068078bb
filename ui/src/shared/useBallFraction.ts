// How much of the object ball is covered, as players say it.
import { useUnits } from '@/shared/units'

const NAMED_FRACTIONS: [number, string][] = [
  [1, '1'],
  [0.75, '¾'],
  [0.5, '½'],
  [0.25, '¼'],
]
const NEAR_ENOUGH = 0.015

/** The nearest named share of the ball, or the plain figure if none is near. */
export function useBallFraction(): (share: number) => string {
  const { figure } = useUnits()
  return (share) =>
    NAMED_FRACTIONS.find(([value]) => Math.abs(value - share) < NEAR_ENOUGH)?.[1] ?? figure(share, 2)
}
