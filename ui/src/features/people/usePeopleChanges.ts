// What can be changed about people; each change is followed by a fresh look at the list.
import type { Ref } from 'vue'
import { answer, api } from '@/api/client'
import { useAction } from '@/shared/useAction'
import { useHand } from '@/shared/useHand'
import { useOneTimeLinks } from '@/shared/useOneTimeLinks'

export interface PeopleChanges {
  problem: Ref<string>
  newLink: (id: string) => Promise<void>
  endLink: (id: string) => Promise<void>
  archive: (id: string) => Promise<void>
  bringBack: (id: string) => Promise<void>
  addCoach: (id: string, coachId: string) => Promise<void>
  removeCoach: (id: string, coachId: string) => Promise<void>
}

export function usePeopleChanges(reload: () => Promise<unknown>): PeopleChanges {
  const links = useOneTimeLinks()
  const hand = useHand()
  const { problem, run } = useAction()

  async function change(call: () => Promise<unknown>): Promise<void> {
    if (await run(call)) await reload()
  }

  const person = (id: string) => ({ params: { path: { id } } })
  const pair = (id: string, coachId: string) => ({ params: { path: { id, coachId } } })
  return {
    problem,
    newLink: (id) =>
      change(async () => links.keep(await answer(api.POST('/api/v1/people/{id}/link', person(id))))),
    endLink: (id) =>
      change(async () => {
        await answer(api.DELETE('/api/v1/people/{id}/link', person(id)))
        links.putAside(id)
      }),
    archive: (id) =>
      change(async () => {
        await answer(api.PUT('/api/v1/people/{id}/archive', person(id)))
        // Nothing more is recorded for whoever has left.
        if (hand.hand.studentId === id) hand.drop()
      }),
    bringBack: (id) => change(() => answer(api.DELETE('/api/v1/people/{id}/archive', person(id)))),
    addCoach: (id, coachId) =>
      change(() => answer(api.PUT('/api/v1/students/{id}/coaches/{coachId}', pair(id, coachId)))),
    removeCoach: (id, coachId) =>
      change(() => answer(api.DELETE('/api/v1/students/{id}/coaches/{coachId}', pair(id, coachId)))),
  }
}
