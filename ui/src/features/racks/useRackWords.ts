// Balls, pockets, games and ends as a coach says them.
import { useI18n } from 'vue-i18n'
import type { RackEnd, RackPocket, RackStep } from '@/api/types'
import { COLOURS } from './ballLook'
import { percent } from '@/shared/units'
import { useGameName } from '@/shared/useGameName'

export function useRackWords() {
  const { t } = useI18n()

  /** "ball 7", "the 4th red", "the pink". */
  function ball(id: string): string {
    if (id.startsWith('red ')) return t('racks.red', { n: id.slice('red '.length) })
    return COLOURS.has(id) ? t(`racks.colour.${id}`) : t('racks.ball', { n: id })
  }
  /** On the drawing: "7", "red 4", "pink". */
  function short(id: string): string {
    return COLOURS.has(id) || id.startsWith('red ') ? ball(id) : id
  }
  function pocket(name: RackPocket): string {
    return t(`pocket.${name}`)
  }
  /** "into the head right pocket". */
  function into(name: RackPocket): string {
    return t('racks.intoThe', { pocket: pocket(name) })
  }
  const game = useGameName()
  function end(reason?: RackEnd): string {
    return reason ? t(`racks.end.${reason}`) : t('racks.goesOn')
  }
  function list(ids: string[]): string {
    return ids.map(ball).join(', ')
  }
  /** Why this ball now, in one short sentence. */
  function reason(step: RackStep): string {
    return t(`racks.reason.${step.reason}`, { balls: list(step.about) })
  }
  function chance(share: number): string {
    return t('racks.chance', { n: percent(share) })
  }
  return { ball, short, pocket, into, game, end, list, reason, chance }
}
