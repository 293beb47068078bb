// How a rack stands after the shots that were written down, worked out on the device so that recording goes on away from the network.
import type { LaidBall, Point, RackBody, RackEnd, RackGame, RackShotBody } from '@/api/types'
import { firstStage, isLast, stageAfter } from './rackRules'

export interface WrittenShot {
  id: string
  body: RackShotBody
}

export interface RackState {
  balls: LaidBall[]
  cue: Point | undefined
  stage: string | undefined
  end: RackEnd | undefined
  potted: number
  points: number
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
  const moved = now.balls.map((ball) => shot.moved.find(({ id }) => id === ball.id) ?? ball)
  const comesBack = game.stages.find(({ id }) => id === now.stage)?.comeBack ?? false
  const down = new Set(shot.down)
  // A colour that comes back lies on its spot, where it lay at the beginning of a line-up.
  const balls = comesBack
    ? moved.map((ball) =>
        down.has(ball.id) ? (body.layout.balls.find(({ id }) => id === ball.id) ?? ball) : ball,
      )
    : moved.filter(({ id }) => !down.has(id))
  const points = shot.down.reduce(
    (sum, id) => sum + (game.balls.find((ball) => ball.id === id)?.points ?? 0),
    0,
  )
  const pot = shot.outcome === 'POTTED'
  const next = {
    ...now,
    balls,
    cue: shot.landing,
    potted: now.potted + (comesBack ? 0 : down.size),
    points: now.points + (pot ? points : 0),
  }
  if (pot) return potted(game, next, shot)
  const costs = !body.rules.foulEnds && (shot.outcome === 'IN_OFF' || shot.outcome === 'WRONG_BALL')
  return costs ? { ...next, cue: undefined } : { ...next, end: shot.outcome as RackEnd }
}

function potted(game: RackGame, next: RackState, shot: RackShotBody): RackState {
  const wins = game.others === 'STAY_DOWN_AND_THE_LAST_WINS' && shot.down.some((id) => isLast(game, id))
  const stage = wins ? undefined : stageAfter(game, next.stage ?? '', next.balls)
  return stage ? { ...next, stage } : { ...next, end: 'CLEARED' }
}
