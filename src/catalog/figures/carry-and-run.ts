import { kneeUp } from './movements';
import { arms, arrow, AT_SIDES, band, box, figure, front, hold, line, stand, type Figures } from './pose';

const HANG = hold('hang');
const walk = (name: string, how: Parameters<typeof stand>[1], far: { hip: number; knee: number; ankle: number }) =>
  stand(name, { ankle: 6, knee: 8, trunk: 2, far, moving: true, ...how });
const carry = (how: Parameters<typeof stand>[1]) => [
  walk('Step', how, { hip: 24, knee: 30, ankle: 0 }),
  walk('Through', how, { hip: -20, knee: 18, ankle: -10 }),
];
const push = (name: string, how: Parameters<typeof arms>, far: { hip: number; knee: number; ankle: number }) =>
  stand(name, { ankle: 38, knee: 10, heel: 30, trunk: 52, arms: arms(...how), far, moving: true });
const run = (name: string, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: 22,
    knee: 12,
    heel: 36,
    trunk: 12,
    far: { hip: 66, knee: 84, ankle: 4 },
    arms: arms(-46, 84),
    farArms: arms(44, 88),
    moving: true,
    ...over,
  });
const recover = (name: string, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, {
    ankle: -2,
    knee: 16,
    heel: 8,
    trunk: 8,
    far: { hip: 20, knee: 104, ankle: 0 },
    arms: arms(30, 88),
    farArms: arms(-34, 84),
    moving: true,
    ...over,
  });
const brake = (name: string) =>
  stand(name, { ankle: -16, knee: 62, trunk: 14, far: { x: -0.3, y: 0, heel: 34 }, arms: arms(20, 70), moving: true });
const ready = (name = 'Ready') =>
  front(name, {
    hips: [0, 0.13],
    feet: [
      [-0.18, 0],
      [0.18, 0],
    ],
    arms: [
      [30, 80],
      [30, 80],
    ],
  });
const plant = (name: string, way: 1 | -1) =>
  front(name, {
    hips: [way * 0.02, 0.15],
    feet:
      way > 0
        ? [
            [-0.34, 0],
            [0.08, 0.08],
          ]
        : [
            [-0.08, 0.08],
            [0.34, 0],
          ],
    trunk: way * 14,
    arms: [
      [40, 80],
      [40, 80],
    ],
    moving: true,
  });

export const CARRY_AND_RUN_FIGURES: Figures = {
  'sled-push': figure(
    'none',
    [push('Drive', [104, 4], { hip: 92, knee: 92, ankle: 0 }), push('Push', [104, 4], { hip: 34, knee: 84, ankle: 0 })],
    box(0.52, 0.3, 0.1),
    { kind: 'post', x: 0.56, h: 0.62 },
  ),
  'sled-march': figure(
    'none',
    [
      push('Knee up', [30, 80], { hip: 80, knee: 88, ankle: 0 }),
      push('Push', [-30, 80], { hip: 34, knee: 84, ankle: 0 }),
    ],
    box(-0.95, 0.3, 0.1),
    band([-0.65, 0.08], 'hip'),
  ),
  'sled-drag-backward': figure(
    'none',
    [
      stand('Sit back', {
        ankle: 4,
        knee: 62,
        trunk: 0,
        far: { x: -0.2, y: 0, heel: 8 },
        arms: arms(66, 2),
        moving: true,
      }),
      stand('Step back', {
        ankle: -14,
        knee: 46,
        trunk: -6,
        far: { x: -0.36, y: 0, heel: 20 },
        arms: arms(66, 2),
        moving: true,
      }),
    ],
    box(0.62, 0.3, 0.1),
    band([0.62, 0.08], 'hand'),
  ),
  'sled-lateral-drag': figure(
    'none',
    [
      ready('Low'),
      front('Push off', {
        hips: [0.1, 0.12],
        feet: [
          [-0.26, 0],
          [0.26, 0],
        ],
        trunk: 10,
        arms: [
          [30, 80],
          [30, 80],
        ],
        moving: true,
      }),
    ],
    box(-0.95, 0.3, 0.1),
    band([-0.65, 0.08], 'hip'),
  ),
  'band-resisted-march': figure(
    'none',
    [
      kneeUp('Knee up', arms(-30, 80), { farArms: arms(40, 80), ankle: 18, trunk: 18, heel: 12 }),
      push('Push', [30, 80], { hip: 34, knee: 84, ankle: 0 }),
    ],
    band([-0.8, 0.5], 'hip'),
  ),
  'farmer-walk': figure('dumbbell', carry({ arms: HANG })),
  'suitcase-carry': figure('kettlebell', [
    front('Still', {
      arms: [
        [2, 2],
        [20, 20],
      ],
    }),
    front('Step', {
      hips: [-0.01, 0.01],
      feet: [
        [-0.06, 0],
        [0.06, 0.06],
      ],
      arms: [
        [2, 2],
        [20, 20],
      ],
    }),
  ]),
  'overhead-carry': figure('kettlebell', carry({ arms: arms(178, 2), farArms: AT_SIDES })),
  'front-carry': figure('kettlebell', carry({ arms: hold('chest') })),

  'run-and-stop': figure('none', [run('Run'), brake('Brake, low')], arrow(-0.5, 0.9, -0.2, 0.9)),
  'planned-cut': figure(
    'none',
    [ready('Low step in'), plant('Plant', 1)],
    { kind: 'post', x: -0.5, h: 0.14 },
    arrow(0.2, 0.95, 0.48, 0.95),
  ),
  'reactive-cut': figure(
    'none',
    [ready('Ready both ways'), plant('Plant', 1), plant('Or plant', -1)],
    arrow(0.26, 1.0, 0.46, 1.0),
    arrow(-0.26, 1.0, -0.46, 1.0),
  ),
  'shuffle-and-go': figure('none', [ready('Shuffle'), run('Go')], arrow(0.3, 0.4, 0.5, 0.4)),
  'crossover-start': figure('none', [
    ready('Low ready'),
    front('Cross', {
      hips: [0.08, 0.12],
      feet: [
        [0.26, 0.05],
        [0.04, 0],
      ],
      trunk: 12,
      arms: [
        [40, 80],
        [40, 80],
      ],
      moving: true,
    }),
    run('Five steps'),
  ]),
  'falling-start': figure('none', [
    stand('Lean', { ankle: 18, knee: 2, heel: 10, trunk: 18, moving: true }),
    run('Push', { trunk: 34, ankle: 34 }),
  ]),
  'flying-sprint': figure(
    'none',
    [run('Push off', { trunk: 4 }), recover('Fly', { air: 0.05, trunk: 4, far: { hip: 62, knee: 108, ankle: 4 } })],
    arrow(0.2, 0.1, 0.6, 0.1),
  ),
  'backward-turn-sprint': figure(
    'none',
    [
      stand('Backward', {
        ankle: 18,
        knee: 40,
        trunk: 24,
        far: { hip: -24, knee: 40, ankle: -10 },
        arms: arms(30, 80),
        moving: true,
      }),
      ready('Open the hip'),
      run('Go'),
    ],
    arrow(-0.1, 0.95, -0.4, 0.95),
  ),
  'mirror-drill': figure(
    'none',
    [
      ready('Watch'),
      front('Shuffle', {
        hips: [0.1, 0.14],
        feet: [
          [-0.1, 0],
          [0.34, 0],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
        moving: true,
      }),
    ],
    { kind: 'post', x: 0.7, h: 0.9 },
    arrow(0.2, 0.95, 0.45, 0.95),
    arrow(-0.1, 0.95, -0.35, 0.95),
  ),

  'line-shuttles': figure(
    'none',
    [
      run('Run'),
      stand('Touch the line', {
        ankle: 10,
        knee: 84,
        trunk: 46,
        far: { x: -0.4, y: 0, heel: 46 },
        arms: arms(10, 4),
        moving: true,
      }),
    ],
    line(0.1),
    arrow(-0.2, 0.95, -0.5, 0.95),
  ),
  'interval-runs': figure('none', [run('Run'), recover('Even pace')]),
  'tempo-strides': figure(
    'none',
    [run('Tall and loose', { trunk: 4 }), recover('Relaxed', { trunk: 2 })],
    arrow(0.2, 0.06, 0.5, 0.06),
  ),
  'uphill-runs': figure(
    'none',
    [run('Push', { trunk: 30, ankle: 32 }), recover('Knee', { trunk: 22, far: { hip: 60, knee: 96, ankle: 4 } })],
    { kind: 'arrow', from: [0.1, 0.02], to: [0.6, 0.16] },
  ),
  'shuffle-intervals': figure(
    'none',
    [
      ready('Low'),
      front('Push off', {
        hips: [0.12, 0.13],
        feet: [
          [-0.16, 0],
          [0.36, 0],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
        moving: true,
      }),
    ],
    line(-0.5),
    line(0.6),
  ),
  'backward-run-intervals': figure(
    'none',
    [
      stand('Reach back', {
        ankle: 14,
        knee: 26,
        trunk: 18,
        far: { hip: -30, knee: 50, ankle: -20 },
        arms: arms(40, 84),
        farArms: arms(-30, 84),
        moving: true,
      }),
      stand('Push', {
        ankle: -12,
        knee: 24,
        trunk: 14,
        far: { hip: 34, knee: 34, ankle: 0 },
        arms: arms(-30, 84),
        farArms: arms(40, 84),
        moving: true,
      }),
    ],
    arrow(-0.2, 0.1, -0.5, 0.1),
  ),
  'change-of-direction-intervals': figure(
    'none',
    [run('In'), plant('Round the cone', 1)],
    { kind: 'post', x: -0.5, h: 0.14 },
    { kind: 'post', x: 0.6, h: 0.14 },
  ),
  'swing-intervals': figure('kettlebell', [
    stand('Hike', { ankle: 'balance', knee: 36, trunk: 62, arms: arms(-28, 0), moving: true }),
    stand('Float', { ankle: 2, knee: 2, trunk: 0, arms: arms(76, 6), moving: true }),
  ]),
};
