import { CENTRE, MASS } from './body';
import type { JOINTS } from './figure-schema';
import { mix, type Point } from './geometry';

export type Joint = (typeof JOINTS)[number] | 'heel' | 'farHeel' | 'farHip' | 'farShoulder';

/** Where every joint of a solved position is; from the side both hips, and both shoulders, are one point. */
export type Skeleton = Readonly<Record<Joint, Point>>;

/**
 * The centre of mass, from standard segment-mass shares.
 */
export function centreOfMass(s: Skeleton): Point {
  const parts: [number, Point][] = [
    [MASS.head, s.head],
    [MASS.trunk, mix(mix(s.hip, s.farHip, 0.5), mix(s.shoulder, s.farShoulder, 0.5), CENTRE.trunk)],
    [MASS.upperArm, mix(s.shoulder, s.elbow, CENTRE.upperArm)],
    [MASS.upperArm, mix(s.farShoulder, s.farElbow, CENTRE.upperArm)],
    [MASS.forearm, mix(s.elbow, s.hand, CENTRE.forearm)],
    [MASS.forearm, mix(s.farElbow, s.farHand, CENTRE.forearm)],
    [MASS.thigh, mix(s.hip, s.knee, CENTRE.thigh)],
    [MASS.thigh, mix(s.farHip, s.farKnee, CENTRE.thigh)],
    [MASS.shank, mix(s.knee, s.ankle, CENTRE.shank)],
    [MASS.shank, mix(s.farKnee, s.farAnkle, CENTRE.shank)],
    [MASS.foot, mix(s.heel, s.toe, CENTRE.foot)],
    [MASS.foot, mix(s.farHeel, s.farToe, CENTRE.foot)],
  ];
  const total = parts.reduce((sum, [mass]) => sum + mass, 0);
  const at = (axis: 0 | 1): number => parts.reduce((sum, [mass, where]) => sum + mass * where[axis], 0) / total;
  return [at(0), at(1)];
}

/** The skeleton moved as a whole. */
export const shift = (s: Skeleton, dx: number, dy: number): Skeleton =>
  Object.fromEntries(Object.entries(s).map(([joint, [x, y]]) => [joint, [x + dx, y + dy]])) as unknown as Skeleton;
