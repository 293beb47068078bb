// The table that a drill is drawn on: its home table's drawing and numbers, again when the drill moves to another.
import { ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { sentence } from '@/api/problem'
import type { TableDrawing, TableGeometry } from '@/api/types'
import type { DrillDocument } from '@/shared/drillFile/drillDocument'

export function useBenchTable(drill: Readonly<Ref<DrillDocument | undefined>>, problem: Ref<string>) {
  const tableId = ref<string>()
  const drawing = shallowRef<TableDrawing>()
  const geometry = shallowRef<TableGeometry>()

  async function layOnHomeTable(): Promise<void> {
    const preset = drill.value?.tables[0]
    const tables = await answer(api.GET('/api/v1/tables'))
    const home = tables.find((table) => table.presetId === preset) ?? tables[0]
    if (!home || home.id === tableId.value) return
    const path = { id: home.id }
    const [detail, numbers] = await Promise.all([
      answer(api.GET('/api/v1/tables/{id}', { params: { path } })),
      answer(api.GET('/api/v1/tables/{id}/geometry', { params: { path } })),
    ])
    drawing.value = detail.drawing
    geometry.value = numbers
    tableId.value = home.id
  }
  watch(
    () => drill.value?.tables[0],
    (now, before) => {
      if (before && now !== before) void layOnHomeTable().catch((error) => (problem.value = sentence(error)))
    },
  )

  return { tableId, drawing, geometry, layOnHomeTable }
}
