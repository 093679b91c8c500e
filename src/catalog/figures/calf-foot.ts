import {
  arms,
  band,
  box,
  figure,
  free,
  front,
  hold,
  ON_HIPS,
  post,
  stand,
  type Figures,
  ball,
  arrow,
  wall,
  AHEAD,
  line,
} from './pose';

const ONE = { far: { hip: 14, knee: 70, ankle: 0 } };
const RAIL = arms(58, 24);
const up = (name: string, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, { ankle: 2, knee: 2, heel: 42, trunk: 2, moving: true, ...over });
const flat = (name: string, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, { ankle: 3, knee: 3, trunk: 2, moving: true, ...over });
const bentUp = (name: string, heel: number, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, { ankle: 26, knee: 46, heel, trunk: 12, moving: true, ...over });
const sitting = (
  name: string,
  near: { hip: number; knee: number; ankle: number },
  over: Partial<Parameters<typeof free>[1]> = {},
) => free(name, { trunk: -8, near, arms: arms(-24, 10), y: 0.06, ...over });
const onOne = (name: string, over: Parameters<typeof front>[1] = {}) =>
  front(name, {
    hips: [-0.05, 0],
    feet: [
      [-0.06, 0],
      [0.09, 0.2],
    ],
    arms: [
      [60, -20],
      [60, -20],
    ],
    ...over,
  });

export const CALF_FOOT_FIGURES: Figures = {
  'calf-raise-two-leg': figure(
    'none',
    [flat('Flat', { arms: RAIL }), up('Full height', { arms: RAIL })],
    post(0.34, 0.8),
  ),
  'calf-raise-one-leg': figure(
    'none',
    [flat('Flat', { ...ONE, arms: RAIL }), up('Full height', { ...ONE, arms: RAIL })],
    post(0.34, 0.8),
  ),
  'bent-knee-calf-raise': figure(
    'none',
    [bentUp('Knee bent', 0, { ...ONE, arms: RAIL }), bentUp('Heel up', 36, { ...ONE, arms: RAIL })],
    post(0.4, 0.8),
  ),
  'heel-raised-hold': figure(
    'none',
    [flat('Set', { ...ONE, arms: RAIL }), { ...up('Hold, just below the top', { ...ONE, arms: RAIL }), heel: 34 }],
    post(0.34, 0.8),
  ),
  'tibialis-raise': figure(
    'none',
    [
      stand('Flat', { ankle: -14, knee: 2, trunk: -10, moving: true, arms: ON_HIPS }),
      stand('Toes up', { ankle: -14, knee: 2, heel: -22, trunk: -10, moving: true, arms: ON_HIPS }),
    ],
    wall(-0.26),
  ),
  'bent-knee-calf-raise-two-leg': figure('none', [
    bentUp('Knees bent', 0, { arms: AHEAD }),
    bentUp('Heels up', 34, { arms: AHEAD }),
  ]),
  'loaded-calf-raise': figure(
    'dumbbell',
    [
      flat('Heel level', { ...ONE, y: 0.1, arms: hold('hang') }),
      up('Full height', { ...ONE, y: 0.1, arms: hold('hang') }),
    ],
    box(-0.04, 0.22, 0.1),
  ),
  'loaded-bent-knee-calf-raise': figure(
    'plate',
    [
      stand('Sit, heels low', { ankle: 4, knee: 92, trunk: 4, arms: arms(30, 50), moving: true }),
      stand('Heels high', { ankle: 10, knee: 98, heel: 32, trunk: 4, arms: arms(34, 50), moving: true }),
    ],
    box(-0.36, 0.22, 0.235),
  ),
  'calf-lowering': figure(
    'none',
    [up('Two up', { y: 0.1, arms: RAIL }), flat('One down', { ...ONE, y: 0.1, arms: RAIL })],
    box(-0.04, 0.22, 0.1),
    post(0.34, 0.9),
  ),
  'heel-raised-hold-two-leg': figure('none', [flat('Set', {}), up('Hold high', {})]),
  'bent-knee-heel-hold': figure('none', [
    stand('Quarter squat', { ankle: 26, knee: 56, arms: AHEAD }),
    bentUp('Hold, heels high', 30, { knee: 58, arms: AHEAD }),
  ]),
  'push-isometric-toe': figure(
    'bar',
    [
      flat('Under the pins', { ...ONE, heel: 16, arms: hold('back') }),
      up('Push and hold', { ...ONE, heel: 24, arms: hold('back') }),
    ],
    { kind: 'overhead-bar', x: -0.02, y: 0.92 },
  ),
  'tibialis-band-raise': figure(
    'none',
    [
      sitting('Toes away', { hip: 88, knee: 4, ankle: -34 }),
      sitting('Toes to the shin', { hip: 88, knee: 4, ankle: 20 }),
    ],
    band([0.95, 0.06], 'toe'),
  ),
  'band-flick': figure(
    'none',
    [
      sitting('Toes up', { hip: 96, knee: 6, ankle: 14 }, { arms: arms(40, 30) }),
      sitting('Flick', { hip: 96, knee: 6, ankle: -44 }, { arms: arms(40, 30) }),
    ],
    band('hand', 'toe'),
  ),
  'big-toe-press': figure(
    'none',
    [
      stand('Sit', { ankle: 0, knee: 88, trunk: 4, arms: arms(20, 50), moving: true }),
      stand('Press the big toe', { ankle: 0, knee: 88, trunk: 14, arms: arms(24, 40), moving: true }),
    ],
    box(-0.36, 0.22, 0.23),
    arrow(0.13, 0.14, 0.13, 0.05),
  ),
  'arch-lift': figure(
    'none',
    [flat('Stand', { arms: ON_HIPS }), flat('Lift the arch', { arms: ON_HIPS, ankle: 5 })],
    arrow(0.04, -0.06, 0.04, 0.03),
  ),
  'single-leg-balance': figure('none', [
    front('Two feet', {
      arms: [
        [20, -120],
        [20, -120],
      ],
    }),
    onOne('Still', {
      arms: [
        [20, -120],
        [20, -120],
      ],
    }),
  ]),
  'pad-balance-catch': figure(
    'none',
    [
      onOne('Stand', {
        arms: [
          [40, -60],
          [40, -60],
        ],
      }),
      onOne('Catch', {
        arms: [
          [90, 10],
          [70, 10],
        ],
      }),
    ],
    box(-0.16, 0.2, 0.02),
    ball(0.4, 0.75, 0.05),
  ),
  'roller-foot': figure(
    'none',
    [
      flat('Heel end', { far: { x: 0.1, y: 0.08, heel: -8 }, arms: RAIL }),
      flat('Ball end', { far: { x: 0.06, y: 0.08, heel: 10 }, arms: RAIL }),
    ],
    ball(0.14, 0.04, 0.04),
    post(0.4, 0.9),
  ),
  'gaze-turns-one-leg': figure(
    'none',
    [
      onOne('Eyes on the thumb', {
        arms: [
          [90, 2],
          [20, 20],
        ],
      }),
      onOne('Head turns', {
        arms: [
          [90, 2],
          [20, 20],
        ],
        trunk: 2,
      }),
    ],
    arrow(-0.12, 1.02, 0.12, 1.02),
  ),
  'gaze-walk-line': figure(
    'none',
    [
      stand('Heel to toe', { ankle: 2, knee: 4, far: { x: -0.15, y: 0, heel: 8 }, arms: ON_HIPS }),
      stand('Look and walk', {
        ankle: 6,
        knee: 8,
        trunk: 3,
        far: { hip: 16, knee: 22, ankle: 0 },
        arms: ON_HIPS,
        moving: true,
      }),
    ],
    line(0.2),
    arrow(0.1, 1.0, 0.24, 1.06),
  ),
};
