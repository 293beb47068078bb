<script setup lang="ts">
import { onMounted } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import PageState from '@/shared/PageState.vue'
import { useLoad } from '@/shared/useLoad'

/** Every state that an attempt has had: who wrote it and when; and when it was read anew because the shot before it changed. */
const props = defineProps<{ sessionId: string; attemptId: string }>()
const { t } = useI18n()
const { data, busy, problem, reload } = useLoad(() =>
  answer(
    api.GET('/api/v1/sessions/{sessionId}/attempts/{id}/revisions', {
      params: { path: { sessionId: props.sessionId, id: props.attemptId } },
    }),
  ),
)
const { data: reworks, reload: reloadReworks } = useLoad(() =>
  answer(
    api.GET('/api/v1/sessions/{sessionId}/attempts/{id}/reworks', {
      params: { path: { sessionId: props.sessionId, id: props.attemptId } },
    }),
  ),
)
onMounted(() => Promise.all([reload(), reloadReworks()]))

function when(instant: string): string {
  return new Date(instant).toLocaleTimeString(undefined, { timeStyle: 'medium' })
}
</script>

<template>
  <PageState :busy="busy" :problem="problem" :ready="data !== undefined" @retry="reload">
    <ol class="small">
      <li v-for="one in data" :key="one.attempt.revision">
        {{ when(one.writtenAt) }}, {{ one.writtenBy }}:
        {{ one.attempt.deleted ? t('recording.takenBack') : t(`outcome.${one.attempt.outcome}`) }}
        <template v-if="one.attempt.landing">
          · {{ Math.round(one.attempt.landing.xMillimetres) }} ·
          {{ Math.round(one.attempt.landing.yMillimetres) }} mm</template
        >
        <template v-if="one.attempt.observations?.length">
          · {{ one.attempt.observations.join(', ') }}</template
        >
      </li>
      <li v-for="one in reworks" :key="one.workedOutAt">
        {{ t('recording.reworked', { when: when(one.workedOutAt) }) }}
      </li>
    </ol>
  </PageState>
</template>

<style scoped>
ol {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
