import { dip, flight, kneeling, kneeUp, land, splitLow } from './movements';
import { arms, arrow, band, box, figure, front, hurdle, line, ON_HIPS, post, stand, type Figures } from './pose';

const TALL = stand('Tall', { heel: 40, ankle: 0, knee: 2, arms: arms(172, 4) });
const BACK_SWING = arms(-46, 6);
const UPWARD = arms(166, 8);
const STICK = land('Stick');
/** On one foot, from the side. */
const oneLand = (name: string, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: 22,
    knee: 56,
    trunk: 28,
    far: { hip: 4, knee: 74, ankle: 0 },
    arms: arms(30, 30),
    moving: true,
    ...over,
  });
const oneFlight = (name: string, air: number, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: 2,
    knee: 6,
    heel: 46,
    trunk: 4,
    far: { hip: 70, knee: 84, ankle: 0 },
    arms: arms(60, 60),
    farArms: arms(-30, 60),
    air,
    moving: true,
    ...over,
  });
const bounce = (name: string, air: number, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: air > 0 ? 2 : 12,
    knee: air > 0 ? 6 : 16,
    heel: air > 0 ? 40 : 14,
    trunk: 4,
    air,
    moving: true,
    ...over,
  });
const side = (name: string, x: number, air: number, feet: [[number, number], [number, number]], drop = 0.03) =>
  front(name, {
    hips: [x, drop],
    feet,
    air,
    moving: true,
    arms: [
      [26, 60],
      [26, 60],
    ],
  });
const tuck = (air: number) =>
  stand('Tuck', { ankle: -20, knee: 112, heel: 30, trunk: 16, arms: arms(60, 20), air, moving: true });
const bound = (name: string, air: number, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: 26,
    knee: 12,
    heel: 50,
    trunk: 8,
    far: { hip: 74, knee: 78, ankle: 4 },
    arms: arms(-40, 60),
    farArms: arms(56, 50),
    air,
    moving: true,
    ...over,
  });

export const JUMP_FIGURES: Figures = {
  'rise-to-extension': figure('none', [dip(BACK_SWING), { ...TALL, name: 'Rise' }]),
  'snap-down': figure('none', [TALL, land('Snap', arms(-30, 10))]),
  'jump-and-stick': figure('none', [dip(), flight(0.16), STICK]),
  'squat-jump': figure('none', [land('Sit, hold one', ON_HIPS, { ankle: 26, knee: 84 }), flight(0.15, arms(-4, 10))]),
  'countermovement-jump': figure('none', [dip(), flight(0.18)]),
  'tuck-jump': figure('none', [dip(), tuck(0.3)]),
  'repeated-tuck-jump': figure('none', [bounce('Off at once', 0), tuck(0.34), bounce('And again', 0)]),
  'box-jump': figure(
    'none',
    [dip(), flight(0.2, UPWARD), stand('On the box', { y: 0.26, ankle: 24, knee: 66, arms: arms(34, 10) })],
    box(-0.12, 0.34, 0.26),
  ),
  'drop-and-stick': figure(
    'none',
    [
      stand('Step off', { y: 0.2, ankle: -4, knee: 4, trunk: 2, far: { hip: 34, knee: 10, ankle: 0 }, moving: true }),
      STICK,
    ],
    box(-0.2, 0.28, 0.2),
  ),
  'single-leg-drop-stick': figure(
    'none',
    [
      stand('Step off', { y: 0.12, ankle: -4, knee: 4, trunk: 2, far: { hip: 30, knee: 12, ankle: 0 }, moving: true }),
      oneLand('Stick on one'),
    ],
    box(-0.2, 0.28, 0.12),
  ),
  'drop-jump': figure(
    'none',
    [
      stand('Step off', { y: 0.24, ankle: -4, knee: 4, trunk: 2, far: { hip: 34, knee: 10, ankle: 0 }, moving: true }),
      bounce('Hot floor', 0, { ankle: 16, knee: 34 }),
      flight(0.2),
    ],
    box(-0.2, 0.28, 0.24),
  ),
  'line-hops-two-feet': figure(
    'none',
    [
      side('One side', -0.1, 0, [
        [-0.16, 0],
        [-0.04, 0],
      ]),
      side('Over', 0.08, 0.05, [
        [0.02, 0],
        [0.14, 0],
      ]),
    ],
    line(0),
  ),
  'line-hops-one-foot': figure(
    'none',
    [
      side('One side', -0.06, 0, [
        [-0.1, 0],
        [0.03, 0.14],
      ]),
      side('Over', 0.1, 0.05, [
        [0.06, 0],
        [0.19, 0.14],
      ]),
    ],
    line(0),
  ),
  'assisted-pogo': figure(
    'none',
    [bounce('Floor', 0, { arms: arms(64, 20) }), bounce('Up', 0.05, { arms: arms(60, 20) })],
    post(0.4, 0.85),
  ),
  pogo: figure('none', [bounce('Floor', 0), bounce('Up', 0.08)]),
  'lateral-pogo': figure(
    'none',
    [
      side(
        'Floor',
        -0.12,
        0,
        [
          [-0.17, 0],
          [-0.07, 0],
        ],
        0.01,
      ),
      side(
        'Up and across',
        0.1,
        0.06,
        [
          [0.05, 0],
          [0.15, 0],
        ],
        0,
      ),
    ],
    arrow(0.24, 0.2, 0.4, 0.2),
  ),
  'broad-jump-stick': figure(
    'none',
    [
      dip(BACK_SWING, { trunk: 44 }),
      flight(0.16, arms(130, 6), { trunk: 18, ankle: 24, knee: 14, heel: 56 }),
      land('Stick', arms(40, 10), { ankle: 28, knee: 86 }),
    ],
    arrow(-0.3, 0.08, 0.5, 0.08),
  ),
  'double-broad-vertical': figure('none', [
    flight(0.12, arms(110, 6), { trunk: 20, ankle: 26, knee: 20, heel: 50 }),
    dip(BACK_SWING),
    flight(0.22),
  ]),
  'power-skip': figure('none', [
    kneeUp('Push', arms(-30, 60), { farArms: arms(50, 60), far: { hip: 30, knee: 60, ankle: 0 } }),
    oneFlight('Hang', 0.16, { arms: arms(-30, 30), farArms: arms(150, 20) }),
  ]),
  'run-run-jump': figure('none', [
    bound('Run', 0),
    kneeUp('Plant', arms(-40, 60), { ankle: -8, knee: 12, trunk: -4, far: { hip: 10, knee: 90, ankle: 0 } }),
    oneFlight('Up', 0.22, { arms: arms(60, 60), farArms: arms(158, 20) }),
  ]),
  'split-jump-stick': figure('none', [
    { ...splitLow(BACK_SWING), name: 'Sink', ankle: 6, knee: 66 },
    stand('Up', {
      ankle: -14,
      knee: 18,
      heel: 30,
      trunk: 4,
      far: { hip: -34, knee: 20, ankle: -20 },
      arms: arms(100, 10),
      air: 0.12,
      moving: true,
    }),
    { ...splitLow(arms(30, 30)), name: 'Stick' },
  ]),
  'switching-split-jump': figure(
    'none',
    [
      { ...splitLow(BACK_SWING), name: 'Split' },
      stand('Switch', {
        ankle: 0,
        knee: 10,
        heel: 40,
        trunk: 4,
        far: { hip: 14, knee: 30, ankle: -20 },
        arms: arms(70, 30),
        farArms: arms(-20, 40),
        air: 0.16,
        moving: true,
      }),
    ],
    arrow(0.2, 0.2, -0.2, 0.2),
    arrow(-0.2, 0.28, 0.2, 0.28),
  ),
  'approach-jump': figure('none', [bound('Last long step', 0), dip(BACK_SWING), flight(0.24, arms(160, 10))]),
  'split-snap-down': figure('none', [
    TALL,
    { ...splitLow(arms(-20, 20)), name: 'Snap to a split', ankle: 6, knee: 72 },
  ]),
  'single-leg-snap-down': figure('none', [TALL, oneLand('Snap to one')]),
  'step-and-stick': figure('none', [
    stand('Long step', { ankle: -20, knee: 14, trunk: 4, far: { x: -0.4, y: 0, heel: 40 }, moving: true }),
    oneLand('Stop on one', { ankle: 14, knee: 30, trunk: 12, far: { hip: 60, knee: 80, ankle: 0 } }),
  ]),
  'lean-and-catch': figure('none', [
    stand('Lean as one piece', { ankle: 16, knee: 2, trunk: 16, heel: 8, moving: true }),
    stand('Catch', {
      ankle: 6,
      knee: 74,
      trunk: 12,
      far: { x: -0.6, y: 0, heel: 52 },
      arms: arms(20, 60),
      moving: true,
    }),
  ]),
  'seated-box-jump': figure(
    'none',
    [
      stand('Sit', { ankle: 6, knee: 92, trunk: 16, arms: arms(-30, 10), moving: true }),
      flight(0.2, arms(150, 6)),
      stand('On the box', { y: 0.26, ankle: 24, knee: 66, arms: arms(34, 10) }),
    ],
    box(-0.36, 0.22, 0.235),
  ),
  'broad-jump-run-back': figure(
    'none',
    [
      dip(BACK_SWING, { trunk: 44 }),
      land('Land low', arms(30, 20), { ankle: 30, knee: 96 }),
      bound('Crouch and run back', 0, { trunk: 40, ankle: 30, knee: 40 }),
    ],
    arrow(0.5, 0.9, 0.2, 0.9),
  ),
  'triple-broad-jump': figure(
    'none',
    [dip(BACK_SWING, { trunk: 44 }), flight(0.14, arms(120, 6), { trunk: 16, ankle: 24, knee: 16, heel: 56 })],
    arrow(-0.3, 0.06, -0.02, 0.06),
    arrow(0.06, 0.06, 0.34, 0.06),
    arrow(0.42, 0.06, 0.7, 0.06),
  ),
  bounds: figure('none', [bound('Push off', 0), bound('Fly', 0.16)], arrow(0.3, 0.08, 0.62, 0.08)),
  'straight-leg-bounds': figure('none', [
    stand('Paw back', {
      ankle: 8,
      knee: 4,
      heel: 16,
      trunk: 2,
      far: { hip: 48, knee: 4, ankle: 10 },
      arms: arms(-30, 50),
      farArms: arms(40, 50),
      moving: true,
    }),
    stand('Fly', {
      ankle: 20,
      knee: 2,
      heel: 40,
      trunk: 2,
      far: { hip: 52, knee: 4, ankle: 14 },
      arms: arms(-36, 50),
      farArms: arms(46, 50),
      air: 0.08,
      moving: true,
    }),
  ]),
  'kneel-to-squat-arms': figure('none', [
    kneeling('Kneel', arms(-40, 6), { trunk: 20, near: { hip: 28, knee: 118, ankle: -60 } }),
    land('In the squat', arms(60, 10), { ankle: 32, knee: 116 }),
  ]),
  'kneel-to-squat': figure('none', [
    kneeling('Kneel', ON_HIPS, { trunk: 20, near: { hip: 28, knee: 118, ankle: -60 } }),
    land('In the squat', ON_HIPS, { ankle: 34, knee: 112, trunk: 34 }),
  ]),
  'kneel-to-box': figure(
    'none',
    [
      kneeling('Kneel', arms(-40, 6), { trunk: 20, near: { hip: 28, knee: 118, ankle: -60 } }),
      land('Feet in', arms(20, 10), { ankle: 30, knee: 100 }),
      stand('Box', { y: 0.14, ankle: 22, knee: 60, arms: arms(34, 10) }),
    ],
    box(-0.06, 0.34, 0.14),
  ),
  'step-up-jump': figure(
    'none',
    [
      stand('Foot on', {
        y: 0.18,
        ankle: 22,
        knee: 80,
        trunk: 22,
        far: { x: -0.24, y: 0, heel: 20 },
        arms: BACK_SWING,
        moving: true,
      }),
      stand('Up', {
        y: 0.18,
        ankle: 0,
        knee: 4,
        heel: 46,
        trunk: 2,
        far: { hip: 30, knee: 50, ankle: -10 },
        arms: UPWARD,
        air: 0.14,
        moving: true,
      }),
    ],
    box(-0.1, 0.34, 0.18),
  ),
  'rear-foot-elevated-jump': figure(
    'none',
    [
      stand('Sink', {
        ankle: 10,
        knee: 82,
        trunk: 18,
        far: { x: -0.5, y: 0.22, heel: 120 },
        arms: BACK_SWING,
        moving: true,
      }),
      stand('Up', {
        ankle: -10,
        knee: 8,
        heel: 40,
        trunk: 6,
        far: { hip: -18, knee: 66, ankle: -30 },
        arms: arms(120, 8),
        air: 0.1,
        moving: true,
      }),
    ],
    box(-0.62, 0.22, 0.24),
  ),
  'lunge-knee-drive-jump': figure('none', [
    { ...splitLow(arms(-40, 50)), name: 'Lunge', farArms: arms(40, 60) },
    oneFlight('Knee drives', 0.18, { far: { hip: 86, knee: 92, ankle: 4 } }),
  ]),
  'square-hops': figure(
    'none',
    [
      side('Corner one', -0.14, 0, [
        [-0.18, 0],
        [-0.05, 0.14],
      ]),
      side('Corner two', 0.14, 0.06, [
        [0.1, 0],
        [0.23, 0.14],
      ]),
    ],
    line(-0.28),
    line(0),
    line(0.28),
    arrow(0.3, 0.5, 0.3, 0.7),
  ),
  'lateral-hops': figure(
    'none',
    [
      side(
        'One side',
        -0.1,
        0,
        [
          [-0.14, 0],
          [-0.01, 0.15],
        ],
        0.05,
      ),
      side('Other side', 0.12, 0.1, [
        [0.08, 0],
        [0.21, 0.15],
      ]),
    ],
    line(0),
    arrow(0.2, 0.06, 0.36, 0.06),
    arrow(-0.24, 0.06, -0.4, 0.06),
  ),
  'one-foot-pogo': figure('none', [
    bounce('Floor', 0, { far: { hip: 36, knee: 74, ankle: 0 } }),
    bounce('Up', 0.07, { far: { hip: 36, knee: 74, ankle: 0 } }),
  ]),
  'one-foot-lateral-pogo': figure(
    'none',
    [
      side(
        'Floor',
        -0.1,
        0,
        [
          [-0.12, 0],
          [-0.02, 0.16],
        ],
        0.01,
      ),
      side(
        'Up and across',
        0.1,
        0.06,
        [
          [0.08, 0],
          [0.18, 0.16],
        ],
        0,
      ),
    ],
    arrow(0.26, 0.2, 0.42, 0.2),
  ),
  'rope-skipping': figure(
    'none',
    [bounce('Floor', 0, { arms: arms(-10, 70) }), bounce('Over the rope', 0.05, { arms: arms(-14, 66) })],
    { kind: 'arrow', from: [0.25, 0.04], to: [-0.2, 0.04] },
  ),
  'distance-skip': figure(
    'none',
    [bound('Push', 0, { far: { hip: 46, knee: 60, ankle: 0 } }), bound('Long', 0.1)],
    arrow(0.2, 0.9, 0.5, 0.9),
  ),
  'low-skip': figure('none', [
    kneeUp('Foot under the hip', arms(-24, 50), { farArms: arms(34, 60), far: { hip: 50, knee: 70, ankle: 6 } }),
    oneFlight('Small skip', 0.05, { far: { hip: 58, knee: 76, ankle: 6 } }),
  ]),
  'hurdle-jumps': figure(
    'none',
    [
      bounce('Off', 0, { arms: BACK_SWING }),
      stand('Over', { ankle: -14, knee: 74, heel: 20, trunk: 14, arms: arms(80, 20), air: 0.3, moving: true }),
    ],
    hurdle(0.06, 0.26),
  ),
  'single-leg-hurdle-hops': figure(
    'none',
    [
      bounce('Off', 0, { far: { hip: 30, knee: 60, ankle: 0 } }),
      stand('Over', {
        ankle: -10,
        knee: 60,
        heel: 16,
        trunk: 10,
        far: { hip: 40, knee: 70, ankle: 0 },
        arms: arms(50, 40),
        air: 0.16,
        moving: true,
      }),
    ],
    hurdle(0.06, 0.12),
  ),
  'depth-jump': figure(
    'none',
    [
      stand('Step off', { y: 0.34, ankle: -4, knee: 4, trunk: 2, far: { hip: 34, knee: 10, ankle: 0 }, moving: true }),
      { ...dip(arms(-30, 10)), name: 'Take it' },
      flight(0.3),
    ],
    box(-0.2, 0.28, 0.34),
  ),
  'ready-single-jump': figure(
    'none',
    [stand('When ready', {}), flight(0.24, arms(140, 6), { farArms: arms(176, 2) })],
    { kind: 'overhead-bar', x: 0.06, y: 1.5 },
  ),
  'banded-crossing-hops': figure(
    'none',
    [
      front('Apart', {
        hips: [0, 0.06],
        feet: [
          [-0.2, 0],
          [0.2, 0],
        ],
        arms: [
          [30, 70],
          [30, 70],
        ],
      }),
      front('Crossed', {
        hips: [0, 0.04],
        feet: [
          [0.07, 0],
          [-0.07, 0],
        ],
        arms: [
          [30, 70],
          [30, 70],
        ],
      }),
    ],
    band('knee', 'farKnee'),
  ),
  'banded-half-turns': figure(
    'none',
    [
      front('Face ahead', {
        hips: [0, 0.1],
        feet: [
          [-0.16, 0],
          [0.16, 0],
        ],
        arms: [
          [30, 70],
          [30, 70],
        ],
      }),
      front('Turn', {
        hips: [0, 0.02],
        feet: [
          [-0.08, 0],
          [0.08, 0],
        ],
        air: 0.14,
        moving: true,
        arms: [
          [60, 40],
          [20, 100],
        ],
      }),
    ],
    band('knee', 'farKnee'),
    arrow(-0.2, 1.22, 0.2, 1.22),
  ),
  'quarter-turn-jump-stick': figure(
    'none',
    [
      front('Face ahead', {
        hips: [0, 0.08],
        arms: [
          [30, 40],
          [30, 40],
        ],
      }),
      stand('Turned, stick', { ankle: 24, knee: 66, arms: arms(34, 30) }),
    ],
    arrow(-0.22, 1.1, 0.16, 1.1),
  ),
  'half-turn-drop-stick': figure(
    'none',
    [
      stand('Step off', {
        y: 0.2,
        ankle: -4,
        knee: 4,
        trunk: 2,
        far: { hip: 30, knee: 10, ankle: 0 },
        arms: arms(40, 60),
        moving: true,
      }),
      front('Turn', {
        hips: [0, 0.02],
        air: 0.12,
        moving: true,
        arms: [
          [60, 40],
          [20, 100],
        ],
      }),
      land('Stick', arms(34, 30)),
    ],
    box(-0.2, 0.28, 0.2),
    arrow(-0.2, 1.3, 0.16, 1.3),
  ),
  'hop-and-stick': figure(
    'none',
    [oneFlight('Hop', 0.08, { far: { hip: 30, knee: 70, ankle: 0 } }), oneLand('Stick')],
    arrow(0.2, 0.06, 0.42, 0.06),
  ),
  'hop-hop-stick': figure(
    'none',
    [
      oneFlight('Hop', 0.08, { far: { hip: 30, knee: 70, ankle: 0 } }),
      bounce('Hop again', 0.02, { far: { hip: 30, knee: 70, ankle: 0 } }),
      oneLand('Stick'),
    ],
    arrow(0.16, 0.06, 0.32, 0.06),
    arrow(0.4, 0.06, 0.62, 0.06),
  ),
};
