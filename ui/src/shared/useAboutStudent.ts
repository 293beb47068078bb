// Whose page this is. The address says it, so that a link, a reload and a second window show the same person; the rail holds the choice.
import { computed } from 'vue'
import { isNavigationFailure, NavigationFailureType, useRoute, useRouter } from 'vue-router'
import { useSignedIn } from '@/device/useSignedIn'
import { useHand } from './useHand'

export interface ChosenStudent {
  id: string
  name: string
}

export function useAboutStudent() {
  const hand = useHand()
  const signedIn = useSignedIn()
  const route = useRoute()
  const router = useRouter()
  const isCoach = computed(() => signedIn.me?.person.role === 'COACH')
  const named = computed(() => (typeof route.query.student === 'string' ? route.query.student : undefined))
  /** Whom the address names goes before whom the rail names; a student is always themselves. */
  const studentId = computed(() =>
    isCoach.value ? (named.value ?? hand.hand.studentId) : signedIn.me?.person.id,
  )

  /** On the rail, and in the address of a page that is about somebody. */
  async function choose(student: ChosenStudent): Promise<void> {
    if (route.meta.aboutStudent && named.value !== student.id) {
      const stopped = await router.replace({ query: { ...route.query, student: student.id } })
      // Who stays with what is not saved yet stays with its student.
      if (isNavigationFailure(stopped, NavigationFailureType.aborted)) return
    }
    if (student.id !== hand.hand.studentId) {
      hand.take({ studentId: student.id, studentName: student.name, sessionId: undefined })
    }
  }

  return { isCoach, studentId, choose }
}
