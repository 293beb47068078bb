// A table's drawing, kept on the device: a check goes on away from the network.
import { onMounted, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import type { TableDrawing } from '@/api/types'
import { remember, rememberedJson } from '@/device/localMemory'
import { useLoad } from './useLoad'

export function useTableDrawing(tableId: Ref<string | undefined>) {
  const keyOf = (id: string) => `amber-drawing ${id}`

  async function drawingOf(id: string): Promise<TableDrawing | undefined> {
    try {
      const found = (await answer(api.GET('/api/v1/tables/{id}', { params: { path: { id } } }))).drawing
      remember(keyOf(id), JSON.stringify(found))
      return found
    } catch {
      // Away: as this device drew it last. The page says itself that the network is away.
      return rememberedJson<TableDrawing>(keyOf(id))
    }
  }

  const { data, reload } = useLoad(async () => (tableId.value ? await drawingOf(tableId.value) : undefined))
  onMounted(reload)
  watch(tableId, reload)

  return data
}
