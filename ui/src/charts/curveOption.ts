// What the chart library is asked to draw of figures against each other: our marks, our colours (as CSS variables).
export interface CurvePoint {
  x: number
  y: number
}

export interface Curve {
  name: string
  points: CurvePoint[]
  /** The one that is asked about, drawn strong; the others stand beside it to compare. */
  strong?: boolean
  /** Upright bars, stacked on each other. */
  bars?: boolean
}

/** A place on the drawing with its name. */
export interface Mark extends CurvePoint {
  name: string
}

const INK = 'var(--ink)'
const QUIET = 'var(--ink-second)'
const FAINT = 'var(--hairline)'
const TEXT = { color: QUIET, fontSize: 13, fontFamily: 'inherit' }
const DASHES = ['solid', 'dashed', 'dotted', [8, 3, 2, 3], [2, 6]]
const BAR_COLOURS = ['var(--slate)', 'var(--amber)', 'var(--brick)']

export function curveAxes(xName: string, yName: string, number: (value: number) => string) {
  const axis = {
    type: 'value',
    scale: true,
    axisLine: { onZero: false, lineStyle: { color: QUIET } },
    axisLabel: { ...TEXT, formatter: number, hideOverlap: true },
    splitLine: { lineStyle: { color: FAINT } },
    splitNumber: 5,
  }
  return {
    grid: { left: 52, right: 58, top: 30, bottom: 46 },
    xAxis: { ...axis, name: xName, nameLocation: 'middle', nameGap: 28, nameTextStyle: TEXT },
    yAxis: {
      ...axis,
      name: yName,
      nameLocation: 'end',
      nameTextStyle: { ...TEXT, align: 'left', padding: [0, 0, 0, -44] },
    },
  }
}

export function curveSeries(curve: Curve, index: number, marks: Mark[]) {
  const data = curve.points.map(({ x, y }) => [x, y])
  if (curve.bars)
    return {
      type: 'bar',
      name: curve.name,
      stack: 'parts',
      data,
      barMaxWidth: 22,
      itemStyle: { color: BAR_COLOURS[index % BAR_COLOURS.length] },
    }
  return {
    type: 'line',
    name: curve.name,
    data,
    symbol: 'none',
    lineStyle: {
      color: INK,
      width: curve.strong ? 2.6 : 1.2,
      opacity: curve.strong ? 1 : 0.75,
      type: curve.strong ? 'solid' : DASHES[index % DASHES.length],
    },
    endLabel: { ...TEXT, show: !curve.strong, formatter: curve.name, distance: 4 },
    markPoint: {
      symbol: 'circle',
      symbolSize: 12,
      itemStyle: { color: 'var(--amber)', borderColor: INK, borderWidth: 1.5 },
      label: { ...TEXT, color: INK, position: 'top', distance: 8, formatter: '{b}' },
      data: marks.map(({ x, y, name }) => ({ name, coord: [x, y] })),
    },
  }
}
