// The tip's place and pace in the notation of whoever is signed in (product.md, "Where schools differ"); one stored value each.
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Preferences, StrikeScale } from '@/api/types'
import { metresPerSecondToPace } from './pace'
import { useSignedIn } from '@/device/useSignedIn'
import { useUnits } from './units'

const CENTRE_WITHIN_MILLIMETRES = 0.05

type Say = (key: string, named?: Record<string, unknown>, count?: number) => string
type Figure = (value: number, digits: number) => string

interface Words {
  t: Say
  figure: Figure
}

export function useNotation() {
  const { t } = useI18n()
  const { figure } = useUnits()
  const signedIn = useSignedIn()
  const tipNotation = computed(() => signedIn.me?.preferences.tipNotation ?? 'TIPS')
  const paceNotation = computed(() => signedIn.me?.preferences.paceNotation ?? 'SCALE')
  const say: Say = (key, named = {}, count) => (count === undefined ? t(key, named) : t(key, named, count))
  const words: Words = { t: say, figure }

  /** "1 tip below, ½ tip right"; "7 o'clock, 80 %"; "9.4 mm below"; "60 % below". */
  function tip(height: number, side: number, scale: StrikeScale): string {
    return tipNotation.value === 'CLOCK'
      ? clock(words, height, side, scale)
      : parts(words, height, side, (offset) => amount(words, tipNotation.value, offset, scale))
  }

  /** The same to a tenth of a tip, where rows would read alike otherwise. */
  function fineTip(height: number, side: number, scale: StrikeScale): string {
    if (tipNotation.value !== 'TIPS') return tip(height, side, scale)
    return parts(words, height, side, (offset) =>
      say('notation.fineTips', { n: fine(offset / scale.tipDiameterMillimetres, figure) }),
    )
  }

  /** "2.4 of 10"; "3.1 table lengths"; "1.72 m/s". */
  function pace(metresPerSecond: number, scale: StrikeScale): string {
    switch (paceNotation.value) {
      case 'TABLE_LENGTHS':
        return t('notation.lengths', { n: figure(lengths(metresPerSecond, scale), 1) })
      case 'METRES_PER_SECOND':
        return `${figure(metresPerSecond, 2)} m/s`
      default:
        return t('notation.scale', { n: figure(metresPerSecondToPace(metresPerSecond), 1) })
    }
  }

  /** With its metres per second, if that is not what is read already. */
  function fullPace(metresPerSecond: number, scale: StrikeScale): string {
    const words = pace(metresPerSecond, scale)
    return paceNotation.value === 'METRES_PER_SECOND' ? words : `${words} (${figure(metresPerSecond, 2)} m/s)`
  }

  return { tip, fineTip, pace, fullPace }
}

/** "… below, … right": each way from the centre with its amount. */
function parts({ t }: Words, height: number, side: number, amountOf: (offset: number) => string): string {
  const part = (value: number, plus: string, minus: string) =>
    Math.abs(value) < CENTRE_WITHIN_MILLIMETRES
      ? []
      : [`${amountOf(Math.abs(value))} ${t(`notation.${value > 0 ? plus : minus}`)}`]
  const said = [...part(height, 'above', 'below'), ...part(side, 'right', 'left')]
  return said.join(', ') || t('notation.centre')
}

function amount(
  { t, figure }: Words,
  notation: Preferences['tipNotation'],
  millimetres: number,
  scale: StrikeScale,
): string {
  switch (notation) {
    case 'PERCENT':
      return `${figure((100 * millimetres) / scale.mostTipOffsetMillimetres, 0)} %`
    case 'MILLIMETRES':
      return `${figure(millimetres, 1)} mm`
    default: {
      const halves = Math.round((2 * millimetres) / scale.tipDiameterMillimetres)
      return halves === 0
        ? t('notation.lessThanAQuarter')
        : t('notation.tips', { n: tips(halves) }, halves <= 2 ? 1 : 2)
    }
  }
}

/** The direction as an hour, 12 is straight above, and how far out in per cent of the limit. */
function clock({ t, figure }: Words, height: number, side: number, scale: StrikeScale): string {
  const offset = Math.hypot(height, side)
  if (offset < CENTRE_WITHIN_MILLIMETRES) return t('notation.centre')
  const halfHours = Math.round((Math.atan2(side, height) / Math.PI) * 12)
  const turned = (halfHours + 24) % 24
  const hour = Math.floor(turned / 2) || 12
  const half = turned % 2 === 1
  return t('notation.clock', {
    time: half ? `${hour}:30` : `${hour}`,
    share: figure((100 * offset) / scale.mostTipOffsetMillimetres, 0),
  })
}

/** Quarters as they are said, "¼" to "1¾"; what lies between them to a tenth. */
function fine(tipDiameters: number, figure: Figure): string {
  const quarters = Math.round(4 * tipDiameters)
  if (Math.abs(4 * tipDiameters - quarters) > 0.1) return figure(tipDiameters, 1)
  return `${Math.floor(quarters / 4) || ''}${['', '¼', '½', '¾'][quarters % 4]}`
}

/** Whole tips as they are said, halves as a half: "1", "½", "1½". */
function tips(halves: number): string {
  const whole = Math.floor(halves / 2)
  return `${whole || ''}${halves % 2 === 1 ? '½' : ''}`
}

/** Straight between the paces that the server has worked out. */
function lengths(metresPerSecond: number, { paces }: StrikeScale): number {
  const above = paces.findIndex((mark) => mark.paceMetresPerSecond >= metresPerSecond)
  const to = paces[above < 0 ? paces.length - 1 : above]
  if (!to) return NaN
  const from = paces[above - 1] ?? { paceMetresPerSecond: 0, tableLengths: 0 }
  const share =
    (metresPerSecond - from.paceMetresPerSecond) / (to.paceMetresPerSecond - from.paceMetresPerSecond)
  return from.tableLengths + share * (to.tableLengths - from.tableLengths)
}
