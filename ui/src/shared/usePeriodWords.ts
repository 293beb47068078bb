import { useI18n } from 'vue-i18n'
import type { components } from '@/api/schema'
import { percent } from './units'

/** "up 22 points (9 to 35)". */
export function usePeriodWords() {
  const { t } = useI18n()
  return ({ difference, lower, upper, reason }: components['schemas']['PeriodChange']): string => {
    if (difference === undefined || lower === undefined || upper === undefined)
      return t('progress.periods.nothing')
    if (reason === 'TOO_FEW') return t('progress.periods.tooFew')
    return t(difference >= 0 ? 'progress.periods.up' : 'progress.periods.down', {
      points: percent(Math.abs(difference)),
      lower: percent(lower),
      upper: percent(upper),
    })
  }
}
