// Grades, ways to play, and how strokes are read.

export const grades = {
  title: 'How hard it is',
  ladder: 'The scale from 0 to 1000 with the stations of this drill',
  band: { CHALK: 'Chalk', BAIZE: 'Baize', SLATE: 'Slate', BRASS: 'Brass', AMBER: 'Amber' },
  kind: { AIM: 'aim', PACE: 'pace', HEIGHT: 'tip height', SIDE: 'tip side' },
  exact: '{grade}, {band} (± {error})',
  rough: 'about {grade}, {band} (± {error}, being worked out)',
  hardest: 'hardest thing: {kind} ({points} points easier without its error)',
  state: {
    UNKNOWN: 'not worked out yet',
    OVER_THE_SCALE: 'over 1000: even the best of the scale succeed less than half the time',
    UNDER_THE_SCALE: 'under 0: even a first beginner succeeds more than half the time',
    CANNOT_BE_DONE: 'no stroke that a person can play does it',
  },
  job: {
    NOT_ASKED: 'Some of it has not been worked out on this table.',
    CANCELLED: 'Stopped; what was finished is kept.',
    FAILED: 'The work broke off; what was finished is kept.',
  },
  begin: 'Work it out',
  working: 'Being worked out: {share} %',
  cancel: 'Stop',
  why: 'Where the number comes from',
  whyWords:
    'The usual stroke is simulated thousands of times with the errors of students of every level (aim, pace, tip height and side; 2.0 mrad, 6.5 %, 2.0 mm and 1.4 mm for a student of 500, smaller by 1.6 for every 150 points). The grade is the level that succeeds half the time: 500 + 100 logits. ± is the simulation’s own standard error. Recorded attempts will correct it. The error sizes are our assumption.',
  range: '{from} to {to}',
  filter: 'Grade',
}

export const recipes = {
  title: 'Ways to play it',
  forBand: 'Chance for',
  none: 'No stroke that a person can play does this. The bench shows what stands in the way; a larger target or another place of the cue ball may help.',
  nearest:
    'Nearest that works: the ball drops and the cue ball rests {miss} from the target’s centre, played at pace {pace}, tip {tip}.',
  notMet: 'Not met then: {why}.',
  widerTarget: 'A target that reaches there, or a cue ball nearer to it, would do.',
  showNearest: 'Show its path',
  openPockets: 'From here the ball can be played into: {pockets}.',
  preferred: 'is the usual way:',
  atReference: '(judged for a student of 500)',
  way: 'Way',
  chance: 'Succeeds',
  pace: 'Pace',
  tip: 'Tip',
  paceRoom: 'Pace may be off',
  tipRoom: 'Tip may be off',
  aimRoom: 'Aim may be off',
  first: 'First to go wrong',
  drift: 'Drift to contact',
  words:
    'Each may be off by so much if all else is right. Succeeds: 1,000 simulated strokes with the errors of that band, each on a slope drawn by chance since nobody has checked this table for level; ± is the standard error. Drift: how far aside the cue ball is at contact if the table slopes by 1 mm in a metre across. Choose a way to see its path.',
  ownErrors:
    'For a student the errors are those found from their own shots; with few shots they are mostly the usual ones (pace 6 %, tip 2 mm, aim 1.5 mrad).',
  reason: {
    ONLY_WAY: 'there is no other.',
    SUCCEEDS_MOST: 'it succeeds most often, {points} in 100 more than {other}.',
    AS_GOOD_AND_SIMPLER:
      'it is the simpler one: {other} would succeed only {points} in 100 more often, and nobody can tell that at a table.',
    IS_WHAT_IS_TAUGHT:
      'it is what this drill is there to practise; {other} would succeed {points} in 100 more often.',
  },
  consequence: {
    POT_MISSED: 'the ball is missed',
    IN_OFF: 'scratch',
    LONG: 'long',
    SHORT: 'short',
    LEFT: 'left',
    RIGHT: 'right',
    OTHER: 'something that is not allowed',
  },
}

export const notation = {
  centre: 'centre',
  above: 'above',
  below: 'below',
  right: 'right',
  left: 'left',
  tips: '{n} tip | {n} tips',
  lessThanAQuarter: 'a touch',
  clock: '{time} o’clock, {share} % out',
  lengths: '{n} table lengths',
  scale: '{n} of 10',
}
