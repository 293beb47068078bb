// Which of the stations that the server proposes comes first.
import type { NextStation } from '@/api/types'

/** Hard enough to learn from; what was begun already before what is new. */
export function firstToLearnFrom(stations: NextStation[]): NextStation | undefined {
  const fits = stations.filter((one) => one.inBand)
  return fits.find((one) => one.studentTries > 0) ?? fits[0]
}
