// The one thing that costs a student most racks.
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { RackHeadlineView } from '@/api/types'
import { useServerWork } from './useServerWork'

const LOOK_EVERY_MILLISECONDS = 600

export function useRackHeadline() {
  const work = useServerWork<{ studentId: string; game?: string }, RackHeadlineView>({
    begin: (body) => answer(api.POST('/api/v1/racks/headlines', { body })),
    look: (id) => answer(api.GET('/api/v1/racks/headlines/{id}', { params: { path: { id } } })),
    lookEveryMilliseconds: LOOK_EVERY_MILLISECONDS,
  })
  return { ...work, headline: computed(() => work.view.value?.headline) }
}
