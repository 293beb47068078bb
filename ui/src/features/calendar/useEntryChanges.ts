// What is done to entries: kept, changed, moved, taken away. After each the calendar is read anew.
import { ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import type { EntryBody, EntryScope, Occurrence } from '@/api/types'
import { useAction } from '@/shared/useAction'
import { bodyOf } from './entryBody'

/** Where something was put, and how to put it back. */
export interface Move {
  title: string
  when: string
  undo: () => Promise<unknown>
}

function put(one: Occurrence, scope: EntryScope, entry: EntryBody) {
  const body = { day: one.day, scope, revision: one.revision, entry }
  const path = { id: one.entryId }
  return answer(api.PUT('/api/v1/calendar-entries/{id}', { params: { path }, body }))
}

const putPlan = (planId: string, onDay: string) =>
  answer(api.PUT('/api/v1/plans/{id}/day', { params: { path: { id: planId } }, body: { onDay } }))

export function useEntryChanges(reload: () => Promise<void>) {
  const { busy, problem, field, run } = useAction()
  const lastMove = shallowRef<Move>()
  const asksWhich = ref<{ one: Occurrence; body: EntryBody }>()

  async function done(work: () => Promise<unknown>): Promise<boolean> {
    const well = await run(work)
    if (well) asksWhich.value = undefined
    await reload()
    return well
  }

  const create = (body: EntryBody) => done(() => answer(api.POST('/api/v1/calendar-entries', { body })))

  const change = (one: Occurrence, scope: EntryScope, entry: EntryBody) => done(() => put(one, scope, entry))

  const remove = (one: Occurrence, scope: EntryScope) =>
    done(() =>
      answer(
        api.POST('/api/v1/calendar-entries/{id}/remove', {
          params: { path: { id: one.entryId } },
          body: { day: one.day, scope, revision: one.revision },
        }),
      ),
    )

  /** A single entry is put there at once, with a way back; of a series it is asked which ones. */
  async function move(one: Occurrence, body: EntryBody, when: string): Promise<void> {
    if (one.everyWeeks) {
      asksWhich.value = { one, body }
      return
    }
    if (!(await change(one, 'ALL', body))) return
    const moved = { ...one, day: body.firstDay, revision: one.revision + 1 }
    lastMove.value = { title: one.title, when, undo: () => put(moved, 'ALL', bodyOf(one)) }
  }

  async function movePlan(
    plan: { planId: string; title: string; day: string },
    day: string,
    when: string,
  ): Promise<void> {
    if (!(await done(() => putPlan(plan.planId, day)))) return
    lastMove.value = { title: plan.title, when, undo: () => putPlan(plan.planId, plan.day) }
  }

  async function undo(): Promise<void> {
    const last = lastMove.value
    lastMove.value = undefined
    if (last) await done(last.undo)
  }

  return { busy, problem, field, lastMove, asksWhich, create, change, remove, move, movePlan, undo }
}

export type EntryChanges = ReturnType<typeof useEntryChanges>
