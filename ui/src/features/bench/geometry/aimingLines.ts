// Aiming and where the cue ball can go, for live drawing; core's PotLine and CueBallLines decide.
import type { AimingLines, AimingLine, PocketGeometry, Point, TableGeometry } from '@/api/types'
import {
  bearing,
  distance,
  moved,
  normalDegrees,
  offset,
  along,
  leftOf,
  radians,
  toDegrees,
  wayOf,
} from './plane'
import {
  holds,
  isEmpty,
  middleOf,
  pocketLook,
  windowBetween,
  type PocketHalf,
  type Window,
} from './pocketWindow'
import { isLong, type CushionName } from '@/shared/drillFile/drillDocument'

const NO_TANGENT_BELOW_DEGREES = 0.5

/** Nothing where the pocket shows no opening or the cut would be 90 degrees or more. */
export function aimingLines(
  table: TableGeometry,
  cue: Point,
  object: Point,
  pocket: PocketGeometry,
  half: PocketHalf = 'any',
): (AimingLines & { objectPathEnd: Point }) | undefined {
  const look = pocketLook(pocket, table.objectBall.noseDistanceMillimetres, object, half)
  if (isEmpty(look.used)) return undefined
  const touching = touchingMillimetres(table)
  const objectDegrees = normalDegrees(middleOf(look.used))
  const ghostBall = moved(object, wayOf(objectDegrees), -touching)
  const aimDegrees = bearing(cue, ghostBall)
  const cutDegrees = normalDegrees(objectDegrees - aimDegrees)
  if (Math.abs(cutDegrees) >= 90) return undefined
  const aim = aimWindow(cue, object, look.used, touching)
  const allowed = radians(aim.upperDegrees - aim.lowerDegrees)
  const settled = (share: number) =>
    line(table, ghostBall, settledDegrees(table, aimDegrees, cutDegrees, share, table.ballRestitution))
  const tangent =
    Math.abs(cutDegrees) < NO_TANGENT_BELOW_DEGREES
      ? undefined
      : line(table, ghostBall, settledDegrees(table, aimDegrees, cutDegrees, 0, 1))
  const naturalRoll = settled(1)
  const fullDraw = settled(-table.mostRollingShare)
  const fullFollow = settled(table.mostRollingShare)
  return {
    ghostBall,
    contactPoint: moved(object, wayOf(objectDegrees), -table.objectBall.diameterMillimetres / 2),
    aimDegrees,
    cutDegrees,
    coveredFraction: 1 - Math.sin(radians(Math.abs(cutDegrees))),
    objectDegrees,
    windowLowerDegrees: look.used.lowerDegrees,
    windowUpperDegrees: look.used.upperDegrees,
    windowIsClean: look.isClean,
    openingMillimetres: look.openingMillimetres,
    aimLowerDegrees: aim.lowerDegrees,
    aimUpperDegrees: aim.upperDegrees,
    allowedAimMilliradians: 1000 * allowed,
    allowedAimMillimetres: allowed * distance(cue, ghostBall),
    tangent,
    naturalRoll,
    fullDraw,
    fullFollow,
    dangers: table.pockets.flatMap((one) => {
      const leads = leadsInto(table, one, ghostBall, { tangent, naturalRoll, fullDraw, fullFollow })
      return leads ? [{ pocket: one.name, leads }] : []
    }),
    objectPathEnd: dropPoint(object, objectDegrees, pocket),
  }
}

export function touchingMillimetres(table: TableGeometry): number {
  return Math.sqrt(table.cueBall.diameterMillimetres * table.objectBall.diameterMillimetres)
}

/** Direction of the cue ball once it rolls again; the share is surface spin over speed at contact. */
function settledDegrees(
  table: TableGeometry,
  aimDegrees: number,
  cutDegrees: number,
  share: number,
  restitution: number,
): number {
  const phi = radians(cutDegrees)
  const { cueBall, objectBall } = table
  const lost =
    ((1 + restitution) * objectBall.massKilograms * Math.cos(phi)) /
    (cueBall.massKilograms + objectBall.massKilograms)
  const onward = (5 / 7) * (1 - lost * Math.cos(phi)) + (2 / 7) * share
  const left = -(5 / 7) * lost * Math.sin(phi)
  return aimDegrees + toDegrees(Math.atan2(left, onward))
}

function aimWindow(cue: Point, object: Point, used: Window, touching: number): Window {
  const one = bearing(cue, moved(object, wayOf(used.lowerDegrees), -touching))
  const other = bearing(cue, moved(object, wayOf(used.upperDegrees), -touching))
  return windowBetween(other, one)
}

const INWARD: Record<CushionName, { x: number; y: number }> = {
  W: { x: 1, y: 0 },
  E: { x: -1, y: 0 },
  S: { x: 0, y: 1 },
  N: { x: 0, y: -1 },
}

export function fromCushion(table: TableGeometry, cushion: CushionName, place: Point): number {
  switch (cushion) {
    case 'W':
      return place.xMillimetres
    case 'E':
      return table.lengthMillimetres - place.xMillimetres
    case 'S':
      return place.yMillimetres
    case 'N':
      return table.widthMillimetres - place.yMillimetres
  }
}

function line(table: TableGeometry, from: Point, degrees: number): AimingLine {
  const way = wayOf(degrees)
  let cushion: CushionName = 'W'
  let shortest = Infinity
  for (const name of ['W', 'E', 'S', 'N'] as const) {
    const approach = -(way.x * INWARD[name].x + way.y * INWARD[name].y)
    if (approach <= 1e-12) continue
    const reach = (fromCushion(table, name, from) - table.cueBall.noseDistanceMillimetres) / approach
    // Into a corner both are as near: the first counts, as the server has it.
    if (reach < shortest - 1e-6) {
      shortest = reach
      cushion = name
    }
  }
  const place = moved(from, way, Math.max(0, shortest))
  const sights = isLong(cushion)
    ? (place.xMillimetres * 8) / table.lengthMillimetres
    : (place.yMillimetres * 4) / table.widthMillimetres
  return { degrees: normalDegrees(degrees), cushion, place, sights }
}

type Leads = AimingLines['dangers'][number]['leads']

function leadsInto(
  table: TableGeometry,
  pocket: PocketGeometry,
  ghost: Point,
  lines: Pick<AimingLines, 'tangent' | 'naturalRoll' | 'fullDraw' | 'fullFollow'>,
): Leads | undefined {
  const { mouth } = pocketLook(pocket, table.cueBall.noseDistanceMillimetres, ghost)
  if (isEmpty(mouth)) return undefined
  if (holds(mouth, lines.naturalRoll.degrees)) return 'ROLL'
  if (lines.tangent && holds(mouth, lines.tangent.degrees)) return 'STUN'
  // A straight pot has no fan: the cue ball goes on or comes back.
  if (!lines.tangent) {
    return [lines.fullFollow, lines.fullDraw].some((line) => holds(mouth, line.degrees))
      ? 'SOME_SPIN'
      : undefined
  }
  const whole = normalDegrees(lines.fullDraw.degrees - lines.fullFollow.degrees)
  const part = normalDegrees(middleOf(mouth) - lines.fullFollow.degrees)
  const between = whole >= 0 ? part >= 0 && part <= whole : part <= 0 && part >= whole
  return between ? 'SOME_SPIN' : undefined
}

function dropPoint(object: Point, degrees: number, pocket: PocketGeometry): Point {
  const way = wayOf(degrees)
  const toCentre = offset(object, pocket.captureCentre)
  const aside = leftOf(toCentre, way)
  const radius = pocket.captureRadiusMillimetres
  return moved(object, way, along(toCentre, way) - Math.sqrt(Math.max(0, radius * radius - aside * aside)))
}
