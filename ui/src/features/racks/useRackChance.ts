// What a layout is worth to a student, with how far the work is.
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { RackChanceView } from '@/api/types'
import type { RackQuestion } from './useRackPlan'
import { useServerWork } from './useServerWork'

const LOOK_EVERY_MILLISECONDS = 300

export function useRackChance() {
  const work = useServerWork<RackQuestion, RackChanceView>({
    begin: (body) => answer(api.POST('/api/v1/racks/chances', { body })),
    look: (id) => answer(api.GET('/api/v1/racks/chances/{id}', { params: { path: { id } } })),
    stop: (id) => answer(api.DELETE('/api/v1/racks/chances/{id}', { params: { path: { id } } })),
    lookEveryMilliseconds: LOOK_EVERY_MILLISECONDS,
  })
  const done = computed(() => (work.state.value === 'WORKING' ? (work.view.value?.done ?? 0) : undefined))
  const found = computed(() => work.view.value?.chance)
  return { ...work, done, found }
}
