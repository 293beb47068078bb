// Lengths as a tape shows them: centimetres, or inches for whoever reads inches. Stored in metres.
import { computed } from 'vue'
import { useUnits } from '@/shared/units'

const PER_METRE = { cm: 100, in: 100 / 2.54 }

export function useTypedLengths() {
  const { unit } = useUnits()
  const name = computed<'cm' | 'in'>(() => (unit.value === 'INCHES' ? 'in' : 'cm'))
  return {
    name,
    metres: (typed: number) => typed / PER_METRE[name.value],
    typed: (metres: number) => metres * PER_METRE[name.value],
  }
}
