// Keeps a pointed-at place where a ball can lie. For pointing only: the server decides whether a landing is possible.
import type { Point, TableDrawing } from '@/api/types'

/** How far outside the nose line a pointer still means "at the cushion". */
const REACH_MILLIMETRES = 60

export type Pointed = { kind: 'bed'; place: Point } | { kind: 'pocket' } | { kind: 'off' }

export function onBed(table: TableDrawing, pointed: Point): Pointed {
  const inPocket = table.pockets.some(
    (pocket) =>
      Math.hypot(
        pointed.xMillimetres - pocket.centre.xMillimetres,
        pointed.yMillimetres - pocket.centre.yMillimetres,
      ) <= pocket.radiusMillimetres,
  )
  if (inPocket) return { kind: 'pocket' }
  const near = table.noseDistanceMillimetres
  const x = within(pointed.xMillimetres, near, table.lengthMillimetres - near)
  const y = within(pointed.yMillimetres, near, table.widthMillimetres - near)
  const missed = Math.hypot(x - pointed.xMillimetres, y - pointed.yMillimetres)
  if (missed > REACH_MILLIMETRES + near) return { kind: 'off' }
  // A tenth of a millimetre is finer than anybody can point.
  return { kind: 'bed', place: { xMillimetres: tenth(x), yMillimetres: tenth(y) } }
}

function within(value: number, lowest: number, highest: number): number {
  return Math.min(Math.max(value, lowest), highest)
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10
}
