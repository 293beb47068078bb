import { computed, onMounted } from 'vue'
import { answer, api } from '@/api/client'
import { useHand } from '@/shared/useHand'
import { useLoad } from '@/shared/useLoad'

/** The club's tables and the one in hand: the last chosen, else the first. */
export function useTables() {
  const hand = useHand()
  const { data, problem, reload } = useLoad(() => answer(api.GET('/api/v1/tables')))
  onMounted(reload)
  const tables = computed(() => data.value ?? [])
  const tableId = computed({
    get: () => tables.value.find(({ id }) => id === hand.hand.tableId)?.id ?? tables.value[0]?.id,
    set: (id: string | undefined) => hand.take({ tableId: id }),
  })
  return { tables, tableId, problem }
}
