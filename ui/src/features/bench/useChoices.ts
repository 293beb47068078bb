// The words of cushions, pockets and balls, for choosing one.
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { CUSHIONS, POCKETS } from '@/shared/drillFile/drillDocument'
import { useBench } from './useBench'

export function useChoices() {
  const { t } = useI18n()
  const bench = useBench()
  const cushions = computed(() => CUSHIONS.map((value) => ({ value, label: t(`cushion.${value}`) })))
  const pockets = computed(() => POCKETS.map((value) => ({ value, label: t(`pocket.${value}`) })))
  const balls = computed(() =>
    (bench.shot.value?.balls ?? []).map((ball) => ({
      value: ball.label,
      label: t(`drills.ball.${ball.role.toUpperCase()}`, { label: ball.label }),
    })),
  )
  const cueLabel = computed(() => bench.shot.value?.balls.find((ball) => ball.role === 'cue')?.label)
  const objects = computed(() => balls.value.filter((ball) => ball.value !== cueLabel.value))
  return { cushions, pockets, balls, objects }
}
