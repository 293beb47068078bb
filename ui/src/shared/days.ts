// Days and moments as the server sends them: a day alone is the same day everywhere, a moment is read where the reader lives.

const DAY_ALONE = /^\d{4}-\d\d-\d\d$/

/** The browser's own reading of a day alone is midnight in Greenwich, which west of it is the day before. */
export function dateOf(text: string): Date {
  return new Date(DAY_ALONE.test(text) ? `${text}T00:00:00` : text)
}

const DAY_MILLISECONDS = 86_400_000

/** How many midnights of the reader's have passed since a moment: yesterday evening is a day ago, however few hours that is. */
export function daysSince(moment: string): number {
  const midnight = (date: Date) => new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime()
  // Rounded: a day on which the clocks change has not 24 hours.
  return Math.round((midnight(new Date()) - midnight(new Date(moment))) / DAY_MILLISECONDS)
}

/** The reader's own, as the server asks for it. */
export const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone

/** So many days from the reader's today, as a day alone. */
export function dayFromToday(days: number): string {
  const date = new Date()
  date.setDate(date.getDate() + days)
  return dayAlone(date)
}

export function dayAlone(date: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${String(date.getFullYear()).padStart(4, '0')}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

/** A day or a moment's day, as the reader writes days. */
export function mediumDay(text: string): string {
  return dateOf(text).toLocaleDateString(undefined, { dateStyle: 'medium' })
}
