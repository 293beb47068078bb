// What pointer and keys do on the recording screen: place, nudge, arm, mend.
import { ref, type Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Outcome, Point, TableDrawing } from '@/api/types'
import { onBed } from '@/table/onBed'
import type { PlacedBy } from './attemptOrder'
import { outcomeKeys } from './keys'
import type { Recording } from './useRecording'

export function useHandling(
  recording: Recording,
  table: Ref<TableDrawing | undefined>,
  portrait: Ref<boolean>,
) {
  const { t } = useI18n()
  const { store, armed, shot, inHand, editing, editingId, pending } = recording
  /** Where a ball would be placed. */
  const cross = ref<Point>()
  const keyboardPlacing = ref(false)
  const hint = ref('')
  /** Of the whole drawing: how surely a tap on it places a ball. */
  const millimetresPerPixel = ref(3)

  function commit(place: Point | undefined, placedBy: PlacedBy): void {
    if (!editing.value && store.detail.value?.session.paused) {
      hint.value = t('recording.pausedTap')
      return
    }
    hint.value = ''
    cross.value = undefined
    keyboardPlacing.value = false
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

  function chooseOutcome(wanted: Outcome): void {
    if (editing.value) store.edit(editing.value, { outcome: wanted })
    else {
      recording.choose(wanted)
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

  function nudge(right: number, up: number): void {
    // Right and up on the screen, as the table is turned.
    const [dx, dy] = portrait.value ? [up, -right] : [right, up]
    const from = keyboardPlacing.value ? cross.value : inHand.value?.body.landing
    if (!from || !table.value) return
    const moved = onBed(table.value, {
      xMillimetres: from.xMillimetres + dx,
      yMillimetres: from.yMillimetres + dy,
    })
    if (moved.kind !== 'bed') return
    if (keyboardPlacing.value) cross.value = moved.place
    else if (inHand.value) store.moveTo(inHand.value, moved.place)
  }

  function enter(): void {
    if (keyboardPlacing.value) commit(cross.value, 'NUDGED')
    else {
      keyboardPlacing.value = true
      cross.value = shot.value?.target
    }
  }

  function cancel(): void {
    keyboardPlacing.value = false
    cross.value = undefined
    editingId.value = undefined
    pending.value = undefined
  }

  function outcomeByLetter(letter: string): boolean {
    const key = shot.value && outcomeKeys(shot.value).find((k) => k.letter === letter)
    if (key) chooseOutcome(key.outcome)
    return key !== undefined
  }

  return {
    cross,
    hint,
    placed,
    refuse,
    chooseOutcome,
    toggleFoul,
    toggleInOff,
    notSeen,
    nudge,
    enter,
    cancel,
    outcomeByLetter,
  }
}
