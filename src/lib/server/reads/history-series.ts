import { daysBetween, type Day } from '$core/calendar';
import type { Library } from '$core/library';
import type { MethodTables } from '$core/method';
import { assumedNoise, estimateOneRepMax, readChange, type TestSpec } from '$core/testing';
import { ownValue } from '$core/own';
import type { AthleteHistory, LadderSeries, MeasuredSeries, ShownAs } from '$lib/model/athlete-history';
import type { change } from '../db/schema';
import type { PastRow, PastSet } from '../repositories/athlete-history';

/** Lines drawn at most: more would be too low to read. */
const MOST_MEASURED = 4;
const MOST_LADDERS = 2;

type Point = MeasuredSeries['points'][number];
type Measured = Pick<PastRow['results'][number], 'test' | 'day' | 'asks' | 'value' | 'loadKg' | 'reps' | 'rir'>;
type TrainedSet = Pick<PastSet, 'day' | 'exerciseId' | 'written' | 'amount' | 'loadKg' | 'rir' | 'fault'>;
type Tables = Pick<MethodTables, 'tests' | 'settings'>;

/**
 * One test over time, each value with its typical error: a lift as its e1RM, from tests and from the best training set of
 * each day.
 * @returns null for screens, and where nothing was measured
 */
export function seriesOf(
  spec: TestSpec,
  results: readonly Measured[],
  sets: readonly TrainedSet[],
  method: Tables,
): MeasuredSeries | null {
  if (spec.kind === 'grade' || spec.kind === 'joints') return null;
  const better = (a: number, b: number): boolean => (spec.better === 'higher' ? a > b : a < b);
  const byDay = new Map<Day, { value: number; trained: boolean }>();
  // a test outranks the training of its day, a better value another of its kind
  const put = (day: Day, value: number | null, trained: boolean): void => {
    const there = byDay.get(day);
    if (value === null || (there && (!there.trained || trained) && !better(value, there.value))) return;
    byDay.set(day, { value, trained });
  };
  if (spec.kind === 'lift')
    for (const set of trainedOf(spec.id, sets)) put(set.day, maximum(set.loadKg, set.amount, set.rir, method), true);
  for (const { test, day, asks, value, loadKg, reps, rir } of results)
    if (test === spec.id && !asks)
      put(day, spec.kind === 'lift' ? (maximum(loadKg, reps, rir ?? 0, method) ?? value) : value, false);
  const points = [...byDay]
    .map(([day, { value, trained }]): Point => ({
      day,
      value,
      trained,
      error: assumedNoise(spec.assumed, value).typicalError,
    }))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
  return points.length === 0 ? null : { id: spec.id, name: spec.name, as: shownAs(spec), points };
}

/** What was measured more than once: lifts first, then jumps, then the rest, the longest lines first. */
export function measuredSeries(
  results: readonly Measured[],
  sets: readonly TrainedSet[],
  method: Tables,
): MeasuredSeries[] {
  const found = Object.values(method.tests)
    .flatMap((spec) => seriesOf(spec, results, sets, method) ?? [])
    .filter(({ points }) => points.length > 1);
  const rank = ({ id, as }: MeasuredSeries): number => (as.lift ? 0 : id === 'cmj' ? 1 : 2);
  return found.sort((a, b) => rank(a) - rank(b) || b.points.length - a.points.length).slice(0, MOST_MEASURED);
}

const shownAs = (spec: TestSpec): ShownAs =>
  spec.kind === 'lift'
    ? { lift: true, unit: 'kg', per: 1, decimals: 1 }
    : {
        lift: false,
        unit: 'unit' in spec ? spec.unit : '',
        per: 'per' in spec ? spec.per : 1,
        decimals: 'decimals' in spec ? spec.decimals : 1,
      };

const trainedOf = (lift: string, sets: readonly TrainedSet[]) =>
  sets
    .filter(({ exerciseId, fault, written }) => exerciseId === lift && fault === null && written.unit === 'reps')
    .map((set) => ({ ...set, rir: set.rir ?? set.written.rir }));

function maximum(
  loadKg: number | null,
  reps: number | null,
  rir: number | null,
  { settings: { loading } }: Tables,
): number | null {
  if (loadKg === null || reps === null || rir === null) return null;
  const estimate = estimateOneRepMax(loading.formula, loadKg, reps, rir, loading.maxReps);
  return estimate.ok ? estimate.value : null;
}

/** The highest rung done on each day of the ladders trained most, with the rule where it went down. */
export function ladderSeries(
  sets: readonly PastSet[],
  changes: readonly (typeof change.$inferSelect)[],
  library: Library,
  { doses }: Pick<MethodTables, 'doses'>,
): LadderSeries[] {
  const ladders = new Map<string, Map<Day, { rung: number; exerciseId: string }>>();
  for (const { day, exerciseId, row } of sets) {
    // drills to get warm by are nobody's rung
    if (!doses[row].progresses) continue;
    const on = library.exercises.get(exerciseId)?.ladder;
    if (!on) continue;
    const days = ladders.get(on.id) ?? new Map<Day, { rung: number; exerciseId: string }>();
    if ((days.get(day)?.rung ?? 0) < on.rung) days.set(day, { rung: on.rung, exerciseId });
    ladders.set(on.id, days);
  }
  return [...ladders]
    .sort(([, a], [, b]) => rungsIn(b) - rungsIn(a) || b.size - a.size)
    .slice(0, MOST_LADDERS)
    .flatMap(([id, days]): LadderSeries[] => {
      const ladder = library.ladders.get(id);
      if (!ladder) return [];
      const inOrder = [...days].sort(([a], [b]) => (a < b ? -1 : 1));
      return [{ id, name: ladder.name, rungs: ladder.rungs.length, steps: standing(inOrder, changes, library) }];
    });
}

type OnDay = readonly [day: Day, { readonly rung: number; readonly exerciseId: string }];

/**
 * Where somebody stands: a card that holds a lower rung beside the higher one of another day is no step down. Down is what a
 * change led to, or what was left for two weeks.
 */
function standing(
  inOrder: readonly OnDay[],
  changes: readonly (typeof change.$inferSelect)[],
  library: Library,
): LadderSeries['steps'] {
  const steps: LadderSeries['steps'][number][] = [];
  let [highest, since] = [0, ''];
  for (const [day, { rung, exerciseId }] of inOrder) {
    const led = rung < highest ? changeTo(exerciseId, since, day, changes) : undefined;
    if (rung < highest && !led && daysBetween(since, day) <= LEFT_AFTER_DAYS) continue;
    steps.push({ day, rung, exercise: library.exercises.get(exerciseId)?.name ?? exerciseId, down: led?.rules ?? [] });
    [highest, since] = [rung, day];
  }
  return steps;
}
/** A rung not done for longer stands no more. */
const LEFT_AFTER_DAYS = 14;

const rungsIn = (days: ReadonlyMap<Day, { readonly rung: number }>): number =>
  new Set([...days.values()].map(({ rung }) => rung)).size;

/** The newest change that led to an entry between two days. */
const changeTo = (exerciseId: string, after: Day, through: Day, changes: readonly (typeof change.$inferSelect)[]) =>
  changes.find(({ day, to }) => {
    const led: unknown =
      to !== null && typeof to === 'object' ? ownValue(to as Record<string, unknown>, 'exerciseId') : null;
    return after <= day && day <= through && led === exerciseId;
  });

/** From the first to the last value of each line, held against its error. */
export const movedOver = (measured: readonly MeasuredSeries[]): AthleteHistory['moved'] =>
  measured.flatMap(({ name, as, points }) => {
    const [first, last] = [points[0], points.at(-1)];
    if (!first || !last || first === last) return [];
    const { change, kind } = readChange(first.value, last.value, {
      typicalError: Math.max(first.error, last.error),
      smallestWorthwhile: null,
      own: false,
    });
    return [{ name, as, change, since: first.day, beyond: kind !== 'within the error' }];
  });
