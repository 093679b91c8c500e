import { isEnough } from '../athlete';
import { implementLoad, nextLoadUp, type Dose } from '../dose';
import type { MethodTables } from '../method';
import type { Change } from './change';
import type { LoggedSet } from './exposure';
import type { ProgressCase } from './progress-case';
import type { DoseRange } from './range';

/**
 * PROG-9, double progression: below the top of the range one rep more a set at RIR ≥ target; all sets at the top with
 * RIR ≥ target the smallest loadable step of at least 2 %; a step of more than 5 % first waits for two reps above the
 * top, then restarts at the bottom (DOSE-11); short by 2 RIR or reps missed, 2.5 to 5 % off. A lift that is strong
 * enough does not rise (DOSE-6).
 */
export function raiseLift(of: ProgressCase, range: DoseRange, method: MethodTables): Change | null {
  const { exercise, exposures, kit } = of;
  const [last] = exposures;
  const { dose } = last;
  const { progress, loading } = method.settings;
  if (dose.loadKg === null || last.sets.length === 0) return null;
  const from = { exerciseId: exercise.id, dose };
  const target = dose.rir ?? 0;
  const leastReps = Math.min(...last.sets.map((set) => set.amount));
  const leastRir = leastOf(last.sets, target);
  const saw = { day: last.day, leastReps, leastRir, targetRir: target, topReps: range.amount[1], loadKg: dose.loadKg };
  const change = (kind: Change['kind'], to: Dose, rules: string[]): Change => ({
    kind,
    from,
    to: { exerciseId: exercise.id, dose: to },
    rules,
    saw,
  });

  const missed = leastReps < dose.amount;
  if (missed || target - leastRir >= progress.shortRir) {
    const cut = implementLoad(
      dose.loadKg * (1 - (missed ? progress.missedCut : progress.shortCut)),
      exercise.load.kind,
      kit,
    );
    return cut.ok ? change('load-down', { ...dose, loadKg: cut.value, percent: null }, ['PROG-9']) : null;
  }
  if (isEnough(exercise, of.athlete)) return null;
  if (leastRir < target || last.sets.length < dose.sets || last.sets.some((set) => set.fault !== null)) return null;
  if (dose.amount < range.amount[1]) return change('amount-up', { ...dose, amount: dose.amount + 1 }, ['PROG-9']);

  const stepped = stepAtLeast(dose.loadKg, loading.stepMin, of);
  if (stepped === null) return null;
  if ((stepped - dose.loadKg) / dose.loadKg <= loading.stepMax + 1e-9)
    return change('load-up', { ...dose, loadKg: stepped, percent: null }, ['PROG-9']);
  if (dose.amount < range.amount[1] + progress.repsAboveTop)
    return change('amount-up', { ...dose, amount: dose.amount + 1 }, ['PROG-9', 'DOSE-11']);
  return change('load-up', { ...dose, loadKg: stepped, amount: range.amount[0], percent: null }, ['PROG-9', 'DOSE-11']);
}

/** A set without a typed RIR is taken at its target: it was logged as written. */
const leastOf = (sets: readonly LoggedSet[], target: number): number =>
  Math.min(...sets.map((set) => set.rir ?? target));

function stepAtLeast(loadKg: number, share: number, { exercise, kit }: ProgressCase): number | null {
  let next = nextLoadUp(loadKg, exercise.load.kind, kit);
  while (next !== null && next - loadKg < loadKg * share - 1e-9) next = nextLoadUp(next, exercise.load.kind, kit);
  return next;
}
