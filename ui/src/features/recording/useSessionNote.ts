import { ref, watch, type Ref } from 'vue'
import { Problem } from '@/api/problem'

/** A note as it was typed, and the one that it was written over. */
export interface NoteDraft {
  note: string
  before: string
}

/**
 * The session's note while it is typed: sent when its field is left, and when the panel is put away with it, since a key that closes the panel leaves the field
 * without a word. What the server would not take stays as a draft. What somebody else wrote meanwhile is put above it, so that neither is lost.
 *
 * @param told as the session has it
 * @param send throws a {@link Problem} with the server's copy where another stands there by now
 * @param act  does it and says whether it went well
 */
export function useSessionNote(
  told: () => string,
  draft: Ref<NoteDraft | undefined>,
  send: (body: NoteDraft) => Promise<unknown>,
  act: (call: Promise<unknown>) => Promise<boolean>,
) {
  const note = ref(draft.value?.note ?? told())
  let before = draft.value?.before ?? told()
  let sent: string | undefined

  function meet(theirs: string): void {
    const typed = note.value === before ? '' : note.value
    if (theirs !== before && theirs !== sent) note.value = [theirs, typed].filter(Boolean).join('\n')
    before = theirs
  }
  watch(told, meet)
  meet(told())

  async function keep(): Promise<void> {
    const body = { note: note.value, before }
    sent = body.note
    const well = await act(
      send(body).catch((error: unknown) => {
        if (error instanceof Problem && error.code === 'NOTE_CHANGED') {
          meet(String(error.current))
          sent = undefined
        }
        throw error
      }),
    )
    if (!well) return
    before = body.note
    draft.value = undefined
  }

  /** What is on its way is not sent twice (a field that is left as its panel closes says so a second time), what has been refused not by itself. */
  function keepIfNew(): void {
    const isNew = note.value !== before
    draft.value = isNew ? { note: note.value, before } : undefined
    if (isNew && note.value !== sent) void keep()
  }

  return { note, keepIfNew }
}
