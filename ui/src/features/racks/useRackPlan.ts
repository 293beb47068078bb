// The tool's proposal for a position, shown while it grows.
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { PlannedBall, RackLayout, RackPlanView, RackRules } from '@/api/types'
import { useServerWork } from './useServerWork'

const LOOK_EVERY_MILLISECONDS = 120
const ALL_STEPS = 40

export interface RackQuestion {
  tableId: string
  studentId: string
  rules: RackRules
  layout: RackLayout
}

export function useRackPlan() {
  const work = useServerWork<{ question: RackQuestion; locked: PlannedBall[] }, RackPlanView>({
    begin: (asked) => answer(api.POST('/api/v1/racks/plans', { body: { ...asked, steps: ALL_STEPS } })),
    look: (id) => answer(api.GET('/api/v1/racks/plans/{id}', { params: { path: { id } } })),
    stop: (id) => answer(api.DELETE('/api/v1/racks/plans/{id}', { params: { path: { id } } })),
    lookEveryMilliseconds: LOOK_EVERY_MILLISECONDS,
  })
  const steps = computed(() => work.view.value?.steps ?? [])
  const complete = computed(() => work.view.value?.complete ?? false)
  return { ...work, steps, complete }
}
