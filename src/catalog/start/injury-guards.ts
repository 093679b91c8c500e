import { ANKLE, BACK, CALF, FOOT, GROIN, HAMSTRING, HIP, KNEE, KNEE_TENDON, SHOULDER } from '../sports/profile';

/** What guards a place that was injured before (SAFE-11): the same entries a sport known for it would name. */
export const INJURY_GUARDS: Readonly<Record<string, readonly string[]>> = {
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
