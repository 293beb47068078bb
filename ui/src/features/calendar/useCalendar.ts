// The days that are shown, what stands in them, and the way from one screenful to the next.
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { dateOf, dayAlone } from '@/shared/days'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'

export type Span = 'month' | 'week'

/** Narrower than this a grid of seven days is no use: a list takes its place. */
const NARROW_PIXELS = 720
const WEEK_DAYS = 7
/** A month's grid has six rows at most. */
const GRID_DAYS = 42

/** For a new entry: today where it is on the page, else the first day of what is looked at. */
function usualFor(today: string, from: string, to: string, anchor: string): string {
  if (today >= from && today <= to) return today
  const first = `${anchor.slice(0, -2)}01`
  return first >= from && first <= to ? first : from
}

export function useCalendar() {
  const narrow = useNarrow(NARROW_PIXELS)
  const span = ref<Span>(narrow.value ? 'week' : 'month')
  const anchor = ref(dayAlone(new Date()))

  const from = computed(() => {
    const day = dateOf(anchor.value)
    if (span.value === 'month') day.setDate(1)
    day.setDate(day.getDate() - ((day.getDay() + WEEK_DAYS - 1) % WEEK_DAYS))
    return dayAlone(day)
  })
  const to = computed(() => {
    const day = dateOf(from.value)
    day.setDate(day.getDate() + (span.value === 'month' ? GRID_DAYS : WEEK_DAYS) - 1)
    return dayAlone(day)
  })

  /** What is drawn: days and entries change together, or everything would be drawn twice. */
  const loaded = useLoad(async () => {
    const asked = { span: span.value, anchor: anchor.value }
    const query = { from: from.value, to: to.value }
    return { ...asked, calendar: await answer(api.GET('/api/v1/calendar', { params: { query } })) }
  })
  watch([from, to], loaded.reload, { immediate: true })

  function go(steps: number): void {
    const day = dateOf(anchor.value)
    if (span.value === 'month') day.setMonth(day.getMonth() + steps, 1)
    else day.setDate(day.getDate() + steps * WEEK_DAYS)
    anchor.value = dayAlone(day)
  }

  function showWeek(day: string): void {
    anchor.value = day
    span.value = 'week'
  }

  const today = computed(() => loaded.data.value?.calendar.today ?? dayAlone(new Date()))
  const usualDay = computed(() => usualFor(today.value, from.value, to.value, anchor.value))

  const heading = computed(() => {
    if (span.value === 'month')
      return dateOf(anchor.value).toLocaleDateString('en', { month: 'long', year: 'numeric' })
    const short = (text: string) => dateOf(text).toLocaleDateString('en', { day: 'numeric', month: 'short' })
    return `${short(from.value)} – ${short(to.value)} ${dateOf(to.value).getFullYear()}`
  })

  return {
    ...loaded,
    narrow,
    span,
    anchor,
    heading,
    usualDay,
    go,
    showWeek,
    goToday: () => (anchor.value = today.value),
  }
}

export type CalendarInView = ReturnType<typeof useCalendar>
