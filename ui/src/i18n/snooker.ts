// What the snooker dialect says otherwise (product.md, "Words").
export const snooker = {
  today: { counts: '{potted} of {attempts} potted' },
  drills: {
    sights: 'sights {along} · {across}',
    aimRoom: 'Aimed at the middle of what pots at this pace: ± {mrad} mrad.',
    byCushions: 'no cushion | off one cushion | off {n} cushions',
    way: { RUN_THROUGH: 'run-through', FOLLOW: 'top', DRAW: 'screw' },
    demand: {
      POT: 'Pot ball {balls} in the {pocket} pocket',
      POT_LEFT: 'Pot ball {balls} in the left half of the {pocket} pocket',
      POT_RIGHT: 'Pot ball {balls} in the right half of the {pocket} pocket',
      POT_VIA: 'Double ball {balls} off the {cushions} into the {pocket} pocket',
      CUSHIONS_FIRST: 'At least {least} cushions before the ball',
    },
  },
  skill: { DRAW: 'screw', FOLLOW: 'top', SIDE: 'side' },
  pocket: {
    SW: 'bottom right',
    S: 'right middle',
    SE: 'top right',
    NE: 'top left',
    N: 'left middle',
    NW: 'bottom left',
  },
  cushion: { W: 'bottom cushion', E: 'top cushion', S: 'right long cushion', N: 'left long cushion' },
  outcome: {
    POTTED_CLEAN: 'Potted clean',
    OFF_THICK_JAW: 'Off the thick jaw',
    MISSED_THICK: 'Missed thick',
    MISSED_THIN: 'Missed thin',
    inOff: 'In-off',
  },
  recording: {
    firstHint: 'The drawing is to scale. Choose how it went first if it was not potted clean.',
    why: {
      NOT_POTTED: 'not potted',
      IN_OFF: 'in-off',
      CUSHION_POINT_MISSED: 'cushion point missed',
      OTHER_CUSHIONS: 'other cushions than asked',
      TOO_FEW_CUSHIONS_FIRST: 'too few cushions before the ball',
    },
    help: { inOff: 'In-off on or off' },
  },
  review: {
    potted: 'potted',
    reason: { NO_DATA: 'No landing of a made pot yet.' },
    inOffs: '{n} in-off | {n} in-offs',
    of: 'of made pots only; 95 % intervals',
  },
  settings: { SIGHTS: 'sights' },
  unit: { sights: '{n} sights' },
}
