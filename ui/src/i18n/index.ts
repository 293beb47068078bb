import { createI18n } from 'vue-i18n'
import { pool } from './pool'
import { snooker } from './snooker'

/** One locale per dialect; snooker falls back to pool where both say the same. */
export const i18n = createI18n({
  legacy: false,
  locale: 'pool',
  fallbackLocale: 'pool',
  missingWarn: true,
  fallbackWarn: false,
  messages: { pool, snooker } as unknown as Record<string, typeof pool>,
})

export function useDialect(dialect: 'POOL' | 'SNOOKER'): void {
  i18n.global.locale.value = dialect === 'POOL' ? 'pool' : 'snooker'
}
