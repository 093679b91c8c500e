import { addDays, daysBetween, type Day } from '../calendar';
import { outcomeOf, type Noise, type TestRecord, type TestSpec, type TestSpecs } from '../testing';
import type { SquadAims } from './aims';
import type { StartSettings } from './settings';

/** How one value moved over a block, beside the error of its test. */
export interface Trend {
  readonly test: string;
  readonly from: number;
  readonly fromDay: Day;
  readonly to: number;
  readonly toDay: Day;
  /** √2 · TE: less than this is flat */
  readonly error: number;
  readonly moved: 'better' | 'flat' | 'worse';
}

/** A squad's result beside an athlete's lifts (START-11). */
export interface ResultCheck {
  /** null = the result was not measured twice in the block */
  readonly result: Trend | null;
  readonly lifts: readonly Trend[];
  /** lifts that rose while the result did not get better, at or above their target: strong enough (DOSE-6) */
  readonly enough: readonly string[];
  /** lifts that rose without the result, still below the target of their tier: they go on */
  readonly belowTarget: readonly string[];
}

export interface ResultCase {
  /** lifts as their estimate */
  readonly records: readonly TestRecord[];
  readonly today: Day;
  readonly result: NonNullable<SquadAims['result']>;
  readonly bodyMassKg: number | null;
  readonly target: { readonly squat: number; readonly hinge: number };
  readonly noise: (spec: TestSpec, value: number) => Noise;
}

/**
 * Whether more strength still shows in the result: a lift that rises for a block while the result stays flat beyond its
 * error is strong enough (START-11). The first and last values of the block are compared.
 */
export function checkResult(of: ResultCase, specs: TestSpecs, settings: StartSettings): ResultCheck {
  const { records, result, noise, bodyMassKg, target } = of;
  const spec = specs.get(result.test);
  const trend = (test: TestSpec, typed: number | null): Trend | null => {
    const ends = blockEnds(test, records, of.today, settings.result);
    if (!ends) return null;
    const error = Math.SQRT2 * (typed ?? noise(test, ends.from).typicalError);
    const gain = (ends.to - ends.from) * (test.better === 'higher' ? 1 : -1);
    return { test: test.id, ...ends, error, moved: gain > error ? 'better' : gain < -error ? 'worse' : 'flat' };
  };
  const shown = spec ? trend(spec, result.error) : null;
  const lifts = [...specs.values()].filter(({ kind }) => kind === 'lift').flatMap((lift) => trend(lift, null) ?? []);
  const risen = shown && shown.moved !== 'better' ? lifts.filter(({ moved }) => moved === 'better') : [];
  const reaches = ({ test, to }: Trend): boolean => {
    const { squat, hinge } = settings.ratios;
    const wanted = squat[test] !== undefined ? target.squat * squat[test] : target.hinge * (hinge[test] ?? Infinity);
    return bodyMassKg !== null && to >= wanted * bodyMassKg;
  };
  const ids = (trends: readonly Trend[]): string[] => trends.map(({ test }) => test);
  return {
    result: shown,
    lifts,
    enough: ids(risen.filter(reaches)),
    belowTarget: ids(risen.filter((lift) => !reaches(lift))),
  };
}

/** First and last value of the block that ends today, at least so far apart that training can show. */
function blockEnds(
  spec: TestSpec,
  records: readonly TestRecord[],
  today: Day,
  { blockDays, leastDays }: StartSettings['result'],
): Pick<Trend, 'from' | 'fromDay' | 'to' | 'toDay'> | null {
  const own = records.filter(
    ({ test, day, asks, value }) =>
      test === spec.id && !asks && value !== null && day <= today && day >= addDays(today, -blockDays),
  );
  const days = own.map(({ day }) => day).sort();
  const [first, last] = [days[0], days.at(-1)];
  if (first === undefined || last === undefined || daysBetween(first, last) < leastDays) return null;
  const on = (day: Day): number | null => {
    const { sides } = outcomeOf(
      spec,
      own.filter((record) => record.day === day),
      day,
    );
    const values = Object.values(sides).map(({ value }) => value);
    return values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length;
  };
  const [from, to] = [on(first), on(last)];
  return from === null || to === null ? null : { from, fromDay: first, to, toDay: last };
}
