// The draft on the bench: its history, what of it is looked at, and what is selected.
import { computed, ref, shallowRef, watch } from 'vue'
import type { TableGeometry } from '@/api/types'
import type { DraftShot, DrillDocument } from '@/shared/drillFile/drillDocument'
import * as edit from './edits'
import { useBenchTable } from './useBenchTable'
import { useHistory } from './useHistory'

export type Draft = ReturnType<typeof useDraft>

export function useDraft() {
  const history = useHistory<DrillDocument>()
  const drill = history.value
  const problem = ref('')
  const table = useBenchTable(drill, problem)
  const at = ref<edit.Spot>({ station: 0, shot: 0 })
  const selection = shallowRef<Set<string>>(new Set())
  const demandIndex = ref<number>()
  const held = ref(false)
  const station = computed(() => drill.value?.stations[at.value.station])
  const shot = computed(() => drill.value && edit.shotAt(drill.value, at.value))
  // Undo may take away the station that is looked at.
  watch(drill, (now) => {
    if (!now) return
    const last = now.stations.length - 1
    if (at.value.station > last) at.value = { station: last, shot: 0 }
    else if (!edit.shotAt(now, at.value)) at.value = { ...at.value, shot: 0 }
  })

  function changeShot(to: (shot: DraftShot, table: TableGeometry) => DraftShot, gesture?: string): void {
    const numbers = table.geometry.value
    if (!drill.value || !numbers) return
    const changed = edit.withShot(drill.value, at.value, (one) => to(one, numbers))
    history.change(changed, gesture)
  }

  function select(labels: Iterable<string>): void {
    selection.value = new Set(labels)
    if (selection.value.size > 0) demandIndex.value = undefined
  }

  const looked = { at, station, shot, selection, demandIndex, held }
  return { history, drill, problem, ...table, ...looked, change: history.change, changeShot, select }
}
