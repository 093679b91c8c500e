import type { Exercise } from '../library';
import type { DoseRow } from '../method';

/**
 * The range of reps, seconds or metres a row gives an entry: narrower for its movement or family where the whole range is
 * nothing a coach would write for it (twelve pull-ups).
 * @returns undefined when the row cannot be written in the entry's unit
 */
export function amountRange(row: DoseRow, exercise: Exercise): readonly [number, number] | undefined {
  const range = row.amounts[exercise.doseUnit];
  if (!range || !row.narrow || exercise.doseUnit !== 'reps') return range;
  return row.narrow[exercise.pattern] ?? row.narrow[exercise.family] ?? range;
}

/** Reps a coach writes; what lies between is rounded down to them (DOSE-1). */
const REPS = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20];
const STEP_S = 5;

/** An amount as a coach would write it: reps from the usual ones, seconds in fives, never below `least`. */
export function asWritten(amount: number, unit: Exercise['doseUnit'], least: number): number {
  if (unit === 'reps') return Math.max(least, REPS.filter((reps) => reps <= amount).at(-1) ?? amount);
  if (unit === 'seconds') return Math.max(least, Math.floor(amount / STEP_S) * STEP_S);
  return amount;
}
