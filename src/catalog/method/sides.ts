import type { MethodTables } from '$core/method';

/**
 * What is done beside the sessions, at home and without kit (SIDE-1). The choice of entries is our working default.
 */
export const SIDES: MethodTables['sides'] = {
  'foot-ankle': {
    name: 'Foot, calf and ankle',
    purpose: 'springy ankles and strong feet, on days without the gym',
    perWeek: 2,
    returning: { perWeek: 3, between: 'mobility' },
    ofFocus: false,
    instead: false,
    items: [
      { exercise: 'bent-knee-calf-raise-two-leg', row: 'D-ASST' },
      { exercise: 'tibialis-raise', row: 'D-ASST' },
      { exercise: 'arch-lift', row: 'D-STAB' },
      { exercise: 'single-leg-balance', row: 'D-STAB' },
    ],
  },
  'hip-trunk': {
    name: 'Hip flexors and trunk',
    purpose: 'what runs and lifts leave out: lifting the knee, holding the side',
    perWeek: 2,
    returning: null,
    ofFocus: false,
    instead: false,
    items: [
      { exercise: 'knee-hold-side-to-side', row: 'D-ISO' },
      { exercise: 'side-plank', row: 'D-TRK' },
      { exercise: 'dead-bug', row: 'D-TRK' },
    ],
  },
  home: {
    name: 'At home',
    purpose: 'strength without kit, for weeks away from the gym',
    perWeek: 2,
    returning: null,
    ofFocus: false,
    instead: true,
    items: [
      { exercise: 'body-weight-split-squat', row: 'D-ASST' },
      { exercise: 'body-weight-single-leg-deadlift', row: 'D-ASST' },
      { exercise: 'push-up', row: 'D-ASST' },
      { exercise: 'side-plank', row: 'D-TRK' },
    ],
  },
  mobility: {
    name: 'Daily mobility',
    purpose: 'two drills a day for the range that is short',
    perWeek: 7,
    returning: null,
    ofFocus: true,
    instead: false,
    items: [
      { exercise: 'deep-lunge-opener', row: 'D-MOB' },
      { exercise: 'knee-to-wall-mobility', row: 'D-MOB' },
    ],
  },
};
