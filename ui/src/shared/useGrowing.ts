// A long list put on the page bit by bit, so that its beginning can be used at once.
import { computed, onScopeDispose, ref, watch, type ComputedRef } from 'vue'

const FIRST = 24
const STEP = 40
const LONGEST_WAIT_MS = 400

export function useGrowing<T>(all: ComputedRef<T[]>): ComputedRef<T[]> {
  const room = ref(FIRST)
  let waiting = 0

  function grow(): void {
    if (room.value >= all.value.length) return
    waiting = requestIdleCallback(
      () => {
        room.value += STEP
        grow()
      },
      { timeout: LONGEST_WAIT_MS },
    )
  }

  watch(
    all,
    () => {
      cancelIdleCallback(waiting)
      room.value = FIRST
      grow()
    },
    { immediate: true },
  )
  onScopeDispose(() => cancelIdleCallback(waiting))
  return computed(() => all.value.slice(0, room.value))
}
