// Changes to a draft, each as a new document: what undo keeps, and what the server is sent.
import type { Point, TableGeometry } from '@/api/types'
import {
  anchorOf,
  isLong,
  type DraftBall,
  type DraftDemand,
  type DraftPosition,
  type DraftShot,
  type DraftStation,
  type DraftZone,
  type DrillDocument,
  type PocketName,
  type Role,
} from '@/shared/drillFile/drillDocument'
import { atSights, ballPlaces } from './geometry/places'

/** Which shot of which station. */
export interface Spot {
  station: number
  shot: number
}

export function shotAt(drill: DrillDocument, at: Spot): DraftShot | undefined {
  return drill.stations[at.station]?.shots[at.shot]
}

export function withStation(
  drill: DrillDocument,
  index: number,
  change: (station: DraftStation) => DraftStation,
): DrillDocument {
  return { ...drill, stations: drill.stations.map((one, i) => (i === index ? change(one) : one)) }
}

export function withShot(
  drill: DrillDocument,
  at: Spot,
  change: (shot: DraftShot) => DraftShot,
): DrillDocument {
  return withStation(drill, at.station, (station) => ({
    ...station,
    shots: station.shots.map((one, i) => (i === at.shot ? change(one) : one)),
  }))
}

export function withBall(shot: DraftShot, label: string, change: (ball: DraftBall) => DraftBall): DraftShot {
  return { ...shot, balls: shot.balls.map((ball) => (ball.label === label ? change(ball) : ball)) }
}

export function withDemand(shot: DraftShot, index: number, demand: DraftDemand): DraftShot {
  return { ...shot, demands: (shot.demands ?? []).map((one, i) => (i === index ? demand : one)) }
}

/** Moves balls to places; those that hang on another moved ball go along by themselves. */
export function moveBalls(
  table: TableGeometry,
  shot: DraftShot,
  labels: Set<string>,
  dx: number,
  dy: number,
): DraftShot {
  const places = ballPlaces(table, shot.balls)
  return {
    ...shot,
    balls: shot.balls.map((ball) => {
      const at = places.get(ball.label)
      const anchor = anchorOf(ball.position)
      if (!labels.has(ball.label) || !at || (anchor && labels.has(anchor))) return ball
      const to = { xMillimetres: at.xMillimetres + dx, yMillimetres: at.yMillimetres + dy }
      return { ...ball, position: atSights(table, to) }
    }),
  }
}

/** The first number, or letter for a blocker, that no ball of the shot has. */
export function freeLabel(balls: DraftBall[], role: Role): string {
  const taken = new Set(balls.map((ball) => ball.label))
  if (role === 'cue') return 'cue'
  for (let n = 0; ; n++) {
    const label = role === 'blocker' ? `B${n + 1}` : String(n + 1)
    if (!taken.has(label)) return label
  }
}

export function addBall(table: TableGeometry, shot: DraftShot, role: Role, place: Point): DraftShot {
  const ball: DraftBall = { label: freeLabel(shot.balls, role), role, position: atSights(table, place) }
  return { ...shot, balls: [...shot.balls, ball] }
}

/** Takes balls away; what hung on them stays where it lay, and demands that name them go. The cue ball stays. */
export function removeBalls(table: TableGeometry, shot: DraftShot, labels: Set<string>): DraftShot {
  const places = ballPlaces(table, shot.balls)
  const gone = new Set(
    shot.balls.filter((ball) => labels.has(ball.label) && ball.role !== 'cue').map((b) => b.label),
  )
  const balls = shot.balls
    .filter((ball) => !gone.has(ball.label))
    .map((ball) => {
      const anchor = anchorOf(ball.position)
      const at = places.get(ball.label)
      return anchor && gone.has(anchor) && at ? { ...ball, position: atSights(table, at) } : ball
    })
  return { ...shot, balls, demands: (shot.demands ?? []).flatMap((demand) => without(demand, gone)) }
}

function without(demand: DraftDemand, gone: Set<string>): DraftDemand[] {
  switch (demand.kind) {
    case 'pot-ball':
    case 'land':
    case 'hide-from':
      return gone.has(demand.ball) ? [] : [demand]
    case 'touch-balls':
    case 'leave-alone': {
      const balls = demand.balls.filter((label) => !gone.has(label))
      return balls.length === 0 ? [] : [{ ...demand, balls }]
    }
    default:
      return [demand]
  }
}

/** Copies of balls, a little aside, under new labels; the copies of the cue ball are blockers, there is only one. */
export function copyBalls(
  table: TableGeometry,
  shot: DraftShot,
  copied: { ball: DraftBall; place: Point }[],
  asideMillimetres: number,
): { shot: DraftShot; labels: string[] } {
  let next = shot
  const labels: string[] = []
  for (const { ball, place } of copied) {
    const role = ball.role === 'cue' ? 'blocker' : ball.role
    const label = freeLabel(next.balls, role)
    const to = {
      xMillimetres: place.xMillimetres + asideMillimetres,
      yMillimetres: place.yMillimetres + asideMillimetres,
    }
    next = { ...next, balls: [...next.balls, { label, role, position: atSights(table, to) }] }
    labels.push(label)
  }
  return { shot: next, labels }
}

const MIRRORED_POCKET: Record<PocketName, PocketName> = {
  SW: 'NW',
  S: 'N',
  SE: 'NE',
  NE: 'SE',
  N: 'S',
  NW: 'SW',
}
const MIRRORED_CUSHION = { W: 'W', E: 'E', S: 'N', N: 'S' } as const

/** y -> W - y, in anchored words. */
export function mirroredPosition(position: DraftPosition): DraftPosition {
  switch (position.kind) {
    case 'sights':
      return { ...position, across: 4 - position.across }
    case 'spot':
      return { ...position, dyMillimetres: -(position.dyMillimetres ?? 0) }
    case 'off-cushion':
      return {
        ...position,
        cushion: MIRRORED_CUSHION[position.cushion],
        sightsAlong: isLong(position.cushion) ? position.sightsAlong : 4 - position.sightsAlong,
      }
    case 'off-pocket':
      return {
        ...position,
        pocket: MIRRORED_POCKET[position.pocket],
        bearingDegrees: -position.bearingDegrees,
      }
    case 'touching-ball':
      return { ...position, bearingDegrees: -position.bearingDegrees }
    case 'for-pot':
      return { ...position, pocket: MIRRORED_POCKET[position.pocket], cutDegrees: -position.cutDegrees }
  }
}

function mirroredZone(zone: DraftZone): DraftZone {
  switch (zone.kind) {
    case 'circle':
      return { ...zone, centre: mirroredPosition(zone.centre) }
    case 'ellipse':
    case 'rectangle':
      return { ...zone, centre: mirroredPosition(zone.centre), angleDegrees: -zone.angleDegrees }
    case 'polygon':
      return { ...zone, corners: [...zone.corners].reverse().map(mirroredPosition) }
    case 'corridor':
      return { ...zone, from: mirroredPosition(zone.from), to: mirroredPosition(zone.to) }
    case 'band':
      return isLong(zone.cushion)
        ? { ...zone, cushion: MIRRORED_CUSHION[zone.cushion] }
        : { ...zone, fromSights: 4 - zone.toSights, toSights: 4 - zone.fromSights }
    case 'near-cushion':
      return { ...zone, cushion: MIRRORED_CUSHION[zone.cushion] }
  }
}

function mirroredDemand(demand: DraftDemand): DraftDemand {
  const half = { left: 'right', right: 'left', any: 'any' } as const
  switch (demand.kind) {
    case 'pot-ball':
      return {
        ...demand,
        pocket: MIRRORED_POCKET[demand.pocket],
        ...(demand.half ? { half: half[demand.half] } : {}),
        ...(demand.via ? { via: demand.via.map((cushion) => MIRRORED_CUSHION[cushion]) } : {}),
      }
    case 'land':
      return { ...demand, zone: mirroredZone(demand.zone) }
    case 'stay-in':
      return { ...demand, area: mirroredZone(demand.area) }
    case 'cushion-point':
      return {
        ...demand,
        cushion: MIRRORED_CUSHION[demand.cushion],
        sightsAlong: isLong(demand.cushion) ? demand.sightsAlong : 4 - demand.sightsAlong,
      }
    case 'cue-ball-into':
      return { ...demand, pocket: MIRRORED_POCKET[demand.pocket] }
    case 'not-cross':
      return { ...demand, from: mirroredPosition(demand.from), to: mirroredPosition(demand.to) }
    case 'use-cushions':
      return { ...demand, cushions: demand.cushions.map((cushion) => MIRRORED_CUSHION[cushion]) }
    default:
      return demand
  }
}

/** The whole shot turned over the table's long axis, or only some of its balls. */
export function mirroredShot(shot: DraftShot, only?: Set<string>): DraftShot {
  const balls = shot.balls.map((ball) =>
    !only || only.has(ball.label) ? { ...ball, position: mirroredPosition(ball.position) } : ball,
  )
  return only ? { ...shot, balls } : { ...shot, balls, demands: (shot.demands ?? []).map(mirroredDemand) }
}

/** A copy of a station right after it. */
export function copyStation(drill: DrillDocument, index: number, name: string): DrillDocument {
  const station = drill.stations[index]
  if (!station) return drill
  const stations = [...drill.stations]
  stations.splice(index + 1, 0, { ...station, name })
  return { ...drill, stations }
}

export function removeStation(drill: DrillDocument, index: number): DrillDocument {
  return drill.stations.length === 1
    ? drill
    : { ...drill, stations: drill.stations.filter((_, i) => i !== index) }
}

export function moveStation(drill: DrillDocument, index: number, by: number): DrillDocument {
  const to = index + by
  const station = drill.stations[index]
  if (!station || to < 0 || to >= drill.stations.length) return drill
  const stations = drill.stations.filter((_, i) => i !== index)
  stations.splice(to, 0, station)
  return { ...drill, stations }
}
