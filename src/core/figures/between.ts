import { along, direction, distance, mix, wrap } from './geometry';
import type { Joint, Skeleton } from './skeleton';

/** Bones as parent and child, seen from the hips. */
const BONES: readonly (readonly [Joint, Joint])[] = [
  ['hip', 'farHip'],
  ['hip', 'shoulder'],
  ['shoulder', 'farShoulder'],
  ['shoulder', 'neck'],
  ['neck', 'head'],
  ['shoulder', 'elbow'],
  ['elbow', 'hand'],
  ['farShoulder', 'farElbow'],
  ['farElbow', 'farHand'],
  ['hip', 'knee'],
  ['knee', 'ankle'],
  ['ankle', 'toe'],
  ['ankle', 'heel'],
  ['farHip', 'farKnee'],
  ['farKnee', 'farAnkle'],
  ['farAnkle', 'farToe'],
  ['farAnkle', 'farHeel'],
];

/**
 * A position on the way from one to another, t from 0 to 1: bones turn and keep their length, and a foot that stands
 * in both stays where it is.
 */
export function between(a: Skeleton, b: Skeleton, t: number): Skeleton {
  const root: Joint = distance(a.ankle, b.ankle) < 0.01 ? 'ankle' : 'hip';
  const placed: Partial<Record<Joint, readonly [number, number]>> = { [root]: mix(a[root], b[root], t) };
  const waiting: Joint[] = [root];
  for (let from = waiting.pop(); from !== undefined; from = waiting.pop()) {
    for (const [up, down] of BONES) {
      const to = up === from ? down : down === from ? up : null;
      const start = placed[from];
      if (to === null || placed[to] || !start) continue;
      const [away, back] = [direction(a[from], a[to]), direction(b[from], b[to])];
      const length = distance(a[from], a[to]) * (1 - t) + distance(b[from], b[to]) * t;
      placed[to] = along(start, away + wrap(back - away) * t, length);
      waiting.push(to);
    }
  }
  return placed as Skeleton;
}
