import { computed, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { useAction } from './useAction'
import { useLoad } from './useLoad'

/**
 * A list that comes in pages: the first is loaded, the next ones when somebody asks for more. What comes for a list
 * that was loaded anew meanwhile is dropped.
 *
 * @param ask for the page after that cursor, the first without one; undefined where there is nothing to ask about
 */
export function usePages<Page extends { next?: string | undefined }, Row>(
  ask: (after?: string) => Promise<Page | undefined>,
  rowsOf: (page: Page) => Row[],
): {
  first: ShallowRef<Page | undefined>
  rows: ComputedRef<Row[]>
  next: ComputedRef<string | undefined>
  busy: Ref<boolean>
  problem: Ref<string>
  reload: () => Promise<void>
  more: () => Promise<void>
  loadingMore: Ref<boolean>
  noMore: Ref<string>
} {
  const later = shallowRef<Page[]>([])
  const {
    data: first,
    busy,
    problem,
    reload,
  } = useLoad(
    () => ask(),
    () => (later.value = []),
  )
  const { busy: loadingMore, problem: noMore, run } = useAction()
  const pages = computed(() => (first.value ? [first.value, ...later.value] : []))
  const rows = computed(() => pages.value.flatMap(rowsOf))
  const next = computed(() => pages.value.at(-1)?.next)

  async function more(): Promise<void> {
    const [list, after] = [first.value, next.value]
    if (!after) return
    await run(async () => {
      const page = await ask(after)
      if (page && first.value === list && next.value === after) later.value = [...later.value, page]
    })
  }

  return { first, rows, next, busy, problem, reload, more, loadingMore, noMore }
}
