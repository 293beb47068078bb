// Which drills of the library are shown.
import type { Drill, LibraryEntry } from '@/api/types'
import { inDialect } from '@/i18n/terms'
import { BANDS } from '@/shared/bands'

export interface DrillFilter {
  text: string
  skill: string
  family: string
  game: string
  table: string
  /** Everything, favourites, own, the club's, or a folder's id. */
  shelf: string
  /** A band in which it has a station. */
  band: string
  /** Longest, 0 for any. */
  minutes: number
}

/** No choice made; a word, since a list shows nothing for an empty one. */
export const ANY = 'any'

export const NO_FILTER: DrillFilter = {
  text: '',
  skill: ANY,
  family: ANY,
  game: ANY,
  table: ANY,
  shelf: ANY,
  band: ANY,
  minutes: 0,
}

function onShelf(entry: LibraryEntry, shelf: string): boolean {
  switch (shelf) {
    case ANY:
      return true
    case 'favourites':
      return entry.favourite
    case 'own':
      return entry.origin === 'OWN' || entry.origin === 'OWN_SHARED'
    case 'club':
      return entry.origin === 'CLUB' || entry.origin === 'OWN_SHARED'
    default:
      return entry.folders.includes(shelf)
  }
}

/** Whether its stations, from the easiest to the hardest, reach into a band. */
function reaches(entry: LibraryEntry, band: string): boolean {
  if (band === ANY) return true
  const names = BANDS.map((one) => one.name as string)
  const at = names.indexOf(band)
  const { grades } = entry
  return (
    grades !== undefined && names.indexOf(grades.easiestBand) <= at && at <= names.indexOf(grades.hardestBand)
  )
}

function fits(drill: Drill, filter: DrillFilter): boolean {
  return (
    (filter.skill === ANY || drill.skill === filter.skill) &&
    (filter.family === ANY || drill.family === filter.family) &&
    (filter.game === ANY || drill.games.some((game) => game === filter.game)) &&
    (filter.table === ANY || drill.tablePresets.includes(filter.table)) &&
    (filter.minutes === 0 || drill.minutes <= filter.minutes)
  )
}

/** Every word of the text must be somewhere in the drill's own words; the rest must be as chosen. */
export function matches(entry: LibraryEntry, filter: DrillFilter): boolean {
  const { drill } = entry
  if (!onShelf(entry, filter.shelf) || !fits(drill, filter) || !reaches(entry, filter.band)) return false
  const words = [drill.title, drill.purpose, drill.watch, drill.missReads, drill.family, ...drill.words]
  const said = words.join(' ')
  // Found by the terms of either game.
  const all = `${said} ${inDialect(said, 'snooker')} ${inDialect(said, 'pool')}`.toLowerCase()
  return filter.text
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word))
}
