import { watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { useLoad } from '@/shared/useLoad'

/** A drill put on a table, with the table's drawing; loaded again when either changes. */
export function useDrillOnTable(drillId: Ref<string>, tableId: Ref<string | undefined>) {
  const loading = useLoad(async () => {
    const table = tableId.value
    if (!table) return undefined
    const [drill, drawn] = await Promise.all([
      answer(
        api.GET('/api/v1/drills/{id}', {
          params: { path: { id: drillId.value }, query: { tableId: table } },
        }),
      ),
      answer(api.GET('/api/v1/tables/{id}', { params: { path: { id: table } } })),
    ])
    return { drill, table: drawn }
  })
  watch([drillId, tableId], () => void loading.reload(), { immediate: true })
  return loading
}
