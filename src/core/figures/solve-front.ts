import { ANKLE_HEIGHT, LENGTH, PELVIS_HALF, SHOULDER_HALF, STANDING_HIP } from './body';
import type { FrontPose } from './figure-schema';
import { along, direction, mix, type Point } from './geometry';
import { shift, type Skeleton } from './skeleton';

/** A leg seen from ahead: the knee lies on the line from hip to foot, or beside it where it falls in or out. */
function leg(
  hip: Point,
  [x, y]: Point,
  off: number,
  side: 1 | -1,
): { knee: Point; ankle: Point; toe: Point; heel: Point } {
  const ankle: Point = [x, y + ANKLE_HEIGHT];
  const middle = mix(hip, ankle, LENGTH.thigh / (LENGTH.thigh + LENGTH.shank));
  return { knee: [middle[0] + side * off, middle[1]], ankle, toe: [x + side * 0.03, y + 0.016], heel: [x, y + 0.016] };
}

/**
 * A position seen from the front: left of the picture is the near side.
 */
export function solveFront(pose: FrontPose): Skeleton {
  const centre: Point = [pose.hips[0], STANDING_HIP - pose.hips[1]];
  const left: Point = [centre[0] - PELVIS_HALF, centre[1]];
  const right: Point = [centre[0] + PELVIS_HALF, centre[1]];
  const top = along(centre, 180 - pose.trunk, LENGTH.trunk);
  const across = 90 - pose.trunk;
  const shoulders: [Point, Point] = [along(top, across + 180, SHOULDER_HALF), along(top, across, SHOULDER_HALF)];
  const neck = along(top, 180 - pose.trunk * 0.8, LENGTH.neck);
  const armOf = (
    shoulder: Point,
    [raise, bend]: readonly [number, number],
    side: 1 | -1,
  ): { elbow: Point; hand: Point } => {
    const elbow = along(shoulder, side * raise, LENGTH.upperArm);
    return { elbow, hand: along(elbow, side * (raise + bend), LENGTH.forearm) };
  };
  const near = leg(left, pose.feet[0], pose.knees[0], -1);
  const far = leg(right, pose.feet[1], pose.knees[1], 1);
  const nearArm = armOf(shoulders[0], pose.arms[0], -1);
  const farArm = armOf(shoulders[1], pose.arms[1], 1);
  return shift(
    {
      head: along(neck, direction(top, neck), LENGTH.head * 0.72),
      neck,
      hip: left,
      farHip: right,
      shoulder: shoulders[0],
      farShoulder: shoulders[1],
      ...near,
      ...nearArm,
      farKnee: far.knee,
      farAnkle: far.ankle,
      farToe: far.toe,
      farHeel: far.heel,
      farElbow: farArm.elbow,
      farHand: farArm.hand,
    },
    0,
    pose.air,
  );
}
