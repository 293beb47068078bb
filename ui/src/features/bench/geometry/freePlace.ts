import type { Point, TableGeometry } from '@/api/types'

const RINGS = 12

/** The first of a grid of places with room for a ball, from the middle of the table. */
export function freePlace(table: TableGeometry, taken: Point[]): Point {
  const room = 2 * table.objectBall.diameterMillimetres
  for (let ring = 0; ring < RINGS; ring++) {
    for (let step = -ring; step <= ring; step++) {
      const place = {
        xMillimetres: table.lengthMillimetres / 2 + step * room,
        yMillimetres: table.widthMillimetres / 2 + (ring % 2 ? -1 : 1) * Math.ceil(ring / 2) * room,
      }
      const free = taken.every(
        (one) =>
          Math.hypot(one.xMillimetres - place.xMillimetres, one.yMillimetres - place.yMillimetres) >= room,
      )
      if (free && place.yMillimetres > room && place.yMillimetres < table.widthMillimetres - room)
        return place
    }
  }
  return { xMillimetres: table.lengthMillimetres / 2, yMillimetres: table.widthMillimetres / 2 }
}
