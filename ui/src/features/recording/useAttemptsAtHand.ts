// Which of a session's attempts the screen speaks of: those of the place that is played, the last one, the one that is being corrected.
import { computed, ref } from 'vue'
import type { useAttempts } from './useAttempts'
import type { Turn } from './useTurn'

export type Attempts = ReturnType<typeof useAttempts>
export type AttemptsAtHand = ReturnType<typeof useAttemptsAtHand>

export function useAttemptsAtHand({ attempts }: Attempts, turn: Turn) {
  const editingId = ref<string>()
  const lastId = ref<string>()
  const undone = ref(false)
  const here = computed(() =>
    attempts.value.filter(
      ({ body }) =>
        body.studentId === turn.studentId.value &&
        body.drillId === turn.drillId.value &&
        body.station === turn.station.value &&
        body.mirrored === turn.mirrored.value,
    ),
  )
  const latest = computed(() => here.value[here.value.length - 1])
  const editing = computed(() => attempts.value.find(({ id }) => id === editingId.value))
  const last = computed(() => attempts.value.find(({ id }) => id === lastId.value))
  /** The attempt that nudges and the read-out speak of. */
  const inHand = computed(() => editing.value ?? last.value ?? latest.value)

  return { editingId, lastId, undone, here, latest, editing, inHand }
}
