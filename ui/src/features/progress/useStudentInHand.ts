import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useHand } from '@/shared/useHand'
import { useSignedIn } from '@/device/useSignedIn'

/** Whose progress: a student's own, a coach's student in hand. */
export function useStudentInHand() {
  const hand = useHand()
  const signedIn = useSignedIn()
  const route = useRoute()
  const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
  /** Whom the address names goes before whom the rail names; neither changes the other. */
  const named = computed(() => (typeof route.query.student === 'string' ? route.query.student : undefined))
  const studentId = computed(() =>
    isCoach.value ? (named.value ?? hand.hand.studentId) : signedIn.me?.person.id,
  )
  return { isCoach, studentId }
}
