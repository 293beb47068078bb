<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import AbilityCharts from './AbilityCharts.vue'
import ErrorSizes from './ErrorSizes.vue'
import MilestoneList from './MilestoneList.vue'
import NextList from './NextList.vue'
import PaperAndFiles from './PaperAndFiles.vue'
import PracticeCharts from './PracticeCharts.vue'
import ProgressTabs from './ProgressTabs.vue'
import SizesOverTime from './SizesOverTime.vue'
import StationTable from './StationTable.vue'
import { useStudentInHand } from './useStudentInHand'

/** A student over the weeks: where they stand, is it better, what next. */
const { t } = useI18n()
const { figure } = useUnits()
const { studentId } = useStudentInHand()
const { data, busy, problem, reload } = useLoad(async () => {
  const id = studentId.value
  return id ? answer(api.GET('/api/v1/students/{id}/progress', { params: { path: { id } } })) : undefined
})
onMounted(reload)
watch(studentId, reload)

const since = computed(() => {
  const first = data.value?.weeks[0]
  return first ? new Date(first.week).toLocaleDateString(undefined, { dateStyle: 'medium' }) : ''
})
</script>

<template>
  <main class="page">
    <ProgressTabs />
    <h1>
      {{ t('progress.title') }}<template v-if="data">: {{ data.studentName }}</template>
    </h1>
    <PageState :busy="busy" :problem="problem" :ready="!busy || data !== undefined" @retry="reload">
      <p v-if="!studentId">
        {{ t('progress.nobody') }} <RouterLink to="/today">{{ t('rail.today') }}</RouterLink>
      </p>
      <template v-else-if="data">
        <p v-if="data.attempts === 0">{{ t('progress.empty') }}</p>
        <template v-else>
          <p class="sum">
            {{
              t('progress.sum', {
                since,
                sessions: data.sessions,
                minutes: figure(data.minutes, 0),
                attempts: data.attempts,
              })
            }}
          </p>
          <AbilityCharts :skills="data.skills" />
        </template>
        <NextList :key="data.studentId" :student-id="data.studentId" />
        <template v-if="data.attempts > 0">
          <PracticeCharts :key="data.studentId" :progress="data" />
          <ErrorSizes :key="data.studentId" :student-id="data.studentId" />
          <SizesOverTime :key="data.studentId" :student-id="data.studentId" />
          <StationTable :stations="data.stations" />
          <MilestoneList :milestones="data.milestones" />
        </template>
        <PaperAndFiles
          :key="data.studentId"
          :student-id="data.studentId"
          :student-name="data.studentName"
          @imported="reload"
        />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  padding: 16px 24px 24px;
}
.sum {
  margin: 4px 0 12px;
}
.page :deep(section) {
  margin-top: 18px;
}
@media (max-width: 620px) {
  .page {
    padding: 12px;
  }
}
</style>
