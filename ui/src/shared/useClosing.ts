import { toValue, watch, type MaybeRefOrGetter } from 'vue'

/**
 * Closes a dialog in which something may be under way. Asked to close meanwhile, it waits for the answer, and stays open where that is a problem, so that it is
 * read: a dialog that is gone tells nobody what came back, neither the page beneath it nor the person.
 */
export function useClosing(
  busy: MaybeRefOrGetter<boolean>,
  problem: MaybeRefOrGetter<string>,
  close: () => void,
): () => void {
  let asked = false
  watch(
    () => toValue(busy),
    (underWay) => {
      if (underWay || !asked) return
      asked = false
      // Whoever waits for the same answer speaks first.
      if (!toValue(problem)) setTimeout(close)
    },
  )
  return () => {
    if (toValue(busy)) asked = true
    else close()
  }
}
