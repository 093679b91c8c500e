import { dip, flight, land, splitLow } from './movements';
import { arms, figure, front, hold, stand, wall, type Figures, arrow } from './pose';

const HANG = hold('hang');
const RACK = hold('front');
const hang = (name = 'Hang') => stand(name, { ankle: 'balance', knee: 26, trunk: 34, arms: HANG });
const tallPull = (name: string, elbows: [number, number], over: Parameters<typeof stand>[1] = {}) =>
  stand(name, { ankle: 2, knee: 2, heel: 32, trunk: -4, arms: arms(...elbows), moving: true, ...over });
const floor = stand('Floor', { ankle: 12, knee: 100, trunk: 55, arms: HANG, moving: true });
const caught = stand('Catch', { ankle: 22, knee: 56, trunk: 'bar', arms: RACK });
const CHEST = hold('chest');

export const OLYMPIC_FIGURES: Figures = {
  'hang-high-pull': figure('bar', [hang(), tallPull('Elbows high', [70, 100])]),
  'medicine-ball-chest-throw': figure(
    'med-ball',
    [
      stand('Dip', { ankle: 18, knee: 46, arms: CHEST, moving: true }),
      stand('Throw', { ankle: 4, knee: 6, heel: 14, trunk: 12, arms: arms(84, 4), moving: true }),
    ],
    wall(0.9),
  ),
  'medicine-ball-side-throw': figure(
    'med-ball',
    [
      front('Load the back hip', {
        hips: [-0.08, 0.09],
        feet: [
          [-0.2, 0],
          [0.16, 0],
        ],
        trunk: -8,
        arms: [
          [36, -40],
          [-40, -30],
        ],
        moving: true,
      }),
      front('Throw', {
        hips: [0.06, 0.05],
        feet: [
          [-0.2, 0.02],
          [0.16, 0],
        ],
        trunk: 10,
        arms: [
          [-70, 6],
          [76, 4],
        ],
        moving: true,
      }),
    ],
    wall(0.72),
  ),
  'clean-rise': figure('bar', [hang('Mid-thigh'), tallPull('Tall on the toes', [4, 2])]),
  'jump-shrug': figure('bar', [hang(), tallPull('Off the floor', [2, 4], { air: 0.07, heel: 46 })]),
  'hang-power-clean': figure('bar', [hang(), tallPull('Tall', [20, 20]), caught]),
  'power-clean': figure('bar', [floor, tallPull('Tall', [20, 20]), caught]),
  'hang-power-snatch': figure('bar', [
    hang(),
    tallPull('Tall', [60, 90]),
    stand('Catch', { ankle: 22, knee: 56, trunk: 'bar', arms: hold('overhead') }),
  ]),
  'muscle-snatch': figure('bar', [
    hang(),
    stand('Turn over', { ankle: 2, knee: 4, trunk: 0, arms: arms(80, 84), moving: true }),
    stand('Locked', { ankle: 4, knee: 4, trunk: 'bar', arms: hold('overhead') }),
  ]),
  'hip-snatch': figure('bar', [
    stand('In the hip', { ankle: 14, knee: 34, trunk: 8, arms: arms(4, 30), moving: true }),
    stand('Catch', { ankle: 18, knee: 48, trunk: 'bar', arms: hold('overhead') }),
  ]),
  'push-press': figure('bar', [
    stand('Dip', { ankle: 16, knee: 40, trunk: 'bar', arms: RACK }),
    stand('Overhead', { ankle: 4, knee: 4, trunk: 'bar', arms: hold('overhead') }),
  ]),
  'dumbbell-snatch': figure('dumbbell', [
    stand('Start', { ankle: 10, knee: 66, trunk: 56, arms: HANG, farArms: arms(-30, 30), moving: true }),
    stand('Punch', { ankle: 4, knee: 6, trunk: 2, arms: arms(178, 2), farArms: arms(-20, 20) }),
  ]),
  'landmine-split-jerk': figure('landmine', [
    stand('Dip', { ankle: 16, knee: 40, trunk: 8, arms: CHEST, farArms: arms(-20, 40), moving: true }),
    { ...splitLow(arms(136, 4)), name: 'Split and lock', ankle: 4, knee: 62, farArms: arms(-30, 30), moving: true },
  ]),
  'landmine-push-press': figure('landmine', [
    stand('Dip', { ankle: 18, knee: 46, trunk: 14, arms: CHEST, moving: true }),
    stand('Long', { ankle: 8, knee: 4, heel: 16, trunk: 12, arms: arms(138, 4), moving: true }),
  ]),
  'landmine-high-pull': figure('landmine', [
    stand('Hinge', { ankle: 'balance', knee: 30, trunk: 54, arms: HANG, farArms: arms(-10, 40) }),
    tallPull('Elbow high', [60, 96], { farArms: arms(-10, 30) }),
  ]),
  'landmine-turn-and-punch': figure('landmine', [
    front('Load', {
      hips: [-0.06, 0.08],
      feet: [
        [-0.18, 0],
        [0.16, 0],
      ],
      trunk: -8,
      arms: [
        [30, -100],
        [-20, -60],
      ],
      moving: true,
    }),
    front('Punch', {
      hips: [0.06, 0.04],
      feet: [
        [-0.18, 0.03],
        [0.16, 0],
      ],
      trunk: 8,
      arms: [
        [-130, 4],
        [60, 60],
      ],
      moving: true,
    }),
  ]),
  'medicine-ball-scoop-throw': figure(
    'med-ball',
    [
      stand('Scoop', { ankle: 'balance', knee: 60, trunk: 56, arms: arms(-4, 2), moving: true }),
      stand('Throw behind', { ankle: 2, knee: 2, heel: 40, trunk: -14, arms: arms(192, 2), air: 0.06, moving: true }),
    ],
    arrow(-0.2, 1.2, -0.5, 1.4),
  ),
  'medicine-ball-slam': figure(
    'med-ball',
    [
      stand('Reach', { ankle: 2, knee: 2, heel: 34, trunk: -4, arms: arms(176, 4), moving: true }),
      stand('Slam', { ankle: 10, knee: 52, trunk: 52, arms: arms(20, 4), moving: true }),
    ],
    arrow(0.3, 0.6, 0.3, 0.2),
  ),
  'medicine-ball-overhead-throw': figure(
    'med-ball',
    [
      stand('Stretch', {
        ankle: -12,
        knee: 20,
        trunk: -10,
        far: { x: -0.36, y: 0, heel: 34 },
        arms: arms(196, 30),
        moving: true,
      }),
      stand('Release', {
        ankle: -4,
        knee: 24,
        trunk: 14,
        far: { x: -0.36, y: 0, heel: 46 },
        arms: arms(128, 6),
        moving: true,
      }),
    ],
    wall(0.86),
  ),
  'trap-bar-jump': figure('trap-bar', [
    stand('Dip', { ankle: 20, knee: 56, trunk: 30, arms: HANG, moving: true }),
    flight(0.12, arms(0, 2)),
  ]),
  'dumbbell-jump': figure('dumbbell', [dip(HANG, { knee: 62 }), flight(0.12, arms(-2, 2)), land('Stick', HANG)]),
  'landmine-jump': figure('landmine', [
    stand('Dip', { ankle: 22, knee: 60, trunk: 22, arms: CHEST, moving: true }),
    flight(0.1, CHEST, { trunk: 10, ankle: 10 }),
  ]),
};
