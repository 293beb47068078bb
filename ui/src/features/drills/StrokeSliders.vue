<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { StrikeScale, UsualWay } from '@/api/types'
import { useNotation } from '@/shared/useNotation'
import { useUnits } from '@/shared/units'
import { paceToMetresPerSecond } from '@/shared/pace'

/** Pace and tip height of a stroke to try. */
const props = defineProps<{
  problem: string
  scale: StrikeScale
  side: number
  aimMilliradians?: number
  usual?: UsualWay
}>()
const pace = defineModel<number>('pace', { required: true })
const height = defineModel<number>('height', { required: true })
const { t } = useI18n()
const { figure } = useUnits()

const notation = useNotation()
const paceWords = computed(() => notation.fullPace(paceToMetresPerSecond(pace.value), props.scale))
const tipWords = computed(() => notation.tip(height.value, props.side, props.scale))
const HIGHEST_MILLIMETRES = 13
</script>

<template>
  <section class="stroke no-print">
    <h2>{{ t('drills.tryStroke') }}</h2>
    <p id="pace-label">
      {{ t('drills.pace', { pace: paceWords }) }}
    </p>
    <Slider v-model="pace" :min="1" :max="10" :step="0.1" aria-labelledby="pace-label" />
    <p id="height-label">
      {{ t('drills.tip', { tip: tipWords }) }}
    </p>
    <Slider
      v-model="height"
      :min="-HIGHEST_MILLIMETRES"
      :max="HIGHEST_MILLIMETRES"
      :step="0.5"
      aria-labelledby="height-label"
    />
    <p v-if="usual" class="small">
      {{
        t('drills.usual', {
          way: t(`drills.way.${usual.way}`),
          cushions: t('drills.byCushions', usual.cushions.length),
          share: figure(100 * usual.share, 0),
          fault: t(`drills.fault.${usual.firstFault}`),
        })
      }}
    </p>
    <p v-if="problem" role="alert" class="problem small">{{ problem }}</p>
    <p v-else class="small quiet">
      {{ t('drills.pathWords') }}
      <template v-if="aimMilliradians !== undefined">
        {{ t('drills.aimRoom', { mrad: figure(aimMilliradians, 1) }) }}
      </template>
    </p>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 4px;
}
p {
  margin: 8px 0 10px;
}
.stroke :deep(.p-slider) {
  margin: 0 10px;
}
.problem {
  font-weight: 600;
}
</style>
