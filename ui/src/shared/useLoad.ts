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

  /** Asked twice, the first answer may come last: only the newest question's answer counts. */
  let latest = 0

  async function reload(): Promise<void> {
    const mine = ++latest
    busy.value = true
    problem.value = ''
    try {
      const loaded = await load()
      if (mine === latest) data.value = loaded
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
    } finally {
      if (mine === latest) busy.value = false
    }
  }

  return { data, busy, problem, reload }
}
