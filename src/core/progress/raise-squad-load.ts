import { isEnough } from '../athlete';
import { nextLoadUp } from '../dose';
import type { MethodTables } from '../method';
import type { Exposure } from '../track';
import type { Change } from './change';
import { fallOfLift, leastOf } from './fall-of-lift';
import type { JudgedCase } from './progress-case';

/**
 * PROG-9 and PROG-15 on a squad's card, where sets and reps are the squad's: what the block develops adds the smallest step
 * of at least 2 % when every set was done at its reserve; what it keeps, and a step above 5 %, after two answered times in
 * a row with more in reserve than asked (two more, above 5 %).
 */
export function raiseSquadLoad(of: JudgedCase, develops: boolean, method: MethodTables): Change | null {
  const { exercise, track, owned, kit } = of;
  const { loading } = method.settings;
  if (owned.loadKg === null || isEnough(exercise, of.athlete) || fallOfLift(of, method)) return null;
  const [last, before] = track.exposures;
  if (!last) return null;
  let to = nextLoadUp(owned.loadKg, exercise.load.kind, kit);
  while (to !== null && to - owned.loadKg < owned.loadKg * loading.stepMin - 1e-9)
    to = nextLoadUp(to, exercise.load.kind, kit);
  if (to === null) return null;
  const isBig = (to - owned.loadKg) / owned.loadKg > loading.stepMax + 1e-9;
  const spare = isBig ? 2 : develops ? 0 : 1;
  const earned = (one: Exposure | undefined): boolean =>
    one !== undefined && one.response !== null && reserveOver(one, owned.loadKg ?? 0) >= spare;
  if (!earned(last) || (spare > 0 && !earned(before))) return null;
  const from = { exerciseId: exercise.id, dose: owned };
  return {
    kind: 'load-up',
    from,
    to: { ...from, dose: { ...owned, loadKg: to, percent: null } },
    rules: spare > 0 ? ['PROG-9', 'PROG-15'] : ['PROG-9'],
    saw: {
      day: last.day,
      leastRir: leastOf(last.sets, last.dose.rir ?? 0),
      targetRir: last.dose.rir ?? 0,
      loadKg: owned.loadKg,
    },
  };
}

/** Reps in reserve beyond what was asked, in the worst set; −∞ where a set was missed, short, faulty or lighter. */
function reserveOver({ dose, sets, eased }: Exposure, loadKg: number): number {
  const target = dose.rir ?? 0;
  const whole =
    eased.length === 0 &&
    sets.length >= dose.sets &&
    sets.every(
      (set) =>
        set.fault === null &&
        set.amount >= dose.amount &&
        (set.loadKg === null || set.loadKg >= Math.min(loadKg, dose.loadKg ?? 0)),
    );
  return whole ? leastOf(sets, target) - target : -Infinity;
}
