import type { MethodTables } from '$core/method';
import { ANKLE, BACK, CALF, FOOT, GROIN, HAMSTRING, HIP, KNEE, KNEE_TENDON, SHOULDER } from '../sports/profile';

const GUARDS: Readonly<Record<string, readonly string[]>> = {
  foot: [...ANKLE('').exercises, ...FOOT('').exercises],
  calf: CALF('').exercises,
  shin: CALF('').exercises,
  knee: KNEE('').exercises,
  'front-thigh': KNEE_TENDON('').exercises,
  'back-thigh': HAMSTRING('').exercises,
  groin: GROIN('').exercises,
  hip: HIP('').exercises,
  back: BACK('').exercises,
  shoulder: SHOULDER('').exercises,
};

const SCREENS: Readonly<Record<string, MethodTables['injuries'][string]['screens']>> = {
  foot: ['C1', 'C6'],
  knee: ['C5', 'C6'],
  'back-thigh': ['C2', 'bridge-hold'],
  groin: ['C5', 'squeeze'],
};

/**
 * What guards a place that was injured before, the same entries a sport known for it would name, and the screens asked
 * for before high tier (SAFE-11).
 */
export const INJURIES: MethodTables['injuries'] = Object.fromEntries(
  Object.entries(GUARDS).map(([place, guards]) => [place, { guards: [...guards], screens: SCREENS[place] ?? [] }]),
);
