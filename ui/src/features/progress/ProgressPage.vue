<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { mediumDay } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useUnits } from '@/shared/units'
import AbilityCharts from './AbilityCharts.vue'
import ErrorSizes from './ErrorSizes.vue'
import FoldedPart from './FoldedPart.vue'
import MilestoneList from './MilestoneList.vue'
import NextList from './NextList.vue'
import PaperAndFiles from './PaperAndFiles.vue'
import SkillVerdicts from './SkillVerdicts.vue'
import PracticeCharts from './PracticeCharts.vue'
import StationTable from './StationTable.vue'
import StudentFrame from './StudentFrame.vue'
import { useAboutStudent } from '@/shared/useAboutStudent'

/** A student over the weeks: where they stand, is it better, what next. */
const { t } = useI18n()
const { figure } = useUnits()
const { studentId } = useAboutStudent()
const { data, busy, problem, reload } = useLoad(async () => {
  const id = studentId.value
  return id ? answer(api.GET('/api/v1/students/{id}/progress', { params: { path: { id } } })) : undefined
})
onMounted(reload)
watch(studentId, reload)

const since = computed(() => {
  const first = data.value?.weeks[0]
  return first ? mediumDay(first.week) : ''
})
</script>

<template>
  <StudentFrame
    class="progress"
    :title="t('progress.title')"
    :student-id="studentId"
    :student-name="data?.studentName"
    :busy="busy"
    :problem="problem"
    @retry="reload"
  >
    <template v-if="data">
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
      </template>
      <div class="first">
        <SkillVerdicts v-if="data.attempts > 0" :skills="data.skills" :overall="data.overall" />
        <NextList :key="data.studentId" :student-id="data.studentId" />
      </div>
      <template v-if="data.attempts > 0">
        <FoldedPart :title="t('progress.overTime')">
          <AbilityCharts :skills="data.skills" />
        </FoldedPart>
        <FoldedPart :title="t('progress.practice')">
          <PracticeCharts :key="data.studentId" :progress="data" />
        </FoldedPart>
        <FoldedPart :title="t('progress.sizes')">
          <ErrorSizes :key="data.studentId" :student-id="data.studentId" />
        </FoldedPart>
        <FoldedPart :title="t('progress.stations')">
          <StationTable :stations="data.stations" />
        </FoldedPart>
        <FoldedPart :title="t('progress.milestones')">
          <MilestoneList :milestones="data.milestones" />
        </FoldedPart>
      </template>
      <FoldedPart :title="t('progress.paper.title')">
        <PaperAndFiles
          :key="data.studentId"
          :student-id="data.studentId"
          :student-name="data.studentName"
          @imported="reload"
        />
      </FoldedPart>
    </template>
  </StudentFrame>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 36px;
  align-items: start;
}
@media (max-width: 1000px) {
  .first {
    grid-template-columns: minmax(0, 1fr);
  }
}
.sum {
  margin: 4px 0 12px;
}
.progress :deep(section) {
  margin-top: 18px;
}
</style>
