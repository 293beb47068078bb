// The one sentence that a coach would say of a review first; where nothing stands out, that.
import { useI18n } from 'vue-i18n'
import type { Review } from '@/api/types'
import { percent, pValue } from './units'
import { useOffsetWords } from './useOffsetWords'

export function useHeadline() {
  const { t } = useI18n()
  const words = useOffsetWords()

  function help(review: Review): string | undefined {
    const change = review.findings.helpsMost
    return (
      change &&
      t(`review.found.help.${change.cause}`, {
        now: percent(change.now),
        then: percent(change.then),
        lower: percent(change.gain.lower),
        upper: percent(change.gain.upper),
      })
    )
  }

  function bias(review: Review): string | undefined {
    const found = review.findings.against
    if (!found?.real || found.line === undefined || found.speed === undefined || found.p === undefined) {
      return undefined
    }
    return t('review.biasReal', {
      p: pValue(found.p),
      line: words.line(found.line),
      speed: words.speed(found.speed),
    })
  }

  function mirror(review: Review): string | undefined {
    const found = review.findings.mirror?.finding
    return found && found !== 'NO_CLEAR_DIFFERENCE_YET' ? t(`review.found.mirror.${found}`) : undefined
  }

  return (review: Review): string => {
    if (review.explored) return t(`review.explored.${review.explored.changed}`)
    const success = review.successes
    return (
      help(review) ??
      bias(review) ??
      mirror(review) ??
      (success && success.trials > 0
        ? t('review.nothingStandsOut', { x: success.successes, n: success.trials })
        : t('review.nothingYet'))
    )
  }
}
