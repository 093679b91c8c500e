import { amountRange } from '../dose';
import type { Exercise, Library, Rung } from '../library';
import type { DoseRow } from '../method';
import type { Exposure } from '../track';

/** The range a line moves in: its rung's, else its dose row's (DOSE-1). */
export interface DoseRange {
  readonly sets: readonly [number, number];
  readonly amount: readonly [number, number];
}

/** The rung an entry stands on, with its place in the ladder counted from 1; null when it is on no ladder. */
export function rungOf(exercise: Exercise, library: Library): { rung: Rung; index: number } | null {
  const rung = exercise.ladder && library.ladders.get(exercise.ladder.id)?.rungs[exercise.ladder.rung - 1];
  return rung && exercise.ladder ? { rung, index: exercise.ladder.rung } : null;
}

/**
 * The range of a line.
 * @returns null when the row cannot be written in the entry's unit
 */
export function doseRange(exercise: Exercise, row: DoseRow, library: Library): DoseRange | null {
  // getting warm is no rung's dose
  const rung = row.progresses ? rungOf(exercise, library)?.rung : undefined;
  const amount = rung?.amount ?? amountRange(row, exercise);
  return amount ? { sets: rung?.sets ?? row.sets, amount } : null;
}

/**
 * The entry on a rung of the ladder of `exercise`, `steps` up (or down), of its own kind where the rung has several (a bent
 * knee stays bent); null beyond its ends.
 */
export function entryOnRung(exercise: Exercise, steps: number, library: Library): Exercise | null {
  if (!exercise.ladder) return null;
  const rungs = library.ladders.get(exercise.ladder.id)?.rungs;
  const at = rungs?.[exercise.ladder.rung - 1]?.exercises.indexOf(exercise.id) ?? 0;
  const entries = rungs?.[exercise.ladder.rung - 1 + steps]?.exercises;
  const id = entries?.[at] ?? entries?.[0];
  return id === undefined ? null : (library.exercises.get(id) ?? null);
}

/** Whether an exposure was at the most of its range, whatever the day took away. */
export const isAtMost = ({ dose, based }: Pick<Exposure, 'dose' | 'based'>, range: DoseRange): boolean =>
  (based ?? dose).sets >= range.sets[1] && (based ?? dose).amount >= range.amount[1];
