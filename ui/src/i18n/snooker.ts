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
      CUSHION_POINT: 'Then the cue ball meets the {cushions} at {sights} sights',
      CUSHIONS_FIRST: 'At least {least} cushions before the ball',
    },
  },
  lab: {
    inOff: 'in-off',
    word: { THICK: 'thick' },
    panel: {
      side: { name: 'Side', question: 'With side: where do I aim?' },
      squeeze: {
        question: 'Nearly not on: how far does side turn the object ball’s line?',
        drawn:
          'Thin lines: where the object ball goes with each side, hit on the same spot. Angles: counter-clockwise is positive.',
        why: 'Friction between the balls turns the object ball off the line of centres (throw). Outside side takes the throw of a cut away, inside side adds to it; soft strokes throw most. A pot that is covered by less than the figure at the pocket can be squeezed past. Cue raised by 3 degrees. (physics model, section 4)',
      },
      nearPocket: { question: 'A ball before the pocket: thin, thick with top, thick with screw' },
    },
    column: {
      turnedDegrees: 'Turned against no side',
      squirtDegrees: 'Cue ball deflection',
      fromCushionMillimetres: 'From the nearest cushion',
    },
  },
  recipes: {
    consequence: { IN_OFF: 'in-off' },
  },
  target: {
    done: '{mm} mm: so large that this share of all strokes lands in it ({pots} in 100 pot the ball).',
    none: 'No zone is large enough: only {pots} in 100 pot the ball and stay up.',
  },
  bench: {
    figureWhy: {
      roll: 'Rolls to, stun to: where the cue ball meets its first cushion when it comes rolling without side, and at right angles to the line of centres when it has no spin. In sights.',
      danger: 'In-off: pockets that the line of a stun, a rolling or some other stroke meets, by the engine.',
    },
    ruler: 'sights {along} · {across} – {short} mm {shortName}, {long} mm {longName}',
    overlay: {
      fan: 'screw to top (pale)',
      danger: 'in-off (ring)',
      sights: 'sights',
      grid: 'sights (not on this table)',
    },
    caught: { cushion: 'touching the {name}', sight: 'sight {name}' },
    grip: { point: 'Point on the cushion' },
    position: { sights: 'distance from two cushions', 'off-cushion': 'ball widths from a cushion' },
    unit: { sights: 'sights' },
    cushion: 'Cushion',
    sightsAlong: 'At sight',
    demand: {
      'pot-ball': 'pot a ball',
      'cushion-point': 'meet a point of a cushion',
      'use-cushions': 'go by cushions in order',
      'cushions-first': 'cushions before the ball',
    },
    via: 'By cushions (a double)',
    cushionOrder: 'Cushions in order',
    zone: { band: 'band along a cushion', 'near-cushion': 'as near a cushion as possible' },
    explore: { side: 'change the side' },
    sideAllowed: 'side',
    figure: { danger: 'In-off' },
    danger: { SOME_SPIN: 'some screw or top goes there' },
  },
  progress: { pottingByWeek: 'Pots made, by week' },
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
    explore: { SIDE: 'Change the side only; the first shot is the baseline' },
    help: { inOff: 'In-off on or off' },
    advice: {
      aim: { more: 'aim {millimetres} mm thicker at the ball.' },
    },
  },
  review: {
    explored: {
      SIDE: 'Nothing passes or fails here: the side was changed on purpose. The dotted line is where a stroke without error ends, from left to right.',
    },
    potted: 'potted',
    found: {
      thick:
        'Of the misses that were too thick or too thin, {x} of {n} were too thick: {rate} % ({lower} to {upper}).',
    },
    reason: { NO_DATA: 'No landing of a made pot yet.' },
    inOffs: '{n} in-off | {n} in-offs',
    of: 'of made pots only; 95 % intervals',
  },
  settings: { SIGHTS: 'sights' },
  unit: { sights: '{n} sights' },
}
