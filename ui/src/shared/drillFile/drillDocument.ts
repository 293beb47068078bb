// Short names for a drill as the bench edits it; the types come from docs/formats/drill.schema.json.
import type { components } from './drillFormat'

type Format = components['schemas']

export type DrillDocument = Format['drill']
export type DraftStation = Format['station']
export type DraftShot = Format['shot']
export type DraftBall = Format['ball']
export type DraftPosition = Format['position']
export type DraftZone = Format['zone']
export type DraftDemand = Format['demand']
export type DraftRule = Format['rule']
export type PocketName = Format['pocket']
export type CushionName = Format['cushion']
export type Role = DraftBall['role']
export type Bridge = NonNullable<DraftShot['bridge']>

export const CUSHIONS: CushionName[] = ['W', 'E', 'S', 'N']
export const POCKETS: PocketName[] = ['SW', 'S', 'SE', 'NE', 'N', 'NW']
export const BRIDGES: Bridge[] = ['hand', 'rest', 'over_a_ball']

export function isLong(cushion: CushionName): boolean {
  return cushion === 'S' || cushion === 'N'
}

/** The zone of a demand that has one, under whichever name. */
export function zoneOf(demand: DraftDemand): DraftZone | undefined {
  if (demand.kind === 'land') return demand.zone
  return demand.kind === 'stay-in' ? demand.area : undefined
}

/** The ball that another's position hangs on, if it does. */
export function anchorOf(position: DraftPosition): string | undefined {
  return position.kind === 'touching-ball' || position.kind === 'for-pot' ? position.ball : undefined
}

/** Whether a ball's position hangs, directly or by others, on a ball. */
export function hangsOn(balls: DraftBall[], label: string, on: string): boolean {
  let at: string | undefined = label
  for (let steps = 0; at !== undefined && steps <= balls.length; steps++) {
    if (at === on) return true
    const ball: DraftBall | undefined = balls.find((one) => one.label === at)
    at = ball && anchorOf(ball.position)
  }
  return false
}
