import type { MethodSettings } from '../method';
import type { BlockWeek } from './lay-blocks';
import type { PhaseWeek } from './lay-phases';

/**
 * Weeks in which tests are offered (TEST-1): the start of general and of pre-season (or the lighter week before it), the
 * middle between the first and last event, and before a peak; lighter weeks first, well apart, one may serve two.
 * @param holdsTests whether a week has a gym day that no event protects
 * @param taken weeks before `from` that have their test; none is chosen there anew
 * @returns week numbers in order
 */
export function pickTestWeeks(
  weeks: readonly PhaseWeek[],
  blocks: readonly BlockWeek[],
  holdsTests: readonly boolean[],
  { season }: MethodSettings,
  taken: readonly number[] = [],
  from = 0,
): number[] {
  const startOf = (phase: PhaseWeek['phase']): number[] =>
    weeks.flatMap((week, i) => (week.phase === phase && weeks[i - 1]?.phase !== phase ? [i] : []));
  const withEvents = weeks.flatMap(({ events }, i) => (events > 0 ? [i] : []));
  const [first, last] = [withEvents[0], withEvents.at(-1)];
  const middle = first === undefined || last === undefined || first === last ? null : Math.round((first + last) / 2);
  const peaks = weeks.flatMap(({ peak }, i) => (peak?.week === 1 ? [i] : []));
  const windows: { weeks: number[]; near: number }[] = [
    ...startOf('general').map((i) => ({ weeks: [i], near: i })),
    ...startOf('pre-season').map((i) => ({
      weeks: [i - 1, i].filter((at) => at === i || isLighter(blocks[at])),
      near: i,
    })),
    ...(middle === null ? [] : [{ weeks: around(middle, season.testNearMiddleWeeks), near: middle }]),
    ...peaks.map((i) => ({
      weeks: Array.from({ length: season.testBeforePeakWeeks }, (_, back) => i - 1 - back),
      near: i - 1,
    })),
  ];
  const chosen: number[] = [...taken];
  for (const { weeks: offered, near } of windows) {
    const inside = offered.filter((i) => i >= 0 && i < weeks.length);
    if (inside.some((i) => chosen.includes(i))) continue;
    const fit = inside.filter((i) => i >= from && !weeks[i]?.closed && holdsTests[i]);
    const [best] = fit
      .filter((i) => chosen.every((other) => Math.abs(other - i) >= season.testApartWeeks))
      .sort(
        (a, b) =>
          Number(isLighter(blocks[b])) - Number(isLighter(blocks[a])) ||
          Math.abs(a - near) - Math.abs(b - near) ||
          a - b,
      );
    if (best !== undefined) chosen.push(best);
  }
  return chosen.sort((a, b) => a - b);
}

const isLighter = (block: BlockWeek | undefined): boolean => block?.kind === 'lighter';
const around = (middle: number, reach: number): number[] =>
  Array.from({ length: 2 * reach + 1 }, (_, i) => middle - reach + i);
