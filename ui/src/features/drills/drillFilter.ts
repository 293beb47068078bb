// Which drills of the library are shown.
import type { Drill } from '@/api/types'

export interface DrillFilter {
  text: string
  skill: string
  family: string
  game: string
  /** Longest, 0 for any. */
  minutes: number
}

/** No choice made; a word, since a list shows nothing for an empty one. */
export const ANY = 'any'

export const NO_FILTER: DrillFilter = { text: '', skill: ANY, family: ANY, game: ANY, minutes: 0 }

/** Every word of the text must be somewhere in the drill's own words; the rest must be as chosen. */
export function matches(drill: Drill, filter: DrillFilter): boolean {
  if (filter.skill !== ANY && drill.skill !== filter.skill) return false
  if (filter.family !== ANY && drill.family !== filter.family) return false
  if (filter.game !== ANY && !drill.games.some((game) => game === filter.game)) return false
  if (filter.minutes && drill.minutes > filter.minutes) return false
  const words = [drill.title, drill.purpose, drill.watch, drill.missReads, drill.family, ...drill.words]
  const all = words.join(' ').toLowerCase()
  return filter.text
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word))
}
