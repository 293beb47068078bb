// A plan while somebody works on it, and its way to the server.
import { computed, ref, type Ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Problem, sentence } from '@/api/problem'
import type { Plan, PlanBody, PlanProposal } from '@/api/types'
import { ZONE } from '@/shared/days'
import { BANDS, type Band, bodyOf, placed } from './planBody'
import { usePlanHistory } from './usePlanHistory'

export function usePlanDraft() {
  const history = usePlanHistory()
  const { draft } = history
  const calls = usePlanCalls()
  const stored = shallowRef<Plan>()
  const proposal = shallowRef<PlanProposal>()
  const names = ref<Record<string, string>>({})

  function take(plan: Plan): void {
    stored.value = plan
    calls.theirs.value = undefined
    names.value = Object.fromEntries(plan.students.map(({ studentId, name }) => [studentId, name]))
    history.settle(bodyOf(plan))
  }

  async function open(id: string): Promise<void> {
    const plan = await calls.read(id)
    if (plan) take(plan)
  }

  function begin(body: PlanBody, known: Record<string, string>): void {
    names.value = known
    draft.value = body
  }

  /** What else could stand in it. */
  async function look(): Promise<void> {
    if (draft.value?.pattern || (draft.value && isAsked(draft.value)))
      proposal.value = await calls.ask(draft.value)
  }

  /** A change of what is wanted, and the lines that are not kept planned anew for it: one step to undo. */
  async function again(part: Partial<PlanBody>, band?: Band): Promise<void> {
    if (!draft.value) return
    const wanted = { ...draft.value, ...part }
    const found = isAsked(wanted) ? await calls.ask(wanted, band) : undefined
    if (!found) return history.change(part)
    proposal.value = found
    const { bandLow, bandHigh, tableId } = found
    history.change({ ...part, items: placed(found.items, found.possible), bandLow, bandHigh, tableId })
  }

  /** Says the plan's id, also where it is new; {@link over} is another's state that is written over knowingly. */
  async function save(over?: Plan): Promise<string | undefined> {
    if (!draft.value) return undefined
    const body = over ? { ...draft.value, revision: over.revision } : draft.value
    const plan = await calls.write(body, stored.value?.id)
    if (plan) take(plan)
    return plan?.id
  }

  const told = useTold(draft, proposal, names)

  return { ...history, ...calls, ...told, stored, proposal, names, open, begin, take, look, again, save }
}

/** A pattern is for nobody, and without anybody nothing can be proposed. */
function isAsked({ pattern, studentIds }: PlanBody): boolean {
  return !pattern && studentIds.length > 0
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

  async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
    busy.value = true
    problem.value = ''
    try {
      return await work()
    } catch (error) {
      problem.value = sentence(error)
      theirs.value = error instanceof Problem && error.status === 409 ? (error.current as Plan) : undefined
      return undefined
    } finally {
      busy.value = false
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
