<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { StationProgress } from '@/api/types'
import { percent, useUnits } from '@/shared/units'
import ShareLine from './ShareLine.vue'

/** Every station that was played: is it better? Verdicts come of intervals alone. */
defineProps<{ stations: StationProgress[] }>()
const { t } = useI18n()
const { figure } = useUnits()

function latest({ sessions }: StationProgress): string {
  const last = sessions[sessions.length - 1]
  return last ? t('progress.latest', { x: last.successes, n: last.judged }) : ''
}

function success({ success: trend, sessions }: StationProgress): string {
  if (trend.fittedFirst === undefined || trend.fittedLast === undefined) return t('progress.oneSession')
  return t('progress.success', {
    from: percent(trend.fittedFirst),
    to: percent(trend.fittedLast),
    n: sessions.length,
    odds: figure(trend.oddsRatio ?? 1, 2),
    lower: figure(trend.oddsLower ?? 1, 2),
    upper: figure(trend.oddsUpper ?? 1, 2),
  })
}

function distance({ distance: trend }: StationProgress): string {
  if (trend.change === undefined) return ''
  const change = figure(100 * trend.change, 0)
  return trend.changeLower === undefined || trend.changeUpper === undefined
    ? t('progress.distanceFew', { change })
    : t('progress.distance', {
        change,
        lower: figure(100 * trend.changeLower, 0),
        upper: figure(100 * trend.changeUpper, 0),
      })
}
</script>

<template>
  <section>
    <h2>{{ t('progress.stations') }}</h2>
    <table class="stations">
      <thead>
        <tr>
          <th scope="col">{{ t('progress.station') }}</th>
          <th scope="col">{{ t('progress.line') }}</th>
          <th scope="col">{{ t('progress.trend') }}</th>
          <th scope="col">{{ t('progress.distanceTitle') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in stations" :key="`${one.drillId} ${one.station}`">
          <th scope="row">
            <RouterLink :to="`/drills/${one.drillId}`">{{ one.drillTitle }}</RouterLink>
            <span class="quiet number">{{ one.station + 1 }} · {{ one.stationName }}</span>
            <span v-if="one.passed" class="passed small">{{ t('progress.passed') }}</span>
          </th>
          <td>
            <ShareLine :sessions="one.sessions" :label="success(one)" />
            <span class="small quiet figures latest">{{ latest(one) }}</span>
          </td>
          <td>
            <strong>{{ t(`progress.verdict.${one.success.verdict}`) }}</strong> {{ success(one) }}
          </td>
          <td>
            <template v-if="distance(one)">
              <strong>{{ t(`progress.verdict.${one.distance.verdict}`) }}</strong> {{ distance(one) }}
            </template>
            <template v-else>–</template>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="small quiet">{{ t('progress.why') }}</p>
  </section>
</template>

<style scoped>
.latest {
  display: block;
}
.number {
  margin-left: 8px;
}
.passed {
  margin-left: 8px;
  padding: 1px 8px;
  border: 1px solid var(--ink-second);
  border-radius: 6px;
}
.stations {
  border-collapse: collapse;
  width: 100%;
}
.stations th,
.stations td {
  text-align: left;
  font-weight: 400;
  vertical-align: top;
  padding: 8px 16px 8px 0;
  border-top: 1px solid var(--hairline);
}
.stations thead th {
  border-top: 0;
  font-size: 14px;
}
@media (max-width: 760px) {
  .stations tr {
    display: block;
    padding: 6px 0;
  }
  .stations th,
  .stations td {
    display: block;
    border-top: 0;
    padding: 2px 0;
  }
  .stations thead {
    display: none;
  }
}
</style>
