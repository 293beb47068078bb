import { ref, watch, type Ref } from 'vue'

/** A note as it was typed, and the one that it was written over. */
export interface NoteDraft {
  note: string
  before: string
}

/**
 * The session's note while it is typed: sent when its field is left, and when the panel is put away with it, since a key that closes the panel leaves the field
 * without a word. What the server would not take stays as a draft.
 *
 * @param told as the session has it
 * @param send says whether the server took it
 */
export function useSessionNote(
  told: () => string,
  draft: Ref<NoteDraft | undefined>,
  send: (body: NoteDraft) => Promise<boolean>,
) {
  const note = ref(draft.value?.note ?? told())
  let before = draft.value?.before ?? told()
  let sent: string | undefined
  let taken: string | undefined
  watch(told, (theirs) => {
    note.value = theirs
    before = theirs
  })

  async function keep(): Promise<void> {
    const body = { note: note.value, before }
    sent = body.note
    if (!(await send(body))) return
    taken = body.note
    draft.value = undefined
  }

  /** What has been refused is not sent again by itself. */
  function keepIfNew(): void {
    const isNew = note.value !== told() && note.value !== taken
    draft.value = isNew ? { note: note.value, before } : undefined
    if (isNew && note.value !== sent) void keep()
  }

  return { note, keep, keepIfNew }
}
