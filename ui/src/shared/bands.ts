// The five bands of the scale, for drawing and choosing (grading.md); the server says which one a grade lies in.
export const BANDS = [
  { name: 'CHALK', from: 0, to: 275, middleLogits: -3 },
  { name: 'BAIZE', from: 275, to: 425, middleLogits: -1.5 },
  { name: 'SLATE', from: 425, to: 575, middleLogits: 0 },
  { name: 'BRASS', from: 575, to: 725, middleLogits: 1.5 },
  { name: 'AMBER', from: 725, to: 1000, middleLogits: 3 },
] as const

export type BandName = (typeof BANDS)[number]['name']
