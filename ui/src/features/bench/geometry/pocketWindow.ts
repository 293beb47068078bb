// How wide a pocket looks from a ball, for live drawing; core's PocketWindow decides (a journey holds the two to each other).
import type { JawGeometry, PocketGeometry, Point } from '@/api/types'
import { along, bearing, distance, leftOf, moved, normalDegrees, offset, toDegrees, wayOf } from './plane'

export interface Window {
  lowerDegrees: number
  upperDegrees: number
}

export interface PocketLook {
  clean: Window
  mouth: Window
  used: Window
  isClean: boolean
  openingMillimetres: number
}

export function isEmpty(window: Window): boolean {
  return window.upperDegrees <= window.lowerDegrees
}

export function middleOf(window: Window): number {
  return (window.lowerDegrees + window.upperDegrees) / 2
}

export function holds(window: Window, degrees: number): boolean {
  const from = normalDegrees(degrees - window.lowerDegrees)
  return from >= 0 && from <= window.upperDegrees - window.lowerDegrees
}

export function windowBetween(lowerDegrees: number, upperDegrees: number): Window {
  return { lowerDegrees, upperDegrees: lowerDegrees + normalDegrees(upperDegrees - lowerDegrees) }
}

/** Which part of the pocket counts, seen looking into it. */
export type PocketHalf = 'any' | 'left' | 'right'

export function pocketLook(
  pocket: PocketGeometry,
  clearMillimetres: number,
  from: Point,
  half: PocketHalf = 'any',
): PocketLook {
  const clean = inHalf(
    pocket,
    half,
    from,
    pastJaw(pocket, pocket.rightJaw, from, clearMillimetres, -1),
    pastJaw(pocket, pocket.leftJaw, from, clearMillimetres, 1),
  )
  const mouth = inHalf(
    pocket,
    half,
    from,
    pastPoint(from, pocket.rightJaw.virtualPoint, clearMillimetres, -1),
    pastPoint(from, pocket.leftJaw.virtualPoint, clearMillimetres, 1),
  )
  const isClean = !isEmpty(clean)
  const used = isClean ? clean : mouth
  const way = wayOf(middleOf(used))
  const middle = leftOf(dropOnAxis(pocket), way)
  const bounds = isClean
    ? {
        left: leftReach(pocket, pocket.leftJaw, middleOf(used), clearMillimetres, 1),
        right: leftReach(pocket, pocket.rightJaw, middleOf(used), clearMillimetres, -1),
      }
    : {
        left: leftOf(pocket.leftJaw.virtualPoint, way) - clearMillimetres,
        right: -leftOf(pocket.rightJaw.virtualPoint, way) - clearMillimetres,
      }
  const openingMillimetres =
    (half === 'right' ? Math.min(bounds.left, middle) : bounds.left) +
    (half === 'left' ? Math.min(bounds.right, -middle) : bounds.right)
  return { clean, mouth, used, isClean, openingMillimetres }
}

/** The point where the axis enters the capture circle bounds a half's directions as a jaw does. */
function inHalf(pocket: PocketGeometry, half: PocketHalf, from: Point, lower: number, upper: number): Window {
  const middle = bearing(from, dropOnAxis(pocket))
  const reference = axisDegrees(pocket)
  return windowBetween(
    half === 'left' ? tighter(lower, middle, reference, -1) : lower,
    half === 'right' ? tighter(upper, middle, reference, 1) : upper,
  )
}

function dropOnAxis(pocket: PocketGeometry): Point {
  return moved(pocket.captureCentre, pocket.axis, -pocket.captureRadiusMillimetres)
}

function axisDegrees(pocket: PocketGeometry): number {
  return toDegrees(Math.atan2(pocket.axis.y, pocket.axis.x))
}

/** The bound set by one jaw; side is +1 for the left jaw (the smallest bearing wins), -1 for the right. */
function pastJaw(pocket: PocketGeometry, jaw: JawGeometry, from: Point, clear: number, side: 1 | -1): number {
  const reference = axisDegrees(pocket)
  const start = moved(jaw.arcEnd, jaw.facingNormal, clear)
  const bound = tighter(bearing(from, start), bearing(from, drop(pocket, jaw, clear)), reference, side)
  const reach = jaw.arcRadiusMillimetres + clear
  const away = distance(from, jaw.arcCentre)
  if (away > reach) {
    const past = bearing(from, jaw.arcCentre) - side * toDegrees(Math.asin(reach / away))
    if (arcFaces(jaw, past - side * 90)) return tighter(bound, past, reference, side)
  }
  return bound
}

function pastPoint(from: Point, jawPoint: Point, clear: number, side: 1 | -1): number {
  const away = distance(from, jawPoint)
  const turn = away > clear ? toDegrees(Math.asin(clear / away)) : 90
  return bearing(from, jawPoint) - side * turn
}

/** The same limits for parallel paths: projections on the left normal of the direction. */
function leftReach(
  pocket: PocketGeometry,
  jaw: JawGeometry,
  usedDegrees: number,
  clear: number,
  side: 1 | -1,
): number {
  const way = wayOf(usedDegrees)
  const start = moved(jaw.arcEnd, jaw.facingNormal, clear)
  const reach = Math.min(side * leftOf(start, way), side * leftOf(drop(pocket, jaw, clear), way))
  return arcFaces(jaw, usedDegrees - side * 90)
    ? Math.min(reach, side * leftOf(jaw.arcCentre, way) - jaw.arcRadiusMillimetres - clear)
    : reach
}

/** The first point along the offset facing that lies on the capture circle. */
function drop(pocket: PocketGeometry, jaw: JawGeometry, clear: number): Point {
  const start = moved(jaw.arcEnd, jaw.facingNormal, clear)
  const toCentre = offset(start, pocket.captureCentre)
  const aside = leftOf(toCentre, jaw.facing)
  const radius = pocket.captureRadiusMillimetres
  return moved(start, jaw.facing, along(toCentre, jaw.facing) - Math.sqrt(radius * radius - aside * aside))
}

function arcFaces(jaw: JawGeometry, fromArcCentreDegrees: number): boolean {
  const way = wayOf(fromArcCentreDegrees)
  const onward = way.x * jaw.alongCushion.x + way.y * jaw.alongCushion.y
  const inwards = way.x * jaw.inward.x + way.y * jaw.inward.y
  const degrees = toDegrees(Math.atan2(onward, inwards))
  return degrees >= 0 && degrees <= jaw.facingTurnDegrees
}

function tighter(one: number, other: number, reference: number, side: 1 | -1): number {
  return side * normalDegrees(one - reference) <= side * normalDegrees(other - reference) ? one : other
}
