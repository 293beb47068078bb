// A ball's place said in another way: the same point, anchored anew.
import type { Point, TableGeometry } from '@/api/types'
import {
  CUSHIONS,
  hangsOn,
  isLong,
  type DraftBall,
  type DraftPosition,
  type DraftShot,
} from '@/shared/drillFile/drillDocument'
import { aimingLines, fromCushion } from './geometry/aimingLines'
import { atSights, rounded } from './geometry/places'
import { bearing, degreesOf, distance, middle, normalDegrees } from './geometry/plane'

export const POSITION_KINDS = [
  'sights',
  'spot',
  'off-cushion',
  'off-pocket',
  'touching-ball',
  'for-pot',
] as const

interface Anchoring {
  table: TableGeometry
  shot: DraftShot
  ball: DraftBall
  places: Map<string, Point>
  at: Point
}

/** Nothing where the shot offers no such anchor (no other ball, no pot, no spot). */
export function asKind(
  kind: DraftPosition['kind'],
  table: TableGeometry,
  shot: DraftShot,
  ball: DraftBall,
  places: Map<string, Point>,
): DraftPosition | undefined {
  const at = places.get(ball.label)
  if (!at) return kind === 'sights' ? { kind, along: 4, across: 2 } : undefined
  const anchoring = { table, shot, ball, places, at }
  switch (kind) {
    case 'sights':
      return atSights(table, at)
    case 'spot':
      return fromSpot(anchoring)
    case 'off-cushion':
      return offCushion(anchoring)
    case 'off-pocket':
      return offPocket(anchoring)
    case 'touching-ball':
      return touchingBall(anchoring)
    case 'for-pot':
      return forPot(anchoring)
  }
}

function fromSpot({ table, at }: Anchoring): DraftPosition | undefined {
  const spot = nearest(table.spots, (one) => distance(one.place, at))
  return (
    spot && {
      kind: 'spot',
      spot: spot.name,
      dxMillimetres: rounded(at.xMillimetres - spot.place.xMillimetres, 10),
      dyMillimetres: rounded(at.yMillimetres - spot.place.yMillimetres, 10),
    }
  )
}

function offCushion({ table, ball, at }: Anchoring): DraftPosition {
  const cushion = nearest([...CUSHIONS], (one) => fromCushion(table, one, at)) ?? 'S'
  const nose = (ball.role === 'cue' ? table.cueBall : table.objectBall).noseDistanceMillimetres
  const sights = isLong(cushion)
    ? (at.xMillimetres * 8) / table.lengthMillimetres
    : (at.yMillimetres * 4) / table.widthMillimetres
  const widths = (fromCushion(table, cushion, at) - nose) / table.objectBall.diameterMillimetres
  return {
    kind: 'off-cushion',
    cushion,
    ballWidths: rounded(Math.max(0, widths)),
    sightsAlong: rounded(sights),
  }
}

function offPocket({ table, at }: Anchoring): DraftPosition | undefined {
  const pocket = nearest(table.pockets, (one) => distance(one.captureCentre, at))
  if (!pocket) return undefined
  const mouth = middle(pocket.leftJaw.virtualPoint, pocket.rightJaw.virtualPoint)
  const turn = normalDegrees(bearing(mouth, at) - degreesOf(pocket.axis) - 180)
  return {
    kind: 'off-pocket',
    pocket: pocket.name,
    ballWidths: rounded(Math.min(60, distance(mouth, at) / table.objectBall.diameterMillimetres)),
    bearingDegrees: rounded(Math.min(89, Math.max(-89, turn))),
  }
}

function touchingBall({ shot, ball, places, at }: Anchoring): DraftPosition | undefined {
  const others = shot.balls.filter(
    (one) => one.label !== ball.label && !hangsOn(shot.balls, one.label, ball.label),
  )
  const other = nearest(others, (one) => {
    const place = places.get(one.label)
    return place ? distance(place, at) : Infinity
  })
  const place = other && places.get(other.label)
  if (!other || !place) return undefined
  return { kind: 'touching-ball', ball: other.label, bearingDegrees: rounded(bearing(place, at), 100) }
}

function forPot({ table, shot, ball, places, at }: Anchoring): DraftPosition | undefined {
  const pot = shot.demands?.find((demand) => demand.kind === 'pot-ball')
  const object = pot && places.get(pot.ball)
  const pocket = pot && table.pockets.find((one) => one.name === pot.pocket)
  if (!pot || !object || !pocket || hangsOn(shot.balls, pot.ball, ball.label)) return undefined
  const lines = aimingLines(table, at, object, pocket)
  return (
    lines && {
      kind: 'for-pot',
      ball: pot.ball,
      pocket: pot.pocket,
      cutDegrees: rounded(lines.cutDegrees, 100),
      distanceMillimetres: rounded(distance(at, lines.ghostBall), 10),
    }
  )
}

function nearest<T>(all: T[], measure: (one: T) => number): T | undefined {
  return all.reduce<T | undefined>(
    (best, one) => (best === undefined || measure(one) < measure(best) ? one : best),
    undefined,
  )
}
