import type { Arms } from '$core/figures';
import { halfKneeling, kneeling, lying, plankOnHands, singleFold } from './movements';
import { arms, arrow, AT_SIDES, ball, band, box, figure, free, hold, post, stand, to, type Figures } from './pose';

const CHEST = hold('chest');
const low = (name = 'Low', over: Parameters<typeof plankOnHands>[1] = {}) =>
  plankOnHands(name, { trunk: 86, arms: arms(-76, 92), ...over });
const onBench = (name: string, over: Parameters<typeof lying>[1]) =>
  free(name, { trunk: -90, near: { x: 0.3, y: 0, heel: 0 }, arms: AT_SIDES, y: 0.3, ...over });
const BENCH = box(-0.4, 0.46, 0.245);
const hangs = (name: string, y: number, how: Arms) =>
  free(name, { trunk: 4, near: { hip: 10, knee: 40, ankle: -20 }, arms: how, y });
const HIGH_BAR = { kind: 'overhead-bar', x: 0.03, y: 1.24 } as const;
const bent = (name: string, how: Parameters<typeof stand>[1]) =>
  stand(name, { ankle: 'balance', knee: 30, trunk: 64, ...how });
const HANG = hold('hang');
const ROW = arms(-34, 88);
const WALL_BAND = band([0.8, 0.66], 'hand');
const facing = (name: string, how: ReturnType<typeof arms>, over: Parameters<typeof stand>[1] = {}) =>
  stand(name, { ankle: 8, knee: 18, arms: how, moving: true, ...over });
const split = { trunk: 6, ankle: -8, knee: 24, far: { x: -0.4, y: 0, heel: 34 }, moving: true } as const;

export const UPPER_FIGURES: Figures = {
  'incline-push-up': figure(
    'none',
    [
      plankOnHands('Top', { trunk: 46, near: { straight: 'back', y: 0.09 }, arms: arms(30, 2), y: 0.42 }),
      plankOnHands('Low', { trunk: 58, near: { straight: 'back', y: 0.09 }, arms: arms(-48, 96), y: 0.33 }),
    ],
    box(0.3, 0.24, 0.26),
  ),
  'push-up': figure('none', [plankOnHands('Top'), low()]),
  'dumbbell-bench-press': figure(
    'dumbbell',
    [onBench('Low', { arms: arms(72, 108) }), onBench('Top', { arms: arms(178, 4) })],
    BENCH,
  ),
  'half-kneeling-landmine-press': figure('landmine', [
    halfKneeling('At the shoulder', CHEST),
    halfKneeling('Long', arms(138, 4)),
  ]),
  'dumbbell-overhead-press': figure('dumbbell', [
    stand('At the shoulders', { arms: arms(30, 148) }),
    stand('Overhead', { arms: arms(176, 4) }),
  ]),
  'feet-raised-push-up': figure(
    'none',
    [
      plankOnHands('Top', { trunk: 84, near: { hip: -90, knee: 0, ankle: -10 } }),
      plankOnHands('Low', { trunk: 102, near: { hip: -98, knee: 0, ankle: -10 }, arms: arms(-70, 92) }),
    ],
    box(-0.66, 0.24, 0.26),
  ),
  'loaded-push-up': figure('none', [plankOnHands('Top'), low()], band('shoulder', 'hand')),
  'close-push-up': figure('none', [
    plankOnHands('Top', { arms: arms(-2, 4) }),
    low('Elbows at the ribs', { arms: arms(-84, 104) }),
  ]),
  'fast-incline-push-up': figure(
    'none',
    [
      plankOnHands('Drop', { trunk: 58, arms: arms(-48, 96), y: 0.33 }),
      plankOnHands('Hands off', { trunk: 42, arms: arms(40, 20), y: 0.45 }),
    ],
    box(0.3, 0.24, 0.26),
    arrow(0.5, 0.6, 0.5, 0.78),
  ),
  'plyometric-push-up': figure(
    'none',
    [low('Lower'), plankOnHands('Off the floor', { trunk: 66, arms: arms(10, 10), y: 0.3 })],
    arrow(0.5, 0.3, 0.5, 0.48),
  ),
  'fast-band-press': figure(
    'none',
    [
      stand('Load', { ...split, arms: arms(-40, 110), farArms: arms(40, 60) }),
      stand('Punch', { ...split, arms: arms(84, 4), farArms: arms(-30, 90) }),
    ],
    band([-0.7, 0.7], 'hand'),
  ),
  'fast-band-overhead-press': figure(
    'none',
    [
      stand('Dip', { ankle: 16, knee: 36, trunk: 2, arms: arms(30, 146), moving: true }),
      stand('Up', { arms: arms(176, 2) }),
    ],
    band('ankle', 'hand'),
  ),
  'bench-press': figure(
    'bar',
    [onBench('Low', { arms: arms(70, 110) }), onBench('Top', { arms: arms(178, 2) })],
    BENCH,
  ),
  'short-range-bench-press': figure(
    'bar',
    [onBench('On the board', { arms: arms(104, 76) }), onBench('Top', { arms: arms(178, 2) })],
    BENCH,
    box(-0.32, 0.1, 0.42),
  ),
  'one-arm-press-on-ball': figure(
    'dumbbell',
    [
      onBench('Low', { arms: arms(72, 108), farArms: arms(86, 20), trunk: -88 }),
      onBench('Top', { arms: arms(178, 4), farArms: arms(86, 20), trunk: -88 }),
    ],
    ball(-0.24, 0.14, 0.14),
  ),
  'strict-press': figure('bar', [
    stand('Rack', { trunk: 'bar', arms: hold('front') }),
    stand('Overhead', { trunk: 'bar', arms: hold('overhead') }),
  ]),
  'standing-landmine-press': figure('landmine', [
    stand('At the shoulder', { ...split, trunk: 6, arms: CHEST, farArms: AT_SIDES }),
    stand('Long', { ...split, trunk: 10, arms: arms(134, 4), farArms: AT_SIDES }),
  ]),
  'two-hand-landmine-press': figure('landmine', [kneeling('At the chest', CHEST), kneeling('Long', arms(136, 4))]),

  'one-arm-row': figure(
    'dumbbell',
    [
      bent('Long', { arms: HANG, farArms: arms(30, 4), trunk: 76 }),
      bent('Elbow to the hip', { arms: arms(-62, 74), farArms: arms(30, 4), trunk: 76 }),
    ],
    box(0.3, 0.3, 0.27),
  ),
  'bent-over-row': figure('bar', [bent('Long', { arms: HANG }), bent('Bar to the belly', { arms: arms(-50, 80) })]),
  'pull-up': figure(
    'none',
    [hangs('Hang', 0.62, to(0.03, 1.24)), hangs('Chest to the bar', 0.88, to(0.09, 1.24))],
    HIGH_BAR,
  ),
  'band-row': figure('none', [facing('Long', arms(78, 4)), facing('Elbows back', ROW)], WALL_BAND),
  'landmine-row': figure('landmine', [bent('Long', { arms: HANG }), bent('Pull', { arms: arms(-46, 78) })]),
  'landmine-one-arm-row': figure('landmine', [
    stand('Long', {
      ankle: 'balance',
      knee: 34,
      trunk: 54,
      far: { x: -0.3, y: 0, heel: 30 },
      arms: HANG,
      farArms: arms(30, 20),
    }),
    stand('Pull', {
      ankle: 'balance',
      knee: 34,
      trunk: 54,
      far: { x: -0.3, y: 0, heel: 30 },
      arms: arms(-50, 80),
      farArms: arms(30, 20),
    }),
  ]),
  'landmine-high-row': figure('landmine', [
    bent('Across', { arms: arms(12, 2), farArms: arms(20, 40), trunk: 56 }),
    bent('Elbow high', { arms: arms(-86, 96), farArms: arms(20, 40), trunk: 56 }),
  ]),
  'landmine-single-leg-row': figure('landmine', [singleFold('Long', HANG, 66), singleFold('Row', arms(-50, 80), 66)]),
  'band-row-one-leg': figure(
    'none',
    [
      facing('Long', arms(78, 4), { far: { hip: 30, knee: 60, ankle: 0 } }),
      facing('Elbow back', ROW, { far: { hip: 30, knee: 60, ankle: 0 } }),
    ],
    WALL_BAND,
  ),
  'inverted-row': figure(
    'none',
    [
      free('Long', { trunk: -68, near: { straight: 'front', y: 0.04 }, arms: arms(174, 2), y: 0.2 }),
      free('Chest to the bar', { trunk: -52, near: { straight: 'front', y: 0.04 }, arms: arms(60, 100), y: 0.3 }),
    ],
    post(-0.24, 0.66),
  ),
  'band-pull-down': figure(
    'none',
    [kneeling('Long', arms(162, 2)), kneeling('Elbows to the ribs', arms(14, 134))],
    band([0.22, 1.25], 'hand'),
  ),
  'band-face-row': figure(
    'none',
    [facing('Long', arms(88, 4)), facing('Beside the ears', arms(70, 150))],
    band([0.8, 0.9], 'hand'),
  ),
  'band-pull-apart': figure(
    'none',
    [stand('Together', { arms: arms(86, 2) }), stand('Apart', { arms: arms(30, 20), farArms: arms(-20, 10) })],
    band('hand', 'farHand'),
  ),
  'band-outward-turn': figure(
    'none',
    [stand('In', { arms: arms(0, 60) }), stand('Out', { arms: arms(-4, 94) })],
    band([-0.6, 0.66], 'hand'),
  ),
  'prone-arm-raise': figure('none', [
    free('Flat', { trunk: 89, near: { hip: -89, knee: 0, ankle: -50 }, arms: arms(80, 0), y: 0.06 }),
    free('Lift', { trunk: 86, near: { hip: -89, knee: 0, ankle: -50 }, arms: arms(112, 0), y: 0.06 }),
  ]),
  'chin-up': figure('none', [hangs('Hang', 0.62, to(0.03, 1.24)), hangs('Chin over', 0.86, to(0.09, 1.24))], HIGH_BAR),
  'band-assisted-pull-up': figure(
    'none',
    [hangs('Hang', 0.62, to(0.03, 1.24)), hangs('Chest to the bar', 0.88, to(0.09, 1.24))],
    HIGH_BAR,
    band([0.03, 1.24], 'ankle'),
  ),
};
