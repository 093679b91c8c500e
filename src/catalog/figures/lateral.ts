import { sideLow } from './movements';
import { arms, arrow, ball, band, box, figure, free, front, slider, type Figures } from './pose';

const WIDE: [[number, number], [number, number]] = [
  [-0.24, 0],
  [0.24, 0],
];
const wide = (name: string, drop: number) =>
  front(name, {
    hips: [0, drop],
    feet: WIDE,
    arms: [
      [40, 60],
      [40, 60],
    ],
  });
const hop = (name: string, x: number, air: number) =>
  front(name, {
    hips: [x, 0.04],
    feet: [
      [x - 0.03, 0],
      [x + 0.12, 0.12],
    ],
    trunk: x * 20,
    air,
    moving: true,
    arms: [
      [50, 40],
      [30, 60],
    ],
  });

export const LATERAL_FIGURES: Figures = {
  'lateral-squat': figure('none', [wide('Wide', 0.06), sideLow('Sit to one side', 0.2, 0.19)]),
  'lateral-lunge': figure('dumbbell', [
    front('Stand', {
      arms: [
        [4, 2],
        [4, 2],
      ],
    }),
    sideLow('Step and sit', 0.28, 0.2, [6, 4]),
  ]),
  'adductor-hold': figure(
    'none',
    [
      free('Set', {
        trunk: 80,
        facing: 'us',
        near: { hip: -84, knee: 0, ankle: -50 },
        far: { hip: -84, knee: 0, ankle: -50 },
        arms: arms(0, 88),
        y: 0.14,
      }),
      free('Hold', {
        trunk: 74,
        facing: 'us',
        near: { hip: -106, knee: 0, ankle: 0 },
        far: { hip: -98, knee: 0, ankle: 0 },
        arms: arms(0, 88),
        y: 0.24,
      }),
    ],
    box(-0.66, 0.24, 0.27),
  ),
  'band-walk': figure(
    'none',
    [
      front('Set', {
        hips: [0, 0.09],
        feet: [
          [-0.12, 0],
          [0.12, 0],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
      }),
      front('Step', {
        hips: [0.06, 0.09],
        feet: [
          [-0.12, 0],
          [0.3, 0],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
        moving: true,
      }),
    ],
    band('knee', 'farKnee'),
    arrow(0.36, 0.7, 0.56, 0.7),
  ),
  'lateral-bound-stick': figure('none', [
    hop('Push off', -0.2, 0),
    hop('Fly', 0.05, 0.12),
    front('Stick', {
      hips: [0.26, 0.1],
      feet: [
        [0.44, 0.14],
        [0.3, 0],
      ],
      trunk: 4,
      arms: [
        [50, 40],
        [40, 60],
      ],
      moving: true,
    }),
  ]),
  'around-the-clock-lunge': figure('none', [
    front('Middle', {}),
    sideLow('Three o’clock', 0.26, 0.18),
    front('Twelve o’clock', {
      hips: [0, 0.17],
      feet: [
        [-0.06, 0.05],
        [0.06, 0],
      ],
      moving: true,
    }),
  ]),
  'adductor-hold-short': figure(
    'none',
    [
      free('Set', {
        trunk: 80,
        facing: 'us',
        near: { hip: -80, knee: 80, ankle: -50 },
        far: { hip: -84, knee: 0, ankle: -50 },
        arms: arms(0, 88),
        y: 0.14,
      }),
      free('Hold', {
        trunk: 74,
        facing: 'us',
        near: { hip: -100, knee: 84, ankle: 0 },
        far: { hip: -96, knee: 10, ankle: 0 },
        arms: arms(0, 88),
        y: 0.24,
      }),
    ],
    box(-0.4, 0.22, 0.24),
  ),
  'adductor-squeeze-ball': figure(
    'none',
    [
      free('Set', { trunk: -90, near: { x: 0.34, y: 0, heel: 0 }, arms: arms(-88, 4) }),
      free('Squeeze', { trunk: -90, near: { x: 0.32, y: 0, heel: 0 }, arms: arms(-86, 4) }),
    ],
    ball(0.16, 0.27, 0.07),
  ),
  'adductor-slide': figure(
    'none',
    [front('Stand', { hips: [0, 0.03] }), sideLow('Slide out', 0.1, 0.14)],
    slider('farAnkle'),
  ),
  'monster-walk-forward': figure(
    'none',
    [
      front('Set', {
        hips: [0, 0.1],
        feet: [
          [-0.14, 0],
          [0.14, 0],
        ],
        arms: [
          [26, 90],
          [26, 90],
        ],
      }),
      front('Step ahead', {
        hips: [0.02, 0.1],
        feet: [
          [-0.15, 0.05],
          [0.14, 0],
        ],
        arms: [
          [26, 90],
          [26, 90],
        ],
        moving: true,
      }),
    ],
    band('knee', 'farKnee'),
  ),
  'banded-wide-outs': figure(
    'none',
    [
      front('In', {
        hips: [0, 0.11],
        feet: [
          [-0.06, 0],
          [0.06, 0],
        ],
        arms: [
          [30, 90],
          [30, 90],
        ],
      }),
      front('Out', {
        hips: [0, 0.11],
        feet: [
          [-0.26, 0],
          [0.26, 0],
        ],
        arms: [
          [30, 90],
          [30, 90],
        ],
      }),
    ],
    band('knee', 'farKnee'),
    arrow(0.34, 0.2, 0.52, 0.2),
    arrow(-0.34, 0.2, -0.52, 0.2),
  ),
  'banded-wide-outs-alternate': figure(
    'none',
    [
      front('In', {
        hips: [0, 0.11],
        feet: [
          [-0.06, 0],
          [0.06, 0],
        ],
        arms: [
          [30, 90],
          [30, 90],
        ],
      }),
      front('One out', {
        hips: [-0.01, 0.11],
        feet: [
          [-0.06, 0],
          [0.3, 0],
        ],
        arms: [
          [30, 90],
          [30, 90],
        ],
      }),
    ],
    band('knee', 'farKnee'),
    arrow(0.38, 0.2, 0.54, 0.2),
  ),
  'crossover-step': figure(
    'none',
    [
      front('Set', {
        hips: [-0.1, 0.08],
        feet: [
          [-0.2, 0],
          [0.0, 0],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
      }),
      front('Cross', {
        hips: [0.04, 0.1],
        feet: [
          [0.24, 0],
          [0.02, 0.02],
        ],
        arms: [
          [30, 80],
          [30, 80],
        ],
        moving: true,
      }),
    ],
    arrow(0.32, 0.8, 0.54, 0.8),
  ),
  'continuous-lateral-bound': figure(
    'none',
    [hop('One side', -0.24, 0), hop('Across', 0.02, 0.14)],
    arrow(0.2, 0.9, 0.5, 0.9),
    arrow(-0.2, 0.9, -0.5, 0.9),
  ),
  'side-cut': figure(
    'none',
    [
      front('Shuffle', {
        hips: [0, 0.1],
        feet: [
          [-0.2, 0],
          [0.18, 0],
        ],
        arms: [
          [34, 80],
          [34, 80],
        ],
      }),
      front('Plant', {
        hips: [0.02, 0.14],
        feet: [
          [-0.06, 0.06],
          [0.36, 0],
        ],
        trunk: -12,
        arms: [
          [40, 80],
          [40, 80],
        ],
        moving: true,
      }),
    ],
    arrow(-0.2, 0.95, -0.48, 0.95),
  ),
  'band-lateral-squat': figure(
    'none',
    [wide('Wide', 0.06), sideLow('Sit away from the anchor', 0.2, 0.19)],
    band([0.8, 0.5], 'hip'),
  ),
  'landmine-lateral-squat': figure('landmine', [
    front('Wide', {
      hips: [0, 0.06],
      feet: WIDE,
      arms: [
        [20, -70],
        [20, -70],
      ],
    }),
    sideLow('Sit to one side', 0.2, 0.19, [20, -70]),
  ]),
  'standing-band-adduction': figure(
    'none',
    [
      front('Out', {
        hips: [-0.04, 0.01],
        feet: [
          [-0.06, 0],
          [0.26, 0.06],
        ],
        moving: true,
        arms: [
          [40, 40],
          [20, 40],
        ],
      }),
      front('Across', {
        hips: [-0.04, 0.01],
        feet: [
          [-0.06, 0],
          [-0.2, 0.05],
        ],
        moving: true,
        arms: [
          [40, 40],
          [20, 40],
        ],
      }),
    ],
    band([0.75, 0.1], 'farAnkle'),
  ),
};
