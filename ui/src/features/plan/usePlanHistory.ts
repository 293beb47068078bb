import { computed, ref } from 'vue'
import type { PlanBody, PlanItem } from '@/api/types'

const MOST_UNDO = 50

/** A plan while somebody works on it: every change can be undone. */
export function usePlanHistory() {
  const draft = ref<PlanBody>()
  const saved = ref('')
  const before = ref<string[]>([])
  const dirty = computed(() => draft.value !== undefined && JSON.stringify(draft.value) !== saved.value)

  function change(part: Partial<PlanBody>): void {
    if (!draft.value) return
    before.value = [...before.value.slice(1 - MOST_UNDO), JSON.stringify(draft.value)]
    draft.value = { ...draft.value, ...part }
  }

  function undo(): void {
    const last = before.value.at(-1)
    if (!last || !draft.value) return
    before.value = before.value.slice(0, -1)
    // What is stored has gone on: an older revision could not be saved.
    draft.value = { ...(JSON.parse(last) as PlanBody), revision: draft.value.revision }
  }

  /** Another plan: nothing of the one before can be undone in it. */
  function begin(body: PlanBody): void {
    before.value = []
    saved.value = ''
    draft.value = body
  }

  /** As the server has it. */
  function settle(body: PlanBody): void {
    draft.value = body
    saved.value = JSON.stringify(body)
  }

  function discard(): void {
    draft.value = undefined
  }

  function items(work: (items: PlanItem[]) => PlanItem[]): void {
    if (draft.value) change({ items: work([...draft.value.items]) })
  }

  return {
    draft,
    dirty,
    canUndo: computed(() => before.value.length > 0),
    change,
    undo,
    begin,
    settle,
    discard,
    ...lines(items),
  }
}

export type PlanHistory = ReturnType<typeof usePlanHistory>

/** What can be done with the lines. */
function lines(items: (work: (items: PlanItem[]) => PlanItem[]) => void) {
  return {
    move: (from: number, to: number) =>
      items((all) => {
        const [one] = all.splice(from, 1)
        if (one) all.splice(to, 0, one)
        return all
      }),
    set: (index: number, part: Partial<PlanItem>) =>
      items((all) => all.map((one, at) => (at === index ? { ...one, ...part } : one))),
    remove: (index: number) => items((all) => all.filter((_, at) => at !== index)),
    /** What somebody chooses stays when the rest is planned again. */
    put: (one: { item: PlanItem }, at: number, replace: boolean) =>
      items((all) => {
        all.splice(at, replace ? 1 : 0, { ...one.item, locked: true })
        return all
      }),
  }
}
