// How a ball of a game looks on the drawing: colours of a line-up by their names, everything else by its number.
import type { RackGame } from '@/api/types'

export const COLOURS = new Set(['yellow', 'green', 'brown', 'blue', 'pink', 'black'])

export interface BallLook {
  fill: string
  /** What is written on it; empty for reds and colours. */
  text: string
  /** Of the group that is played second by its numbers: with a ring. */
  ringed: boolean
}

export function ballLook(game: RackGame, id: string): BallLook {
  if (COLOURS.has(id)) return { fill: `var(--ball-${id})`, text: '', ringed: false }
  const group = game.balls.find((ball) => ball.id === id)?.group
  if (group === 'red') return { fill: 'var(--object-ball)', text: '', ringed: false }
  if (group === 'last') return { fill: 'var(--ball-black)', text: id, ringed: false }
  return {
    fill: group === 'high' ? 'var(--next-ball)' : 'var(--object-ball)',
    text: id,
    ringed: group === 'high',
  }
}
