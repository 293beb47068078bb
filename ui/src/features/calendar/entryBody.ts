// From what the calendar shows to what the server keeps.
import type { EntryBody, Occurrence } from '@/api/types'

export const MINUTES_PER_DAY = 1440
export type EntryKind = EntryBody['kind']

/** An entry that was read, as it would be kept unchanged. */
export function bodyOf(one: Occurrence): EntryBody {
  return {
    kind: one.kind as EntryKind,
    title: one.title,
    firstDay: one.day,
    startsAt: one.startsAt,
    minutes: one.minutes,
    studentIds: one.students.map(({ studentId }) => studentId),
    tableId: one.tableId,
    everyone: one.everyone,
    everyWeeks: one.everyWeeks,
    until: one.until,
  }
}

/** "18:05" of "18:05:00". */
export function hourOf(time: string): string {
  return time.slice(0, 'hh:mm'.length)
}

/** "18:05" of "2026-11-03T18:05:00". */
export function hourIn(moment: string): string {
  return moment.slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length)
}
