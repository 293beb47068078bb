// What is to be played now: the drill's shot, or a pattern's next from where the cue ball lies.
import { computed, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import type { AttemptBody, Shot } from '@/api/types'
import { wentOn, type LocalAttempt } from './attemptOrder'
import type { AttemptsAtHand } from './useAttemptsAtHand'
import type { Turn } from './useTurn'

export function useNextShot(sessionId: string, turn: Turn, { latest, editing }: AttemptsAtHand) {
  const { shots } = turn
  /** A pattern's next shot, from where the cue ball lies; the server lays it out. */
  const goesOnWith = shallowRef<{ after: string; shot: Shot }>()
  /** Which shot of a pattern comes next; a miss sets everything up again. */
  const shotIndex = computed(() => {
    const before = latest.value
    return before && wentOn(before) ? (before.body.shot + 1) % Math.max(1, shots.value.length) : 0
  })
  const shot = computed(() => {
    if (editing.value) return shotOf(editing.value)
    const before = latest.value
    const planned = shots.value[shotIndex.value]
    if (shotIndex.value === 0 || !before) return planned
    if (goesOnWith.value?.after === before.id) return goesOnWith.value.shot
    return goesOn(shots.value[shotIndex.value - 1], planned)
      ? fromWhereItLies(planned, before.body.landing)
      : planned
  })

  async function askHowItGoesOn(id: string): Promise<void> {
    if (shots.value.length < 2) return
    try {
      const path = { sessionId, id }
      const { shot: next } = await answer(
        api.GET('/api/v1/sessions/{sessionId}/attempts/{id}/next-shot', { params: { path } }),
      )
      goesOnWith.value = next && { after: id, shot: next }
    } catch {
      // Drawn from the plan with the cue ball where it lies; the server works out the rest when the attempt gets there.
      goesOnWith.value = undefined
    }
  }

  /** The set-up of an attempt that was made, whoever's turn it is now. */
  function shotOf({ body }: LocalAttempt): Shot | undefined {
    const view = turn.drills.value.find((one) => one.drill.id === body.drillId)?.stations[body.station]
    return (body.mirrored ? view?.mirror : view?.original)?.[body.shot]
  }

  return { shot, shotIndex, shotOf, askHowItGoesOn }
}

/** Where the ball that was to be potted lies there again, everything is set up anew (core's Station.goesOnAt). */
function goesOn(before: Shot | undefined, shot: Shot | undefined): boolean {
  const potted = before?.demands.find(({ kind }) => kind.startsWith('POT'))?.balls?.[0]
  return potted === undefined || !shot?.balls.some(({ label }) => label === potted)
}

/** For drawing only, until the server has laid it out: the planned shot with the cue ball where the last one left it. */
function fromWhereItLies(shot: Shot | undefined, lies: AttemptBody['landing']): Shot | undefined {
  if (!shot || !lies) return shot
  const place = { xMillimetres: lies.xMillimetres, yMillimetres: lies.yMillimetres }
  const balls = shot.balls.map((ball) =>
    ball.role === 'CUE' ? { ...ball, at: { ...ball.at, place } } : ball,
  )
  return { ...shot, balls, pot: undefined }
}
