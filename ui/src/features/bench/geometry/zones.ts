// Zones of a draft as outlines, for live drawing; core's ZoneResolver decides.
import type { Point, TableGeometry, Zone } from '@/api/types'
import {
  isLong,
  type CushionName,
  type DraftPosition,
  type DraftZone,
} from '@/shared/drillFile/drillDocument'
import { besideCushion } from './places'
import { bearing, distance, middle, moved, wayOf } from './plane'
import { tapePlace } from './tapePlace'

const ELLIPSE_CORNERS = 72

/** The zone for a ball of this size; nothing while one of its places is unknown. */
export function zoneView(
  table: TableGeometry,
  zone: DraftZone,
  isCueBall: boolean,
  placeOf: (position: DraftPosition) => Point | undefined,
): Zone | undefined {
  if (zone.kind === 'circle') {
    const centre = placeOf(zone.centre)
    return (
      centre && {
        centre: tapePlace(table, centre),
        radiusMillimetres: zone.radiusMillimetres,
        rings: zone.rings ?? [],
      }
    )
  }
  const outline = outlineOf(table, zone, isCueBall, placeOf)
  return outline && { centre: tapePlace(table, targetOf(outline)), outline }
}

function outlineOf(
  table: TableGeometry,
  zone: Exclude<DraftZone, { kind: 'circle' }>,
  isCueBall: boolean,
  placeOf: (position: DraftPosition) => Point | undefined,
): Point[] | undefined {
  const nose = (isCueBall ? table.cueBall : table.objectBall).noseDistanceMillimetres
  switch (zone.kind) {
    case 'ellipse': {
      const centre = placeOf(zone.centre)
      return (
        centre && ellipse(centre, zone.semiMajorMillimetres, zone.semiMinorMillimetres, zone.angleDegrees)
      )
    }
    case 'rectangle': {
      const centre = placeOf(zone.centre)
      return centre && rectangle(centre, zone.lengthMillimetres, zone.widthMillimetres, zone.angleDegrees)
    }
    case 'polygon': {
      const corners = zone.corners.map(placeOf)
      return corners.every((corner): corner is Point => corner !== undefined) ? corners : undefined
    }
    case 'corridor': {
      const from = placeOf(zone.from)
      const to = placeOf(zone.to)
      return (
        from &&
        to &&
        rectangle(middle(from, to), distance(from, to), zone.widthMillimetres, bearing(from, to))
      )
    }
    case 'band':
      return band(table, zone.cushion, nose + zone.depthMillimetres, zone.fromSights, zone.toSights)
    case 'near-cushion':
      return band(table, zone.cushion, nose + zone.withinMillimetres, 0, isLong(zone.cushion) ? 8 : 4)
  }
}

function band(table: TableGeometry, cushion: CushionName, reach: number, from: number, to: number): Point[] {
  const centre = besideCushion(table, cushion, (from + to) / 2, reach / 2)
  const sight = isLong(cushion) ? table.lengthMillimetres / 8 : table.widthMillimetres / 4
  return rectangle(centre, sight * (to - from), reach, isLong(cushion) ? 0 : 90)
}

/** Corners in the server's order: far left, near left, near right, far right of its length. */
function rectangle(centre: Point, length: number, width: number, angleDegrees: number): Point[] {
  const onward = wayOf(angleDegrees)
  const left = { x: -onward.y, y: onward.x }
  return [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1],
  ].map(([a = 0, b = 0]) => moved(moved(centre, onward, (a * length) / 2), left, (b * width) / 2))
}

function ellipse(centre: Point, major: number, minor: number, angleDegrees: number): Point[] {
  const onward = wayOf(angleDegrees)
  const left = { x: -onward.y, y: onward.x }
  return Array.from({ length: ELLIPSE_CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / ELLIPSE_CORNERS
    return moved(moved(centre, onward, major * Math.cos(angle)), left, minor * Math.sin(angle))
  })
}

/** The centroid; near enough for a label while dragging, the server says what a landing is measured from. */
function targetOf(outline: Point[]): Point {
  let area = 0
  let x = 0
  let y = 0
  outline.forEach((one, i) => {
    const next = outline[(i + 1) % outline.length] ?? one
    const cross = one.xMillimetres * next.yMillimetres - next.xMillimetres * one.yMillimetres
    area += cross
    x += (one.xMillimetres + next.xMillimetres) * cross
    y += (one.yMillimetres + next.yMillimetres) * cross
  })
  const first = outline[0] ?? { xMillimetres: 0, yMillimetres: 0 }
  return area === 0 ? first : { xMillimetres: x / (3 * area), yMillimetres: y / (3 * area) }
}
