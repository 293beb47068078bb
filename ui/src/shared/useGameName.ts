// A rack game as a coach calls it: "9 balls, by number".
import { useI18n } from 'vue-i18n'

/** A line of a plan that is for racks of a game stands under this and the game's key. */
const RACK_LINE = 'rack:'

export function rackLine(game: string): string {
  return RACK_LINE + game
}

/** The game's key; undefined for a drill's line. */
export function gameOfLine(drillId: string): string | undefined {
  return drillId.startsWith(RACK_LINE) ? drillId.slice(RACK_LINE.length) : undefined
}

export function useGameName(): (key: string) => string {
  const { t } = useI18n()
  return (key) => {
    const [kind = '', n = ''] = key.split('-')
    return t(`racks.games.${kind}`, { n: n === 'low' || n === 'high' ? t(`racks.group.${n}`) : n })
  }
}
