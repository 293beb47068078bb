// Between the table (mm, y up, origin SW) and the drawing (user units of 1 mm, y down).
// Landscape shows +x to the right; portrait turns the whole by a quarter, +x up.
import { inject, type ComputedRef, type InjectionKey } from 'vue'
import type { Point, TableDrawing } from '@/api/types'

export interface SvgPoint {
  x: number
  y: number
}

export interface TableFrame {
  portrait: boolean
  /** How many millimetres one screen pixel shows; for marks of a fixed size on the screen. */
  millimetresPerPixel: number
  tableToSvg(point: Point): SvgPoint
  svgToTable(point: SvgPoint): Point
  /** Screen angle (degrees, clockwise as SVG counts) of a table direction (degrees, counter-clockwise from +x). */
  svgDegrees(tableDegrees: number): number
}

export const WOOD_MILLIMETRES = 88
const PORTRAIT_TURN_DEGREES = 90

export function tableFrame(table: TableDrawing, portrait: boolean, millimetresPerPixel: number): TableFrame {
  const { lengthMillimetres: length, widthMillimetres: width } = table
  return {
    portrait,
    millimetresPerPixel,
    tableToSvg: ({ xMillimetres: x, yMillimetres: y }) =>
      portrait ? { x: width - y, y: length - x } : { x, y: width - y },
    svgToTable: ({ x, y }) =>
      portrait
        ? { xMillimetres: length - y, yMillimetres: width - x }
        : { xMillimetres: x, yMillimetres: width - y },
    svgDegrees: (tableDegrees) => -tableDegrees - (portrait ? PORTRAIT_TURN_DEGREES : 0),
  }
}

/** The whole table with cushions and wood, as a viewBox. */
export function wholeTable(table: TableDrawing, portrait: boolean): Box {
  const margin = table.cushionDepthMillimetres + WOOD_MILLIMETRES
  const across = table.widthMillimetres + 2 * margin
  const along = table.lengthMillimetres + 2 * margin
  return { x: -margin, y: -margin, width: portrait ? across : along, height: portrait ? along : across }
}

export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** A square around a place, kept on the cloth, for looking closely. */
export function around(frame: TableFrame, table: TableDrawing, centre: Point, sideMillimetres: number): Box {
  const middle = frame.tableToSvg(centre)
  const width = frame.portrait ? table.widthMillimetres : table.lengthMillimetres
  const height = frame.portrait ? table.lengthMillimetres : table.widthMillimetres
  const margin = table.cushionDepthMillimetres
  const clip = (start: number, size: number) =>
    Math.min(Math.max(start, -margin), size + margin - sideMillimetres)
  return {
    x: clip(middle.x - sideMillimetres / 2, width),
    y: clip(middle.y - sideMillimetres / 2, height),
    width: sideMillimetres,
    height: sideMillimetres,
  }
}

/** Where on the table a pointer is; undefined before the drawing is on the screen. */
export type ClientToTable = (client: SvgPoint) => Point | undefined

export const CLIENT_TO_TABLE: InjectionKey<ClientToTable> = Symbol('client to table')

export const FRAME: InjectionKey<ComputedRef<TableFrame>> = Symbol('table frame')

export function useFrame(): ComputedRef<TableFrame> {
  const frame = inject(FRAME)
  if (!frame) throw new Error('a table mark must stand inside a TableDiagram')
  return frame
}

/** "M x y L x y ..." of points on the table. */
export function pathOf(frame: TableFrame, points: Point[], closed: boolean): string {
  const steps = points.map((point, index) => {
    const { x, y } = frame.tableToSvg(point)
    return `${index === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`
  })
  return steps.join(' ') + (closed ? ' Z' : '')
}

/** Arrow keys as ways on a landscape table: right and up are positive. */
export const ARROW_WAYS: Record<string, [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
