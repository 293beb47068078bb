import { useI18n } from 'vue-i18n'
import type { PlanItem } from '@/api/types'
import { useUnits } from '@/shared/units'

const DAY_MILLISECONDS = 86_400_000
const A_WEEK = 7

/** Why a line stands in a plan, as a coach would say it. */
export function useReasonWords() {
  const { t } = useI18n()
  const { figure } = useUnits()

  function chance({ places, why }: PlanItem, names: Record<string, string>): string {
    const known = places.filter(({ studentId }) => names[studentId])
    if (known.length === 1)
      return t('plan.reason.chance', {
        p: figure(100 * (known[0]?.chance ?? 0), 0),
        name: names[known[0]?.studentId ?? ''] ?? '',
      })
    if (known.length > 1)
      return known
        .map((one) =>
          t('plan.reason.chances', {
            name: names[one.studentId] ?? '',
            p: figure(100 * one.chance, 0),
          }),
        )
        .join(', ')
    return why ? '' : t('plan.reason.hand')
  }

  function weekday(daysAgo: number): string {
    return new Date(Date.now() - daysAgo * DAY_MILLISECONDS).toLocaleDateString('en', { weekday: 'long' })
  }

  function due(days: number): string {
    if (days < 1) return t('plan.reason.dueToday')
    return days < A_WEEK
      ? t('plan.reason.dueSince', { day: weekday(days) })
      : t('plan.reason.dueFor', { n: days }, days)
  }

  function timing({ why }: PlanItem): string {
    if (!why) return ''
    if (why.daysSince === undefined) return t('plan.reason.new')
    const over = Math.floor(why.daysSince - why.intervalDays)
    if (over >= 0) return due(over)
    const days = Math.floor(why.daysSince)
    return t('plan.reason.played', { when: t('plan.daysAgo', { n: days }, days) })
  }

  function need({ why }: PlanItem, skill?: string): string {
    if (!why || !skill || why.need <= 0) return ''
    const word = t(`skill.${skill}`)
    return why.need >= 1
      ? t('plan.reason.needAll', { skill: word })
      : t('plan.reason.need', { skill: word, points: figure(why.needPoints, 0) })
  }

  return (item: PlanItem, names: Record<string, string>, skill?: string): string =>
    [timing(item), chance(item, names), need(item, skill)].filter(Boolean).join('; ')
}
