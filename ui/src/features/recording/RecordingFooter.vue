<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import type { Routine, SessionDetail } from '@/api/types'
import LookingAt from '@/shared/LookingAt.vue'
import AttemptStrip from './AttemptStrip.vue'
import { KEY_SESSION } from './keys'
import StatusNotes from './StatusNotes.vue'
import type { Recording } from './useRecording'

/** Below the keys: the last attempts, where one stands, and the ways out. */
const props = defineProps<{
  recording: Recording
  detail: SessionDetail
  routine: Routine
  mostAttempts: number
}>()
const showsRoutine = defineModel<boolean>('showsRoutine', { required: true })
const emit = defineEmits<{ done: []; session: []; changed: [] }>()
const { t } = useI18n()
const { here, editingId, turn } = props.recording
const path = { id: props.detail.session.id }

function openAttempt(id: string): void {
  editingId.value = editingId.value === id ? undefined : id
}

async function reopen(): Promise<void> {
  await answer(api.POST('/api/v1/sessions/{id}/reopen', { params: { path } }))
  emit('changed')
}

async function goOn(): Promise<void> {
  await answer(api.POST('/api/v1/sessions/{id}/go-on', { params: { path } }))
  emit('changed')
}
</script>

<template>
  <footer class="below">
    <AttemptStrip :attempts="here" :editing-id="editingId" :most="mostAttempts" @open="openAttempt" />
    <StatusNotes
      v-model:shows-routine="showsRoutine"
      :recording="recording"
      :detail="detail"
      :routine="routine"
      @done="$emit('done')"
      @reopen="reopen"
      @go-on="goOn"
    />
    <div class="leave">
      <LookingAt :students="detail.session.students" session />
      <RouterLink :to="{ path: `/review/${path.id}`, query: { student: turn.studentId.value } }">{{
        t('recording.review')
      }}</RouterLink>
      <RouterLink v-if="detail.session.closedAt" :to="`/table/${path.id}/end`">{{
        t('end.title')
      }}</RouterLink>
      <button type="button" class="link" @click="$emit('session')">
        {{ t('recording.session.title') }} <kbd>{{ KEY_SESSION }}</kbd>
      </button>
    </div>
  </footer>
</template>

<style scoped>
.below {
  display: flex;
  gap: 20px;
  align-items: end;
  /* The strip's own height, before there is an attempt in it: the first one must not move the table. */
  min-height: 64px;
}
.leave {
  display: flex;
  gap: 16px;
  align-items: center;
  min-height: 44px;
}
@media (max-width: 620px) {
  .below {
    flex-wrap: wrap;
    gap: 0 12px;
    min-height: 0;
  }
  .leave {
    gap: 12px;
    font-size: 14px;
  }
}
</style>
