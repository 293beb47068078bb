// A list that may not be empty in the drill, but may be on the screen for a moment: the last thing can be taken out to begin with another.
import { computed, ref, watch, type Ref } from 'vue'

export function useNeededList<T>(kept: Ref<T[]>, isNeeded: () => boolean) {
  const isWaiting = ref(false)
  const chosen = computed<T[]>(() => (isWaiting.value ? [] : kept.value))

  function choose(next: T[]): void {
    isWaiting.value = isNeeded() && next.length === 0
    if (!isWaiting.value) kept.value = next
  }

  // Undo, or another demand in the same place: what the drill says now is what is shown.
  watch(kept, () => (isWaiting.value = false))
  return { chosen, isWaiting, choose }
}
