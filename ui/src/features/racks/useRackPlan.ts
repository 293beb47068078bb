// The tool's proposal for a position: asked for, looked at while it grows, stopped when another is asked for.
import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import { isPassing } from './sendRack'
import type { PlannedBall, RackLayout, RackPlanView, RackRules, RackStep } from '@/api/types'

const LOOK_EVERY_MILLISECONDS = 120
const ALL_STEPS = 40

export interface RackQuestion {
  tableId: string
  studentId: string
  rules: RackRules
  layout: RackLayout
}

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds))

export function useRackPlan() {
  const steps = shallowRef<RackStep[]>([])
  const state = ref<'NONE' | RackPlanView['state']>('NONE')
  const complete = ref(false)
  const problem = ref('')
  /** Nothing is wrong with the question: the network is away. */
  const away = ref(false)
  let latest = 0
  let underWay: string | undefined

  async function ask(question: RackQuestion, locked: PlannedBall[], most = ALL_STEPS): Promise<void> {
    const mine = ++latest
    await stop()
    steps.value = []
    state.value = 'WORKING'
    problem.value = ''
    try {
      const { id } = await answer(
        api.POST('/api/v1/racks/plans', { body: { question, locked, steps: most } }),
      )
      underWay = id
      while (mine === latest && state.value === 'WORKING') {
        const view = await answer(api.GET('/api/v1/racks/plans/{id}', { params: { path: { id } } }))
        if (mine !== latest) return
        steps.value = view.steps
        complete.value = view.complete
        state.value = view.state
        if (view.state === 'WORKING') await pause(LOOK_EVERY_MILLISECONDS)
      }
    } catch (error) {
      if (mine !== latest) return
      state.value = 'FAILED'
      away.value = isPassing(error)
      problem.value = sentence(error)
    }
  }

  /** What was found stays on the screen. */
  async function stop(): Promise<void> {
    const id = underWay
    underWay = undefined
    if (!id || state.value !== 'WORKING') return
    state.value = 'STOPPED'
    await answer(api.DELETE('/api/v1/racks/plans/{id}', { params: { path: { id } } })).catch(() => undefined)
  }

  function forget(): void {
    latest++
    steps.value = []
    state.value = 'NONE'
    void stop()
  }

  onBeforeUnmount(forget)
  return { steps, state, complete, problem, away, ask, stop, forget }
}
