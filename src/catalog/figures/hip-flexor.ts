import { kneeUp, splitLow } from './movements';
import { arms, arrow, ball, band, box, figure, free, front, ON_HIPS, stand, wall, type Figures } from './pose';

const tall = (far: { hip: number; knee: number; ankle: number }, name = 'Start') =>
  stand(name, { ankle: 3, knee: 4, trunk: 2, far, arms: arms(30, 40), moving: true });
const BEHIND = band([-0.7, 0.14], 'farAnkle');
const onBox = (name: string, far: { hip: number; knee: number; ankle: number }, lean = 40) =>
  stand(name, { ankle: 22, knee: 4, heel: 10, trunk: lean, far, arms: arms(20, 4), moving: true });
const hangs = (name: string, hip: number, knee: number, far?: { hip: number; knee: number; ankle: number }) =>
  free(name, { trunk: 0, near: { hip, knee, ankle: -20 }, far: far ?? 'same', arms: arms(176, 2), y: 0.62 });

export const HIP_FLEXOR_FIGURES: Figures = {
  'banded-march': figure(
    'none',
    [tall({ hip: 10, knee: 16, ankle: 0 }), kneeUp('Knee up', arms(30, 40))],
    band('ankle', 'farAnkle'),
  ),
  'band-knee-drive-kick': figure(
    'none',
    [
      tall({ hip: -20, knee: 30, ankle: -10 }),
      kneeUp('Drive', arms(-20, 60), { farArms: arms(40, 70) }),
      kneeUp('Kick', arms(-20, 60), { far: { hip: 84, knee: 12, ankle: 10 } }),
    ],
    BEHIND,
  ),
  'band-knee-drive-hold': figure(
    'none',
    [tall({ hip: -18, knee: 20, ankle: -10 }), kneeUp('Hold two', arms(20, 80))],
    BEHIND,
  ),
  'band-knee-drive-lunge': figure(
    'none',
    [
      { ...splitLow(arms(40, 60)), name: 'Lunge', farArms: arms(-30, 50) },
      kneeUp('Through', arms(-30, 50), { farArms: arms(50, 60) }),
    ],
    BEHIND,
  ),
  'knee-hold-side-to-side': figure(
    'none',
    [
      front('Out', {
        hips: [-0.05, 0],
        feet: [
          [-0.06, 0],
          [0.28, 0.34],
        ],
        knees: [0, 0.1],
        moving: true,
        arms: [
          [40, 60],
          [40, 60],
        ],
      }),
      front('Across', {
        hips: [-0.05, 0],
        feet: [
          [-0.06, 0],
          [-0.02, 0.34],
        ],
        knees: [0, 0.06],
        moving: true,
        arms: [
          [40, 60],
          [40, 60],
        ],
      }),
    ],
    arrow(0.06, 0.72, 0.3, 0.72),
  ),
  'fast-knee-strides': figure('none', [
    kneeUp('One', arms(-30, 70), { farArms: arms(60, 80), heel: 20 }),
    stand('Other', {
      ankle: 4,
      knee: 6,
      heel: 26,
      trunk: 2,
      far: { hip: 20, knee: 60, ankle: 0 },
      arms: arms(50, 80),
      farArms: arms(-34, 70),
      moving: true,
    }),
  ]),
  'box-supported-raise': figure(
    'none',
    [
      free('Long', {
        trunk: -14,
        near: { hip: 88, knee: 0, ankle: 0 },
        far: { hip: 88, knee: 0, ankle: 0 },
        arms: arms(30, 10),
        y: 0.06,
      }),
      free('Lift', {
        trunk: -16,
        near: { hip: 116, knee: 0, ankle: 4 },
        far: { hip: 88, knee: 0, ankle: 0 },
        arms: arms(30, 10),
        y: 0.06,
      }),
    ],
    box(0.06, 0.14, 0.1),
  ),
  'box-supported-switch': figure(
    'none',
    [onBox('One knee', { hip: 96, knee: 84, ankle: 0 }), onBox('Change', { hip: -10, knee: 40, ankle: -20 })],
    box(0.3, 0.26, 0.42),
  ),
  'box-supported-cycle': figure(
    'none',
    [
      onBox('Knee up', { hip: 96, knee: 84, ankle: 0 }),
      onBox('Foot over', { hip: 84, knee: 30, ankle: 0 }),
      onBox('Paw back', { hip: -20, knee: 40, ankle: -20 }),
    ],
    box(0.3, 0.26, 0.42),
  ),
  'hanging-leg-raise': figure('none', [hangs('Long hang', -4, 4), hangs('Knees up', 96, 92)], {
    kind: 'overhead-bar',
    x: 0.02,
    y: 1.24,
  }),
  'hanging-leg-cycle': figure(
    'none',
    [
      hangs('One', 90, 84, { hip: -16, knee: 30, ankle: -20 }),
      hangs('Change', -16, 30, { hip: 90, knee: 84, ankle: 0 }),
    ],
    { kind: 'overhead-bar', x: 0.02, y: 1.24 },
  ),
  'hip-drive-ball': figure(
    'none',
    [
      kneeUp('Press', arms(60, 10), { ankle: 14, knee: 20, trunk: 14 }),
      kneeUp('Drive', arms(70, 6), { ankle: 18, knee: 4, heel: 14, trunk: 16, far: { hip: 76, knee: 90, ankle: 0 } }),
    ],
    ball(0.5, 0.52, 0.08),
    wall(0.6),
  ),
  'standing-hip-circles': figure(
    'none',
    [
      kneeUp('Up', ON_HIPS),
      front('Out', {
        hips: [-0.05, 0],
        feet: [
          [-0.06, 0],
          [0.34, 0.3],
        ],
        knees: [0, 0.1],
        moving: true,
        arms: [
          [50, 60],
          [50, 60],
        ],
      }),
    ],
    arrow(0.3, 0.56, 0.42, 0.42),
  ),
};
