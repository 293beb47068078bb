import { useI18n } from 'vue-i18n'

/** A station's grade as it is shown: whole points, and never a number outside of the scale (grading.md). */
export function useGradeWords(): (grade: number) => string {
  const { t } = useI18n()
  return (grade) => {
    if (grade < 0) return t('bench.underScale')
    if (grade > 1000) return t('bench.overScale')
    return String(Math.round(grade))
  }
}
