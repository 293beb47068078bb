import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { sentence } from '@/api/problem'

/**
 * Loads something: what came, whether it is under way, what went wrong, and how to try again.
 *
 * @param taken what else the page keeps of it; only of the newest answer, since an older one may come after it
 */
export function useLoad<T>(
  load: () => Promise<T>,
  taken: (loaded: T) => void = () => undefined,
): {
  data: ShallowRef<T | undefined>
  busy: Ref<boolean>
  problem: Ref<string>
  reload: () => Promise<void>
  /** What the answer to a change says: it is newer than what is being loaded, so that no longer counts. */
  set: (value: T) => void
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
      if (mine !== latest) return
      data.value = loaded
      taken(loaded)
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
    } finally {
      if (mine === latest) busy.value = false
    }
  }

  function set(value: T): void {
    latest++
    busy.value = false
    problem.value = ''
    data.value = value
  }

  return { data, busy, problem, reload, set }
}
