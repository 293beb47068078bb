// A rack as the server tells it, as it is kept on a device.
import type { RackView } from '@/api/types'
import type { KeptRack } from '@/device/keptRacks'

export function toKeep(view: RackView): KeptRack {
  const { row, game, rules, layout, plan, note, shots } = view
  return {
    id: row.id,
    game,
    body: {
      studentId: row.studentId,
      tableId: row.tableId,
      rules,
      layout,
      origin: row.origin,
      ...(view.breakDown === undefined ? {} : { breakDown: view.breakDown }),
      ...(view.breakInOff === undefined ? {} : { breakInOff: view.breakInOff }),
      plan,
      note,
      startedAt: row.startedAt,
    },
    shots: shots.map(({ id, shot }) => ({ id, body: shot })),
    unsent: { rack: false, shots: [] },
  }
}
