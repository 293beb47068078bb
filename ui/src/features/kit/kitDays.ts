// Days as a person reads them.

/** The day of an instant, in the reader's own zone. */
export function instantDay(at: string): string {
  return new Date(at).toLocaleDateString('en', { day: 'numeric', month: 'short', year: 'numeric' })
}
