// The recording screen's parts put together. Decides nothing about success.
import { computed } from 'vue'
import type { AttemptWritten, SessionDetail } from '@/api/types'
import { useArmed } from './useArmed'
import { useAttempts } from './useAttempts'
import { useAttemptsAtHand } from './useAttemptsAtHand'
import { useCorrections } from './useCorrections'
import { useNextShot } from './useNextShot'
import { landing, useRecorder, type Parts } from './useRecorder'
import { useTurn } from './useTurn'

/** @param wanted station (from 0) to begin at, where somebody chose one */
export function useRecording(sessionId: string, wanted?: number) {
  const store = useAttempts(sessionId, (written) => judged(written))
  const turn = useTurn(store.detail, store.standings)
  const atHand = useAttemptsAtHand(store, turn)
  const next = useNextShot(sessionId, turn, atHand)
  const place = [turn.studentId, turn.drillId, turn.station, turn.mirrored]
  const armed = useArmed(
    next.shot,
    computed(() => place.map(({ value }) => `${value}`).join(' ')),
  )
  const parts: Parts = { store, turn, atHand, next, armed }
  const recorder = useRecorder(parts)
  const corrections = useCorrections(parts, recorder.pending)

  function judged(written: AttemptWritten): void {
    const { attempt } = written
    // Only where the set-up changed: what is armed already is meant for the next shot.
    if (attempt.id === atHand.lastId.value && turn.follow(written)) armed.disarm()
    recorder.judged(written)
    if (attempt.id === atHand.latest.value?.id) void next.askHowItGoesOn(attempt.id)
  }

  async function load(): Promise<SessionDetail> {
    const first = store.detail.value === undefined
    const fresh = await store.load()
    if (first) continueWhereLeft(parts, fresh, wanted)
    return fresh
  }

  function leave(): void {
    atHand.editingId.value = undefined
    recorder.pending.value = undefined
    atHand.undone.value = false
    armed.disarm()
  }

  function goTo(station: number, mirrored: boolean): void {
    turn.goTo(station, mirrored)
    leave()
  }

  function play(student: string, drill: string): void {
    turn.play(student, drill)
    leave()
  }

  const { choose } = armed
  return {
    ...parts,
    ...atHand,
    ...next,
    ...recorder,
    ...corrections,
    choose,
    landing,
    load,
    leave,
    goTo,
    play,
  }
}

export type Recording = ReturnType<typeof useRecording>

function continueWhereLeft({ store, turn, armed }: Parts, fresh: SessionDetail, wanted?: number): void {
  for (const { body } of store.attempts.value) {
    if (body.studentId && body.drillId)
      turn.remember(body.studentId, body.drillId, { station: body.station, mirrored: body.mirrored })
  }
  const end = store.attempts.value[store.attempts.value.length - 1]
  const student = end?.body.studentId ?? fresh.session.students[0]?.id ?? ''
  turn.play(student, end?.body.drillId ?? fresh.session.drills[0]?.id ?? '')
  if (!end && wanted !== undefined) turn.goTo(wanted, false)
  armed.disarm()
}
