import { ANKLE_HEIGHT, BALL, HEEL_BACK, LENGTH } from './body';
import type { Leg } from './figure-schema';
import { along, cos, sin, twoLinks, type Point } from './geometry';

export interface SolvedLeg {
  readonly knee: Point;
  readonly ankle: Point;
  readonly toe: Point;
  readonly heel: Point;
}
/** A foot from its ankle and the direction the toes point in, in degrees from straight down, forward +. */
function foot(ankle: Point, toes: number): Pick<SolvedLeg, 'toe' | 'heel'> {
  const sole: Point = along(ankle, toes - 90, ANKLE_HEIGHT - 0.014);
  return { toe: along(sole, toes, LENGTH.foot - HEEL_BACK - 0.014), heel: along(sole, toes, -(HEEL_BACK - 0.008)) };
}

export function freeLeg(hip: Point, leg: { hip: number; knee: number; ankle: number }): SolvedLeg {
  const knee = along(hip, leg.hip, LENGTH.thigh);
  const shank = leg.hip - leg.knee;
  const ankle = along(knee, shank, LENGTH.shank);
  return { knee, ankle, ...foot(ankle, shank + 90 + leg.ankle) };
}

/** The ankle above a foot whose heel is raised (it turns on the ball) or whose toes are (it turns on the heel). */
export function raisedAnkle(x: number, y: number, heel: number): Point {
  if (heel >= 0)
    return [x + BALL - BALL * cos(heel) + ANKLE_HEIGHT * sin(heel), y + ANKLE_HEIGHT * cos(heel) + BALL * sin(heel)];
  const up = -heel;
  return [
    x - HEEL_BACK + HEEL_BACK * cos(up) - ANKLE_HEIGHT * sin(up),
    y + HEEL_BACK * sin(up) + ANKLE_HEIGHT * cos(up),
  ];
}

/** A foot on the ground: with the heel well up, the toes bend and stay flat. */
export function standingFoot(
  at: { x: number; y: number; heel: number },
  ankle: Point,
): Pick<SolvedLeg, 'toe' | 'heel'> {
  const rigid = foot(ankle, 90 - at.heel);
  return at.heel > 8 ? { heel: rigid.heel, toe: [at.x + BALL + 0.018, at.y + 0.016] } : rigid;
}

export function plantedLeg(hip: Point, at: { x: number; y: number; heel: number }): SolvedLeg {
  const { mid, end } = twoLinks(hip, raisedAnkle(at.x, at.y, at.heel), LENGTH.thigh, LENGTH.shank, 1);
  return { knee: mid, ankle: end, ...standingFoot(at, end) };
}

/** A leg as its pose gives it: hanging free by its angles, or planted where its foot is. */
export function leg(hip: Point, given: Leg): SolvedLeg {
  if ('hip' in given) return freeLeg(hip, given);
  if ('x' in given) return plantedLeg(hip, { ...given, x: hip[0] + given.x });
  const drop = hip[1] - given.y;
  const way = Math.sqrt(Math.max(0, (LENGTH.thigh + LENGTH.shank) ** 2 - drop ** 2));
  const thigh = (Math.atan2(way, drop) / Math.PI) * 180 * (given.straight === 'front' ? 1 : -1);
  const reached = freeLeg(hip, { hip: thigh, knee: 0, ankle: 0 });
  if (given.straight === 'front') return reached;
  // on the toes, which are tucked under
  const [x, y] = reached.ankle;
  return { ...reached, toe: [x + 0.03, Math.max(0.016, y - 0.075)], heel: [x - 0.028, y + 0.008] };
}
