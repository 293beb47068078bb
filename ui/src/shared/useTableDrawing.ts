// A table's drawing, kept on the device: a check goes on away from the network.
import { onMounted, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import type { TableDrawing } from '@/api/types'
import { remember, rememberedJson } from '@/device/localMemory'

export function useTableDrawing(tableId: Ref<string | undefined>) {
  const drawing = shallowRef<TableDrawing>()
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

  async function draw(id: string | undefined): Promise<void> {
    if (!id) return
    const found = await drawingOf(id)
    // Another table may have been chosen meanwhile.
    if (id === tableId.value) drawing.value = found
  }
  onMounted(() => draw(tableId.value))
  watch(tableId, draw)

  return drawing
}
