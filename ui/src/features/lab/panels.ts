// The lab's questions: what can be turned, how it is asked, and which columns the answer has.
import { answer, api } from '@/api/client'
import type { LabStrokes } from '@/api/types'

export type Kind = 'POOL' | 'SNOOKER' | 'PUB'

export type Row = Record<string, number | string | boolean | undefined>

export interface Dial {
  name: string
  unit: string
  min: number
  max: number
  step: number
  usual: number
}

export interface Column {
  name: string
  unit: string
  digits: number
}

export interface Panel {
  key: 'stop' | 'path' | 'drag' | 'runThrough' | 'side' | 'cut' | 'nearPocket' | 'power' | 'close'
  dials: Dial[]
  columns: Column[]
  /** Rows of figures; or strokes that the engine played, whose rows have paths to draw. */
  ask: (kind: Kind, values: Record<string, number>) => Promise<Row[] | LabStrokes>
}

const DISTANCE: Dial = { name: 'distanceMillimetres', unit: 'mm', min: 100, max: 3000, step: 50, usual: 1000 }
const PACE: Dial = { name: 'paceMetresPerSecond', unit: 'm/s', min: 0.4, max: 6, step: 0.1, usual: 2 }
const CUT: Dial = { name: 'cutDegrees', unit: '°', min: 0, max: 75, step: 1, usual: 30 }
const STROKE_COLUMNS: Column[] = [
  { name: 'halfTips', unit: '', digits: 1 },
  { name: 'tipHeightMillimetres', unit: 'mm', digits: 1 },
  { name: 'travelMillimetres', unit: 'mm', digits: 0 },
  { name: 'fromCushionMillimetres', unit: 'mm', digits: 0 },
]
const HEIGHT_COLUMNS: Column[] = [
  { name: 'halfTips', unit: '', digits: 1 },
  { name: 'tipHeightMillimetres', unit: 'mm', digits: 1 },
]

/** The question's own numbers, all of which the panel has a dial for. */
function query(kind: Kind, values: Record<string, number>, names: string[]) {
  return { kind, ...Object.fromEntries(names.map((name) => [name, values[name] ?? 0])) }
}

function rows(found: object[]): Row[] {
  return found as Row[]
}

export const PANELS: Panel[] = [
  {
    key: 'stop',
    dials: [DISTANCE],
    columns: [
      ...HEIGHT_COLUMNS,
      { name: 'paceMetresPerSecond', unit: 'm/s', digits: 2 },
      { name: 'pacePercentPerMillimetre', unit: '%', digits: 1 },
    ],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/stop', {
              params: { query: { kind, distanceMillimetres: values.distanceMillimetres ?? 0 } },
            }),
          )
        ).rows,
      ),
  },
  {
    key: 'path',
    dials: [PACE, { name: 'tipHeightMillimetres', unit: 'mm', min: -13, max: 13, step: 0.5, usual: -6 }],
    columns: [
      { name: 'millimetres', unit: 'mm', digits: 0 },
      { name: 'phase', unit: '', digits: 0 },
      { name: 'speedMetresPerSecond', unit: 'm/s', digits: 2 },
      { name: 'rollingShare', unit: '', digits: 2 },
    ],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/path', {
              params: {
                query: query(kind, values, ['paceMetresPerSecond', 'tipHeightMillimetres']) as never,
              },
            }),
          )
        ).rows,
      ),
  },
  {
    key: 'drag',
    dials: [
      { ...DISTANCE, usual: 1800 },
      { name: 'arrivalMetresPerSecond', unit: 'm/s', min: 0.1, max: 2, step: 0.1, usual: 0.6 },
    ],
    columns: [...HEIGHT_COLUMNS, { name: 'paceMetresPerSecond', unit: 'm/s', digits: 2 }],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/drag', {
              params: {
                query: query(kind, values, ['distanceMillimetres', 'arrivalMetresPerSecond']) as never,
              },
            }),
          )
        ).rows,
      ),
  },
  {
    key: 'runThrough',
    dials: [{ ...DISTANCE, usual: 600 }, PACE],
    columns: [{ name: 'wantedMillimetres', unit: 'mm', digits: 0 }, ...HEIGHT_COLUMNS],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/run-through', {
              params: {
                query: query(kind, values, ['distanceMillimetres', 'paceMetresPerSecond']) as never,
              },
            }),
          )
        ).rows,
      ),
  },
  {
    key: 'side',
    dials: [
      DISTANCE,
      { ...CUT, min: -75, usual: 0 },
      { name: 'sideMillimetres', unit: 'mm', min: -12, max: 12, step: 0.5, usual: 6 },
    ],
    columns: [
      { name: 'paceMetresPerSecond', unit: 'm/s', digits: 1 },
      { name: 'squirtDegrees', unit: '°', digits: 2 },
      { name: 'swerveDegrees', unit: '°', digits: 2 },
      { name: 'throwDegrees', unit: '°', digits: 2 },
      { name: 'aimDegrees', unit: '°', digits: 2 },
      { name: 'aimMillimetresAtGhost', unit: 'mm', digits: 0 },
    ],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/side', {
              params: {
                query: query(kind, values, ['distanceMillimetres', 'cutDegrees', 'sideMillimetres']) as never,
              },
            }),
          )
        ).rows,
      ),
  },
  {
    key: 'cut',
    dials: [CUT],
    columns: [
      { name: 'cutDegrees', unit: '°', digits: 1 },
      { name: 'coveredFraction', unit: '', digits: 2 },
      { name: 'aimOffsetMillimetres', unit: 'mm', digits: 1 },
    ],
    ask: async (kind, values) =>
      rows(
        (
          await answer(
            api.GET('/api/v1/lab/cut', { params: { query: { kind, cutDegrees: values.cutDegrees ?? 0 } } }),
          )
        ).rows,
      ),
  },
  {
    key: 'nearPocket',
    dials: [
      { name: 'fromPocketMillimetres', unit: 'mm', min: 60, max: 400, step: 10, usual: 150 },
      { ...PACE, usual: 1.5 },
    ],
    columns: [{ name: 'contact', unit: '', digits: 0 }, ...STROKE_COLUMNS],
    ask: (kind, values) =>
      answer(
        api.GET('/api/v1/lab/near-pocket', {
          params: { query: query(kind, values, ['fromPocketMillimetres', 'paceMetresPerSecond']) as never },
        }),
      ),
  },
  {
    key: 'power',
    dials: [
      { ...CUT, min: 1, max: 40, usual: 8 },
      { ...PACE, usual: 4 },
    ],
    columns: STROKE_COLUMNS,
    ask: (kind, values) =>
      answer(
        api.GET('/api/v1/lab/power', {
          params: { query: query(kind, values, ['cutDegrees', 'paceMetresPerSecond']) as never },
        }),
      ),
  },
  {
    key: 'close',
    dials: [
      { name: 'gapMillimetres', unit: 'mm', min: 10, max: 300, step: 5, usual: 60 },
      { ...PACE, usual: 1.2 },
    ],
    columns: STROKE_COLUMNS,
    ask: (kind, values) =>
      answer(
        api.GET('/api/v1/lab/close', {
          params: { query: query(kind, values, ['gapMillimetres', 'paceMetresPerSecond']) as never },
        }),
      ),
  },
]
