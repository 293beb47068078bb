<script setup lang="ts">
import DateField from '@/shared/DateField.vue'
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PeriodTable from '@/shared/PeriodTable.vue'
import { percent } from '@/shared/units'
import { useAboutStudent } from '@/shared/useAboutStudent'
import { useLoad } from '@/shared/useLoad'
import { usePeriodWords } from '@/shared/usePeriodWords'
import StudentFrame from './StudentFrame.vue'
import { lastWeeks, usePeriods } from './usePeriods'

/** Two periods of a student side by side, every drill and station at once. */
const { t } = useI18n()
const words = usePeriodWords()
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
      <p v-if="data.overall.visible !== undefined">
        {{ t('progress.periods.visible', { points: percent(data.overall.visible) }) }}
      </p>
      <p v-if="data.orderChanged">{{ t('progress.periods.orderChanged') }}</p>
      <PeriodTable v-if="rows.length" :periods="data" :student-id="studentId" />
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
</style>
