import type { SquadAims, StartReading } from '$core/startline';
import type { TestSpecs } from '$core/testing';

/** Tests one hall hour holds. */
const MOST = 10;

/**
 * The tests of a day nobody has chosen yet (TEST-1): what most of the squad lacks to be read, cheapest first, in the
 * pyramid's order.
 */
export function proposeTests(
  readings: ReadonlyMap<string, StartReading>,
  { result }: SquadAims,
  specs: TestSpecs,
): string[] {
  const asked = new Map<string, number>();
  for (const { next } of readings.values()) for (const { test } of next) asked.set(test, (asked.get(test) ?? 0) + 1);
  const minutes = (id: string): number => specs.get(id)?.minutes ?? 0;
  const wanted = [...asked]
    .sort(([a, times], [b, other]) => other - times || minutes(a) - minutes(b) || (a < b ? -1 : 1))
    .slice(0, MOST)
    .map(([id]) => id);
  // the result is measured every time, or nothing can be said of what the lifts bring (START-11)
  if (result) wanted.push(result.test);
  return [...specs.keys()].filter((id) => wanted.includes(id));
}
