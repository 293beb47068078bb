<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChartGrid from '@/charts/ChartGrid.vue'
import TrendChart from '@/charts/TrendChart.vue'
import type { Progress } from '@/api/types'
import ChoiceField from '@/shared/ChoiceField.vue'
import { useUnits } from '@/shared/units'
import { percent } from '@/shared/units'

/** Minutes by week, the share of pots by week, the spread of one drill by session. */
const props = defineProps<{ progress: Progress }>()
const { t } = useI18n()
const { lengthIn, lengthUnitName, figure } = useUnits()

const minutes = computed(() =>
  props.progress.weeks.map(({ week, minutes: value, sessions, attempts }) => ({
    at: week,
    value,
    note: t('progress.weekNote', { sessions, attempts }),
  })),
)
const pots = computed(() =>
  props.progress.weeks
    .filter((one) => one.pots > 0)
    .map(({ week, pots: n, potted }) => ({
      at: week,
      value: (100 * potted) / n,
      note: t('review.ofN', { x: potted, n }),
    })),
)
const potting = computed(() => {
  const { potting: trend } = props.progress
  if (trend.fittedFirst === undefined || trend.fittedLast === undefined) return t('progress.oneSession')
  return t('progress.success', {
    from: percent(trend.fittedFirst),
    to: percent(trend.fittedLast),
    n: props.progress.sessions,
    odds: figure(trend.oddsRatio ?? 1, 2),
    lower: figure(trend.oddsLower ?? 1, 2),
    upper: figure(trend.oddsUpper ?? 1, 2),
  })
})

const drillId = ref(props.progress.spreads[0]?.drillId ?? '')
const drill = computed(() => props.progress.spreads.find((one) => one.drillId === drillId.value))
const spreads = computed(() => {
  const sessions = drill.value?.sessions ?? []
  const note = (landings: number) => t('progress.landings', { n: landings })
  return [
    {
      name: t('review.speed'),
      points: sessions.map((one) => ({
        at: one.startedAt,
        value: lengthIn(one.sdSpeedMillimetres),
        lower: lengthIn(one.speedLower),
        upper: lengthIn(one.speedUpper),
        note: note(one.landings),
      })),
    },
    {
      name: t('review.line'),
      points: sessions.map((one) => ({
        at: one.startedAt,
        value: lengthIn(one.sdLineMillimetres),
        lower: lengthIn(one.lineLower),
        upper: lengthIn(one.lineUpper),
        note: note(one.landings),
      })),
    },
  ]
})
</script>

<template>
  <section>
    <h2>{{ t('progress.practice') }}</h2>
    <ChartGrid>
      <article>
        <h3>{{ t('progress.minutesByWeek') }}</h3>
        <TrendChart
          :label="t('progress.minutesByWeek')"
          :y-name="t('progress.minutes')"
          :series="[{ name: t('progress.minutes'), points: minutes }]"
          :y-min="0"
          bars
        />
      </article>
      <article>
        <h3>{{ t('progress.pottingByWeek') }}</h3>
        <p class="small">
          <strong>{{ t(`progress.verdict.${progress.potting.verdict}`) }}</strong> {{ potting }}
          {{ t('progress.pottingMix') }}
        </p>
        <TrendChart
          :label="t('progress.pottingByWeek')"
          :y-name="t('progress.percent')"
          :series="[{ name: t('review.potted'), points: pots }]"
          :y-min="0"
          :y-max="100"
        />
      </article>
      <article v-if="progress.spreads.length">
        <h3>{{ t('progress.spread') }}</h3>
        <ChoiceField
          v-model="drillId"
          hide-label
          :label="t('progress.spreadOf')"
          :options="progress.spreads.map((one) => ({ value: one.drillId, label: one.drillTitle }))"
        />
        <TrendChart
          :label="t('progress.spread')"
          :y-name="t('progress.spreadUnit', { unit: lengthUnitName })"
          :series="spreads"
          :digits="1"
          :y-min="0"
        />
      </article>
    </ChartGrid>
  </section>
</template>
