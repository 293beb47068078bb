<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSignedIn } from '@/device/useSignedIn'
import type { Recording } from './useRecording'

/** Before a coach records anything for somebody their name stands where the eye is. */
const props = defineProps<{ recording: Recording }>()
const { t } = useI18n()
const signedIn = useSignedIn()
const name = computed(() => {
  const { store, turn, inHand } = props.recording
  const student = turn.student.value
  const recorded = store.attempts.value.some(
    ({ body }) => body.studentId === undefined || body.studentId === student?.id,
  )
  return signedIn.me?.person.role === 'COACH' && !recorded && !inHand.value ? student?.name : undefined
})
</script>

<template>
  <p v-if="name" class="first" role="status">{{ t('student.first', { name }) }}</p>
</template>

<style scoped>
.first {
  margin: 0;
  font-size: 30px;
  font-weight: 700;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
@media (max-width: 620px) {
  .first {
    font-size: 22px;
  }
}
</style>
