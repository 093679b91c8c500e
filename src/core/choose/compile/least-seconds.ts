import type { EngineModel } from '../engine/model';

/** The least time a selection can take, the way to its first group with it. Seconds. */
export function leastSeconds(slots: EngineModel['slots']): number {
  const least = slots.flatMap((options) => {
    const [first, ...others] = options;
    return first ? [others.reduce((best, one) => (one.timeS < best.timeS ? one : best), first)] : [];
  });
  const groupS = new Map(least.map(({ group, groupS }) => [group, groupS]));
  return [...least.map(({ timeS }) => timeS), ...groupS.values()].reduce((sum, s) => sum + s, 0);
}
