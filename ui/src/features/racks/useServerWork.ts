// Work that the server does while somebody looks on: begun, looked at until it ends, stopped when another is asked for or the page is left.
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { isPassing, sentence } from '@/api/problem'

export type WorkState = 'WORKING' | 'DONE' | 'STOPPED' | 'FAILED'

interface Work<Question, View extends { state: WorkState }> {
  begin: (question: Question) => Promise<{ id: string }>
  look: (id: string) => Promise<View>
  /** Left out where it cannot be stopped. */
  stop?: (id: string) => Promise<unknown>
  lookEveryMilliseconds: number
}

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds))

export function useServerWork<Question, View extends { state: WorkState }>(work: Work<Question, View>) {
  const state = ref<'NONE' | WorkState>('NONE')
  const view = shallowRef<View>()
  const problem = ref('')
  /** Nothing is wrong with the question: the network is away. */
  const away = ref(false)
  let latest = 0
  let underWay: string | undefined

  async function ask(question: Question): Promise<void> {
    forget()
    const mine = latest
    state.value = 'WORKING'
    problem.value = ''
    try {
      const { id } = await work.begin(question)
      if (mine === latest) underWay = id
      else end(id)
      while (mine === latest && state.value === 'WORKING') {
        const now = await work.look(id)
        if (mine !== latest) return
        view.value = now
        state.value = now.state
        if (now.state === 'WORKING') await pause(work.lookEveryMilliseconds)
      }
    } catch (error) {
      if (mine !== latest) return
      state.value = 'FAILED'
      away.value = isPassing(error)
      problem.value = sentence(error)
    }
  }

  function end(id: string): void {
    // It ends by itself as well: whether the server heard it changes nothing here.
    void work.stop?.(id).catch(() => undefined)
  }

  /** What was found stays on the screen. */
  function stop(): void {
    if (underWay && state.value === 'WORKING') {
      end(underWay)
      state.value = 'STOPPED'
    }
    underWay = undefined
  }

  function forget(): void {
    latest++
    stop()
    view.value = undefined
    state.value = 'NONE'
  }

  onBeforeUnmount(forget)
  return { state, view, problem, away, ask, stop, forget }
}
