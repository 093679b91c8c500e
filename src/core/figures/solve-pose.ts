import type { Pose } from './figure-schema';
import type { Skeleton } from './skeleton';
import { solveFront } from './solve-front';
import { solveFree, solveStand } from './solve-side';

/**
 * Where every joint is: angles and holds in, points out, as shares of body height.
 */
export function solvePose(pose: Pose): Skeleton {
  if (pose.kind === 'stand') return solveStand(pose);
  return pose.kind === 'free' ? solveFree(pose) : solveFront(pose);
}
