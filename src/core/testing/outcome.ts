import { addDays, type Day } from '../calendar';
import { mean } from '../statistics';
import { numbersOf } from './check-value';
import { JOINTS, type PassRule, type RecordSide, type TestRecord, type TestSpec } from './test-spec';

/** A test that says something: passed, or failed. */
export type TestState = 'passed' | 'failed';

/** One side of a test, its trials taken together. */
export interface SideValue {
  readonly value: number;
  /** best less worst trial; null with one */
  readonly spread: number | null;
  readonly day: Day;
  readonly passed: boolean | null;
  readonly joints: readonly number[] | null;
}

/** Where an athlete stands on one test on a day. */
export interface Outcome {
  readonly state: TestState | 'unknown';
  /** there is a value, but past its time */
  readonly stale: boolean;
  readonly day: Day | null;
  readonly sides: Readonly<Partial<Record<RecordSide, SideValue>>>;
}

const NEVER: Outcome = { state: 'unknown', stale: false, day: null, sides: {} };

/**
 * Reads all records of one test: the latest day of each side, trials by best or mean as the test says. A test past its
 * time is unknown; one that failed when last done stays failed until repeated (START-2). The worse side counts (START-3).
 * @param records of this test and athlete, any order; those that still ask do not count
 */
export function outcomeOf(spec: TestSpec, records: readonly TestRecord[], today: Day): Outcome {
  const counted = records.filter((record) => !record.asks && record.value !== null && record.day <= today);
  const sides: Partial<Record<RecordSide, SideValue>> = {};
  for (const side of ['left', 'right', 'both'] as const) {
    const own = counted.filter((record) => record.side === side);
    const day = own.reduce<Day>((last, record) => (record.day > last ? record.day : last), '');
    // of a lift the best valid set of its time counts, of everything else the last day
    const since = spec.kind === 'lift' ? addDays(today, -spec.holdsDays) : day;
    const latest = own.filter((record) => record.day === day || record.day >= since);
    if (latest.length > 0) sides[side] = sideValue(spec, latest, day);
  }
  const parts = newestWay(sides);
  if (sides.both && !parts.includes(sides.both)) delete sides.both;
  else if (sides.both && parts.length === 1) {
    delete sides.left;
    delete sides.right;
  }
  if (parts.length === 0) return NEVER;
  const day = parts.reduce((oldest, part) => (part.day < oldest ? part.day : oldest), parts[0]?.day ?? '');
  const failed = parts.some((part) => part.passed === false) || tooUneven(spec.pass, sides);
  const whole = !spec.sides || sides.both !== undefined || (sides.left !== undefined && sides.right !== undefined);
  const stale = day < addDays(today, -spec.holdsDays);
  const judged = spec.pass !== null && whole;
  if (failed) return { state: 'failed', stale, day, sides };
  return { state: judged && !stale ? 'passed' : 'unknown', stale, day, sides };
}

/** Sides written one by one outrank an older entry for both, and the other way round; one side alone stands beside it. */
function newestWay(sides: Readonly<Partial<Record<RecordSide, SideValue>>>): SideValue[] {
  const single = [sides.left, sides.right].filter((side) => side !== undefined);
  // only one side was tested again: the older entry stands for the other
  if (sides.both && single.length === 1 && single.some(({ day }) => day > (sides.both?.day ?? '')))
    return [...single, sides.both];
  const lastSingle = single.reduce((last, side) => (side.day > last ? side.day : last), '');
  if (sides.both && sides.both.day >= lastSingle) return [sides.both];
  return single;
}

function sideValue(spec: TestSpec, records: readonly TestRecord[], day: Day): SideValue {
  const values = records.flatMap(numbersOf);
  const best = spec.better === 'higher' ? Math.max(...values) : Math.min(...values);
  const value = spec.from === 'best' ? best : mean(values);
  const joints = records.at(-1)?.joints ?? null;
  return {
    value,
    spread: values.length > 1 ? Math.max(...values) - Math.min(...values) : null,
    day,
    joints,
    passed: passes(spec.pass, value, joints),
  };
}

function passes(rule: PassRule | null, value: number, joints: readonly number[] | null): boolean | null {
  if (!rule || rule.kind === 'symmetry') return null;
  if (rule.kind === 'grade') return value >= rule.from;
  if (rule.kind === 'at-least') return value >= rule.value - 1e-9;
  return value <= 1 && !(joints ?? []).some((score) => score >= 2);
}

function tooUneven(rule: PassRule | null, sides: Readonly<Partial<Record<RecordSide, SideValue>>>): boolean {
  const [left, right] = [sides.left?.value, sides.right?.value];
  if (!rule || left === undefined || right === undefined) return false;
  if (rule.kind === 'symmetry')
    return Math.max(left, right) > 0 && Math.min(left, right) / Math.max(left, right) < rule.value - 1e-9;
  return (
    rule.kind === 'at-least' && rule.sideDifference !== null && Math.abs(left - right) > rule.sideDifference + 1e-9
  );
}

/** The worst joint of a screen, by name and score; null when all are clean or nobody scored them one by one. */
export function worstJoint(side: SideValue): { joint: (typeof JOINTS)[number]; score: number } | null {
  const joints = side.joints ?? [];
  const score = Math.max(0, ...joints);
  const joint = JOINTS[joints.indexOf(score)];
  return score > 0 && joint ? { joint, score } : null;
}

/** The better side of a test, or its only value; null when it has none in date. */
export const bestOf = (outcome: Outcome | undefined, spec: TestSpec): number | null => {
  if (!outcome || outcome.stale) return null;
  const values = Object.values(outcome.sides).map(({ value }) => value);
  if (values.length === 0) return null;
  return spec.better === 'higher' ? Math.max(...values) : Math.min(...values);
};
