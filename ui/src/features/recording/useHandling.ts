// What pointer and keys do on the recording screen: place, move, arm, correct.
import { ref, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Outcome, Point, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'
import type { PlacedBy } from './attemptOrder'
import { outcomeKeys } from './keys'
import { useKeyPlacing } from './useKeyPlacing'
import type { Recording } from './useRecording'

export function useHandling(
  recording: Recording,
  table: Ref<TableDrawing | undefined>,
  portrait: Ref<boolean>,
) {
  const { store, shot, inHand, editingId, pending } = recording
  /** Where a ball would be placed. */
  const cross = ref<Point>()
  const byKeys = useKeyPlacing(table, portrait, cross)
  const committing = useCommitting(recording, byKeys.end)
  const { commit, hint, placed, refuse } = committing
  const arming = useArming(recording, commit)

  function nudge(right: number, up: number): void {
    // Right and up on the screen, as the table is turned.
    const [dx, dy] = portrait.value ? [up, -right] : [right, up]
    const from = byKeys.isOn.value ? cross.value : inHand.value?.body.landing
    if (!from || !table.value) return
    const moved = onBed(table.value, {
      xMillimetres: from.xMillimetres + dx,
      yMillimetres: from.yMillimetres + dy,
    })
    if (moved.kind !== 'bed') return
    if (byKeys.isOn.value) cross.value = moved.place
    else if (inHand.value) store.moveTo(inHand.value, moved.place)
  }

  function enter(): void {
    if (byKeys.isOn.value) commit(cross.value, 'NUDGED')
    else byKeys.begin(shot.value?.target)
  }

  function cancel(): void {
    byKeys.end()
    editingId.value = undefined
    pending.value = undefined
  }

  function undo(): void {
    if (!byKeys.back()) recording.undo()
  }

  return {
    cross,
    ninths: byKeys.ninths,
    digit: byKeys.digit,
    hint,
    placed,
    refuse,
    nudge,
    enter,
    cancel,
    undo,
    ...arming,
  }
}

/** A place that was pointed at becomes an attempt, or the corrected attempt's landing. */
function useCommitting(recording: Recording, endPlacing: () => void) {
  const { t } = useI18n()
  const { store, editing } = recording
  const hint = ref('')
  /** Of the whole drawing: how surely a tap on it places a ball. */
  const millimetresPerPixel = ref(3)

  function commit(place: Point | undefined, placedBy: PlacedBy): void {
    if (!editing.value && store.detail.value?.session.paused) {
      hint.value = t('recording.pausedTap')
      return
    }
    hint.value = ''
    endPlacing()
    if (editing.value && place)
      store.placeAt(editing.value, recording.landing(place, placedBy, millimetresPerPixel.value))
    else recording.record(place, placedBy, millimetresPerPixel.value)
  }

  function placed(place: Point, perPixel: number, placedBy: PlacedBy): void {
    if (placedBy === 'TAP') millimetresPerPixel.value = perPixel
    commit(place, placedBy)
  }

  function refuse(why: 'pocket' | 'off'): void {
    hint.value =
      why === 'pocket' ? t('recording.hintPocket', { inOff: t('outcome.inOff') }) : t('recording.hintOff')
  }

  return { hint, commit, placed, refuse }
}

/** What is said of the next attempt, or of the one that is being corrected. */
function useArming(
  { store, armed, shot, editing, choose }: Recording,
  commit: (place: undefined, placedBy: PlacedBy) => void,
) {
  function chooseOutcome(wanted: Outcome): void {
    if (editing.value) store.edit(editing.value, { outcome: wanted })
    else {
      choose(wanted)
      // After an in-off there is nothing left to place.
      if (armed.inOff.value) commit(undefined, 'TAP')
    }
  }

  function toggleFoul(): void {
    if (editing.value) store.edit(editing.value, { foul: !editing.value.body.foul })
    else armed.foul.value = !armed.foul.value
  }

  function toggleInOff(): void {
    if (editing.value) store.edit(editing.value, { inOff: !editing.value.body.inOff })
    else armed.inOff.value = !armed.inOff.value
  }

  function notSeen(): void {
    if (editing.value) store.edit(editing.value, { landing: undefined })
    else commit(undefined, 'TAP')
  }

  function outcomeByLetter(letter: string): boolean {
    const key = shot.value && outcomeKeys(shot.value).find((k) => k.letter === letter)
    if (key) chooseOutcome(key.outcome)
    return key !== undefined
  }

  return { chooseOutcome, toggleFoul, toggleInOff, notSeen, outcomeByLetter }
}
