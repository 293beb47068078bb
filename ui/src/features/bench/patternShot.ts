// How a pattern goes on: what was pocketed is gone, the cue ball lies where it was sent, and the next ball is to be pocketed.
import type { DraftBall, DraftDemand, DraftShot } from '@/shared/drillFile/drillDocument'
import { addBall, freeLabel, removeBalls } from './edits'
import { ballPlaces } from './geometry/places'
import type { TableGeometry } from '@/api/types'

type PotBall = Extract<DraftDemand, { kind: 'pot-ball' }>

const APART_MILLIMETRES = 150

/** The shot that follows this one; its own place of the cue ball is the middle of the target, where there is one. */
export function nextShot(table: TableGeometry, before: DraftShot): DraftShot {
  const pot = before.demands?.find((demand): demand is PotBall => demand.kind === 'pot-ball')
  const left = pot ? removeBalls(table, before, new Set([pot.ball])) : before
  const moved = left.balls.map((ball) => (ball.role === 'cue' ? atTheTarget(ball, before) : ball))
  const withNext = aimedAt(table, { ...left, balls: moved, demands: [] }, before)
  const next = withNext.balls.find((ball) => ball.role === 'object')
  return {
    ...withNext,
    demands: next
      ? [{ kind: 'pot-ball', ball: next.label, pocket: straightest(table, withNext, next.label) }]
      : [],
  }
}

/** The corner into which the ball goes with the least cut from where the cue ball lies: one that a pot exists for. */
function straightest(table: TableGeometry, shot: DraftShot, label: string): PotBall['pocket'] {
  const places = ballPlaces(table, shot.balls)
  const cue = places.get('cue')
  const ball = places.get(label)
  if (!cue || !ball) return 'NE'
  const { lengthMillimetres: length, widthMillimetres: width } = table
  const corners: [PotBall['pocket'], number, number][] = [
    ['SW', 0, 0],
    ['SE', length, 0],
    ['NE', length, width],
    ['NW', 0, width],
  ]
  const aim = Math.atan2(ball.yMillimetres - cue.yMillimetres, ball.xMillimetres - cue.xMillimetres)
  const cut = (x: number, y: number) =>
    1 - Math.cos(Math.atan2(y - ball.yMillimetres, x - ball.xMillimetres) - aim)
  return corners.reduce((best, one) => (cut(one[1], one[2]) < cut(best[1], best[2]) ? one : best))[0]
}

/** The next ball of the shot before becomes the one to pocket; where there is none, a new one under a label of its own. */
function aimedAt(table: TableGeometry, shot: DraftShot, before: DraftShot): DraftShot {
  if (shot.balls.some((ball) => ball.role === 'object')) return shot
  const next = shot.balls.find((ball) => ball.role === 'next')
  if (next) {
    const balls = shot.balls.map((ball) => (ball === next ? { ...ball, role: 'object' as const } : ball))
    return { ...shot, balls }
  }
  const label = freeLabel(before.balls, 'object')
  const added = addBall(table, shot, 'object', {
    xMillimetres: 0.75 * table.lengthMillimetres,
    yMillimetres: 0.5 * table.widthMillimetres + APART_MILLIMETRES,
  })
  const last = added.balls.length - 1
  return { ...added, balls: added.balls.map((ball, i) => (i === last ? { ...ball, label } : ball)) }
}

function atTheTarget(cue: DraftBall, before: DraftShot): DraftBall {
  const land = before.demands?.find(
    (demand) => demand.kind === 'land' && demand.ball === cue.label && demand.zone.kind === 'circle',
  )
  return land?.kind === 'land' && land.zone.kind === 'circle' ? { ...cue, position: land.zone.centre } : cue
}
