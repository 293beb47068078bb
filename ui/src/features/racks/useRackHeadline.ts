// The one thing that costs a student most racks: asked for on the page, worked out in the background.
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { RackHeadline } from '@/api/types'

const LOOK_EVERY_MILLISECONDS = 600
const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds))

export function useRackHeadline() {
  const state = ref<'NONE' | 'WORKING' | 'DONE' | 'STOPPED' | 'FAILED'>('NONE')
  const headline = shallowRef<RackHeadline>()
  const problem = ref('')
  let latest = 0

  async function ask(studentId: string, game: string | undefined): Promise<void> {
    const mine = ++latest
    state.value = 'WORKING'
    headline.value = undefined
    problem.value = ''
    try {
      const body = { studentId, ...(game ? { game } : {}) }
      const { id } = await answer(api.POST('/api/v1/racks/headlines', { body }))
      while (mine === latest && state.value === 'WORKING') {
        const view = await answer(api.GET('/api/v1/racks/headlines/{id}', { params: { path: { id } } }))
        if (mine !== latest) return
        headline.value = view.headline
        state.value = view.state
        if (view.state === 'WORKING') await pause(LOOK_EVERY_MILLISECONDS)
      }
    } catch (error) {
      if (mine !== latest) return
      state.value = 'FAILED'
      problem.value = sentence(error)
    }
  }

  function forget(): void {
    latest++
    state.value = 'NONE'
    headline.value = undefined
  }

  onBeforeUnmount(forget)
  return { state, headline, problem, ask, forget }
}
