// A long list put on the page bit by bit, so that its beginning can be used at once.
import { computed, onScopeDispose, ref, watch, type ComputedRef, type Ref } from 'vue'

const FIRST = 24
const STEP = 40
const LONGEST_WAIT_MS = 400
const FIRST_ON_A_PHONE = 10

/** All of it, in pieces, whenever the browser has nothing else to do. */
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

/** On a phone: ten, and ten more whenever its end comes near the window. */
export function useGrowingAsSeen<T>(all: ComputedRef<T[]>, end: Ref<Element | null>): ComputedRef<T[]> {
  const room = ref(FIRST_ON_A_PHONE)
  const observer = new IntersectionObserver(
    (entries) => {
      if (!entries.some((entry) => entry.isIntersecting) || room.value >= all.value.length) return
      room.value += FIRST_ON_A_PHONE
      // Watched anew: an end that stays in the window would not be told again.
      follow(end.value)
    },
    { rootMargin: '300px' },
  )

  function follow(element: Element | null): void {
    observer.disconnect()
    if (element) observer.observe(element)
  }

  watch(end, follow, { flush: 'post' })
  watch(
    all,
    () => {
      room.value = FIRST_ON_A_PHONE
      follow(end.value)
    },
    { flush: 'post' },
  )
  onScopeDispose(() => observer.disconnect())
  return computed(() => all.value.slice(0, room.value))
}
