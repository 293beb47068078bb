// A part of the table, divided into nine as a screen shows it: each digit goes into one of them.
import type { Point } from '@/api/types'

export interface Region {
  xFrom: number
  xTo: number
  yFrom: number
  yTo: number
}

export interface Ninth {
  digit: number
  region: Region
}

export function centreOf({ xFrom, xTo, yFrom, yTo }: Region): Point {
  return { xMillimetres: (xFrom + xTo) / 2, yMillimetres: (yFrom + yTo) / 2 }
}

/** 1 is at the top left of the screen, 9 at the bottom right, however the table is turned. */
export function ninthsOf(region: Region, portrait: boolean): Ninth[] {
  const width = (region.xTo - region.xFrom) / 3
  const height = (region.yTo - region.yFrom) / 3
  return Array.from({ length: 9 }, (_, i) => {
    const column = i % 3
    const fromTop = Math.floor(i / 3)
    // Upright, the head lies at the bottom: right on the screen is towards smaller y, down is towards smaller x.
    const [alongX, alongY] = portrait ? [2 - fromTop, 2 - column] : [column, 2 - fromTop]
    const xFrom = region.xFrom + alongX * width
    const yFrom = region.yFrom + alongY * height
    return { digit: i + 1, region: { xFrom, xTo: xFrom + width, yFrom, yTo: yFrom + height } }
  })
}
