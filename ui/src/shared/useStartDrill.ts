// A session with one student and one drill, begun where they stand, at the table used last if the drill suits it.
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useSignedIn } from '@/device/useSignedIn'
import { useAction } from './useAction'
import { useHand } from './useHand'

export function useStartDrill() {
  const router = useRouter()
  const hand = useHand()
  const signedIn = useSignedIn()
  const { busy: starting, problem, run } = useAction()

  /** @param station from 0; without it, where the student stands */
  async function start(
    student: { id: string; name: string },
    drillId: string,
    station?: number,
  ): Promise<void> {
    await run(async () => {
      const query = { preferred: hand.hand.tableId }
      const detail = await answer(
        api.GET('/api/v1/drills/{id}', { params: { path: { id: drillId }, query } }),
      )
      const session = await answer(
        api.POST('/api/v1/sessions', {
          body: {
            studentIds: [student.id],
            drillIds: [drillId],
            tableId: detail.table.id,
            coached: signedIn.me?.person.role === 'COACH',
          },
        }),
      )
      hand.take({ studentId: student.id, studentName: student.name, sessionId: session.id })
      await router.push({
        path: `/table/${session.id}`,
        query: station === undefined ? {} : { station: String(station + 1) },
      })
    })
  }

  return { starting, problem, start }
}
