// The plan of today that a session belongs to: what is left of each line, also while the server is away.
import { computed, onMounted, ref, type Ref, shallowRef } from 'vue'
import { answer, api } from '@/api/client'
import { Unreachable } from '@/api/problem'
import type { Plan } from '@/api/types'
import { forgetRemembered, remember, remembered, rememberedJson } from '@/device/localMemory'
import { PERSONAL } from '@/device/useSignedIn'
import { dayFromToday, ZONE } from '@/shared/days'
import type { LocalAttempt } from './attemptOrder'
import type { Recording } from './useRecording'

/** In mixed practice the next drill comes after so many tries, or after each: that mixes best, and the evening goes by moving balls. */
const SMALL_GROUP = 3
const GROUP = 'amber-mixed-group'
const MINUTE_MILLISECONDS = 60_000

/** A line at the table. */
export interface LineAtTable {
  drillId: string
  title: string
  /** The line is for racks of this game. */
  rackGame?: string
  station?: number
  left: number
  /** Since its first shot of today in this session. */
  minutesLeft?: number
}

interface Kept {
  plan: Plan
  /** Tries of the day that were played outside this session, by student and drill. */
  elsewhere: Record<string, number>
}

export function usePlanAtTable(sessionId: string, recording: Recording) {
  const kept = useKeptPlan(sessionId, recording)
  const { store, turn } = recording

  const group = ref(Number(remembered(GROUP)) === 1 ? 1 : SMALL_GROUP)

  function changeGroup(): void {
    group.value = group.value === 1 ? SMALL_GROUP : 1
    remember(GROUP, String(group.value))
  }

  const lines = computed<LineAtTable[]>(() => {
    const student = turn.studentId.value
    return (kept.value?.plan.items ?? []).map(({ item, title, rackGame }) => {
      const elsewhere = kept.value?.elsewhere[`${student} ${item.drillId}`] ?? 0
      return {
        drillId: item.drillId,
        title: title ?? item.drillId,
        rackGame,
        station: item.places.find(({ studentId }) => studentId === student)?.station,
        left: Math.max(0, item.tries - elsewhere - triesOf(store.attempts.value, student, item.drillId)),
        minutesLeft: minutesLeft(store.attempts.value, student, item.drillId, item.minutes),
      }
    })
  })

  /** What to go on with: the next open line after this one's tries, or in mixed practice after a few of them. */
  const next = computed(() => {
    const all = lines.value
    const at = all.findIndex(({ drillId }) => drillId === turn.drillId.value)
    const inARow = triesInARow(store.attempts.value, turn.studentId.value, turn.drillId.value)
    const turns = kept.value?.plan.mixed === true && inARow >= group.value
    if (at >= 0 && (all[at]?.left ?? 0) > 0 && !turns) return undefined
    const round = [...all.slice(at + 1), ...all.slice(0, Math.max(0, at))]
    return round.find(({ left }) => left > 0)
  })

  return { plan: computed(() => kept.value?.plan), lines, next, group, changeGroup }
}

/** From the server, else as this device has kept it. */
function useKeptPlan(sessionId: string, { store }: Recording): Ref<Kept | undefined> {
  const key = `${PERSONAL}plan.${sessionId}`
  const kept = shallowRef<Kept | undefined>(rememberedJson<Kept | undefined>(key))

  async function load(): Promise<void> {
    const session = store.detail.value?.session
    const student = session?.students[0]
    if (!session || !student || session.closedAt) return
    try {
      const query = { studentId: student.id, from: dayFromToday(0), to: dayFromToday(0), zone: ZONE }
      const plans = await answer(api.GET('/api/v1/plans', { params: { query } }))
      const drills = new Set(session.drills.map(({ id }) => id))
      const plan = plans.find(
        ({ onDay, items }) => onDay && items.some(({ item }) => drills.has(item.drillId)),
      )
      kept.value = plan && { plan, elsewhere: elsewhereOf(plan, store.attempts.value) }
      if (kept.value) remember(key, JSON.stringify(kept.value))
      else forgetRemembered(key)
    } catch (error) {
      // Without the server the plan that this device has kept goes on.
      if (!(error instanceof Unreachable)) throw error
    }
  }
  onMounted(load)
  return kept
}

function elsewhereOf(plan: Plan, attempts: LocalAttempt[]): Record<string, number> {
  return Object.fromEntries(
    plan.items.flatMap(({ item, done }) =>
      done.map(({ studentId, tries }) => [
        `${studentId} ${item.drillId}`,
        Math.max(0, tries - triesOf(attempts, studentId, item.drillId)),
      ]),
    ),
  )
}

function triesOf(attempts: LocalAttempt[], studentId: string, drillId: string): number {
  return new Set(
    attempts
      .filter(({ body }) => body.studentId === studentId && body.drillId === drillId)
      .map(({ body }) => body.tryId),
  ).size
}

function minutesLeft(
  attempts: LocalAttempt[],
  studentId: string,
  drillId: string,
  minutes: number,
): number | undefined {
  const times = attempts
    .filter(({ body }) => body.studentId === studentId && body.drillId === drillId)
    .map(({ body }) => Date.parse(body.playedAt))
  if (times.length === 0) return undefined
  return Math.ceil(minutes - (Math.max(...times) - Math.min(...times)) / MINUTE_MILLISECONDS)
}

/** How many tries one after the other were at this drill, up to now. */
function triesInARow(attempts: LocalAttempt[], studentId: string, drillId: string): number {
  const tries = new Set<string>()
  for (const { body } of attempts.filter((one) => one.body.studentId === studentId).reverse()) {
    if (body.drillId !== drillId) break
    tries.add(body.tryId)
  }
  return tries.size
}
