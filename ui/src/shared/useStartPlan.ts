// From a plan to the table: a session with its students and drills, begun where its first line stands; racks alone begin with the first.
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Plan } from '@/api/types'
import { useSignedIn } from '@/device/useSignedIn'
import { ZONE } from './days'
import { useAction } from './useAction'
import { useHand } from './useHand'

export function useStartPlan() {
  const router = useRouter()
  const hand = useHand()
  const signedIn = useSignedIn()
  const { busy: starting, problem, run } = useAction()

  async function tableId(plan: Plan): Promise<string> {
    if (plan.tableId) return plan.tableId
    const first = plan.items.find(({ rackGame }) => !rackGame)?.item.drillId ?? ''
    const query = { preferred: hand.hand.tableId }
    return (await answer(api.GET('/api/v1/drills/{id}', { params: { path: { id: first }, query } }))).table.id
  }

  async function toRacks({ students, tableId: table }: Plan, game?: string): Promise<void> {
    const student = students[0]?.studentId
    await router.push({ path: '/racks/new', query: { game, table, student } })
  }

  async function start(plan: Plan): Promise<void> {
    await run(async () => {
      const begun = await answer(
        api.POST('/api/v1/plans/{id}/start', {
          params: { path: { id: plan.id }, query: { zone: ZONE } },
        }),
      )
      // What is done already is not begun again; if all is, the plan is played once more.
      const open = begun.items.filter(({ ticked, title }) => !ticked && title)
      const all = open.length ? open : begun.items.filter(({ title }) => title)
      const lines = all.filter(({ rackGame }) => !rackGame)
      if (lines.length === 0) return await toRacks(begun, all[0]?.rackGame)
      const session = await answer(
        api.POST('/api/v1/sessions', {
          body: {
            studentIds: begun.students.map(({ studentId }) => studentId),
            drillIds: [...new Set(lines.map(({ item }) => item.drillId))],
            tableId: await tableId(begun),
            order: begun.mixed ? 'MIXED' : 'BLOCKED',
            coached: signedIn.me?.person.role === 'COACH',
          },
        }),
      )
      const [first] = begun.students
      hand.take({ studentId: first?.studentId, studentName: first?.name, sessionId: session.id })
      const station = lines[0]?.item.places[0]?.station
      await router.push({
        path: `/table/${session.id}`,
        query: station === undefined ? {} : { station: String(station + 1) },
      })
    })
  }

  return { starting, problem, start }
}
