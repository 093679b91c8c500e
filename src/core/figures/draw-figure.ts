import type { Exercise } from '../library';
import { ANKLE_HEIGHT, GIRTH, LENGTH } from './body';
import type { Figure, Pose } from './figure-schema';
import { mix, type Point } from './geometry';
import type { Shape, Tone } from './shapes';
import type { Skeleton } from './skeleton';
import { drawThings } from './draw-things';
import { solvePose } from './solve-pose';

export type WorkPart = 'thigh' | 'shank' | 'trunk' | 'upperArm';

/** The part drawn in the family's hue: where most of an entry's work is (share). */
export function workPart(share: Exercise['share']): WorkPart {
  const sum = (...muscles: (keyof Exercise['share'])[]): number =>
    muscles.reduce((total, muscle) => total + (share[muscle] ?? 0), 0);
  const parts: [WorkPart, number][] = [
    ['thigh', sum('quadriceps', 'hamstrings', 'glutes', 'adductors', 'abductors', 'hipFlexors')],
    ['shank', sum('gastrocnemius', 'soleus', 'tibialisAnterior', 'foot')],
    ['trunk', sum('trunkFlexion', 'trunkExtension', 'trunkAntiRotation', 'trunkSide')],
    ['upperArm', sum('upperPush', 'upperPull')],
  ];
  return parts.reduce((best, part) => (part[1] > best[1] ? part : best))[0];
}

/** The far leg of a two-leg stance is drawn a little ahead, so that both are seen. */
const FAR_STEP = 0.03;

/**
 * Shapes of a solved position, far side first.
 * @param s the position, or one on the way between two
 */
export function drawSkeleton(s: Skeleton, figure: Figure, pose: Pose, work: WorkPart): Shape[] {
  const front = pose.kind === 'front';
  const limb = (part: keyof typeof GIRTH, from: Point, to: Point, tone: Tone): Shape => ({
    kind: 'limb',
    tone: tone !== 'far' && part === work ? 'work' : tone,
    from,
    to,
    r0: GIRTH[part][0] * (front && part === 'trunk' ? 1.1 : 1),
    r1: GIRTH[part][1] * (front && part === 'trunk' ? 1.25 : 1),
  });
  const step = !front && pose.kind !== 'free' && pose.far === 'same' ? FAR_STEP : 0;
  const by = ([x, y]: Point): Point => [x + step, y];
  const farTone: Tone = front ? 'near' : 'far';
  const farLeg = [
    limb('foot', mix(s.farHeel, s.farAnkle, 0.2), s.farToe, farTone),
    limb('shank', s.farKnee, s.farAnkle, farTone),
    limb('thigh', s.farHip, s.farKnee, farTone),
  ].map((shape) => (shape.kind === 'limb' ? { ...shape, from: by(shape.from), to: by(shape.to) } : shape));
  const sameArms = !front && pose.farArms === null;
  const farArm = sameArms
    ? []
    : [limb('forearm', s.farElbow, s.farHand, farTone), limb('upperArm', s.farShoulder, s.farElbow, farTone)];
  const hips = mix(s.hip, s.farHip, 0.5);
  const shoulders = mix(s.shoulder, s.farShoulder, 0.5);
  const things = drawThings(figure, s, pose);
  const head: Shape = { kind: 'disc', tone: 'near', at: s.head, r: LENGTH.head * 0.8, hollow: false };
  const nearLeg = [
    limb('foot', mix(s.heel, s.ankle, 0.2), s.toe, 'near'),
    limb('shank', s.knee, s.ankle, 'near'),
    limb('thigh', s.hip, s.knee, 'near'),
  ];
  const nearArm = [limb('upperArm', s.shoulder, s.elbow, 'near'), limb('forearm', s.elbow, s.hand, 'near')];
  const pins = [s.hip, s.knee, s.ankle, s.shoulder, s.elbow].map((at): Shape => ({ kind: 'pin', at }));
  return [
    ...things.behind,
    ...farLeg,
    ...farArm,
    ...nearLeg,
    limb('neck', shoulders, s.neck, 'near'),
    limb('trunk', hips, mix(shoulders, hips, 0.06), 'near'),
    head,
    ...nearArm,
    ...things.before,
    ...pins,
  ];
}

/** Shapes of one of a figure's key positions. */
export const drawPosition = (figure: Figure, index: number, work: WorkPart): Shape[] => {
  const pose = figure.positions[index];
  if (!pose) throw new RangeError(`drawPosition: index must be a key position, got ${index}`);
  return drawSkeleton(solvePose(pose), figure, pose, work);
};

/** Left, right, bottom and top of shapes, in shares of body height. */
export function boundsOf(shapes: readonly Shape[]): { left: number; right: number; bottom: number; top: number } {
  const xs: number[] = [];
  const ys: number[] = [0, ANKLE_HEIGHT];
  const add = ([x, y]: Point, r: number): void => {
    xs.push(x - r, x + r);
    ys.push(y - r, y + r);
  };
  for (const shape of shapes) {
    if (shape.kind === 'limb') {
      add(shape.from, shape.r0);
      add(shape.to, shape.r1);
    } else if (shape.kind === 'disc') add(shape.at, shape.r);
    else if (shape.kind === 'line') {
      add(shape.from, 0);
      add(shape.to, 0);
    } else if (shape.kind === 'rect') {
      add([shape.x, shape.y], 0);
      add([shape.x + shape.w, shape.y + shape.h], 0);
    }
  }
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}
