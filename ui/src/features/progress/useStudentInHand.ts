import { computed } from 'vue'
import { useHand } from '@/shared/useHand'
import { useSignedIn } from '@/shared/useSignedIn'

/** Whose progress: a student's own, a coach's student in hand. */
export function useStudentInHand() {
  const hand = useHand()
  const signedIn = useSignedIn()
  const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
  const studentId = computed(() => (isCoach.value ? hand.hand.studentId : signedIn.me?.person.id))
  return { isCoach, studentId }
}
