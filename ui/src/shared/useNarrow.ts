import { onBeforeUnmount, ref, type Ref } from 'vue'

/** Whether the window is at most this wide. */
export function useNarrow(pixels: number): Ref<boolean> {
  const query = window.matchMedia(`(max-width: ${pixels}px)`)
  const narrow = ref(query.matches)
  const follow = (event: MediaQueryListEvent) => (narrow.value = event.matches)
  query.addEventListener('change', follow)
  onBeforeUnmount(() => query.removeEventListener('change', follow))
  return narrow
}
