// Days and moments as the server sends them: a day alone is the same day everywhere, a moment is read where the reader lives.

const DAY_ALONE = /^\d{4}-\d\d-\d\d$/

/** The browser's own reading of a day alone is midnight in Greenwich, which west of it is the day before. */
export function dateOf(text: string): Date {
  return new Date(DAY_ALONE.test(text) ? `${text}T00:00:00` : text)
}
