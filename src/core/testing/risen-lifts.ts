import { daysBetween, type Day } from '../calendar';
import type { Noise } from './reliability';
import { readChange } from './reliability';
import type { TestRecord, TestSpec, TestSpecs } from './test-spec';

/**
 * Lifts whose test of the last days rose beyond its error over the one before: a jump is worth testing while it is fresh
 * (PROG-11).
 * @param records one athlete's, lifts as their estimate
 * @param jump the test that answers; one made since the lift leaves nothing to ask
 * @param withinDays days a risen lift asks for
 */
export function risenLifts(
  records: readonly TestRecord[],
  specs: TestSpecs,
  noise: (spec: TestSpec, value: number) => Noise,
  { today, jump, withinDays }: { readonly today: Day; readonly jump: string; readonly withinDays: number },
): string[] {
  const counted = records.filter(({ asks, trained, day }) => !asks && !trained && day <= today);
  const jumped = newest(counted.filter(({ test }) => test === jump))?.day ?? '';
  return [...specs.values()]
    .filter(({ kind }) => kind === 'lift')
    .flatMap((spec) => {
      const own = counted.filter(({ test }) => test === spec.id);
      const now = newest(own);
      if (!now || now.value === null || daysBetween(now.day, today) > withinDays || jumped >= now.day) return [];
      const before = newest(own.filter(({ day, side }) => day < now.day && side === now.side));
      if (before?.value == null) return [];
      const { change, kind } = readChange(before.value, now.value, noise(spec, before.value));
      return change > 0 && kind !== 'within the error' ? [spec.id] : [];
    });
}

/** Of several on a day the best. */
const newest = (records: readonly TestRecord[]): TestRecord | undefined =>
  [...records].sort((a, b) => (a.day === b.day ? (b.value ?? 0) - (a.value ?? 0) : a.day < b.day ? 1 : -1))[0];
