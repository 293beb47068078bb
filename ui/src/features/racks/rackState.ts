// How a rack stands after the shots that were written down, worked out on the device so that recording goes on away from the network. The same rules as the
// server's (Aftermath in core), which decides: what it has answered takes the place of this.
import type { LaidBall, Point, RackBody, RackEnd, RackGame, RackShotBody, RackView } from '@/api/types'
import type { WrittenShot } from '@/device/keptRacks'
import { firstStage, isLast, onBalls, stageAfter, stageOf } from './rackRules'

export interface RackState {
  balls: LaidBall[]
  cue: Point | undefined
  stage: string | undefined
  end: RackEnd | undefined
  potted: number
  points: number
}

/** As the server has it. */
export function toldState({ row, now }: RackView): RackState {
  return {
    balls: now.balls,
    cue: now.cue,
    stage: now.stage,
    end: row.end,
    potted: row.potted,
    points: row.points,
  }
}

export function rackState(game: RackGame, body: RackBody, shots: WrittenShot[]): RackState {
  const start: RackState = {
    balls: body.layout.balls,
    cue: body.layout.cue,
    stage: body.layout.stage ?? firstStage(game, body.layout.balls),
    end: undefined,
    potted: 0,
    points: 0,
  }
  return shots
    .filter(({ body: { withdrawn } }) => !withdrawn)
    .reduce((now, shot) => after(game, body, now, shot.body), start)
}

function after(game: RackGame, body: RackBody, now: RackState, shot: RackShotBody): RackState {
  const lying = now.balls
    .map((ball) => shot.moved.find(({ id }) => id === ball.id) ?? ball)
    .filter(({ id }) => !shot.down.includes(id))
  const fallen = { ...now, balls: lying, cue: shot.landing }
  const { outcome } = shot
  if (outcome === 'IN_OFF' || outcome === 'WRONG_BALL') return foul(game, body, now, fallen, shot, outcome)
  if (outcome === 'NO_SHOT' || outcome === 'HOOKED' || outcome === 'GAVE_UP')
    return { ...fallen, end: outcome }
  if (game.others === 'FOUL' && hasWrong(game, now, shot))
    return foul(game, body, now, fallen, shot, 'WRONG_BALL')
  const missed: RackEnd = outcome === 'POTTED' ? 'MISSED' : outcome
  return shot.down.length ? dropped(game, body, now, fallen, shot, missed) : { ...fallen, end: missed }
}

/** Reds on: only reds may drop; one colour on: only the one that was meant. */
function hasWrong(game: RackGame, now: RackState, shot: RackShotBody): boolean {
  const stage = stageOf(game, now.stage)
  const wholeGroup = stage?.pick === 'ANY' && !stage.comeBack
  return shot.down.some((id) =>
    wholeGroup ? game.balls.find((ball) => ball.id === id)?.group !== stage.group : id !== shot.ball,
  )
}

/** Balls with a spot come back; on this device to where they lay at the beginning, which is their spot in a line-up. */
function comeBack(game: RackGame, body: RackBody, lying: LaidBall[], down: string[]): LaidBall[] {
  const spotted = down.filter((id) => game.balls.find((ball) => ball.id === id)?.spot)
  return [...lying, ...body.layout.balls.filter(({ id }) => spotted.includes(id))]
}

function foul(
  game: RackGame,
  body: RackBody,
  now: RackState,
  fallen: RackState,
  shot: RackShotBody,
  end: RackEnd,
): RackState {
  const lost = game.others === 'STAY_DOWN_BUT_THE_LAST_LOSES' && shot.down.some((id) => isLast(game, id))
  if (body.rules.foulEnds || lost) return { ...fallen, end, potted: now.potted + shot.down.length }
  const balls = comeBack(game, body, fallen.balls, shot.down)
  const goesOn = onBalls(game, now.stage, balls).length > 0
  return { ...fallen, balls, cue: undefined, end: goesOn ? undefined : end, potted: gone(now, balls) }
}

function dropped(
  game: RackGame,
  body: RackBody,
  now: RackState,
  fallen: RackState,
  shot: RackShotBody,
  missed: RackEnd,
): RackState {
  const on = onBalls(game, now.stage, now.balls)
  const down = shot.down
  const last = down.some((id) => isLast(game, id))
  const loses =
    game.others === 'STAY_DOWN_BUT_THE_LAST_LOSES' && down.some((id) => isLast(game, id) && !on.includes(id))
  if (loses) return { ...fallen, end: 'WRONG_BALL', potted: gone(now, fallen.balls) }
  const balls = stageOf(game, now.stage)?.comeBack ? comeBack(game, body, fallen.balls, down) : fallen.balls
  const next = { ...fallen, balls, potted: gone(now, balls) }
  const counts = game.anyBallCounts || down.some((id) => on.includes(id))
  const stage = stageAfter(game, now.stage ?? '', balls)
  const wins = last && game.others === 'STAY_DOWN_AND_THE_LAST_WINS'
  const points = down
    .filter((id) => on.includes(id))
    .reduce((sum, id) => sum + (game.balls.find((ball) => ball.id === id)?.points ?? 0), now.points)
  if (wins || (counts && !stage)) return { ...next, points, end: 'CLEARED' }
  return counts ? { ...next, points, stage } : { ...next, end: missed }
}

function gone(now: RackState, balls: LaidBall[]): number {
  return now.potted + now.balls.length - balls.length
}
