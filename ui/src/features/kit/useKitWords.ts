// What is known of a table, in the words of a coach.
import { useI18n } from 'vue-i18n'
import type { FigureSource, FigureView, TableFigure, TableVerdict } from '@/api/types'
import { mediumDay } from '@/shared/days'
import { useUnits } from '@/shared/units'

const DIGITS: Record<TableFigure, number> = {
  ROLLING_FRICTION: 2,
  SLIDING_FRICTION: 2,
  CUSHION_RESTITUTION: 0,
  DRIFT_X: 0,
  DRIFT_Y: 0,
}
/** Directions that are said: every quarter turn from +x. */
const WAYS = ['right', 'up', 'left', 'down'] as const
const QUARTER_DEGREES = 90

export function useKitWords() {
  const { t } = useI18n()
  const { figure } = useUnits()

  function drifts(number: TableFigure): boolean {
    return number === 'DRIFT_X' || number === 'DRIFT_Y'
  }

  /** The way that a drift along or across goes to, as the table is drawn. */
  function wayOf(number: TableFigure, value: number): string {
    if (Math.round(value) === 0) return t('kit.way.none')
    const along = number === 'DRIFT_X'
    return t(`kit.way.${along ? (value > 0 ? 'right' : 'left') : value > 0 ? 'up' : 'down'}`)
  }

  /** One number with its unit and its way. */
  function said(number: TableFigure, value: number): string {
    const shown = drifts(number) ? Math.abs(value) : value
    return t(`kit.unit.${number}`, { n: figure(shown, DIGITS[number]), way: wayOf(number, value) })
  }

  /** The interval's ends; a drift that may go either way says so with its ways. */
  function interval(number: TableFigure, { lower, upper }: FigureView): string {
    const end = (value: number) =>
      drifts(number) ? `${figure(Math.abs(value), 0)} ${wayOf(number, value)}` : figure(value, DIGITS[number])
    return t('kit.interval', { lower: end(lower), upper: end(upper) })
  }

  function direction(degrees: number): string {
    const quarter = ((Math.round(degrees / QUARTER_DEGREES) % 4) + 4) % 4
    return t(`kit.way.${WAYS[quarter] ?? 'right'}`)
  }

  /** "Fast cloth: a soft roll runs 2.4 table lengths. Lively cushions; a slow ball strays 14 mm …" */
  function verdict(of: TableVerdict): string {
    const drift = t(`kit.verdict.drift.${of.drift}`, {
      mm: figure(Math.abs(of.driftMillimetres), 0),
      way: direction(of.driftDegrees),
    })
    const lengths = t('kit.verdict.lengths', { n: figure(of.tableLengths, 1) })
    const cushions = t(`kit.verdict.cushions.${of.cushions}`)
    return `${t(`kit.verdict.cloth.${of.cloth}`)}: ${lengths}. ${cushions.charAt(0).toUpperCase()}${cushions.slice(1)}; ${drift}.`
  }

  function source(of: FigureSource, since?: string): string {
    const words = t(`kit.source.${of}`)
    return since ? t('kit.sourceOn', { source: words, day: mediumDay(since) }) : words
  }

  return { said, interval, verdict, source, direction }
}
