// The steps and the shot clock of whoever plays.
import { ref, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { Unreachable } from '@/api/problem'
import type { Routine } from '@/api/types'

const NONE: Routine = { steps: [], clockSeconds: 0 }

export function useRoutine(studentId: Ref<string>): { routine: Ref<Routine>; load: () => Promise<void> } {
  const routine = ref<Routine>(NONE)

  async function load(): Promise<void> {
    const id = studentId.value
    if (!id) return
    routine.value = NONE
    try {
      const kept = await answer(api.GET('/api/v1/students/{id}/routine', { params: { path: { id } } }))
      // Two quick changes of student: the first answer may come last.
      if (studentId.value === id) routine.value = kept
    } catch (error) {
      // With the server away one records without the routine.
      if (!(error instanceof Unreachable)) throw error
    }
  }

  return { routine, load }
}
