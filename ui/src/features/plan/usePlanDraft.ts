// A plan while somebody works on it, and its way to the server.
import { computed, ref, type Ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Problem, sentence } from '@/api/problem'
import type { Plan, PlanBody, PlanProposal } from '@/api/types'
import { ZONE } from '@/shared/days'
import { BANDS, type Band, bodyOf } from './planBody'
import { usePlanHistory } from './usePlanHistory'
import { usePlannedAnew } from './usePlannedAnew'

export function usePlanDraft() {
  const history = usePlanHistory()
  const { draft } = history
  const calls = usePlanCalls()
  const stored = shallowRef<Plan>()
  const proposal = shallowRef<PlanProposal>()
  const names = ref<Record<string, string>>({})
  const anew = usePlannedAnew(history, calls.ask, proposal)

  /** @param sent the draft that is kept so: what was changed while it was on its way is still to be saved */
  function take(plan: Plan, sent = draft.value): void {
    const now = draft.value
    stored.value = plan
    calls.theirs.value = undefined
    names.value = Object.fromEntries(plan.students.map(({ studentId, name }) => [studentId, name]))
    history.settle(bodyOf(plan))
    if (now && now !== sent) draft.value = { ...now, revision: plan.revision }
  }

  async function open(id: string): Promise<void> {
    anew.forget()
    const plan = await calls.read(id)
    if (!plan) return
    history.begin(bodyOf(plan))
    take(plan)
  }

  function begin(body: PlanBody, known: Record<string, string>): void {
    anew.forget()
    stored.value = undefined
    names.value = known
    history.begin(body)
  }

  /** Says the plan's id, also where it is new; {@link over} is another's state that is written over knowingly. */
  async function save(over?: Plan): Promise<string | undefined> {
    await anew.done()
    const sent = draft.value
    if (!sent) return undefined
    const body = over ? { ...sent, revision: over.revision } : sent
    const plan = await calls.write(body, stored.value?.id)
    if (plan) take(plan, sent)
    return plan?.id
  }

  return {
    ...history,
    ...calls,
    ...useTold(draft, proposal, names),
    stored,
    proposal,
    names,
    open,
    begin,
    take,
    look: anew.look,
    again: anew.again,
    save,
  }
}

/** For whom it is, and what could stand in it, by drill. */
function useTold(
  draft: Ref<PlanBody | undefined>,
  proposal: Ref<PlanProposal | undefined>,
  names: Ref<Record<string, string>>,
) {
  const students = computed(() =>
    (draft.value?.studentIds ?? []).map((id) => ({ id, name: names.value[id] ?? '' })),
  )
  const possible = computed(
    () => new Map((proposal.value?.possible ?? []).map((one) => [one.item.drillId, one])),
  )
  return { students, possible }
}

export type PlanDraft = ReturnType<typeof usePlanDraft>

/** The server's side: what is under way, what went wrong, and another's state where both have changed a plan. */
function usePlanCalls() {
  const busy = ref(false)
  const problem = ref('')
  const theirs = shallowRef<Plan>()

  let underWay = 0

  async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
    underWay += 1
    busy.value = true
    problem.value = ''
    try {
      return await work()
    } catch (error) {
      problem.value = sentence(error)
      theirs.value = error instanceof Problem && error.status === 409 ? (error.current as Plan) : undefined
      return undefined
    } finally {
      underWay -= 1
      busy.value = underWay > 0
    }
  }

  const query = { zone: ZONE }
  const read = (id: string) =>
    attempt(() => answer(api.GET('/api/v1/plans/{id}', { params: { path: { id }, query } })))
  const write = (body: PlanBody, id?: string) =>
    attempt(() =>
      id
        ? answer(api.PUT('/api/v1/plans/{id}', { params: { path: { id }, query }, body }))
        : answer(api.POST('/api/v1/plans', { params: { query }, body })),
    )
  const ask = ({ studentIds, minutes, withTest, items, tableId }: PlanBody, band?: Band) =>
    attempt(() =>
      answer(
        api.POST('/api/v1/plan-proposals', {
          body: {
            studentIds,
            minutes,
            withTest,
            items,
            ...(tableId ? { tableId } : {}),
            ...(band ? { bandLow: BANDS[band][0], bandHigh: BANDS[band][1] } : {}),
          },
        }),
      ),
    )

  return { busy, problem, theirs, attempt, read, write, ask }
}
