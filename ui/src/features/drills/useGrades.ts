// A drill's grades on a table: looked up, worked out in the background when asked, watched until they are there.
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { Grades } from '@/api/types'

const LOOK_EVERY_MS = 400

export function useGrades(drillId: Ref<string>, tableId: Ref<string | undefined>) {
  const grades = shallowRef<Grades>()
  const problem = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  /** An answer to an older question may come after a newer one's. */
  let latest = 0

  function asked() {
    return tableId.value
      ? { params: { path: { id: drillId.value }, query: { tableId: tableId.value } } }
      : undefined
  }

  async function ask(
    call: (question: NonNullable<ReturnType<typeof asked>>) => Promise<Grades>,
  ): Promise<void> {
    clearTimeout(timer)
    const question = asked()
    if (!question) return
    const mine = ++latest
    try {
      const found = await call(question)
      if (mine !== latest) return
      grades.value = found
      problem.value = ''
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
      return
    }
    if (grades.value.state === 'WORKING') timer = setTimeout(() => void look(), LOOK_EVERY_MS)
  }

  const look = () => ask((question) => answer(api.GET('/api/v1/drills/{id}/grades', question)))
  const begin = () => ask((question) => answer(api.POST('/api/v1/drills/{id}/grades', question)))

  async function cancel(): Promise<void> {
    const question = asked()
    try {
      if (question) await answer(api.DELETE('/api/v1/drills/{id}/grades', question))
      await look()
    } catch (error) {
      problem.value = sentence(error)
    }
  }

  watch(
    [drillId, tableId],
    () => {
      grades.value = undefined
      void look()
    },
    { immediate: true },
  )
  onScopeDispose(() => clearTimeout(timer))
  return { grades, problem, begin, cancel }
}
