import { addDays, type Day } from '../calendar';
import { outcomeOf, readChange, type Noise, type TestRecord, type TestSpec } from '../testing';

/** What rescreens say of a range focus (START-10). */
export interface Rescreen {
  /** days to look again that have not passed a look yet */
  readonly due: readonly Day[];
  /** each look since the focus was set, against the one before it */
  readonly looks: readonly { readonly day: Day; readonly gain: boolean }[];
  /** no gain twice running: change the drill or refer */
  readonly stuck: boolean;
}

/**
 * Rescreens of the tests a range focus mends, since it was set. A look gains when any of those tests got better by a
 * grade, or beyond its error.
 */
export function readRescreens(
  specs: readonly TestSpec[],
  records: readonly TestRecord[],
  since: Day,
  dueAfter: readonly number[],
  noise: (spec: TestSpec, value: number) => Noise,
): Rescreen {
  const own = records.filter(({ test, asks }) => !asks && specs.some(({ id }) => id === test));
  const days = [...new Set(own.filter(({ day }) => day > since).map(({ day }) => day))].sort();
  const looks = days.map((day) => ({ day, gain: specs.some((spec) => gained(spec, own, day, noise)) }));
  return {
    due: dueAfter.map((days) => addDays(since, days)).filter((day) => !looks.some((look) => look.day >= day)),
    looks,
    stuck: looks.length >= 2 && looks.slice(-2).every(({ gain }) => !gain),
  };
}

function gained(
  spec: TestSpec,
  own: readonly TestRecord[],
  day: Day,
  noise: (spec: TestSpec, value: number) => Noise,
): boolean {
  const mine = own.filter(({ test }) => test === spec.id);
  if (!mine.some((record) => record.day === day)) return false;
  const now = outcomeOf(spec, mine, day);
  const before = outcomeOf(spec, mine, addDays(day, -1));
  return (['left', 'right', 'both'] as const).some((side) => {
    const [from, to] = [before.sides[side]?.value, now.sides[side]?.value];
    if (from === undefined || to === undefined) return false;
    if (spec.kind === 'grade') return to > from;
    const { kind, change } = readChange(from, to, noise(spec, from));
    return kind !== 'within the error' && change > 0 === (spec.better === 'higher');
  });
}
