// Anchored positions as points on one table, for live drawing; core's PositionResolver decides.
import type { Point, TableGeometry } from '@/api/types'
import {
  isLong,
  type CushionName,
  type DraftBall,
  type DraftPosition,
} from '@/shared/drillFile/drillDocument'
import { touchingMillimetres } from './aimingLines'
import { degreesOf, middle, moved, wayOf } from './plane'
import { isEmpty, middleOf, pocketLook } from './pocketWindow'

/** The place of every ball of a set-up that has one. */
export function ballPlaces(table: TableGeometry, balls: DraftBall[]): Map<string, Point> {
  const places = new Map<string, Point>()
  const underway = new Set<string>()
  const cueLabel = balls.find((ball) => ball.role === 'cue')?.label

  function place(label: string): Point | undefined {
    const known = places.get(label)
    if (known) return known
    const ball = balls.find((one) => one.label === label)
    if (!ball || underway.has(label)) return undefined
    underway.add(label)
    const point = placeOf(table, ball.position, ball.role === 'cue', place, cueLabel)
    underway.delete(label)
    if (point) places.set(label, point)
    return point
  }

  balls.forEach((ball) => place(ball.label))
  return places
}

/** The place of a position; `ballAt` finds the balls it hangs on. */
export function placeOf(
  table: TableGeometry,
  position: DraftPosition,
  isCueBall: boolean,
  ballAt: (label: string) => Point | undefined,
  cueLabel?: string,
): Point | undefined {
  const { lengthMillimetres: length, widthMillimetres: width } = table
  const ball = isCueBall ? table.cueBall : table.objectBall
  switch (position.kind) {
    case 'sights':
      return { xMillimetres: (position.along * length) / 8, yMillimetres: (position.across * width) / 4 }
    case 'spot': {
      const spot = table.spots.find((one) => one.name === position.spot)
      return (
        spot && {
          xMillimetres: spot.place.xMillimetres + (position.dxMillimetres ?? 0),
          yMillimetres: spot.place.yMillimetres + (position.dyMillimetres ?? 0),
        }
      )
    }
    case 'off-cushion': {
      const from = ball.noseDistanceMillimetres + position.ballWidths * table.objectBall.diameterMillimetres
      return besideCushion(table, position.cushion, position.sightsAlong, from)
    }
    case 'off-pocket': {
      const pocket = table.pockets.find((one) => one.name === position.pocket)
      if (!pocket) return undefined
      const mouth = middle(pocket.leftJaw.virtualPoint, pocket.rightJaw.virtualPoint)
      const back = wayOf(degreesOf(pocket.axis) + 180 + position.bearingDegrees)
      return moved(mouth, back, position.ballWidths * table.objectBall.diameterMillimetres)
    }
    case 'touching-ball': {
      const other = ballAt(position.ball)
      return (
        other &&
        moved(
          other,
          wayOf(position.bearingDegrees),
          touchingOf(table, isCueBall || position.ball === cueLabel),
        )
      )
    }
    case 'for-pot': {
      const object = ballAt(position.ball)
      const pocket = table.pockets.find((one) => one.name === position.pocket)
      if (!object || !pocket) return undefined
      const { used } = pocketLook(pocket, table.objectBall.noseDistanceMillimetres, object)
      if (isEmpty(used)) return undefined
      const objectDegrees = middleOf(used)
      const ghost = moved(object, wayOf(objectDegrees), -touchingMillimetres(table))
      return moved(ghost, wayOf(objectDegrees - position.cutDegrees), -position.distanceMillimetres)
    }
  }
}

/** Two object balls touch at one diameter; with a cue ball of another size it is the geometric mean of both. */
export function touchingOf(table: TableGeometry, cueBallAmong: boolean): number {
  return cueBallAmong ? touchingMillimetres(table) : table.objectBall.diameterMillimetres
}

/** A place by a cushion: so far along it in its own sights, so far in from its nose line. */
export function besideCushion(
  table: TableGeometry,
  cushion: CushionName,
  sights: number,
  inMillimetres: number,
): Point {
  const { lengthMillimetres: length, widthMillimetres: width } = table
  const at = isLong(cushion) ? (sights * length) / 8 : (sights * width) / 4
  switch (cushion) {
    case 'S':
      return { xMillimetres: at, yMillimetres: inMillimetres }
    case 'N':
      return { xMillimetres: at, yMillimetres: width - inMillimetres }
    case 'W':
      return { xMillimetres: inMillimetres, yMillimetres: at }
    case 'E':
      return { xMillimetres: length - inMillimetres, yMillimetres: at }
  }
}

/** Sights of a place, as finely as a tenth of a millimetre needs and no finer than can be read back. */
export function atSights(table: TableGeometry, place: Point): DraftPosition & { kind: 'sights' } {
  return {
    kind: 'sights',
    along: rounded(clamp((place.xMillimetres * 8) / table.lengthMillimetres, 8)),
    across: rounded(clamp((place.yMillimetres * 4) / table.widthMillimetres, 4)),
  }
}

function clamp(value: number, highest: number): number {
  return Math.min(Math.max(value, 0), highest)
}

const SIGHT_DIGITS = 1e6

export function rounded(value: number, digits = SIGHT_DIGITS): number {
  return Math.round(value * digits) / digits
}
