// Keeps a draft on the server a moment after each change, and on this device until the server has it.
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { isPassing, Problem, sentence } from '@/api/problem'
import { draftKey, forgetDraft, keepDraft, keptDraft } from '@/device/keptDrafts'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'

const PAUSE_MS = 700
const RETRY_MS = 5_000
const KEEP_PAUSE_MS = 200

export type SaveState = 'saved' | 'waiting' | 'saving' | 'unreachable' | 'refused' | 'conflict'

/** The server's drill where two windows changed the same one. */
export interface Theirs {
  drill: DrillDocument
  revision: number
}

export function useAutosave(id: string, drill: Ref<DrillDocument | undefined>) {
  const key = draftKey(id)
  const saving = useSaving(id, key, drill)
  const { state, isStored, later, save } = saving
  let keeping: ReturnType<typeof setTimeout> | undefined

  /** On this device, until the server has it; not with every frame of a drag. */
  function keepNow(): void {
    if (drill.value && !isStored(drill.value))
      keepDraft(key, { revision: saving.revision(), drill: drill.value })
  }

  watch(drill, (now) => {
    if (!now) return
    clearTimeout(keeping)
    if (isStored(now)) {
      saving.settle()
      return
    }
    keeping = setTimeout(keepNow, KEEP_PAUSE_MS)
    if (state.value !== 'conflict') {
      state.value = 'waiting'
      later(PAUSE_MS)
    }
  })
  window.addEventListener('pagehide', keepNow)
  onScopeDispose(() => {
    window.removeEventListener('pagehide', keepNow)
    saving.cancel()
    clearTimeout(keeping)
    keepNow()
    void save()
  })

  const { problem, version, theirs, begin } = saving
  return {
    state,
    problem,
    version,
    theirs,
    begin,
    save,
    key,
    unsaved: () => keptDraft(key),
    forget: () => forgetDraft(key),
  }
}

/** The draft's way to the server: one request at a time, each upon the revision that the one before it made. */
function useSaving(id: string, key: string, drill: Ref<DrillDocument | undefined>) {
  const state = ref<SaveState>('saved')
  const problem = ref('')
  const version = ref(1)
  const theirs = shallowRef<Theirs>()
  let revision = 0
  let stored: DrillDocument | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false

  /** What the server has; later changes are sent on top of it. */
  function begin(known: DrillDocument, knownRevision: number, knownVersion: number): void {
    stored = known
    revision = knownRevision
    version.value = knownVersion
    theirs.value = undefined
    state.value = 'saved'
  }

  /** Undone as far as the server's: nothing of it waits on the device any more. */
  function settle(): void {
    if (state.value === 'conflict') return
    clearTimeout(timer)
    forgetDraft(key)
    if (!busy) state.value = 'saved'
  }

  function later(ms: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => void save(), ms)
  }

  async function save(): Promise<void> {
    const sending = drill.value
    if (!sending || sending === stored || busy || state.value === 'conflict') return
    busy = true
    state.value = 'saving'
    try {
      const body = { revision, drill: sending }
      const saved = await answer(api.PUT('/api/v1/drills/{id}', { params: { path: { id } }, body }))
      begin(sending, saved.revision, saved.version)
      problem.value = ''
    } catch (error) {
      problem.value = sentence(error)
      theirs.value = conflictOf(error)
      state.value = theirs.value ? 'conflict' : isPassing(error) ? 'unreachable' : 'refused'
      if (state.value === 'unreachable') {
        stored = undefined // The server may have it all the same.
        later(RETRY_MS)
      }
    }
    busy = false
    if (drill.value === stored) settle()
    else if (drill.value && stored === sending) {
      keepDraft(key, { revision, drill: drill.value })
      later(0)
    }
  }

  const told = { state, problem, version, theirs, isStored: (one: DrillDocument) => one === stored }
  return { ...told, revision: () => revision, begin, settle, later, save, cancel: () => clearTimeout(timer) }
}

function conflictOf(error: unknown): Theirs | undefined {
  const isConflict = error instanceof Problem && error.code === 'REVISION_CONFLICT'
  return isConflict ? (error.current as Theirs) : undefined
}
