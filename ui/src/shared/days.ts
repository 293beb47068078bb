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
