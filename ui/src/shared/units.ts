// Lengths as people read them. Stored and computed in mm everywhere else.
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSignedIn } from '@/device/useSignedIn'

const MILLIMETRES_PER_INCH = 25.4
/** A sight along a 9 ft pool table; only used where no table is at hand. */
const DEFAULT_SIGHT_MILLIMETRES = 317.5

type Unit = 'MILLIMETRES' | 'CENTIMETRES' | 'INCHES' | 'SIGHTS'

function figure(value: number, digits: number): string {
  return value.toLocaleString(undefined, { minimumFractionDigits: digits, maximumFractionDigits: digits })
}

/** Standard errors to each side of a 95 % interval. */
export const TWO_SIDED_95 = 1.96

/** A chance as it stands after the letter p: "= 0.034", "< 0.001". */
export function pValue(p: number): string {
  return p < 0.001 ? '< 0.001' : `= ${figure(p, p < 0.1 ? 3 : 2)}`
}

/** Formats lengths in the unit of whoever is signed in. */
export function useUnits() {
  const signedIn = useSignedIn()
  const { t } = useI18n()
  const unit = computed<Unit>(() => signedIn.me?.preferences.lengthUnit ?? 'CENTIMETRES')

  /** "31 cm"; small lengths keep a digit so that a near miss does not read as nothing. */
  function length(millimetres: number, sightMillimetres = DEFAULT_SIGHT_MILLIMETRES): string {
    switch (unit.value) {
      case 'MILLIMETRES':
        return t('unit.mm', { n: figure(millimetres, 0) })
      case 'CENTIMETRES':
        return t('unit.cm', { n: figure(millimetres / 10, Math.abs(millimetres) < 95 ? 1 : 0) })
      case 'INCHES':
        return t('unit.in', { n: figure(millimetres / MILLIMETRES_PER_INCH, 1) })
      case 'SIGHTS':
        return t('unit.sights', { n: figure(millimetres / sightMillimetres, 2) })
    }
  }

  /** A length as a bare number in the unit, for axes; the sight is that of a 9 ft table. */
  function lengthIn(millimetres: number): number {
    const size = {
      MILLIMETRES: 1,
      CENTIMETRES: 10,
      INCHES: MILLIMETRES_PER_INCH,
      SIGHTS: DEFAULT_SIGHT_MILLIMETRES,
    }
    return millimetres / size[unit.value]
  }

  const lengthUnitName = computed(() => t(`unit.name.${unit.value}`))

  return { unit, length, lengthIn, lengthUnitName, figure }
}

/** A share as a whole per cent. */
export function percent(share: number): string {
  return Math.round(100 * share).toString()
}
