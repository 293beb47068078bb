// One rack at the table: its shots written one after the other, the last one taken back.
import { computed } from 'vue'
import type { RackShotBody } from '@/api/types'
import { newId } from '@/device/ids'
import { isUnsent, waitsOnlyHere } from '@/device/keptRacks'
import { rackState, toldState } from './rackState'
import { useRackOnDevice } from './useRackOnDevice'

export function useRack(id: string) {
  const { kept, view, away, problem, load, write } = useRackOnDevice(id)
  const counted = computed(() => kept.value?.shots.filter(({ body }) => !body.withdrawn) ?? [])
  /** What the server has said of all that was written; what it has not got yet is worked out here. */
  const state = computed(() => {
    const now = kept.value
    if (!now) return undefined
    return view.value && !isUnsent(now) ? toldState(view.value) : rackState(now.game, now.body, now.shots)
  })
  const waiting = computed(() =>
    kept.value && isUnsent(kept.value) ? kept.value.unsent.shots.length + 1 : 0,
  )

  const onlyHere = computed(() => kept.value !== undefined && waitsOnlyHere(kept.value))

  function record(shot: Omit<RackShotBody, 'number' | 'withdrawn'>): void {
    const body: RackShotBody = { ...shot, number: counted.value.length + 1, withdrawn: false }
    const shotId = newId()
    write((now) => ({
      ...now,
      shots: [...now.shots, { id: shotId, body }],
      unsent: { ...now.unsent, shots: [...now.unsent.shots, shotId] },
    }))
  }

  /** The last shot is taken back; it stays in the record, marked. */
  function undo(): void {
    const last = counted.value[counted.value.length - 1]
    if (!last) return
    write((now) => ({
      ...now,
      shots: now.shots.map((one) =>
        one.id === last.id ? { ...one, body: { ...one.body, withdrawn: true } } : one,
      ),
      unsent: { ...now.unsent, shots: [...now.unsent.shots.filter((one) => one !== last.id), last.id] },
    }))
  }

  return { kept, view, state, counted, away, onlyHere, waiting, problem, load, record, undo }
}
