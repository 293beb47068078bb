// The engine's path for a stroke, asked anew while a slider moves: one question at a time, always the latest next.
import { ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { ShotPath, SimulateRequest } from '@/api/types'

export function useShotPath(request: Ref<SimulateRequest | undefined>) {
  const path = shallowRef<ShotPath>()
  const problem = ref('')
  let asking = false
  let stale = false

  async function ask(): Promise<void> {
    if (asking) {
      stale = true
      return
    }
    asking = true
    do {
      stale = false
      const body = request.value
      try {
        path.value = body && (await answer(api.POST('/api/v1/shots/simulate', { body })))
        problem.value = ''
      } catch (error) {
        path.value = undefined
        problem.value = sentence(error)
      }
    } while (stale)
    asking = false
  }

  watch(request, () => void ask(), { immediate: true, deep: true })
  return { path, problem }
}
