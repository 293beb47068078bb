<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useAction } from '@/shared/useAction'
import { useLoad } from '@/shared/useLoad'
import StudentEnd from './StudentEnd.vue'

/** The end of a session: for each student what was done, the one thing it says, and what comes next. */
const props = defineProps<{ sessionId: string }>()
const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() =>
  answer(api.GET('/api/v1/sessions/{sessionId}', { params: { path: { sessionId: props.sessionId } } })),
)
onMounted(reload)

const minutes = computed(() => Math.round(data.value?.minutes ?? 0))

const { problem: refused, run } = useAction()
async function reopen(): Promise<void> {
  const params = { path: { id: props.sessionId } }
  if (await run(() => answer(api.POST('/api/v1/sessions/{id}/reopen', { params })))) await reload()
}
</script>

<template>
  <main class="page">
    <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
      <template v-if="data">
        <h1>{{ t('end.title') }}</h1>
        <p>
          {{
            t(
              'end.lead',
              {
                drills: data.session.drills.map(({ title }) => title).join(', '),
                table: data.session.tableName,
              },
              minutes,
            )
          }}
          <RouterLink v-if="!data.session.closedAt" :to="`/table/${sessionId}`">{{
            t('end.stillOpen')
          }}</RouterLink>
          <button v-else type="button" class="link" @click="reopen">{{ t('recording.reopen') }}</button>
        </p>
        <p v-if="refused" role="alert">{{ refused }}</p>
        <StudentEnd
          v-for="student in data.session.students"
          :key="student.id"
          :student="student"
          :session-id="sessionId"
          :attempts="
            data.attempts.filter(
              ({ attempt }) => (attempt.studentId ?? data?.session.students[0]?.id) === student.id,
            )
          "
          :drills="data.session.drills"
        />
        <p v-if="data.session.note" class="note">{{ data.session.note }}</p>
        <p class="no-print">
          <RouterLink to="/today">{{ t('rail.today') }}</RouterLink>
        </p>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.page {
  max-width: 1000px;
}
.note {
  white-space: pre-wrap;
  border-left: 4px solid var(--hairline);
  padding-left: 12px;
}
</style>
