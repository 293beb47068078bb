// What a dragged ball catches on, nearest meaning first: another ball, a spot, a cushion, a wanted cut, a sight.
import type { Point, TableGeometry } from '@/api/types'
import {
  CUSHIONS,
  hangsOn,
  isLong,
  type DraftBall,
  type DraftPosition,
  type DraftShot,
} from '@/shared/drillFile/drillDocument'
import { aimingLines, fromCushion } from './aimingLines'
import { atSights, rounded, touchingOf } from './places'
import { bearing, distance } from './plane'

export interface Snap {
  position: DraftPosition
  /** What it caught on; nothing where it lies free. */
  caught?: { kind: 'ball' | 'spot' | 'cushion' | 'cut' | 'sight'; name: string }
}

/** Named cuts: full, three-quarter, half and quarter ball, and round angles between. */
const CUTS_DEGREES = [0, 14.48, 30, 45, 48.59, 60, 75]
const CUT_SLACK_DEGREES = 1.2
const SIGHT_STEP = 0.5

export function snapped(
  table: TableGeometry,
  shot: DraftShot,
  places: Map<string, Point>,
  ball: DraftBall,
  to: Point,
  reachMillimetres: number,
): Snap {
  return (
    touching(table, shot, places, ball, to, reachMillimetres) ??
    onSpot(table, to, reachMillimetres) ??
    onCushion(table, ball, to, reachMillimetres) ??
    atCut(table, shot, places, ball, to) ??
    atSight(table, to, reachMillimetres) ?? { position: atSights(table, to) }
  )
}

function touching(
  table: TableGeometry,
  shot: DraftShot,
  places: Map<string, Point>,
  ball: DraftBall,
  to: Point,
  reach: number,
): Snap | undefined {
  for (const other of shot.balls) {
    const at = places.get(other.label)
    if (other.label === ball.label || !at || hangsOn(shot.balls, other.label, ball.label)) continue
    const gap = distance(at, to) - touchingOf(table, ball.role === 'cue' || other.role === 'cue')
    if (Math.abs(gap) < reach) {
      const bearingDegrees = rounded(bearing(at, to), 1000)
      return {
        position: { kind: 'touching-ball', ball: other.label, bearingDegrees },
        caught: { kind: 'ball', name: other.label },
      }
    }
  }
  return undefined
}

function onSpot(table: TableGeometry, to: Point, reach: number): Snap | undefined {
  const spot = table.spots.find((one) => distance(one.place, to) < reach)
  return (
    spot && {
      position: { kind: 'spot', spot: spot.name, dxMillimetres: 0, dyMillimetres: 0 },
      caught: { kind: 'spot', name: spot.name },
    }
  )
}

function onCushion(table: TableGeometry, ball: DraftBall, to: Point, reach: number): Snap | undefined {
  const nose = (ball.role === 'cue' ? table.cueBall : table.objectBall).noseDistanceMillimetres
  const cushion = CUSHIONS.find((one) => fromCushion(table, one, to) < nose + reach)
  if (!cushion) return undefined
  const sights = isLong(cushion)
    ? (to.xMillimetres * 8) / table.lengthMillimetres
    : (to.yMillimetres * 4) / table.widthMillimetres
  const sight = isLong(cushion) ? table.lengthMillimetres / 8 : table.widthMillimetres / 4
  return {
    position: { kind: 'off-cushion', cushion, ballWidths: 0, sightsAlong: toSight(sights, reach / sight) },
    caught: { kind: 'cushion', name: cushion },
  }
}

function atCut(
  table: TableGeometry,
  shot: DraftShot,
  places: Map<string, Point>,
  ball: DraftBall,
  to: Point,
): Snap | undefined {
  const pot = shot.demands?.find((demand) => demand.kind === 'pot-ball')
  const object = pot && places.get(pot.ball)
  const pocket = pot && table.pockets.find((one) => one.name === pot.pocket)
  if (ball.role !== 'cue' || !pot || !object || !pocket || hangsOn(shot.balls, pot.ball, ball.label))
    return undefined
  const lines = aimingLines(table, to, object, pocket)
  if (!lines) return undefined
  const size = CUTS_DEGREES.find((cut) => Math.abs(Math.abs(lines.cutDegrees) - cut) < CUT_SLACK_DEGREES)
  if (size === undefined) return undefined
  const cutDegrees = lines.cutDegrees < 0 ? -size : size
  return {
    position: {
      kind: 'for-pot',
      ball: pot.ball,
      pocket: pot.pocket,
      cutDegrees,
      distanceMillimetres: rounded(distance(to, lines.ghostBall), 10),
    },
    caught: { kind: 'cut', name: `${size}°` },
  }
}

/** Whole and half sights, each way by itself. */
function atSight(table: TableGeometry, to: Point, reach: number): Snap | undefined {
  const free = atSights(table, to)
  const along = toSight(free.along, (8 * reach) / table.lengthMillimetres)
  const across = toSight(free.across, (4 * reach) / table.widthMillimetres)
  if (along === free.along && across === free.across) return undefined
  const caught = [along !== free.along ? along : '–', across !== free.across ? across : '–'].join(' · ')
  return { position: { kind: 'sights', along, across }, caught: { kind: 'sight', name: caught } }
}

function toSight(sights: number, slack: number): number {
  const nearest = Math.round(sights / SIGHT_STEP) * SIGHT_STEP
  return Math.abs(nearest - sights) < slack ? nearest : rounded(sights)
}
