import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { sentence } from '@/api/problem'

/** Loads something: what came, whether it is under way, what went wrong, and how to try again. */
export function useLoad<T>(load: () => Promise<T>): {
  data: ShallowRef<T | undefined>
  busy: Ref<boolean>
  problem: Ref<string>
  reload: () => Promise<void>
} {
  const data = shallowRef<T>()
  const busy = ref(false)
  const problem = ref('')

  async function reload(): Promise<void> {
    busy.value = true
    problem.value = ''
    try {
      data.value = await load()
    } catch (error) {
      problem.value = sentence(error)
    } finally {
      busy.value = false
    }
  }

  return { data, busy, problem, reload }
}
