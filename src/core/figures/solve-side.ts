import { BALL, BAR_BEFORE, BAR_BEHIND, LENGTH, MID_FOOT } from './body';
import type { Arms, FreePose, StandPose } from './figure-schema';
import { along, cos, rootOf, sin, twoLinks, type Point } from './geometry';
import { centreOfMass, shift, type Skeleton } from './skeleton';
import { freeLeg, leg, plantedLeg, raisedAnkle, standingFoot, type SolvedLeg } from './solve-leg';

interface SolvedArm {
  readonly elbow: Point;
  readonly hand: Point;
}

const upperBody = (hip: Point, trunk: number): Pick<Skeleton, 'shoulder' | 'neck' | 'head'> => {
  const shoulder = along(hip, 180 - trunk, LENGTH.trunk);
  const look = trunk > 0 ? trunk * 0.82 : trunk;
  const neck = along(shoulder, 180 - look, LENGTH.neck);
  return { shoulder, neck, head: along(neck, 180 - look, LENGTH.head * 0.72) };
};

/** Where a bar or a bell lies for a hold, from the shoulder and the trunk's lean. */
export function holdPoint(hold: string, hip: Point, shoulder: Point, trunk: number): Point {
  const across = (from: Point, by: number): Point => [from[0] + by * cos(trunk), from[1] - by * sin(trunk)];
  if (hold === 'back') return across(shoulder, -BAR_BEHIND);
  if (hold === 'low') return across(along(hip, 180 - trunk, LENGTH.trunk * 0.88), -BAR_BEHIND - 0.012);
  if (hold === 'front') return across(shoulder, BAR_BEFORE);
  if (hold === 'chest') return across(along(hip, 180 - trunk, LENGTH.trunk * 0.84), 0.1);
  if (hold === 'hips') return across(hip, 0.065);
  const arm = LENGTH.upperArm + LENGTH.forearm - 0.004;
  return hold === 'overhead' ? [shoulder[0], shoulder[1] + arm] : [shoulder[0], shoulder[1] - arm];
}

function arm(hip: Point, shoulder: Point, trunk: number, given: Arms): SolvedArm {
  if ('shoulder' in given) {
    const elbow = along(shoulder, given.shoulder, LENGTH.upperArm);
    return { elbow, hand: along(elbow, given.shoulder + given.elbow, LENGTH.forearm) };
  }
  if ('to' in given) {
    const { mid, end } = twoLinks(shoulder, given.to, LENGTH.upperArm, LENGTH.forearm, -1);
    return { elbow: mid, hand: end };
  }
  const hand = holdPoint(given.hold, hip, shoulder, trunk);
  // on the back and on the shoulders the arm leaves the picture's plane: it is drawn shortened
  if (given.hold === 'back' || given.hold === 'low') return { elbow: along(shoulder, -trunk - 12, 0.125), hand };
  if (given.hold === 'front') return { elbow: along(shoulder, 78 - trunk * 0.4, 0.15), hand };
  const { mid } = twoLinks(shoulder, hand, LENGTH.upperArm, LENGTH.forearm, -1);
  return { elbow: mid, hand };
}

function assemble(hip: Point, trunk: number, near: SolvedLeg, far: SolvedLeg, arms: Arms, farArms: Arms): Skeleton {
  const upper = upperBody(hip, trunk);
  const nearArm = arm(hip, upper.shoulder, trunk, arms);
  const farArm = arm(hip, upper.shoulder, trunk, farArms);
  return {
    ...upper,
    hip,
    farHip: hip,
    farShoulder: upper.shoulder,
    ...near,
    ...nearArm,
    farKnee: far.knee,
    farAnkle: far.ankle,
    farToe: far.toe,
    farHeel: far.heel,
    farElbow: farArm.elbow,
    farHand: farArm.hand,
  };
}

/**
 * A position on the feet: the trunk leans so that the bar, or the centre of mass, stands over mid-foot; or the ankle
 * bends so that it does when the trunk is given.
 */
export function solveStand(pose: StandPose): Skeleton {
  const base = raisedAnkle(0, pose.y, pose.heel);
  const over = pose.heel > 0 ? BALL : MID_FOOT;
  const build = (ankleAngle: number, trunk: number): Skeleton => {
    const knee = along(base, 180 - ankleAngle, LENGTH.shank);
    const hip = along(knee, 180 + (pose.knee - ankleAngle), LENGTH.thigh);
    const near: SolvedLeg = { knee, ankle: base, ...standingFoot({ x: 0, y: pose.y, heel: pose.heel }, base) };
    const far = pose.far === 'same' ? near : 'hip' in pose.far ? freeLeg(hip, pose.far) : plantedLeg(hip, pose.far);
    return assemble(hip, trunk, near, far, pose.arms, pose.farArms ?? pose.arms);
  };
  const balance = (s: Skeleton): number => centreOfMass(s)[0] - over;
  const solveTrunk = (ankleAngle: number): number => {
    if (pose.trunk === 'balance') return rootOf((trunk) => balance(build(ankleAngle, trunk)), -25, 100);
    if (pose.trunk !== 'bar') return pose.trunk;
    return rootOf((trunk) => build(ankleAngle, trunk).hand[0] - over, -25, 100);
  };
  const ankle =
    pose.ankle === 'balance' ? rootOf((angle) => balance(build(angle, solveTrunk(angle))), -30, 45) : pose.ankle;
  return shift(build(ankle, solveTrunk(ankle)), 0, pose.air);
}

/** Any other position from the side. */
export function solveFree(pose: FreePose): Skeleton {
  const build = (y: number): Skeleton => {
    const hip: Point = [0, y];
    const near = leg(hip, pose.near);
    const far = pose.far === 'same' ? near : leg(hip, pose.far);
    return assemble(hip, pose.trunk, near, far, pose.arms, pose.farArms ?? pose.arms);
  };
  if (pose.y !== null) return build(pose.y);
  const at = build(0);
  // legs that reach for the ground follow the body; what is given by angles decides how high it lies
  const given: Point[] = [at.shoulder, at.hip].map(([x, y]) => [x, y - 0.05]);
  if ('shoulder' in pose.arms) given.push([at.hand[0], at.hand[1] - 0.016], [at.elbow[0], at.elbow[1] - 0.022]);
  for (const [side, ends] of [
    [pose.near, [at.knee, at.toe, at.heel]],
    [pose.far, [at.farKnee, at.farToe, at.farHeel]],
  ] as const)
    if (side !== 'same' && 'hip' in side)
      given.push(...ends.map(([x, y], i): Point => [x, y - (i === 0 ? 0.034 : 0.014)]));
  return build(-Math.min(...given.map(([, y]) => y)));
}
