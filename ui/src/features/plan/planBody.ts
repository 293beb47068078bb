// A plan as it is sent, and its lines for other people.
import type { Plan, PlanBody, PlanItem, PossibleDrill } from '@/api/types'

/** Bands of expected success to choose from; without one the server takes the usual or, after months away, an easier one. */
export const BANDS = {
  usual: [0.6, 0.75],
  easier: [0.7, 0.85],
  harder: [0.5, 0.7],
} as const
export type Band = keyof typeof BANDS

/** A pattern is for nobody, and without anybody nothing can be proposed. */
export function isAsked({ pattern, studentIds }: PlanBody): boolean {
  return !pattern && studentIds.length > 0
}

/** Lines of a pattern or of somebody else's plan get stations and reasons of whoever they are for now. */
export function placed(items: PlanItem[], possible: PossibleDrill[]): PlanItem[] {
  return items.map((item) => {
    const known = possible.find((one) => one.item.drillId === item.drillId)
    return item.places.length || !known ? item : { ...item, places: known.item.places, why: known.item.why }
  })
}

/** A plan as it is sent back. */
export function bodyOf(plan: Plan): PlanBody {
  return {
    title: plan.title,
    studentIds: plan.students.map(({ studentId }) => studentId),
    pattern: plan.pattern,
    minutes: plan.minutes,
    bandLow: plan.bandLow,
    bandHigh: plan.bandHigh,
    mixed: plan.mixed,
    withTest: plan.withTest,
    items: plan.items.map(({ item }) => item),
    revision: plan.revision,
    ...(plan.onDay ? { onDay: plan.onDay } : {}),
    ...(plan.tableId ? { tableId: plan.tableId } : {}),
  }
}

/** The same lines for somebody else or for nobody: stations and reasons were another's. */
export function withoutPeople(items: PlanItem[]): PlanItem[] {
  return items.map(({ drillId, role, minutes, tries }) => ({
    drillId,
    role,
    minutes,
    tries,
    locked: true,
    places: [],
  }))
}
