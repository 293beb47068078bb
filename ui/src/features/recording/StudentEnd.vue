<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Attempt, SessionHeading } from '@/api/types'
import { firstToLearnFrom } from '@/shared/nextStation'
import { percent } from '@/shared/units'
import { useHeadline } from '@/shared/useHeadline'
import { useLoad } from '@/shared/useLoad'
import { useStartDrill } from '@/shared/useStartDrill'

/** One student at the end of a session. */
const props = defineProps<{
  student: { id: string; name: string }
  sessionId: string
  attempts: Attempt[]
  drills: SessionHeading['drills']
}>()
const { t } = useI18n()
const headline = useHeadline()
const { starting, problem, start } = useStartDrill()

const review = useLoad(async () =>
  props.attempts.length === 0
    ? undefined
    : answer(
        api.GET('/api/v1/sessions/{sessionId}/review', {
          params: { path: { sessionId: props.sessionId }, query: { studentId: props.student.id } },
        }),
      ),
)
const next = useLoad(async () => {
  const found = await answer(
    api.GET('/api/v1/students/{id}/next-stations', { params: { path: { id: props.student.id } } }),
  )
  return firstToLearnFrom(found.stations)
})
onMounted(() => Promise.all([review.reload(), next.reload()]))

const done = computed(() =>
  props.drills
    .map((drill) => {
      const own = props.attempts.filter(
        ({ attempt }) => (attempt.drillId ?? props.drills[0]?.id) === drill.id,
      )
      const judged = own.filter(({ result }) => result !== 'NOT_JUDGED')
      return {
        id: drill.id,
        title: drill.title,
        attempts: own.length,
        successes: judged.filter(({ result }) => result === 'SUCCESS').length,
        judged: judged.length,
      }
    })
    .filter(({ attempts }) => attempts > 0),
)
</script>

<template>
  <section :aria-label="student.name">
    <h2>{{ student.name }}</h2>
    <p v-if="done.length === 0" class="quiet">{{ t('sessions.nothingRecorded') }}</p>
    <ul v-else class="bare figures">
      <li v-for="one in done" :key="one.id">
        {{ t('end.done', { drill: one.title, x: one.successes, judged: one.judged }, one.attempts) }}
      </li>
    </ul>
    <p v-if="review.problem.value" role="alert" class="small">{{ review.problem.value }}</p>
    <p v-if="review.data.value" class="headline">
      {{ headline(review.data.value) }}
      <RouterLink :to="{ path: `/review/${sessionId}`, query: { student: student.id } }">{{
        t('recording.review')
      }}</RouterLink>
    </p>
    <p v-if="next.data.value" class="next no-print">
      <span>{{
        t('end.next', {
          drill: next.data.value.drillTitle,
          station: next.data.value.stationName,
          chance: percent(next.data.value.p),
        })
      }}</span>
      <Button
        :label="t('today.startDue', { drill: next.data.value.drillTitle })"
        :loading="starting"
        @click="start(student, next.data.value.drillId, next.data.value.station)"
      />
    </p>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
section {
  border-top: 1px solid var(--hairline);
  padding: 14px 0;
}
.headline {
  font-size: 18px;
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
</style>
