// A draft's shot as it is drawn while the server has not yet answered.
import type { AimingLines, Ball, Demand, Point, Shot, TableGeometry } from '@/api/types'
import {
  isLong,
  type DraftDemand,
  type DraftPosition,
  type DraftShot,
} from '@/shared/drillFile/drillDocument'
import { aimingLines } from './aimingLines'
import { ballPlaces, besideCushion, placeOf } from './places'
import { zoneView } from './zones'
import { tapePlace } from './tapePlace'

export interface LiveShot {
  shot: Shot
  lines: AimingLines | undefined
}

const ROLES = { cue: 'CUE', object: 'OBJECT', next: 'NEXT', blocker: 'BLOCKER' } as const
const BRIDGE = { hand: 'HAND', rest: 'REST', over_a_ball: 'OVER_A_BALL' } as const

export function liveShot(table: TableGeometry, draft: DraftShot): LiveShot {
  const places = ballPlaces(table, draft.balls)
  const cueLabel = draft.balls.find((ball) => ball.role === 'cue')?.label ?? ''
  const balls = draft.balls.flatMap<Ball>((ball) => {
    const place = places.get(ball.label)
    const size = ball.role === 'cue' ? table.cueBall : table.objectBall
    return place
      ? [
          {
            label: ball.label,
            role: ROLES[ball.role],
            diameterMillimetres: size.diameterMillimetres,
            at: tapePlace(table, place),
          },
        ]
      : []
  })
  const place = (position: DraftPosition) =>
    placeOf(table, position, true, (label) => places.get(label), cueLabel)
  const demands = (draft.demands ?? []).map((demand) => demandView(table, demand, cueLabel, place))
  const zone = demands.find((demand) => demand.kind === 'LAND' && demand.balls?.[0] === cueLabel)?.zone
  const pot = (draft.demands ?? []).find((demand) => demand.kind === 'pot-ball')
  const cue = places.get(cueLabel)
  const object = pot && places.get(pot.ball)
  const pocket = pot && table.pockets.find((one) => one.name === pot.pocket)
  const straight = pot && !pot.via?.length && cue && object && pocket
  const lines = straight ? aimingLines(table, cue, object, pocket, pot.half) : undefined
  const target = zone?.centre.place ?? lines?.ghostBall ?? cue ?? { xMillimetres: 0, yMillimetres: 0 }
  return {
    lines,
    shot: {
      balls,
      demands,
      zone: zone && { ...zone, rings: [] },
      target,
      arrivalDegrees: 0,
      bridge: BRIDGE[draft.bridge ?? 'hand'],
      outcomeSides: 'CUT',
      pot: lines &&
        pot && {
          pocket: pot.pocket,
          ghostBall: lines.ghostBall,
          objectPathEnd: lines.objectPathEnd,
          aimDegrees: lines.aimDegrees,
          cutDegrees: lines.cutDegrees,
          coveredFraction: lines.coveredFraction,
          cueDistanceMillimetres: 0,
          objectDistanceMillimetres: 0,
          allowedAimMilliradians: lines.allowedAimMilliradians,
        },
    },
  }
}

function demandView(
  table: TableGeometry,
  demand: DraftDemand,
  cueLabel: string,
  place: (position: DraftPosition) => Point | undefined,
): Demand {
  switch (demand.kind) {
    case 'pot-ball':
      return {
        kind: 'POT',
        balls: [demand.ball],
        pocket: demand.pocket,
        half: (demand.half ?? 'any').toUpperCase() as 'ANY' | 'LEFT' | 'RIGHT',
        cushions: demand.via ?? [],
      }
    case 'land': {
      const zone = zoneView(table, demand.zone, demand.ball === cueLabel, place)
      return { kind: 'LAND', balls: [demand.ball], zone }
    }
    case 'touch-balls':
      return { kind: 'TOUCH', balls: demand.balls, inOrder: demand.inOrder ?? false }
    case 'cushion-point': {
      const { cushion, sightsAlong, toleranceMillimetres } = demand
      const sight = isLong(cushion) ? table.lengthMillimetres / 8 : table.widthMillimetres / 4
      const line = [-1, 1].map((way) =>
        besideCushion(table, cushion, sightsAlong + (way * toleranceMillimetres) / sight, 0),
      )
      return { kind: 'CUSHION_POINT', cushions: [cushion], sightsAlong, line }
    }
    case 'cue-ball-into':
      return { kind: 'CUE_BALL_INTO', pocket: demand.pocket }
    case 'leave-alone':
      return { kind: 'LEAVE_ALONE', balls: demand.balls }
    case 'not-cross': {
      const ends = [place(demand.from), place(demand.to)]
      return { kind: 'NOT_CROSS', line: ends.every((end): end is Point => !!end) ? ends : [] }
    }
    case 'stay-in':
      return { kind: 'STAY_IN', zone: zoneView(table, demand.area, true, place) }
    case 'use-cushions':
      return { kind: 'USE_CUSHIONS', cushions: demand.cushions }
    case 'cushions-first':
      return { kind: 'CUSHIONS_FIRST', least: demand.least }
    case 'hide-from':
      return { kind: 'HIDE_FROM', balls: [demand.ball] }
  }
}
