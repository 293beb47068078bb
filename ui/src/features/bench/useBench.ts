// One drill on the bench: the draft (useDraft), what is drawn of it (useShown), and every command on it (useDragging, useCommands).
import { inject, provide, shallowRef, type InjectionKey } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'
import { asideOf, forgetDraft, putAside } from '@/device/keptDrafts'
import { useAutosave, type Theirs } from './useAutosave'
import { useBenchAnswers } from './useBenchAnswers'
import { useCommands } from './useCommands'
import { useDraft } from './useDraft'
import { useDragging } from './useDragging'
import { useShown } from './useShown'

export function createBench(id: string) {
  const draft = useDraft()
  const { history, drill, problem } = draft
  const save = useAutosave(id, drill)
  const answers = useBenchAnswers(drill, draft.tableId, draft.at, draft.held)
  const shown = useShown(draft, answers)
  const dragging = useDragging(draft, shown)
  const commands = useCommands(draft, shown)
  /** Where a draft of an earlier visit is kept that the server does not have, while the server's has changed since. */
  const leftBehind = shallowRef<string>()

  async function open(): Promise<void> {
    problem.value = ''
    try {
      const document = await answer(api.GET('/api/v1/drills/{id}/document', { params: { path: { id } } }))
      const stored = document.drill as unknown as DrillDocument
      save.begin(stored, document.revision, document.version)
      history.begin(stored)
      const unsaved = save.unsaved()
      if (unsaved?.revision === document.revision) history.change(unsaved.drill)
      else putAside(save.key)
      lookBehind()
      await draft.layOnHomeTable()
    } catch (error) {
      problem.value = sentence(error)
    }
  }

  function lookBehind(): void {
    leftBehind.value = asideOf(save.key)[0]
  }

  /** It was taken up, or is not wanted any more. */
  function settleLeftBehind(): void {
    if (leftBehind.value) forgetDraft(leftBehind.value)
    lookBehind()
  }

  /** After a conflict: go on from what the other window wrote. */
  function takeTheirs(other: Theirs): void {
    save.forget()
    save.begin(other.drill, other.revision, other.drill.version)
    history.begin(other.drill)
  }

  const { canUndo, canRedo } = history
  const parts = { ...draft, ...shown, ...dragging, ...commands }
  return { id, ...parts, save, answers, leftBehind, settleLeftBehind, canUndo, canRedo, open, takeTheirs }
}

export type Bench = ReturnType<typeof createBench>

const BENCH: InjectionKey<Bench> = Symbol('bench')

export function provideBench(bench: Bench): void {
  provide(BENCH, bench)
}

export function useBench(): Bench {
  const bench = inject(BENCH)
  if (!bench) throw new Error('a part of the bench must stand on the bench page')
  return bench
}
