// What is on, by the game's own data: for offering the next ball at the table, also away from the network. The server decides.
import type { LaidBall, RackGame } from '@/api/types'

type Stage = RackGame['stages'][number]

export function stageOf(game: RackGame, id: string | undefined): Stage | undefined {
  return game.stages.find((stage) => stage.id === id) ?? game.stages[0]
}

/** Ids of the balls that may be struck first. */
export function onBalls(game: RackGame, stageId: string | undefined, balls: LaidBall[]): string[] {
  const stage = stageOf(game, stageId)
  const lying = new Set(balls.map(({ id }) => id))
  const group = game.balls.filter((ball) => lying.has(ball.id) && ball.group === stage?.group)
  if (stage?.pick !== 'LOWEST') return group.map(({ id }) => id)
  const lowest = Math.min(...group.map(({ order }) => order))
  return group.filter(({ order }) => order === lowest).map(({ id }) => id)
}

/** The first stage that has a ball on. */
export function firstStage(game: RackGame, balls: LaidBall[]): string | undefined {
  const stage = game.stages.find((one) => onBalls(game, one.id, balls).length > 0)
  if (!stage) return undefined
  const at = game.stages.indexOf(stage)
  return (stage.comeBack ? game.stages[at + 1] : stage)?.id
}

/** The stage after a pot; nothing when all is cleared. */
export function stageAfter(game: RackGame, stageId: string, balls: LaidBall[]): string | undefined {
  const stage = stageOf(game, stageId)
  const next = [stage?.next, stage?.whenGone].find(
    (id) => id !== undefined && id !== '' && onBalls(game, id, balls).length > 0,
  )
  return next
}

/** Whether the rack is not cleared before the ball has gone. */
export function isAsked(game: RackGame, id: string): boolean {
  const ball = game.balls.find((one) => one.id === id)
  return game.stages.some(({ group }) => group === ball?.group)
}

/** The ball that the game ends with. */
export function isLast(game: RackGame, id: string): boolean {
  const group = game.stages[game.stages.length - 1]?.group
  const members = game.balls.filter((ball) => ball.group === group)
  const highest = Math.max(...members.map(({ order }) => order))
  return members.some((ball) => ball.id === id && ball.order === highest)
}

/** What is on after these balls have gone one after the other. */
export function onAfter(
  game: RackGame,
  stageId: string | undefined,
  balls: LaidBall[],
  gone: string[],
): string[] {
  let stage = stageId ?? firstStage(game, balls)
  let left = balls
  for (const id of gone) {
    if (!stageOf(game, stage)?.comeBack) left = left.filter((ball) => ball.id !== id)
    stage = stage && stageAfter(game, stage, left)
  }
  return stage ? onBalls(game, stage, left) : []
}
