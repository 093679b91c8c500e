import { kneeUp, singleFold, split, splitLow, splitTop } from './movements';
import {
  AHEAD,
  arms,
  arrow,
  AT_SIDES,
  ball,
  band,
  box,
  figure,
  free,
  front,
  hold,
  ON_HIPS,
  post,
  stand,
  wall,
  type Figures,
} from './pose';
import { lying } from './movements';

const HANG = hold('hang');
const CHEST = hold('chest');
const RAISED_REAR = { far: { x: -0.52, y: 0.22, heel: 120 } };
const onBox = (name: string, over: Parameters<typeof stand>[1]) => stand(name, { y: 0.16, moving: true, ...over });

export const SINGLE_LEG_FIGURES: Figures = {
  'split-squat-hold': figure('none', [splitTop(ON_HIPS), { ...splitLow(ON_HIPS), name: 'Hold' }]),
  'split-squat': figure('dumbbell', split(HANG)),
  'reverse-lunge': figure('dumbbell', [stand('Stand', { arms: HANG }), { ...splitLow(HANG), name: 'Step back' }]),
  'rear-foot-elevated-split-squat': figure(
    'dumbbell',
    [
      stand('Top', { ankle: -6, knee: 22, trunk: 6, arms: HANG, ...RAISED_REAR, moving: true }),
      stand('Bottom', { ankle: 10, knee: 96, trunk: 16, arms: HANG, ...RAISED_REAR, moving: true }),
    ],
    box(-0.62, 0.22, 0.24),
  ),
  'step-up': figure(
    'none',
    [
      stand('Foot on', { y: 0.2, ankle: 20, knee: 84, trunk: 24, far: { x: -0.24, y: 0, heel: 20 }, moving: true }),
      stand('Top', { y: 0.2, ankle: 4, knee: 6, far: { hip: 30, knee: 60, ankle: 0 }, moving: true }),
    ],
    box(-0.1, 0.34, 0.2),
  ),
  'assisted-single-leg-squat': figure(
    'none',
    [
      stand('Top', { ankle: 4, knee: 6, far: { hip: 16, knee: 40, ankle: 0 }, arms: arms(70, 10), moving: true }),
      stand('Bottom', {
        ankle: 26,
        knee: 92,
        trunk: 30,
        far: { hip: 76, knee: 20, ankle: 0 },
        arms: arms(74, 4),
        moving: true,
      }),
    ],
    post(0.42, 0.9),
  ),
  'single-leg-squat-box': figure(
    'none',
    [
      stand('Top', { ankle: 4, knee: 6, far: { hip: 24, knee: 20, ankle: 0 }, arms: AHEAD, moving: true }),
      stand('On the box', { ankle: 22, knee: 108, trunk: 38, far: { hip: 66, knee: 12, ankle: 0 }, arms: AHEAD }),
    ],
    box(-0.34, 0.2, 0.22),
  ),
  'body-weight-split-squat': figure('none', split(AT_SIDES)),
  'landmine-split-squat': figure('landmine', split(CHEST)),
  'toes-up-front-foot-elevated-split-squat': figure(
    'none',
    [
      splitTop(AT_SIDES, { ankle: -2, knee: 36 }),
      stand('Knee over the toes', { ankle: 36, knee: 118, trunk: 4, far: { x: -0.5, y: 0, heel: 62 }, arms: AT_SIDES }),
    ],
    box(0.04, 0.09, 0.03),
  ),
  'rear-foot-elevated-hold': figure(
    'none',
    [
      stand('Set', { ankle: -6, knee: 22, trunk: 6, arms: ON_HIPS, ...RAISED_REAR, moving: true }),
      stand('Hold', { ankle: 6, knee: 70, trunk: 12, arms: ON_HIPS, ...RAISED_REAR, moving: true }),
    ],
    box(-0.62, 0.22, 0.24),
  ),
  'deficit-reverse-lunge': figure(
    'dumbbell',
    [
      stand('On the step', { y: 0.08, arms: HANG }),
      stand('Step back', { y: 0.08, ankle: 12, knee: 108, trunk: 22, far: { x: -0.56, y: 0, heel: 62 }, arms: HANG }),
    ],
    box(-0.08, 0.26, 0.08),
  ),
  'reverse-lunge-knee-drive': figure('none', [
    { ...splitLow(arms(-30, 60)), name: 'Step back' },
    kneeUp('Knee drive', arms(40, 80), { farArms: arms(-40, 60) }),
  ]),
  'walking-lunge': figure(
    'dumbbell',
    [{ ...splitLow(HANG), name: 'Lunge' }, { ...kneeUp('Through', HANG, { far: { hip: 52, knee: 78, ankle: 0 } }) }],
    arrow(0.2, 1.0, 0.42, 1.0),
  ),
  'forward-lunge-brake': figure(
    'none',
    [
      stand('Stand', { arms: ON_HIPS }),
      stand('Step and stop', {
        ankle: 2,
        knee: 78,
        trunk: 4,
        far: { x: -0.6, y: 0, heel: 55 },
        arms: ON_HIPS,
        moving: true,
      }),
    ],
    arrow(-0.3, 0.95, -0.04, 0.95),
  ),
  'band-split-squat': figure('none', split(hold('front')), band('ankle', 'hand')),
  'loaded-step-up': figure(
    'dumbbell',
    [
      stand('Foot on', {
        y: 0.2,
        ankle: 20,
        knee: 84,
        trunk: 24,
        far: { x: -0.24, y: 0, heel: 20 },
        arms: HANG,
        moving: true,
      }),
      stand('Top', { y: 0.2, ankle: 4, knee: 6, far: { hip: 80, knee: 84, ankle: 0 }, arms: HANG, moving: true }),
    ],
    box(-0.1, 0.34, 0.2),
  ),
  'step-down-hold': figure(
    'none',
    [
      onBox('Stand', { ankle: 4, knee: 6, far: { hip: 8, knee: 4, ankle: 10 }, arms: ON_HIPS }),
      onBox('Hold', { ankle: 26, knee: 62, trunk: 24, far: { hip: 18, knee: 2, ankle: 14 }, arms: ON_HIPS }),
    ],
    box(-0.16, 0.32, 0.16),
  ),
  'step-down-decelerated': figure(
    'none',
    [
      onBox('Stand', { ankle: 4, knee: 6, far: { hip: 14, knee: 6, ankle: 10 }, arms: arms(60, 10) }),
      onBox('Heel tap', { ankle: 28, knee: 74, trunk: 26, far: { hip: 30, knee: 6, ankle: 10 }, arms: arms(74, 4) }),
    ],
    box(-0.16, 0.32, 0.16),
    arrow(-0.5, 0.8, -0.5, 0.5),
  ),
  'free-single-leg-squat': figure('none', [
    stand('Top', { ankle: 4, knee: 6, far: { hip: 28, knee: 10, ankle: 0 }, arms: AHEAD, moving: true }),
    stand('Bottom', {
      ankle: 34,
      knee: 138,
      trunk: 38,
      far: { hip: 84, knee: 6, ankle: 0 },
      arms: AHEAD,
      moving: true,
    }),
  ]),
  'terminal-knee-extension': figure(
    'none',
    [
      stand('Soft', { ankle: 18, knee: 34, trunk: 2, arms: ON_HIPS, moving: true }),
      stand('Straight', { ankle: 2, knee: 2, trunk: 2, arms: ON_HIPS, moving: true }),
    ],
    post(0.5, 0.4),
    band([0.5, 0.29], 'knee'),
  ),
  'landmine-reverse-lunge': figure('landmine', [
    stand('Stand', { arms: CHEST }),
    { ...splitLow(CHEST), name: 'Step back' },
  ]),

  'single-leg-bridge': figure('none', [
    lying('Down', { near: { x: 0.32, y: 0, heel: 0 }, far: { hip: 96, knee: 4, ankle: 0 } }),
    lying('Top', { trunk: -116, near: { x: 0.32, y: 0, heel: 0 }, far: { hip: 122, knee: 4, ankle: 0 } }),
  ]),
  'supported-single-leg-deadlift': figure(
    'none',
    [
      stand('Top', { far: { hip: -6, knee: 14, ankle: 0 }, arms: arms(50, 20), moving: true }),
      singleFold('Fold', arms(52, 4), 66, { farArms: HANG }),
    ],
    wall(0.52),
  ),
  'single-leg-reach': figure('none', [
    stand('Top', { far: { hip: -8, knee: 30, ankle: 0 }, arms: AT_SIDES, moving: true }),
    singleFold('Reach', HANG, 86, { knee: 40 }),
  ]),
  'single-leg-deadlift': figure('kettlebell', [
    stand('Top', { ankle: 8, knee: 6, trunk: 2, far: { hip: -16, knee: 40, ankle: 0 }, arms: HANG, moving: true }),
    singleFold('Reach', HANG, 82),
  ]),
  'single-leg-hip-thrust': figure(
    'none',
    [
      free('Down', {
        trunk: -48,
        near: { x: 0.38, y: 0, heel: 0 },
        far: { hip: 130, knee: 90, ankle: 0 },
        arms: arms(60, 30),
        y: 0.13,
      }),
      free('Top', {
        trunk: -88,
        near: { x: 0.26, y: 0, heel: 0 },
        far: { hip: 160, knee: 90, ankle: 0 },
        arms: arms(60, 30),
        y: 0.26,
      }),
    ],
    box(-0.42, 0.2, 0.2),
  ),
  'guided-single-leg-deadlift': figure(
    'none',
    [
      stand('Top', { far: { hip: -24, knee: 70, ankle: 0 }, arms: ON_HIPS, moving: true }),
      singleFold('Fold', AT_SIDES, 58, { far: { hip: -64, knee: 30, ankle: 0 }, moving: true }),
    ],
    wall(-0.66),
    ball(-0.56, 0.46, 0.09),
  ),
  'body-weight-single-leg-deadlift': figure('none', [
    stand('Top', { far: { hip: -10, knee: 26, ankle: 0 }, moving: true }),
    singleFold('Fold', HANG, 80),
  ]),
  'kickstand-rdl': figure('dumbbell', [
    stand('Top', { far: { x: -0.2, y: 0, heel: 50 }, arms: HANG }),
    stand('Fold', { ankle: -3, knee: 20, trunk: 68, far: { x: -0.24, y: 0, heel: 55 }, arms: HANG, moving: true }),
  ]),
  'single-leg-rdl-stick': figure('stick', [
    stand('Top', { far: { hip: -8, knee: 20, ankle: 0 }, arms: arms(-14, 30), moving: true }),
    singleFold('Fold', arms(-66, 20), 74),
  ]),
  'single-leg-rdl-reset': figure('kettlebell', [
    singleFold('Bell down', HANG, 80, { knee: 62 }),
    stand('Top', { far: { hip: -12, knee: 30, ankle: 0 }, arms: HANG, moving: true }),
  ]),
  'single-leg-rdl-hover': figure(
    'kettlebell',
    [
      singleFold('Hold, no touch', HANG, 78, { knee: 24 }),
      stand('Top', { far: { hip: -12, knee: 34, ankle: 0 }, arms: HANG, moving: true }),
    ],
    arrow(0.3, 0.06, 0.3, 0.16),
  ),
  'landmine-single-leg-deadlift': figure('landmine', [
    stand('Top', { far: { hip: -12, knee: 30, ankle: 0 }, arms: HANG, moving: true }),
    singleFold('Fold', HANG, 72),
  ]),
  'single-leg-deadlift-cable-across': figure(
    'none',
    [
      stand('Top', { far: { hip: -12, knee: 30, ankle: 0 }, arms: arms(30, 10), moving: true }),
      singleFold('Fold', arms(24, 4), 70, { moving: true }),
    ],
    { kind: 'cable', from: [0.62, 0.16], to: 'hand' },
  ),
  'single-leg-deadlift-row': figure(
    'none',
    [singleFold('Fold', arms(36, 4), 68, { moving: true }), singleFold('Row', arms(-34, 96), 68, { moving: true })],
    { kind: 'cable', from: [0.66, 0.3], to: 'hand' },
  ),
  'reach-in-directions': figure('none', [
    front('Out', {
      hips: [-0.05, 0.06],
      feet: [
        [-0.06, 0],
        [0.24, 0.03],
      ],
      arms: [
        [30, 70],
        [30, 70],
      ],
    }),
    front('Across', {
      hips: [-0.06, 0.08],
      feet: [
        [-0.06, 0],
        [-0.3, 0.03],
      ],
      arms: [
        [30, 70],
        [30, 70],
      ],
      moving: true,
    }),
  ]),
  'single-leg-bridge-march': figure('none', [
    lying('Bridge', { trunk: -116 }),
    lying('One foot up', { trunk: -116, far: { hip: 170, knee: 92, ankle: 0 } }),
  ]),
  'single-leg-good-morning': figure(
    'none',
    [
      stand('Top', { far: { x: -0.22, y: 0, heel: 50 }, arms: hold('back') }),
      stand('Fold', {
        ankle: -2,
        knee: 18,
        trunk: 60,
        far: { x: -0.26, y: 0, heel: 55 },
        arms: hold('back'),
        moving: true,
      }),
    ],
    band('ankle', 'hand'),
  ),
};
