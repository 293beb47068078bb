// What a layout is worth to a student: worked out in the background, with progress, and stopped when somebody goes away.
import { onBeforeUnmount, ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { RackQuestion } from './useRackPlan'

const LOOK_EVERY_MILLISECONDS = 300
const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds))

export interface FoundChance {
  chance: number
  standardError: number
  points: number
  balls: number
}

export function useRackChance() {
  const done = ref<number>()
  const found = ref<FoundChance>()
  const problem = ref('')
  let latest = 0
  let underWay: string | undefined

  async function ask(question: RackQuestion): Promise<void> {
    forget()
    const mine = latest
    done.value = 0
    problem.value = ''
    try {
      const { id } = await answer(api.POST('/api/v1/racks/chances', { body: question }))
      underWay = id
      while (mine === latest) {
        const view = await answer(api.GET('/api/v1/racks/chances/{id}', { params: { path: { id } } }))
        if (mine !== latest) return
        done.value = view.done
        found.value = view.chance
        if (view.state !== 'WORKING') break
        await pause(LOOK_EVERY_MILLISECONDS)
      }
    } catch (error) {
      if (mine === latest) problem.value = sentence(error)
    }
    if (mine === latest) done.value = underWay = undefined
  }

  function forget(): void {
    latest++
    const id = underWay
    underWay = done.value = found.value = undefined
    if (id)
      void answer(api.DELETE('/api/v1/racks/chances/{id}', { params: { path: { id } } })).catch(
        () => undefined,
      )
  }

  onBeforeUnmount(forget)
  return { done, found, problem, ask, forget }
}
