// Attempts on this screen and their order (answers.md, "Order").
import type { Attempt, AttemptBody, Outcome } from '@/api/types'

export type PlacedBy = NonNullable<AttemptBody['landing']>['placedBy']

/** An attempt on this screen: the body as last written here, and the server's word on it once it has come. */
export interface LocalAttempt {
  id: string
  body: AttemptBody
  judged?: Attempt
}

const AS_ASKED: Outcome[] = [
  'POTTED_CLEAN',
  'OFF_THICK_JAW',
  'OFF_THIN_JAW',
  'OFF_LEFT_JAW',
  'OFF_RIGHT_JAW',
  'CONTACT_AS_ASKED',
]

/** Whether a pattern goes on after this shot: as the judge says, or as it looks until the judge has been heard. */
export function wentOn({ body, judged }: LocalAttempt): boolean {
  if (judged) return judged.result !== 'FAILURE'
  return AS_ASKED.includes(body.outcome) && !body.foul && !body.inOff
}

export function inOrder(attempts: LocalAttempt[]): LocalAttempt[] {
  return attempts.sort(
    (a, b) =>
      a.body.sequence - b.body.sequence || compare(a.body.deviceId, b.body.deviceId) || compare(a.id, b.id),
  )
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}
