// Where a ball that is placed by hand comes to lie: on the bed, out of other balls, touching or frozen to a cushion where it is nearly so.
import type { LaidBall, Point, TableDrawing } from '@/api/types'

/** Nearer than this (mm) to touching means touching. */
const TOUCHES_WITHIN = 7
const FROZEN_WITHIN = 12
const TURNS = 12
const tenth = (value: number) => Math.round(10 * value) / 10

export function snapped(table: TableDrawing, place: Point, others: LaidBall[]): Point {
  let at = toCushions(table, place)
  const touching = table.objectBallDiameterMillimetres
  for (let turn = 0; turn < TURNS; turn++) {
    const near = nearest(at, others)
    if (!near || distance(at, near.place) >= touching + (turn === 0 ? TOUCHES_WITHIN : 0)) break
    at = within(table, beside(at, near.place, touching + 0.1))
  }
  return { xMillimetres: tenth(at.xMillimetres), yMillimetres: tenth(at.yMillimetres) }
}

function distance(one: Point, other: Point): number {
  return Math.hypot(one.xMillimetres - other.xMillimetres, one.yMillimetres - other.yMillimetres)
}

function nearest(at: Point, others: LaidBall[]): LaidBall | undefined {
  return others.reduce<LaidBall | undefined>(
    (best, ball) => (!best || distance(at, ball.place) < distance(at, best.place) ? ball : best),
    undefined,
  )
}

/** In the direction in which it lies, this far away. */
function beside(at: Point, other: Point, apart: number): Point {
  const away = distance(at, other)
  const [x, y] =
    away < 1 ? [1, 0] : [at.xMillimetres - other.xMillimetres, at.yMillimetres - other.yMillimetres]
  const length = away < 1 ? 1 : away
  return {
    xMillimetres: other.xMillimetres + (x / length) * apart,
    yMillimetres: other.yMillimetres + (y / length) * apart,
  }
}

function toCushions(table: TableDrawing, place: Point): Point {
  const snap = (value: number, most: number) => {
    const nose = table.noseDistanceMillimetres
    if (value < nose + FROZEN_WITHIN) return nose + 0.1
    return value > most - nose - FROZEN_WITHIN ? most - nose - 0.1 : value
  }
  return {
    xMillimetres: snap(place.xMillimetres, table.lengthMillimetres),
    yMillimetres: snap(place.yMillimetres, table.widthMillimetres),
  }
}

function within(table: TableDrawing, place: Point): Point {
  const clip = (value: number, most: number) =>
    Math.min(Math.max(value, table.noseDistanceMillimetres + 0.1), most - table.noseDistanceMillimetres - 0.1)
  return {
    xMillimetres: clip(place.xMillimetres, table.lengthMillimetres),
    yMillimetres: clip(place.yMillimetres, table.widthMillimetres),
  }
}
