import { DEEP, LEVEL, squat, UPRIGHT_SHIN } from './movements';
import { AHEAD, arms, arrow, ball, band, box, figure, hold, post, stand, wall, type Figures } from './pose';

const BACK = hold('back');
const CHEST = hold('chest');

export const SQUAT_FIGURES: Figures = {
  'body-weight-squat': figure('none', squat(AHEAD, [36, 118], {}, 'Bottom', 40)),
  'goblet-squat': figure('kettlebell', squat(CHEST, [36, 118], {}, 'Bottom', 24)),
  'back-squat': figure(
    'bar',
    [
      squat(BACK, DEEP)[0],
      stand('Half way', { ankle: 22, knee: 72, trunk: 'bar', arms: BACK }),
      squat(BACK, DEEP)[1],
    ].flatMap((p) => p ?? []),
  ),
  'front-squat': figure('bar', squat(hold('front'), DEEP)),
  'box-squat-wide': figure('bar', squat(BACK, UPRIGHT_SHIN, {}, 'On the box'), box(-0.36, 0.2, 0.235)),
  'pause-squat': figure('bar', squat(BACK, [32, 122], {}, 'Pause, two seconds')),
  'tempo-squat': figure('bar', squat(BACK, [30, 114], {}, 'Four seconds down'), arrow(-0.55, 0.75, -0.55, 0.45)),
  'landmine-squat': figure('landmine', squat(CHEST, [28, 112], { trunk: 16, moving: true })),
  'wall-sit-hold': figure(
    'none',
    [
      stand('Stand', { ankle: -12, knee: 18, trunk: 0, arms: arms(10, 100), moving: true }),
      stand('Hold', { ankle: 0, knee: 88, trunk: 0, arms: arms(10, 100), moving: true }),
    ],
    wall(-0.325),
  ),
  'low-bar-squat': figure('bar', squat(hold('low'), [25, 112])),
  'safety-bar-squat': figure('bar', squat(hold('front'), [30, 118])),
  'overhead-squat': figure('bar', squat(hold('overhead'), [38, 122])),
  'pin-squat': figure(
    'bar',
    [
      stand('From the pins', { ankle: 26, knee: 92, trunk: 'bar', arms: BACK }),
      stand('Top', { ankle: 6, knee: 8, trunk: 'bar', arms: BACK }),
    ],
    post(0.02, 0.53),
  ),
  'one-and-a-half-squat': figure('bar', [
    stand('Bottom', { ankle: 33, knee: 126, trunk: 'bar', arms: BACK }),
    stand('Half way up', { ankle: 22, knee: 72, trunk: 'bar', arms: BACK }),
    stand('Top', { ankle: 6, knee: 8, trunk: 'bar', arms: BACK }),
  ]),
  'double-kettlebell-front-squat': figure('kettlebell', squat(CHEST, [35, 116], {}, 'Bottom', 26)),
  'heels-raised-goblet-squat': figure(
    'kettlebell',
    squat(CHEST, [40, 128], { heel: 14, trunk: 14 }),
    box(-0.05, 0.06, 0.02),
  ),
  'ball-depth-squat': figure('none', squat(AHEAD, [33, 108], {}, 'Touch', 42), ball(-0.2, 0.13, 0.13)),
  'sit-to-box-squat': figure('none', squat(AHEAD, [20, 88], {}, 'On the box', 38), box(-0.36, 0.22, 0.24)),
  'counterweight-squat': figure('plate', squat(arms(88, 2), [37, 124], {}, 'Bottom', 36)),
  'landmine-squat-to-press': figure('landmine', [
    stand('Bottom', { ankle: 28, knee: 108, trunk: 18, arms: CHEST, moving: true }),
    stand('Top', { ankle: 6, knee: 6, trunk: 8, arms: arms(146, 6), moving: true }),
  ]),
  'landmine-reverse-squat': figure('landmine', [
    stand('Top', { ankle: -14, knee: 8, trunk: -10, arms: CHEST, moving: true }),
    stand('Bottom', { ankle: -2, knee: 92, trunk: -4, arms: CHEST, moving: true }),
  ]),
  'landmine-straddle-squat': figure('landmine', squat(hold('hang'), [20, 76], {}, 'Bottom', 30)),
  'landmine-pause-squat': figure(
    'landmine',
    squat(CHEST, [30, 118], { trunk: 20, moving: true }, 'Pause, two seconds'),
  ),
  'band-squat': figure('none', squat(hold('front'), LEVEL), band('ankle', 'hand')),
  'band-front-squat': figure(
    'none',
    squat(hold('front'), [31, 120], {}, 'Four seconds down'),
    band('toe', 'hand'),
    arrow(-0.5, 0.7, -0.5, 0.4),
  ),
  'band-wide-squat': figure('none', squat(hold('front'), [18, 96], {}, 'Pause, two seconds'), band('ankle', 'hand')),
  'band-squat-from-floor': figure('none', squat(hold('hang'), [24, 84], {}, 'Start', 42), band('ankle', 'hand')),
  'strap-squat-hold': figure(
    'none',
    [
      stand('Stand', { ankle: 0, knee: 8, arms: AHEAD, moving: true }),
      stand('Hold', { ankle: 0, knee: 84, trunk: 12, arms: arms(60, 40), moving: true }),
    ],
    post(0.42, 0.5),
    band([0.42, 0.29], 'knee'),
  ),
};
