import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'
import { useHand } from '@/shared/useHand'

const LOOK_AGAIN_MILLISECONDS = 1500

/** A drill on a table: the one last used if the drill is proven there, another that suits it, or the one chosen here. */
export function useDrillOnTable(drillId: Ref<string>) {
  const hand = useHand()
  const chosen = ref<string>()
  const loading = useLoad(() =>
    answer(
      api.GET('/api/v1/drills/{id}', {
        params: {
          path: { id: drillId.value },
          query: { tableId: chosen.value, preferred: hand.hand.tableId },
        },
      }),
    ),
  )
  // What is not worked out yet is looked for again until it is.
  let again: ReturnType<typeof setTimeout> | undefined
  watch(loading.data, (detail) => {
    clearTimeout(again)
    if (detail && detail.workedOut.known < detail.workedOut.all) {
      again = setTimeout(() => void loading.reload(), LOOK_AGAIN_MILLISECONDS)
    }
  })
  onScopeDispose(() => clearTimeout(again))
  watch(drillId, () => (chosen.value = undefined))
  watch([drillId, chosen], () => void loading.reload(), { immediate: true })

  function choose(tableId: string): void {
    chosen.value = tableId
    hand.take({ tableId })
  }
  return { ...loading, choose }
}
