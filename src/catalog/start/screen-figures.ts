import type { Figure, Pose } from '$core/figures';
import { flight, land, lying } from '../figures/movements';
import { arms, box, figure, free, front, hold, stand, to, UP, wall } from '../figures/pose';

/** One screen: how a pass looks, how a fail looks, and what to look at. */
export interface ScreenDrawing {
  readonly figure: Figure;
  /** where the eye goes, joint by joint */
  readonly look: readonly string[];
  /** what makes a pass impossible when seen (grades only) */
  readonly flags: readonly string[];
}

const two = (pass: Pose, fail: Pose): Pose[] => [
  { ...pass, name: 'Passes' },
  { ...fail, name: 'Does not' },
];
const screen = (
  pass: Pose,
  fail: Pose,
  look: readonly string[],
  flags: readonly string[] = [],
  ...props: Figure['props']
): ScreenDrawing => ({ figure: figure('none', two(pass, fail), ...props), look, flags });

/** The same with a bar in the hands or on the shoulders. */
const withBar = (drawing: ScreenDrawing): ScreenDrawing => ({
  ...drawing,
  figure: { ...drawing.figure, implement: 'bar' },
});

const CHEST = arms(52, 108);
/** One leg from the front: the other foot off the floor beside it. */
const oneLeg = (knee: number, hips: number, trunk: number, drop = 0.1): Pose =>
  front('One leg', {
    hips: [hips, drop],
    feet: [
      [-0.05, 0],
      [0.1, 0.12],
    ],
    knees: [knee, 0.02],
    trunk,
    arms: [
      [48, 10],
      [48, 10],
    ],
    moving: true,
  });
const landing = (knees: number): Pose =>
  front('Landed', {
    hips: [0, 0.12],
    feet: [
      [-0.09, 0],
      [0.09, 0],
    ],
    knees: [knees, knees],
    arms: [
      [30, 10],
      [30, 10],
    ],
    moving: true,
  });

/** Each screen of the start line, drawn from angles like every movement. */
export const SCREEN_DRAWINGS: Readonly<Record<string, ScreenDrawing>> = {
  R1: screen(
    stand('Toes', { ankle: -6, knee: 4, trunk: 118, arms: to(0.12, 0.02), moving: true }),
    stand('Shins', { ankle: -4, knee: 4, trunk: 84, arms: to(0.1, 0.2), moving: true }),
    ['Knees stay straight.', 'Fingertips to the toes; palms down is good.'],
    ['knees bend'],
  ),
  R2: screen(
    stand('Deep', { ankle: 36, knee: 126, trunk: 34, arms: CHEST, moving: true }),
    stand('Short', { ankle: 18, knee: 88, heel: 12, trunk: 58, arms: CHEST, moving: true }),
    ['Hip crease below the knee.', 'Heels down.', 'Trunk not folding onto the thighs.'],
    ['heels come up', 'hip stays above the knee', 'trunk folds'],
  ),
  R3: screen(
    stand('Better', { y: 0.02, ankle: 38, knee: 126, trunk: 28, arms: CHEST, moving: true }),
    stand('No better', { y: 0.02, ankle: 20, knee: 90, trunk: 58, arms: CHEST, moving: true }),
    ['Heels on a 2–4 cm board.', 'Clearly deeper and taller than without, or not.'],
    [],
    box(-0.12, 0.14, 0.03),
  ),
  R4: screen(
    stand('Touches', {
      ankle: 38,
      knee: 66,
      trunk: 6,
      far: { x: -0.4, y: 0, heel: 30 },
      arms: to(0.21, 0.78),
      moving: true,
    }),
    stand('Heel up', {
      ankle: 30,
      knee: 56,
      heel: 14,
      trunk: 6,
      far: { x: -0.4, y: 0, heel: 30 },
      arms: to(0.21, 0.78),
      moving: true,
    }),
    ['Heel stays down.', 'Knee over the second toe.', 'Wall to big toe: 10 cm and sides within 1.5 cm.'],
    ['heel comes up'],
    wall(0.22),
  ),
  R5: withBar(
    screen(
      stand('Elbows up', { arms: hold('front') }),
      stand('Elbows down', { arms: arms(20, 140) }),
      ['Elbows high, bar on the shoulders, not in the hands.'],
      ['elbows drop'],
    ),
  ),
  R6: screen(
    free('Level', {
      trunk: -90,
      near: { hip: 84, knee: 84, ankle: 0 },
      far: { hip: 212, knee: 140, ankle: 0 },
      arms: arms(120, 20),
      y: 0.45,
    }),
    free('Above', {
      trunk: -90,
      near: { hip: 116, knee: 84, ankle: 0 },
      far: { hip: 212, knee: 140, ankle: 0 },
      arms: arms(120, 20),
      y: 0.45,
    }),
    ['The back stays flat.', 'The hanging thigh comes to level or below.'],
    ['thigh stays above level', 'back lifts'],
    box(-0.5, 0.52, 0.4),
  ),
  C1: screen(oneLeg(0, -0.03, 0, 0), oneLeg(-0.02, 0.02, 12, 0.02), [
    'Foot: toes quiet, arch up.',
    'Knee: over the foot.',
    'Hip: level.',
    'Trunk: still for 30 s.',
  ]),
  C2: screen(
    lying('Level', { trunk: -116, near: { x: 0.32, y: 0, heel: 0 }, far: { hip: 122, knee: 4, ankle: 0 } }),
    lying('Sags', { trunk: -102, near: { x: 0.32, y: 0, heel: 0 }, far: { hip: 100, knee: 30, ankle: 0 } }),
    ['Foot: flat.', 'Knee: steady.', 'Hip: level and up, no twist.', 'Trunk: no arch.'],
  ),
  C3: screen(oneLeg(0.01, -0.03, 2, 0.12), oneLeg(-0.05, 0.03, 14, 0.12), [
    'Foot: does not roll in.',
    'Knee: over the little toe.',
    'Hip: no drop.',
    'Trunk: upright under a light hand.',
  ]),
  C4: screen(
    stand('Reach', { ankle: 'balance', knee: 24, trunk: 84, far: { hip: -82, knee: 8, ankle: 0 }, arms: arms(84, 4) }),
    stand('Opens', {
      ankle: 'balance',
      knee: 46,
      trunk: 62,
      far: { hip: -28, knee: 40, ankle: 0 },
      arms: arms(60, 20),
    }),
    ['Foot: does not roll.', 'Knee: soft, still.', 'Hip: both sides face the floor.', 'Trunk: flat.'],
  ),
  C5: screen(oneLeg(0.01, -0.03, 3, 0.16), oneLeg(-0.07, 0.04, 16, 0.14), [
    'Foot: heel down.',
    'Knee: over the foot, not inside.',
    'Hip: level.',
    'Trunk: not sideways.',
  ]),
  C6: screen(
    stand('Held', {
      ankle: 18,
      knee: 46,
      trunk: 26,
      far: { hip: 10, knee: 60, ankle: 0 },
      arms: arms(30, 20),
      moving: true,
    }),
    stand('Saved', {
      ankle: 4,
      knee: 16,
      trunk: 40,
      far: { x: 0.3, y: 0, heel: 0 },
      arms: to(0.21, 0.78),
      moving: true,
    }),
    ['Foot: one landing, no extra hop.', 'Knee: bends and holds.', 'Hip: level.', 'Trunk: still for 3 s.'],
  ),
  C7: screen(
    landing(0.02),
    landing(-0.06),
    ['Foot: quiet, both at once.', 'Knee: over the feet.', 'Hip: takes the load.', 'Trunk: no collapse.'],
    [],
  ),
  K1: screen(
    flight(0.16, UP),
    flight(0.1, arms(60, 40), { knee: 34, heel: 20 }),
    ['Quick quarter dip.', 'Arms from back to up.', 'Ankle, knee and hip straight at take-off.', 'Straight up.'],
    ['leaves before it is straight', 'floats forward', 'arms stay down'],
  ),
  K2: screen(
    land('Soft', arms(28, 20)),
    land('Stiff', arms(60, 10), { ankle: 6, knee: 16, trunk: 10, moving: true }),
    ['Soft and quiet.', 'Knees over the feet.', 'Held for 3 s.'],
    ['loud or stiff', 'knees fall in', 'a step after landing'],
  ),
  K3: screen(
    front('Planted', {
      hips: [-0.1, 0.16],
      feet: [
        [-0.18, 0],
        [0.22, 0],
      ],
      knees: [0.03, 0.02],
      trunk: -6,
      arms: [
        [20, 60],
        [20, 60],
      ],
      moving: true,
    }),
    front('Over it', {
      hips: [0.06, 0.06],
      feet: [
        [-0.1, 0],
        [0.22, 0],
      ],
      knees: [0, -0.06],
      trunk: 18,
      arms: [
        [40, 20],
        [40, 20],
      ],
      moving: true,
    }),
    ['Head up.', 'Hips behind.', 'Foot not turned out.', 'Knee over the foot, held.'],
    ['foot turned out', 'knee falls in', 'trunk over the outside leg'],
  ),
  K4: withBar(
    screen(
      stand('Caught', { ankle: 24, knee: 70, arms: hold('front') }),
      stand('In the hands', { ankle: 8, knee: 24, trunk: 24, arms: arms(30, 130), moving: true }),
      ['Bar on the shoulders.', 'Elbows up at once.', 'Feet flat.'],
      ['bar stays in the hands', 'elbows low', 'jumps wide'],
    ),
  ),
};
