// A demand of each kind to begin with, made from what lies on the table, so that it makes sense at once.
import type { DraftDemand, DraftPosition, DraftShot, DraftZone } from '@/shared/drillFile/drillDocument'

export const DEMAND_KINDS = [
  'pot-ball',
  'land',
  'touch-balls',
  'cushion-point',
  'cue-ball-into',
  'leave-alone',
  'not-cross',
  'stay-in',
  'use-cushions',
  'cushions-first',
  'hide-from',
] as const

export const ZONE_KINDS = [
  'circle',
  'ellipse',
  'rectangle',
  'polygon',
  'band',
  'corridor',
  'near-cushion',
] as const

export function newDemand(kind: DraftDemand['kind'], shot: DraftShot): DraftDemand {
  const cue = shot.balls.find((ball) => ball.role === 'cue')?.label ?? 'cue'
  const others = shot.balls.filter((ball) => ball.role !== 'cue').map((ball) => ball.label)
  const blockers = shot.balls.filter((ball) => ball.role === 'blocker').map((ball) => ball.label)
  const first = others[0] ?? cue
  switch (kind) {
    case 'pot-ball':
      return { kind, ball: first, pocket: 'NE' }
    case 'land': {
      const hasCueZone = shot.demands?.some((demand) => demand.kind === 'land' && demand.ball === cue)
      return { kind, ball: hasCueZone ? first : cue, zone: newZone('circle') }
    }
    case 'touch-balls':
      return { kind, balls: [first], inOrder: true }
    case 'cushion-point':
      return { kind, cushion: 'E', sightsAlong: 2, toleranceMillimetres: 100 }
    case 'cue-ball-into':
      return { kind, pocket: shot.demands?.find((demand) => demand.kind === 'pot-ball')?.pocket ?? 'NE' }
    case 'leave-alone':
      return { kind, balls: blockers.length > 0 ? blockers : [first] }
    case 'not-cross':
      return { kind, from: sights(4, 1), to: sights(4, 3) }
    case 'stay-in':
      return {
        kind,
        area: {
          kind: 'rectangle',
          centre: sights(6, 2),
          lengthMillimetres: 1200,
          widthMillimetres: 1200,
          angleDegrees: 0,
        },
      }
    case 'use-cushions':
      return { kind, cushions: ['E'] }
    case 'cushions-first':
      return { kind, least: 1 }
    case 'hide-from':
      return { kind, ball: first }
  }
}

/** A zone of a kind about a place. */
export function newZone(kind: DraftZone['kind'], centre: DraftPosition = sights(4, 2)): DraftZone {
  switch (kind) {
    case 'circle':
      return { kind, centre, radiusMillimetres: 250 }
    case 'ellipse':
      return { kind, centre, semiMajorMillimetres: 350, semiMinorMillimetres: 180, angleDegrees: 0 }
    case 'rectangle':
      return { kind, centre, lengthMillimetres: 500, widthMillimetres: 300, angleDegrees: 0 }
    case 'polygon': {
      const at = centre.kind === 'sights' ? centre : sights(4, 2)
      const inside = (along: number, across: number) =>
        sights(
          Math.min(Math.max(at.along + along, 0.2), 7.8),
          Math.min(Math.max(at.across + across, 0.2), 3.8),
        )
      return { kind, corners: [inside(-0.8, -0.6), inside(0.8, -0.6), inside(0, 0.8)] }
    }
    case 'band':
      return { kind, cushion: 'E', depthMillimetres: 150, fromSights: 1, toSights: 3 }
    case 'corridor':
      return { kind, from: sights(3, 1), to: sights(5, 3), widthMillimetres: 200 }
    case 'near-cushion':
      return { kind, cushion: 'E', withinMillimetres: 120 }
  }
}

function sights(along: number, across: number): DraftPosition & { kind: 'sights' } {
  return { kind: 'sights', along, across }
}

/** Where a zone is now, for a zone of another kind in its place. */
export function centreOf(zone: DraftZone): DraftPosition | undefined {
  if (zone.kind === 'circle' || zone.kind === 'ellipse' || zone.kind === 'rectangle') return zone.centre
  if (zone.kind === 'polygon') return zone.corners[0]
  return zone.kind === 'corridor' ? zone.from : undefined
}
