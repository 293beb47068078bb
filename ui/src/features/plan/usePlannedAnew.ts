import type { Ref } from 'vue'
import type { PlanBody, PlanProposal } from '@/api/types'
import { isAsked, placed, type Band } from './planBody'
import type { PlanHistory } from './usePlanHistory'

/**
 * Lines planned anew for what is wanted now. Nobody waits for it: a wish that comes meanwhile is planned together with
 * those before it, and lines that were changed by hand meanwhile are planned round.
 */
export function usePlannedAnew(
  { draft, change }: PlanHistory,
  ask: (body: PlanBody, band?: Band) => Promise<PlanProposal | undefined>,
  proposal: Ref<PlanProposal | undefined>,
): {
  /** A change of what is wanted, and the lines that are not kept planned for it: one step to undo. */
  again: (part: Partial<PlanBody>, band?: Band) => Promise<void>
  /** What else could stand in it. */
  look: () => Promise<void>
  /** Until nothing is under way. */
  done: () => Promise<void>
  /** What is under way was for another plan. */
  forget: () => void
} {
  /** What is wanted beside the draft while it is asked for. */
  let wishes: Partial<PlanBody> = {}
  let underWay = Promise.resolve()

  async function plan(mine: Partial<PlanBody>, band?: Band): Promise<void> {
    if (!draft.value) return
    const { items } = draft.value
    const wanted = { ...draft.value, ...mine }
    const found = isAsked(wanted) ? await ask(wanted, band) : undefined
    if (wishes !== mine) return
    if (found && draft.value?.items !== items) return await plan(mine, band)
    wishes = {}
    if (!found) return change(mine)
    proposal.value = found
    const { bandLow, bandHigh, tableId } = found
    change({ ...mine, items: placed(found.items, found.possible), bandLow, bandHigh, tableId })
  }

  async function look(): Promise<void> {
    const now = draft.value
    if (now && (now.pattern || isAsked(now))) proposal.value = await ask(now)
  }

  return {
    look,
    again(part, band) {
      wishes = { ...wishes, ...part }
      underWay = plan(wishes, band)
      return underWay
    },
    async done() {
      let last
      do {
        last = underWay
        await last
      } while (last !== underWay)
    },
    forget: () => (wishes = {}),
  }
}
