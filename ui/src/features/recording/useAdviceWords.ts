// Advice as one short sentence.
import { useI18n } from 'vue-i18n'
import type { Advice, StrikeScale } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'

/** A correction smaller than this cannot be played on purpose. */
const LEAST: Record<NonNullable<Advice['cause']>, number> = { PACE: 1, HEIGHT: 0.5, AIM: 0.2 }

export function useAdviceWords() {
  const { t } = useI18n()
  const { figure } = useUnits()
  const notation = useNotation()

  return (advice: Advice, scale: StrikeScale): string => {
    const { kind, cause, correction } = advice
    if (kind !== 'CORRECT' || !cause) return t(`recording.advice.${kind}`)
    const size = Math.abs(correction)
    if (size < LEAST[cause]) return t('recording.advice.SAME_AGAIN')
    const way = correction > 0 ? 'more' : 'less'
    const words = {
      PACE: () => {
        const from = advice.paceMetresPerSecond ?? 0
        return t(`recording.advice.pace.${way}`, {
          percent: figure(size, 0),
          from: notation.pace(from, scale),
          to: notation.pace(from * (1 + correction / 100), scale),
        })
      },
      HEIGHT: () => t(`recording.advice.height.${way}`, { millimetres: figure(size, 1) }),
      AIM: () => t(`recording.advice.aim.${way}`, { milliradians: figure(size, 1) }),
    }
    const from = advice.ofAll
      ? t('recording.advice.ofAll', { n: advice.shots })
      : t('recording.advice.ofThis')
    const doubt = advice.resolution < 0.3 ? ` ${t('recording.advice.doubt')}` : ''
    const assumed = advice.assumed ? ` ${t('recording.advice.assumed')}` : ''
    return `${from} ${words[cause]()}${doubt}${assumed}`
  }
}
