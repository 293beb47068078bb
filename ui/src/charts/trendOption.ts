// What the chart library is asked to draw: our marks, our colours (as CSS variables), nothing that moves by itself.
import type { CustomSeriesRenderItemAPI, CustomSeriesRenderItemParams } from 'echarts'

export interface TrendPoint {
  /** ISO day or instant. */
  at: string
  value: number
  lower?: number
  upper?: number
  note?: string
}

export interface TrendSeries {
  name: string
  points: TrendPoint[]
}

/** A level line, like the lower end of a band. */
export interface Guide {
  at: number
  name: string
}

const SYMBOLS = ['circle', 'diamond', 'triangle']
const DASHES = ['solid', 'dashed', 'dotted']
const INK = 'var(--ink)'
const QUIET = 'var(--ink-second)'
const FAINT = 'var(--hairline)'
const TEXT = { color: QUIET, fontSize: 12, fontFamily: 'inherit' }
/** Of an axis whose ends are given. */
const PARTS = 4
const WEEK_MILLISECONDS = 7 * 24 * 3600 * 1000

interface Reading {
  min: number | undefined
  max: number | undefined
  /** Room for the names of guides, to the right. */
  right: number
  day: (at: string) => string
  number: (value: number) => string
}

export function axes(yName: string, { min, max, right, day, number }: Reading) {
  return {
    grid: { left: 44, right, top: 26, bottom: 24 },
    xAxis: {
      type: 'time',
      minInterval: WEEK_MILLISECONDS,
      splitNumber: 4,
      axisLine: { lineStyle: { color: QUIET } },
      axisLabel: { ...TEXT, hideOverlap: true, formatter: (at: number) => day(new Date(at).toISOString()) },
    },
    yAxis: {
      type: 'value',
      name: yName,
      nameLocation: 'end',
      nameTextStyle: { ...TEXT, align: 'left', padding: [0, 0, 0, -36] },
      min,
      max,
      splitNumber: 4,
      ...(min !== undefined && max !== undefined ? { interval: (max - min) / PARTS } : {}),
      axisLabel: { ...TEXT, formatter: number },
      splitLine: { lineStyle: { color: FAINT } },
    },
  }
}

export function lineSeries(one: TrendSeries, index: number, guides: Guide[]) {
  return {
    type: 'line',
    name: one.name,
    data: one.points.map(({ at, value }) => [at, value]),
    symbol: SYMBOLS[index % SYMBOLS.length],
    symbolSize: 8,
    itemStyle: { color: INK },
    lineStyle: { color: INK, width: 1.2, type: DASHES[index % DASHES.length] },
    markLine: {
      silent: true,
      symbol: 'none',
      lineStyle: { color: QUIET, type: 'dotted', width: 1 },
      label: { ...TEXT, position: 'end', distance: 4, formatter: '{b}' },
      data: guides.map(({ at, name }) => ({ yAxis: at, name })),
    },
  }
}

export function barSeries(one: TrendSeries) {
  return {
    type: 'bar',
    name: one.name,
    data: one.points.map(({ at, value }) => [at, value]),
    barMaxWidth: 22,
    itemStyle: { color: 'var(--slate)' },
  }
}

/** The interval of each point as an upright line; of a second series a little aside, so that they do not cover each other. */
export function errorBars(one: TrendSeries, index: number) {
  return {
    type: 'custom',
    name: one.name,
    silent: true,
    data: one.points.map(({ at, value, lower, upper }) => [at, lower ?? value, upper ?? value]),
    encode: { x: 0, y: [1, 2] },
    renderItem: (_: CustomSeriesRenderItemParams, api: CustomSeriesRenderItemAPI) => {
      const [x = 0, low = 0] = api.coord([api.value(0), api.value(1)])
      const [, high = 0] = api.coord([api.value(0), api.value(2)])
      const aside = 3 * index
      return {
        type: 'line',
        shape: { x1: x + aside, y1: low, x2: x + aside, y2: high },
        style: { stroke: INK, lineWidth: 1.4 },
      }
    },
  }
}
