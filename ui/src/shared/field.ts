/** What is typed or chosen of one thing: a number with its unit and bounds, or one of a few words. */
export interface Field {
  name: string
  label: string
  unit?: string
  min?: number
  max?: number
  digits?: number
  /** Counts are whole. */
  whole?: boolean
  options?: { value: string; label: string }[]
  /** The choice where none is made. */
  usual?: string
}
