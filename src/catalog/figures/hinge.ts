import type { Arms, StandPose } from '$core/figures';
import { hinge, lying, squat } from './movements';
import {
  arms,
  arrow,
  AT_SIDES,
  ball,
  band,
  box,
  figure,
  free,
  hold,
  partner,
  slider,
  stand,
  to,
  wall,
  type Figures,
} from './pose';

const HANG = hold('hang');
const NEAR_SHIN: Arms = to(0.09, 0.31);
/** A fold with the bar kept by the legs. */
const fold = (trunk: number, knee: number, hands: Arms = NEAR_SHIN, name = 'Fold'): StandPose =>
  stand(name, { ankle: 'balance', knee, trunk, arms: hands });
const top = (hands: Arms = HANG): StandPose => stand('Top', { ankle: 4, knee: 6, arms: hands });
const start = (over: Partial<Pick<StandPose, 'ankle' | 'knee' | 'trunk'>>, hands: Arms): StandPose =>
  stand('Start', { ankle: 10, knee: 68, trunk: 58, arms: hands, moving: true, ...over });

const BRIDGE_LOW = lying('Down');
const bridge = (name: string, over: Parameters<typeof lying>[1] = {}) => lying(name, { trunk: -116, ...over });
/** Upright on both knees, then leaning as one piece. */
const nordic = (name: string, lean: number, hands: Arms) =>
  free(name, {
    trunk: lean,
    near: { hip: -lean, knee: 90 - lean, ankle: -60 },
    arms: hands,
    y: 0.05 + 0.245 * Math.cos((lean * Math.PI) / 180),
  });

export const HINGE_FIGURES: Figures = {
  'dowel-hinge': figure('stick', [
    stand('Top', { ankle: 4, knee: 6, arms: arms(-14, 30) }),
    stand('Fold', { ankle: 'balance', knee: 18, trunk: 72, arms: arms(-60, 20) }),
  ]),
  'dumbbell-rdl': figure('dumbbell', hinge(HANG, 72, 20)),
  'romanian-deadlift': figure('bar', [top(), fold(72, 20)]),
  deadlift: figure('bar', [start({ ankle: 12, knee: 100, trunk: 55 }, HANG), top()]),
  'trap-bar-deadlift': figure('trap-bar', [start({ ankle: 18, knee: 78, trunk: 46 }, HANG), top(AT_SIDES)]),
  'hip-thrust': figure(
    'bar',
    [
      free('Down', { trunk: -48, near: { x: 0.4, y: 0, heel: 0 }, arms: hold('hips'), y: 0.12 }),
      free('Top', { trunk: -88, near: { x: 0.26, y: 0, heel: 0 }, arms: hold('hips'), y: 0.26 }),
    ],
    box(-0.42, 0.2, 0.2),
  ),
  'kettlebell-swing': figure('kettlebell', [
    stand('Hike', { ankle: 'balance', knee: 34, trunk: 66, arms: arms(-30, 0), moving: true }),
    stand('Top', { ankle: 2, knee: 4, arms: arms(82, 4), moving: true }),
  ]),
  'slide-leg-curl': figure(
    'none',
    [
      bridge('Hips up', { near: { x: 0.22, y: 0, heel: -10 }, y: 0.2, trunk: -112 }),
      bridge('Long', { near: { x: 0.46, y: 0, heel: -30 }, y: 0.13, trunk: -104 }),
    ],
    slider('ankle'),
  ),
  'nordic-partial': figure(
    'none',
    [nordic('Tall', 4, arms(30, 70)), nordic('As far as it stays slow', 40, arms(70, 50))],
    partner('ankle'),
  ),
  'rdl-slow-lowering': figure(
    'bar',
    [top(), fold(78, 16, to(0.1, 0.27), 'Five seconds down')],
    arrow(-0.5, 0.8, -0.5, 0.5),
  ),
  'rdl-reset': figure('bar', [top(), fold(74, 34, HANG, 'On the blocks')], box(0.0, 0.16, 0.07)),
  'rdl-hover': figure('bar', [
    top(),
    fold(74, 20, to(0.1, 0.28), 'Hold, no touch'),
    fold(40, 12, to(0.07, 0.42), 'Half way'),
  ]),
  'stiff-leg-deadlift': figure('bar', [top(), fold(84, 7, to(0.16, 0.25))]),
  'raised-bar-deadlift': figure('bar', [start({ ankle: 10, knee: 78, trunk: 54 }, HANG), top()], box(0.0, 0.16, 0.13)),
  'block-pull': figure('bar', [start({ ankle: 6, knee: 40, trunk: 44 }, HANG), top()], box(0.0, 0.14, 0.25)),
  'sumo-deadlift': figure('bar', [start({ ankle: 8, knee: 96, trunk: 46 }, HANG), top()]),
  'good-morning': figure('bar', [
    top(hold('back')),
    stand('Fold', { ankle: 'balance', knee: 20, trunk: 70, arms: hold('back') }),
  ]),
  'band-good-morning': figure(
    'none',
    [top(hold('back')), stand('Fold', { ankle: 'balance', knee: 18, trunk: 66, arms: hold('back') })],
    band('ankle', 'hand'),
  ),
  'band-pull-through': figure(
    'none',
    [
      stand('Fold', { ankle: 'balance', knee: 24, trunk: 64, arms: arms(-34, 0), moving: true }),
      stand('Top', { ankle: 2, knee: 4, arms: arms(6, 4), moving: true }),
    ],
    band([-0.75, 0.12], 'hand'),
  ),
  'band-deadlift': figure(
    'none',
    [start({ ankle: 12, knee: 62, trunk: 52 }, HANG), top(AT_SIDES)],
    band('ankle', 'hand'),
  ),
  'band-rdl': figure('none', [top(HANG), fold(74, 18, HANG, 'Four seconds back')], band('toe', 'hand')),
  'landmine-rdl': figure('landmine', hinge(HANG, 68, 24)),
  'landmine-deadlift': figure('landmine', [start({ ankle: 14, knee: 72, trunk: 52 }, HANG), top(HANG)]),
  'landmine-wide-deadlift': figure('landmine', squat(HANG, [14, 76], {}, 'Start', 42)),
  'landmine-hip-thrust': figure('landmine', [
    { ...BRIDGE_LOW, arms: hold('hips') },
    bridge('Top', { arms: hold('hips') }),
  ]),
  'floor-bridge': figure('none', [BRIDGE_LOW, bridge('Top')]),
  'straight-leg-bridge': figure(
    'none',
    [
      lying('Down', { near: { straight: 'front', y: 0.25 } }),
      lying('Top', { trunk: -112, near: { straight: 'front', y: 0.25 } }),
    ],
    box(0.36, 0.2, 0.2),
  ),
  'straight-leg-bridge-one-leg': figure(
    'none',
    [
      lying('Down', { near: { straight: 'front', y: 0.25 }, far: { hip: 150, knee: 20, ankle: 0 } }),
      lying('Top', { trunk: -112, near: { straight: 'front', y: 0.25 }, far: { hip: 150, knee: 20, ankle: 0 } }),
    ],
    box(0.36, 0.2, 0.2),
  ),
  'heel-floor-bridge-hold-near': figure('none', [
    lying('Set', { near: { x: 0.28, y: 0, heel: -25 }, far: { hip: 168, knee: 100, ankle: 0 } }),
    lying('Hold', { trunk: -104, near: { x: 0.28, y: 0, heel: -25 }, far: { hip: 168, knee: 100, ankle: 0 } }),
  ]),
  'loaded-bridge-hold': figure('plate', [
    lying('Set', { near: { x: 0.4, y: 0, heel: -25 }, far: { hip: 160, knee: 80, ankle: 0 }, arms: hold('hips') }),
    lying('Hold', {
      trunk: -100,
      near: { x: 0.4, y: 0, heel: -25 },
      far: { hip: 160, knee: 80, ankle: 0 },
      arms: hold('hips'),
    }),
  ]),
  'back-extension': figure(
    'none',
    [
      free('Fold', { trunk: 150, near: { hip: -45, knee: 0, ankle: 0 }, arms: arms(20, 120), y: 0.48 }),
      free('Line', { trunk: 48, near: { hip: -45, knee: 0, ankle: 0 }, arms: arms(20, 120), y: 0.48 }),
    ],
    box(-0.02, 0.14, 0.4),
  ),
  'glute-ham-raise': figure(
    'none',
    [
      free('Tall', { trunk: 6, near: { hip: -6, knee: 84, ankle: 0 }, arms: arms(30, 100), y: 0.62 }),
      free('Level', { trunk: 86, near: { hip: -86, knee: 4, ankle: 0 }, arms: arms(60, 100), y: 0.4 }),
    ],
    box(-0.3, 0.24, 0.32),
  ),
  'nordic-raised': figure(
    'none',
    [nordic('Tall', 4, arms(40, 60)), nordic('Catch', 52, arms(60, 8))],
    partner('ankle'),
    box(0.3, 0.26, 0.12),
  ),
  'nordic-full': figure(
    'none',
    [nordic('Tall', 4, arms(30, 70)), nordic('Half way', 44, arms(60, 60)), nordic('Floor', 80, arms(34, 80))],
    partner('ankle'),
  ),
  'ball-leg-curl': figure(
    'none',
    [
      lying('Long', { trunk: -108, near: { x: 0.44, y: 0.24, heel: -40 } }),
      lying('In', { trunk: -120, near: { x: 0.24, y: 0.24, heel: -10 } }),
    ],
    ball(0.38, 0.12, 0.12),
  ),
  'standing-band-hip-extension': figure(
    'none',
    [
      stand('Start', {
        ankle: 4,
        knee: 6,
        trunk: 4,
        far: { hip: 6, knee: 4, ankle: 0 },
        arms: arms(60, 30),
        moving: true,
      }),
      stand('Back', {
        ankle: 4,
        knee: 8,
        trunk: 10,
        far: { hip: -32, knee: 2, ankle: 0 },
        arms: arms(66, 30),
        moving: true,
      }),
    ],
    band([0.6, 0.1], 'farAnkle'),
    wall(0.42),
  ),
  'wall-kickback': figure(
    'none',
    [
      stand('Start', {
        ankle: 4,
        knee: 6,
        trunk: 2,
        far: { hip: -2, knee: 4, ankle: 0 },
        arms: arms(-30, 40),
        moving: true,
      }),
      stand('Slide', {
        ankle: 3,
        knee: 6,
        trunk: 4,
        far: { hip: -24, knee: 0, ankle: 10 },
        arms: arms(-30, 40),
        moving: true,
      }),
    ],
    wall(-0.36),
  ),
};
