// What is taken back, turned or noted after the ball has come to rest.
import type { Ref } from 'vue'
import { flippedFacts } from './useArmed'
import type { Parts } from './useRecorder'

export function useCorrections({ store, turn, atHand, armed }: Parts, pending: Ref<unknown>) {
  const { editing, editingId, lastId, inHand, undone } = atHand

  function undo(): void {
    if (pending.value) {
      pending.value = undefined
      return
    }
    if (!editing.value && armed.isArmed.value) {
      armed.disarm()
      return
    }
    const attempt = inHand.value
    if (!attempt) return
    editingId.value = undefined
    lastId.value = undefined
    store.undo(attempt)
    undone.value = true
    const { studentId, drillId, station, mirrored } = attempt.body
    // Back to where it was played: its student tries again.
    if (studentId && drillId) {
      turn.remember(studentId, drillId, { station, mirrored })
      turn.play(studentId, drillId)
    }
    armed.disarm()
  }

  function flipDemand(index: number): void {
    const corrected = editing.value
    if (corrected) store.edit(corrected, { facts: flippedFacts(corrected.body.facts ?? [], index) })
    else armed.flip(index)
  }

  /** A note on the attempt in hand; the same again takes it away. */
  function observe(words: string): void {
    const attempt = inHand.value
    if (!attempt) return
    const noted = attempt.body.observations ?? []
    const observations = noted.includes(words) ? noted.filter((one) => one !== words) : [...noted, words]
    store.edit(attempt, { observations })
  }

  return { undo, flipDemand, observe }
}
