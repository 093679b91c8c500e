import type { Exercise } from '../library';
import type { DoseRow, MethodTables } from '../method';
import type { Reason } from '../result';
import { percentFor } from '../testing';
import type { Dose } from './dose';
import { implementLoad, type LoadingKit } from './implement-load';

const UNLOADED: readonly Exercise['load']['kind'][] = ['bodyweight', 'band', 'ball'];

/** What is known of an athlete's strength in the reference lift of an entry. */
export interface KnownStrength {
  readonly e1rmKg: number | null;
  readonly ageYears: number | null;
  /** share of e1RM the day stays under, even below the row's band (WEEK-2); null = no such day */
  readonly below: number | null;
}

/** Whether an entry at a dose is done with a load that has to be known or found. */
export const takesLoad = (exercise: Exercise, dose: Dose): boolean =>
  !UNLOADED.includes(exercise.load.kind) && dose.rir !== null && dose.unit === 'reps';

/**
 * Puts % of 1RM and a load into a dose (DOSE-2, 5, 11): reps + RIR pick the percentage, held inside the row's band and
 * the youth limit (SAFE-3), and the load is rounded down to what can be loaded. Without an e1RM the dose stays by RIR
 * and the first session finds the load.
 * @returns the dose with or without a load, and the reason in either case; null reason where no load is meant
 */
export function prescribeLoad(
  dose: Dose,
  exercise: Exercise,
  row: DoseRow,
  strength: KnownStrength,
  kit: LoadingKit,
  method: MethodTables,
): { dose: Dose; reason: Reason | null } {
  const reference = exercise.load.oneRepMax;
  const rir = dose.rir ?? 0;
  if (takesLoad(exercise, dose) && (!reference || strength.e1rmKg === null))
    return {
      dose,
      reason: {
        code: 'load_to_be_found',
        rules: ['DOSE-2'],
        facts: { rir, rampLow: method.settings.loading.rampStep[0], rampHigh: method.settings.loading.rampStep[1] },
      },
    };
  if (!takesLoad(exercise, dose) || !reference || !row.intensity || strength.e1rmKg === null)
    return { dose, reason: null };
  const { loading, youth } = method.settings;
  const share = percentFor(loading.formula, dose.amount, rir, loading.maxPrescribingReps);
  if (!share.ok) return { dose, reason: null };
  const isYouth = strength.ageYears !== null && strength.ageYears < youth.underYears;
  const ceiling = Math.min(row.intensity[1], isYouth ? youth.maxIntensity : 1, strength.below ?? 1);
  const floor = strength.below === null ? row.intensity[0] : 0;
  const percent = Math.min(Math.max(share.value, floor), ceiling);
  const targetKg = percent * strength.e1rmKg * reference.ratio;
  const load = implementLoad(targetKg, exercise.load.kind, kit);
  if (!load.ok)
    return { dose, reason: { code: 'load_below_bar', rules: ['DOSE-11'], facts: { targetKg: round(targetKg) } } };
  return {
    dose: { ...dose, percent: round(percent), loadKg: load.value },
    reason: {
      code: 'load_from_e1rm',
      rules: ['DOSE-2', 'DOSE-5'],
      facts: { percent: round(percent), e1rmKg: round(strength.e1rmKg * reference.ratio), loadKg: load.value },
    },
  };
}

const round = (value: number): number => Math.round(value * 100) / 100;
