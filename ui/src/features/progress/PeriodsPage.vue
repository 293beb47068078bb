<script setup lang="ts">
import DateField from '@/shared/DateField.vue'
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { components } from '@/api/schema'
import { percent } from '@/shared/units'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import StudentFrame from './StudentFrame.vue'
import { lastWeeks, usePeriods } from './usePeriods'

/** Two periods of a student side by side, every drill and station at once. */
type Change = components['schemas']['PeriodChange']
const { t } = useI18n()
const { studentId } = useAboutStudent()
const { periods, choose } = usePeriods()
const WEEKS = [2, 4, 6, 12]

const { data, busy, problem, reload } = useLoad(async () => {
  const id = studentId.value
  if (!id) return undefined
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const query = { ...periods.value, zone }
  return answer(api.GET('/api/v1/students/{id}/periods', { params: { path: { id }, query } }))
})
onMounted(reload)
watch([studentId, periods], reload)

const FIELDS = ['from', 'to', 'laterFrom', 'laterTo'] as const
const rows = computed(() => data.value?.stations ?? [])

/** "up 22 points (9 to 35)". */
function words({ difference, lower, upper, reason }: Change): string {
  if (difference === undefined || lower === undefined || upper === undefined)
    return t('progress.periods.nothing')
  if (reason === 'TOO_FEW') return t('progress.periods.tooFew')
  return t(difference >= 0 ? 'progress.periods.up' : 'progress.periods.down', {
    points: percent(Math.abs(difference)),
    lower: percent(lower),
    upper: percent(upper),
  })
}

function share(made: number, tries: number): string {
  return `${made}/${tries} (${percent(made / tries)} %)`
}
</script>

<template>
  <StudentFrame
    :title="t('progress.periods.title')"
    :student-id="studentId"
    :student-name="data?.studentName"
    :busy="busy"
    :problem="problem"
    @retry="reload"
  >
    <form class="days" @submit.prevent>
      <DateField
        v-for="field in FIELDS"
        :key="field"
        :model-value="periods[field]"
        :label="t(`progress.periods.${field}`)"
        @update:model-value="(day) => choose({ [field]: day })"
      />
    </form>
    <p class="quick no-print">
      <Button
        v-for="weeks in WEEKS"
        :key="weeks"
        :label="t('progress.periods.weeks', { n: weeks })"
        severity="secondary"
        size="small"
        @click="choose(lastWeeks(weeks))"
      />
    </p>
    <template v-if="data">
      <p class="headline">
        <strong>{{ t(`progress.overall.${data.overall.verdict}`) }}</strong>
        {{ words(data.overall) }}
      </p>
      <p class="quiet">
        {{
          t('progress.periods.sum', {
            earlier: data.earlier.tries,
            later: data.later.tries,
            stations: rows.length,
          })
        }}
      </p>
      <div v-if="rows.length" class="scroll-aside">
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
              v-for="row in rows"
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
      <p v-if="data.onlyOnce.length" class="small">
        {{ t('progress.periods.onlyOnce', { drills: data.onlyOnce.join(', ') }) }}
      </p>
      <p class="small quiet">{{ t('progress.periods.why') }}</p>
    </template>
  </StudentFrame>
</template>

<style scoped>
.days,
.quick {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin: 8px 0;
}
.headline {
  font-size: 20px;
  margin: 14px 0 4px;
}
th .station {
  margin-left: 8px;
  font-weight: 400;
}
thead th {
  font-size: 14px;
  color: var(--ink-second);
}
</style>
