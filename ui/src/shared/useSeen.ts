// Whether an element has been on the screen: what is not needed yet is not drawn.
import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

const AHEAD = '300px'

export function useSeen(element: Readonly<Ref<HTMLElement | null>>): Ref<boolean> {
  const seen = ref(false)
  let observer: IntersectionObserver | undefined

  onMounted(() => {
    const node = element.value
    if (!node) return
    observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some((entry) => entry.isIntersecting)) return
        seen.value = true
        observer?.disconnect()
      },
      { rootMargin: AHEAD },
    )
    observer.observe(node)
  })
  onBeforeUnmount(() => observer?.disconnect())
  return seen
}
