import { useI18n } from 'vue-i18n'
import type { Clash } from '@/api/types'
import { hourIn } from './entryBody'

/** What is in the way of an entry, as a clause. */
export function useClashWords() {
  const { t } = useI18n()
  return (clash: Clash): string =>
    t(`calendar.clash.${clash.reason}`, {
      with: clash.with || t('calendar.somebody'),
      from: hourIn(clash.starts),
      to: hourIn(clash.ends),
    })
}
