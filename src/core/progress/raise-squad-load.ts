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
 * a row with more in reserve than asked (two more, above 5 %). Where the start line asks for the gentle end only the reserve
 * moves a load: two more than asked, twice in a row (START-2, DOSE-2), since who is told to keep four has not found the load
 * that leaves ten.
 */
export function raiseSquadLoad(
  of: JudgedCase,
  may: 'develops' | 'kept' | 'gentle',
  method: MethodTables,
): Change | null {
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
  const spare = isBig || may === 'gentle' ? 2 : may === 'develops' ? 0 : 1;
  const earned = (one: Exposure | undefined): boolean =>
    one !== undefined && one.response !== null && reserveOver(one, owned.loadKg ?? 0) >= spare;
  if (!earned(last) || (spare > 0 && !earned(before))) return null;
  const from = { exerciseId: exercise.id, dose: owned };
  return {
    kind: 'load-up',
    from,
    to: { ...from, dose: { ...owned, loadKg: to, percent: null } },
    rules: may === 'gentle' ? ['PROG-9', 'START-2'] : spare > 0 ? ['PROG-9', 'PROG-15'] : ['PROG-9'],
    saw: {
      day: last.day,
      leastRir: reserveSaid(last),
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
  return whole ? reserveSaid({ dose, sets }) - target : -Infinity;
}

/** The least reserve of a time: of one in which a reserve was said, the sets tapped as written say nothing. */
function reserveSaid({ dose, sets }: Pick<Exposure, 'dose' | 'sets'>): number {
  const said = sets.filter(({ rir }) => rir !== null);
  return leastOf(said.length > 0 ? said : sets, dose.rir ?? 0);
}
