// Advice as one short sentence.
import { useI18n } from 'vue-i18n'
import type { Advice, StrikeScale } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'

export function useAdviceWords() {
  const { t } = useI18n()
  const { figure } = useUnits()
  const notation = useNotation()

  function pace({ correction, paceMetresPerSecond: from = 0 }: Advice, scale: StrikeScale): string {
    return t(`recording.advice.pace.${correction > 0 ? 'more' : 'less'}`, {
      percent: figure(Math.abs(correction), 0),
      from: notation.pace(from, scale),
      to: notation.pace(from * (1 + correction / 100), scale),
    })
  }

  /** Half a tip is the most that is ever advised; less of it is said in mm. */
  function height({ correction }: Advice): string {
    const millimetres = figure(Math.abs(correction), 1)
    return t(`recording.advice.height.${correction > 0 ? 'more' : 'less'}`, { millimetres })
  }

  /** At the object ball, where a player looks. */
  function aim({ correction, thicker }: Advice): string {
    const way = thicker === undefined ? (correction > 0 ? 'left' : 'right') : thicker ? 'more' : 'less'
    return t(`recording.advice.aim.${way}`, { millimetres: figure(Math.abs(correction), 1) })
  }

  return (advice: Advice, scale: StrikeScale): string => {
    const { kind, cause } = advice
    if (kind !== 'CORRECT' || !cause) return t(`recording.advice.${kind}`)
    const words = { PACE: () => pace(advice, scale), HEIGHT: () => height(advice), AIM: () => aim(advice) }
    const from = advice.lasting
      ? t('recording.advice.lasting', { n: advice.shots })
      : t('recording.advice.ofThis')
    const assumed = advice.assumed ? ` ${t('recording.advice.assumed')}` : ''
    return `${from} ${words[cause]()}${assumed}`
  }
}
