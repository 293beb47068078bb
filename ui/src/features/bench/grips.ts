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

type Make = (name: Grip['name'], at: Point | undefined, to: (place: Point) => DraftZone) => Grip[]
type ZoneOf<Kind extends DraftZone['kind']> = DraftZone & { kind: Kind }

function ofZone(
  table: TableGeometry,
  zone: DraftZone,
  resolve: Resolve,
  asDemand: (zone: DraftZone) => DraftDemand,
): Grip[] {
  const make: Make = (name, at, to) => grip(name, at, (place) => asDemand(to(place)))
  switch (zone.kind) {
    case 'circle':
      return circleGrips(table, zone, resolve, make)
    case 'ellipse':
    case 'rectangle':
      return turnedGrips(table, zone, resolve, make)
    case 'polygon':
      return polygonGrips(table, zone, resolve, make)
    case 'corridor':
      return corridorGrips(table, zone, resolve, make)
    case 'band':
      return bandGrips(table, zone, make)
    case 'near-cushion':
      return nearCushionGrips(table, zone, make)
  }
}

function circleGrips(table: TableGeometry, zone: ZoneOf<'circle'>, resolve: Resolve, make: Make): Grip[] {
  const centre = resolve(zone.centre)
  if (!centre) return []
  return [
    ...make('place', centre, (place) => ({ ...zone, centre: atSights(table, place) })),
    ...make('size', moved(centre, { x: 1, y: 0 }, zone.radiusMillimetres), (place) =>
      withRadius(zone, size(distance(centre, place))),
    ),
  ]
}

/** An ellipse or a rectangle: half its length along its way, half its width across it. */
function turnedGrips(
  table: TableGeometry,
  zone: ZoneOf<'ellipse' | 'rectangle'>,
  resolve: Resolve,
  make: Make,
): Grip[] {
  const centre = resolve(zone.centre)
  if (!centre) return []
  const way = wayOf(zone.angleDegrees)
  const left = { x: -way.y, y: way.x }
  const { length, width } = halves(zone)
  return [
    ...make('place', centre, (place) => ({ ...zone, centre: atSights(table, place) })),
    ...make('turn', moved(centre, way, length), (place) => ({
      ...withHalves(zone, { length: size(distance(centre, place)), width }),
      angleDegrees: rounded(normalDegrees(bearing(centre, place)), 10),
    })),
    ...make('width', moved(centre, left, width), (place) =>
      withHalves(zone, { length, width: size(Math.abs(along(offset(centre, place), left))) }),
    ),
  ]
}

interface Halves {
  length: number
  width: number
}

function halves(zone: ZoneOf<'ellipse' | 'rectangle'>): Halves {
  return zone.kind === 'ellipse'
    ? { length: zone.semiMajorMillimetres, width: zone.semiMinorMillimetres }
    : { length: zone.lengthMillimetres / 2, width: zone.widthMillimetres / 2 }
}

function withHalves(zone: ZoneOf<'ellipse' | 'rectangle'>, { length, width }: Halves): DraftZone {
  return zone.kind === 'ellipse'
    ? { ...zone, semiMajorMillimetres: length, semiMinorMillimetres: width }
    : { ...zone, lengthMillimetres: 2 * length, widthMillimetres: 2 * width }
}

function corridorGrips(table: TableGeometry, zone: ZoneOf<'corridor'>, resolve: Resolve, make: Make): Grip[] {
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

function bandGrips(table: TableGeometry, zone: ZoneOf<'band'>, make: Make): Grip[] {
  const nose = table.cueBall.noseDistanceMillimetres
  const { cushion, fromSights, toSights, depthMillimetres } = zone
  const at = (sights: number, depth: number) => besideCushion(table, cushion, sights, nose + depth)
  return [
    ...make('start', at(fromSights, depthMillimetres / 2), (place) => ({
      ...zone,
      fromSights: Math.min(sightsOn(table, cushion, place), toSights - 0.1),
    })),
    ...make('end', at(toSights, depthMillimetres / 2), (place) => ({
      ...zone,
      toSights: Math.max(sightsOn(table, cushion, place), fromSights + 0.1),
    })),
    ...make('depth', at((fromSights + toSights) / 2, depthMillimetres), (place) => ({
      ...zone,
      depthMillimetres: size(fromCushion(table, cushion, place) - nose),
    })),
  ]
}

function nearCushionGrips(table: TableGeometry, zone: ZoneOf<'near-cushion'>, make: Make): Grip[] {
  const nose = table.cueBall.noseDistanceMillimetres
  const half = isLong(zone.cushion) ? 4 : 2
  const at = besideCushion(table, zone.cushion, half, nose + zone.withinMillimetres)
  return make('depth', at, (place) => {
    const cushion = nearestCushion(table, place)
    // Dragged close to another cushion it changes over to that one.
    return fromCushion(table, cushion, place) < nose && cushion !== zone.cushion
      ? { ...zone, cushion }
      : { ...zone, withinMillimetres: size(fromCushion(table, zone.cushion, place) - nose) }
  })
}

function polygonGrips(table: TableGeometry, zone: ZoneOf<'polygon'>, resolve: Resolve, make: Make): Grip[] {
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
export function withRadius(zone: ZoneOf<'circle'>, radius: number): DraftZone {
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
