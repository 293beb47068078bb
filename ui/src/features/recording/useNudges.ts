// Steps that move a landing: many in a row become one revision of the attempt.
import type { Point } from '@/api/types'
import type { LocalAttempt } from './attemptOrder'

export const NUDGED_SD_MILLIMETRES = 10
const NUDGE_SETTLES_MILLISECONDS = 450

export interface Nudged {
  find: (id: string) => LocalAttempt | undefined
  show: (attempt: LocalAttempt) => void
  /** The attempt as it is shown, as a revision of its own. */
  settle: (attempt: LocalAttempt) => void
}

export function useNudges({ find, show, settle }: Nudged) {
  const unsettled = new Map<string, ReturnType<typeof setTimeout>>()

  function moveTo(attempt: LocalAttempt, place: Point): void {
    const landing = { ...place, placedBy: 'NUDGED' as const, placingSdMillimetres: NUDGED_SD_MILLIMETRES }
    show({ id: attempt.id, body: { ...attempt.body, landing } })
    clearTimeout(unsettled.get(attempt.id))
    unsettled.set(
      attempt.id,
      setTimeout(() => finish(attempt.id), NUDGE_SETTLES_MILLISECONDS),
    )
  }

  function finish(id: string): void {
    const timer = unsettled.get(id)
    if (timer === undefined) return
    clearTimeout(timer)
    unsettled.delete(id)
    const moved = find(id)
    if (moved) settle(moved)
  }

  function finishAll(): void {
    ;[...unsettled.keys()].forEach(finish)
  }

  return { moveTo, finish, finishAll, isMoving: (id: string) => unsettled.has(id) }
}
