// What of a demand can be taken hold of on the cloth: where the grip lies, and the demand after it was moved.
import type { Point, TableGeometry } from '@/api/types'
import {
  isLong,
  type CushionName,
  type DraftDemand,
  type DraftPosition,
  type DraftZone,
} from '@/shared/drillFile/drillDocument'
import { fromCushion } from './geometry/aimingLines'
import { atSights, besideCushion, rounded } from './geometry/places'
import { bearing, distance, middle, moved, normalDegrees, offset, wayOf, along } from './geometry/plane'

export interface Grip {
  /** What it moves, in the words of the screen's dictionary. */
  name: 'place' | 'size' | 'width' | 'turn' | 'corner' | 'start' | 'end' | 'depth' | 'point' | 'newCorner'
  at: Point
  to: (place: Point) => DraftDemand
}

const SMALLEST_MILLIMETRES = 10

type Resolve = (position: DraftPosition) => Point | undefined

export function gripsOf(table: TableGeometry, demand: DraftDemand, resolve: Resolve): Grip[] {
  switch (demand.kind) {
    case 'land':
      return ofZone(table, demand.zone, resolve, (zone) => ({ ...demand, zone }))
    case 'stay-in':
      return ofZone(table, demand.area, resolve, (area) => ({ ...demand, area }))
    case 'not-cross':
      return [
        ...grip('start', resolve(demand.from), (place) => ({ ...demand, from: atSights(table, place) })),
        ...grip('end', resolve(demand.to), (place) => ({ ...demand, to: atSights(table, place) })),
      ]
    case 'cushion-point': {
      const at = besideCushion(
        table,
        demand.cushion,
        demand.sightsAlong,
        table.cueBall.noseDistanceMillimetres,
      )
      return grip('point', at, (place) => {
        const cushion = nearestCushion(table, place)
        return { ...demand, cushion, sightsAlong: sightsOn(table, cushion, place) }
      })
    }
    default:
      return []
  }
}

function ofZone(
  table: TableGeometry,
  zone: DraftZone,
  resolve: Resolve,
  asDemand: (zone: DraftZone) => DraftDemand,
): Grip[] {
  const make = (name: Grip['name'], at: Point | undefined, to: (place: Point) => DraftZone) =>
    grip(name, at, (place) => asDemand(to(place)))
  switch (zone.kind) {
    case 'circle': {
      const centre = resolve(zone.centre)
      if (!centre) return []
      return [
        ...make('place', centre, (place) => ({ ...zone, centre: atSights(table, place) })),
        ...make('size', moved(centre, { x: 1, y: 0 }, zone.radiusMillimetres), (place) =>
          withRadius(zone, size(distance(centre, place))),
        ),
      ]
    }
    case 'ellipse':
    case 'rectangle': {
      const centre = resolve(zone.centre)
      if (!centre) return []
      const way = wayOf(zone.angleDegrees)
      const left = { x: -way.y, y: way.x }
      const [length, width] =
        zone.kind === 'ellipse'
          ? [zone.semiMajorMillimetres, zone.semiMinorMillimetres]
          : [zone.lengthMillimetres / 2, zone.widthMillimetres / 2]
      const sized = (half: { length?: number; width?: number }): DraftZone =>
        zone.kind === 'ellipse'
          ? {
              ...zone,
              semiMajorMillimetres: half.length ?? length,
              semiMinorMillimetres: half.width ?? width,
            }
          : {
              ...zone,
              lengthMillimetres: 2 * (half.length ?? length),
              widthMillimetres: 2 * (half.width ?? width),
            }
      return [
        ...make('place', centre, (place) => ({ ...zone, centre: atSights(table, place) })),
        ...make('turn', moved(centre, way, length), (place) => ({
          ...sized({ length: size(distance(centre, place)) }),
          angleDegrees: rounded(normalDegrees(bearing(centre, place)), 10),
        })),
        ...make('width', moved(centre, left, width), (place) =>
          sized({ width: size(Math.abs(along(offset(centre, place), left))) }),
        ),
      ]
    }
    case 'polygon':
      return polygonGrips(table, zone, resolve, make)
    case 'corridor': {
      const from = resolve(zone.from)
      const to = resolve(zone.to)
      if (!from || !to) return []
      const left = wayOf(bearing(from, to) + 90)
      const centre = middle(from, to)
      return [
        ...make('start', from, (place) => ({ ...zone, from: atSights(table, place) })),
        ...make('end', to, (place) => ({ ...zone, to: atSights(table, place) })),
        ...make('width', moved(centre, left, zone.widthMillimetres / 2), (place) => ({
          ...zone,
          widthMillimetres: size(2 * Math.abs(along(offset(centre, place), left))),
        })),
      ]
    }
    case 'band': {
      const nose = table.cueBall.noseDistanceMillimetres
      const at = (sights: number) =>
        besideCushion(table, zone.cushion, sights, nose + zone.depthMillimetres / 2)
      return [
        ...make('start', at(zone.fromSights), (place) => ({
          ...zone,
          fromSights: Math.min(sightsOn(table, zone.cushion, place), zone.toSights - 0.1),
        })),
        ...make('end', at(zone.toSights), (place) => ({
          ...zone,
          toSights: Math.max(sightsOn(table, zone.cushion, place), zone.fromSights + 0.1),
        })),
        ...make(
          'depth',
          besideCushion(
            table,
            zone.cushion,
            (zone.fromSights + zone.toSights) / 2,
            nose + zone.depthMillimetres,
          ),
          (place) => ({ ...zone, depthMillimetres: size(fromCushion(table, zone.cushion, place) - nose) }),
        ),
      ]
    }
    case 'near-cushion': {
      const nose = table.cueBall.noseDistanceMillimetres
      const half = isLong(zone.cushion) ? 4 : 2
      return make(
        'depth',
        besideCushion(table, zone.cushion, half, nose + zone.withinMillimetres),
        (place) => {
          const cushion = nearestCushion(table, place)
          const within = size(fromCushion(table, zone.cushion, place) - nose)
          // Dragged close to another cushion it changes over to that one.
          return fromCushion(table, cushion, place) < nose && cushion !== zone.cushion
            ? { ...zone, cushion }
            : { ...zone, withinMillimetres: within }
        },
      )
    }
  }
}

function polygonGrips(
  table: TableGeometry,
  zone: DraftZone & { kind: 'polygon' },
  resolve: Resolve,
  make: (name: Grip['name'], at: Point | undefined, to: (place: Point) => DraftZone) => Grip[],
): Grip[] {
  const corners = zone.corners.map(resolve)
  return corners.flatMap((corner, i) => {
    const next = corners[(i + 1) % corners.length]
    const insert = (place: Point): DraftZone => ({
      ...zone,
      corners: [...zone.corners.slice(0, i + 1), atSights(table, place), ...zone.corners.slice(i + 1)],
    })
    return [
      ...make('corner', corner, (place) => ({
        ...zone,
        corners: zone.corners.map((one, n) => (n === i ? atSights(table, place) : one)),
      })),
      ...(corner && next && corners.length < 40 ? make('newCorner', middle(corner, next), insert) : []),
    ]
  })
}

/** A circle of another size, its rings with it. */
export function withRadius(zone: DraftZone & { kind: 'circle' }, radius: number): DraftZone {
  const scale = radius / zone.radiusMillimetres
  const rings = zone.rings?.map((ring) => ({
    ...ring,
    radiusMillimetres: rounded(ring.radiusMillimetres * scale, 10),
  }))
  return { ...zone, radiusMillimetres: radius, ...(rings ? { rings } : {}) }
}

function grip(name: Grip['name'], at: Point | undefined, to: Grip['to']): Grip[] {
  return at ? [{ name, at, to }] : []
}

function size(millimetres: number): number {
  return Math.max(SMALLEST_MILLIMETRES, Math.round(millimetres))
}

function nearestCushion(table: TableGeometry, place: Point): CushionName {
  return (['W', 'E', 'S', 'N'] as const).reduce((best, one) =>
    fromCushion(table, one, place) < fromCushion(table, best, place) ? one : best,
  )
}

function sightsOn(table: TableGeometry, cushion: CushionName, place: Point): number {
  const sights = isLong(cushion)
    ? (place.xMillimetres * 8) / table.lengthMillimetres
    : (place.yMillimetres * 4) / table.widthMillimetres
  return rounded(Math.min(Math.max(sights, 0), isLong(cushion) ? 8 : 4), 100)
}
