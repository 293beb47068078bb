// The engine's path for a stroke, asked anew while a slider moves: one question at a time, always the latest next.
import { ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { ShotPath, SimulateRequest } from '@/api/types'

export function useShotPath(request: Ref<SimulateRequest | undefined>) {
  const path = shallowRef<ShotPath>()
  const problem = ref('')
  /** When the question was put that the path answers (ms on the page's clock). */
  const askedAt = ref(0)
  let asking = false
  let stale = false
  let latest = 0

  async function ask(): Promise<void> {
    if (asking) {
      stale = true
      return
    }
    asking = true
    do {
      stale = false
      const body = request.value
      const asked = latest
      try {
        path.value = body && (await answer(api.POST('/api/v1/shots/simulate', { body })))
        askedAt.value = asked
        problem.value = ''
      } catch (error) {
        path.value = undefined
        problem.value = sentence(error)
      }
    } while (stale)
    asking = false
  }

  watch(
    request,
    () => {
      latest = performance.now()
      void ask()
    },
    // At once and not with the next rendering: the answer shall be there for it.
    { immediate: true, flush: 'sync' },
  )
  return { path, problem, askedAt }
}
