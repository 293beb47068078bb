// The five bands of the scale, for drawing (grading.md); the server says which one a grade lies in.
export const BANDS = [
  { name: 'CHALK', from: 0, to: 275 },
  { name: 'BAIZE', from: 275, to: 425 },
  { name: 'SLATE', from: 425, to: 575 },
  { name: 'BRASS', from: 575, to: 725 },
  { name: 'AMBER', from: 725, to: 1000 },
] as const

export type BandName = (typeof BANDS)[number]['name']

export function bandOf(grade: number): BandName {
  return [...BANDS].reverse().find((band) => grade >= band.from)?.name ?? 'CHALK'
}
