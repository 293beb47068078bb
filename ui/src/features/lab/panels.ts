// The lab's questions: what can be turned, how it is asked, and which columns the answer has.
import { answer, api } from '@/api/client'
import type { components } from '@/api/schema'
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
  /** The words of a positive and of a negative figure. */
  ways?: [string, string]
}

export interface Column {
  name: string
  unit: string
  digits: number
  /** The words of a positive and of a negative figure: nobody at a table says minus. */
  ways?: [string, string]
  /** A share from 0 to 1, told in per cent. */
  share?: boolean
}

export interface Panel {
  key: 'stop' | 'path' | 'drag' | 'runThrough' | 'side' | 'cut' | 'nearPocket' | 'power' | 'close' | 'squeeze'
  dials: Dial[]
  columns: Column[]
  path: string
}

const DISTANCE: Dial = { name: 'distanceMillimetres', unit: 'mm', min: 100, max: 3000, step: 50, usual: 1000 }
const PACE: Dial = { name: 'paceMetresPerSecond', unit: 'm/s', min: 0.4, max: 6, step: 0.1, usual: 2 }
const CUT: Dial = { name: 'cutDegrees', unit: '°', min: 0, max: 75, step: 1, usual: 30 }
const CUT_EITHER_WAY: Dial = { ...CUT, min: -75, ways: ['left', 'right'] }
const GRADE: Dial = { name: 'grade', unit: '', min: 100, max: 900, step: 50, usual: 500 }
const STROKE_COLUMNS: Column[] = [
  { name: 'tip', unit: '', digits: 0 },
  { name: 'tipHeightMillimetres', unit: 'mm', digits: 1, ways: ['above', 'below'] },
  { name: 'travelMillimetres', unit: 'mm', digits: 0 },
  { name: 'fromCushionMillimetres', unit: 'mm', digits: 0 },
  { name: 'changeMillimetres', unit: 'mm', digits: 0 },
]
const HEIGHT_COLUMNS: Column[] = [
  { name: 'tip', unit: '', digits: 0 },
  { name: 'tipHeightMillimetres', unit: 'mm', digits: 1, ways: ['above', 'below'] },
]

/** Every dial is a part of the question by its own name. */
/** What a question is asked of: the club's table and cue, or what is usual. */
export interface LabKit {
  tableId?: string
  cueId?: string
}

export async function askLab(
  panel: Panel,
  kind: Kind,
  values: Record<string, number>,
  kit: LabKit,
): Promise<LabAnswer> {
  // The dials of a panel are the parameters of its path; one path stands for all in the eyes of the type checker.
  const query = { kind, ...values, ...kit } as unknown as { kind: Kind; distanceMillimetres: number }
  return await answer(api.GET(panel.path as '/api/v1/lab/stop', { params: { query } }))
}

type StopTable = components['schemas']['StopTable']
type SideTable = components['schemas']['SideTable']
type PathStates = components['schemas']['PathStates']

/** Rows of figures; or strokes that the engine played, whose rows have paths to draw. Some answers name what stands out. */
export type LabAnswer =
  ({ rows: object[] } & Partial<Omit<StopTable & SideTable & PathStates, 'rows'>>) | LabStrokes

export const PANELS: Panel[] = [
  {
    key: 'stop',
    dials: [DISTANCE, GRADE],
    columns: [
      ...HEIGHT_COLUMNS,
      { name: 'paceMetresPerSecond', unit: 'm/s', digits: 2 },
      { name: 'pacePercentPerMillimetre', unit: '%', digits: 0 },
      { name: 'chance', unit: '%', digits: 0, share: true },
    ],
    path: '/api/v1/lab/stop',
  },
  {
    key: 'path',
    dials: [
      PACE,
      {
        name: 'tipHeightMillimetres',
        unit: 'mm',
        min: -13,
        max: 13,
        step: 0.5,
        usual: -6,
        ways: ['above', 'below'],
      },
    ],
    columns: [
      { name: 'millimetres', unit: 'mm', digits: 0 },
      { name: 'phase', unit: '', digits: 0 },
      { name: 'speedMetresPerSecond', unit: 'm/s', digits: 2 },
      { name: 'rollingShare', unit: '', digits: 2, ways: ['forward', 'backward'] },
    ],
    path: '/api/v1/lab/path',
  },
  {
    key: 'drag',
    dials: [
      { ...DISTANCE, usual: 1800 },
      { name: 'arrivalMetresPerSecond', unit: 'm/s', min: 0.1, max: 2, step: 0.1, usual: 0.6 },
    ],
    columns: [
      ...HEIGHT_COLUMNS,
      { name: 'paceMetresPerSecond', unit: 'm/s', digits: 2 },
      { name: 'secondsOnTheWay', unit: 's', digits: 1 },
      { name: 'asideMillimetres', unit: 'mm', digits: 0 },
    ],
    path: '/api/v1/lab/drag',
  },
  {
    key: 'runThrough',
    dials: [{ ...DISTANCE, usual: 600 }, PACE],
    columns: [{ name: 'wantedMillimetres', unit: 'mm', digits: 0, ways: ['on', 'back'] }, ...HEIGHT_COLUMNS],
    path: '/api/v1/lab/run-through',
  },
  {
    key: 'side',
    dials: [
      DISTANCE,
      { ...CUT_EITHER_WAY, usual: 0 },
      {
        name: 'sideMillimetres',
        unit: 'mm',
        min: -12,
        max: 12,
        step: 0.5,
        usual: 6,
        ways: ['right', 'left'],
      },
    ],
    columns: [
      { name: 'paceMetresPerSecond', unit: 'm/s', digits: 1 },
      { name: 'forSquirtMillimetres', unit: 'mm', digits: 0, ways: ['left', 'right'] },
      { name: 'forSwerveMillimetres', unit: 'mm', digits: 0, ways: ['left', 'right'] },
      { name: 'forThrowMillimetres', unit: 'mm', digits: 0, ways: ['left', 'right'] },
      { name: 'aimMillimetresAtGhost', unit: 'mm', digits: 0, ways: ['left', 'right'] },
    ],
    path: '/api/v1/lab/side',
  },
  {
    key: 'squeeze',
    dials: [
      { ...DISTANCE, usual: 400 },
      { ...CUT_EITHER_WAY, usual: 20 },
      { ...PACE, usual: 1.2 },
      { name: 'toPocketMillimetres', unit: 'mm', min: 100, max: 2500, step: 50, usual: 800 },
    ],
    columns: [
      { name: 'side', unit: '', digits: 0 },
      { name: 'sideMillimetres', unit: 'mm', digits: 1 },
      { name: 'throwDegrees', unit: '°', digits: 2, ways: ['left', 'right'] },
      { name: 'turnedDegrees', unit: '°', digits: 2, ways: ['left', 'right'] },
      { name: 'besideMillimetres', unit: 'mm', digits: 0, ways: ['left', 'right'] },
    ],
    path: '/api/v1/lab/squeeze',
  },
  {
    key: 'cut',
    dials: [CUT],
    columns: [
      { name: 'cutDegrees', unit: '°', digits: 1 },
      { name: 'coveredFraction', unit: '', digits: 2 },
      { name: 'aimOffsetMillimetres', unit: 'mm', digits: 1 },
    ],
    path: '/api/v1/lab/cut',
  },
  {
    key: 'nearPocket',
    dials: [
      { name: 'fromPocketMillimetres', unit: 'mm', min: 60, max: 400, step: 10, usual: 150 },
      { ...PACE, usual: 1.5 },
    ],
    columns: [{ name: 'contact', unit: '', digits: 0 }, ...STROKE_COLUMNS],
    path: '/api/v1/lab/near-pocket',
  },
  {
    key: 'power',
    dials: [
      { ...CUT, min: 1, max: 40, usual: 8 },
      { ...PACE, usual: 4 },
    ],
    columns: STROKE_COLUMNS,
    path: '/api/v1/lab/power',
  },
  {
    key: 'close',
    dials: [
      { name: 'gapMillimetres', unit: 'mm', min: 10, max: 300, step: 5, usual: 60 },
      { ...PACE, usual: 1.2 },
    ],
    columns: STROKE_COLUMNS,
    path: '/api/v1/lab/close',
  },
]
