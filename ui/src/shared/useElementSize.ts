import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/** The size of an element in CSS pixels, kept up to date. */
export function useElementSize(element: Ref<Element | undefined>): Ref<{ width: number; height: number }> {
  const size = ref({ width: 0, height: 0 })
  const observer = new ResizeObserver(([entry]) => {
    if (entry) size.value = { width: entry.contentRect.width, height: entry.contentRect.height }
  })
  onMounted(() => element.value && observer.observe(element.value))
  onBeforeUnmount(() => observer.disconnect())
  return size
}
