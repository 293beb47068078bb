// A place read three ways, as the server's PlaceView.
import type { Place, Point, TableGeometry } from '@/api/types'

export function tapePlace(table: TableGeometry, place: Point): Place {
  const { xMillimetres: x, yMillimetres: y } = place
  const { lengthMillimetres: length, widthMillimetres: width } = table
  return {
    place,
    sightsAlong: (x * 8) / length,
    sightsAcross: (y * 4) / width,
    shortCushion: x <= length - x ? 'W' : 'E',
    fromShortMillimetres: Math.min(x, length - x),
    longCushion: y <= width - y ? 'S' : 'N',
    fromLongMillimetres: Math.min(y, width - y),
  }
}
