// What the grid is given to draw: entries and plans, who comes first in their titles; in a month no more of a day than fits.
import type { EventInput } from '@fullcalendar/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Calendar, Occurrence } from '@/api/types'
import { hourIn } from './entryBody'
import type { Span } from './useCalendar'
import { useClashWords } from './useClashWords'

const USUAL_FIRST_HOUR = 8
/** So many fit into a day of the month; what else there is one press tells, in its week. Drawing all of it and hiding most takes twice as long. */
const MOST_A_DAY = 4

export function useGridEvents(props: { calendar: Calendar; span: Span; narrow: boolean }) {
  const { eventOf, planOf, moreOf } = useEventsOf()

  const isMonth = computed(() => props.span === 'month' && !props.narrow)
  const events = computed(() => {
    const all = [...props.calendar.plans.map(planOf), ...props.calendar.entries.map(eventOf)]
    return isMonth.value ? thinned(all, moreOf) : all
  })

  /** From eight in the morning, or from the hour before the first entry that is earlier. */
  const firstHour = computed(() => {
    const hours = props.calendar.entries
      .filter(({ startsAt }) => startsAt)
      .map(({ starts, ends }) =>
        starts.slice(0, 'yyyy-mm-dd'.length) === ends.slice(0, 'yyyy-mm-dd'.length)
          ? Number(hourIn(starts).slice(0, 2))
          : 0,
      )
    return `${String(Math.min(USUAL_FIRST_HOUR, ...hours)).padStart(2, '0')}:00:00`
  })
  return { events, firstHour }
}

function thinned(all: EventInput[], moreOf: (day: string, left: number) => EventInput): EventInput[] {
  const byDay = new Map<string, EventInput[]>()
  // Whole days first, as the component draws them: a holiday is not to hide behind lessons.
  for (const one of [...all].sort((a, b) => Number(b.allDay) - Number(a.allDay))) {
    const day = String(one.start).slice(0, 'yyyy-mm-dd'.length)
    byDay.set(day, [...(byDay.get(day) ?? []), one])
  }
  return [...byDay].flatMap(([day, ofDay]) => {
    if (ofDay.length <= MOST_A_DAY + 1) return ofDay
    const left = ofDay.length - MOST_A_DAY
    return [...ofDay.slice(0, MOST_A_DAY), moreOf(day, left)]
  })
}

/** Entries, plans and the rest of a day as the component wants them. */
function useEventsOf() {
  const { t } = useI18n()
  const clashWords = useClashWords()

  function people(one: { students: { name: string }[]; others?: number }, short = false): string {
    const names = one.students.map(({ name }) => (short ? name.split(' ')[0] : name)).join(', ')
    return one.others ? `${names} ${t('calendar.others', { n: one.others }, one.others)}` : names
  }

  /** Who comes stands first: that is what a coach looks for. */
  function label(one: Occurrence, short = false): string {
    const title = one.title || t(`calendar.kind.${one.kind}`)
    const who = people(one, short) || (one.kind === 'HOLIDAY' ? one.coach : '')
    const where = one.kind === 'TAKEN' || one.kind === 'TABLE' ? one.tableName : undefined
    return [who, title, where].filter(Boolean).join(': ')
  }

  function eventOf(one: Occurrence): EventInput {
    return {
      id: `${one.entryId} ${one.day}`,
      title: (one.clashes.length ? '⚠ ' : '') + label(one, true),
      start: one.startsAt ? one.starts : one.day,
      end: one.startsAt ? one.ends : one.ends.slice(0, 'yyyy-mm-dd'.length),
      allDay: !one.startsAt,
      editable: one.mine,
      classNames: [`kind-${one.kind.toLowerCase()}`, ...(one.clashes.length ? ['clash'] : [])],
      extendedProps: { one, hint: [label(one), ...one.clashes.map(clashWords)].join('; ') },
    }
  }

  function planOf(plan: Calendar['plans'][number]): EventInput {
    const title = (short: boolean) =>
      [people(plan, short), t('calendar.plan', { title: plan.title })].filter(Boolean).join(': ')
    return {
      id: plan.planId,
      title: title(true),
      start: plan.day,
      allDay: true,
      editable: plan.mine,
      durationEditable: false,
      classNames: ['kind-plan'],
      extendedProps: { plan, hint: title(false) },
    }
  }

  function moreOf(day: string, left: number): EventInput {
    return {
      id: `more ${day}`,
      title: t('calendar.more', { n: left }),
      start: `${day}T23:59:00`,
      end: `${day}T23:59:30`,
      editable: false,
      classNames: ['more'],
      extendedProps: { more: day, hint: t('calendar.moreHint') },
    }
  }

  return { eventOf, planOf, moreOf }
}
