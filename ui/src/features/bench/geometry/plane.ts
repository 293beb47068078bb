// Plane arithmetic for live drawing: mm, degrees counter-clockwise from +x.
import type { Point } from '@/api/types'

export interface Way {
  x: number
  y: number
}

const DEGREES = 180 / Math.PI

export function wayOf(degrees: number): Way {
  return { x: Math.cos(degrees / DEGREES), y: Math.sin(degrees / DEGREES) }
}

export function degreesOf(way: Way): number {
  return Math.atan2(way.y, way.x) * DEGREES
}

/** In (-180, 180]. */
export function normalDegrees(degrees: number): number {
  const turned = degrees - 360 * Math.floor((degrees + 180) / 360)
  return turned === -180 ? 180 : turned
}

export function moved(from: Point, way: Way, distanceMillimetres: number): Point {
  return {
    xMillimetres: from.xMillimetres + distanceMillimetres * way.x,
    yMillimetres: from.yMillimetres + distanceMillimetres * way.y,
  }
}

export function offset(from: Point, to: Point): Point {
  return {
    xMillimetres: to.xMillimetres - from.xMillimetres,
    yMillimetres: to.yMillimetres - from.yMillimetres,
  }
}

export function distance(one: Point, other: Point): number {
  return Math.hypot(one.xMillimetres - other.xMillimetres, one.yMillimetres - other.yMillimetres)
}

export function bearing(from: Point, to: Point): number {
  return Math.atan2(to.yMillimetres - from.yMillimetres, to.xMillimetres - from.xMillimetres) * DEGREES
}

/** How far an offset reaches along a way, and to its left. */
export function along(vector: Point, way: Way): number {
  return vector.xMillimetres * way.x + vector.yMillimetres * way.y
}

export function leftOf(vector: Point, way: Way): number {
  return -vector.xMillimetres * way.y + vector.yMillimetres * way.x
}

export function middle(one: Point, other: Point): Point {
  return {
    xMillimetres: (one.xMillimetres + other.xMillimetres) / 2,
    yMillimetres: (one.yMillimetres + other.yMillimetres) / 2,
  }
}

export function radians(degrees: number): number {
  return degrees / DEGREES
}

export function toDegrees(angle: number): number {
  return angle * DEGREES
}
