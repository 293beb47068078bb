// A band to ask for: its words, and the ability in its middle (logits: (grade - 500) / 100).
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { BANDS, type BandName } from '@/shared/bands'

export function useBandChoice() {
  const { t } = useI18n()
  const band = ref<BandName>('SLATE')
  const bands = computed(() => BANDS.map(({ name }) => ({ value: name, label: t(`grades.band.${name}`) })))
  const abilityLogits = computed(() => BANDS.find(({ name }) => name === band.value)?.middleLogits ?? 0)
  return { band, bands, abilityLogits }
}
