import { allFours, halfKneeling, kneeling, kneeUp, lying, plankOnHands, splitLow } from './movements';
import { arms, arrow, AT_SIDES, band, box, figure, free, front, ON_HIPS, stand, UP, wall, type Figures } from './pose';

const march = (name: string, over: Parameters<typeof kneeUp>[2] = {}) =>
  kneeUp(name, arms(-30, 70), { farArms: arms(46, 80), ...over });
const bear = (name: string, over: Partial<Parameters<typeof free>[1]> = {}) =>
  free(name, { trunk: 84, near: { hip: 16, knee: 100, ankle: 24 }, arms: arms(6, 4), ...over });
const low = (x: number, feet: [[number, number], [number, number]], name: string) =>
  front(name, {
    hips: [x, 0.1],
    feet,
    arms: [
      [30, 80],
      [30, 80],
    ],
    moving: true,
  });

export const PREP_FIGURES: Figures = {
  'travel-series': figure('none', [
    march('March'),
    low(
      0.06,
      [
        [-0.14, 0],
        [0.26, 0],
      ],
      'Shuffle',
    ),
    front('Cross', {
      hips: [0.02, 0.04],
      feet: [
        [0.08, 0],
        [-0.02, 0],
      ],
      arms: [
        [70, 10],
        [70, 10],
      ],
      moving: true,
    }),
  ]),
  'crawl-knees-up': figure('none', [
    bear('Set'),
    bear('Opposite hand and foot', {
      arms: arms(34, 4),
      farArms: arms(-10, 4),
      near: { hip: -6, knee: 84, ankle: 24 },
      far: { hip: 34, knee: 110, ankle: 24 },
    }),
  ]),
  'march-skip-series': figure('none', [march('March'), march('Skip', { heel: 40, air: 0.05 })]),
  inchworm: figure('none', [
    stand('Fold', { ankle: -8, knee: 6, trunk: 128, arms: arms(20, 2), moving: true }),
    plankOnHands('Walk out'),
  ]),
  'knee-hug-lunge': figure('none', [
    kneeUp('Hug', arms(60, 70), { far: { hip: 112, knee: 128, ankle: 0 }, heel: 14 }),
    { ...splitLow(UP), name: 'Lunge' },
  ]),
  'walking-knee-hug': figure(
    'none',
    [
      stand('Step', { far: { hip: -18, knee: 20, ankle: -10 }, moving: true }),
      kneeUp('Hug, tall', arms(56, 72), { far: { hip: 114, knee: 130, ankle: 0 }, heel: 26 }),
    ],
    arrow(0.3, 0.1, 0.5, 0.1),
  ),
  'leg-cradle': figure('none', [
    front('Tall', {}),
    front('Lift the shin', {
      hips: [-0.05, 0],
      feet: [
        [-0.06, 0],
        [-0.02, 0.4],
      ],
      knees: [0, 0.16],
      arms: [
        [20, -30],
        [30, -50],
      ],
      moving: true,
    }),
  ]),
  'quad-pull': figure('none', [
    stand('Tall', {}),
    stand('Heel to seat', {
      ankle: 3,
      knee: 3,
      trunk: 4,
      far: { hip: -6, knee: 136, ankle: -30 },
      arms: arms(172, 4),
      farArms: arms(-30, 10),
      moving: true,
    }),
  ]),
  'walking-march': figure('none', [
    march('One'),
    stand('Down', {
      ankle: 10,
      knee: 6,
      trunk: 2,
      far: { x: 0.2, y: 0, heel: -14 },
      arms: arms(30, 70),
      farArms: arms(-20, 60),
      moving: true,
    }),
  ]),
  'high-knees': figure('none', [
    march('One', { heel: 34 }),
    march('Other', { heel: 34, far: { hip: 60, knee: 96, ankle: 0 }, arms: arms(46, 80), farArms: arms(-30, 70) }),
  ]),
  'heels-up': figure('none', [
    stand('Heel to seat', {
      ankle: 6,
      knee: 8,
      heel: 30,
      trunk: 4,
      far: { hip: 26, knee: 134, ankle: -20 },
      arms: arms(-30, 84),
      farArms: arms(36, 84),
      moving: true,
    }),
    stand('Change', {
      ankle: 6,
      knee: 10,
      heel: 20,
      trunk: 4,
      far: { hip: 20, knee: 96, ankle: -20 },
      arms: arms(30, 84),
      farArms: arms(-30, 84),
      moving: true,
    }),
  ]),
  'side-shuffle': figure(
    'none',
    [
      low(
        0,
        [
          [-0.2, 0],
          [0.2, 0],
        ],
        'Wide',
      ),
      low(
        0.04,
        [
          [-0.06, 0],
          [0.16, 0],
        ],
        'Gather',
      ),
    ],
    arrow(0.3, 0.6, 0.52, 0.6),
  ),
  carioca: figure(
    'none',
    [
      front('Before', {
        hips: [0, 0.06],
        feet: [
          [0.16, 0],
          [-0.02, 0],
        ],
        arms: [
          [74, 6],
          [74, 6],
        ],
        moving: true,
      }),
      front('Behind', {
        hips: [0, 0.06],
        feet: [
          [-0.04, 0],
          [-0.14, 0.02],
        ],
        arms: [
          [74, 6],
          [74, 6],
        ],
        moving: true,
      }),
    ],
    arrow(0.3, 0.5, 0.5, 0.5),
  ),
  'backward-push': figure(
    'none',
    [
      stand('Low', {
        ankle: 24,
        knee: 60,
        trunk: 36,
        far: { x: -0.2, y: 0, heel: 20 },
        arms: arms(20, 80),
        moving: true,
      }),
      stand('Push back', {
        ankle: 4,
        knee: 44,
        trunk: 28,
        far: { x: -0.4, y: 0, heel: 30 },
        arms: arms(-10, 80),
        moving: true,
      }),
    ],
    arrow(-0.2, 0.9, -0.5, 0.9),
  ),
  'backward-reach': figure(
    'none',
    [
      stand('Heel up', {
        ankle: 6,
        knee: 10,
        trunk: 4,
        far: { hip: 10, knee: 110, ankle: -20 },
        arms: arms(30, 70),
        moving: true,
      }),
      stand('Reach back', {
        ankle: 16,
        knee: 14,
        trunk: 14,
        far: { hip: -44, knee: 20, ankle: -20 },
        arms: arms(-20, 60),
        farArms: arms(50, 60),
        moving: true,
      }),
    ],
    arrow(-0.3, 0.9, -0.55, 0.9),
  ),
  'crawl-knees-down': figure('none', [
    allFours('Table'),
    allFours('Opposite hand and knee', {
      arms: arms(26, 4),
      farArms: arms(-6, 4),
      near: { hip: -10, knee: 78, ankle: -60 },
      far: { hip: 20, knee: 108, ankle: -60 },
    }),
  ]),
  'crawl-backward': figure(
    'none',
    [
      bear('Set', { arms: arms(26, 4) }),
      bear('Push back', {
        arms: arms(-12, 4),
        farArms: arms(30, 4),
        near: { hip: 30, knee: 108, ankle: 24 },
        far: { hip: -4, knee: 84, ankle: 24 },
      }),
    ],
    arrow(-0.4, 0.5, -0.62, 0.5),
  ),
  'crawl-sideways': figure(
    'none',
    [
      front('Set', {
        hips: [0, 0.3],
        feet: [
          [-0.16, 0],
          [0.16, 0],
        ],
        trunk: 0,
        arms: [
          [20, 4],
          [20, 4],
        ],
        moving: true,
      }),
      front('Hand and foot', {
        hips: [0.05, 0.3],
        feet: [
          [-0.16, 0],
          [0.28, 0],
        ],
        arms: [
          [10, 4],
          [46, 4],
        ],
        moving: true,
      }),
    ],
    arrow(0.4, 0.4, 0.6, 0.4),
  ),

  'deep-lunge-opener': figure('none', [
    stand('Long lunge', {
      ankle: 14,
      knee: 96,
      trunk: 46,
      far: { x: -0.66, y: 0, heel: 64 },
      arms: arms(10, 20),
      moving: true,
    }),
    stand('Turn and reach', {
      ankle: 14,
      knee: 96,
      trunk: 40,
      far: { x: -0.66, y: 0, heel: 64 },
      arms: arms(4, 10),
      farArms: arms(158, 4),
      moving: true,
    }),
  ]),
  'knee-to-wall-mobility': figure(
    'none',
    [
      stand('Set', {
        ankle: 14,
        knee: 36,
        trunk: 8,
        far: { x: -0.4, y: 0, heel: 30 },
        arms: arms(76, 10),
        moving: true,
      }),
      stand('Knee to the wall', {
        ankle: 36,
        knee: 66,
        trunk: 6,
        far: { x: -0.4, y: 0, heel: 40 },
        arms: arms(60, 50),
        moving: true,
      }),
    ],
    wall(0.3),
  ),
  'contract-relax-hamstring': figure(
    'none',
    [
      lying('Push the heel down', {
        near: { hip: 158, knee: 8, ankle: 0 },
        far: { hip: 91, knee: 0, ankle: 0 },
        arms: arms(136, 10),
      }),
      lying('Lift further', {
        near: { hip: 178, knee: 8, ankle: 0 },
        far: { hip: 91, knee: 0, ankle: 0 },
        arms: arms(142, 10),
      }),
    ],
    arrow(0.36, 0.44, 0.2, 0.56),
  ),
  'squat-prying': figure('none', [
    stand('Sink', { ankle: 37, knee: 126, trunk: 34, arms: arms(40, 70) }),
    front('Rock', {
      hips: [0.05, 0.34],
      feet: [
        [-0.18, 0],
        [0.18, 0],
      ],
      knees: [0.08, 0.08],
      arms: [
        [30, -70],
        [30, -70],
      ],
    }),
  ]),
  'walk-and-breathe': figure('none', [
    stand('Walk', {
      ankle: 12,
      knee: 6,
      heel: 16,
      trunk: 2,
      far: { x: 0.24, y: 0, heel: -16 },
      arms: arms(-16, 14),
      farArms: arms(18, 14),
      moving: true,
    }),
    stand('Calf at the wall', {
      ankle: -4,
      knee: 30,
      trunk: 12,
      far: { x: -0.4, y: 0, heel: 0 },
      arms: arms(70, 10),
      moving: true,
    }),
  ]),
  'contract-relax-hip-flexor': figure('none', [
    halfKneeling('Tuck', ON_HIPS),
    halfKneeling('Hips forward', ON_HIPS, {
      trunk: -2,
      near: { hip: 74, knee: 92, ankle: 10 },
      far: { hip: -24, knee: 66, ankle: -10 },
    }),
  ]),
  'band-hip-flexor-opener': figure(
    'none',
    [
      halfKneeling('Set', AT_SIDES),
      halfKneeling('Rock in', AT_SIDES, {
        trunk: -2,
        near: { hip: 72, knee: 92, ankle: 14 },
        far: { hip: -26, knee: 64, ankle: -10 },
      }),
    ],
    band([0.9, 0.2], 'hip'),
  ),
  'banded-hamstring-opener': figure(
    'none',
    [
      lying('Soft knee', {
        near: { hip: 176, knee: 40, ankle: 0 },
        far: { hip: 91, knee: 0, ankle: 0 },
        arms: arms(148, 10),
      }),
      lying('Straighten', {
        near: { hip: 172, knee: 6, ankle: 4 },
        far: { hip: 91, knee: 0, ankle: 0 },
        arms: arms(148, 10),
      }),
    ],
    band('hand', 'toe'),
  ),
  'calf-wall-opener': figure(
    'none',
    [
      stand('Straight', {
        ankle: -2,
        knee: 34,
        trunk: 14,
        far: { x: -0.42, y: 0, heel: 0 },
        arms: arms(74, 6),
        moving: true,
      }),
      stand('Bent', {
        ankle: 16,
        knee: 54,
        trunk: 10,
        far: { x: -0.3, y: 0, heel: 0 },
        arms: arms(74, 16),
        moving: true,
      }),
    ],
    wall(0.44),
  ),
  'band-ankle-opener': figure(
    'none',
    [
      stand('Set', { ankle: 16, knee: 62, trunk: 14, far: { x: -0.4, y: 0, heel: 50 }, arms: ON_HIPS, moving: true }),
      stand('Knee over the toes', {
        ankle: 36,
        knee: 84,
        trunk: 12,
        far: { x: -0.4, y: 0, heel: 56 },
        arms: ON_HIPS,
        moving: true,
      }),
    ],
    band([-0.6, 0.04], 'ankle'),
  ),
  'wrist-rocks': figure('none', [
    allFours('Rock forward', { trunk: 80, arms: arms(-20, 2) }),
    allFours('Rock back', { arms: arms(22, 2), near: { hip: 18, knee: 106, ankle: -60 }, y: null }),
  ]),
  'front-rack-opener': figure('stick', [
    stand('Stick on the shoulder', { arms: arms(60, 130) }),
    stand('Elbow lifts', { arms: arms(98, 138) }),
  ]),
  'upper-back-turn': figure(
    'none',
    [allFours('Elbow down', { farArms: arms(20, 120) }), allFours('Elbow up', { farArms: arms(108, 110) })],
    arrow(0.2, 0.4, 0.2, 0.62),
  ),
  'hip-turn-sitting': figure('none', [
    front('Middle', {
      hips: [0, 0.44],
      feet: [
        [-0.2, 0],
        [0.2, 0],
      ],
      knees: [0.06, 0.06],
      arms: [
        [40, -10],
        [40, -10],
      ],
      moving: true,
    }),
    front('To one side', {
      hips: [0, 0.46],
      feet: [
        [-0.2, 0],
        [0.2, 0],
      ],
      knees: [-0.1, 0.16],
      arms: [
        [40, -10],
        [40, -10],
      ],
      moving: true,
    }),
  ]),
  'adductor-rock': figure('none', [
    front('Set', {
      hips: [0, 0.28],
      feet: [
        [-0.06, 0],
        [0.38, 0],
      ],
      arms: [
        [10, 2],
        [10, 2],
      ],
      moving: true,
    }),
    front('Hips back', {
      hips: [0.02, 0.36],
      feet: [
        [-0.06, 0],
        [0.4, 0],
      ],
      arms: [
        [16, 2],
        [16, 2],
      ],
      moving: true,
    }),
  ]),
  'toe-opener': figure('none', [
    kneeling('Tall, toes under', AT_SIDES, { near: { hip: 10, knee: 104, ankle: 30 } }),
    kneeling('Sit back', AT_SIDES, { trunk: 4, near: { hip: 66, knee: 150, ankle: 34 } }),
  ]),
  'shoulder-slide-wall': figure(
    'none',
    [
      stand('Forearms', { arms: arms(54, 120), moving: true }),
      stand('Slide up', { arms: arms(140, 30), moving: true }),
    ],
    wall(0.26),
  ),
  'legs-up-breathing': figure(
    'none',
    [
      lying('Heels up', { near: { hip: 170, knee: 84, ankle: 0 }, arms: arms(86, 4) }),
      lying('Breathe out', { near: { hip: 172, knee: 80, ankle: 0 }, arms: arms(70, 20) }),
    ],
    box(0.1, 0.3, 0.28),
  ),
  'easy-jog-and-swing': figure('none', [
    stand('Jog', {
      ankle: 16,
      knee: 14,
      heel: 20,
      trunk: 4,
      far: { hip: 34, knee: 70, ankle: 0 },
      arms: arms(-24, 80),
      farArms: arms(26, 80),
      moving: true,
    }),
    stand('Swing', {
      ankle: 2,
      knee: 4,
      trunk: 0,
      far: { hip: 62, knee: 8, ankle: 0 },
      arms: arms(70, 6),
      moving: true,
    }),
  ]),
  'slow-opener-round': figure('none', [
    stand('Calf', {
      ankle: -2,
      knee: 34,
      trunk: 14,
      far: { x: -0.42, y: 0, heel: 0 },
      arms: arms(70, 10),
      moving: true,
    }),
    halfKneeling('Hip', ON_HIPS, { near: { hip: 74, knee: 92, ankle: 10 }, far: { hip: -24, knee: 66, ankle: -10 } }),
    stand('Thigh', {
      ankle: 3,
      knee: 3,
      trunk: 2,
      far: { hip: -4, knee: 132, ankle: -30 },
      arms: arms(60, 10),
      farArms: arms(-30, 10),
      moving: true,
    }),
  ]),
};
