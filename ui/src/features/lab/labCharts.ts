// Each question's numbers as a drawing: what stands on which axis.
import type { Curve, CurvePoint, Mark } from '@/charts/curveOption'
import type { LabAnswer, Panel, Row } from './panels'

export interface LabChart {
  xName: string
  yName: string
  curves: Curve[]
  marks?: Mark[]
  digits?: number
  /** What the drawing does not say by itself. */
  note?: string
}

/** The words that a chart is made with: names of axes and curves, and a length with its unit. */
export interface ChartWords {
  t: (key: string, named?: Record<string, string>) => string
  millimetres: (value: number) => string
}

/** Nothing where the drawing on the cloth says it all. */
export function labChart(
  key: Panel['key'],
  found: LabAnswer,
  values: Record<string, number>,
  words: ChartWords,
): LabChart | undefined {
  const rows = ('strokes' in found ? found.strokes : found.rows) as Row[]
  switch (key) {
    case 'stop':
      return 'strokes' in found ? undefined : stopChart(found, values, words)
    case 'path':
      return pathChart(rows, words)
    case 'drag':
      return simple(rows, words, 'tipHeightMillimetres', 'paceMetresPerSecond', 'height', 'pace')
    case 'runThrough':
      return simple(rows, words, 'wantedMillimetres', 'tipHeightMillimetres', 'runsOn', 'height')
    case 'side':
      return sideChart(rows, words)
    case 'squeeze':
      return simple(rows, words, 'sideMillimetres', 'besideMillimetres', 'side', 'beside', -1)
    case 'cut':
      return cutChart(values, words)
    case 'power':
    case 'close':
      return simple(rows, words, 'tipHeightMillimetres', 'travelMillimetres', 'height', 'travel')
    case 'nearPocket':
      return undefined
  }
}

function point(row: Row, x: string, y: string, sign = 1): CurvePoint[] {
  const [px, py] = [row[x], row[y]]
  return typeof px === 'number' && typeof py === 'number' ? [{ x: px, y: sign * py }] : []
}

function simple(
  rows: Row[],
  { t }: ChartWords,
  x: string,
  y: string,
  xName: string,
  yName: string,
  sign = 1,
): LabChart {
  const points = rows.flatMap((row) => point(row, x, y, sign)).sort((a, b) => a.x - b.x)
  return {
    xName: t(`lab.axis.${xName}`),
    yName: t(`lab.axis.${yName}`),
    curves: [{ name: t(`lab.axis.${yName}`), points, strong: true }],
    marks: points.map((one) => ({ ...one, name: '' })),
  }
}

function stopChart(
  { curves, softest, mostForgiving }: Exclude<LabAnswer, { strokes: unknown }>,
  values: Record<string, number>,
  { t, millimetres }: ChartWords,
): LabChart {
  const below = ({ tipHeightMillimetres: x, paceMetresPerSecond: y }: CurveRow) => ({ x: -x, y })
  return {
    xName: t('lab.axis.below'),
    yName: t('lab.axis.pace'),
    curves: (curves ?? []).map(({ distanceMillimetres, points }) => ({
      name: millimetres(distanceMillimetres),
      // Each is named at its last point, and on the right they lie apart with room beside them.
      points: points.map(below).sort((a, b) => a.x - b.x),
      strong: distanceMillimetres === values.distanceMillimetres,
    })),
    note: t('lab.strongIs', { distance: millimetres(values.distanceMillimetres ?? 0) }),
    marks: [
      ...(softest ? [{ ...below(softest), name: t('lab.softest') }] : []),
      ...(mostForgiving && mostForgiving.tipHeightMillimetres !== softest?.tipHeightMillimetres
        ? [{ ...below(mostForgiving), name: t('lab.mostForgiving') }]
        : []),
    ],
  }
}

interface CurveRow {
  tipHeightMillimetres: number
  paceMetresPerSecond: number
}

/** Speed and the surface's own speed from spin: where they meet it rolls, where spin crosses nothing is the stun point. */
function pathChart(rows: Row[], { t }: ChartWords): LabChart {
  const speed = rows.flatMap((row) => point(row, 'millimetres', 'speedMetresPerSecond'))
  const spin = rows.map((row) => ({
    x: Number(row.millimetres),
    y: Number(row.rollingShare) * Number(row.speedMetresPerSecond),
  }))
  return {
    xName: t('lab.axis.way'),
    yName: t('lab.axis.speed'),
    curves: [
      { name: t('lab.speed'), points: speed, strong: true },
      { name: t('lab.spin'), points: spin },
    ],
    note: t('lab.spinIs'),
  }
}

/** What each of the three asks, upright on each other; to the right is up. */
function sideChart(rows: Row[], { t }: ChartWords): LabChart {
  const bars = (name: string, column: string): Curve => ({
    name: t(name),
    points: rows.flatMap((row) => point(row, 'paceMetresPerSecond', column, -1)),
    bars: true,
  })
  return {
    xName: t('lab.axis.pace'),
    yName: t('lab.axis.aimRight'),
    curves: [
      bars('lab.column.forSquirtMillimetres', 'forSquirtMillimetres'),
      bars('lab.column.forSwerveMillimetres', 'forSwerveMillimetres'),
      bars('lab.column.forThrowMillimetres', 'forThrowMillimetres'),
      {
        name: t('lab.altogether'),
        points: rows.flatMap((row) => point(row, 'paceMetresPerSecond', 'aimMillimetresAtGhost', -1)),
        strong: true,
      },
    ],
    digits: 1,
  }
}

/** 1 - sin(cut), drawn live; the figures are the server's. */
function cutChart(values: Record<string, number>, { t }: ChartWords): LabChart {
  const covered = (degrees: number) => 1 - Math.sin((degrees * Math.PI) / 180)
  const asked = values.cutDegrees ?? 0
  return {
    xName: t('lab.axis.cut'),
    yName: t('lab.column.coveredFraction'),
    curves: [
      {
        name: t('lab.column.coveredFraction'),
        points: Array.from({ length: 31 }, (_, i) => ({ x: 3 * i, y: covered(3 * i) })),
        strong: true,
      },
    ],
    marks: [{ x: asked, y: covered(asked), name: '' }],
    digits: 2,
  }
}
