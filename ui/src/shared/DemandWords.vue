<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Demand, Shot } from '@/api/types'
import { useUnits } from '@/shared/units'

/** One demand as a sentence. */
const props = defineProps<{ demand: Demand; shot: Shot; tag?: 'li' | 'span' }>()
const { t } = useI18n()
const { length, figure } = useUnits()

const balls = computed(() =>
  (props.demand.balls ?? [])
    .map((label) => {
      const ball = props.shot.balls.find((one) => one.label === label)
      if (ball?.role === 'CUE') return t('drills.demand.CUE')
      return props.demand.kind === 'LAND' ? t('drills.demand.BALL', { label }) : label
    })
    .join(', '),
)
const key = computed(() => {
  const { kind, half, cushions, zone, inOrder } = props.demand
  if (kind === 'POT' && cushions?.length) return 'POT_VIA'
  if (kind === 'POT' && half && half !== 'ANY') return `POT_${half}`
  if (kind === 'LAND' && zone?.radiusMillimetres) return 'LAND_CIRCLE'
  if (kind === 'TOUCH' && inOrder) return props.demand.balls?.length === 1 ? 'TOUCH_FIRST' : 'TOUCH_IN_ORDER'
  return kind
})
const sentence = computed(() =>
  t(
    `drills.demand.${key.value}`,
    {
      balls: balls.value,
      pocket: props.demand.pocket ? t(`pocket.${props.demand.pocket}`) : '',
      cushions: (props.demand.cushions ?? []).map((cushion) => t(`cushion.${cushion}`)).join(', '),
      radius: length(props.demand.zone?.radiusMillimetres ?? 0),
      sights: figure(props.demand.sightsAlong ?? 0, 1),
    },
    props.demand.least ?? 1,
  ),
)
</script>

<template>
  <component :is="tag ?? 'li'">{{ sentence }}</component>
</template>
