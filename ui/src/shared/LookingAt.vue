<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSignedIn } from '@/device/useSignedIn'
import { useAboutStudent } from './useAboutStudent'
import { useHand } from './useHand'

/** A quiet line where a page is about somebody else than the student on the rail; looking changes nothing. */
const props = defineProps<{
  /** Whom the page is about; with several, whoever is chosen is not looked at from outside. */
  students: { id: string; name: string }[]
  session?: boolean
}>()
const { t } = useI18n()
const hand = useHand()
const signedIn = useSignedIn()
const { choose } = useAboutStudent()
const other = computed(() => {
  const chosen = hand.hand.studentId
  const coach = signedIn.me?.person.role === 'COACH'
  return coach && chosen && !props.students.some(({ id }) => id === chosen) ? props.students[0] : undefined
})
</script>

<template>
  <p v-if="other" class="small quiet no-print" role="status">
    {{ t(session ? 'student.lookingAtSession' : 'student.lookingAtPage', { name: other.name }) }}
    <button type="button" class="link" @click="choose(other)">
      {{ t('student.chooseThis', { name: other.name }) }}
    </button>
  </p>
</template>
