import { ref, type Ref } from 'vue'
import { Problem, sentence } from '@/api/problem'

/** Something that is done on the server when somebody asks for it: whether it is under way, and what went wrong with the last one, at which field. */
export function useAction(): {
  busy: Ref<boolean>
  problem: Ref<string>
  field: Ref<string>
  /** Does it, and says whether it went well; a problem is told, never thrown. */
  run: (work: () => Promise<unknown>) => Promise<boolean>
} {
  const busy = ref(false)
  const problem = ref('')
  const field = ref('')
  let underWay = 0

  async function run(work: () => Promise<unknown>): Promise<boolean> {
    underWay += 1
    busy.value = true
    problem.value = ''
    field.value = ''
    try {
      await work()
      return true
    } catch (error) {
      problem.value = sentence(error)
      field.value = error instanceof Problem ? (error.field ?? '') : ''
      return false
    } finally {
      underWay -= 1
      busy.value = underWay > 0
    }
  }

  return { busy, problem, field, run }
}
