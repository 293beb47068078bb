// What the bench begins with: a plain straight-in pot with a ring, ready to be dragged about.
import type { DrillDocument } from './drillDocument'

export function newDrill(
  title: string,
  stationName: string,
  table: DrillDocument['tables'][number],
): DrillDocument {
  return {
    id: 'new',
    version: 1,
    title,
    primarySkill: 'position',
    minutes: 15,
    tables: [table],
    zonesInSights: false,
    sideAllowed: false,
    mirror: 'after_the_original',
    tags: { family: 'own', solo: true, coached: true },
    stations: [
      {
        name: stationName,
        rule: { kind: 'in-a-row', successes: 3, capTries: 20 },
        shots: [
          {
            arrival: 'natural_roll',
            balls: [
              { label: '1', role: 'object', position: { kind: 'sights', along: 6, across: 3 } },
              {
                label: 'cue',
                role: 'cue',
                position: {
                  kind: 'for-pot',
                  ball: '1',
                  pocket: 'NE',
                  cutDegrees: 30,
                  distanceMillimetres: 500,
                },
              },
            ],
            demands: [
              { kind: 'pot-ball', ball: '1', pocket: 'NE' },
              {
                kind: 'land',
                ball: 'cue',
                zone: {
                  kind: 'circle',
                  centre: { kind: 'sights', along: 6.5, across: 1.5 },
                  radiusMillimetres: 300,
                },
              },
            ],
          },
        ],
      },
    ],
  }
}
