import { nextLoadUp, type Dose } from '../dose';
import { earns } from '../track';
import type { Change } from './change';
import type { JudgedCase } from './progress-case';
import type { DoseRange } from './range';

/** A twentieth of the load is given back at a time (PROG-7). */
const LOAD_SHARE = 0.05;

/**
 * After a layoff's cut each *fine* exposure gives back one set, then the reps, then about 5 % of the load, until the old
 * values stand (PROG-7).
 * @returns null when the exposure earns nothing or nothing is left to give back
 */
export function giveBack({ last, owned, track, exercise, kit }: JudgedCase, range: DoseRange): Change | null {
  const { before } = track;
  if (!before || !earns(last)) return null;
  const to = stepTowards(owned, before, range, (loadKg) => nextLoadUp(loadKg, exercise.load.kind, kit));
  if (!to) return null;
  return {
    kind: 'given-back',
    from: { exerciseId: exercise.id, dose: owned },
    to: { exerciseId: exercise.id, dose: to },
    rules: ['PROG-7'],
    saw: { answer: 'fine', day: last.day, sets: before.sets, amount: before.amount, loadKg: before.loadKg },
  };
}

function stepTowards(
  owned: Dose,
  before: Dose,
  range: DoseRange,
  nextLoad: (loadKg: number) => number | null,
): Dose | null {
  if (owned.sets < before.sets) return { ...owned, sets: owned.sets + 1 };
  if (owned.amount < before.amount)
    return { ...owned, amount: Math.min(before.amount, Math.max(owned.amount + 1, range.amount[0])) };
  if (owned.loadKg === null || before.loadKg === null || owned.loadKg >= before.loadKg) return null;
  const wanted = Math.min(before.loadKg, owned.loadKg * (1 + LOAD_SHARE));
  let found = nextLoad(owned.loadKg);
  for (let next = found; next !== null && next <= wanted + 1e-9; next = nextLoad(next)) found = next;
  return found === null ? null : { ...owned, loadKg: Math.min(found, before.loadKg), percent: null };
}
