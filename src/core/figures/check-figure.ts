import { ANKLE_HEIGHT, BALL, HEEL_BACK, LENGTH } from './body';
import type { Figure, Pose } from './figure-schema';
import { direction, distance, wrap } from './geometry';
import { centreOfMass, type Skeleton } from './skeleton';
import { solvePose } from './solve-pose';

/** What a joint can do, in degrees. */
const RANGE = {
  hip: [-40, 150],
  knee: [-2, 162],
  ankle: [-65, 48],
  shoulder: [-80, 206],
  elbow: [-2, 162],
} as const;

const sides = ['', 'far'] as const;

/**
 * What is wrong with a drawing: joints beyond human range, feet off or under the ground, hands off what they hold,
 * the centre of mass off the foot. Empty = it holds together.
 */
export function checkFigure(figure: Figure): string[] {
  return figure.positions.flatMap((pose) => {
    const s = solvePose(pose);
    return [...joints(pose, s), ...ground(pose, s), ...hands(pose, s), ...balance(pose, s)].map(
      (problem) => `${pose.name}: ${problem}`,
    );
  });
}

function joints(pose: Pose, s: Skeleton): string[] {
  if (pose.kind === 'front') {
    const legs = [distance(s.hip, s.ankle), distance(s.farHip, s.farAnkle)];
    return legs
      .filter((length) => length > LENGTH.thigh + LENGTH.shank + 0.004)
      .map((l) => `leg too long ${l.toFixed(3)}`);
  }
  const trunk = 180 - direction(s.hip, s.shoulder);
  const found: string[] = [];
  const judge = (name: string, kind: keyof typeof RANGE, raw: number): void => {
    const angle = kind === 'shoulder' && raw < RANGE.shoulder[0] ? raw + 360 : raw;
    if (angle < RANGE[kind][0] || angle > RANGE[kind][1]) found.push(`${name} ${Math.round(angle)}°`);
  };
  for (const side of sides) {
    const far = side === 'far';
    const [knee, ankle, toe] = far ? [s.farKnee, s.farAnkle, s.farToe] : [s.knee, s.ankle, s.toe];
    const [elbow, hand] = far ? [s.farElbow, s.farHand] : [s.elbow, s.hand];
    const thigh = direction(s.hip, knee);
    const shank = direction(knee, ankle);
    const sideways = pose.kind === 'free' && pose.facing === 'us';
    if (!sideways) judge(`${side} hip`, 'hip', wrap(thigh + trunk));
    judge(`${side} knee`, 'knee', wrap(thigh - shank));
    const arms = (far ? pose.farArms : null) ?? pose.arms;
    if (sideways) continue;
    judge(`${side} ankle`, 'ankle', wrap(direction(ankle, toe) - shank - 90) + 11);
    if ('hold' in arms && ['back', 'low', 'front'].includes(arms.hold)) continue;
    const upper = direction(s.shoulder, elbow);
    judge(`${side} shoulder`, 'shoulder', wrap(upper + trunk));
    judge(`${side} elbow`, 'elbow', wrap(direction(elbow, hand) - upper));
  }
  return found;
}

function ground(pose: Pose, s: Skeleton): string[] {
  const under = Object.entries(s).filter(([, [, y]]) => y < -0.012);
  const found = under.map(([joint]) => `${joint} is under the ground`);
  if (pose.kind === 'front' && pose.air === 0 && Math.min(pose.feet[0][1], pose.feet[1][1]) > 0.6)
    found.push('no foot down');
  return found;
}

function hands(pose: Pose, s: Skeleton): string[] {
  if (pose.kind === 'front') return [];
  const air = pose.kind === 'stand' ? pose.air : 0;
  const off = (arms: typeof pose.arms | null, hand: readonly [number, number]): boolean =>
    arms !== null && 'to' in arms && distance([arms.to[0], arms.to[1] + air], hand) > 0.012;
  return [
    ...(off(pose.arms, s.hand) ? ['hand does not reach'] : []),
    ...(off(pose.farArms, s.farHand) ? ['far hand does not reach'] : []),
  ];
}

function balance(pose: Pose, s: Skeleton): string[] {
  if (pose.kind === 'free' || pose.moving || pose.air > 0) return [];
  const [x] = centreOfMass(s);
  const feet = [s.ankle, s.farAnkle].filter(
    ([, y], i) => i === 0 || y < ANKLE_HEIGHT + 0.12 + (pose.kind === 'stand' ? pose.y : 0),
  );
  const margin = pose.kind === 'front' ? [0.05, 0.05] : [HEEL_BACK + 0.012, BALL + 0.045];
  const low = Math.min(...feet.map(([fx]) => fx)) - (margin[0] ?? 0);
  const high = Math.max(...feet.map(([fx]) => fx)) + (margin[1] ?? 0);
  return x < low || x > high ? [`centre of mass off the foot by ${Math.max(low - x, x - high).toFixed(3)}`] : [];
}
