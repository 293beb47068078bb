// Two periods in the address, so that a link and a reload show the same; without them, the last six weeks against the six before.
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'

export interface Periods {
  from: string
  to: string
  laterFrom: string
  laterTo: string
}

const DAY = /^\d{4}-\d\d-\d\d$/
const WEEK_DAYS = 7
const USUAL_WEEKS = 6

/** A day of this browser's zone, some days ago. */
function daysAgo(days: number): string {
  const day = new Date()
  day.setDate(day.getDate() - days)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`
}

/** So many weeks up to today, and as many before them. */
export function lastWeeks(weeks: number): Periods {
  const days = weeks * WEEK_DAYS
  return {
    from: daysAgo(2 * days - 1),
    to: daysAgo(days),
    laterFrom: daysAgo(days - 1),
    laterTo: daysAgo(0),
  }
}

export function usePeriods() {
  const route = useRoute()
  const router = useRouter()
  const periods = computed<Periods>(() => {
    const usual = lastWeeks(USUAL_WEEKS)
    const given = (name: keyof Periods) => {
      const value = route.query[name]
      return typeof value === 'string' && DAY.test(value) ? value : usual[name]
    }
    return { from: given('from'), to: given('to'), laterFrom: given('laterFrom'), laterTo: given('laterTo') }
  })

  function choose(change: Partial<Periods>): void {
    void router.replace({ query: { ...route.query, ...periods.value, ...change } })
  }

  return { periods, choose }
}
