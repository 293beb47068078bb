<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { components } from '@/api/schema'
import { percent } from './units'
import { usePeriodWords } from './usePeriodWords'

/** Every station that was played in both of two periods, each against itself. */
defineProps<{ periods: components['schemas']['PeriodsView']; studentId: string | undefined }>()
const { t } = useI18n()
const words = usePeriodWords()

function share(made: number, tries: number): string {
  return `${made}/${tries} (${percent(made / tries)} %)`
}
</script>

<template>
  <div class="scroll-aside">
    <table class="lines">
      <thead>
        <tr>
          <th scope="col">{{ t('progress.periods.station') }}</th>
          <th scope="col">{{ t('progress.periods.earlier') }}</th>
          <th scope="col">{{ t('progress.periods.later') }}</th>
          <th scope="col">{{ t('progress.periods.change') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in periods.stations"
          :key="`${row.drillId} ${row.station} ${row.earlierTries} ${row.laterTries}`"
        >
          <th scope="row">
            <RouterLink :to="{ path: `/drills/${row.drillId}`, query: { student: studentId } }">{{
              row.drillTitle
            }}</RouterLink>
            <span class="small quiet station">{{ row.station + 1 }} · {{ row.stationName }}</span>
          </th>
          <td class="figures">{{ share(row.earlierMade, row.earlierTries) }}</td>
          <td class="figures">{{ share(row.laterMade, row.laterTries) }}</td>
          <td>
            <strong>{{ t(`review.compare.verdict.${row.change.verdict}`) }}</strong>
            {{ words(row.change) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
th .station {
  margin-left: 8px;
  font-weight: 400;
}
thead th {
  font-size: 14px;
  color: var(--ink-second);
}
</style>
