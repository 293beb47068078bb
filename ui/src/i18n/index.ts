// The words of every screen. They stand in words/*.json, which the printed pages read too (WordCatalogue in the application).
import { createI18n } from 'vue-i18n'
import backup from './words/pool/backup.json'
import bench from './words/pool/bench.json'
import calendar from './words/pool/calendar.json'
import care from './words/pool/care.json'
import common from './words/pool/common.json'
import data from './words/pool/data.json'
import grades from './words/pool/grades.json'
import kit from './words/pool/kit.json'
import lab from './words/pool/lab.json'
import library from './words/pool/library.json'
import plan from './words/pool/plan.json'
import progress from './words/pool/progress.json'
import racks from './words/pool/racks.json'
import recording from './words/pool/recording.json'
import review from './words/pool/review.json'
import trail from './words/pool/trail.json'
import snooker from './words/snooker.json'

const pool = {
  ...common,
  ...backup,
  ...bench,
  ...calendar,
  ...care,
  ...data,
  ...grades,
  ...kit,
  ...lab,
  ...library,
  ...plan,
  ...progress,
  ...racks,
  ...recording,
  ...review,
  ...trail,
}

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
