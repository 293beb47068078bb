// A comparison as sentences: "Better: potting up 40 points (12 to 60)."
import { useI18n } from 'vue-i18n'
import type { Comparison } from '@/api/types'
import { percent, useUnits } from '@/shared/units'

type ShareChange = Comparison['potting']
type DistanceChange = Comparison['tighter']

export interface ComparisonLine {
  verdict: ShareChange['verdict']
  words: string
}

export function useComparisonWords() {
  const { t } = useI18n()
  const { figure } = useUnits()

  function needed(change: { more?: number; each?: number; verdict: string }, what: 'share' | 'distance') {
    if (change.verdict !== 'NO_CLEAR_CHANGE_YET') return ''
    if (change.more !== undefined) return t(`review.compare.more.${what}`, { n: change.more })
    return change.each === undefined ? '' : t(`review.compare.each.${what}`, { n: change.each })
  }

  function ofShare(name: string, change: ShareChange): ComparisonLine {
    const counts = {
      from: `${change.fromSuccesses}/${change.fromTrials}`,
      to: `${change.toSuccesses}/${change.toTrials}`,
    }
    const words =
      change.difference === undefined || !change.interval
        ? t('review.compare.noShare', { name, ...counts })
        : t(change.difference >= 0 ? 'review.compare.up' : 'review.compare.down', {
            name,
            points: percent(Math.abs(change.difference)),
            lower: percent(change.interval.lower),
            upper: percent(change.interval.upper),
            ...counts,
          })
    return { verdict: change.verdict, words: `${words} ${needed(change, 'share')}`.trim() }
  }

  function ofDistance(name: string, change: DistanceChange): ComparisonLine {
    const counts = { from: change.from, to: change.to }
    const words =
      change.ratio === undefined || !change.interval
        ? t('review.compare.noDistance', { name, ...counts })
        : t('review.compare.ratio', {
            name,
            ratio: figure(change.ratio, 2),
            lower: figure(change.interval.lower, 2),
            upper: figure(change.interval.upper, 2),
            ...counts,
          })
    return { verdict: change.verdict, words: `${words} ${needed(change, 'distance')}`.trim() }
  }

  /** What can be compared: a smaller ring makes nobody worse. */
  return ({ potting, success, closer, closerInRadii, tighter }: Comparison): ComparisonLine[] => [
    ofShare(t('review.potted'), potting),
    ...(success ? [ofShare(t('review.successes'), success)] : []),
    ...(closer
      ? [ofDistance(t(closerInRadii ? 'review.compare.closerInRadii' : 'review.compare.closer'), closer)]
      : []),
    ofDistance(t('review.compare.tighter'), tighter),
  ]
}
