// Where a ball lies against where it should, in words: never a bare minus.
import { useI18n } from 'vue-i18n'
import { useUnits } from './units'

export function useOffsetWords() {
  const { t } = useI18n()
  const { length } = useUnits()

  /** Across the line of arrival (mm), left is positive. */
  function line(millimetres: number): string {
    return t(millimetres >= 0 ? 'recording.left' : 'recording.right', {
      length: length(Math.abs(millimetres)),
    })
  }

  /** Along it (mm), long is positive. */
  function speed(millimetres: number): string {
    return t(millimetres >= 0 ? 'recording.long' : 'recording.short', {
      length: length(Math.abs(millimetres)),
    })
  }

  return { line, speed }
}
