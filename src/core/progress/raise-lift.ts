import { isEnough } from '../athlete';
import { nextLoadUp, type Dose } from '../dose';
import type { MethodTables } from '../method';
import type { Change } from './change';
import { fallOfLift, leastOf } from './fall-of-lift';
import type { JudgedCase } from './progress-case';
import type { DoseRange } from './range';

/**
 * PROG-9, double progression: below the top of the range one rep more a set at RIR ≥ target; all sets at the top with
 * RIR ≥ target the smallest loadable step of at least 2 %; a step of more than 5 % first waits for two reps above the
 * top, then restarts at the bottom (DOSE-11). A lift that is strong enough does not rise (DOSE-6), one done short falls
 * by itself (`fallOfLift`).
 */
export function raiseLift(of: JudgedCase, range: DoseRange, method: MethodTables): Change | null {
  const { exercise, last, owned } = of;
  const { progress, loading } = method.settings;
  if (owned.loadKg === null || last.sets.length === 0 || last.eased.length > 0) return null;
  if (isEnough(exercise, of.athlete) || fallOfLift(of, method)) return null;
  const from = { exerciseId: exercise.id, dose: owned };
  const target = owned.rir ?? 0;
  const leastReps = Math.min(...last.sets.map((set) => set.amount));
  const leastRir = leastOf(last.sets, target);
  if (leastReps < owned.amount || leastRir < target || last.sets.length < owned.sets) return null;
  if (last.sets.some((set) => set.fault !== null || (set.loadKg !== null && set.loadKg < (owned.loadKg ?? 0))))
    return null;
  const saw = { day: last.day, leastReps, leastRir, targetRir: target, topReps: range.amount[1], loadKg: owned.loadKg };
  const change = (kind: Change['kind'], to: Dose, rules: string[]): Change => ({
    kind,
    from,
    to: { exerciseId: exercise.id, dose: to },
    rules,
    saw,
  });
  if (owned.amount < range.amount[1]) return change('amount-up', { ...owned, amount: owned.amount + 1 }, ['PROG-9']);

  const stepped = stepAtLeast(owned.loadKg, loading.stepMin, of);
  if (stepped === null) return null;
  if ((stepped - owned.loadKg) / owned.loadKg <= loading.stepMax + 1e-9)
    return change('load-up', { ...owned, loadKg: stepped, percent: null }, ['PROG-9']);
  if (owned.amount < range.amount[1] + progress.repsAboveTop)
    return change('amount-up', { ...owned, amount: owned.amount + 1 }, ['PROG-9', 'DOSE-11']);
  return change('load-up', { ...owned, loadKg: stepped, amount: range.amount[0], percent: null }, [
    'PROG-9',
    'DOSE-11',
  ]);
}

function stepAtLeast(loadKg: number, share: number, { exercise, kit }: JudgedCase): number | null {
  let next = nextLoadUp(loadKg, exercise.load.kind, kit);
  while (next !== null && next - loadKg < loadKg * share - 1e-9) next = nextLoadUp(next, exercise.load.kind, kit);
  return next;
}
