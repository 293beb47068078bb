// Repeats core's ArrivalError for the read-out that appears with the mark; the server's figure replaces it.
// A journey holds both to the same numbers.
import type { Point, Shot } from '@/api/types'

export interface ArrivalError {
  /** positive left of the way of travel */
  lineMillimetres: number
  /** positive long */
  speedMillimetres: number
}

export function arrivalError(shot: Shot, landing: Point): ArrivalError {
  const angle = (shot.arrivalDegrees * Math.PI) / 180
  const dx = landing.xMillimetres - shot.target.xMillimetres
  const dy = landing.yMillimetres - shot.target.yMillimetres
  return {
    lineMillimetres: -Math.sin(angle) * dx + Math.cos(angle) * dy,
    speedMillimetres: Math.cos(angle) * dx + Math.sin(angle) * dy,
  }
}
