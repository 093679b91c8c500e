import { allFours, halfKneeling, kneeling, lying, plankOnForearms, plankOnHands } from './movements';
import { arms, arrow, band, ball, figure, free, front, hold, slider, stand, type Figures } from './pose';

const sidePlank = (name: string, y: number, lift: number) =>
  free(name, {
    trunk: y > 0.1 ? 73 : 63,
    near: { hip: -80 - lift, knee: 0, ankle: -100 },
    far: { hip: y > 0.1 ? -80 : -87, knee: 0, ankle: -96 },
    arms: arms(0, 88),
    farArms: arms(178, 2),
    facing: 'us',
    y,
  });
const deadBug = (name: string, over: Parameters<typeof lying>[1]) =>
  lying(name, { near: { hip: 178, knee: 88, ankle: 0 }, arms: arms(178, 0), ...over });

export const TRUNK_FIGURES: Figures = {
  'dead-bug': figure('none', [
    deadBug('Table', {}),
    deadBug('Opposite arm and leg', {
      near: { hip: 100, knee: 4, ankle: 0 },
      far: { hip: 178, knee: 88, ankle: 0 },
      farArms: arms(-96, 0),
    }),
  ]),
  plank: figure('none', [plankOnForearms('Set, hips high', { trunk: 100 }), plankOnForearms('Hold')]),
  'side-plank': figure('none', [sidePlank('Set', 0.07, 6), sidePlank('Hold', 0.116, 0)]),
  'plank-drag': figure('dumbbell', [
    plankOnHands('Reach under', { arms: arms(-26, 30), farArms: arms(2, 2), y: 0.24 }),
    plankOnHands('Drag across', { arms: arms(16, 20), farArms: arms(2, 2), y: 0.24 }),
  ]),
  'anti-rotation-press': figure(
    'none',
    [
      stand('At the chest', { ankle: 12, knee: 26, trunk: 8, arms: hold('chest') }),
      stand('Out', { ankle: 12, knee: 26, trunk: 6, arms: arms(84, 4) }),
    ],
    { kind: 'cable', from: [0.7, 0.62], to: 'hand' },
  ),
  rollout: figure(
    'none',
    [
      kneeling('Tall', arms(50, 6), { trunk: 30, near: { hip: 20, knee: 110, ankle: -60 } }),
      free('Long', { trunk: 74, near: { hip: -40, knee: 50, ankle: -60 }, arms: arms(108, 2), y: 0.24 }),
    ],
    ball(0.66, 0.13, 0.13),
  ),
  'hold-pyramid': figure('none', [plankOnForearms('Front'), sidePlank('Side', 0.116, 0)]),
  'plank-row': figure('dumbbell', [
    plankOnHands('Set', { farArms: arms(2, 2) }),
    plankOnHands('Row', { arms: arms(-70, 100), farArms: arms(2, 2), y: 0.24 }),
  ]),
  'plank-reach': figure('none', [
    plankOnHands('Set', { farArms: arms(2, 2) }),
    plankOnHands('Reach', { arms: arms(2, 2), farArms: arms(100, 2) }),
  ]),
  'bird-dog': figure('none', [
    allFours('Table'),
    allFours('Long', {
      near: { hip: 0, knee: 88, ankle: -60 },
      far: { hip: -88, knee: 2, ankle: -20 },
      farArms: arms(100, 2),
    }),
  ]),
  'prone-arm-leg-raise': figure('none', [
    free('Flat', { trunk: 89, near: { hip: -89, knee: 0, ankle: -60 }, arms: arms(92, 0), y: 0.06 }),
    free('Lift', {
      trunk: 86,
      near: { hip: -100, knee: 2, ankle: -60 },
      far: { hip: -89, knee: 0, ankle: -60 },
      arms: arms(96, 0),
      farArms: arms(112, 0),
      y: 0.06,
    }),
  ]),
  'side-plank-leg-raise': figure('none', [sidePlank('Hold', 0.116, 0), sidePlank('Top leg up', 0.116, 24)]),
  'slide-body-saw': figure(
    'none',
    [
      plankOnForearms('Over the elbows', { arms: arms(-6, 94) }),
      plankOnForearms('Back', { arms: arms(30, 60), trunk: 80 }),
    ],
    slider('toe'),
  ),
  'landmine-rotation': figure(
    'landmine',
    [
      front('Middle', {
        hips: [0, 0.05],
        feet: [
          [-0.16, 0],
          [0.16, 0],
        ],
        arms: [
          [-150, 0],
          [-150, 0],
        ],
      }),
      front('To one hip', {
        hips: [0, 0.05],
        feet: [
          [-0.16, 0],
          [0.16, 0],
        ],
        trunk: 6,
        arms: [
          [-60, 0],
          [40, 20],
        ],
      }),
    ],
    arrow(-0.1, 1.2, 0.24, 1.1),
  ),
  'turn-and-raise-one-leg': figure(
    'none',
    [
      front('Outside the hip', {
        hips: [-0.05, 0.04],
        feet: [
          [-0.06, 0],
          [0.06, 0.2],
        ],
        trunk: -6,
        arms: [
          [10, 4],
          [-40, 4],
        ],
      }),
      front('Above the shoulder', {
        hips: [-0.05, 0.01],
        feet: [
          [-0.06, 0],
          [0.06, 0.2],
        ],
        trunk: 4,
        arms: [
          [-140, 4],
          [140, 4],
        ],
      }),
    ],
    { kind: 'cable', from: [-0.6, 0.12], to: 'hand' },
  ),
  'band-chop': figure(
    'none',
    [halfKneeling('High', arms(150, 6)), halfKneeling('To the hip', arms(30, 10))],
    band([0.5, 1.2], 'hand'),
  ),
  'partner-ball-twist': figure(
    'med-ball',
    [
      front('Take', {
        hips: [0, 0.03],
        feet: [
          [-0.14, 0],
          [0.14, 0],
        ],
        trunk: -6,
        arms: [
          [70, 10],
          [-50, 30],
        ],
      }),
      front('Give', {
        hips: [0, 0.03],
        feet: [
          [-0.14, 0],
          [0.14, 0],
        ],
        trunk: 6,
        arms: [
          [-50, 30],
          [70, 10],
        ],
      }),
    ],
    arrow(-0.3, 1.06, 0.3, 1.06),
  ),
  'straight-sit-up': figure('none', [
    lying('Down', { arms: arms(104, 120) }),
    lying('Up', { trunk: -24, arms: arms(40, 110) }),
  ]),
  'loaded-sit-up': figure('plate', [
    lying('Down', { trunk: -86, arms: hold('chest') }),
    lying('Up', { trunk: -26, arms: hold('chest') }),
  ]),
  'leg-lower': figure('none', [
    lying('Up', { near: { hip: 176, knee: 4, ankle: 0 } }),
    lying('Lower', { near: { hip: 116, knee: 4, ankle: 0 } }),
  ]),
  'bear-hold': figure('none', [
    allFours('Set'),
    free('Knees low', { trunk: 86, near: { hip: 12, knee: 94, ankle: 20 }, arms: arms(2, 2) }),
  ]),
  'hollow-hold': figure('none', [
    lying('Set', { near: { hip: 178, knee: 88, ankle: 0 }, arms: arms(178, 0) }),
    lying('Long and low', { trunk: -82, near: { hip: 104, knee: 0, ankle: -30 }, arms: arms(-98, 0) }),
  ]),
};
